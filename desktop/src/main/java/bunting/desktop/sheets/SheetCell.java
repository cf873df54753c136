package bunting.desktop.sheets;

import java.util.Optional;
import java.util.function.IntFunction;
import javafx.scene.control.TableCell;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;

/** A cell that is edited in place and marked where it is wrong. */
final class SheetCell extends TableCell<Integer, String> {
  private final IntFunction<Optional<String>> problem;
  private final TextField field = new TextField();

  /**
   * @param problem what is wrong with a row's cell
   */
  SheetCell(IntFunction<Optional<String>> problem) {
    this.problem = problem;
    field.setOnAction(e -> commitEdit(field.getText()));
    field.setOnKeyPressed(
        e -> {
          if (e.getCode() == KeyCode.ESCAPE) {
            cancelEdit();
            e.consume();
          }
        });
    field
        .focusedProperty()
        .addListener(
            (o, was, now) -> {
              if (!now && isEditing()) {
                commitEdit(field.getText());
              }
            });
  }

  @Override
  public void startEdit() {
    super.startEdit();
    field.setText(getItem());
    setText("");
    setGraphic(field);
    field.requestFocus();
    field.selectAll();
  }

  @Override
  public void cancelEdit() {
    super.cancelEdit();
    show(getItem());
  }

  @Override
  protected void updateItem(String text, boolean empty) {
    super.updateItem(text, empty);
    getStyleClass().remove("is-wrong");
    if (empty) {
      show("");
      return;
    }
    show(text);
    Integer row = getTableRow() == null ? null : getTableRow().getItem();
    if (row != null) {
      problem
          .apply(row)
          .ifPresent(
              what -> {
                getStyleClass().add("is-wrong");
                setTooltip(new Tooltip(what));
              });
    }
  }

  private void show(String text) {
    setGraphic(null);
    setText(text);
  }
}
