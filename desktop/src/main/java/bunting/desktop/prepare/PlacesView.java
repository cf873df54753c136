package bunting.desktop.prepare;

import bunting.core.kit.WorkList;
import bunting.core.show.Preparation.Done;
import bunting.core.show.Texts;
import bunting.desktop.kit.Painted;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/**
 * The places where somebody stands, in the order of the work, as pennants on a cord: as wide as
 * their minutes, filled as far as they are done; on a ladder they hang from a rung.
 */
final class PlacesView extends Painted {
  private static final double EDGE = 10;
  private static final double TOP = 26;
  private static final double TALL = 40;
  private static final double GAP = 3;
  private static final double LEAST = 7;

  private final Tooltip tip = new Tooltip();
  private final List<Spot> spots = new ArrayList<>();
  private List<Stop> stops = List.of();
  private String chosen = "";

  /** A place with its steps. */
  private record Stop(
      String place, boolean high, double minutes, double done, WorkList.Step first) {}

  private record Spot(Stop stop, double x, double width) {}

  PlacesView(ObservableValue<Palette> palette, Consumer<WorkList.Step> chosen) {
    super(palette, "work-places", "The places of the work in their order, filled as it is done.");
    setMinHeight(TOP + TALL + 14);
    setPrefHeight(TOP + TALL + 14);
    Tooltip.install(this, tip);
    setOnMouseMoved(e -> tip.setText(at(e).map(s -> words(s.stop())).orElse("a pennant a place")));
    setOnMouseClicked(e -> at(e).ifPresent(s -> chosen.accept(s.stop().first())));
  }

  void show(List<WorkList.Step> steps, Set<Done> done) {
    Map<String, List<WorkList.Step>> places = new LinkedHashMap<>();
    steps.forEach(s -> places.computeIfAbsent(s.place(), k -> new ArrayList<>()).add(s));
    List<Stop> now = new ArrayList<>();
    places.forEach(
        (place, of) ->
            now.add(
                new Stop(
                    place,
                    of.getFirst().people() > 1,
                    of.stream().mapToDouble(WorkList.Step::minutes).sum(),
                    of.stream()
                        .filter(s -> done.contains(s.key()))
                        .mapToDouble(WorkList.Step::minutes)
                        .sum(),
                    of.getFirst())));
    stops = now;
    repaint();
  }

  /** Marks a place. */
  void choose(String place) {
    chosen = place;
    repaint();
  }

  private Optional<Spot> at(MouseEvent e) {
    return spots.stream()
        .filter(s -> e.getX() >= s.x() && e.getX() <= s.x() + s.width())
        .findFirst();
  }

  private static String words(Stop s) {
    return s.place()
        + ": "
        + Texts.fixed(s.minutes(), 0)
        + " minutes"
        + (s.done() > 0 ? ", " + Texts.fixed(100 * s.done() / s.minutes(), 0) + " % done" : "");
  }

  @Override
  protected void paint(GraphicsContext g, Palette p, double width, double height) {
    g.setFill(p.ground());
    g.fillRect(0, 0, width, height);
    spots.clear();
    double all = stops.stream().mapToDouble(Stop::minutes).sum();
    double room = width - 2 * EDGE - stops.size() * (GAP + LEAST);
    if (stops.isEmpty() || room <= 0 || all <= 0) {
      return;
    }
    g.setStroke(p.cord());
    g.setLineWidth(1.4);
    g.strokeLine(EDGE, TOP, width - EDGE, TOP);
    double x = EDGE;
    for (Stop s : stops) {
      double wide = LEAST + room * s.minutes() / all;
      spots.add(new Spot(s, x, wide));
      pennant(g, p, s, x, wide);
      x += wide + GAP;
    }
  }

  private void pennant(GraphicsContext g, Palette p, Stop s, double x, double wide) {
    double top = TOP + (s.high() ? 0 : 6);
    if (s.high()) {
      g.setStroke(p.warn());
      g.setLineWidth(3);
      g.strokeLine(x, TOP - 4, x + wide, TOP - 4);
    }
    double[] xs = {x, x + wide, x + wide / 2};
    double[] ys = {top, top, top + TALL};
    g.setFill(p.pick());
    g.fillPolygon(xs, ys, 3);
    if (s.done() > 0) {
      g.save();
      g.beginPath();
      g.rect(x, top, wide, TALL * s.done() / s.minutes());
      g.clip();
      g.setFill(p.good());
      g.fillPolygon(xs, ys, 3);
      g.restore();
    }
    boolean here = s.place().equals(chosen);
    g.setStroke(here ? p.ink() : p.soft());
    g.setLineWidth(here ? 2.4 : 1);
    g.strokePolygon(xs, ys, 3);
    if (here) {
      Font small = Fonts.plain(Fonts.SMALL);
      g.setFont(small);
      g.setFill(p.ink());
      double half = Fonts.width(s.place(), small) / 2;
      double at =
          Math.clamp(x + wide / 2, EDGE + half, Math.max(EDGE + half, getWidth() - EDGE - half));
      g.setTextAlign(TextAlignment.CENTER);
      g.fillText(s.place(), at, TOP - 10);
    }
  }
}
