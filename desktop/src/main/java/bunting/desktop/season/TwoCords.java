package bunting.desktop.season;

import bunting.core.revision.Revision;
import bunting.core.show.Run;
import bunting.desktop.kit.Painted;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/**
 * The runs of two seasons on two cords, one over the other, each as wide as its pixels: what stands
 * hangs from both, what changed is tied across, what is gone or new hangs from one alone.
 */
final class TwoCords extends Painted {
  private static final double EDGE = 10;
  private static final double UPPER = 24;
  private static final double LOWER = 92;
  private static final double TALL = 26;
  private static final double LEAST = 3;

  private final Tooltip tip = new Tooltip();
  private final List<Pennant> pennants = new ArrayList<>();
  private Optional<SeasonsModel.Compared> compared = Optional.empty();
  private String now = "";
  private String chosen = "";

  private record Pennant(String run, double x, double width, double top) {
    boolean holds(MouseEvent e) {
      return e.getX() >= x && e.getX() <= x + width && e.getY() >= top && e.getY() <= top + TALL;
    }

    double middle() {
      return x + width / 2;
    }
  }

  TwoCords(ObservableValue<Palette> palette, Consumer<String> choose) {
    super(palette, "two-cords", "The runs of two seasons, one over the other.");
    setMinHeight(LOWER + TALL + 24);
    setPrefHeight(LOWER + TALL + 24);
    Tooltip.install(this, tip);
    setOnMouseMoved(e -> tip.setText(at(e).map(Pennant::run).orElse("a pennant a run")));
    setOnMouseClicked(e -> at(e).ifPresent(p -> choose.accept(p.run())));
  }

  void show(Optional<SeasonsModel.Compared> two, String name) {
    compared = two;
    now = name;
    repaint();
  }

  void choose(String run) {
    chosen = run;
    repaint();
  }

  private Optional<Pennant> at(MouseEvent e) {
    return pennants.stream().filter(p -> p.holds(e)).findFirst();
  }

  @Override
  protected void paint(GraphicsContext g, Palette p, double width, double height) {
    g.setFill(p.ground());
    g.fillRect(0, 0, width, height);
    pennants.clear();
    if (compared.isEmpty() || width < 8 * EDGE) {
      return;
    }
    SeasonsModel.Compared two = compared.get();
    Map<String, Revision.State> states = new HashMap<>();
    two.revision().runs().forEach(r -> states.put(r.run(), r.state()));
    long pixels = Math.max(pixels(two.before()), pixels(two.after()));
    int most = Math.max(two.before().size(), two.after().size());
    double scale = Math.max(0, width - 2 * EDGE - most * (LEAST + 1)) / Math.max(1, pixels);
    g.setFont(Fonts.plain(Fonts.SMALL));
    Map<String, Pennant> before = cord(g, p, two.before(), UPPER, scale, states);
    Map<String, Pennant> after = cord(g, p, two.after(), LOWER, scale, states);
    g.setTextAlign(TextAlignment.LEFT);
    g.setFill(p.ink());
    g.fillText(two.name(), EDGE, UPPER - 8);
    g.fillText(now, EDGE, LOWER + TALL + 14);
    before.forEach(
        (run, b) -> {
          Pennant a = after.get(run);
          if (a != null && states.get(run) == Revision.State.CHANGED) {
            g.setStroke(run.equals(chosen) ? p.ink() : p.warn());
            g.setLineWidth(run.equals(chosen) ? 2 : 1);
            g.strokeLine(b.middle(), UPPER + TALL, a.middle(), LOWER);
          }
        });
  }

  private static long pixels(List<Run> runs) {
    return runs.stream().mapToLong(Run::pixels).sum();
  }

  private Map<String, Pennant> cord(
      GraphicsContext g,
      Palette p,
      List<Run> runs,
      double top,
      double scale,
      Map<String, Revision.State> states) {
    Map<String, Pennant> map = new LinkedHashMap<>();
    double x = EDGE;
    for (Run run : runs) {
      double wide = LEAST + scale * run.pixels();
      Pennant pennant = new Pennant(run.name(), x, wide, top);
      map.put(run.name(), pennant);
      pennants.add(pennant);
      double[] xs = {x, x + wide, x + wide / 2};
      double[] ys = {top, top, top + TALL};
      g.setFill(colour(Optional.ofNullable(states.get(run.name())), p));
      g.fillPolygon(xs, ys, 3);
      if (run.name().equals(chosen)) {
        g.setStroke(p.ink());
        g.setLineWidth(2);
        g.strokePolygon(xs, ys, 3);
      }
      x += wide + 1;
    }
    g.setStroke(p.cord());
    g.setLineWidth(1.4);
    g.strokeLine(EDGE, top, Math.max(EDGE, x - 1), top);
    return map;
  }

  private static Color colour(Optional<Revision.State> state, Palette p) {
    return state
        .map(
            s ->
                switch (s) {
                  case NEW -> p.good();
                  case GONE -> p.stop();
                  case CHANGED -> p.warn();
                })
        .orElse(p.line());
  }
}
