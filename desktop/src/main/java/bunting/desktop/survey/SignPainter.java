package bunting.desktop.survey;

import bunting.core.show.edit.PlaceKind;
import bunting.desktop.look.Palette;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** The signs of things on the elevation. */
final class SignPainter {
  private static final double CHOSEN = 15;

  private final GraphicsContext g;
  private final Palette palette;

  SignPainter(GraphicsContext g, Palette palette) {
    this.g = g;
    this.palette = palette;
  }

  /** A box: a small hut with a bolt. */
  void box(double x, double y, boolean chosen) {
    halo(x, y, chosen);
    g.setFill(palette.ink());
    g.fillPolygon(
        new double[] {x - 9, x, x + 9, x + 9, x - 9},
        new double[] {y - 3, y - 11, y - 3, y + 9, y + 9},
        5);
    g.setFill(Color.web("#e0a526"));
    g.fillPolygon(
        new double[] {x + 2, x - 4, x, x - 2, x + 4, x},
        new double[] {y - 6, y + 1, y + 1, y + 7, y - 1, y - 1},
        6);
  }

  void place(PlaceKind kind, double x, double y, boolean chosen) {
    halo(x, y, chosen);
    g.setStroke(palette.ink());
    g.setFill(palette.card());
    g.setLineWidth(1.4);
    switch (kind) {
      case SITE -> {
        double[] xs = {x - 8, x, x + 8, x + 8, x - 8};
        double[] ys = {y - 3, y - 10, y - 3, y + 8, y + 8};
        g.fillPolygon(xs, ys, 5);
        g.setLineDashes(3, 2);
        g.strokePolygon(xs, ys, 5);
        g.setLineDashes();
      }
      case OUTLET -> {
        g.fillRoundRect(x - 10, y - 7, 20, 14, 6, 6);
        g.strokeRoundRect(x - 10, y - 7, 20, 14, 6, 6);
        g.setFill(palette.ink());
        g.fillOval(x - 6, y - 2, 4, 4);
        g.fillOval(x + 2, y - 2, 4, 4);
      }
      case NETWORK -> {
        g.strokeLine(x, y, x - 8, y + 7);
        g.strokeLine(x, y, x + 8, y + 7);
        g.strokeLine(x, y, x, y - 8);
        for (double[] p : new double[][] {{x - 8, y + 7}, {x + 8, y + 7}, {x, y - 8}}) {
          g.fillRect(p[0] - 3, p[1] - 3, 6, 6);
          g.strokeRect(p[0] - 3, p[1] - 3, 6, 6);
        }
      }
      case NOTE -> {
        double[] xs = {x - 7, x + 3, x + 7, x + 7, x - 7};
        double[] ys = {y - 8, y - 8, y - 4, y + 8, y + 8};
        g.setFill(palette.pick());
        g.fillPolygon(xs, ys, 5);
        g.strokePolygon(xs, ys, 5);
        g.strokeLine(x - 4, y - 2, x + 4, y - 2);
        g.strokeLine(x - 4, y + 2, x + 4, y + 2);
      }
      case SET -> {
        double[] xs = {x, x + 8, x, x - 8};
        double[] ys = {y - 8, y, y + 8, y};
        g.fillPolygon(xs, ys, 4);
        g.strokePolygon(xs, ys, 4);
      }
      case BULBS -> {
        g.fillOval(x - 5, y - 3, 10, 11);
        g.strokeOval(x - 5, y - 3, 10, 11);
        g.setFill(palette.ink());
        g.fillRect(x - 3, y - 8, 6, 5);
      }
    }
  }

  private void halo(double x, double y, boolean chosen) {
    if (chosen) {
      g.setFill(palette.pick());
      g.fillOval(x - CHOSEN, y - CHOSEN, 2 * CHOSEN, 2 * CHOSEN);
      g.setStroke(palette.power());
      g.setLineWidth(2);
      g.strokeOval(x - CHOSEN, y - CHOSEN, 2 * CHOSEN, 2 * CHOSEN);
    }
  }

  /** Where data enters, with an arrow to where it goes. */
  static void feedEnd(GraphicsContext g, Palette palette, double x, double y, double angle) {
    g.setFill(palette.power());
    g.fillOval(x - 5.5, y - 5.5, 11, 11);
    double cos = Math.cos(angle);
    double sin = Math.sin(angle);
    double ox = x + sin * 13;
    double oy = y - cos * 13;
    double tx = ox + cos * 30;
    double ty = oy + sin * 30;
    g.setStroke(palette.power());
    g.setLineWidth(2);
    g.strokeLine(ox, oy, tx, ty);
    g.fillPolygon(
        new double[] {tx + cos * 9, tx - sin * 5, tx + sin * 5},
        new double[] {ty + sin * 9, ty + cos * 5, ty - cos * 5},
        3);
  }

  static void handle(GraphicsContext g, Palette palette, double x, double y) {
    g.setFill(palette.card());
    g.setStroke(palette.power());
    g.setLineWidth(1.6);
    g.fillRect(x - 4, y - 4, 8, 8);
    g.strokeRect(x - 4, y - 4, 8, 8);
  }

  static void cross(GraphicsContext g, Palette palette, double x, double y) {
    g.setStroke(palette.ink());
    g.setLineWidth(1);
    g.strokeLine(x - 14, y, x + 14, y);
    g.strokeLine(x, y - 14, x, y + 14);
  }
}
