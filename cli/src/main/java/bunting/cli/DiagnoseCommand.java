package bunting.cli;

import bunting.core.assess.Reading;
import bunting.core.faults.Cause;
import bunting.core.faults.Diagnosis;
import bunting.core.faults.FaultText;
import bunting.core.faults.Layout;
import bunting.core.faults.NextTest;
import bunting.core.faults.Observed;
import bunting.core.faults.Pictures;
import bunting.files.CausesWriter;
import bunting.files.SeenReader;
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
    name = "diagnose",
    mixinStandardHelpOptions = true,
    description = "From what was seen and measured to what is wrong, and what to try next.")
final class DiagnoseCommand implements Callable<Integer> {
  private static final int SHOWN = 8;

  @Spec private CommandSpec spec = CommandSpec.create();

  @Parameters(paramLabel = "SHOW", description = "A show file, or a run list.")
  private Path show = Path.of("");

  @Option(
      names = "--seen",
      required = true,
      paramLabel = "SEEN.json",
      description = "What was seen and measured.")
  private Path seen = Path.of("");

  @Option(names = "--json", description = "As JSON.")
  private boolean json;

  @Override
  public Integer call() throws Exception {
    Reading reading = Planning.of(ShowFiles.open(show)).reading();
    Observed observed = SeenReader.read(seen, reading);
    Diagnosis.Answer answer = new Diagnosis(new Pictures(new Layout(reading))).of(observed);
    PrintWriter out = spec.commandLine().getOut();
    if (json) {
      out.print(CausesWriter.write(answer));
    } else {
      for (Cause c : answer.causes().stream().limit(SHOWN).toList()) {
        out.println(Math.round(100 * c.share()) + " %  " + c.why());
        out.println("      " + FaultText.cure(c.fault()));
      }
      for (NextTest t : answer.tests()) {
        out.println("Next: " + t.text() + " (" + t.tells() + ")");
      }
    }
    out.flush();
    return 0;
  }
}
