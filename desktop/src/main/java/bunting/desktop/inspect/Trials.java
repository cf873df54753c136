package bunting.desktop.inspect;

import bunting.core.explain.Line;
import bunting.core.plan.Assessment;
import bunting.core.plan.OtherBox;
import bunting.core.plan.SmallestChange;
import bunting.core.plan.TrunkOffer;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.Unplaced;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Figures;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;

/** What is found by planning otherwise: asked at a press, done at another. */
final class Trials {
  private final Session session;
  private final Assessment plan;

  private Trials(Session session, Assessment plan) {
    this.session = session;
    this.plan = plan;
  }

  /** What a run without a place lacks, and what would place it. */
  static List<Node> unplaced(Session session, Assessment plan, Unplaced unplaced) {
    Line lacks =
        new Line(
            "Not placed",
            Texts.number(unplaced.measured() - unplaced.allowed()) + " " + unplaced.unit(),
            unplaced.lacks());
    Node asked =
        AskedRows.of(
            session,
            "smallest-change",
            "What would place it?",
            "looking for the smallest change",
            () -> SmallestChange.of(plan.reading().show(), unplaced),
            new Trials(session, plan)::smallest);
    return List.of(Figures.row(lacks), asked);
  }

  /** What the next best box would cost. */
  static Node nextBest(Session session, Assessment plan, Run run) {
    return AskedRows.of(
        session,
        "next-best",
        "What would another box cost?",
        "planning it on other boxes",
        () -> OtherBox.next(plan.reading(), run),
        new Trials(session, plan)::other);
  }

  /** What heavy pairs past a box's runs would cost in place of its feeds. */
  static Node trunk(Session session, Assessment plan, String box) {
    return AskedRows.of(
        session,
        "trunk-offer",
        "What would a trunk cost?",
        "laying trunks",
        () -> TrunkOffer.of(plan.reading(), box),
        found -> {
          Node row =
              found
                  .map(o -> Figures.row(o.line(plan.reading())))
                  .orElseGet(
                      () ->
                          Words.lines(
                              "No pair of the catalogue's wires holds here, by volts, fuse and"
                                  + " tails."));
          row.setId("trunk-answer");
          return List.of(row);
        });
  }

  private List<Node> smallest(Optional<SmallestChange.Change> found) {
    Label text =
        Words.lines(
            found
                .map(c -> "The smallest change that places it: " + c.text() + ".")
                .orElse(
                    "None of the changes that were tried places it: look for another type or"
                        + " another place."));
    text.setId("smallest-answer");
    List<Node> rows = new ArrayList<>(List.of(text));
    found.ifPresent(
        c ->
            rows.add(
                Buttons.of(
                    "smallest-do", "Do it", () -> take("Done: " + c.text() + ".", c.show()))));
    return rows;
  }

  private List<Node> other(Optional<OtherBox.Place> found) {
    if (found.isEmpty()) {
      Label none = Words.lines("No other box takes it as it is.");
      none.setId("next-answer");
      return List.of(none);
    }
    OtherBox.Place place = found.get();
    Node row = Figures.row(place.line());
    row.setId("next-answer");
    String where = place.fit().controller() + " port " + place.fit().port();
    return List.of(
        row,
        Buttons.of("next-do", "Put it there", () -> take("Put on " + where + ".", place.show())));
  }

  private void take(String done, Show change) {
    Show asked = plan.reading().show();
    if (session.show().filter(asked::equals).isPresent()) {
      session.edit(done, s -> s.equals(asked) ? change : s);
    } else {
      session.say("The show has changed since; ask again.");
    }
  }
}
