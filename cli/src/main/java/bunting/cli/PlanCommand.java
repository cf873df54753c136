package bunting.cli;

import bunting.core.plan.Assessment;
import bunting.core.plan.Keeping;
import bunting.core.show.Show;
import bunting.files.BadInputException;
import bunting.files.PlanWriter;
import bunting.files.ShowFiles;
import bunting.files.WholeFile;
import bunting.files.log.SeasonFiles;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
    name = "plan",
    mixinStandardHelpOptions = true,
    description =
        "Plans a run list or a show and writes PLAN.json; exit 1 if it must not be built as it is.")
final class PlanCommand implements Callable<Integer> {
  @Parameters(paramLabel = "RUNS.csv|SHOW", description = "A run list, or a show file.")
  private Path runs = Path.of("");

  @Option(
      names = "--settings",
      paramLabel = "S.json",
      description = "Settings of the show; without it SETTINGS.json beside the list.")
  private @Nullable Path settings;

  @Option(
      names = "--out",
      required = true,
      paramLabel = "PLAN.json",
      description = "The plan to write.")
  private Path out = Path.of("");

  @Option(
      names = "--keep",
      paramLabel = "KEPT.bunting.json",
      description = "Also writes the show with this plan as its accepted plan.")
  private @Nullable Path keep;

  @Option(
      names = "--afresh",
      description = "Plans as if no plan had been accepted. Pins and issued addresses stay.")
  private boolean afresh;

  @Override
  public Integer call() throws Exception {
    Optional<Path> own = Optional.ofNullable(settings);
    Path[] inputs = ShowFiles.inputs(runs, own);
    Show show = ShowFiles.planned(runs, own);
    Assessment plan = Planning.of(afresh ? show.withAccepted(Optional.empty()) : show);
    if (keep != null) {
      keep(keep, plan, inputs);
    }
    WholeFile.write(out, PlanWriter.write(plan), inputs);
    return plan.stops() ? Main.STOPPED : 0;
  }

  private void keep(Path kept, Assessment plan, Path... inputs) throws BadInputException {
    if (kept.toAbsolutePath().normalize().equals(out.toAbsolutePath().normalize())) {
      throw BadInputException.of(kept, "--keep and --out are one file; give two names.");
    }
    SeasonFiles.save(kept, Keeping.accept(plan.reading()), inputs);
  }
}
