package bunting.desktop.survey;

import bunting.core.guess.TurnedOut;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.edit.RunEdits;
import bunting.core.survey.Geometry;
import bunting.core.units.Lengths;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** All runs with what was measured, planned and built; built counts go in one after the other. */
public final class TapeSheet extends VBox {
  private static final double[] FIGURES = {62, 54, 40};

  private final Session session;
  private final Supplier<PixelType> newType;
  private final ListView<Run> list = new ListView<>();
  private final Label whose = new Label();
  private final TextField built = new TextField();
  private final Label moved = new Label();
  private final TextField typed = new TextField();
  private Map<String, PixelType> types = Map.of();
  private Lengths lengths = new Lengths(false);
  private boolean following;

  /**
   * A sheet on a session.
   *
   * @param newType type of runs that are typed in
   */
  public TapeSheet(Session session, Supplier<PixelType> newType) {
    super(6);
    this.session = session;
    this.newType = newType;
    getStyleClass().add("tape-sheet");
    list.setId("tape");
    list.setCellFactory(v -> new RunCell());
    list.setPlaceholder(new Label("No runs yet: R traces one."));
    VBox.setVgrow(list, Priority.ALWAYS);
    built.setId("tape-built");
    built.setPrefColumnCount(5);
    built.setMinWidth(64);
    built.setOnAction(e -> enter());
    whose.setMaxWidth(Double.MAX_VALUE);
    whose.setLabelFor(built);
    HBox.setHgrow(whose, Priority.ALWAYS);
    HBox entry = new HBox(6, whose, built);
    entry.setAlignment(Pos.CENTER_LEFT);
    moved.setId("tape-moved");
    moved.getStyleClass().addAll("note", "note-warn");
    moved.setWrapText(true);
    moved.setMinHeight(Region.USE_PREF_SIZE);
    moved.managedProperty().bind(moved.textProperty().isNotEmpty());
    moved.visibleProperty().bind(moved.textProperty().isNotEmpty());
    moved.textProperty().bind(session.moved());
    typed.setId("tape-new");
    typed.setPromptText("type a run: Sill 2.4 m, or Sill 144 px");
    typed.setOnAction(e -> add());
    getChildren().addAll(head(), list, typed, entry, moved);
    session.document().show().addListener(o -> refresh());
    session.selection().addListener(o -> follow());
    list.getSelectionModel()
        .selectedItemProperty()
        .addListener(
            (o, before, now) -> {
              if (now != null && !following) {
                session.selection().set(new Selection.OfRun(now.name()));
              }
            });
    refresh();
  }

  private static HBox head() {
    Label title = new Label("Tape sheet");
    title.getStyleClass().add("heading-small");
    title.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(title, Priority.ALWAYS);
    HBox head = new HBox(title, figure("measured", 0), figure("planned", 1), figure("built", 2));
    head.setAlignment(Pos.BASELINE_LEFT);
    return head;
  }

  private static Label figure(String text, int column) {
    Label label = new Label(text);
    label.getStyleClass().add("soft");
    label.setMinWidth(FIGURES[column]);
    label.setMaxWidth(FIGURES[column]);
    label.setAlignment(Pos.CENTER_RIGHT);
    return label;
  }

  /** A run by its name and its length or count, with no place yet: below the ground line. */
  private void add() {
    Optional<Show> show = session.show();
    Optional<Run> run =
        show.flatMap(s -> TypedRun.parse(typed.getText(), s, newType.get(), lengths));
    if (run.isEmpty()) {
      session.say(
          "Type a name that is free, then a length with its unit or a count: Sill 2.4 m, Sill"
              + " 8'2\", Sill 144 px.");
      return;
    }
    typed.clear();
    session.edit(
        run.get().name()
            + " has "
            + Texts.count(run.get().pixels(), "pixel", "pixels")
            + "; drag it to its place.",
        s -> RunEdits.added(s, run.get()));
    session.selection().set(new Selection.OfRun(run.get().name()));
    typed.requestFocus();
  }

  private void refresh() {
    following = true;
    Optional<Show> show = session.show();
    types = show.map(s -> s.catalogue().pixelTypesById()).orElse(Map.of());
    lengths = new Lengths(show.map(s -> s.survey().feet()).orElse(false));
    list.getItems().setAll(show.map(Show::runs).orElse(List.of()));
    following = false;
    follow();
  }

  private void follow() {
    following = true;
    Optional<Run> now =
        session.selection().get() instanceof Selection.OfRun r
            ? list.getItems().stream().filter(i -> i.name().equals(r.name())).findFirst()
            : Optional.empty();
    now.ifPresentOrElse(
        run -> {
          list.getSelectionModel().select(run);
          list.scrollTo(Math.max(0, list.getItems().indexOf(run) - 2));
        },
        () -> list.getSelectionModel().clearSelection());
    whose.setText(now.map(r -> "Built: " + r.name()).orElse("Choose a run to count"));
    built.setDisable(now.isEmpty());
    built.setText(
        now.filter(r -> r.built().isPresent())
            .map(r -> Integer.toString(r.built().getAsInt()))
            .orElse(""));
    following = false;
  }

  /** Puts the keyboard where the count of the chosen run goes. */
  public void focusEntry() {
    built.requestFocus();
    built.selectAll();
  }

  /** Takes the count and goes on to the next run. */
  private void enter() {
    Run run = list.getSelectionModel().getSelectedItem();
    String text = built.getText().strip();
    if (run == null || !text.matches("\\d{1,7}") || text.matches("0+")) {
      session.say("Give the number that was counted, from 1 to 1000000.");
      return;
    }
    int count = Integer.parseInt(text);
    if (count > Run.PIXELS_MAX) {
      session.say("Give the number that was counted, from 1 to 1000000.");
      return;
    }
    int next = list.getItems().indexOf(run) + 1;
    session.count(run.name(), count);
    if (next < list.getItems().size()) {
      session.selection().set(new Selection.OfRun(list.getItems().get(next).name()));
    }
    focusEntry();
  }

  private final class RunCell extends ListCell<Run> {
    private final Label name = new Label();
    private final Label measured = figure("", 0);
    private final Label planned = figure("", 1);
    private final Label counted = figure("", 2);
    private final HBox row = new HBox(name, measured, planned, counted);

    RunCell() {
      name.setMaxWidth(Double.MAX_VALUE);
      name.setMinWidth(0);
      HBox.setHgrow(name, Priority.ALWAYS);
      row.setPrefWidth(0);
      counted.getStyleClass().add("figure");
    }

    @Override
    protected void updateItem(Run run, boolean empty) {
      super.updateItem(run, empty);
      setGraphic(empty || run == null ? null : row);
      if (empty || run == null) {
        return;
      }
      name.setText(run.name());
      PixelType type = types.get(run.type());
      double metres = type == null ? 0 : Geometry.lengthM(run, type);
      String text = lengths.feet() ? lengths.text(metres) : Texts.fixed(metres, 2);
      String about = TurnedOut.lengthGuessed(run) ? "~" : "";
      measured.setText(about + (run.lengthM().isPresent() ? text : "(" + text + ")"));
      planned.setText(Integer.toString(run.plannedPixels()));
      boolean other = run.built().isPresent() && run.built().getAsInt() != run.plannedPixels();
      String mark = other ? "≠ " : "";
      counted.setText(run.built().isPresent() ? mark + run.built().getAsInt() : "–");
      counted.getStyleClass().remove("is-other");
      if (other) {
        counted.getStyleClass().add("is-other");
      }
    }
  }
}
