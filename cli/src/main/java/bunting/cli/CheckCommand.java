package bunting.cli;

import bunting.core.checks.Finding;
import bunting.core.plan.Assessment;
import bunting.files.FindingsWriter;
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
    name = "check",
    mixinStandardHelpOptions = true,
    description = "Prints the findings of a show, one a line; exit 1 if one says stop.")
final class CheckCommand implements Callable<Integer> {
  @Spec private CommandSpec spec = CommandSpec.create();

  @Parameters(paramLabel = "SHOW.bunting.json", description = "The show file.")
  private Path show = Path.of("");

  @Option(names = "--json", description = "As JSON.")
  private boolean json;

  @Override
  public Integer call() throws Exception {
    Assessment plan = Planning.of(ShowFiles.open(show));
    PrintWriter out = spec.commandLine().getOut();
    if (json) {
      out.print(FindingsWriter.write(plan.findings()));
      out.flush();
    } else {
      for (Finding f : plan.findings()) {
        out.println(f.severity().id() + " " + f.code() + ": " + f.message());
      }
    }
    return plan.stops() ? Main.STOPPED : 0;
  }
}
