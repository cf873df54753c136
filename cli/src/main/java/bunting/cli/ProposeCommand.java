package bunting.cli;

import bunting.core.propose.BetterPlan;
import bunting.core.propose.Proposal;
import bunting.core.propose.Share;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.Texts;
import bunting.files.ProposalWriter;
import bunting.files.ShowFiles;
import bunting.files.log.SeasonFiles;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
    name = "propose",
    mixinStandardHelpOptions = true,
    description =
        "Looks for a better plan beside the accepted one and says what it saves and what it moves."
            + " It changes nothing.")
final class ProposeCommand implements Callable<Integer> {
  @Spec private CommandSpec spec = CommandSpec.create();

  @Parameters(paramLabel = "SHOW", description = "A show file, or a run list.")
  private Path show = Path.of("");

  @Option(names = "--json", description = "As JSON.")
  private boolean json;

  @Option(
      names = "--apply",
      paramLabel = "KEPT.bunting.json",
      description = "Also writes the show with the better plan accepted.")
  private @Nullable Path apply;

  @Override
  public Integer call() throws Exception {
    Show read = ShowFiles.open(show);
    Proposal proposal;
    try (Waiting waiting = Waiting.atTerminal(Planning.FIRST, Planning.AFTER_STOP)) {
      proposal = BetterPlan.find(read, Planning.watch(waiting));
    }
    if (apply != null) {
      SeasonFiles.save(apply, proposal.proposed().reading().show(), ShowFiles.inputs(show));
    }
    PrintWriter to = spec.commandLine().getOut();
    if (json) {
      to.print(ProposalWriter.write(proposal));
    } else {
      lines(proposal).forEach(to::println);
    }
    to.flush();
    return 0;
  }

  private static List<String> lines(Proposal p) {
    ShowSettings settings = p.yours().reading().show().settings();
    List<String> lines = new ArrayList<>();
    if (p.yours().equals(p.proposed())) {
      lines.add("No better plan found. Build cost: " + settings.price(p.cost()) + ".");
      return lines;
    }
    lines.add(
        "Better plan found: build cost "
            + settings.price(p.cost())
            + " -> "
            + settings.price(p.proposedCost())
            + ".");
    if (p.placed() > 0) {
      lines.add("It places " + Texts.count(p.placed(), "more run", "more runs") + ".");
    }
    p.moved().forEach(m -> lines.add("  " + m.run() + " moves from " + m.from() + " to " + m.to()));
    list(lines, "Runs with other addresses", p.kept().readdressed());
    list(lines, "Controllers added", p.controllersAdded());
    list(lines, "Controllers removed", p.controllersRemoved());
    list(lines, "Feeds added", p.feedsAdded());
    list(lines, "Feeds removed", p.feedsRemoved());
    for (Share share : p.shares()) {
      lines.add(
          String.join(", ", share.controllers())
              + " alone saves "
              + settings.price(share.saving())
              + ".");
    }
    return lines;
  }

  private static void list(List<String> lines, String what, List<String> names) {
    if (!names.isEmpty()) {
      lines.add(what + ": " + String.join(", ", names));
    }
  }
}
