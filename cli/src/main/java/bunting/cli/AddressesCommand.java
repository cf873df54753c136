package bunting.cli;

import bunting.core.addressing.HandingOut;
import bunting.core.addressing.HandingOut.State;
import bunting.core.assess.Patches;
import bunting.core.assess.Reading;
import bunting.core.plan.HandOuts;
import bunting.core.show.HandOut;
import bunting.core.show.Show;
import bunting.files.BadInputException;
import bunting.files.ShowFiles;
import bunting.files.log.SeasonFiles;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
    name = "addresses",
    mixinStandardHelpOptions = true,
    description =
        "What changed since addresses were handed out; hands them out, or takes them back.")
final class AddressesCommand implements Callable<Integer> {
  @Spec private CommandSpec spec = CommandSpec.create();

  @Parameters(paramLabel = "SHOW", description = "A show file, or a run list.")
  private Path show = Path.of("");

  @Option(names = "--hand-out", description = "Nail everything as it is planned now.")
  private boolean hand;

  @Option(names = "--to", paramLabel = "WHOM", description = "To whom.")
  private String to = "";

  @Option(names = "--date", paramLabel = "DATE", description = "When, such as 2026-11-03; today.")
  private Optional<LocalDate> date = Optional.empty();

  @Option(names = "--take-back", description = "Let everything move again.")
  private boolean back;

  @Option(names = "--run", paramLabel = "NAME", description = "Take back this run alone.")
  private Optional<String> run = Optional.empty();

  @Option(names = "--out", paramLabel = "SHOW", description = "The show file to write.")
  private Optional<Path> out = Optional.empty();

  @Override
  public Integer call() throws Exception {
    if (((hand || back) && out.isEmpty()) || (hand && back)) {
      throw new BadInputException(
          "Command line: give --hand-out or --take-back, one of them, with --out SHOW.");
    }
    Show read = ShowFiles.open(show);
    if (back) {
      SeasonFiles.save(out.orElseThrow(), HandOuts.takeBack(read, run), ShowFiles.inputs(show));
      return 0;
    }
    Reading plan = Planning.of(read).reading();
    Optional<HandOut> handOut = read.allotting().handOut();
    PrintWriter print = spec.commandLine().getOut();
    List<HandingOut.Change> changes =
        handOut.map(h -> HandingOut.changes(h, Patches.of(plan))).orElse(List.of());
    if (handOut.isEmpty()) {
      print.println("Not handed out.");
    } else {
      long stay = changes.stream().filter(c -> c.state() == State.STAYS).count();
      print.println("Handed out " + handOut.get().date() + "; " + stay + " stay.");
    }
    for (HandingOut.Change c : changes) {
      if (c.state() != State.STAYS) {
        String where = (c.before() + " -> " + c.after()).strip();
        print.println(c.state().text() + " " + c.run() + ": " + where);
      }
    }
    if (hand) {
      String day = date.orElseGet(LocalDate::now).toString();
      SeasonFiles.save(
          out.orElseThrow(), HandOuts.handOut(read, plan, day, to), ShowFiles.inputs(show));
    }
    return 0;
  }
}
