package bunting.desktop.survey;

import bunting.core.show.Point;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import bunting.desktop.picture.LabelPlaces;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Rectangle2D;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;

/** Names and measures on the elevation: gathered first, then placed all together and painted. */
final class ElevationLabels {
  private static final double PAD = 3;
  private static final double HEIGHT = 16;
  private static final double RUN = 6;
  private static final double RUN_STEP = 12;

  /** Of so many points at most; a show of 100,000 pixels is painted in time all the same. */
  private static final int RUN_POINTS_MAX = 6000;

  private final LabelPlaces places;
  private final Palette palette;
  private final List<LabelPlaces.Wanted> wanted = new ArrayList<>();
  private final Map<LabelPlaces.Wanted, Style> styles = new HashMap<>();

  private record Style(Font font, Color colour) {}

  ElevationLabels(double width, double height, Palette palette) {
    this.places = new LabelPlaces(width, height);
    this.palette = palette;
  }

  void keepFree(double x, double y, double w, double h) {
    places.keepFree(new Rectangle2D(x, y, w, h));
  }

  /** The runs themselves are not covered, as long as there is a place elsewhere. */
  void avoid(Beads beads, Viewport view) {
    int left = RUN_POINTS_MAX;
    for (Beads.Strip strip : beads.strips()) {
      for (List<Point> line : strip.outlines()) {
        for (int i = 1; i < line.size() && left > 0; i++) {
          left -= avoid(line.get(i - 1), line.get(i), view);
        }
      }
    }
  }

  /** Points of a line, as near to each other as a label is high; how many. */
  private int avoid(Point a, Point b, Viewport view) {
    int steps = (int) Math.clamp(a.distanceTo(b) * view.pxPerM() / RUN_STEP, 1, 200);
    for (int k = 0; k <= steps; k++) {
      double t = k / (double) steps;
      double x = view.x(a.towards(b, t));
      double y = view.y(a.towards(b, t));
      places.avoid(new Rectangle2D(x - RUN / 2, y - RUN / 2, RUN, RUN));
    }
    return steps + 1;
  }

  /**
   * A label, after all that are more important.
   *
   * @param clear pixels around the point that stay free of it
   */
  void add(String text, double x, double y, double clear, Font font, Color colour) {
    LabelPlaces.Wanted label =
        new LabelPlaces.Wanted(text, x, y, clear, Fonts.width(text, font) + 2 * PAD, HEIGHT);
    wanted.add(label);
    styles.put(label, new Style(font, colour));
  }

  void paint(GraphicsContext g) {
    List<LabelPlaces.Placed> placed = places.place(wanted);
    g.setLineWidth(0.8);
    for (LabelPlaces.Placed p : placed) {
      if (p.leader()) {
        g.setStroke(palette.soft());
        double x = Math.clamp(p.label().x(), p.at().getMinX(), p.at().getMaxX());
        double y = Math.clamp(p.label().y(), p.at().getMinY(), p.at().getMaxY());
        g.strokeLine(p.label().x(), p.label().y(), x, y);
      }
    }
    for (LabelPlaces.Placed p : placed) {
      Style style = styles.get(p.label());
      if (style != null) {
        g.setFill(palette.card().deriveColor(0, 1, 1, 0.88));
        g.fillRoundRect(p.at().getMinX(), p.at().getMinY(), p.at().getWidth(), HEIGHT, 4, 4);
        ElevationPainter.text(
            g,
            p.label().text(),
            p.at().getMinX() + PAD,
            p.at().getMinY() + 12,
            style.font(),
            style.colour());
      }
    }
  }
}
