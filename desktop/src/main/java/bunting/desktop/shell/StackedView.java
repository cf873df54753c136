package bunting.desktop.shell;

import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** A screen whose middle is one thing under the other. */
public abstract class StackedView extends VBox implements ScreenView {
  /** A screen with so many pixels between its parts. */
  protected StackedView(double spacing) {
    super(spacing);
  }

  @Override
  public final Region middle() {
    return this;
  }

  @Override
  public void takeKeyboard() {
    requestFocus();
  }
}
