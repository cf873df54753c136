package bunting.desktop.kit;

import bunting.desktop.look.Palette;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;

/** A picture as large as its place, painted anew when that, the theme or what it shows changes. */
public abstract class Painted extends Region {
  private final Canvas canvas = new Canvas();
  private final ObservableValue<Palette> palette;

  /**
   * A picture.
   *
   * @param accessibleText what it shows, for those who do not see it
   */
  @SuppressWarnings("this-escape") // the listener is told only once the picture is in a window
  protected Painted(ObservableValue<Palette> palette, String id, String accessibleText) {
    this.palette = palette;
    setId(id);
    setAccessibleText(accessibleText);
    getChildren().add(canvas);
    palette.addListener(o -> repaint());
  }

  /** Paints all of it. */
  protected abstract void paint(GraphicsContext g, Palette p, double width, double height);

  /** Paints it again. */
  protected final void repaint() {
    paint(canvas.getGraphicsContext2D(), palette.getValue(), getWidth(), getHeight());
  }

  @Override
  protected final void layoutChildren() {
    canvas.setWidth(getWidth());
    canvas.setHeight(getHeight());
    repaint();
  }
}
