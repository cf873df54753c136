package bunting.desktop.line;

import bunting.core.assess.PortReading;
import bunting.core.plan.Assessment;
import bunting.core.show.PlacedController;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The boxes as an index to the board. */
final class BoxRail extends VBox {
  /** Fewer boxes than this are in sight at once. */
  private static final int FILTERED_FROM = 12;

  /** A box in the list. */
  private record Entry(String controller, String facts) {}

  private final Session session;
  private final ListView<Entry> boxes = new ListView<>();
  private final TextField filter = new TextField();
  private boolean following;

  BoxRail(Session session) {
    this.session = session;
    setSpacing(6);
    Label title = new Label("Boxes");
    title.getStyleClass().add("soft");
    boxes.setId("boxes");
    boxes.setCellFactory(v -> new BoxCell());
    VBox.setVgrow(boxes, Priority.ALWAYS);
    filter.setId("box-filter");
    filter.setPromptText("find a box");
    filter.setAccessibleText("Find a box by a part of its name");
    filter.textProperty().addListener(o -> refresh());
    getChildren().addAll(title, filter, boxes);
    session.assessment().addListener(o -> refresh());
    session.selection().addListener(o -> follow());
    boxes
        .getSelectionModel()
        .selectedItemProperty()
        .addListener(
            (o, before, now) -> {
              if (now != null && !following) {
                session.selection().set(new Selection.OfBox(now.controller()));
              }
            });
    refresh();
  }

  private void refresh() {
    following = true;
    boxes.getItems().clear();
    boolean many =
        session.assessment().get().map(a -> a.reading().decisions().controllers().size()).orElse(0)
            > FILTERED_FROM;
    filter.setVisible(many || !filter.getText().isEmpty());
    filter.setManaged(filter.isVisible());
    session.assessment().get().ifPresent(this::fill);
    following = false;
    follow();
  }

  private void fill(Assessment plan) {
    Map<String, Long> used =
        plan.reading().ports().stream()
            .filter(p -> p.pixels() > 0)
            .collect(Collectors.groupingBy(PortReading::controller, Collectors.counting()));
    Map<String, Long> all =
        plan.reading().ports().stream()
            .collect(Collectors.groupingBy(PortReading::controller, Collectors.counting()));
    for (PlacedController c : plan.reading().decisions().controllers()) {
      String id = c.controller().id();
      if (!id.toLowerCase(Locale.ROOT)
          .contains(filter.getText().strip().toLowerCase(Locale.ROOT))) {
        continue;
      }
      boxes
          .getItems()
          .add(
              new Entry(
                  id,
                  c.voltsText()
                      + " · "
                      + used.getOrDefault(id, 0L)
                      + " of "
                      + all.getOrDefault(id, 0L)));
    }
  }

  private void follow() {
    following = true;
    if (session.selection().get() instanceof Selection.OfBox box) {
      boxes.getItems().stream()
          .filter(e -> e.controller().equals(box.controller()))
          .findFirst()
          .ifPresent(boxes.getSelectionModel()::select);
    } else {
      boxes.getSelectionModel().clearSelection();
    }
    following = false;
  }

  private static final class BoxCell extends ListCell<Entry> {
    private final Label name = new Label();
    private final Label facts = new Label();
    private final VBox both = new VBox(1, name, facts);

    BoxCell() {
      facts.getStyleClass().add("soft");
      name.setMaxWidth(128);
    }

    @Override
    protected void updateItem(Entry entry, boolean empty) {
      super.updateItem(entry, empty);
      setGraphic(empty || entry == null ? null : both);
      if (!empty && entry != null) {
        name.setText(entry.controller());
        facts.setText(entry.facts());
      }
    }
  }
}
