package bunting.desktop.power;

import bunting.core.dc.LineSolution;
import bunting.core.dc.WhiteTest;
import bunting.core.injection.FeedPlaces;
import bunting.core.show.PixelType;
import bunting.core.show.Texts;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** Paints the quick sheet's answer: volts along the run, posts, and cloth as full white shows. */
final class QuickPainter {
  private static final double LEFT = 56;
  private static final double TOP = 16;
  private static final double RIGHT = 20;
  private static final double FOOT = 20;
  private static final double CLOTH = 16;
  private static final double LEAST_WIDTH = 200;
  private static final int PENNANTS = 90;

  private final GraphicsContext g;
  private final Palette palette;
  private final double w;
  private final double h;
  private double volts;
  private double range;

  QuickPainter(GraphicsContext g, Palette palette) {
    this.g = g;
    this.palette = palette;
    this.w = g.getCanvas().getWidth();
    this.h = g.getCanvas().getHeight();
  }

  private double y(double v) {
    return TOP + (volts - v) / range * (h - FOOT - TOP);
  }

  void paint(PixelType type, Optional<FeedPlaces.Found> found, double least) {
    g.setFill(palette.card());
    g.fillRect(0, 0, w, h);
    if (found.isEmpty() || w < LEAST_WIDTH) {
      return;
    }
    LineSolution.Stands s = found.get().solution();
    volts = type.volts();
    range = (volts - Math.min(least, s.volts().lowest())) * 1.25;
    double scale = (w - LEFT - RIGHT) / s.volts().size();
    scaleLine(volts, palette.line());
    scaleLine(least, palette.good());
    cloth(type, s, scale);
    cord(s, scale);
    g.setStroke(palette.power());
    g.setLineWidth(3);
    for (int at : found.get().places()) {
      double x = LEFT + (at + 0.5) * scale;
      g.strokeLine(x, y(s.volts().at(at)), x, h - FOOT);
      text(Integer.toString(at + 1), x, h - 6, palette.ink(), TextAlignment.CENTER);
    }
  }

  private void scaleLine(double v, Color colour) {
    g.setLineWidth(1);
    g.setStroke(colour);
    double y = Math.round(y(v)) + 0.5;
    g.strokeLine(LEFT - 6, y, w - 12, y);
    text(Texts.fixed(v, 2) + " V", LEFT - 10, y + 4, palette.soft(), TextAlignment.RIGHT);
  }

  private void cloth(PixelType type, LineSolution.Stands s, double scale) {
    int n = s.volts().size();
    int step = Math.max(1, n / PENNANTS);
    g.setLineWidth(0.7);
    g.setStroke(palette.soft());
    for (int i = 0; i < n; i += step) {
      double v = s.volts().at(i);
      int rgb = WhiteTest.rgb(type.load(), v / type.volts());
      double x = LEFT + i * scale;
      double wide = Math.max(2, Math.min(step, n - i) * scale - 1);
      double[] xs = {x, x + wide, x + wide / 2};
      double[] ys = {y(v), y(v), y(v) + CLOTH};
      g.setFill(Color.rgb(rgb >> 16 & 0xFF, rgb >> 8 & 0xFF, rgb & 0xFF));
      g.fillPolygon(xs, ys, 3);
      g.strokePolygon(xs, ys, 3);
    }
  }

  private void cord(LineSolution.Stands s, double scale) {
    g.setStroke(palette.cord());
    g.setLineWidth(2);
    g.beginPath();
    g.moveTo(LEFT + 0.5 * scale, y(s.volts().at(0)));
    for (int i = 1; i < s.volts().size(); i++) {
      g.lineTo(LEFT + (i + 0.5) * scale, y(s.volts().at(i)));
    }
    g.stroke();
  }

  private void text(String text, double x, double y, Color colour, TextAlignment align) {
    g.setFont(Fonts.plain(Fonts.SMALL));
    g.setFill(colour);
    g.setTextAlign(align);
    g.fillText(text, x, y);
  }
}
