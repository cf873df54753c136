package bunting.desktop.line;

import bunting.core.plan.Assessment;
import bunting.core.show.Goal;
import bunting.core.show.PortReport;
import bunting.core.show.Texts;
import bunting.core.show.Unplaced;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import bunting.desktop.shell.AddButton;
import bunting.desktop.shell.Desk;
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
  private final BoardView board;
  private final AddButton add;

  Basket(Desk desk, BoardView board) {
    super(8);
    this.session = desk.session();
    this.add = new AddButton(desk);
    this.board = board;
    setId("basket");
    getStyleClass().add("basket");
    setAlignment(Pos.CENTER_LEFT);
    session.assessment().addListener(o -> refresh());
    session.searching().addListener(o -> refresh());
    refresh();
  }

  private void refresh() {
    getChildren().setAll(add);
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
      pennant.setOnDragDetected(
          e -> {
            pennant.startFullDrag();
            board.beginDrag(u.run(), 1);
          });
      getChildren().add(pennant);
    }
    if (unplaced.size() > SHOWN_MAX) {
      getChildren()
          .add(new Label("and " + (unplaced.size() - SHOWN_MAX) + " more, in the findings"));
    }
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    getChildren().add(gap);
    if (!session.searching().get().isEmpty()) {
      Label search = new Label(session.searching().get());
      search.getStyleClass().add("soft");
      Button stop = new Button("Keep this one");
      stop.setId("keep-plan");
      stop.getStyleClass().add("small");
      stop.setMinWidth(USE_PREF_SIZE);
      stop.setTooltip(new Tooltip("Stop improving. The plan that you see stays."));
      stop.setOnAction(e -> session.keepThisOne());
      getChildren().addAll(search, stop);
    }
    Label bound = new Label(bound(plan));
    bound.getStyleClass().add("soft");
    bound.setMinWidth(USE_PREF_SIZE);
    getChildren().add(bound);
  }

  /** How near the plan is to what is proven. */
  private static String bound(Assessment plan) {
    var t = plan.reading().totals();
    var boxes = plan.reading().decisions().report().of(Goal.BOXES);
    boolean proven = boxes.map(PortReport.Reached::proven).orElse(false);
    String least =
        !plan.reading().show().mayAddBoxes()
            ? ""
            : proven ? " (fewest, proven)" : " (at least " + t.controllersLowerBound() + ")";
    var cost = plan.reading().decisions().report().of(Goal.COST);
    String money =
        cost.filter(PortReport.Reached::proven).isPresent() ? " · least cost, proven" : "";
    return Texts.count(t.controllers(), "box", "boxes")
        + least
        + " · "
        + Texts.count(t.supplies(), "supply", "supplies")
        + " · "
        + Texts.count(t.feeds(), "feed", "feeds")
        + money;
  }
}
