package bunting.desktop.survey;

import bunting.core.assess.Reading;
import bunting.core.show.Controller;
import bunting.core.show.PixelType;
import bunting.core.show.PlacedController;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Where every pixel of a show hangs. Pixels stand run by run in the order of the list; positions
 * are metres.
 */
public final class Beads {
  private final Show show;
  private final Optional<Reading> reading;
  private final double[] xy;
  private final List<Strip> strips = new ArrayList<>();
  private final Map<String, Strip> byName = new HashMap<>();

  /** A run among the beads. */
  public record Strip(Run run, PixelType type, int first, int count, List<List<Point>> outlines) {}

  /**
   * Computes all places of a show.
   *
   * @param reading of its last plan, which may be of an earlier version
   */
  public Beads(Show show, Optional<Reading> reading) {
    this.show = show;
    this.reading = reading;
    Map<String, PixelType> types = show.catalogue().pixelTypesById();
    int total = show.runs().stream().mapToInt(Run::pixels).sum();
    xy = new double[2 * total];
    int at = 0;
    for (Run run : show.runs()) {
      PixelType type = types.get(run.type());
      double[] own = Geometry.pixels(run, type);
      for (int i = 0; i < run.pixels(); i++) {
        xy[2 * (at + i)] = own[3 * i];
        xy[2 * (at + i) + 1] = own[3 * i + 1];
      }
      List<List<Point>> outlines = Geometry.outlines(run, type);
      Strip strip = new Strip(run, type, at, run.pixels(), outlines);
      strips.add(strip);
      byName.put(run.name(), strip);
      at += run.pixels();
    }
  }

  /** The same beads in the light of another plan. */
  Beads in(Optional<Reading> other) {
    return new Beads(this, other);
  }

  private Beads(Beads from, Optional<Reading> reading) {
    show = from.show;
    this.reading = reading;
    xy = from.xy;
    strips.addAll(from.strips);
    byName.putAll(from.byName);
  }

  /** The show whose pixels they are. */
  Show show() {
    return show;
  }

  /** The last plan; it may be of an earlier version. */
  Optional<Reading> reading() {
    return reading;
  }

  /** The boxes: the builder's, or those that the planner chose last. */
  public List<Controller> boxes() {
    return show.controllers()
        .orElseGet(
            () ->
                reading.stream()
                    .flatMap(r -> r.decisions().controllers().stream())
                    .map(PlacedController::controller)
                    .toList());
  }

  /** How many pixels. */
  public int count() {
    return xy.length / 2;
  }

  /** Metres to the right of the origin. */
  public double x(int bead) {
    return xy[2 * bead];
  }

  /** Metres above the ground. */
  public double y(int bead) {
    return xy[2 * bead + 1];
  }

  /** The runs in order. */
  public List<Strip> strips() {
    return strips;
  }

  /** A run by its name. */
  public Optional<Strip> strip(String run) {
    return Optional.ofNullable(byName.get(run));
  }

  /**
   * The run with the pixel that is nearest to a place and not farther than {@code within} metres.
   */
  public Optional<Strip> nearest(Point place, double within) {
    Strip best = null;
    double least = within * within;
    for (Strip strip : strips) {
      for (int i = strip.first(); i < strip.first() + strip.count(); i++) {
        double dx = x(i) - place.x();
        double dy = y(i) - place.y();
        if (dx * dx + dy * dy < least) {
          least = dx * dx + dy * dy;
          best = strip;
        }
      }
    }
    return Optional.ofNullable(best);
  }

  /** The rectangle that holds the pixels of a run. */
  public Optional<Viewport.Box> bounds(String run) {
    return strip(run).map(s -> bounds(s.first(), s.first() + s.count(), List.of()));
  }

  /** The rectangle that holds all pixels, boxes and what else stands there. */
  public Viewport.Box bounds() {
    List<Point> things = things();
    return count() == 0 && things.isEmpty()
        ? new Viewport.Box(-1, -1, 21, 11)
        : bounds(0, count(), things);
  }

  private Viewport.Box bounds(int from, int to, List<Point> things) {
    double left = Double.MAX_VALUE;
    double bottom = Double.MAX_VALUE;
    double right = -Double.MAX_VALUE;
    double top = -Double.MAX_VALUE;
    for (Point p : things) {
      left = Math.min(left, p.x());
      right = Math.max(right, p.x());
      bottom = Math.min(bottom, p.y());
      top = Math.max(top, p.y());
    }
    for (int i = from; i < to; i++) {
      left = Math.min(left, x(i));
      right = Math.max(right, x(i));
      bottom = Math.min(bottom, y(i));
      top = Math.max(top, y(i));
    }
    return new Viewport.Box(left, bottom, right, top);
  }

  private List<Point> things() {
    List<Point> points = new ArrayList<>();
    boxes().forEach(c -> points.add(c.at()));
    show.sites().forEach(s -> points.add(s.at()));
    var survey = show.survey();
    survey.outlets().forEach(o -> points.add(o.at()));
    survey.networkPoints().forEach(n -> points.add(new Point(n.x(), n.y())));
    survey.notes().forEach(n -> points.add(n.at()));
    show.others().plainSets().forEach(s -> points.add(s.at()));
    show.others().bulbStrings().forEach(b -> points.add(b.at()));
    survey
        .underlay()
        .ifPresent(
            u -> {
              points.add(u.origin());
              points.add(
                  u.origin()
                      .plus(
                          u.picture().width() * u.metresPerUnit(),
                          u.picture().height() * u.metresPerUnit()));
            });
    return points;
  }
}
