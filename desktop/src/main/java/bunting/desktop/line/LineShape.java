package bunting.desktop.line;

import java.util.List;

/**
 * Where everything of one line stands, in pixels from its top left corner. Painting only reads it.
 *
 * @param height of the whole line
 * @param groundY the least volts allowed
 * @param footY where posts stand
 * @param cords one polyline an island, as x, y, x, y ...
 * @param leads joints between segments
 * @param pennants cloth under the cord
 * @param posts feeds
 * @param stitches universe boundaries
 * @param runs the segments' spans
 * @param flagX the port's capacity
 */
record LineShape(
    double height,
    double groundY,
    double footY,
    List<double[]> cords,
    List<Joint> leads,
    List<Pennant> pennants,
    List<Post> posts,
    List<Stitch> stitches,
    List<Span> runs,
    double flagX) {

  /** A cable between two segments: with power, or with data alone. */
  record Joint(double x1, double y1, double x2, double y2, boolean power) {}

  /** A piece of cloth from {@code x1} to {@code x2} on the cord, dyed by the white test. */
  record Pennant(double x1, double y1, double x2, double y2, int rgb) {}

  /** A feed; {@code tag} is empty where there is no room for one. */
  record Post(
      double x,
      double topY,
      String tag,
      double tagX,
      double tagWidth,
      boolean viaPort,
      String feed) {}

  /**
   * A universe (or else only a segment) begins here; {@code label} is empty where there is no room
   * for one.
   */
  record Stitch(double x, String label, boolean universe) {}

  /**
   * A segment from {@code x1} to {@code x2}; {@code label} is empty where there is no room for one.
   */
  record Span(double x1, double x2, String label, String run, int firstPixel) {}
}
