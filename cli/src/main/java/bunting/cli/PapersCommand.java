package bunting.cli;

import bunting.core.plan.Assessment;
import bunting.files.BadInputException;
import bunting.files.ShowFiles;
import bunting.files.log.LogFile;
import bunting.files.papers.PageSize;
import bunting.files.papers.Papers;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
    name = "papers",
    mixinStandardHelpOptions = true,
    description =
        "Writes the papers: cards, labels, lists, sheets, poster; as PDF, tables as CSV and XLSX"
            + " too, and an index.json of them.")
final class PapersCommand implements Callable<Integer> {
  @Spec private CommandSpec spec = CommandSpec.create();

  @Parameters(paramLabel = "SHOW", description = "A show file, or a run list.")
  private Path show = Path.of("");

  @Option(
      names = "--out",
      required = true,
      paramLabel = "DIR",
      description = "Folder for the papers.")
  private Path out = Path.of("");

  @Option(
      names = "--only",
      split = ",",
      paramLabel = "ID",
      description = "These papers alone, their ids with commas between.")
  private List<String> only = List.of();

  @Option(names = "--page", paramLabel = "SIZE", description = "A4 or Letter; A4 by default.")
  private String page = "A4";

  @Option(
      names = "--date",
      paramLabel = "DATE",
      description = "What stands on them as their date, such as 2026-11-28; today by default.")
  private String date = "";

  @Override
  public Integer call() throws Exception {
    Set<String> ids = ids();
    PageSize size = size();
    LocalDate day = date();
    Assessment plan = Planning.of(ShowFiles.open(show));
    Papers.Order order = new Papers.Order(ids, size, day, LogFile.beside(show).read());
    try (Waiting waiting = Waiting.atTerminal("Papers: tables", "papers may be missing then.")) {
      Papers.Watch watch =
          (title, done, all) -> {
            waiting.doing("Papers: " + title + ", " + done + " of " + all + " done");
            return true;
          };
      for (Path paper : Papers.write(plan, out, order, watch, ShowFiles.inputs(show))) {
        spec.commandLine().getOut().println(paper);
      }
    }
    return plan.stops() ? Main.STOPPED : 0;
  }

  private Set<String> ids() throws BadInputException {
    Set<String> ids = new LinkedHashSet<>();
    for (String id : only) {
      String wanted = id.strip();
      if (!Papers.ids().contains(wanted)) {
        throw new BadInputException(
            "--only: "
                + BadInputException.echo(wanted)
                + " is no paper; there are "
                + String.join(", ", Papers.ids())
                + ".");
      }
      ids.add(wanted);
    }
    return ids;
  }

  private PageSize size() throws BadInputException {
    return PageSize.of(page)
        .orElseThrow(
            () ->
                new BadInputException(
                    "--page: " + BadInputException.echo(page) + " should be A4 or Letter."));
  }

  private LocalDate date() throws BadInputException {
    try {
      return date.isEmpty() ? LocalDate.now(ZoneId.systemDefault()) : LocalDate.parse(date);
    } catch (DateTimeParseException e) {
      throw new BadInputException(
          "--date: " + BadInputException.echo(date) + " should be a date such as 2026-11-28.");
    }
  }
}
