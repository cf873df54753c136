package bunting.cli;

import bunting.files.ShowFiles;
import bunting.files.papers.PatchFiles;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
    name = "export",
    mixinStandardHelpOptions = true,
    description =
        "Writes the run list of a show as RUNS.csv, or with --patch its addresses (csv, xlsx, json)"
            + " or rig (mvr).")
final class ExportCommand implements Callable<Integer> {
  @Parameters(paramLabel = "SHOW", description = "A show file, or a run list.")
  private Path show = Path.of("");

  @Option(
      names = "--out",
      required = true,
      paramLabel = "RUNS.csv",
      description = "The list to write.")
  private Path out = Path.of("");

  @Option(
      names = "--patch",
      description = "Write the patch in the format of the file's ending, not the run list.")
  private boolean patch;

  @Override
  public Integer call() throws Exception {
    if (patch) {
      PatchFiles.write(Planning.of(ShowFiles.open(show)), out, ShowFiles.inputs(show));
      return 0;
    }
    ShowFiles.writeRuns(out, ShowFiles.open(show), ShowFiles.inputs(show));
    return 0;
  }
}
