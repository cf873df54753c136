package bunting.desktop.bench;

import bunting.core.show.Controller;
import bunting.desktop.look.Fonts;
import bunting.desktop.session.Selection;
import bunting.desktop.survey.Beads;
import bunting.desktop.survey.Viewport;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** What is written over the live pixels. */
final class LiveSigns {
  private static final Color FAINT = Color.web("#8d9aa3");
  private static final Color PAPER = Color.web("#efe6d2");

  /** What is marked, on the site and on the line. */
  static final Color MARK = Color.web("#f0b64c");

  private final GraphicsContext g;
  private final Beads all;
  private final Viewport v;
  private final double width;
  private final double height;

  LiveSigns(GraphicsContext g, Beads all, Viewport v, double width, double height) {
    this.g = g;
    this.all = all;
    this.v = v;
    this.width = width;
    this.height = height;
  }

  /** Boxes with their names, the run that is chosen, and the pixels that are marked. */
  void paint(Selection selection, Optional<LiveElevation.Mark> mark) {
    g.setTextAlign(TextAlignment.LEFT);
    List<Rectangle2D> taken = new ArrayList<>();
    for (Controller c : all.boxes()) {
      double x = v.x(c.x());
      double y = v.y(c.y());
      g.setFill(FAINT);
      g.fillRoundRect(x - 5, y - 6, 10, 12, 3, 3);
      g.setFill(LiveElevation.DUSK);
      g.fillRect(x - 2.5, y - 3, 5, 2);
      taken.add(new Rectangle2D(x - 6, y - 7, 12, 14));
    }
    for (Controller c : all.boxes()) {
      double x = v.x(c.x());
      double y = v.y(c.y());
      if (x >= 0 && x <= width && y >= 0 && y <= height) {
        label(c.id(), x, y, taken);
      }
    }
    if (selection instanceof Selection.OfRun r) {
      all.strip(r.name()).ifPresent(s -> named(s));
    }
    mark.ifPresent(m -> all.strip(m.run()).ifPresent(s -> marked(s, m)));
  }

  /** The name of a box, where there is room: under it, over it, further down; or not at all. */
  private void label(String text, double x, double y, List<Rectangle2D> taken) {
    double wide = Fonts.width(text, Fonts.bold(Fonts.SMALL)) + 6;
    for (double down : new double[] {22, -12, 38, -28, 54}) {
      double left = Math.max(2, Math.min(x - wide / 2, width - wide - 2));
      Rectangle2D place = new Rectangle2D(left, y + down - 12, wide, 16);
      if (taken.stream().noneMatch(place::intersects)) {
        taken.add(place);
        g.setFont(Fonts.bold(Fonts.SMALL));
        g.setFill(LiveElevation.DUSK.deriveColor(0, 1, 1, 0.75));
        g.fillRoundRect(left, y + down - 12, wide, 16, 5, 5);
        g.setFill(FAINT);
        g.fillText(text, left + 3, y + down);
        return;
      }
    }
  }

  private void named(Beads.Strip s) {
    double x = v.x(all.x(s.first()));
    double y = v.y(all.y(s.first()));
    g.setStroke(PAPER);
    g.setLineWidth(1.6);
    g.strokeOval(x - 7, y - 7, 14, 14);
    plate(s.run().name(), x + 11, y - 6);
  }

  private void marked(Beads.Strip s, LiveElevation.Mark m) {
    g.setStroke(MARK);
    g.setLineWidth(2);
    for (int pixel : new int[] {m.first(), m.last()}) {
      int at = s.first() + Math.clamp(pixel, 1, s.count()) - 1;
      g.strokeOval(v.x(all.x(at)) - 9, v.y(all.y(at)) - 9, 18, 18);
    }
    int end = s.first() + Math.clamp(m.last(), 1, s.count()) - 1;
    String text = m.first() == m.last() ? "" + m.first() : m.first() + " to " + m.last();
    plate(text, v.x(all.x(end)) + 12, v.y(all.y(end)) + 16);
  }

  /** Words on dusk. */
  private void plate(String text, double x, double y) {
    double wide = Fonts.width(text, Fonts.bold(Fonts.SMALL)) + 10;
    double left = Math.max(2, Math.min(x, width - wide - 2));
    g.setFill(Color.web("#14202a"));
    g.fillRoundRect(left, y - 12, wide, 17, 5, 5);
    g.setFill(PAPER);
    g.setFont(Fonts.bold(Fonts.SMALL));
    g.fillText(text, left + 5, y + 1);
  }
}
