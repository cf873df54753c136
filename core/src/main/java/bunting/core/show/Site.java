package bunting.core.show;

/** A place where a box can stand, in metres, y up, z away from the front. */
public record Site(String id, double x, double y, double z) {
  /** On the front. */
  public Site(String id, double x, double y) {
    this(id, x, y, 0);
  }

  /** At a point. */
  public Site(String id, Point at) {
    this(id, at.x(), at.y(), at.z());
  }

  /** Where that is. */
  public Point at() {
    return new Point(x, y, z);
  }
}
