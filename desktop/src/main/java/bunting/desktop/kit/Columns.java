package bunting.desktop.kit;

import java.util.function.Function;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.control.Label;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;

/** A table to be read: columns of text, in the order that the rows are given in. */
public final class Columns<T> {
  private static final double ROW = 28;

  private final TableView<T> table = new TableView<>();

  /**
   * A table without columns yet.
   *
   * @param empty what stands there while there are no rows
   */
  public Columns(String id, String empty) {
    table.setId(id);
    table.setPlaceholder(new Label(empty));
    table.setFixedCellSize(ROW);
    table.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
  }

  /** One column more. */
  public Columns<T> add(String heading, double width, Function<T, String> text) {
    TableColumn<T, String> column = new TableColumn<>(heading);
    column.setCellValueFactory(c -> new ReadOnlyStringWrapper(text.apply(c.getValue())));
    column.setPrefWidth(width);
    column.setSortable(false);
    table.getColumns().add(column);
    return this;
  }

  /** The table. */
  public TableView<T> table() {
    return table;
  }
}
