package bunting.desktop.sheets;

import bunting.desktop.kit.Choices;
import bunting.files.SheetImport;
import bunting.files.sheet.Meaning;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.SimpleStringProperty;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;

/**
 * The whole sheet as a table: above each column what it is taken for, behind each row what it
 * becomes. A click on a row's number, or H, says that the headings stand there.
 */
final class ImportTable {
  private static final double COLUMN_WIDTH = 150;
  private static final double NUMBER_WIDTH = 52;
  private static final double RESULT_WIDTH = 318;

  private final ImportModel model;
  private final TableView<Integer> table = new TableView<>();
  private List<String> headings = List.of();
  private List<Meaning> meanings = List.of();

  ImportTable(ImportModel model) {
    this.model = model;
    table.setId("import-table");
    table.setEditable(true);
    table.setPlaceholder(new Label("No list is open; File, Take in a spreadsheet opens one."));
    table.getSelectionModel().setCellSelectionEnabled(true);
    table.setOnKeyPressed(
        e -> {
          if (e.getCode() == KeyCode.H && table.getEditingCell() == null) {
            selected().ifPresent(this::head);
            e.consume();
          }
        });
  }

  TableView<Integer> node() {
    return table;
  }

  /** The place in the sheet of the row that is chosen. */
  Optional<Integer> selected() {
    return Optional.ofNullable(table.getSelectionModel().getSelectedItem());
  }

  private void head(int row) {
    model.change(s -> s.withHeadings(row));
  }

  /** Shows what is understood now. */
  void show(ImportModel.Look look) {
    SheetImport sheet = look.sheet();
    if (!headings.equals(sheet.headings()) || !meanings.equals(sheet.mapping())) {
      headings = sheet.headings();
      meanings = sheet.mapping();
      columns(sheet);
    }
    int row = Math.max(0, table.getSelectionModel().getSelectedIndex());
    if (!table.getItems().equals(look.rows())) {
      table.getItems().setAll(look.rows());
    }
    table.refresh();
    table.getSelectionModel().select(Math.min(row, look.rows().size() - 1));
  }

  private void columns(SheetImport sheet) {
    table.getColumns().clear();
    TableColumn<Integer, String> number = new TableColumn<>("Row");
    number.setPrefWidth(NUMBER_WIDTH);
    number.setSortable(false);
    number.setCellValueFactory(r -> new SimpleStringProperty(line(r.getValue())));
    number.setCellFactory(v -> new NumberCell());
    table.getColumns().add(number);
    for (int c = 0; c < headings.size(); c++) {
      table.getColumns().add(column(sheet, c));
    }
    TableColumn<Integer, String> result = new TableColumn<>("becomes");
    result.setPrefWidth(RESULT_WIDTH);
    result.setSortable(false);
    result.setCellValueFactory(r -> new SimpleStringProperty(becomes(r.getValue())));
    result.setCellFactory(v -> new ResultCell());
    // Seen without scrolling: behind the number, where many columns follow.
    table.getColumns().add(1, result);
  }

  private String line(int row) {
    return model
        .look()
        .map(l -> Integer.toString(l.sheet().sheet().grid().lines().get(row)))
        .orElse("");
  }

  private TableColumn<Integer, String> column(SheetImport sheet, int c) {
    ComboBox<Meaning> meaning = new ComboBox<>();
    meaning.setId("import-column-" + c);
    meaning.getItems().setAll(Meaning.all());
    Choices.named(meaning, Meaning::text);
    meaning.setValue(sheet.mapping().get(c));
    meaning.setPrefWidth(COLUMN_WIDTH - 12);
    meaning.setOnAction(
        e -> {
          Meaning chosen = meaning.getValue();
          if (chosen != null && !chosen.equals(meanings.get(c))) {
            model.change(s -> s.withMapping(c, chosen));
          }
        });
    Label heading = new Label(headings.get(c));
    heading.getStyleClass().add("heading-small");
    TableColumn<Integer, String> column = new TableColumn<>();
    column.setGraphic(new VBox(3, heading, meaning));
    column.setPrefWidth(COLUMN_WIDTH);
    column.setSortable(false);
    column.setCellValueFactory(
        r ->
            new SimpleStringProperty(
                model.look().map(l -> l.sheet().sheet().grid().text(r.getValue(), c)).orElse("")));
    column.setCellFactory(v -> new SheetCell(row -> problem(row, c)));
    column.setOnEditCommit(e -> model.change(s -> s.withCell(e.getRowValue(), c, e.getNewValue())));
    return column;
  }

  private Optional<SheetImport.Row> row(int row) {
    return model.look().flatMap(l -> Optional.ofNullable(l.lines().get(row)));
  }

  private String becomes(int row) {
    Optional<SheetImport.Row> read = row(row);
    if (read.isEmpty()) {
      boolean head = model.look().filter(l -> l.sheet().sheet().head().holds(row)).isPresent();
      return head ? "the headings" : "stands above the list";
    }
    SheetImport.Row line = read.get();
    if (line.leftOut().isPresent()) {
      return "left out: " + line.leftOut().get();
    }
    if (!line.sound()) {
      return "! " + String.join(" ", line.errors().stream().map(e -> e.what()).toList());
    }
    String one =
        line.run()
            .map(r -> r.pixels() + " px of " + r.type())
            .orElseGet(
                () -> line.lights().getFirst().set().isPresent() ? "a plain set" : "a bulb string");
    return line.lights().size() > 1 ? line.lights().size() + " of " + one : one;
  }

  /** What is wrong with a cell. */
  private Optional<String> problem(int row, int column) {
    return row(row)
        .flatMap(
            r ->
                r.errors().stream()
                    .filter(e -> e.column() == column)
                    .findFirst()
                    .map(e -> e.what()));
  }

  /** The number of a row; a click says that the headings stand there. */
  private final class NumberCell extends TableCell<Integer, String> {
    NumberCell() {
      getStyleClass().add("row-number");
      setOnMouseClicked(
          e -> {
            Integer row = getTableRow() == null ? null : getTableRow().getItem();
            if (row != null && !isEmpty()) {
              head(row);
            }
          });
    }

    @Override
    protected void updateItem(String text, boolean empty) {
      super.updateItem(text, empty);
      setText(empty ? "" : text);
      setTooltip(empty ? null : new Tooltip("The headings stand in this row"));
    }
  }

  /** What a row becomes, or what is wrong with it. */
  private static final class ResultCell extends TableCell<Integer, String> {
    @Override
    protected void updateItem(String text, boolean empty) {
      super.updateItem(text, empty);
      setText(empty ? "" : text);
      setWrapText(true);
      getStyleClass().removeAll("is-wrong-text", "muted");
      if (empty || text == null) {
        return;
      }
      if (text.startsWith("!")) {
        getStyleClass().add("is-wrong-text");
        setTooltip(new Tooltip(text));
      } else if (!Character.isDigit(text.charAt(0)) && !text.startsWith("a ")) {
        getStyleClass().add("muted");
      }
    }
  }
}
