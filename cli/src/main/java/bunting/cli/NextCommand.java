package bunting.cli;

import bunting.core.season.NextSeason;
import bunting.core.season.Place;
import bunting.core.show.Show;
import bunting.core.show.edit.Names;
import bunting.files.BadInputException;
import bunting.files.ShowFiles;
import bunting.files.codec.Kind;
import bunting.files.log.SeasonFiles;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
    name = "next",
    mixinStandardHelpOptions = true,
    description =
        "Begins the next season from this one: what was planned is built, its addresses are handed"
            + " out, and its log goes along; or, with --place, another show at the same place.")
final class NextCommand implements Callable<Integer> {
  @Spec private CommandSpec spec = CommandSpec.create();

  @Parameters(paramLabel = "SHOW", description = "A show file, or a run list.")
  private Path show = Path.of("");

  @Option(
      names = "--out",
      required = true,
      paramLabel = "NEW",
      description = "The show file to write; it must not be there yet.")
  private Path out = Path.of("");

  @Option(
      names = "--name",
      paramLabel = "NAME",
      description = "What it is called; by default the same with the next year.")
  private Optional<String> name = Optional.empty();

  @Option(
      names = "--place",
      description = "Keep the place alone: its measures, circuits and network, nothing that hangs.")
  private boolean place;

  @Option(names = "--date", paramLabel = "D", description = "Its first day; today by default.")
  private Optional<String> date = Optional.empty();

  @Override
  public Integer call() throws Exception {
    LocalDate day = day();
    Show read = ShowFiles.open(show);
    String called = name.orElseGet(() -> NextSeason.nameAfter(read, day));
    if (!Names.sound(called)) {
      throw new BadInputException(
          "--name: it should have 1 to " + Names.LENGTH_MAX + " characters.");
    }
    PrintWriter to = spec.commandLine().getOut();
    if (place) {
      SeasonFiles.begin(out, Place.of(read, called), ShowFiles.inputs(show));
      to.println(called + " begins at the same place, in " + out.getFileName() + ".");
    } else {
      NextSeason next =
          SeasonFiles.next(
              Planning.of(read).reading(), show, out, called, day, ShowFiles.inputs(show));
      to.println(
          called
              + " begins in "
              + out.getFileName()
              + ": "
              + next.show().runs().size()
              + " runs stand, their addresses do not move; "
              + next.entries().size()
              + " lines were added to its log.");
    }
    to.flush();
    return 0;
  }

  /** As the log takes days: what it would refuse is refused here. */
  private LocalDate day() throws BadInputException {
    Kind<LocalDate> days = Kind.day();
    Optional<LocalDate> day =
        date.isPresent()
            ? days.parse().apply(date.get())
            : Optional.of(LocalDate.now(ZoneId.systemDefault()));
    return day.orElseThrow(
        () -> new BadInputException("--date: it should be " + days.typed() + "."));
  }
}
