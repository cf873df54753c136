package bunting.desktop.survey;

import bunting.core.show.Point;
import bunting.core.units.Lengths;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;

/** Paints what is being set: corners, the leg to the hand with its length, and what to do next. */
final class DraftPainter {
  /** What the ruler and its figure take at the left, pixels. */
  private static final double RULER_ROOM = 290;

  private final GraphicsContext g;
  private final Viewport view;
  private final Palette palette;
  private final Lengths lengths;

  DraftPainter(GraphicsContext g, Viewport view, Palette palette, Lengths lengths) {
    this.g = g;
    this.view = view;
    this.palette = palette;
    this.lengths = lengths;
  }

  void paint(Drafting drafting, double width, double height, boolean focused) {
    Tool tool = drafting.tool().get();
    String full = tool.text() + ": " + drafting.hint();
    String hint = Fonts.fitted(full, Fonts.plain(Fonts.SMALL), width - RULER_ROOM);
    g.setFont(Fonts.plain(Fonts.SMALL));
    g.setFill(palette.soft());
    g.fillText(hint, width - Fonts.width(hint, Fonts.plain(Fonts.SMALL)) - 16, height - 16);
    if (focused) {
      g.setStroke(palette.power());
      g.setLineWidth(2);
      g.strokeRect(1, 1, width - 2, height - 2);
    }
    if (tool != Tool.PICK && tool != Tool.PICTURE) {
      int points =
          switch (tool) {
            case SCALE -> 2;
            case STRAIGHT -> PhotoCorners.COUNT;
            default -> Integer.MAX_VALUE;
          };
      corners(drafting, points);
    }
  }

  /**
   * @param most so many points are wanted; where that is known they lie free in the picture
   */
  private void corners(Drafting drafting, int most) {
    boolean scaling = most < Integer.MAX_VALUE;
    Tracing tracing = drafting.tracing();
    List<Point> corners = new ArrayList<>(tracing.corners());
    Tracing.Next next = drafting.next();
    boolean open = corners.size() < most;
    Point hand = scaling ? drafting.cursor() : next.at();
    if (open) {
      corners.add(hand);
    }
    line(corners);
    tracing.corners().forEach(c -> SignPainter.handle(g, palette, view.x(c), view.y(c)));
    if (open) {
      SignPainter.cross(g, palette, view.x(hand), view.y(hand));
    }
    if (corners.size() > 1) {
      Point a = corners.get(corners.size() - 2);
      Point b = corners.getLast();
      String measure = lengths.text(a.distanceTo(b)) + (scaling ? " now" : led(next.led()));
      String said = tracing.typed().isEmpty() ? measure : tracing.typed() + "_";
      flag(said, (view.x(a) + view.x(b)) / 2, (view.y(a) + view.y(b)) / 2 - 12);
    }
  }

  /** A box round runs. */
  void band(Viewport.Box box) {
    g.setStroke(palette.power());
    g.setLineWidth(1.2);
    g.setLineDashes(5, 4);
    g.strokeRect(
        view.x(box.left()),
        view.y(box.top()),
        view.x(box.right()) - view.x(box.left()),
        view.y(box.bottom()) - view.y(box.top()));
    g.setLineDashes();
  }

  /** Corners joined by a line. */
  void line(List<Point> corners) {
    g.setStroke(palette.power());
    g.setLineWidth(2);
    for (int i = 1; i < corners.size(); i++) {
      Point a = corners.get(i - 1);
      Point b = corners.get(i);
      g.strokeLine(view.x(a), view.y(a), view.x(b), view.y(b));
    }
  }

  private static String led(Tracing.Led led) {
    return switch (led) {
      case FREE -> "";
      case LEVEL -> " level";
      case PLUMB -> " plumb";
      case EQUAL -> " equal";
      case MET -> " meets";
    };
  }

  private void flag(String text, double x, double y) {
    double w = Fonts.width(text, Fonts.bold(13));
    g.setFill(palette.ink());
    g.fillRoundRect(x - w / 2 - 8, y - 16, w + 16, 23, 8, 8);
    g.setFont(Fonts.bold(13));
    g.setFill(palette.card());
    g.fillText(text, x - w / 2, y);
  }
}
