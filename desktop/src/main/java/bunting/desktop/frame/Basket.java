package bunting.desktop.frame;

import bunting.core.plan.Assessment;
import bunting.core.show.Unplaced;
import bunting.desktop.model.Selection;
import bunting.desktop.model.Session;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** What found no place, and how near the plan is to the least number of boxes. */
final class Basket extends HBox {
  private static final int SHOWN_MAX = 3;
  private final Session session;

  Basket(Session session) {
    super(8);
    this.session = session;
    setId("basket");
    getStyleClass().add("basket");
    setAlignment(Pos.CENTER_LEFT);
    session.assessment().addListener(o -> refresh());
    refresh();
  }

  private void refresh() {
    getChildren().clear();
    session.assessment().get().ifPresent(this::fill);
  }

  private void fill(Assessment plan) {
    var unplaced = plan.reading().decisions().unplaced();
    Label title = new Label(unplaced.isEmpty() ? "Every run is placed" : "Not placed");
    title.getStyleClass().add(unplaced.isEmpty() ? "soft" : "heading-small");
    title.setMinWidth(USE_PREF_SIZE);
    getChildren().add(title);
    for (Unplaced u : unplaced.subList(0, Math.min(SHOWN_MAX, unplaced.size()))) {
      Button pennant =
          new Button("! " + (u.run().length() > 24 ? u.run().substring(0, 23) + "…" : u.run()));
      pennant.getStyleClass().add("loose");
      pennant.setMinWidth(USE_PREF_SIZE);
      pennant.setTooltip(new Tooltip(u.lacks()));
      pennant.setOnAction(e -> session.selection().set(new Selection.OfRun(u.run())));
      getChildren().add(pennant);
    }
    if (unplaced.size() > SHOWN_MAX) {
      getChildren()
          .add(new Label("and " + (unplaced.size() - SHOWN_MAX) + " more, in the findings"));
    }
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    var t = plan.reading().totals();
    String least =
        plan.reading().show().controllers().isPresent()
            ? ""
            : " (at least " + t.controllersLowerBound() + ")";
    Label bound =
        new Label(
            t.controllers()
                + " boxes"
                + least
                + " · "
                + t.supplies()
                + " supplies · "
                + t.feeds()
                + " feeds");
    bound.getStyleClass().add("soft");
    getChildren().addAll(gap, bound);
  }
}
