package bunting.cli;

import bunting.core.assess.Reading;
import bunting.core.show.Show;
import bunting.core.whatif.Outcome;
import bunting.core.whatif.WhatIf;
import bunting.files.LossWriter;
import bunting.files.ShowFiles;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
    name = "lose",
    mixinStandardHelpOptions = true,
    description = "What happens when any one fuse, feed, lead, input wire or supply is lost.")
final class LoseCommand implements Callable<Integer> {
  @Spec private CommandSpec spec = CommandSpec.create();

  @Parameters(paramLabel = "SHOW", description = "A show file, or a run list.")
  private Path show = Path.of("");

  @Option(names = "--json", description = "As JSON.")
  private boolean json;

  @Override
  public Integer call() throws Exception {
    Show read = ShowFiles.open(show);
    Reading reading = Planning.of(read).reading();
    WhatIf whatIf = new WhatIf(reading);
    List<Outcome> all = json ? whatIf.all() : whatIf.forPeople();
    PrintWriter to = spec.commandLine().getOut();
    if (json) {
      to.print(LossWriter.write(all));
    } else {
      all.forEach(o -> to.println(o.name() + ": " + o.text()));
    }
    to.flush();
    return 0;
  }
}
