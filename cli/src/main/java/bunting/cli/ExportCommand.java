package bunting.cli;

import bunting.files.RunsWriter;
import bunting.files.ShowFiles;
import bunting.files.TextFiles;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
    name = "export",
    mixinStandardHelpOptions = true,
    description = "Writes the run list of a show as RUNS.csv.")
final class ExportCommand implements Callable<Integer> {
  @Parameters(paramLabel = "SHOW", description = "A show file, or a run list.")
  private Path show = Path.of("");

  @Option(
      names = "--out",
      required = true,
      paramLabel = "RUNS.csv",
      description = "The list to write.")
  private Path out = Path.of("");

  @Override
  public Integer call() throws Exception {
    TextFiles.write(out, RunsWriter.write(ShowFiles.open(show)));
    return 0;
  }
}
