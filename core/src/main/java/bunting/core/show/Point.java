package bunting.core.show;

/** A point of the elevation in metres, y up. */
public record Point(double x, double y) {
  /** There is one nought: the one below it would not come back from a file. */
  public Point {
    x += 0.0;
    y += 0.0;
  }

  /** Length of a cable laid along the axes: abs dx + abs dy. */
  public double cableTo(Point other) {
    return Math.abs(x - other.x) + Math.abs(y - other.y);
  }

  /** As the crow flies. */
  public double distanceTo(Point other) {
    return Math.hypot(x - other.x, y - other.y);
  }

  /** The point so many metres away. */
  public Point plus(double dx, double dy) {
    return new Point(x + dx, y + dy);
  }
}
