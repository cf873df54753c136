package bunting.core.show;

/** A controller in its place on the site, metres. */
public record Controller(String id, String type, double x, double y, double z) {
  /** On the front. */
  public Controller(String id, String type, double x, double y) {
    this(id, type, x, y, 0);
  }

  /** At a point. */
  public Controller(String id, String type, Point at) {
    this(id, type, at.x(), at.y(), at.z());
  }

  /** Where it stands. */
  public Point at() {
    return new Point(x, y, z);
  }
}
