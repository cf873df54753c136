package bunting.desktop.build;

import bunting.core.build.BuiltBox;
import bunting.core.build.Hole;
import bunting.core.build.Part;
import bunting.core.build.Plate;
import bunting.desktop.kit.Keys;
import bunting.desktop.kit.Painted;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/**
 * A box with its lid open, to scale: what is screwed on, the wall with the glands folded out below
 * it, and each cable from its screw to its hole.
 */
final class PlateView extends Painted {
  private static final double EDGE = 16;

  /** Of each wall that is folded out, millimetres: a row of glands and its numbers. */
  private static final double WALL_MM = 44;

  private static final double GRID_MM = 100;
  private static final double NEAR = 6;

  private final Runnable told;
  private Optional<BuiltBox> box = Optional.empty();

  /** Of parts first, then of holes; -1: none. */
  private int chosen = -1;

  private double scale = 1;
  private double left;
  private double top;

  PlateView(ObservableValue<Palette> palette, Runnable told) {
    super(
        palette,
        "plate",
        "The inside of a box, to scale. Left and right walk through its parts and holes.");
    this.told = told;
    setFocusTraversable(true);
    focusedProperty().addListener(o -> repaint());
    setOnMousePressed(
        e -> {
          requestFocus();
          choose(at(e.getX(), e.getY()));
        });
    new Keys()
        .on(KeyCode.RIGHT, () -> walk(1))
        .on(KeyCode.LEFT, () -> walk(-1))
        .on(KeyCode.HOME, () -> choose(0))
        .on(KeyCode.ESCAPE, () -> choose(-1))
        .install(this);
  }

  void show(Optional<BuiltBox> now) {
    boolean same = box.map(BuiltBox::name).equals(now.map(BuiltBox::name));
    box = now;
    choose(same && chosen < count() ? chosen : -1);
  }

  /** The part that is chosen. */
  Optional<Plate.Placed> part() {
    return box.filter(b -> chosen >= 0 && chosen < parts(b))
        .map(b -> b.plate().parts().get(chosen));
  }

  /** The hole that is chosen. */
  Optional<Hole> hole() {
    return box.filter(b -> chosen >= parts(b)).map(b -> b.holes().get(chosen - parts(b)));
  }

  void choose(int index) {
    chosen = index < count() ? index : -1;
    repaint();
    told.run();
  }

  private void walk(int by) {
    int count = count();
    if (count > 0) {
      choose(chosen < 0 ? (by > 0 ? 0 : count - 1) : Math.floorMod(chosen + by, count));
    }
  }

  private static int parts(BuiltBox b) {
    return b.plate().parts().size();
  }

  private int count() {
    return box.map(b -> parts(b) + b.holes().size()).orElse(0);
  }

  private int at(double x, double y) {
    if (box.isEmpty()) {
      return -1;
    }
    BuiltBox b = box.get();
    for (Hole h : b.holes()) {
      if (Math.hypot(x - x(h.xMm()), y - y(b, h)) <= h.holeMm() / 2 * scale + NEAR) {
        return parts(b) + h.number() - 1;
      }
    }
    for (int i = 0; i < parts(b); i++) {
      Plate.Placed p = b.plate().parts().get(i);
      double px = x - x(p.xMm());
      double py = y - y(p.yMm());
      if (px >= 0
          && py >= 0
          && px <= p.part().wideMm() * scale
          && py <= p.part().tallMm() * scale) {
        return i;
      }
    }
    return -1;
  }

  private double x(double mm) {
    return left + mm * scale;
  }

  private double y(double mm) {
    return top + (mm + WALL_MM) * scale;
  }

  private double y(BuiltBox b, Hole h) {
    return y(h.mains() ? -WALL_MM / 2 : b.plate().tallMm() + WALL_MM * (h.row() - 0.6));
  }

  private static int rows(BuiltBox b) {
    return b.holes().stream().mapToInt(Hole::row).max().orElse(1);
  }

  @Override
  protected void paint(GraphicsContext g, Palette p, double width, double height) {
    g.setFill(p.ground());
    g.fillRect(0, 0, width, height);
    box.ifPresent(b -> paint(g, p, b, width, height));
    if (isFocused()) {
      g.setStroke(p.power());
      g.setLineWidth(2);
      g.strokeRoundRect(1, 1, width - 2, height - 2, 6, 6);
    }
  }

  private void paint(GraphicsContext g, Palette p, BuiltBox b, double width, double height) {
    Plate plate = b.plate();
    double tall = plate.tallMm() + WALL_MM * (1 + rows(b));
    scale = Math.min((width - 2 * EDGE) / plate.wideMm(), (height - 2 * EDGE) / tall);
    left = (width - plate.wideMm() * scale) / 2;
    top = (height - tall * scale) / 2;
    g.setFill(p.card());
    g.fillRect(x(0), y(0), plate.wideMm() * scale, plate.tallMm() * scale);
    grid(g, p, plate);
    walls(g, p, b);
    b.holes().forEach(h -> cable(g, p, b, h, false));
    hole().ifPresent(h -> cable(g, p, b, h, true));
    part()
        .ifPresent(
            placed ->
                b.holes().stream()
                    .filter(h -> h.part().equals(placed.part().id()))
                    .forEach(h -> cable(g, p, b, h, true)));
    plate.parts().forEach(placed -> part(g, p, placed, part().filter(placed::equals).isPresent()));
    b.holes().forEach(h -> hole(g, p, b, h, hole().filter(h::equals).isPresent()));
  }

  private void grid(GraphicsContext g, Palette p, Plate plate) {
    g.setStroke(p.line());
    g.setLineWidth(0.6);
    for (double mm = GRID_MM; mm < plate.wideMm(); mm += GRID_MM) {
      g.strokeLine(x(mm), y(0), x(mm), y(plate.tallMm()));
    }
    for (double mm = GRID_MM; mm < plate.tallMm(); mm += GRID_MM) {
      g.strokeLine(x(0), y(mm), x(plate.wideMm()), y(mm));
    }
  }

  private void walls(GraphicsContext g, Palette p, BuiltBox b) {
    Plate plate = b.plate();
    g.setStroke(p.cord());
    g.setLineWidth(2.5);
    g.strokeRect(x(0), y(0), plate.wideMm() * scale, plate.tallMm() * scale);
    g.setLineWidth(1);
    g.setStroke(p.soft());
    g.strokeRect(x(0), y(plate.tallMm()), plate.wideMm() * scale, WALL_MM * rows(b) * scale);
    if (b.holes().stream().anyMatch(Hole::mains)) {
      g.strokeRect(x(0), y(-WALL_MM), plate.wideMm() * scale, WALL_MM * scale);
    }
  }

  private void part(GraphicsContext g, Palette p, Plate.Placed placed, boolean picked) {
    Part part = placed.part();
    double wide = part.wideMm() * scale;
    double tall = part.tallMm() * scale;
    double px = x(placed.xMm());
    double py = y(placed.yMm());
    g.setFill(picked ? p.pick() : p.ground());
    g.fillRoundRect(px, py, wide, tall, 5, 5);
    g.setStroke(part.kind().mains() ? p.stop() : p.ink());
    g.setLineWidth(picked ? 3 : 1.4);
    g.strokeRoundRect(px, py, wide, tall, 5, 5);
    g.setTextAlign(TextAlignment.LEFT);
    text(g, p.ink(), part.id(), Fonts.bold(Fonts.SMALL), px + 5, py + 15, wide - 8);
    if (tall > 36) {
      text(g, p.soft(), part.kind().words(), Fonts.plain(Fonts.SMALL), px + 5, py + 30, wide - 8);
    }
    if (tall > 52) {
      text(g, p.soft(), part.says(), Fonts.plain(Fonts.SMALL), px + 5, py + 45, wide - 8);
    }
  }

  private static void text(
      GraphicsContext g, Color ink, String text, Font font, double x, double y, double most) {
    g.setFont(font);
    g.setFill(ink);
    g.fillText(Fonts.fitted(text, font, most), x, y);
  }

  private void hole(GraphicsContext g, Palette p, BuiltBox b, Hole h, boolean picked) {
    double radius = h.holeMm() / 2 * scale;
    double cx = x(h.xMm());
    double cy = y(b, h);
    g.setFill(picked ? p.pick() : p.card());
    g.fillOval(cx - radius, cy - radius, 2 * radius, 2 * radius);
    g.setStroke(h.mains() ? p.stop() : p.ink());
    g.setLineWidth(picked ? 3 : 1.4);
    g.strokeOval(cx - radius, cy - radius, 2 * radius, 2 * radius);
    g.setTextAlign(TextAlignment.CENTER);
    g.setFont(Fonts.plain(Fonts.SMALL));
    g.setFill(p.ink());
    g.fillText("" + h.number(), cx, cy + radius + 12);
  }

  /** From the middle of its part to the hole, as it would be dressed: down, along, down. */
  private void cable(GraphicsContext g, Palette p, BuiltBox b, Hole h, boolean picked) {
    Optional<Plate.Placed> from =
        b.plate().parts().stream().filter(x -> x.part().id().equals(h.part())).findFirst();
    if (from.isEmpty()) {
      return;
    }
    Plate.Placed a = from.get();
    double ax = x(a.xMm() + a.part().wideMm() / 2);
    double edge = h.mains() ? 0 : a.part().tallMm();
    double ay = y(a.yMm() + edge);
    double cy = y(b, h) + (h.mains() ? 1 : -1) * h.holeMm() / 2 * scale;
    double bend = h.mains() ? y(0) + 4 : y(b.plate().tallMm()) - 4 - h.number() % 6 * 3;
    g.setStroke(picked ? p.power() : p.line());
    g.setLineWidth(picked ? 2.5 : 1);
    g.strokePolyline(
        new double[] {ax, ax, x(h.xMm()), x(h.xMm())}, new double[] {ay, bend, bend, cy}, 4);
  }
}
