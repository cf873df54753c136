package bunting.desktop.inspect;

import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * A labelled text field that takes its text on Enter or when it is left, and says beside it what is
 * wrong.
 */
final class Field {
  private static final double LABEL_WIDTH = 68;

  private final TextField text = new TextField();
  private final Label problem = new Label();
  private final Node node;
  private String taken;

  /**
   * @param accept takes the text; a sentence where it is wrong
   */
  Field(
      String label,
      String id,
      String value,
      String unit,
      Function<String, Optional<String>> accept) {
    taken = value;
    text.setId(id);
    text.setText(value);
    text.setPrefColumnCount(unit.isEmpty() ? 13 : 7);
    problem.getStyleClass().add("problem");
    problem.setWrapText(true);
    problem.setMinHeight(Region.USE_PREF_SIZE);
    problem.managedProperty().bind(problem.textProperty().isNotEmpty());
    text.setOnAction(e -> take(accept));
    text.focusedProperty()
        .addListener(
            (o, before, now) -> {
              if (!now) {
                take(accept);
              }
            });
    node = new VBox(2, row(label, text, unit), problem);
  }

  private void take(Function<String, Optional<String>> accept) {
    String now = text.getText().strip();
    if (!now.equals(taken)) {
      Optional<String> wrong = accept.apply(now);
      problem.setText(wrong.orElse(""));
      taken = wrong.isEmpty() ? now : taken;
    }
  }

  static HBox row(String label, Node control, String unit) {
    Label name = new Label(label);
    name.setMinWidth(LABEL_WIDTH);
    name.setLabelFor(control);
    Label after = new Label(unit);
    after.getStyleClass().add("soft");
    HBox row = new HBox(6, name, control, after);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  Node node() {
    return node;
  }

  TextField control() {
    return text;
  }
}
