package bunting.desktop.survey;

import bunting.core.show.Face;
import bunting.core.show.Point;
import bunting.core.show.Survey;
import bunting.core.survey.Sheet;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import javafx.scene.canvas.GraphicsContext;

/**
 * The faces of the site: from above as walls with their names, else by the edges of the one seen.
 */
final class FacePainter {
  private static final double WALL = 5;
  private static final double FOOT = 9;

  private final GraphicsContext g;
  private final Viewport view;
  private final Palette palette;

  FacePainter(GraphicsContext g, Viewport view, Palette palette) {
    this.g = g;
    this.view = view;
    this.palette = palette;
  }

  void paint(Survey survey, double height) {
    if (view.sheet() instanceof Sheet.Plan) {
      survey.faces().forEach(this::wall);
    } else if (view.sheet() instanceof Sheet.Standing s && !s.face().name().equals(Face.FRONT)) {
      edge(view.x(0), height);
      edge(view.x(s.face().widthM()), height);
    }
  }

  /** A wall, and a small arrow at its left corner to the side that it is seen from. */
  private void wall(Face face) {
    Point from = new Point(face.fromX(), 0, face.fromZ());
    Point to = new Point(face.toX(), 0, face.toZ());
    double x1 = view.x(from);
    double y1 = view.y(from);
    double x2 = view.x(to);
    double y2 = view.y(to);
    g.setStroke(palette.soft());
    g.setLineWidth(WALL);
    g.strokeLine(x1, y1, x2, y2);
    double length = Math.max(1, Math.hypot(x2 - x1, y2 - y1));
    double outX = -(y2 - y1) / length;
    double outY = (x2 - x1) / length;
    double midX = (x1 + x2) / 2;
    double midY = (y1 + y2) / 2;
    g.setLineWidth(1.5);
    g.strokeLine(midX, midY, midX + outX * FOOT * 2, midY + outY * FOOT * 2);
  }

  /** Their names, beside the walls on the side that they are seen from. */
  void names(Survey survey, ElevationLabels labels) {
    if (!(view.sheet() instanceof Sheet.Plan)) {
      return;
    }
    for (Face f : survey.faces()) {
      Point mid = new Point((f.fromX() + f.toX()) / 2, 0, (f.fromZ() + f.toZ()) / 2);
      labels.add(f.name(), view.x(mid), view.y(mid), FOOT, Fonts.bold(Fonts.SMALL), palette.soft());
    }
  }

  private void edge(double x, double height) {
    g.setStroke(palette.line());
    g.setLineWidth(1);
    g.setLineDashes(6, 5);
    g.strokeLine(Math.round(x) + 0.5, 0, Math.round(x) + 0.5, height);
    g.setLineDashes();
  }
}
