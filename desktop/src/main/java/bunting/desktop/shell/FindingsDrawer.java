package bunting.desktop.shell;

import bunting.core.assess.Reading;
import bunting.core.checks.Check;
import bunting.core.checks.Checks;
import bunting.core.checks.Finding;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.function.Predicate;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The findings, gravest first. Choosing one selects what it is about. */
final class FindingsDrawer extends VBox {
  /** For what a finding speaks of together, line by line, pixels. */
  private static final double DETAILS_WIDTH = 400;

  private final Session session;
  private final ListView<Finding> list = new ListView<>();
  private final ListView<String> details = new ListView<>();
  private final Label why = new Label();

  FindingsDrawer(Session session, Runnable close) {
    this.session = session;
    getStyleClass().add("drawer");
    setId("findings-drawer");
    Label title = new Label("Findings");
    title.getStyleClass().add("heading");
    Label hint = new Label("choose one to go to it");
    hint.getStyleClass().add("soft");
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    Button shut = new Button("Close   F4");
    shut.setOnAction(e -> close.run());
    HBox head = new HBox(12, title, hint, gap, shut);
    head.setAlignment(Pos.CENTER_LEFT);
    list.setId("findings");
    list.setCellFactory(FindingCell::new);
    list.setPlaceholder(new Label("Nothing to mend. Test it on the bench all the same."));
    HBox.setHgrow(list, Priority.ALWAYS);
    why.getStyleClass().add("soft");
    why.setWrapText(true);
    why.setMinHeight(Region.USE_PREF_SIZE);
    details.setId("finding-details");
    details.setFocusTraversable(true);
    details.managedProperty().bind(details.visibleProperty());
    details.setVisible(false);
    details.setMinWidth(DETAILS_WIDTH);
    details.setMaxWidth(DETAILS_WIDTH);
    details.setCellFactory(LineCell::new);
    HBox body = new HBox(8, list, details);
    VBox.setVgrow(body, Priority.ALWAYS);
    getChildren().addAll(head, body, why);
    session.assessment().addListener(o -> refresh());
    list.getSelectionModel().selectedItemProperty().addListener((o, before, now) -> go(now));
    refresh();
  }

  void choose(Predicate<Finding> which) {
    list.getItems().stream().filter(which).findFirst().ifPresent(list.getSelectionModel()::select);
  }

  private void refresh() {
    list.getItems()
        .setAll(session.assessment().get().map(a -> a.findings()).orElse(java.util.List.of()));
    why.setText("");
    details.getItems().clear();
    details.setVisible(false);
  }

  private void go(@org.jspecify.annotations.Nullable Finding finding) {
    if (finding == null) {
      return;
    }
    details.getItems().setAll(finding.details());
    details.setVisible(!finding.details().isEmpty());
    Checks.all().stream()
        .filter(c -> c.code().equals(finding.code()))
        .findFirst()
        .ifPresent((Check c) -> why.setText("Why: " + c.why() + " Source: " + c.source() + "."));
    session
        .assessment()
        .get()
        .ifPresent(a -> session.selection().set(target(a.reading(), finding)));
  }

  /** What to select for a finding's subject. */
  static Selection target(Reading reading, Finding finding) {
    String id = finding.subject().id();
    return switch (finding.subject().kind()) {
      case SHOW, SETTING, CIRCUIT -> new Selection.Nothing();
      case RUN -> new Selection.OfRun(id);
      case SEGMENT ->
          reading.segments().stream()
              .filter(s -> s.segment().id().equals(id))
              .findFirst()
              .<Selection>map(s -> new Selection.OfRun(s.run().name()))
              .orElse(new Selection.Nothing());
      case FEED ->
          reading.feeds().stream()
              .filter(f -> f.feed().id().equals(id))
              .flatMap(
                  f ->
                      reading.segments().stream()
                          .filter(s -> s.segment().id().equals(f.feed().segment())))
              .findFirst()
              .<Selection>map(s -> new Selection.OfRun(s.run().name()))
              .orElse(new Selection.Nothing());
      case CONTROLLER -> new Selection.OfBox(id);
      case SUPPLY ->
          reading.decisions().controllers().stream()
              .filter(c -> c.hangsOn(id))
              .findFirst()
              .<Selection>map(c -> new Selection.OfBox(c.controller().id()))
              .orElse(new Selection.Nothing());
    };
  }

  private static final class LineCell extends ListCell<String> {
    private final Label text = new Label();

    LineCell(ListView<String> list) {
      text.prefWidthProperty().bind(list.widthProperty().subtract(40));
      text.setMinHeight(Region.USE_PREF_SIZE);
      text.setWrapText(true);
      setPrefWidth(0);
    }

    @Override
    protected void updateItem(String line, boolean empty) {
      super.updateItem(line, empty);
      text.setText(empty ? "" : line);
      setGraphic(empty ? null : text);
    }
  }

  private static final class FindingCell extends ListCell<Finding> {
    private final Label severity = new Label();
    private final Label message = new Label();
    private final HBox row = new HBox(10, severity, message);

    FindingCell(ListView<Finding> list) {
      message.prefWidthProperty().bind(list.widthProperty().subtract(120));
      message.setMinHeight(Region.USE_PREF_SIZE);
      severity.setMinWidth(54);
      severity.setAlignment(Pos.CENTER);
      message.setWrapText(true);
      row.setAlignment(Pos.CENTER_LEFT);
      setPrefWidth(0);
    }

    @Override
    protected void updateItem(Finding finding, boolean empty) {
      super.updateItem(finding, empty);
      setGraphic(empty || finding == null ? null : row);
      if (!empty && finding != null) {
        severity.setText(finding.severity().id());
        severity.getStyleClass().setAll("label", "tag", "tag-" + finding.severity().id());
        message.setText(finding.message());
      }
    }
  }
}
