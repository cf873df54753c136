package bunting.desktop.inspect;

import bunting.core.explain.Line;
import bunting.core.plan.Assessment;
import bunting.core.plan.SmallestChange;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.Unplaced;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Figures;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** What a run without a place lacks, and what would place it: found by trial, done at a press. */
final class UnplacedRows {
  private final Session session;
  private final Assessment plan;
  private final Unplaced unplaced;
  private final VBox answer = new VBox(4);
  private final Button ask = Buttons.of("smallest-change", "What would place it?", this::ask);

  private UnplacedRows(Session session, Assessment plan, Unplaced unplaced) {
    this.session = session;
    this.plan = plan;
    this.unplaced = unplaced;
    answer.getChildren().add(ask);
  }

  static List<Node> of(Session session, Assessment plan, Unplaced unplaced) {
    Line lacks =
        new Line(
            "Not placed",
            Texts.number(unplaced.measured() - unplaced.allowed()) + " " + unplaced.unit(),
            unplaced.lacks());
    return List.of(Figures.row(lacks), new UnplacedRows(session, plan, unplaced).answer);
  }

  private void ask() {
    ask.setDisable(true);
    ask.setText("Trying…");
    session
        .background()
        .run(
            "looking for the smallest change",
            job -> SmallestChange.of(plan.reading().show(), unplaced),
            this::answered,
            why -> {
              ask.setDisable(false);
              ask.setText("Try again");
              session.say(why);
            });
  }

  private void answered(Optional<SmallestChange.Change> found) {
    Label text =
        Words.lines(
            found
                .map(c -> "The smallest change that places it: " + c.text() + ".")
                .orElse(
                    "None of the changes that were tried places it: look for another type or"
                        + " another place."));
    text.setId("smallest-answer");
    answer.getChildren().setAll(text);
    found.ifPresent(
        c -> answer.getChildren().add(Buttons.of("smallest-do", "Do it", () -> take(c))));
  }

  private void take(SmallestChange.Change change) {
    Show asked = plan.reading().show();
    if (session.show().filter(asked::equals).isPresent()) {
      session.edit("Done: " + change.text() + ".", s -> s.equals(asked) ? change.show() : s);
    } else {
      session.say("The show has changed since; ask again.");
    }
  }
}
