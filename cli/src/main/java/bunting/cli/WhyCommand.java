package bunting.cli;

import bunting.core.explain.Line;
import bunting.core.plan.Assessment;
import bunting.core.plan.OtherBox;
import bunting.core.plan.SmallestChange;
import bunting.core.plan.TrunkOffer;
import bunting.core.plan.WhyHere;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.files.BadInputException;
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
    name = "why",
    mixinStandardHelpOptions = true,
    description = "Why a run is where it is, and what would place it if it is not.")
final class WhyCommand implements Callable<Integer> {
  @Spec private CommandSpec spec = CommandSpec.create();

  @Parameters(paramLabel = "SHOW", description = "A show file, or a run list.")
  private Path show = Path.of("");

  @Option(names = "--run", required = true, paramLabel = "NAME", description = "Which run.")
  private String name = "";

  @Override
  public Integer call() throws Exception {
    Show read = ShowFiles.open(show);
    Run run = read.run(name).orElse(null);
    if (run == null) {
      throw new BadInputException("Command line: --run should name a run of the show.");
    }
    Assessment plan = Planning.of(read);
    PrintWriter to = spec.commandLine().getOut();
    WhyHere.of(plan.reading(), run).forEach(l -> print(to, l));
    OtherBox.next(plan.reading(), run).map(OtherBox.Place::line).ifPresent(l -> print(to, l));
    plan.reading().segmentsOf(name).stream()
        .findFirst()
        .flatMap(s -> TrunkOffer.of(plan.reading(), s.segment().controller()))
        .ifPresent(o -> print(to, o.line(plan.reading())));
    plan.reading().decisions().unplaced().stream()
        .filter(u -> u.run().equals(name))
        .forEach(
            u -> {
              to.println("Not placed: it " + u.lacks());
              to.println(
                  "The smallest change that places it: "
                      + SmallestChange.of(read, u)
                          .map(SmallestChange.Change::text)
                          .orElse("none of those that were tried"));
            });
    return 0;
  }

  private static void print(PrintWriter to, Line line) {
    to.println(line.title() + "  " + line.figure() + ": " + line.arithmetic());
  }
}
