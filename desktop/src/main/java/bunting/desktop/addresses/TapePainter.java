package bunting.desktop.addresses;

import bunting.core.lens.LensPalette;
import bunting.desktop.look.Contrast;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Paints the rows of the universe tape. */
final class TapePainter {
  static final double LEFT = 62;
  private static final double RIGHT = 14;
  private static final int SLOTS = 512;

  private final GraphicsContext g;
  private final Palette p;
  private final double width;

  TapePainter(GraphicsContext g, Palette p, double width) {
    this.g = g;
    this.p = p;
    this.width = width;
  }

  private double x(double slot) {
    return LEFT + (width - LEFT - RIGHT) * (slot - 1) / SLOTS;
  }

  static double slotAt(double x, double width) {
    return 1 + (x - LEFT) / Math.max(1, width - LEFT - RIGHT) * SLOTS;
  }

  void ground(double height) {
    g.setFill(p.ground());
    g.fillRect(0, 0, width, height);
  }

  void focus(double height) {
    g.setStroke(p.power());
    g.setLineWidth(2);
    g.strokeRect(2, 2, width - 4, height - 4);
  }

  void ruler(double height) {
    g.setFill(p.ground());
    g.fillRect(0, 0, width, height);
    for (int slot : new int[] {1, 128, 256, 384, 512}) {
      double at = x(slot == 1 ? 1 : slot + 1);
      text(
          Integer.toString(slot),
          at,
          14,
          Fonts.plain(Fonts.SMALL),
          p.soft(),
          slot == 1
              ? TextAlignment.LEFT
              : slot == SLOTS ? TextAlignment.RIGHT : TextAlignment.CENTER);
    }
  }

  void row(TapeLayout.Row row, double y, String picked) {
    switch (row.kind()) {
      case SIGN -> sign(row, y);
      case TAPE -> tape(row, y, picked);
      case FOREIGN -> foreign(row, y);
    }
  }

  private Color colour(TapeLayout.Row row) {
    int rgb = LensPalette.kind(row.colour(), p.night());
    return Color.rgb(rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255);
  }

  private void sign(TapeLayout.Row row, double y) {
    g.setFill(colour(row));
    g.fillPolygon(
        new double[] {LEFT, LEFT + 12, LEFT + 6}, new double[] {y + 12, y + 12, y + 23}, 3);
    boolean folded = row.text().endsWith("folded");
    text(folded ? "▸" : "▾", LEFT - 14, y + 22, Fonts.bold(12), p.soft(), TextAlignment.RIGHT);
    String name = Fonts.fitted(row.box(), Fonts.bold(13), 240);
    text(name, LEFT + 19, y + 22, Fonts.bold(13), p.ink(), TextAlignment.LEFT);
    double at = LEFT + 19 + Fonts.width(name, Fonts.bold(13)) + 12;
    String universes = "universes " + row.text();
    text(
        Fonts.fitted(universes, Fonts.plain(Fonts.SMALL), width - at - RIGHT),
        at,
        y + 22,
        Fonts.plain(Fonts.SMALL),
        p.soft(),
        TextAlignment.LEFT);
  }

  private void tape(TapeLayout.Row row, double y, String picked) {
    text(row.text(), LEFT - 10, y + 16, Fonts.bold(12), p.ink(), TextAlignment.RIGHT);
    strip(y);
    Color colour = colour(row);
    Color ink = Contrast.inkOn(colour);
    for (TapeLayout.Block b : row.blocks()) {
      double from = x(b.first());
      double to = x(b.last() + 1);
      boolean on = b.what().equals(picked);
      g.setFill(colour);
      g.fillRect(from, y + 1, Math.max(1.5, to - from - 1), 20);
      if (on) {
        g.setStroke(p.ink());
        g.setLineWidth(2.5);
        g.strokeRect(from + 1, y + 1.5, Math.max(1.5, to - from - 3), 19);
      }
      double room = to - from - (b.nailed() ? 22 : 10);
      if (room > 16) {
        text(
            Fonts.fitted(b.what(), Fonts.bold(Fonts.SMALL), room),
            from + 6,
            y + 15.5,
            Fonts.bold(Fonts.SMALL),
            ink,
            TextAlignment.LEFT);
      }
      if (b.nailed() && to - from > 9) {
        g.setFill(ink);
        g.fillOval(to - 11, y + 8.5, 5.5, 5.5);
      }
    }
  }

  private void strip(double y) {
    g.setFill(p.card());
    g.fillRect(LEFT, y, width - LEFT - RIGHT, 22);
    g.setStroke(p.line());
    g.setLineWidth(1);
    g.strokeRect(LEFT + 0.5, y + 0.5, width - LEFT - RIGHT - 1, 21);
  }

  private void foreign(TapeLayout.Row row, double y) {
    text(row.text(), LEFT - 10, y + 16, Fonts.bold(12), p.ink(), TextAlignment.RIGHT);
    strip(y);
    g.save();
    g.beginPath();
    g.rect(LEFT + 1, y + 1, width - LEFT - RIGHT - 2, 20);
    g.clip();
    g.setStroke(p.soft());
    g.setLineWidth(0.8);
    for (double x = LEFT - 20; x < width; x += 9) {
      g.strokeLine(x, y + 22, x + 22, y);
    }
    g.restore();
    double wide = Fonts.width(row.box(), Fonts.plain(12)) + 16;
    double left = LEFT + (width - LEFT - RIGHT - wide) / 2;
    g.setFill(p.card());
    g.fillRect(left, y + 2, wide, 18);
    text(row.box(), left + 8, y + 15.5, Fonts.plain(12), p.soft(), TextAlignment.LEFT);
  }

  private void text(String text, double x, double y, Font font, Color colour, TextAlignment align) {
    g.setFont(font);
    g.setFill(colour);
    g.setTextAlign(align);
    g.fillText(text, x, y);
  }
}
