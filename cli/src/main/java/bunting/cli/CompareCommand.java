package bunting.cli;

import bunting.core.plan.VoltageComparison;
import bunting.core.plan.VoltageOption;
import bunting.core.revision.Revision;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.files.BadInputException;
import bunting.files.ShowFiles;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
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
    description =
        "Plans the runs at 5, 12, 24, 36 and 48 V and shows what each would take; or, with another"
            + " show, tells what differs.")
final class CompareCommand implements Callable<Integer> {
  @Spec private CommandSpec spec = CommandSpec.create();

  @Parameters(paramLabel = "SHOW", description = "A show file, or a run list.")
  private Path show = Path.of("");

  @Option(names = "--run", paramLabel = "NAME", description = "This run alone; as often as needed.")
  private List<String> names = List.of();

  @Option(
      names = "--with",
      paramLabel = "OLD",
      description = "Another revision or season: what is new, gone and moved since.")
  private Optional<Path> with = Optional.empty();

  @Override
  public Integer call() throws Exception {
    Show read = ShowFiles.open(show);
    if (with.isPresent()) {
      if (!names.isEmpty()) {
        throw new BadInputException("Command line: --with compares whole shows; leave --run out.");
      }
      differences(
          Revision.of(
              Planning.of(ShowFiles.open(with.get())).reading(), Planning.of(read).reading()));
      return 0;
    }
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

  private void differences(Revision revision) {
    PrintWriter to = spec.commandLine().getOut();
    if (revision.same()) {
      to.println("Nothing differs.");
    }
    for (Revision.OfRun r : revision.runs()) {
      to.println(r.state().name().toLowerCase(Locale.ROOT) + "  " + r.run());
      for (Revision.Fact f : r.facts()) {
        String arrow =
            f.before().isEmpty()
                ? f.after()
                : f.after().isEmpty() ? f.before() : f.before() + " -> " + f.after();
        to.println("    " + f.what() + ": " + arrow);
      }
    }
    for (Revision.Sum s : revision.sums()) {
      to.println(
          s.what()
              + ": "
              + Texts.fixed(s.before(), 1)
              + " -> "
              + (Texts.fixed(s.after(), 1) + " " + s.unit()).strip());
    }
    to.flush();
  }

  private static String currency(String name) {
    return name.isEmpty() ? "" : ", " + name;
  }
}
