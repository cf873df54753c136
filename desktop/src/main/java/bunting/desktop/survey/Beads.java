package bunting.desktop.survey;

import bunting.core.assess.Reading;
import bunting.core.show.Controller;
import bunting.core.show.Face;
import bunting.core.show.PixelType;
import bunting.core.show.PlacedController;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Survey;
import bunting.core.survey.Geometry;
import bunting.core.survey.Sheet;
import bunting.core.survey.Sheets;
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
  private final Sheet sheet;
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
    this(show, reading, Sheets.FRONT, true);
  }

  /** Computes the places on a sheet; what is not seen on it has none. */
  Beads(Show show, Optional<Reading> reading, Sheet sheet) {
    this(show, reading, sheet, false);
  }

  private Beads(Show show, Optional<Reading> reading, Sheet sheet, boolean all) {
    this.sheet = sheet;
    this.show = show;
    this.reading = reading;
    Map<String, PixelType> types = show.catalogue().pixelTypesById();
    int total = show.runs().stream().mapToInt(Run::pixels).sum();
    xy = new double[2 * total];
    int at = 0;
    for (Run run : show.runs()) {
      PixelType type = types.get(run.type());
      double[] own = Geometry.pixels(run, type);
      boolean any = false;
      for (int i = 0; i < run.pixels(); i++) {
        Point p = new Point(own[3 * i], own[3 * i + 1], own[3 * i + 2]);
        boolean seen = all || sheet.sees(show.survey(), p);
        xy[2 * (at + i)] = seen ? sheet.across(p) : Double.NaN;
        xy[2 * (at + i) + 1] = seen ? sheet.up(p) : Double.NaN;
        any |= seen;
      }
      List<List<Point>> outlines = Geometry.outlines(run, type);
      Strip strip = new Strip(run, type, at, run.pixels(), outlines);
      if (any) {
        strips.add(strip);
      }
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
    sheet = from.sheet;
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
    return show
        .controllers()
        .orElseGet(
            () ->
                reading.stream()
                    .flatMap(r -> r.decisions().controllers().stream())
                    .map(PlacedController::controller)
                    .toList())
        .stream()
        .filter(c -> sheet.sees(show.survey(), c.at()))
        .toList();
  }

  /** How many pixels. */
  public int count() {
    return xy.length / 2;
  }

  /** Metres to the right on the sheet; NaN: it is not seen there. */
  public double x(int bead) {
    return xy[2 * bead];
  }

  /** Metres upwards on the sheet; NaN: it is not seen there. */
  public double y(int bead) {
    return xy[2 * bead + 1];
  }

  /** The runs that are seen, in order. */
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
    double across = sheet.across(place);
    double up = sheet.up(place);
    for (Strip strip : strips) {
      for (int i = strip.first(); i < strip.first() + strip.count(); i++) {
        double dx = x(i) - across;
        double dy = y(i) - up;
        if (dx * dx + dy * dy < least) {
          least = dx * dx + dy * dy;
          best = strip;
        }
      }
    }
    return Optional.ofNullable(best);
  }

  /** Names of the runs all of whose pixels that are seen lie in a box of the sheet. */
  List<String> inside(Viewport.Box box) {
    List<String> names = new ArrayList<>();
    for (Strip strip : strips) {
      boolean in = true;
      for (int i = strip.first(); i < strip.first() + strip.count() && in; i++) {
        in =
            Double.isNaN(x(i))
                || (x(i) >= box.left()
                    && x(i) <= box.right()
                    && y(i) >= box.bottom()
                    && y(i) <= box.top());
      }
      if (in) {
        names.add(strip.run().name());
      }
    }
    return names;
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
      left = Math.min(left, sheet.across(p));
      right = Math.max(right, sheet.across(p));
      bottom = Math.min(bottom, sheet.up(p));
      top = Math.max(top, sheet.up(p));
    }
    for (int i = from; i < to; i++) {
      if (Double.isNaN(x(i))) {
        continue;
      }
      left = Math.min(left, x(i));
      right = Math.max(right, x(i));
      bottom = Math.min(bottom, y(i));
      top = Math.max(top, y(i));
    }
    return left > right
        ? new Viewport.Box(-1, -1, 21, 11)
        : new Viewport.Box(left, bottom, right, top);
  }

  private List<Point> things() {
    List<Point> points = new ArrayList<>();
    boxes().forEach(c -> points.add(c.at()));
    show.sites().forEach(s -> points.add(s.at()));
    var survey = show.survey();
    survey.outlets().forEach(o -> points.add(o.at()));
    survey.networkPoints().forEach(n -> points.add(n.at()));
    survey.notes().forEach(n -> points.add(n.at()));
    show.others().plainSets().forEach(s -> points.add(s.at()));
    show.others().bulbStrings().forEach(b -> points.add(b.at()));
    points.removeIf(p -> !sheet.sees(survey, p));
    faceCorners(survey, points);
    sheet
        .underlay(survey)
        .ifPresent(
            u -> {
              Point corner = u.origin();
              points.add(sheet.at(corner.x(), corner.y()));
              points.add(
                  sheet.at(
                      corner.x() + u.picture().width() * u.metresPerUnit(),
                      corner.y() + u.picture().height() * u.metresPerUnit()));
            });
    return points;
  }

  /** From above the walls are to be seen, and a face in its whole width. */
  private void faceCorners(Survey survey, List<Point> points) {
    for (Face f : survey.faces()) {
      if (sheet instanceof Sheet.Plan || sheet.equals(new Sheet.Standing(f))) {
        points.add(new Point(f.fromX(), 0, f.fromZ()));
        points.add(new Point(f.toX(), 0, f.toZ()));
      }
    }
  }
}
