package bunting.files.papers;

import bunting.core.show.Point;
import java.util.List;

/**
 * A drawing to scale, millimetres from its upper left corner.
 *
 * @param strokes lines, the first at the back
 * @param labels words at places
 */
record Drawing(double widthMm, double heightMm, List<Stroke> strokes, List<Label> labels) {
  /**
   * A line.
   *
   * @param line its corners, y down
   * @param rgb its colour
   * @param widthMm how thick
   * @param dashMm length of its dashes; 0: it is drawn through
   */
  record Stroke(List<Point> line, int rgb, double widthMm, double dashMm) {
    Stroke {
      line = List.copyOf(line);
    }
  }

  /**
   * Words at a place.
   *
   * @param x of their left end
   * @param y of their foot
   */
  record Label(double x, double y, double points, String text) {}

  Drawing {
    strokes = List.copyOf(strokes);
    labels = List.copyOf(labels);
  }
}
