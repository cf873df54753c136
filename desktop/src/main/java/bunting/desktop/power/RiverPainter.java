package bunting.desktop.power;

import bunting.core.copper.Fuses;
import bunting.core.lens.LensPalette;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** Paints the river from its layout. Painting twice gives the same. */
final class RiverPainter {
  private static final double FULL = 0.8;

  /** A fuse behind a board's input stands in by so much, pixels, and its stem by so much. */
  private static final double INDENT = 16;

  private static final double STEM = 7;

  /** Kept for the share at the right, pixels. */
  private static final double SHARE_ROOM = 96;

  private final GraphicsContext g;
  private final Palette palette;
  private final double width;
  private final RiverColumns columns;
  private final double dy;

  RiverPainter(GraphicsContext g, Palette palette, double width, double scrolled) {
    this.g = g;
    this.palette = palette;
    this.width = width;
    this.columns = RiverColumns.of(width);
    this.dy = -scrolled;
  }

  void paint(RiverLayout river, String picked, String chosenFeed) {
    g.setFill(palette.ground());
    g.fillRect(0, 0, width, g.getCanvas().getHeight());
    for (RiverLayout.Band b : river.upper()) {
      band(b, columns.circuitW(), columns.supplyX());
    }
    for (RiverLayout.Band b : river.lower()) {
      band(b, columns.supplyX() + columns.supplyW(), columns.fuseX());
    }
    river.circuits().forEach(b -> block(b, 0, columns.circuitW()));
    river.supplies().forEach(b -> block(b, columns.supplyX(), columns.supplyW()));
    river.stems().forEach(this::stem);
    for (RiverFuse f : river.fuses()) {
      fuse(f, f.id().equals(picked), f.feeds().contains(chosenFeed));
    }
  }

  private Color kind(int kind) {
    int rgb = kind < 0 ? 0 : LensPalette.kind(kind, palette.night());
    return kind < 0 ? palette.soft() : Color.rgb(rgb >> 16 & 0xFF, rgb >> 8 & 0xFF, rgb & 0xFF);
  }

  private void band(RiverLayout.Band b, double x1, double x2) {
    g.setFill(kind(b.kind()).deriveColor(0, 1, 1, palette.night() ? 0.34 : 0.28));
    double half = b.thick() / 2;
    double mid = (x1 + x2) / 2;
    double y1 = b.y1() + dy;
    double y2 = b.y2() + dy;
    g.beginPath();
    g.moveTo(x1, y1 - half);
    g.bezierCurveTo(mid, y1 - half, mid, y2 - half, x2, y2 - half);
    g.lineTo(x2, y2 + half);
    g.bezierCurveTo(mid, y2 + half, mid, y1 + half, x1, y1 + half);
    g.closePath();
    g.fill();
  }

  private void block(RiverLayout.Block b, double x, double w) {
    g.setFill(palette.card());
    g.fillRoundRect(x, b.y() + dy, w, b.height(), 6, 6);
    g.setFill(b.full() ? palette.stop() : kind(b.kind()));
    g.fillRoundRect(x, b.y() + dy, 6, b.height(), 6, 6);
    double y = b.y() + dy + 16;
    for (int i = 0; i < b.lines().size() && y < b.y() + dy + b.height() + 2; i++) {
      String line = (b.full() && i == 1 ? "! " : "") + b.lines().get(i);
      var font = i == 0 ? Fonts.bold(Fonts.SMALL) : Fonts.plain(Fonts.SMALL);
      Color colour = b.full() && i == 1 ? palette.stop() : i == 0 ? palette.ink() : palette.soft();
      text(Fonts.fitted(line, font, w - 14), x + 12, y, font, colour, TextAlignment.LEFT);
      y += 15;
    }
  }

  /** From under a board's input to the left of a fuse behind it. */
  private void stem(RiverLayout.Stem s) {
    double x = columns.fuseX() + STEM;
    g.setStroke(kind(s.kind()).deriveColor(0, 1, 1, palette.night() ? 0.5 : 0.45));
    g.setLineWidth(s.thick());
    g.beginPath();
    g.moveTo(x, s.y1() + dy + 9);
    g.lineTo(x, s.y2() + dy);
    g.lineTo(columns.fuseX() + INDENT, s.y2() + dy);
    g.stroke();
  }

  private void fuse(RiverFuse f, boolean picked, boolean chosen) {
    double y = f.y() + dy;
    double x = columns.fuseX() + f.depth() * INDENT;
    double w = columns.fuseW() - f.depth() * INDENT;
    if (picked || chosen) {
      g.setFill(palette.pick());
      g.fillRoundRect(columns.fuseX() - 5, y - 10.5, width - columns.fuseX() + 5, 21, 8, 8);
    }
    if (!f.blown() && f.board().isEmpty()) {
      band(
          new RiverLayout.Band(f.y(), f.y(), f.thick(), f.kind()),
          columns.fuseX() + columns.fuseW(),
          columns.lineX() - 8);
    }
    double worst = Math.max(f.share(), f.worstShare());
    boolean over = worst > 1 + 1e-9;
    boolean full = !over && worst > FULL + 1e-9;
    Color judged = over ? palette.stop() : full ? palette.warn() : palette.ink();
    g.setFill(palette.card());
    g.fillRoundRect(x, y - 9, w, 18, 8, 8);
    g.setStroke(judged);
    g.setLineWidth(over || full ? 1.8 : 1.2);
    if (f.blown()) {
      g.setLineDashes(4, 3);
    }
    g.strokeRoundRect(x, y - 9, w, 18, 8, 8);
    g.setLineDashes();
    String label =
        f.blown()
            ? "lost · " + bunting.core.show.Texts.number(f.rating()) + " A"
            : (over ? "! " : "")
                + bunting.core.show.Texts.fixed(f.amps(), 1)
                + " / "
                + bunting.core.show.Texts.number(f.rating())
                + " A";
    text(
        label,
        x + w / 2,
        y + 4,
        Fonts.bold(Fonts.SMALL),
        f.blown() ? palette.stop() : judged,
        TextAlignment.CENTER);
    double right = width - 8;
    String share =
        f.blown()
            ? "dark"
            : (f.burns()
                    ? "! burns: "
                    : worst >= Fuses.OPENS_SHARE ? "opens: " : over ? "over: " : "")
                + Math.round(100 * worst)
                + " %"
                + (over || f.burns() ? "" : " of it" + (full ? ", full" : ""))
                + (f.worstShare() > f.share() + 1e-9 ? " at white" : "");
    text(
        share,
        right,
        y + 4,
        Fonts.plain(Fonts.SMALL),
        over || f.burns() ? palette.stop() : palette.soft(),
        TextAlignment.RIGHT);
    double room = right - SHARE_ROOM - columns.lineX();
    var font = chosen ? Fonts.bold(Fonts.SMALL) : Fonts.plain(Fonts.SMALL);
    text(
        Fonts.fitted(f.line(), font, room),
        columns.lineX(),
        y + 4,
        font,
        palette.ink(),
        TextAlignment.LEFT);
  }

  /** The frame that says where the keyboard is. */
  void focus(double height) {
    g.setStroke(palette.power());
    g.setLineWidth(2);
    g.strokeRoundRect(1, 1, width - 2, height - 2, 6, 6);
  }

  private void text(
      String text,
      double x,
      double y,
      javafx.scene.text.Font font,
      Color colour,
      TextAlignment align) {
    g.setFont(font);
    g.setFill(colour);
    g.setTextAlign(align);
    g.fillText(text, x, y);
  }
}
