package bunting.desktop.sheets;

import bunting.core.show.PixelType;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.kit.Choices;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Command;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import bunting.files.SheetImport;
import bunting.files.sheet.Meaning;
import bunting.files.sheet.SheetField;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * A spreadsheet before it is taken in: what each column is taken for, what each row becomes, and
 * the errors in their cells, where they are corrected.
 */
public final class ImportView extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<ImportView> SCREEN =
      ScreenDefinition.aside("import", "Take in a spreadsheet", ImportView::new)
          .dropping(".*\\.xlsx", ImportView::read)
          .pictured("import", (desk, view) -> view.example())
          .adding(
              desk ->
                  List.of(
                      Command.of(
                          "import",
                          new Command.Place(Command.Menu.FILE, "open"),
                          "Take in a spreadsheet with any headings…",
                          "Shortcut+I",
                          Bindings.createBooleanBinding(() -> true),
                          () ->
                              desk.asker()
                                  .open(
                                      "Take in a spreadsheet",
                                      "Spreadsheets",
                                      List.of("*.csv", "*.tsv", "*.xlsx"))
                                  .ifPresent(f -> read(desk, f)))));

  private static final double TOLD_HEIGHT = 80;
  private static final double TOLD_LINE = 25;

  private final Session session;
  private final Runnable close;
  private final ImportModel model;
  private final ImportTable table;
  private final Label title = new Label();
  private final Label state = new Label();
  private final ListView<String> told = new ListView<>();
  private final ComboBox<PixelType> type = new ComboBox<>();
  private final ComboBox<PixelType> kind = new ComboBox<>();
  private final Label words = new Label();
  private final Button replace = new Button("Take in as the whole list");
  private final Button add = new Button("Add to the list");
  private boolean showing;

  private ImportView(Desk desk) {
    super(10);
    this.session = desk.session();
    this.close = desk::back;
    this.model = new ImportModel(session, desk.preferences().lists());
    this.table = new ImportTable(model);
    model.onChange(this::show);
    setId("import");
    getStyleClass().add("sheet");
    title.getStyleClass().add("heading");
    state.setId("import-state");
    state.setWrapText(true);
    state.setMinHeight(Region.USE_PREF_SIZE);
    told.setId("import-told");
    told.setMinHeight(TOLD_HEIGHT);
    told.setPrefHeight(TOLD_HEIGHT);
    told.setFixedCellSize(TOLD_LINE);
    told.setFocusTraversable(false);
    told.setVisible(false);
    told.setManaged(false);
    types();
    replace.setId("import-replace");
    replace.setOnAction(e -> take(true));
    add.setId("import-add");
    add.setOnAction(e -> take(false));
    Button leave = new Button("Leave it");
    leave.setId("import-leave");
    leave.setOnAction(e -> close.run());
    Button stop = new Button("Stop reading");
    stop.setId("import-stop");
    stop.setOnAction(e -> model.stop());
    stop.visibleProperty().bind(model.busy());
    stop.managedProperty().bind(model.busy());
    Label of = new Label("Rows that name no type are of");
    of.setLabelFor(type);
    words.setLabelFor(kind);
    HBox kinds = new HBox(10, of, type, words, kind);
    kinds.setAlignment(Pos.CENTER_LEFT);
    Label hint = new Label("Headings elsewhere: click the number of their row, or press H on it.");
    hint.getStyleClass().add("muted");
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    HBox foot = new HBox(10, hint, gap, stop, leave, add, replace);
    foot.setAlignment(Pos.CENTER_LEFT);
    VBox.setVgrow(table.node(), Priority.ALWAYS);
    table.node().getSelectionModel().selectedIndexProperty().addListener((o, was, now) -> words());
    getChildren().addAll(title, state, told, table.node(), kinds, foot);
  }

  private void types() {
    type.setId("import-type");
    type.setPromptText("no type");
    Choices.named(type, t -> t.name());
    type.setOnAction(
        e -> {
          if (type.getValue() != null && !showing) {
            String id = type.getValue().id();
            model.change(s -> s.withOnlyType(id));
          }
        });
    kind.setId("import-kind");
    kind.setPromptText("which type?");
    Choices.named(kind, t -> t.name());
    kind.setOnAction(
        e -> {
          if (kind.getValue() != null && !showing) {
            String id = kind.getValue().id();
            String said = wordsChosen();
            // Afterwards: a list that is chosen from may not be set anew meanwhile.
            Platform.runLater(() -> model.change(s -> s.withKind(said, id)));
          }
        });
  }

  /** Reads a spreadsheet and shows what it would become; a message where that is none. */
  private static void read(Desk desk, Path file) {
    ImportView view = desk.view(SCREEN);
    view.title.setText("From " + file.getFileName());
    view.showing = true;
    view.type.getItems().setAll(view.catalogue());
    view.kind.getItems().setAll(view.catalogue());
    view.type.setValue(null);
    view.showing = false;
    view.model.read(file, () -> desk.go(SCREEN));
  }

  /** A list as somebody has it, for the picture. */
  private void example() {
    try (InputStream in =
        Objects.requireNonNull(ImportView.class.getResourceAsStream("example.csv"))) {
      Path file = Files.createTempFile("list", ".csv");
      Files.write(file, in.readAllBytes());
      title.setText("From the fair's list");
      model.read(
          file,
          () -> {
            file.toFile().deleteOnExit();
            table.node().getSelectionModel().select(6);
          });
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private List<PixelType> catalogue() {
    return session.show().orElse(Show.fresh()).catalogue().pixelTypes();
  }

  /** What the chosen row calls its pixels; empty where it does not. */
  private String wordsChosen() {
    Optional<SheetImport> sheet = model.look().map(ImportModel.Look::sheet);
    int column =
        sheet
            .map(s -> s.mapping().stream().map(Meaning::field).toList().indexOf(SheetField.TYPE))
            .orElse(-1);
    return column < 0
        ? ""
        : table
            .selected()
            .map(r -> sheet.orElseThrow().sheet().grid().text(r, column).strip())
            .orElse("");
  }

  private void words() {
    String chosen = wordsChosen();
    boolean some = !chosen.isEmpty();
    words.setText(some ? "\u201c" + chosen + "\u201d in this list is" : "");
    kind.setVisible(some);
    showing = true;
    kind.setValue(
        model
            .look()
            .flatMap(l -> table.selected().map(r -> l.lines().get(r)))
            .flatMap(row -> row.run())
            .flatMap(run -> catalogue().stream().filter(t -> t.id().equals(run.type())).findFirst())
            .orElse(null));
    showing = false;
  }

  private void show() {
    Optional<ImportModel.Look> now = model.look();
    if (now.isEmpty()) {
      state.setText(model.busy().get() ? "It is being read." : "");
      replace.setDisable(true);
      add.setDisable(true);
      told.setManaged(false);
      return;
    }
    ImportModel.Look look = now.get();
    table.show(look);
    told.getItems().setAll(look.told());
    boolean nothing = look.told().isEmpty();
    told.setVisible(!nothing);
    told.setManaged(!nothing);
    words();
    boolean reading = model.busy().get();
    state.setText(reading ? "It is being read." : sentence(look));
    replace.setDisable(reading || look.sound() == 0);
    add.setDisable(reading || look.sound() == 0);
    replace.setDefaultButton(!reading && look.wrong() == 0);
  }

  private static String sentence(ImportModel.Look look) {
    String before =
        look.recalled() ? "Taken as you said of your last list with these headings. " : "";
    if (look.wrong() > 0) {
      return before
          + Texts.count(look.wrong(), "row is", "rows are")
          + " wrong; the cell is marked. Correct it here (F2 or double click), or take in the "
          + Texts.count(look.sound(), "sound one.", "sound ones.");
    }
    return before
        + (look.sound() == 0
            ? "No row becomes a run; say what the columns mean, or where the headings stand."
            : "All rows are sound: "
                + Texts.count(look.lights(), "run", "runs")
                + ". Look at what each column is taken for, then take them in.");
  }

  private void take(boolean whole) {
    ImportModel.Look look = model.look().orElseThrow();
    List<SheetImport.Row> rows = look.preview();
    close.run();
    model.remember();
    if (session.show().isPresent()) {
      session.edit(
          Texts.count(look.lights(), "run was", "runs were") + " taken in.",
          s -> whole ? SheetImport.taken(s, rows) : SheetImport.added(s, rows));
    } else {
      session.start(SheetImport.taken(Show.fresh(), rows));
    }
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of();
  }

  @Override
  public boolean busy() {
    return model.busy().get();
  }

  @Override
  public void takeKeyboard() {
    table.node().requestFocus();
  }

  @Override
  public boolean standsAlone() {
    return true;
  }
}
