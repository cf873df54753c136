package bunting.cli;

import bunting.core.assess.Reading;
import bunting.core.hookup.Cords;
import bunting.core.hookup.MainsSheet;
import bunting.core.hookup.MainsWords;
import bunting.core.hookup.Standby;
import bunting.core.show.Texts;
import bunting.core.units.Lengths;
import bunting.files.MainsWriter;
import bunting.files.ShowFiles;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
    name = "mains",
    mixinStandardHelpOptions = true,
    description = "What each circuit and phase carries, what may start together, the dark.")
final class MainsCommand implements Callable<Integer> {
  @Spec private CommandSpec spec = CommandSpec.create();

  @Parameters(paramLabel = "SHOW", description = "A show file, or a run list.")
  private Path show = Path.of("");

  @Option(names = "--json", description = "As JSON.")
  private boolean json;

  @Override
  public Integer call() throws Exception {
    Reading reading = Planning.of(ShowFiles.open(show)).reading();
    MainsSheet sheet = MainsSheet.of(reading);
    PrintWriter out = spec.commandLine().getOut();
    if (json) {
      out.print(MainsWriter.write(sheet));
    } else {
      print(reading, sheet, out);
    }
    out.flush();
    return 0;
  }

  private static void print(Reading reading, MainsSheet sheet, PrintWriter out) {
    Lengths lengths = Lengths.of(reading.show());
    if (sheet.circuits().isEmpty()) {
      out.println("No circuits are given: the mains are not checked.");
    }
    for (MainsSheet.OnCircuit c : sheet.circuits()) {
      double volts = c.circuit().volts();
      String phase =
          c.circuit().facts().phase().isPresent()
              ? ", phase " + c.circuit().facts().phase().getAsInt()
              : "";
      out.println("Circuit " + c.circuit().id() + ", " + Texts.number(volts) + " V" + phase);
      MainsWords.circuit(c).forEach(l -> out.println("  " + l));
      if (c.used()) {
        out.println("  " + MainsWords.breaker(c.circuit()));
        MainsWords.starting(c).forEach(l -> out.println("  " + l));
        out.println("  " + MainsWords.switchgear(c));
        for (Cords.Cord cord : sheet.cords()) {
          if (cord.circuit().equals(c.circuit().id())) {
            out.println("  cord to " + MainsWords.cord(cord, volts, lengths));
          }
        }
      }
    }
    sheet
        .phases()
        .forEach(p -> out.println("Phase " + p.phase() + ": " + Texts.fixed(p.amps(), 2) + " A"));
    for (Standby.Dark d : sheet.standby()) {
      out.println(MainsWords.dark(d));
    }
    out.println(MainsWords.CAUTION);
  }
}
