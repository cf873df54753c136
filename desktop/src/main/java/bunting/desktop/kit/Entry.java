package bunting.desktop.kit;

import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/**
 * A labelled text field that takes its text on Enter or when it is left, and says beside it what is
 * wrong.
 */
public final class Entry {
  private static final int WIDE = 13;
  private static final int NARROW = 6;

  private final TextField text = new TextField();
  private final Label problem = Words.lines("", "problem");
  private final Node node;
  private final Function<String, Optional<String>> accept;
  private String taken;

  /**
   * @param accept takes the text; a sentence where it is wrong
   */
  Entry(
      double labelWidth,
      String label,
      String id,
      String value,
      String unit,
      Function<String, Optional<String>> accept) {
    this.accept = accept;
    taken = value;
    text.setId(id);
    text.setText(value);
    text.setPrefColumnCount(unit.isEmpty() ? WIDE : NARROW);
    problem.managedProperty().bind(problem.textProperty().isNotEmpty());
    problem.visibleProperty().bind(problem.textProperty().isNotEmpty());
    text.setOnAction(e -> take());
    text.focusedProperty()
        .addListener(
            (o, before, now) -> {
              if (!now) {
                take();
              }
            });
    node = new VBox(2, Form.row(labelWidth, label, text, unit), problem);
  }

  private void take() {
    String now = text.getText().strip();
    if (!now.equals(taken)) {
      Optional<String> wrong = accept.apply(now);
      problem.setText(wrong.orElse(""));
      taken = wrong.isEmpty() ? now : taken;
    }
  }

  /** Takes what stands there with each character that is typed, not only at its end. */
  public Entry atOnce() {
    text.textProperty().addListener(o -> take());
    return this;
  }

  /** What stands there while it is empty. */
  public Entry prompting(String prompt) {
    text.setPromptText(prompt);
    return this;
  }

  Node node() {
    return node;
  }

  TextField control() {
    return text;
  }
}
