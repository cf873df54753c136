package bunting.desktop.power;

import bunting.core.show.Attach;
import bunting.core.show.Texts;
import bunting.core.units.Lengths;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import bunting.desktop.picture.BuntingLine;
import bunting.desktop.picture.BuntingPainter;
import bunting.desktop.picture.JoinMark;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Paints a cord from its layout. Painting twice gives the same. */
final class CordPainter {
  private static final double TAG_TOP = 4;
  private static final double TAG_ROW = 17;

  /** A trunk goes on beyond its tails. */
  private static final double TRUNK_BEYOND = 14;

  private final GraphicsContext g;
  private final Palette palette;
  private final Lengths lengths;

  /** Right of the scale and of a first post. */
  private static final double LABELS_FROM = 62;

  CordPainter(GraphicsContext g, Palette palette, Lengths lengths) {
    this.g = g;
    this.palette = palette;
    this.lengths = lengths;
  }

  void paint(CordLayout cord, String chosen, boolean inHand, OptionalDouble hover) {
    double w = g.getCanvas().getWidth();
    double h = g.getCanvas().getHeight();
    g.setFill(palette.card());
    g.fillRect(0, 0, w, h);
    scale(cord, w);
    stitches(cord);
    BuntingPainter bunting = new BuntingPainter(g, palette, 0, 0);
    bunting.pennants(cord.line(), CordLayout.CLOTH);
    bunting.cords(cord.line(), 2.2);
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
      text(line.label(), 40, y + 4, Fonts.plain(Fonts.SMALL), palette.soft(), TextAlignment.RIGHT);
    }
    g.setStroke(palette.good());
    g.setLineDashes(1.5, 4);
    g.strokeLine(46, Math.round(ground) + 0.5, w - 14, Math.round(ground) + 0.5);
    g.setLineDashes();
  }

  /** Over all that the cord has: at the right, or at the left where the lowest pixel is right. */
  private void leastAllowed(CordLayout cord, double w) {
    String label = Texts.fixed(cord.leastVolts(), 2) + " V least allowed";
    double wide = Fonts.width(label, Fonts.plain(Fonts.SMALL)) + 8;
    double y = cord.y(cord.leastVolts());
    boolean atLeft = cord.least().filter(l -> l.x() > w / 2).isPresent();
    double from = atLeft ? LABELS_FROM : w - 16 - wide;
    g.setFill(palette.card().deriveColor(0, 1, 1, 0.9));
    g.fillRoundRect(from, y + 3, wide, 15, 5, 5);
    text(label, from + 4, y + 14, Fonts.plain(Fonts.SMALL), palette.good(), TextAlignment.LEFT);
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
            Fonts.plain(Fonts.SMALL),
            palette.soft(),
            TextAlignment.LEFT);
      }
    }
  }

  private void posts(CordLayout cord, String chosen, boolean inHand) {
    trunks(cord);
    List<Double> free = new ArrayList<>(List.of(0.0, 0.0));
    for (BuntingLine.Post p : cord.line().posts()) {
      boolean mine = p.feed().feed().id().equals(chosen);
      g.setStroke(palette.power());
      g.setLineWidth(mine ? 4.5 : 3);
      boolean tail = p.feed().feed().trunk().isPresent();
      if (tail && !mine) {
        g.setLineWidth(2);
      }
      g.strokeLine(p.x(), p.y(), p.x(), cord.floor());
      JoinMark.paint(g, palette, p.feed().attach(), p.x(), p.y(), 5);
      if (mine) {
        g.setStroke(inHand ? palette.warn() : palette.ink());
        g.setLineWidth(2);
        g.strokeOval(p.x() - 8, p.y() - 8, 16, 16);
      }
      tag(cord, p, mine, free);
    }
  }

  /** A heavy line along the floor past the tails of each trunk, as it goes on. */
  private void trunks(CordLayout cord) {
    Map<String, List<Double>> tails = new LinkedHashMap<>();
    for (BuntingLine.Post p : cord.line().posts()) {
      p.feed()
          .feed()
          .trunk()
          .ifPresent(t -> tails.computeIfAbsent(t, k -> new ArrayList<>()).add(p.x()));
    }
    g.setStroke(palette.power());
    g.setLineWidth(5);
    tails.forEach(
        (trunk, xs) -> {
          double left = xs.stream().mapToDouble(x -> x).min().orElse(0) - TRUNK_BEYOND;
          double right = xs.stream().mapToDouble(x -> x).max().orElse(0) + TRUNK_BEYOND;
          double y = cord.floor() - 2;
          g.strokeLine(Math.max(0, left), y, Math.min(cord.width(), right), y);
        });
  }

  /** Fuse, wire and length over the post, in the first of two rows that has room. */
  private void tag(CordLayout cord, BuntingLine.Post p, boolean mine, List<Double> free) {
    var f = p.feed().feed();
    Font font = mine ? Fonts.bold(Fonts.SMALL) : Fonts.plain(Fonts.SMALL);
    String behind = f.trunk().map(t -> t + " · ").orElse("");
    String amps =
        Texts.fixed(p.feed().amps(), 1) + " A · " + behind + "fuse " + Texts.number(f.fuseAmps());
    String full = amps + " A · " + f.wire() + " · " + lengths.rough(p.feed().lengthM());
    String joined = p.feed().attach() == Attach.PORT ? full : full + " · " + p.feed().attach().id();
    for (String text : List.of(joined, full, amps + " A", Texts.fixed(p.feed().amps(), 1) + " A")) {
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
    for (BuntingLine.Span s : cord.line().spans()) {
      double room = s.x2() - s.x1() + 6;
      String name = s.segment().run().name();
      String count = s.segment().segment().pixels() + " px";
      text(
          Fonts.fitted(name, Fonts.bold(Fonts.SMALL), room),
          s.x1(),
          cord.floor() + 28,
          Fonts.bold(Fonts.SMALL),
          palette.ink(),
          TextAlignment.LEFT);
      text(
          Fonts.fitted(count, Fonts.plain(Fonts.SMALL), room),
          s.x1(),
          cord.floor() + 43,
          Fonts.plain(Fonts.SMALL),
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
    double half = Fonts.width(label, Fonts.bold(Fonts.SMALL)) / 2;
    double x = Math.clamp(l.x(), 54 + half, w - 20 - half);
    double y = l.y() + CordLayout.CLOTH + 16;
    double top = Math.min(y, g.getCanvas().getHeight() - 54);
    g.setFill(palette.card().deriveColor(0, 1, 1, 0.85));
    g.fillRoundRect(x - half - 4, top - 11, 2 * half + 8, 15, 5, 5);
    text(label, x, top, Fonts.bold(Fonts.SMALL), colour, TextAlignment.CENTER);
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
