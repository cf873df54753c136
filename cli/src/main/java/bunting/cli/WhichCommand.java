package bunting.cli;

import bunting.core.show.StandardCatalogue;
import bunting.core.survey.PixelFinder;
import java.io.PrintWriter;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
    name = "which",
    mixinStandardHelpOptions = true,
    description = "Which pixel type is mine? Finds it by what can be seen and measured.")
final class WhichCommand implements Callable<Integer> {
  @Spec private CommandSpec spec = CommandSpec.create();

  @Option(names = "--volts", required = true, description = "Volts on the label.")
  private double volts;

  @Option(
      names = "--wires",
      defaultValue = "THREE",
      description = "Wires: ${COMPLETION-CANDIDATES}. Default ${DEFAULT-VALUE}.")
  private PixelFinder.Wires wires = PixelFinder.Wires.THREE;

  @Option(names = "--colours", defaultValue = "3", description = "3 for RGB, 4 for RGBW.")
  private int colours;

  @Option(names = "--leds-per-m", required = true, description = "LEDs, or bulbs, a metre.")
  private double ledsPerM;

  @Option(names = "--together", defaultValue = "1", description = "LEDs that light as one.")
  private int together;

  @Option(names = "--between-cuts", defaultValue = "1", description = "LEDs between cut marks.")
  private int betweenCuts;

  @Option(names = "--amps", description = "Amps by the meter, at full white ...")
  private @Nullable Double amps;

  @Option(names = "--on-m", description = "... on this length, metres.")
  private @Nullable Double metres;

  @Override
  public Integer call() throws Exception {
    if (!(volts > 0) || !(ledsPerM > 0) || together < 1 || betweenCuts < 1 || colours < 1) {
      throw new bunting.files.BadInputException(
          "Command line: volts, LEDs and colours should be numbers over 0.");
    }
    Optional<PixelFinder.Measured> measured =
        amps == null || metres == null
            ? Optional.empty()
            : Optional.of(new PixelFinder.Measured(amps, metres));
    PixelFinder.Found found =
        PixelFinder.find(
            StandardCatalogue.get(),
            new PixelFinder.Seen(volts, wires, colours, ledsPerM, together, betweenCuts, measured));
    PrintWriter to = spec.commandLine().getOut();
    if (found.plainSet()) {
      to.println("No chip in it: a plain set for PWM outputs, light_kind rgb-set in RUNS.csv.");
      return 0;
    }
    for (PixelFinder.Match m : found.matches()) {
      to.println(m.type().id() + (m.fits() ? ": fits" : ": " + String.join("; ", m.differences())));
    }
    var t = found.made();
    to.println(
        "or your own: "
            + t.name()
            + ", "
            + bunting.core.show.Texts.number(t.milliampsFull())
            + " mA a pixel "
            + (t.measured() ? "by your meter" : "assumed"));
    return 0;
  }
}
