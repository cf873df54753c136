package bunting.core.show;

/**
 * A point of the site in metres: x to the right, y up, z away from whoever stands before the front.
 * Places on the front have no z.
 */
public record Point(double x, double y, double z) {
  /** There is one nought: the one below it would not come back from a file. */
  public Point {
    x += 0.0;
    y += 0.0;
    z += 0.0;
  }

  /** On the front. */
  public Point(double x, double y) {
    this(x, y, 0);
  }

  /** Length of a cable laid along the axes: abs dx + abs dy + abs dz. */
  public double cableTo(Point other) {
    return Math.abs(x - other.x) + Math.abs(y - other.y) + Math.abs(z - other.z);
  }

  /** As the crow flies. */
  public double distanceTo(Point other) {
    return z == other.z
        ? Math.hypot(x - other.x, y - other.y)
        : Math.hypot(Math.hypot(x - other.x, y - other.y), z - other.z);
  }

  /** The point so many metres away, no further in or out. */
  public Point plus(double dx, double dy) {
    return new Point(x + dx, y + dy, z);
  }

  /** The point so many metres away. */
  public Point plus(double dx, double dy, double dz) {
    return new Point(x + dx, y + dy, z + dz);
  }

  /** The point at a share of the straight way to another. */
  public Point towards(Point other, double share) {
    return new Point(
        x + (other.x - x) * share, y + (other.y - y) * share, z + (other.z - z) * share);
  }
}
