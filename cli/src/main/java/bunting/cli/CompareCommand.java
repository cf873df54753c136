package bunting.cli;

import bunting.core.plan.VoltageComparison;
import bunting.core.plan.VoltageOption;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.files.BadInputException;
import bunting.files.ShowFiles;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
    name = "compare",
    mixinStandardHelpOptions = true,
    description = "Plans the runs at 5, 12, 24, 36 and 48 V and shows what each would take.")
final class CompareCommand implements Callable<Integer> {
  @Spec private CommandSpec spec = CommandSpec.create();

  @Parameters(paramLabel = "SHOW", description = "A show file, or a run list.")
  private Path show = Path.of("");

  @Option(names = "--run", paramLabel = "NAME", description = "This run alone; as often as needed.")
  private List<String> names = List.of();

  @Override
  public Integer call() throws Exception {
    Show read = ShowFiles.open(show);
    for (String name : names) {
      if (read.run(name).isEmpty()) {
        throw new BadInputException("Command line: --run should name a run of the show.");
      }
    }
    PrintWriter to = spec.commandLine().getOut();
    to.println(
        "volts     amps  feeds  cable m  copper kg  fuses  supplies  least %     cost"
            + currency(read.settings().currency()));
    for (double volts : VoltageComparison.VOLTS) {
      VoltageOption o = VoltageComparison.at(volts, read, Set.copyOf(names));
      var t = o.plan().reading().totals();
      to.println(
          String.format(
              Locale.ROOT,
              "%5s %8.1f %6d %8.1f %10.2f %6d %9d %8.1f %8.0f%s",
              Texts.number(volts),
              t.amps(),
              t.feeds(),
              o.copper().cableM(),
              o.copper().kilograms(),
              o.fuses(),
              t.supplies(),
              t.minVoltsPercent(),
              t.buildCost(),
              o.unplacedPixels() > 0 ? "  " + o.unplacedPixels() + " pixels not placed" : ""));
    }
    return 0;
  }

  private static String currency(String name) {
    return name.isEmpty() ? "" : ", " + name;
  }
}
