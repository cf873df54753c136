package bunting.desktop.glossary;

import bunting.desktop.kit.Painted;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import java.util.List;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.GraphicsContext;

/** The picture of a word, as large as its place. */
final class WordPicture extends Painted {
  private static final double WIDE = 100;
  private static final double HIGH = 60;
  private static final double HEAD = 3.2;

  /** A sketch does not gain by being larger, pixels a unit. */
  private static final double SCALE_MOST = 5;

  private List<Words.Stroke> strokes = List.of();

  WordPicture(ObservableValue<Palette> palette) {
    super(palette, "word-picture", "A sketch of the word that is chosen.");
  }

  void show(Words.Word word) {
    strokes = word.strokes();
    repaint();
  }

  @Override
  protected void paint(GraphicsContext g, Palette p, double width, double height) {
    g.setFill(p.card());
    g.fillRect(0, 0, width, height);
    double scale = Math.min(SCALE_MOST, Math.min(width / WIDE, height / HIGH));
    g.save();
    for (Words.Stroke s : strokes) {
      g.setStroke(p.ink());
      g.setFill(p.ink());
      g.setLineWidth(Math.max(1.5, scale * 0.6));
      g.setLineDashes();
      stroke(g, p, s, scale);
    }
    g.restore();
  }

  private static void stroke(GraphicsContext g, Palette p, Words.Stroke s, double scale) {
    List<Double> n = s.numbers().stream().map(v -> v * scale).toList();
    switch (s.kind()) {
      case "line" -> line(g, n);
      case "heavy" -> {
        g.setStroke(p.power());
        g.setLineWidth(scale * 1.8);
        line(g, n);
      }
      case "dash" -> {
        g.setStroke(p.soft());
        g.setLineDashes(scale * 1.5, scale * 1.5);
        line(g, n);
      }
      case "arrow" -> arrow(g, p, n, scale);
      case "beads" -> beads(g, p, n, (int) Math.round(s.numbers().get(4)), scale);
      case "dot" -> {
        g.setFill(p.power());
        disc(g, n.get(0), n.get(1), scale * 2.6);
      }
      case "ring", "circle" ->
          g.strokeOval(n.get(0) - n.get(2), n.get(1) - n.get(2), 2 * n.get(2), 2 * n.get(2));
      case "rect" -> g.strokeRect(n.get(0), n.get(1), n.get(2), n.get(3));
      case "fill" -> {
        g.setFill(p.pick());
        g.fillRect(n.get(0), n.get(1), n.get(2), n.get(3));
        g.strokeRect(n.get(0), n.get(1), n.get(2), n.get(3));
      }
      case "box" -> hut(g, n.get(0), n.get(1), scale);
      case "text" -> {
        g.setFont(Fonts.plain(Math.max(Fonts.SMALL, scale * 6)));
        g.setFill(p.soft());
        g.fillText(s.text(), n.get(0), n.get(1));
      }
      default -> throw new IllegalStateException("no such stroke: " + s.kind());
    }
  }

  private static void line(GraphicsContext g, List<Double> n) {
    for (int i = 3; i < n.size(); i += 2) {
      g.strokeLine(n.get(i - 3), n.get(i - 2), n.get(i - 1), n.get(i));
    }
  }

  private static void arrow(GraphicsContext g, Palette p, List<Double> n, double scale) {
    g.setStroke(p.power());
    g.setFill(p.power());
    line(g, n);
    double angle = Math.atan2(n.get(3) - n.get(1), n.get(2) - n.get(0));
    double back = HEAD * scale;
    double x = n.get(2);
    double y = n.get(3);
    g.fillPolygon(
        new double[] {x, x - back * Math.cos(angle - 0.45), x - back * Math.cos(angle + 0.45)},
        new double[] {y, y - back * Math.sin(angle - 0.45), y - back * Math.sin(angle + 0.45)},
        3);
  }

  private static void beads(GraphicsContext g, Palette p, List<Double> n, int count, double scale) {
    g.setStroke(p.line());
    g.strokeLine(n.get(0), n.get(1), n.get(2), n.get(3));
    g.setFill(p.ink());
    for (int i = 0; i < count; i++) {
      double t = i / (count - 1.0);
      disc(
          g,
          n.get(0) + t * (n.get(2) - n.get(0)),
          n.get(1) + t * (n.get(3) - n.get(1)),
          scale * 1.5);
    }
  }

  private static void disc(GraphicsContext g, double x, double y, double radius) {
    g.fillOval(x - radius, y - radius, 2 * radius, 2 * radius);
  }

  private static void hut(GraphicsContext g, double x, double y, double scale) {
    double w = 8 * scale;
    g.fillPolygon(
        new double[] {x - w, x, x + w, x + w, x - w},
        new double[] {y - w * 0.3, y - w * 1.2, y - w * 0.3, y + w, y + w},
        5);
  }
}
