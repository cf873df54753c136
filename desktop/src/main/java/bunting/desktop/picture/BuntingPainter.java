package bunting.desktop.picture;

import bunting.desktop.look.Palette;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/** Paints the cloth and the cords of a line, wherever it stands. Painting twice gives the same. */
public final class BuntingPainter {
  private static final double EDGE = 0.8;
  private static final double NIGHT_OPACITY = 0.94;

  private final GraphicsContext g;
  private final Palette palette;
  private final double dx;
  private final double dy;

  /**
   * @param dx where the line's left edge is
   * @param dy where its top is
   */
  public BuntingPainter(GraphicsContext g, Palette palette, double dx, double dy) {
    this.g = g;
    this.palette = palette;
    this.dx = dx;
    this.dy = dy;
  }

  /**
   * The cloth.
   *
   * @param length how far it hangs down
   */
  public void pennants(BuntingLine line, double length) {
    g.setLineWidth(EDGE);
    for (BuntingLine.Pennant p : line.pennants()) {
      double gap = Math.min(EDGE, (p.x2() - p.x1()) * 0.06);
      double[] xs = {dx + p.x1() + gap, dx + p.x2() - gap, dx + (p.x1() + p.x2()) / 2};
      double[] ys = {dy + p.y1(), dy + p.y2(), dy + (p.y1() + p.y2()) / 2 + length};
      double opacity = palette.night() ? NIGHT_OPACITY : 1;
      int rgb = p.rgb();
      g.setFill(Color.rgb(rgb >> 16 & 0xFF, rgb >> 8 & 0xFF, rgb & 0xFF, opacity));
      g.fillPolygon(xs, ys, 3);
      if (!palette.night()) {
        g.setStroke(palette.soft().deriveColor(0, 1, 1, 0.75));
        g.strokePolygon(xs, ys, 3);
      }
    }
  }

  /** The cords and the cables between segments. */
  public void cords(BuntingLine line, double thickness) {
    g.setStroke(palette.cord());
    g.setLineWidth(thickness);
    for (double[] cord : line.cords()) {
      g.beginPath();
      g.moveTo(dx + cord[0], dy + cord[1]);
      for (int i = 2; i < cord.length; i += 2) {
        g.lineTo(dx + cord[i], dy + cord[i + 1]);
      }
      g.stroke();
    }
    for (BuntingLine.Joint j : line.joints()) {
      g.setLineWidth(j.power() ? thickness : 1);
      if (!j.power()) {
        g.setLineDashes(2, 2);
      }
      g.strokeLine(dx + j.x1(), dy + j.y1(), dx + j.x2(), dy + j.y2());
      g.setLineDashes();
    }
  }
}
