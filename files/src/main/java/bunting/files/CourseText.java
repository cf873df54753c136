package bunting.files;

import bunting.core.limits.Range;
import bunting.core.show.Course;
import bunting.core.show.Point;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;
import java.util.stream.Collectors;

/** Courses as one cell or one text: metres and degrees, points parted by semicolons. */
final class CourseText {
  static final String FORMS =
      "in metres, such as \"0 0; 4 0; 4 2.5\", \"ring X Y RADIUS START SWEEP\", \"grid X Y LINES"
          + " LENGTH GAP DIRECTION serpentine\", \"spokes X Y COUNT INNER OUTER START straight\" or"
          + " \"wrap X Y BAR GIRTH TURNS DIRECTION\", of at most 2,000 corners or 1,000 lines";

  private static final double PLACE_MAX = 100_000;

  private CourseText() {}

  /** For people and other programs: to a thousandth of a millimetre. */
  static String of(Course course) {
    return text(course, CourseText::number);
  }

  static String of(List<Point> points) {
    return text(points, CourseText::number);
  }

  /** With every number as it is, for a file of our own. */
  static String exactly(Course course) {
    return text(course, CourseText::exact);
  }

  static String exactly(List<Point> points) {
    return text(points, CourseText::exact);
  }

  private static String text(Course course, DoubleFunction<String> form) {
    return switch (course) {
      case Course.Facing f ->
          "facing "
              + form.apply(f.turnDeg())
              + ' '
              + form.apply(f.anchor().z())
              + ' '
              + flat(f.flat().moved(0, 0, -f.anchor().z()), form);
      case Course.Traced t -> text(t.corners(), form);
      default -> {
        double z = course.anchor().z();
        String text = flat(course.moved(0, 0, -z), form);
        yield z == 0 ? text : "facing 0 " + form.apply(z) + ' ' + text;
      }
    };
  }

  /** A shape that faces the front and stands on it. */
  private static String flat(Course course, DoubleFunction<String> form) {
    return switch (course) {
      case Course.Back b -> "back " + flat(b.of(), form);
      case Course.Wrap w ->
          "wrap " + numbers(form, w.foot(), w.barM(), w.girthM(), w.turns(), w.directionDeg());
      case Course.Ring r ->
          "ring " + numbers(form, r.centre(), r.radiusM(), r.startDeg(), r.sweepDeg());
      case Course.Grid g ->
          "grid "
              + numbers(form, g.corner(), g.lines(), g.lineM(), g.gapM(), g.directionDeg())
              + way(g.serpentine());
      case Course.Spokes s ->
          "spokes "
              + numbers(form, s.centre(), s.count(), s.innerM(), s.outerM(), s.startDeg())
              + way(s.serpentine());
      case Course.Traced t -> text(t.corners(), form);
      case Course.Facing f -> text(f, form);
    };
  }

  private static String text(List<Point> points, DoubleFunction<String> form) {
    return points.stream()
        .map(p -> p.z() == 0 ? numbers(form, p) : numbers(form, p, p.z()))
        .collect(Collectors.joining("; "));
  }

  private static String way(boolean serpentine) {
    return serpentine ? " serpentine" : " straight";
  }

  private static String numbers(DoubleFunction<String> form, Point p, double... more) {
    StringBuilder text = new StringBuilder(form.apply(p.x()) + " " + form.apply(p.y()));
    for (double d : more) {
      text.append(' ').append(form.apply(d));
    }
    return text.toString();
  }

  private static String exact(double value) {
    return value == 0 ? "0" : BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
  }

  /** Finer than a millimetre, so that a length that was typed is not one pixel short when read. */
  private static String number(double value) {
    BigDecimal rounded =
        BigDecimal.valueOf(value).setScale(6, RoundingMode.HALF_UP).stripTrailingZeros();
    return rounded.signum() == 0 ? "0" : rounded.toPlainString();
  }

  /** The course of a text; empty where it is none. */
  static Optional<Course> parse(String text) {
    String[] words = text.strip().split("\\s+");
    boolean serpentine = words[words.length - 1].equals("serpentine");
    boolean named = serpentine || words[words.length - 1].equals("straight");
    return switch (words[0]) {
      // What may follow is known, so that a text of ten thousand such words is not followed down.
      case "back" ->
          words.length > 1 && Set.of("grid", "spokes", "wrap").contains(words[1])
              ? parse(text.strip().substring(4)).map(Course::back)
              : Optional.empty();
      case "facing" ->
          words.length < 4 || words[3].equals("facing") ? Optional.empty() : facing(words);
      case "wrap" -> numbers(words, 1, words.length, 6).flatMap(CourseText::wrap);
      case "ring" -> numbers(words, 1, words.length, 5).flatMap(CourseText::ring);
      case "grid" ->
          numbers(words, 1, words.length - (named ? 1 : 0), 6).flatMap(n -> grid(n, serpentine));
      case "spokes" ->
          numbers(words, 1, words.length - (named ? 1 : 0), 6).flatMap(n -> spokes(n, serpentine));
      default -> points(text).filter(p -> p.size() > 1).map(Course.Traced::new);
    };
  }

  /** "facing TURN Z SHAPE". */
  private static Optional<Course> facing(String[] words) {
    Optional<List<Double>> turned = numbers(words, 1, 3, 2);
    if (turned.isEmpty() || Math.abs(turned.get().getLast()) > PLACE_MAX) {
      return Optional.empty();
    }
    double turn = turned.get().getFirst();
    double z = turned.get().getLast();
    return parse(String.join(" ", Arrays.asList(words).subList(3, words.length)))
        .filter(c -> !(c instanceof Course.Traced) && !(c instanceof Course.Facing))
        .map(c -> c.moved(0, 0, z))
        .map(c -> turn == 0 ? c : new Course.Facing(c, turn));
  }

  private static Optional<Course> wrap(List<Double> n) {
    boolean sound =
        n.get(2) > 0 && n.get(3) > 0 && n.get(4) > 0 && n.get(4) <= Range.WINDINGS.most();
    return sound
        ? Optional.of(
            new Course.Wrap(new Point(n.get(0), n.get(1)), n.get(2), n.get(3), n.get(4), n.get(5)))
        : Optional.empty();
  }

  private static Optional<Course> ring(List<Double> n) {
    boolean sound = n.get(2) > 0 && n.get(4) != 0 && Math.abs(n.get(4)) <= 360;
    return sound
        ? Optional.of(new Course.Ring(new Point(n.get(0), n.get(1)), n.get(2), n.get(3), n.get(4)))
        : Optional.empty();
  }

  private static Optional<Course> grid(List<Double> n, boolean serpentine) {
    boolean sound = counts(n.get(2)) && n.get(3) > 0 && n.get(4) >= 0;
    return sound
        ? Optional.of(
            new Course.Grid(
                new Point(n.get(0), n.get(1)),
                n.get(2).intValue(),
                n.get(3),
                n.get(4),
                n.get(5),
                serpentine))
        : Optional.empty();
  }

  private static Optional<Course> spokes(List<Double> n, boolean serpentine) {
    boolean sound = counts(n.get(2)) && n.get(3) >= 0 && n.get(4) > n.get(3);
    return sound
        ? Optional.of(
            new Course.Spokes(
                new Point(n.get(0), n.get(1)),
                n.get(2).intValue(),
                n.get(3),
                n.get(4),
                n.get(5),
                serpentine))
        : Optional.empty();
  }

  private static boolean counts(double value) {
    return value == Math.rint(value) && value >= 1 && value <= Course.STRANDS_MAX;
  }

  private static Optional<List<Double>> numbers(String[] words, int from, int to, int count) {
    List<Double> list = new ArrayList<>();
    for (int i = from; i < to; i++) {
      if (!words[i].matches("-?\\d{1,6}(\\.\\d{1,400})?")) {
        return Optional.empty();
      }
      list.add(Double.valueOf(words[i]));
    }
    return list.size() == count ? Optional.of(list) : Optional.empty();
  }

  /** Points parted by semicolons; empty where something else stands there. */
  static Optional<List<Point>> points(String text) {
    List<Point> points = new ArrayList<>();
    for (String pair : text.strip().split(";", -1)) {
      String[] words = pair.strip().split("\\s+");
      Optional<List<Double>> at = numbers(words, 0, words.length, words.length > 2 ? 3 : 2);
      if (at.isEmpty()
          || points.size() == Course.CORNERS_MAX
          || at.get().stream().anyMatch(v -> Math.abs(v) > PLACE_MAX)) {
        return Optional.empty();
      }
      double z = at.get().size() > 2 ? at.get().getLast() : 0;
      points.add(new Point(at.get().getFirst(), at.get().get(1), z));
    }
    return Optional.of(points);
  }
}
