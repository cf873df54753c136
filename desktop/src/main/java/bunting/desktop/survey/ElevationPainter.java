package bunting.desktop.survey;

import bunting.core.show.Controller;
import bunting.core.show.Course;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Underlay;
import bunting.core.show.edit.PlaceEdits;
import bunting.core.survey.Geometry;
import bunting.core.units.Lengths;
import bunting.desktop.look.Fonts;
import bunting.desktop.look.Palette;
import bunting.desktop.session.Selection;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Paints one frame of the elevation but for the beads. */
final class ElevationPainter {
  /** Ruler and hint stand there. */
  private static final double FOOT = 38;

  /** Labels stay so far from a sign. */
  private static final double SIGN = 13;

  /** Labels stay so far from a run's first pixel. */
  private static final double BEAD = 5;

  private static final Moving STILL = new Moving(0, 0);

  private final Show show;
  private final Selection selected;
  private final Beads beads;
  private final Viewport view;
  private final Palette palette;
  private final Lengths lengths;
  private final Set<String> onPort = new HashSet<>();
  private final Set<String> together;

  /** How far what is dragged is from where it was, metres of the sheet. */
  record Moving(double dx, double dy) {}

  ElevationPainter(Show show, Selection selected, Beads beads, Viewport view, Palette palette) {
    this.show = show;
    this.selected = selected;
    this.beads = beads;
    this.view = view;
    this.palette = palette;
    this.lengths = Lengths.of(show);
    this.together = Set.copyOf(selected.runs());
    if (selected instanceof Selection.OfPort p) {
      beads
          .reading()
          .flatMap(r -> r.port(p.controller(), p.port()))
          .ifPresent(port -> port.segments().forEach(s -> onPort.add(s.run().name())));
    }
  }

  private double x(Point place, Moving by) {
    return view.x(place) + by.dx() * view.pxPerM();
  }

  private double y(Point place, Moving by) {
    return view.y(place) - by.dy() * view.pxPerM();
  }

  /** Alone: then its measures are told too. */
  private boolean picked(Run run) {
    return selected instanceof Selection.OfRun r && r.name().equals(run.name());
  }

  /** Whether it lies on what is chosen: itself, or its port. */
  private boolean banded(Run run) {
    return together.contains(run.name()) || onPort.contains(run.name());
  }

  /** Ground, picture, and the band behind the chosen run. */
  void below(GraphicsContext g, double width, double height, UnderlayImage images) {
    g.setFill(palette.card());
    g.fillRect(0, 0, width, height);
    view.sheet().underlay(show.survey()).ifPresent(u -> picture(g, u, images));
    g.setStroke(palette.line());
    g.setLineWidth(1);
    double ground = Math.round(view.y(0)) + 0.5;
    g.strokeLine(0, ground, width, ground);
    new FacePainter(g, view, palette).paint(show.survey(), height);
    for (Beads.Strip strip : beads.strips()) {
      if (banded(strip.run())) {
        g.setStroke(palette.pick());
        g.setLineWidth(16);
        outline(g, strip, STILL);
      }
    }
  }

  private void picture(GraphicsContext g, Underlay u, UnderlayImage images) {
    double s = view.pxPerM() * u.metresPerUnit();
    double w = u.picture().width() * s;
    double h = u.picture().height() * s;
    images
        .of(u.picture(), w)
        .ifPresent(
            image -> {
              g.save();
              g.translate(view.x(u.origin().x()), view.y(u.origin().y()));
              g.rotate(-u.turnDeg());
              g.setGlobalAlpha(u.opacityPercent() / 100);
              g.drawImage(image, 0, -h, w, h);
              g.restore();
            });
  }

  private void outline(GraphicsContext g, Beads.Strip strip, Moving by) {
    for (List<Point> line : strip.outlines()) {
      g.beginPath();
      for (int i = 0; i < line.size(); i++) {
        double x = x(line.get(i), by);
        double y = y(line.get(i), by);
        if (i == 0) {
          g.moveTo(x, y);
        } else {
          g.lineTo(x, y);
        }
      }
      g.stroke();
    }
  }

  /** Boxes, places, names, measures. */
  void above(
      GraphicsContext g,
      double width,
      double height,
      LensColours colours,
      Lens lens,
      Moving moving) {
    g.clearRect(0, 0, width, height);
    ElevationLabels labels = new ElevationLabels(width, height - FOOT, palette);
    Font bold = Fonts.bold(Fonts.SMALL);
    Font plain = Fonts.plain(Fonts.SMALL);
    if (selected instanceof Selection.OfRuns && !moving.equals(STILL)) {
      g.setStroke(palette.ink());
      g.setLineWidth(1);
      beads.strips().stream()
          .filter(s -> together.contains(s.run().name()))
          .forEach(s -> outline(g, s, moving));
    }
    List<Beads.Strip> chosen = beads.strips().stream().filter(s -> picked(s.run())).toList();
    labels.avoid(beads, view);
    chosen.forEach(s -> chosen(g, s, moving, labels));
    new FacePainter(g, view, palette).names(show.survey(), labels);
    SignPainter signs = new SignPainter(g, palette);
    for (Controller c : beads.boxes()) {
      boolean on = selected instanceof Selection.OfBox b && b.controller().equals(c.id());
      double x = x(c.at(), on ? moving : STILL);
      double y = y(c.at(), on ? moving : STILL);
      signs.box(x, y, on);
      labels.keepFree(x - 9, y - 11, 18, 20);
      labels.add(c.id(), x, y, SIGN, bold, palette.ink());
    }
    for (PlaceEdits.Place p : PlaceEdits.of(show)) {
      if (!view.sheet().sees(show.survey(), p.at())) {
        continue;
      }
      boolean on = new Selection.OfPlace(p.kind(), p.id()).equals(selected);
      double x = x(p.at(), on ? moving : STILL);
      double y = y(p.at(), on ? moving : STILL);
      signs.place(p.kind(), x, y, on);
      labels.keepFree(x - 9, y - 9, 18, 18);
      labels.add(p.text(), x, y, SIGN, plain, palette.ink());
    }
    chosen.forEach(s -> feedEnd(g, s, moving));
    for (Beads.Strip strip : beads.strips()) {
      if (!picked(strip.run())) {
        name(labels, strip, colours, lens, plain, palette.soft(), width, height);
      }
    }
    labels.paint(g);
    ruler(g, height);
  }

  private void name(
      ElevationLabels labels,
      Beads.Strip strip,
      LensColours colours,
      Lens lens,
      Font font,
      Color colour,
      double width,
      double height) {
    String words = colours.words(strip.run().name());
    boolean says = lens != Lens.PLAIN && !words.isEmpty();
    double x = view.x(strip.run().start());
    double y = view.y(strip.run().start());
    if (x > 0 && x < width && y > 0 && y < height) {
      labels.add(strip.run().name() + (says ? " · " + words : ""), x, y, BEAD, font, colour);
    }
  }

  static void text(GraphicsContext g, String text, double x, double y, Font font, Color colour) {
    g.setFont(font);
    g.setFill(colour);
    g.setTextAlign(TextAlignment.LEFT);
    g.fillText(text, x, y);
  }

  /** The chosen run: its line, feed end, direction, lead, corners and measures. */
  private void chosen(GraphicsContext g, Beads.Strip strip, Moving moving, ElevationLabels labels) {
    Point start = strip.outlines().getFirst().getFirst();
    labels.add(
        strip.run().name(),
        x(start, moving),
        y(start, moving),
        SIGN,
        Fonts.bold(Fonts.SMALL),
        palette.ink());
    g.setStroke(palette.ink());
    g.setLineWidth(1);
    g.setLineDashes(4, 3);
    outline(g, strip, moving);
    g.setLineDashes();
    // The strands of a shape are all alike: one measure tells them all. Arcs have no legs.
    List<Point> first = strip.outlines().getFirst();
    if (first.size() <= 12) {
      legs(labels, first);
    }
    lead(g, strip, labels);
    Run run = strip.run();
    if (run.hanging().course().isPresent()
        && run.hanging().course().get() instanceof Course.Traced t) {
      for (Point corner : t.corners()) {
        SignPainter.handle(g, palette, view.x(corner), view.y(corner));
      }
    }
  }

  private void feedEnd(GraphicsContext g, Beads.Strip strip, Moving moving) {
    List<Point> first = strip.outlines().getFirst();
    Point a = first.getFirst();
    Point b = first.get(Math.min(1, first.size() - 1));
    double x = x(a, moving);
    double y = y(a, moving);
    SignPainter.feedEnd(g, palette, x, y, Math.atan2(view.y(b) - view.y(a), view.x(b) - view.x(a)));
  }

  private void legs(ElevationLabels labels, List<Point> line) {
    for (int i = 1; i < line.size(); i++) {
      Point a = line.get(i - 1);
      Point b = line.get(i);
      if (a.distanceTo(b) * view.pxPerM() > 60) {
        labels.add(
            lengths.text(a.distanceTo(b)),
            (view.x(a) + view.x(b)) / 2,
            (view.y(a) + view.y(b)) / 2,
            SIGN,
            Fonts.bold(Fonts.SMALL),
            palette.ink());
      }
    }
  }

  private void lead(GraphicsContext g, Beads.Strip strip, ElevationLabels labels) {
    List<Point> way = new ArrayList<>();
    beads.reading().stream()
        .flatMap(r -> r.segmentsOf(strip.run().name()).stream())
        .filter(s -> s.segment().firstPixel() == 1 && s.segment().position() == 1)
        .findFirst()
        .flatMap(
            s ->
                beads.boxes().stream()
                    .filter(c -> c.id().equals(s.segment().controller()))
                    .findFirst())
        .ifPresent(c -> way.add(c.at()));
    way.addAll(strip.run().hanging().route());
    if (strip.run().hanging().route().isEmpty() && !way.isEmpty()) {
      Point from = way.getFirst();
      Point to = strip.run().start();
      way.add(new Point(to.x(), from.y(), from.z()));
      way.add(new Point(to.x(), from.y(), to.z()));
    }
    way.add(strip.run().start());
    g.setStroke(palette.power());
    g.setLineWidth(1.6);
    g.setLineDashes(2, 4);
    for (int i = 1; i < way.size(); i++) {
      g.strokeLine(
          view.x(way.get(i - 1)), view.y(way.get(i - 1)), view.x(way.get(i)), view.y(way.get(i)));
    }
    g.setLineDashes();
    if (way.size() > 2) {
      Point mid = way.get(1);
      double metres = Geometry.boxToPixel(way.getFirst(), strip.run(), strip.type(), 1);
      labels.add(
          "lead " + lengths.text(metres),
          view.x(mid),
          view.y(mid),
          BEAD,
          Fonts.plain(Fonts.SMALL),
          palette.power());
    }
  }

  private void ruler(GraphicsContext g, double height) {
    double metres = view.rulerM(lengths.feet() ? 0.3048 : 1);
    double px = metres * view.pxPerM();
    double y = height - 20;
    g.setStroke(palette.ink());
    g.setLineWidth(1.5);
    g.strokeLine(18, y, 18 + px, y);
    for (int i = 0; i <= 5; i++) {
      g.strokeLine(18 + px * i / 5, y - 4, 18 + px * i / 5, y + 4);
    }
    text(g, lengths.round(metres), 26 + px, y + 4, Fonts.bold(12), palette.ink());
  }
}
