package bunting.desktop.mains;

import bunting.core.limits.Range;
import bunting.core.mains.Cautions;
import bunting.core.mains.RuleBook;
import bunting.core.show.PlaceRules;
import bunting.core.show.RuleProfile;
import bunting.core.show.edit.MainsEdits;
import bunting.desktop.kit.Form;
import bunting.desktop.kit.Numbers;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import javafx.scene.Node;

/** The rules of the place, chosen once, each with its source; and what hurts people. */
final class RulesForm {
  private RulesForm() {}

  static List<Node> of(Session session, PlaceRules rules) {
    Form form = new Form();
    form.heading("Rules of the place");
    form.choice(
        "Whose",
        "rules-profile",
        List.of(RuleProfile.values()),
        RuleProfile::words,
        rules.profile(),
        p ->
            session.edit(
                "The rules are those of: " + p.words() + ".", s -> MainsEdits.ruled(s, p)));
    form.number(
        "Breaker",
        "rules-continuous",
        rules.continuousPercent(),
        "%",
        Range.CONTINUOUS,
        v -> edit(session, r -> r.withContinuous(v)));
    form.text(
            "May hang",
            "rules-days",
            rules.temporaryDays().isPresent() ? "" + rules.temporaryDays().getAsInt() : "",
            "days",
            text -> {
              Optional<Integer> days = Numbers.wholeIn(Range.DAYS, text);
              if (days.isEmpty() && !text.isEmpty()) {
                return Optional.of(Numbers.wantedWhole(Range.DAYS));
              }
              edit(session, r -> r.withDays(days.map(OptionalInt::of).orElse(OptionalInt.empty())));
              return Optional.empty();
            })
        .prompting("no limit");
    List<Node> rows = new ArrayList<>(form.rows());
    for (RuleBook.Rule r : RuleBook.of(rules)) {
      rows.add(Words.lines(r.what() + ": " + r.figure() + " (" + r.source() + ")", "arithmetic"));
    }
    rows.add(Words.softLines(RuleBook.DEFERS));
    rows.add(Words.subheading("Before anything is switched on"));
    for (Cautions.Caution c : Cautions.all()) {
      rows.add(Words.lines(c.about() + ": " + c.says(), "fine"));
    }
    return rows;
  }

  private static void edit(Session session, UnaryOperator<PlaceRules> change) {
    session.edit(
        "The rules were changed.",
        s -> s.withMains(s.mains().withRules(change.apply(s.mains().rules()))));
  }
}
