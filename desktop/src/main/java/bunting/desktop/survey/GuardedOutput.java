package bunting.desktop.survey;

import com.github.weisj.jsvg.renderer.output.Output;
import java.awt.BasicStroke;
import java.awt.Image;
import java.awt.Paint;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.Stroke;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.ImageObserver;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Supplier;

/**
 * Takes a drawing's lines and areas, and asks before each whether to go on. Dashes too fine to be
 * seen, or too many to be drawn, become a whole line; filters, whose cost nobody can foresee, are
 * left out.
 */
final class GuardedOutput implements Output {
  /** Dashes of which a whole pattern is shorter than this many pixels look like a whole line. */
  private static final double FINEST_PX = 0.5;

  /** Most dashes of one line. */
  private static final double DASHES_MAX = 100_000;

  /** Most corners of a line that are added up to find its length. */
  private static final int CORNERS_MAX = 1_000_000;

  private final Output to;
  private final BooleanSupplier stopped;

  GuardedOutput(Output to, BooleanSupplier stopped) {
    this.to = to;
    this.stopped = stopped;
  }

  private void go() {
    if (stopped.getAsBoolean()) {
      throw new CancellationException("nobody waits for this drawing any more");
    }
  }

  @Override
  public void fillShape(Shape shape) {
    go();
    to.fillShape(shape);
  }

  @Override
  public void drawShape(Shape shape) {
    go();
    Stroke stroke = to.stroke();
    if (stroke instanceof BasicStroke b && b.getDashArray() != null && isTooFine(b, shape)) {
      to.setStroke(
          new BasicStroke(b.getLineWidth(), b.getEndCap(), b.getLineJoin(), b.getMiterLimit()));
      to.drawShape(shape);
      to.setStroke(stroke);
    } else {
      to.drawShape(shape);
    }
  }

  private boolean isTooFine(BasicStroke stroke, Shape shape) {
    double pattern = 0;
    for (float dash : stroke.getDashArray()) {
      pattern += dash;
    }
    double scale = Math.sqrt(Math.abs(to.transform().getDeterminant()));
    boolean unseen = !(pattern * scale >= FINEST_PX);
    return unseen || length(shape) / pattern > DASHES_MAX;
  }

  /** Length of the corners' polygon: never shorter than the line itself. */
  private static double length(Shape shape) {
    double[] c = new double[6];
    double length = 0;
    double x = 0;
    double y = 0;
    int corners = 0;
    for (PathIterator i = shape.getPathIterator(null); !i.isDone(); i.next()) {
      int kind = i.currentSegment(c);
      int points =
          switch (kind) {
            case PathIterator.SEG_CUBICTO -> 3;
            case PathIterator.SEG_QUADTO -> 2;
            case PathIterator.SEG_CLOSE -> 0;
            default -> 1;
          };
      for (int p = 0; p < points; p++) {
        length += kind == PathIterator.SEG_MOVETO ? 0 : Math.hypot(c[2 * p] - x, c[2 * p + 1] - y);
        x = c[2 * p];
        y = c[2 * p + 1];
      }
      if (++corners > CORNERS_MAX) {
        return Double.MAX_VALUE;
      }
    }
    return length;
  }

  @Override
  public void drawImage(BufferedImage image) {
    go();
    to.drawImage(image);
  }

  @Override
  public void drawImage(Image image, ImageObserver observer) {
    go();
    to.drawImage(image, observer);
  }

  @Override
  public void drawImage(Image image, AffineTransform at, ImageObserver observer) {
    go();
    to.drawImage(image, at, observer);
  }

  @Override
  public void setPaint(Paint paint) {
    to.setPaint(paint);
  }

  @Override
  public void setPaint(Supplier<Paint> paint) {
    to.setPaint(paint);
  }

  @Override
  public void setStroke(Stroke stroke) {
    to.setStroke(stroke);
  }

  @Override
  public Stroke stroke() {
    return to.stroke();
  }

  @Override
  public void applyClip(Shape clip) {
    go();
    to.applyClip(clip);
  }

  @Override
  public void setClip(Shape clip) {
    to.setClip(clip);
  }

  @Override
  public Optional<Float> contextFontSize() {
    return to.contextFontSize();
  }

  @Override
  public Output createChild() {
    go();
    return new GuardedOutput(to.createChild(), stopped);
  }

  @Override
  public void dispose() {
    to.dispose();
  }

  @Override
  public void debugPaint(Consumer<java.awt.Graphics2D> painter) {
    to.debugPaint(painter);
  }

  @Override
  public Rectangle2D clipBounds() {
    return to.clipBounds();
  }

  @Override
  public RenderingHints renderingHints() {
    return to.renderingHints();
  }

  @Override
  public Object renderingHint(RenderingHints.Key key) {
    return to.renderingHint(key);
  }

  @Override
  public void setRenderingHint(RenderingHints.Key key, Object value) {
    to.setRenderingHint(key, value);
  }

  @Override
  public AffineTransform transform() {
    return to.transform();
  }

  @Override
  public void setTransform(AffineTransform transform) {
    to.setTransform(transform);
  }

  @Override
  public void applyTransform(AffineTransform transform) {
    to.applyTransform(transform);
  }

  @Override
  public void rotate(double angle) {
    to.rotate(angle);
  }

  @Override
  public void scale(double sx, double sy) {
    to.scale(sx, sy);
  }

  @Override
  public void translate(double dx, double dy) {
    to.translate(dx, dy);
  }

  @Override
  public float currentOpacity() {
    return to.currentOpacity();
  }

  @Override
  public void applyOpacity(float opacity) {
    to.applyOpacity(opacity);
  }

  @Override
  public SafeState safeState() {
    go();
    return to.safeState();
  }

  @Override
  public boolean supportsFilters() {
    return false;
  }

  @Override
  public boolean supportsColors() {
    return to.supportsColors();
  }
}
