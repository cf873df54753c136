package bunting.desktop.kit;

import javafx.scene.control.Button;
import javafx.scene.layout.Region;

/** Buttons, each made in one way. */
public final class Buttons {
  private Buttons() {}

  /** A button. */
  public static Button of(String id, String text, Runnable work) {
    Button button = new Button(text);
    button.setId(id);
    button.setMinWidth(Region.USE_PREF_SIZE);
    button.setOnAction(e -> work.run());
    return button;
  }

  /** A button beside something else. */
  public static Button small(String id, String text, Runnable work) {
    Button button = of(id, text, work);
    button.getStyleClass().add("small");
    return button;
  }
}
