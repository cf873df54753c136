package bunting.desktop.picture;

import bunting.core.show.Attach;
import bunting.desktop.look.Palette;
import javafx.scene.canvas.GraphicsContext;

/**
 * The head of a feed's post, by what is done there: a round one at the port, whose lead is plugged
 * in anyway; a square plug at an end, a joint or a corner; a cross where someone cuts and solders.
 */
public final class JoinMark {
  private JoinMark() {}

  /** Paints it with its middle at a point; {@code r} is half of its width. */
  public static void paint(
      GraphicsContext g, Palette palette, Attach attach, double x, double y, double r) {
    g.setFill(palette.power());
    switch (attach) {
      case PORT -> g.fillOval(x - r, y - r, 2 * r, 2 * r);
      case END, JOINT, CORNER -> g.fillRect(x - r, y - r, 2 * r, 2 * r);
      case CUT -> {
        g.setFill(palette.card());
        g.fillOval(x - r, y - r, 2 * r, 2 * r);
        g.setStroke(palette.power());
        g.setLineWidth(2);
        g.strokeLine(x - r, y - r, x + r, y + r);
        g.strokeLine(x - r, y + r, x + r, y - r);
      }
    }
  }
}
