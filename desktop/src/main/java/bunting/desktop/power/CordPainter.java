package bunting.desktop.power;

import bunting.core.show.Texts;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Paints a cord from its layout. Painting twice gives the same. */
final class CordPainter {
  private static final double TAG_TOP = 4;
  private static final double TAG_ROW = 17;

  private final GraphicsContext g;
  private final Palette palette;

  CordPainter(GraphicsContext g, Palette palette) {
    this.g = g;
    this.palette = palette;
  }

  void paint(CordLayout cord, String chosen, boolean inHand, OptionalDouble hover) {
    double w = g.getCanvas().getWidth();
    double h = g.getCanvas().getHeight();
    g.setFill(palette.card());
    g.fillRect(0, 0, w, h);
    scale(cord, w);
    stitches(cord);
    pennants(cord);
    cords(cord);
    posts(cord, chosen, inHand);
    names(cord);
    leastAllowed(cord, w);
    cord.least().ifPresent(this::least);
    hover.ifPresent(
        x -> {
          g.setStroke(palette.soft());
          g.setLineWidth(1);
          g.setLineDashes(2, 3);
          g.strokeLine(x, CordLayout.TOP - 4, x, cord.floor());
          g.setLineDashes();
        });
  }

  private void scale(CordLayout cord, double w) {
    double ground = cord.y(cord.leastVolts());
    g.setFill(palette.good().deriveColor(0, 1, 1, 0.09));
    g.fillRect(46, ground, w - 60, Math.max(0, cord.floor() - ground));
    for (CordLayout.Grid line : cord.grids()) {
      g.setStroke(palette.line());
      g.setLineWidth(1);
      double y = Math.round(line.y()) + 0.5;
      g.strokeLine(46, y, w - 14, y);
      text(line.label(), 40, y + 4, Fonts.plain(10.5), palette.soft(), TextAlignment.RIGHT);
    }
    g.setStroke(palette.good());
    g.setLineDashes(1.5, 4);
    g.strokeLine(46, Math.round(ground) + 0.5, w - 14, Math.round(ground) + 0.5);
    g.setLineDashes();
  }

  /** Over all that the cord has, at the right, where it is read last. */
  private void leastAllowed(CordLayout cord, double w) {
    String label = Texts.fixed(cord.leastVolts(), 2) + " V least allowed";
    double wide = Fonts.width(label, Fonts.plain(10.5)) + 8;
    double y = cord.y(cord.leastVolts());
    g.setFill(palette.card().deriveColor(0, 1, 1, 0.9));
    g.fillRoundRect(w - 16 - wide, y + 3, wide, 15, 5, 5);
    text(label, w - 20, y + 14, Fonts.plain(10.5), palette.good(), TextAlignment.RIGHT);
  }

  private void stitches(CordLayout cord) {
    for (CordLayout.Stitch s : cord.stitches()) {
      double x = Math.round(s.x()) + 0.5;
      g.setStroke(palette.soft());
      g.setLineWidth(1);
      g.setLineDashes(3, 3);
      g.strokeLine(x, cord.floor() - 16, x, cord.floor());
      g.setLineDashes();
      if (!s.label().isEmpty()) {
        text(
            s.label(),
            x + 3,
            cord.floor() + 11,
            Fonts.plain(10),
            palette.soft(),
            TextAlignment.LEFT);
      }
    }
  }

  private void pennants(CordLayout cord) {
    g.setLineWidth(0.8);
    for (CordLayout.Pennant p : cord.pennants()) {
      double[] xs = {p.x1() + 0.5, p.x2() - 0.5, (p.x1() + p.x2()) / 2};
      double[] ys = {p.y1(), p.y2(), (p.y1() + p.y2()) / 2 + CordLayout.CLOTH};
      g.setFill(Color.rgb(p.rgb() >> 16 & 0xFF, p.rgb() >> 8 & 0xFF, p.rgb() & 0xFF));
      g.fillPolygon(xs, ys, 3);
      if (!palette.night()) {
        g.setStroke(palette.soft().deriveColor(0, 1, 1, 0.75));
        g.strokePolygon(xs, ys, 3);
      }
    }
  }

  private void cords(CordLayout cord) {
    g.setStroke(palette.cord());
    g.setLineWidth(2.2);
    for (double[] c : cord.cords()) {
      g.beginPath();
      g.moveTo(c[0], c[1]);
      for (int i = 2; i < c.length; i += 2) {
        g.lineTo(c[i], c[i + 1]);
      }
      g.stroke();
    }
    for (CordLayout.Joint j : cord.joints()) {
      g.setLineWidth(j.power() ? 2.2 : 1);
      if (!j.power()) {
        g.setLineDashes(2, 2);
      }
      g.strokeLine(j.x1(), j.y1(), j.x2(), j.y2());
      g.setLineDashes();
    }
  }

  private void posts(CordLayout cord, String chosen, boolean inHand) {
    List<Double> free = new ArrayList<>(List.of(0.0, 0.0));
    for (CordLayout.Post p : cord.posts()) {
      boolean mine = p.feed().feed().id().equals(chosen);
      g.setStroke(palette.power());
      g.setLineWidth(mine ? 4.5 : 3);
      for (double x : p.taps()) {
        g.setLineWidth(2);
        g.strokeLine(x, p.y(), x, cord.floor());
      }
      if (!p.taps().isEmpty()) {
        g.setLineWidth(4);
        g.strokeLine(p.x(), cord.floor() - 2, p.taps().getLast(), cord.floor() - 2);
      }
      g.strokeLine(p.x(), p.y(), p.x(), cord.floor());
      g.setFill(palette.power());
      g.fillOval(p.x() - 5, p.y() - 5, 10, 10);
      if (mine) {
        g.setStroke(inHand ? palette.warn() : palette.ink());
        g.setLineWidth(2);
        g.strokeOval(p.x() - 8, p.y() - 8, 16, 16);
      }
      tag(cord, p, mine, free);
    }
  }

  /** Fuse, wire and length over the post, in the first of two rows that has room. */
  private void tag(CordLayout cord, CordLayout.Post p, boolean mine, List<Double> free) {
    var f = p.feed().feed();
    Font font = mine ? Fonts.bold(11) : Fonts.plain(11);
    String amps = Texts.fixed(p.feed().amps(), 1) + " A · fuse " + Texts.number(f.fuseAmps());
    String full = amps + " A · " + f.wire() + " · " + Texts.fixed(p.feed().lengthM(), 1) + " m";
    for (String text : List.of(full, amps + " A", Texts.fixed(p.feed().amps(), 1) + " A")) {
      double wide = Fonts.width(text, font) + 12;
      for (int row = 0; row < free.size(); row++) {
        double left =
            Math.clamp(
                p.x() - wide / 2, free.get(row), Math.max(free.get(row), cord.width() - wide - 4));
        boolean near = left <= p.x() + 2 && left + wide >= p.x() - 2;
        if (near && left + wide <= cord.width()) {
          double y = TAG_TOP + row * TAG_ROW;
          g.setStroke(palette.power());
          g.setLineWidth(1);
          g.setLineDashes(1, 3);
          g.strokeLine(p.x(), y + 15, p.x(), p.y() - 6);
          g.setLineDashes();
          g.setFill(palette.power());
          g.fillRoundRect(left, y, wide, 15, 5, 5);
          text(text, left + 6, y + 11.5, font, palette.powerInk(), TextAlignment.LEFT);
          free.set(row, left + wide + 4);
          return;
        }
      }
    }
  }

  private void names(CordLayout cord) {
    for (CordLayout.Span s : cord.spans()) {
      double room = s.x2() - s.x1() + 6;
      String name = s.segment().run().name();
      String count = s.segment().segment().pixels() + " px";
      text(
          Fonts.fitted(name, Fonts.bold(11.5), room),
          s.x1(),
          cord.floor() + 28,
          Fonts.bold(11.5),
          palette.ink(),
          TextAlignment.LEFT);
      text(
          Fonts.fitted(count, Fonts.plain(10.5), room),
          s.x1(),
          cord.floor() + 43,
          Fonts.plain(10.5),
          palette.soft(),
          TextAlignment.LEFT);
    }
  }

  private void least(CordLayout.Least l) {
    Color colour = l.enough() ? palette.good() : palette.stop();
    g.setStroke(colour);
    g.setLineWidth(2);
    g.strokeOval(l.x() - 5, l.y() - 5, 10, 10);
    double w = g.getCanvas().getWidth();
    String label = (l.enough() ? "" : "! ") + l.label();
    double half = Fonts.width(label, Fonts.bold(11)) / 2;
    double x = Math.clamp(l.x(), 54 + half, w - 20 - half);
    double y = l.y() + CordLayout.CLOTH + 16;
    double top = Math.min(y, g.getCanvas().getHeight() - 54);
    g.setFill(palette.card().deriveColor(0, 1, 1, 0.85));
    g.fillRoundRect(x - half - 4, top - 11, 2 * half + 8, 15, 5, 5);
    text(label, x, top, Fonts.bold(11), colour, TextAlignment.CENTER);
  }

  /** The frame that says where the keyboard is. */
  void focus() {
    g.setStroke(palette.power());
    g.setLineWidth(2);
    g.strokeRoundRect(1, 1, g.getCanvas().getWidth() - 2, g.getCanvas().getHeight() - 2, 6, 6);
  }

  private void text(String text, double x, double y, Font font, Color colour, TextAlignment align) {
    g.setFont(font);
    g.setFill(colour);
    g.setTextAlign(align);
    g.fillText(text, x, y);
  }
}
