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
import bunting.files.BadInputException;
import bunting.files.SheetField;
import bunting.files.SheetImport;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.beans.binding.Bindings;
import javafx.beans.property.SimpleStringProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
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

  private static final double COLUMN_WIDTH = 122;

  private final Session session;
  private final Runnable close;
  private final Label title = new Label();
  private final Label state = new Label();
  private final TableView<Integer> table = new TableView<>();
  private final ComboBox<PixelType> type = new ComboBox<>();
  private final Button replace = new Button("Take in as the whole list");
  private final Button add = new Button("Add to the list");
  private Optional<SheetImport> sheet = Optional.empty();
  private List<SheetImport.Row> preview = List.of();

  private ImportView(Desk desk) {
    super(10);
    this.session = desk.session();
    this.close = desk::back;
    setId("import");
    getStyleClass().add("sheet");
    title.getStyleClass().add("heading");
    state.setId("import-state");
    state.setWrapText(true);
    state.setMinHeight(Region.USE_PREF_SIZE);
    type.setId("import-type");
    type.setPromptText("no type");
    Choices.named(type, t -> t.name());
    type.setOnAction(
        e -> {
          if (type.getValue() != null) {
            change(sheet.orElseThrow().withOnlyType(type.getValue().id()));
          }
        });
    replace.setId("import-replace");
    replace.setOnAction(e -> take(true));
    add.setId("import-add");
    add.setOnAction(e -> take(false));
    Button leave = new Button("Leave it");
    leave.setId("import-leave");
    leave.setOnAction(e -> close.run());
    Label of = new Label("Rows that name no type are of");
    of.setLabelFor(type);
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    HBox foot = new HBox(10, of, type, gap, leave, add, replace);
    foot.setAlignment(Pos.CENTER_LEFT);
    table.setId("import-table");
    table.setEditable(true);
    table.getSelectionModel().setCellSelectionEnabled(true);
    VBox.setVgrow(table, Priority.ALWAYS);
    getChildren().addAll(title, state, table, foot);
  }

  /** Reads a spreadsheet and shows what it would become; a message where that is none. */
  private static void read(Desk desk, Path file) {
    if (desk.view(SCREEN).read(file)) {
      desk.go(SCREEN);
    }
  }

  private boolean read(Path file) {
    try {
      Show show = session.show().orElse(Show.fresh());
      SheetImport read = SheetImport.read(file, show);
      title.setText("From " + file.getFileName());
      type.getItems().setAll(show.catalogue().pixelTypes());
      type.setValue(null);
      columns(read);
      change(read);
      return true;
    } catch (BadInputException e) {
      session.say(String.valueOf(e.getMessage()));
      return false;
    }
  }

  private void columns(SheetImport read) {
    table.getColumns().clear();
    TableColumn<Integer, String> number = new TableColumn<>("Row");
    number.setPrefWidth(46);
    number.setSortable(false);
    number.setCellValueFactory(
        r -> new SimpleStringProperty(Integer.toString(preview.get(r.getValue()).number())));
    table.getColumns().add(number);
    for (int c = 0; c < read.headings().size(); c++) {
      table.getColumns().add(column(read, c));
    }
    TableColumn<Integer, String> result = new TableColumn<>("becomes");
    result.setPrefWidth(318);
    result.setSortable(false);
    result.setCellValueFactory(r -> new SimpleStringProperty(becomes(r.getValue())));
    result.setCellFactory(v -> new ResultCell());
    table.getColumns().add(result);
  }

  private TableColumn<Integer, String> column(SheetImport read, int c) {
    ComboBox<SheetField> meaning = new ComboBox<>();
    meaning.setId("import-column-" + c);
    meaning.getItems().setAll(SheetField.values());
    Choices.named(meaning, f -> f.text());
    meaning.setValue(read.mapping().get(c));
    meaning.setPrefWidth(COLUMN_WIDTH - 12);
    meaning.setOnAction(
        e -> {
          SheetImport now = sheet.orElseThrow();
          if (now.mapping().get(c) != meaning.getValue()) {
            SheetImport next = now.withMapping(c, meaning.getValue());
            columns(next);
            change(next);
          }
        });
    Label heading = new Label(read.headings().get(c));
    heading.getStyleClass().add("heading-small");
    TableColumn<Integer, String> column = new TableColumn<>();
    column.setGraphic(new VBox(3, heading, meaning));
    column.setPrefWidth(COLUMN_WIDTH);
    column.setSortable(false);
    column.setCellValueFactory(
        r -> new SimpleStringProperty(sheet.orElseThrow().cell(r.getValue(), c)));
    column.setCellFactory(v -> new SheetCell(row -> problem(row, c)));
    column.setOnEditCommit(
        e -> change(sheet.orElseThrow().withCell(e.getRowValue(), c, e.getNewValue())));
    return column;
  }

  private String becomes(int row) {
    SheetImport.Row read = preview.get(row);
    if (!read.sound()) {
      return "! " + read.errors().getFirst().what();
    }
    return read.run()
        .map(r -> r.pixels() + " px of " + r.type())
        .orElse("a plain set or a bulb string");
  }

  private void change(SheetImport next) {
    sheet = Optional.of(next);
    preview = next.preview();
    int row = Math.max(0, table.getSelectionModel().getSelectedIndex());
    table.getItems().setAll(IntStream.range(0, next.rows()).boxed().toList());
    table.refresh();
    table.getSelectionModel().select(Math.min(row, next.rows() - 1));
    long wrong = preview.stream().filter(r -> !r.sound()).count();
    long sound = preview.size() - wrong;
    state.setText(
        wrong == 0
            ? "All "
                + sound
                + " rows are sound. Look at what each column is taken for, then take them in."
            : wrong
                + (wrong == 1 ? " row is" : " rows are")
                + " wrong; the cell is marked. Correct it here (F2 or double click), or take in the"
                + " "
                + sound
                + (sound == 1 ? " sound one." : " sound ones."));
    replace.setDisable(sound == 0);
    add.setDisable(sound == 0);
    replace.setDefaultButton(wrong == 0);
  }

  /** What is wrong with a cell. */
  private Optional<String> problem(int row, int column) {
    return row >= preview.size()
        ? Optional.empty()
        : preview.get(row).errors().stream()
            .filter(e -> e.column() == column)
            .findFirst()
            .map(e -> e.what());
  }

  private void take(boolean whole) {
    SheetImport read = sheet.orElseThrow();
    long count = preview.stream().filter(SheetImport.Row::sound).count();
    close.run();
    if (session.show().isPresent()) {
      session.edit(
          Texts.count(count, "run was", "runs were") + " taken in.",
          s -> whole ? read.taken(s) : read.added(s));
    } else {
      session.start(read.taken(Show.fresh()));
    }
  }

  /** What a row becomes, or what is wrong with it. */
  private static final class ResultCell extends TableCell<Integer, String> {
    @Override
    protected void updateItem(String text, boolean empty) {
      super.updateItem(text, empty);
      setText(empty ? "" : text);
      setWrapText(true);
      getStyleClass().remove("is-wrong-text");
      if (!empty && text != null && text.startsWith("!")) {
        getStyleClass().add("is-wrong-text");
        setTooltip(new javafx.scene.control.Tooltip(text));
      }
    }
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of();
  }

  @Override
  public void takeKeyboard() {
    table.requestFocus();
  }

  @Override
  public boolean standsAlone() {
    return true;
  }
}
