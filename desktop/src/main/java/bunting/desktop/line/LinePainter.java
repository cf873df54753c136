package bunting.desktop.line;

import bunting.core.assess.PortReading;
import bunting.core.assess.SegmentReading;
import bunting.core.show.Texts;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import bunting.desktop.picture.BuntingPainter;
import bunting.desktop.picture.JoinMark;
import java.util.function.Predicate;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** Paints a line from its shape. Painting twice gives the same. */
final class LinePainter {
  /** How much of its ground a run that moves is tinted. */
  private static final double MOVING = 0.16;

  private final GraphicsContext g;
  private final Palette palette;
  private final Predicate<String> moves;
  private double dx;
  private double dy;

  /**
   * @param moves whether a run is marked as one that moves
   */
  LinePainter(GraphicsContext g, Palette palette, Predicate<String> moves) {
    this.g = g;
    this.palette = palette;
    this.moves = moves;
  }

  void paint(BoardLayout.Row row, LineShape shape, double x, double y, String pickedRun) {
    dx = x;
    dy = y;
    for (LineShape.Span span : shape.runs()) {
      if (span.run().equals(pickedRun)) {
        g.setFill(palette.pick());
        g.fillRoundRect(
            dx + span.x1() - 3,
            dy + 4,
            Math.max(8, span.x2() - span.x1() + 6),
            shape.height() - 8,
            8,
            8);
      }
      if (moves.test(span.run())) {
        g.setFill(palette.warn().deriveColor(0, 1, 1, MOVING));
        g.fillRoundRect(
            dx + span.x1() - 3,
            dy + LineGeometry.CORD_TOP - 6,
            Math.max(8, span.x2() - span.x1() + 6),
            shape.footY() + 36 - LineGeometry.CORD_TOP + 6,
            6,
            6);
      }
    }
    ground(shape);
    stitches(shape);
    BuntingPainter bunting = new BuntingPainter(g, palette, dx, dy);
    bunting.pennants(shape.line(), LineGeometry.CLOTH);
    bunting.cords(shape.line(), 2);
    posts(shape);
    labels(shape, pickedRun);
    peg(row.port().port(), true, dx + 22, dy + LineGeometry.CORD_TOP + 6);
    flag(row.port(), shape);
  }

  void peg(int number, boolean used, double x, double y) {
    g.setFill(used ? palette.ink() : palette.card());
    g.setStroke(used ? palette.ink() : palette.soft());
    g.setLineWidth(1.2);
    g.fillOval(x - 10, y - 10, 20, 20);
    g.strokeOval(x - 10, y - 10, 20, 20);
    text(
        Integer.toString(number),
        x,
        y + 4,
        Fonts.bold(Fonts.SMALL),
        used ? palette.card() : palette.soft(),
        TextAlignment.CENTER);
  }

  private void ground(LineShape shape) {
    g.setStroke(palette.good());
    g.setLineWidth(1);
    g.setLineDashes(1.5, 4);
    line(dx + 44, dy + shape.groundY(), dx + shape.flagX(), dy + shape.groundY());
    g.setLineDashes();
  }

  private void line(double x1, double y1, double x2, double y2) {
    g.strokeLine(x1, Math.round(y1) + 0.5, x2, Math.round(y2) + 0.5);
  }

  private void stitches(LineShape shape) {
    for (LineShape.Stitch s : shape.stitches()) {
      g.setStroke(palette.soft());
      g.setLineWidth(1);
      if (s.universe()) {
        g.setLineDashes(3, 3);
      }
      double x = Math.round(dx + s.x()) + 0.5;
      g.strokeLine(
          x,
          dy + LineGeometry.CORD_TOP - 6,
          x,
          dy + LineGeometry.CORD_TOP + 8 + LineGeometry.SAG_TO_LEAST);
      g.setLineDashes();
      if (!s.label().isEmpty()) {
        text(
            s.label(),
            x + 3,
            dy + 11,
            Fonts.plain(Fonts.SMALL),
            palette.soft(),
            TextAlignment.LEFT);
      }
    }
  }

  private void posts(LineShape shape) {
    for (LineShape.Post p : shape.posts()) {
      double x = dx + p.x();
      g.setStroke(palette.power());
      g.setLineWidth(p.viaPort() ? 3 : 2);
      g.strokeLine(x, dy + p.topY(), x, dy + shape.footY());
      JoinMark.paint(g, palette, p.attach(), x, dy + p.topY(), 3.5);
      g.setFill(palette.power());
      if (!p.tag().isEmpty()) {
        g.fillRoundRect(
            dx + p.tagX(), dy + shape.footY() - 1, p.tagWidth(), LineGeometry.TAG_HEIGHT, 5, 5);
        text(
            p.tag(),
            dx + p.tagX() + 5,
            dy + shape.footY() + 11.5,
            Fonts.bold(Fonts.SMALL),
            palette.powerInk(),
            TextAlignment.LEFT);
      }
    }
  }

  private void labels(LineShape shape, String pickedRun) {
    for (LineShape.Span s : shape.runs()) {
      boolean moving = moves.test(s.run());
      boolean bold = moving || s.run().equals(pickedRun);
      text(
          s.label(),
          dx + s.x1(),
          dy + shape.footY() + 30,
          bold ? Fonts.bold(Fonts.SMALL) : Fonts.plain(Fonts.SMALL),
          moving ? palette.warn() : palette.ink(),
          TextAlignment.LEFT);
    }
  }

  private void flag(PortReading port, LineShape shape) {
    double x = Math.round(dx + shape.flagX()) + 0.5;
    g.setStroke(palette.soft());
    g.setLineWidth(1.2);
    g.strokeLine(x, dy + 12, x, dy + shape.footY());
    g.setFill(palette.soft());
    g.fillPolygon(new double[] {x, x + 9, x}, new double[] {dy + 12, dy + 16, dy + 20}, 3);
    double least = port.segments().stream().mapToDouble(s -> s.volts().lowest()).min().orElse(0);
    double percent =
        port.segments().stream().mapToDouble(SegmentReading::minPercent).min().orElse(0);
    boolean bad = percent < leastPercent;
    double right = dx + shape.flagX() + 98;
    text(
        (bad ? "! " : "") + Texts.fixed(least, 2) + " V",
        right,
        dy + 28,
        Fonts.bold(12.5),
        bad ? palette.stop() : palette.good(),
        TextAlignment.RIGHT);
    text(
        port.pixels() + " of " + capacity,
        right,
        dy + 44,
        Fonts.plain(Fonts.SMALL),
        palette.soft(),
        TextAlignment.RIGHT);
    text(
        Texts.fixed(port.amps(), 1) + " A by port",
        right,
        dy + 59,
        Fonts.plain(Fonts.SMALL),
        palette.soft(),
        TextAlignment.RIGHT);
  }

  private double leastPercent;
  private int capacity;

  /**
   * What the next line is judged by: its least share of volts in percent, and the pixels at its
   * flag.
   */
  LinePainter judgedBy(double percent, int pixelsAtFlag) {
    leastPercent = percent - 1e-6;
    capacity = pixelsAtFlag;
    return this;
  }

  void text(
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
