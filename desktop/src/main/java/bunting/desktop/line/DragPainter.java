package bunting.desktop.line;

import bunting.core.assess.PortReading;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** A pennant in the hand, and at each peg what it would make of it. */
final class DragPainter {
  private static final double WIDEST = 330;

  private final GraphicsContext g;
  private final Palette p;
  private final LinePainter painter;

  DragPainter(GraphicsContext g, Palette p) {
    this.g = g;
    this.p = p;
    this.painter = new LinePainter(g, p, run -> false);
  }

  private Color judged(PegDrag drag, PortReading port) {
    return drag.fit(port.controller(), port.port()).hindrance().isEmpty() ? p.good() : p.stop();
  }

  /** A line that the pennant could go to. */
  void row(PegDrag drag, BoardLayout.Row row, double x, double y, double w) {
    Color colour = judged(drag, row.port());
    ring(colour, x + 22, y + 22);
    String text = Fonts.fitted(drag.brief(row.port()), Fonts.bold(Fonts.SMALL), WIDEST);
    double wide = Fonts.width(text, Fonts.bold(Fonts.SMALL)) + 16;
    double left = x + w - wide - 8;
    double top = y + row.height() - 27;
    g.setFill(p.card());
    g.fillRoundRect(left, top, wide, 22, 8, 8);
    g.setStroke(colour);
    g.setLineWidth(1.2);
    g.strokeRoundRect(left, top, wide, 22, 8, 8);
    painter.text(text, left + 8, top + 15, Fonts.bold(Fonts.SMALL), colour, TextAlignment.LEFT);
  }

  /** Spare pegs: ringed, ticked or crossed. */
  void spare(PegDrag drag, BoardLayout.Row row, double x, double y) {
    double px = x + 22;
    for (PortReading port : row.ports()) {
      Color colour = judged(drag, port);
      ring(colour, px, y + 13);
      boolean fits = drag.fit(port.controller(), port.port()).hindrance().isEmpty();
      painter.text(
          fits ? "✓" : "✕", px + 5, y + 8, Fonts.bold(Fonts.SMALL), colour, TextAlignment.LEFT);
      px += 26;
    }
  }

  private void ring(Color colour, double x, double y) {
    g.setStroke(colour);
    g.setLineWidth(2.5);
    g.strokeOval(x - 11.5, y - 11.5, 23, 23);
  }

  /** The pennant under the hand, with what the peg under it would make of it. */
  void hand(PegDrag drag, double x, double y, double width) {
    String name = Fonts.fitted(drag.name(), Fonts.bold(12), 200);
    String text = Fonts.fitted(drag.text(), Fonts.plain(12), 420);
    double wide =
        Math.max(Fonts.width(name, Fonts.bold(12)), Fonts.width(text, Fonts.plain(12))) + 30;
    double left = Math.clamp(x + 14, 4, Math.max(4, width - wide - 4));
    double high = text.isEmpty() ? 26 : 44;
    Color edge = !drag.isOverPeg() ? p.soft() : drag.fits() ? p.good() : p.stop();
    double[] xs = {left, left + wide, left + wide - 12, left};
    double[] ys = {y + 10, y + 10, y + 10 + high, y + 10 + high};
    g.setFill(p.card());
    g.fillPolygon(xs, ys, 4);
    g.setStroke(edge);
    g.setLineWidth(2);
    g.strokePolygon(xs, ys, 4);
    painter.text(name, left + 9, y + 27, Fonts.bold(12), p.ink(), TextAlignment.LEFT);
    if (!text.isEmpty()) {
      painter.text(text, left + 9, y + 45, Fonts.plain(12), edge, TextAlignment.LEFT);
    }
  }
}
