package bunting.desktop.inspect;

import bunting.core.limits.Range;
import bunting.core.show.Guess;
import bunting.core.show.Run;
import bunting.core.show.Texts;
import bunting.core.show.edit.Names;
import bunting.desktop.kit.Form;
import bunting.desktop.kit.Numbers;
import bunting.desktop.session.Session;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;

/** How far the measures of a run can be trusted: with the tape, read off a thing, or guessed. */
final class GuessEditor {
  private final Session session;
  private final String run;
  private final Guess guess;

  GuessEditor(Session session, Run run) {
    this.session = session;
    this.run = run.name();
    this.guess = run.guess();
  }

  /** Give or take on the length, and what it was read off. */
  void length(Form form) {
    form.text(
            "Give or take",
            "edit-guess",
            shown(guess.lengthPercent()),
            "%",
            text -> percent(text, guess::withLength))
        .prompting(
            guess.readOff().isPresent() ? Texts.number(Guess.READ_OFF_PERCENT) : "0: measured");
    form.text("Read off", "edit-read-off", guess.readOff().orElse(""), "", this::readOff)
        .prompting("a thing of known size");
  }

  /** Give or take on the lead. */
  void lead(Form form) {
    form.text(
            "Give or take",
            "edit-lead-guess",
            shown(guess.leadPercent()),
            "%",
            text -> percent(text, guess::withLead))
        .prompting("0");
  }

  private static String shown(double percent) {
    return percent > 0 ? Texts.number(percent) : "";
  }

  private Optional<String> percent(String text, DoubleFunction<Guess> with) {
    Optional<Double> value = text.isEmpty() ? Optional.of(0.0) : Numbers.in(Range.GUESS, text);
    if (value.isEmpty()) {
      return Optional.of(Numbers.wanted(Range.GUESS));
    }
    Guess next = with.apply(value.get());
    return edit(g -> next);
  }

  private Optional<String> readOff(String text) {
    if (text.length() > Names.LENGTH_MAX) {
      return Optional.of("Give at most " + Names.LENGTH_MAX + " characters.");
    }
    return edit(g -> g.withReadOff(Optional.of(text)));
  }

  private Optional<String> edit(UnaryOperator<Guess> change) {
    Guess next = change.apply(guess);
    String lead =
        next.leadPercent() > 0
            ? ", its lead give or take " + Texts.number(next.leadPercent()) + " %"
            : "";
    session.editRun(
        run + " is " + next.words() + lead + ".", run, r -> r.withGuess(change.apply(r.guess())));
    return Optional.empty();
  }
}
