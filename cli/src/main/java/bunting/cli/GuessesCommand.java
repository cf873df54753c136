package bunting.cli;

import bunting.core.assess.Reading;
import bunting.core.checks.GuessFlips;
import bunting.core.guess.Flip;
import bunting.core.guess.Guesses;
import bunting.core.guess.Packs;
import bunting.core.guess.Walk;
import bunting.core.show.Run;
import bunting.core.show.Texts;
import bunting.files.GuessesWriter;
import bunting.files.ShowFiles;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
    name = "guesses",
    mixinStandardHelpOptions = true,
    description =
        "What would flip within the guessed lengths of a show, and what to measure again.")
final class GuessesCommand implements Callable<Integer> {
  @Spec private CommandSpec spec = CommandSpec.create();

  @Parameters(paramLabel = "SHOW", description = "A show file, or a run list.")
  private Path show = Path.of("");

  @Option(names = "--json", description = "As JSON.")
  private boolean json;

  @Override
  public Integer call() throws Exception {
    Reading reading = Planning.of(ShowFiles.open(show)).reading();
    List<Flip> flips = new ArrayList<>(GuessFlips.of(reading));
    flips.addAll(Packs.of(reading));
    PrintWriter to = spec.commandLine().getOut();
    if (json) {
      to.print(GuessesWriter.write(reading, flips));
    } else {
      lines(reading, flips).forEach(to::println);
    }
    to.flush();
    return 0;
  }

  private static List<String> lines(Reading reading, List<Flip> flips) {
    List<Run> guessed = Guesses.guessed(reading);
    List<String> lines = new ArrayList<>();
    lines.add(
        guessed.isEmpty()
            ? "Nothing is guessed: give a run length_guess_percent, lead_guess_percent or"
                + " length_read_off."
            : Texts.count(guessed.size(), "run is", "runs are")
                + " guessed; "
                + (flips.isEmpty()
                    ? "nothing flips within that."
                    : Texts.count(flips.size(), "thing flips", "things flip") + " within that:"));
    for (Flip f : flips) {
      lines.add("  " + f.kind().words() + ", " + f.end().words() + ": " + f.says() + by(f));
    }
    int rank = 0;
    for (Walk w : Walk.of(flips)) {
      lines.add("Walk " + ++rank + ": measure " + w.run() + "; it settles " + settles(w) + ".");
    }
    return lines;
  }

  private static String by(Flip f) {
    String how = f.alone().isEmpty() ? "together " : f.alone().size() > 1 ? "each alone " : "";
    return " [" + how + String.join(", ", f.runs()) + "]";
  }

  private static String settles(Walk w) {
    long together = w.flips().size() - w.alone();
    List<String> parts = new ArrayList<>();
    if (w.alone() > 0) {
      parts.add(Texts.count(w.alone(), "thing", "things") + " by itself");
    }
    if (together > 0) {
      parts.add(Texts.count(together, "thing", "things") + " with others");
    }
    return String.join(" and ", parts);
  }
}
