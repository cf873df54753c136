package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.guess.Alarm;
import bunting.core.guess.Flip;
import bunting.core.guess.Guesses;
import bunting.core.guess.Walk;
import bunting.core.show.Guess;
import bunting.core.show.Run;
import bunting.core.show.Texts;
import java.util.List;

/** A plan by guessed measures holds only as far as they do. */
public final class GuessFlips implements Check {
  @Override
  public String code() {
    return "guess";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "A guessed length that turns out otherwise wants feeds, cable or a port that are not"
        + " there.";
  }

  @Override
  public String source() {
    return "the plan as it is, with each guess at the ends of its range";
  }

  /** What flips within the guesses of a plan, by all that these checks warn of. */
  public static List<Flip> of(Reading reading) {
    return Guesses.of(
        reading,
        r ->
            Checks.examine(r).stream()
                .filter(f -> f.severity() != Severity.NOTE)
                .map(f -> new Alarm(f.code(), f.subject().id(), f.message()))
                .toList());
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    for (Walk w : Walk.of(of(reading))) {
      Run run = reading.show().run(w.run()).orElseThrow();
      Flip first = w.flips().getFirst();
      int more = w.flips().size() - 1;
      to.report(
          Subject.Kind.RUN,
          run.name(),
          Math.max(run.guess().length(), run.guess().leadPercent()),
          0,
          "%",
          "Measure "
              + run.name()
              + " again: it is "
              + how(run.guess())
              + ", and "
              + first.end().words()
              + (first.alone().isEmpty() ? ", with others so too: " : ": ")
              + first.says()
              + (more > 0 ? " And " + Texts.count(more, "thing", "things") + " more." : ""),
          w.flips().stream().map(f -> f.kind().words() + ": " + f.says()).toList());
    }
  }

  private static String how(Guess guess) {
    return guess.length() > 0
        ? guess.words()
        : "on a lead that is guessed, give or take " + Texts.number(guess.leadPercent()) + " %";
  }
}
