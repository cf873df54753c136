package bunting.desktop.kit;

import javafx.geometry.Orientation;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Region;

/**
 * A picture taller than its place: only what is in sight is painted, so that 200 boxes cost what
 * eight do. Those who extend it lay it out and paint it.
 */
public abstract class ScrolledCanvas extends Region {
  private static final double BAR = 12;
  private static final double PAGE = 0.8;

  private final Canvas canvas = new Canvas();
  private final ScrollBar bar = new ScrollBar();
  private final Tooltip tip = new Tooltip();
  private final double headRoom;

  /**
   * @param headRoom pixels at the top that do not scroll
   */
  @SuppressWarnings("this-escape") // the listeners are told only once the picture is in a window
  protected ScrolledCanvas(String id, double headRoom, String accessibleText) {
    this.headRoom = headRoom;
    setId(id);
    setAccessibleText(accessibleText);
    bar.setOrientation(Orientation.VERTICAL);
    bar.setFocusTraversable(false);
    getChildren().addAll(canvas, bar);
    setFocusTraversable(true);
    focusedProperty().addListener(o -> paint());
    bar.valueProperty().addListener(o -> paint());
    setOnScroll(e -> scrollTo(top() - e.getDeltaY()));
    Tooltip.install(this, tip);
  }

  /** Works out where everything stands; told the width, and says how tall that is. */
  protected abstract double layOut(double width);

  /** Paints what is in sight. */
  protected abstract void paint(GraphicsContext g, double width, double height);

  @Override
  protected void layoutChildren() {
    boolean resized = canvas.getHeight() != getHeight();
    canvas.setWidth(Math.max(0, getWidth() - BAR));
    canvas.setHeight(getHeight());
    bar.resizeRelocate(getWidth() - BAR, headRoom, BAR, Math.max(0, getHeight() - headRoom));
    refresh();
    if (resized) {
      resized();
    }
  }

  /** The place for the picture is higher or lower than it was. */
  protected void resized() {}

  /** Lays it out and paints it. */
  protected final void refresh() {
    double total = layOut(canvas.getWidth());
    bar.setMax(Math.max(0, total - getHeight()));
    bar.setVisibleAmount(total <= 0 ? 0 : bar.getMax() * getHeight() / Math.max(total, 1));
    bar.setVisible(bar.getMax() > 0);
    scrollTo(bar.getValue());
    paint();
  }

  /** Paints it as it is laid out. */
  protected final void paint() {
    paint(canvas.getGraphicsContext2D(), canvas.getWidth(), canvas.getHeight());
  }

  /** How wide the picture is, pixels. */
  protected final double pictureWidth() {
    return canvas.getWidth();
  }

  /** How far it is scrolled, pixels. */
  protected final double top() {
    return bar.getValue();
  }

  /** Scrolls, as far as there is something. */
  protected final void scrollTo(double top) {
    bar.setValue(Math.clamp(top, 0, bar.getMax()));
  }

  /** Scrolls by a page, down or up. */
  protected final void scrollPage(int by) {
    scrollTo(top() + by * getHeight() * PAGE);
  }

  /** Scrolls as little as brings a stretch into sight, with so much room around it. */
  protected final void reveal(double from, double to, double above, double below) {
    if (from - above < top()) {
      scrollTo(from - above);
    } else if (to + below > top() + getHeight() - headRoom) {
      scrollTo(to + below - getHeight() + headRoom);
    }
  }

  /** Says something of what is under the mouse; empty: nothing. */
  protected final void tell(String text) {
    tip.setText(text);
    tip.setOpacity(text.isEmpty() ? 0 : 1);
  }
}
