package bunting.cli;

import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.files.Papers;
import bunting.files.ShowFiles;
import java.nio.file.Path;
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
        "Writes box-lid cards, patch table, count sheet, cut and order lists, as PDF and CSV.")
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

  @Override
  public Integer call() throws Exception {
    Assessment plan = Assessor.plan(ShowFiles.open(show));
    for (Path paper : Papers.write(plan, out, ShowFiles.inputs(show))) {
      spec.commandLine().getOut().println(paper);
    }
    return plan.stops() ? Main.STOPPED : 0;
  }
}
