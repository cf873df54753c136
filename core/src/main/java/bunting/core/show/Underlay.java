package bunting.core.show;

/**
 * A picture under the elevation.
 *
 * @param picture the file as it was
 * @param origin where its lower left corner is, metres
 * @param metresPerUnit metres of one unit of the picture (a pixel, or a user unit of a drawing)
 * @param turnDeg turned about that corner, degrees counter-clockwise
 * @param opacityPercent how strongly it shows, 0 to 100
 * @param scaled whether somebody measured it; else the scale is a guess
 */
public record Underlay(
    Picture picture,
    Point origin,
    double metresPerUnit,
    double turnDeg,
    double opacityPercent,
    boolean scaled) {
  /** It lies in its sheet: there is no depth. */
  public Underlay {
    origin = new Point(origin.x(), origin.y());
  }

  /** A picture that was just laid down, so many metres wide for a start, dimmed. */
  public static Underlay fresh(Picture picture, double metresWide) {
    return new Underlay(picture, new Point(0, 0), metresWide / picture.width(), 0, 55, false);
  }

  /**
   * The same, so scaled about its first point that two points of the elevation, as it lies now,
   * come to be {@code metres} apart.
   *
   * @throws IllegalArgumentException if the points are the same, or metres are not over 0
   */
  public Underlay scaledBy(Point a, Point b, double metres) {
    double now = a.distanceTo(b);
    if (now <= 0 || metres <= 0) {
      throw new IllegalArgumentException("two points apart, and metres over 0");
    }
    double factor = metres / now;
    Point corner =
        new Point(a.x() + (origin.x() - a.x()) * factor, a.y() + (origin.y() - a.y()) * factor);
    return new Underlay(picture, corner, metresPerUnit * factor, turnDeg, opacityPercent, true);
  }

  /** The same, moved by so many metres. */
  public Underlay moved(double dx, double dy) {
    return new Underlay(
        picture, origin.plus(dx, dy), metresPerUnit, turnDeg, opacityPercent, scaled);
  }

  /** The same, turned to so many degrees. */
  public Underlay turnedTo(double degrees) {
    return new Underlay(picture, origin, metresPerUnit, degrees + 0.0, opacityPercent, scaled);
  }

  /** The same, dimmed to a percentage. */
  public Underlay dimmedTo(double percent) {
    return new Underlay(picture, origin, metresPerUnit, turnDeg, percent, scaled);
  }
}
