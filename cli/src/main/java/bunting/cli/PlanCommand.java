package bunting.cli;

import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
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
    description = "Plans a run list and writes PLAN.json; exit 1 if it must not be built as it is.")
final class PlanCommand implements Callable<Integer> {
  @Parameters(paramLabel = "RUNS.csv", description = "The run list.")
  private Path runs = Path.of("");

  @Option(names = "--settings", paramLabel = "S.json", description = "Settings of the show.")
  private @Nullable Path settings;

  @Option(
      names = "--out",
      required = true,
      paramLabel = "PLAN.json",
      description = "The plan to write.")
  private Path out = Path.of("");

  @Override
  public Integer call() throws Exception {
    Assessment plan = Assessor.plan(ShowFiles.readRuns(runs, Optional.ofNullable(settings)));
    Path[] inputs = settings == null ? new Path[] {runs} : new Path[] {runs, settings};
    WholeFile.write(out, PlanWriter.write(plan), inputs);
    return plan.stops() ? Main.STOPPED : 0;
  }
}
