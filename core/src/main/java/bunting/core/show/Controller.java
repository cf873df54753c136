package bunting.core.show;

/** A controller in its place on the elevation, metres. */
public record Controller(String id, String type, double x, double y) {
  /** Where it stands. */
  public Point at() {
    return new Point(x, y);
  }
}
