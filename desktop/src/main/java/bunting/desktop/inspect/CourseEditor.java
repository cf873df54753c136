package bunting.desktop.inspect;

import bunting.core.limits.Range;
import bunting.core.show.Course;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.edit.RunEdits;
import bunting.core.survey.MeasuredRuns;
import bunting.core.units.Lengths;
import bunting.desktop.kit.Form;
import bunting.desktop.kit.Numbers;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.function.UnaryOperator;

/** The measures of a run's course. A change measures and counts the run anew. */
final class CourseEditor {
  private final Session session;
  private final Run run;
  private final PixelType type;
  private final Lengths lengths;
  private Form form = new Form();
  private boolean back;
  private double facing;

  CourseEditor(Session session, Show show, Run run) {
    this.session = session;
    this.run = run;
    this.type = Objects.requireNonNull(show.catalogue().pixelTypesById().get(run.type()));
    this.lengths = Lengths.of(show);
  }

  void addTo(Form rows) {
    form = rows;
    run.hanging().course().ifPresent(this::course);
    form.button(
        "edit-swap",
        "Feed it from the other end",
        () ->
            session.edit(
                run.name() + " is fed from the other end.",
                s -> changed(s, r -> MeasuredRuns.turned(r, typeOf(s, r)))));
  }

  private void course(Course course) {
    switch (course) {
      case Course.Back b -> {
        back = true;
        course(b.of());
      }
      case Course.Traced t -> legs(t);
      case Course.Facing f -> {
        facing = f.turnDeg();
        course(f.flat());
        degrees("Faces", "edit-facing", f.turnDeg(), v -> faced(f.flat(), v));
      }
      case Course.Wrap w -> {
        length("Bar", "edit-bar", w.barM(), v -> wrap(w, v, w.girthM(), w.turns()));
        length("Girth", "edit-girth", w.girthM(), v -> wrap(w, w.barM(), v, w.turns()));
        length(
            "Turn to turn",
            "edit-wrap-pitch",
            w.pitchM(),
            v -> wrap(w, w.barM(), w.girthM(), w.barM() / v));
        count(
            "Turns",
            "edit-turns",
            (int) Math.round(w.turns()),
            n -> wrap(w, w.barM(), w.girthM(), n));
        degrees(
            "Towards",
            "edit-direction",
            w.directionDeg(),
            v -> Optional.of(new Course.Wrap(w.foot(), w.barM(), w.girthM(), w.turns(), v)));
      }
      case Course.Ring r -> {
        length("Radius", "edit-radius", r.radiusM(), v -> ring(r, v, r.startDeg(), r.sweepDeg()));
        degrees(
            "Begins at", "edit-start", r.startDeg(), v -> ring(r, r.radiusM(), v, r.sweepDeg()));
        degrees("Goes", "edit-sweep", r.sweepDeg(), v -> ring(r, r.radiusM(), r.startDeg(), v));
      }
      case Course.Grid g -> {
        count(
            "Lines",
            "edit-lines",
            g.lines(),
            n -> grid(g, n, g.lineM(), g.gapM(), g.directionDeg(), g.serpentine()));
        length(
            "Each",
            "edit-line",
            g.lineM(),
            v -> grid(g, g.lines(), v, g.gapM(), g.directionDeg(), g.serpentine()));
        length(
            "Apart",
            "edit-gap",
            g.gapM(),
            v -> grid(g, g.lines(), g.lineM(), v, g.directionDeg(), g.serpentine()));
        degrees(
            "Towards",
            "edit-direction",
            g.directionDeg(),
            v -> grid(g, g.lines(), g.lineM(), g.gapM(), v, g.serpentine()));
        serpentine(
            g.serpentine(), on -> grid(g, g.lines(), g.lineM(), g.gapM(), g.directionDeg(), on));
      }
      case Course.Spokes s -> {
        count(
            "Spokes",
            "edit-spokes",
            s.count(),
            n -> spokes(s, n, s.innerM(), s.outerM(), s.startDeg(), s.serpentine()));
        length(
            "From hub",
            "edit-inner",
            s.innerM(),
            v -> spokes(s, s.count(), v, s.outerM(), s.startDeg(), s.serpentine()));
        length(
            "To",
            "edit-outer",
            s.outerM(),
            v -> spokes(s, s.count(), s.innerM(), v, s.startDeg(), s.serpentine()));
        degrees(
            "First at",
            "edit-start",
            s.startDeg(),
            v -> spokes(s, s.count(), s.innerM(), s.outerM(), v, s.serpentine()));
        serpentine(
            s.serpentine(), on -> spokes(s, s.count(), s.innerM(), s.outerM(), s.startDeg(), on));
      }
    }
  }

  /** Each leg of a trace with its length; what is typed moves all that follows. */
  private void legs(Course.Traced t) {
    for (int i = 1; i < t.corners().size() && i <= 8; i++) {
      int leg = i;
      Point a = t.corners().get(i - 1);
      Point b = t.corners().get(i);
      length("Leg " + i, "edit-leg-" + i, a.distanceTo(b), v -> stretched(t, leg, v));
    }
  }

  private static Optional<Course> stretched(Course.Traced t, int leg, double metres) {
    Point a = t.corners().get(leg - 1);
    Point b = t.corners().get(leg);
    double now = a.distanceTo(b);
    if (metres <= 0) {
      return Optional.empty();
    }
    double more = metres / now - 1;
    List<Point> corners = new ArrayList<>(t.corners());
    for (int i = leg; i < corners.size(); i++) {
      corners.set(
          i,
          corners
              .get(i)
              .plus((b.x() - a.x()) * more, (b.y() - a.y()) * more, (b.z() - a.z()) * more));
    }
    return Optional.of(new Course.Traced(corners));
  }

  /** The same shape with another side to the front; what hangs it turns it then. */
  private Optional<Course> faced(Course flat, double degrees) {
    facing = degrees;
    return Optional.of(flat instanceof Course.Back b ? b.of() : flat);
  }

  private static Optional<Course> wrap(Course.Wrap w, double bar, double girth, double turns) {
    return bar > 0 && girth > 0 && Range.WINDINGS.holds(turns)
        ? Optional.of(new Course.Wrap(w.foot(), bar, girth, turns, w.directionDeg()))
        : Optional.empty();
  }

  private static Optional<Course> ring(Course.Ring r, double radius, double start, double sweep) {
    return radius > 0 && sweep != 0 && Math.abs(sweep) <= 360
        ? Optional.of(new Course.Ring(r.centre(), radius, start, sweep))
        : Optional.empty();
  }

  private static Optional<Course> grid(
      Course.Grid g, int lines, double each, double gap, double direction, boolean serpentine) {
    return each > 0 && gap >= 0
        ? Optional.of(new Course.Grid(g.corner(), lines, each, gap, direction, serpentine))
        : Optional.empty();
  }

  private static Optional<Course> spokes(
      Course.Spokes s, int count, double inner, double outer, double start, boolean serpentine) {
    return inner >= 0 && outer > inner
        ? Optional.of(new Course.Spokes(s.centre(), count, inner, outer, start, serpentine))
        : Optional.empty();
  }

  private void length(
      String label, String id, double metres, DoubleFunction<Optional<Course>> change) {
    form.length(
        label,
        id,
        OptionalDouble.of(metres),
        lengths,
        Range.LENGTH,
        v ->
            hung(
                v.isPresent() ? change.apply(v.getAsDouble()) : Optional.empty(),
                lengths.wanted(Range.LENGTH)));
  }

  private void degrees(
      String label, String id, double degrees, DoubleFunction<Optional<Course>> change) {
    form.text(
        label,
        id,
        Texts.number(degrees),
        "°",
        text ->
            hung(
                Numbers.in(Range.DEGREES, text).flatMap(change::apply),
                "Give degrees " + Range.DEGREES.text() + "; right is 0, up is 90."));
  }

  private void count(String label, String id, int n, IntFunction<Optional<Course>> change) {
    Range range = Range.between(1, Course.STRANDS_MAX);
    form.whole(label, id, n, "", range, v -> change.apply(v).ifPresent(this::rehang));
  }

  private void serpentine(boolean now, Function<Boolean, Optional<Course>> change) {
    form.check(
        "Serpentine",
        "edit-serpentine",
        "every other one back",
        now,
        on -> change.apply(on).ifPresent(this::rehang));
  }

  /** Hangs the run by a course; says what was wanted where there is none. */
  private Optional<String> hung(Optional<Course> course, String wanted) {
    course.ifPresent(this::rehang);
    return course.isPresent() ? Optional.empty() : Optional.of(wanted);
  }

  private void rehang(Course changed) {
    Course flat = back ? changed.back() : changed;
    Course course = facing == 0 ? flat : new Course.Facing(flat, facing);
    session.edit(
        run.name()
            + ": "
            + lengths.text(course.lengthM())
            + " make "
            + MeasuredRuns.rehung(run, type, course).plannedPixels()
            + " pixels.",
        s -> changed(s, r -> MeasuredRuns.rehung(r, typeOf(s, r), course)));
  }

  private Show changed(Show now, UnaryOperator<Run> change) {
    return RunEdits.changed(now, run.name(), change);
  }

  private static PixelType typeOf(Show now, Run run) {
    return Objects.requireNonNull(now.catalogue().pixelTypesById().get(run.type()));
  }
}
