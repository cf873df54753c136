package bunting.cli;

import bunting.core.plan.Assessment;
import bunting.files.PlanWriter;
import bunting.files.ShowFiles;
import bunting.files.WholeFile;
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

  @Override
  public Integer call() throws Exception {
    Optional<Path> own = Optional.ofNullable(settings);
    Assessment plan = Planning.of(ShowFiles.planned(runs, own));
    WholeFile.write(out, PlanWriter.write(plan), ShowFiles.inputs(runs, own));
    return plan.stops() ? Main.STOPPED : 0;
  }
}
