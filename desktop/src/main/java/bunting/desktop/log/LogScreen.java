package bunting.desktop.log;

import bunting.core.log.Drift;
import bunting.core.log.LogKind;
import bunting.core.log.ShowLog;
import bunting.core.show.Texts;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What happened, season by season, and where volts fall. */
public final class LogScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<LogScreen> SCREEN =
      ScreenDefinition.of("log", "Log", "Log", LogScreen::new)
          .reachedBy("Shortcut+R", "Log: what was built, read, mended and spent")
          .pictured("log", (desk, view) -> view.model.showFair());

  private final Session session;
  private final LogModel model;
  private final LogSide side;
  private final YearsView years;
  private final DriftView drift;
  private final ListView<ShowLog.Line> entries = new ListView<>();
  private final Label summary = Words.soft("");
  private final Label empty = Words.softLines("");

  private LogScreen(Desk desk) {
    super(8);
    this.session = desk.session();
    this.model = new LogModel(session);
    this.side = new LogSide(session, model);
    this.years = new YearsView(desk.palette(), this::choose);
    this.drift = new DriftView(desk.palette());
    getStyleClass().add("sheet");
    summary.setId("log-summary");
    empty.setId("log-empty");
    entries.setId("log-entries");
    entries.setFixedCellSize(25);
    entries.setCellFactory(v -> new EntryCell());
    ScrollPane scroll = new ScrollPane(drift);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("plain-scroll");
    VBox falls = new VBox(4, Words.subheading("Volts over the years"), scroll);
    VBox.setVgrow(scroll, Priority.ALWAYS);
    VBox lines = new VBox(4, Words.subheading("Entries, the newest first"), entries);
    VBox.setVgrow(entries, Priority.ALWAYS);
    HBox.setHgrow(lines, Priority.ALWAYS);
    HBox.setHgrow(falls, Priority.ALWAYS);
    lines.setPrefWidth(300);
    falls.setPrefWidth(420);
    HBox below = new HBox(16, lines, falls);
    VBox.setVgrow(below, Priority.ALWAYS);
    HBox head = new HBox(12, Words.heading("Log"), summary);
    head.setAlignment(Pos.BASELINE_LEFT);
    getChildren().addAll(head, empty, years, legend(), below);
    entries
        .getSelectionModel()
        .selectedItemProperty()
        .addListener((o, was, now) -> side.show(Optional.ofNullable(now).map(ShowLog.Line::entry)));
    model.log().addListener(o -> refresh());
    session.file().addListener(o -> look());
    session.opened().addListener(o -> look());
    sceneProperty().addListener(o -> look());
    refresh();
  }

  /** What the marks on the pennants say. */
  private static Label legend() {
    return Words.softLines(
        Arrays.stream(LogKind.values())
            .map(k -> LogKinds.mark(k) + " " + k.words())
            .collect(Collectors.joining("    ")));
  }

  private void look() {
    if (getScene() != null) {
      model.refresh();
      refresh();
    }
  }

  private void choose(ShowLog.Line line) {
    entries.getSelectionModel().select(line);
    entries.scrollTo(line);
  }

  private void refresh() {
    ShowLog log = model.log().get();
    entries.getItems().setAll(log.lines().reversed());
    years.show(log);
    List<Drift> places = Drift.of(log);
    drift.show(places);
    long falls = places.stream().filter(Drift::flagged).count();
    summary.setText(
        log.lines().isEmpty()
            ? ""
            : Texts.count(log.seasons().size(), "season", "seasons")
                + ", "
                + Texts.count(log.lines().size(), "entry", "entries")
                + (falls > 0 ? ", volts fall at " + Texts.count(falls, "place", "places") : ""));
    boolean nothing = log.lines().isEmpty();
    empty.setText(
        model.file().isEmpty()
            ? "The log stands beside the show's file: save the show first (Ctrl S)."
            : "Nothing is logged yet. Begin with a season, then count, measure and note what fails:"
                + " in year four somebody will thank you.");
    empty.setVisible(nothing);
    empty.setManaged(nothing);
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of(side);
  }

  @Override
  public boolean busy() {
    return model.busy();
  }

  @Override
  public void takeKeyboard() {
    side.takeKeyboard();
  }

  /** An entry: its mark, its day, its words. */
  private static final class EntryCell extends ListCell<ShowLog.Line> {
    @Override
    protected void updateItem(ShowLog.Line item, boolean empty) {
      super.updateItem(item, empty);
      setPrefWidth(0);
      setTooltip(
          empty || item == null
              ? null
              : new Tooltip(item.entry().date() + "  " + item.entry().words()));
      setText(
          empty || item == null
              ? ""
              : LogKinds.mark(item.entry().kind())
                  + "  "
                  + item.entry().date()
                  + "  "
                  + item.entry().words());
    }
  }
}
