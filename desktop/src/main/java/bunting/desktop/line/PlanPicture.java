package bunting.desktop.line;

import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import bunting.desktop.session.Planning;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/**
 * What the board shows while a show gets its first plan: every run as a strip as long as its
 * pixels, in the order of the list, and as much of them filled as has been planned.
 */
final class PlanPicture {
  private static final double EDGE = 24;
  private static final double HEAD = 76;
  private static final double ROW = 22;
  private static final double STRIP = 13;
  private static final double GAP = 4;
  private static final double LEAST = 3;
  private static final double PER_PIXEL_MOST = 0.6;

  private final GraphicsContext g;
  private final Palette p;

  PlanPicture(GraphicsContext g, Palette palette) {
    this.g = g;
    this.p = palette;
  }

  void paint(Show show, Planning.Progress progress, double width, double height) {
    long pixels = show.runs().stream().mapToLong(Run::pixels).sum();
    LinePainter painter = new LinePainter(g, p, run -> false);
    painter.text(
        "Planning " + Texts.count(show.runs().size(), "run", "runs"),
        EDGE,
        36,
        Fonts.bold(16),
        p.ink(),
        TextAlignment.LEFT);
    String doing =
        progress.done() == 0
            ? "Choosing ports…"
            : "Finding feeds: "
                + progress.done()
                + " of "
                + progress.of()
                + " controller boards are done.";
    painter.text(doing, EDGE, 58, Fonts.plain(12), p.soft(), TextAlignment.LEFT);
    double scale = scale(show, width, height);
    double share = (double) progress.done() / progress.of();
    long before = 0;
    double x = EDGE;
    double y = HEAD;
    for (Run run : show.runs()) {
      double w = strip(run, scale);
      if (x + w > width - EDGE && x > EDGE) {
        x = EDGE;
        y += ROW;
      }
      w = Math.min(w, width - 2 * EDGE);
      g.setFill(before < share * pixels ? p.power() : p.card());
      g.fillRoundRect(x, y, w, STRIP, 5, 5);
      g.setStroke(p.line());
      g.setLineWidth(1);
      g.strokeRoundRect(x + 0.5, y + 0.5, w - 1, STRIP - 1, 5, 5);
      x += w + GAP;
      before += run.pixels();
    }
  }

  private static double strip(Run run, double scale) {
    return Math.max(LEAST, run.pixels() * scale);
  }

  /** Pixels of the screen for a pixel of a run, so that all runs are in sight. */
  private static double scale(Show show, double width, double height) {
    double scale = PER_PIXEL_MOST;
    double rows = Math.max(1, Math.floor((height - HEAD) / ROW) - 1);
    while (scale > 1e-4 && rows(show, scale, width) > rows) {
      scale *= 0.8;
    }
    return scale;
  }

  private static double rows(Show show, double scale, double width) {
    double x = 0;
    int rows = 1;
    double most = width - 2 * EDGE;
    for (Run run : show.runs()) {
      double w = Math.min(strip(run, scale), most);
      if (x + w > most && x > 0) {
        x = 0;
        rows++;
      }
      x += w + GAP;
    }
    return rows;
  }
}
