package bunting.desktop.line;

import bunting.core.show.Attach;
import bunting.desktop.picture.BuntingLine;
import java.util.List;

/**
 * Where everything of one line stands, in pixels from its top left corner. Painting only reads it.
 *
 * @param line the bunting itself
 * @param height of the whole
 * @param groundY the least volts allowed
 * @param footY where posts stand
 * @param posts feeds with their tags
 * @param stitches where slots begin, with what is written there
 * @param runs the segments' spans with their names
 * @param flagX the port's capacity
 */
record LineShape(
    BuntingLine line,
    double height,
    double groundY,
    double footY,
    List<Post> posts,
    List<Stitch> stitches,
    List<Span> runs,
    double flagX) {

  /** A feed, and what is done there; {@code tag} is empty where there is no room for one. */
  record Post(
      double x,
      double topY,
      String tag,
      double tagX,
      double tagWidth,
      boolean viaPort,
      Attach attach,
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
