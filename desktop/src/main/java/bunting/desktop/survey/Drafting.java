package bunting.desktop.survey;

import bunting.core.show.Controller;
import bunting.core.show.Course;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Underlay;
import bunting.core.show.edit.BoxEdits;
import bunting.core.show.edit.FaceEdits;
import bunting.core.show.edit.Names;
import bunting.core.show.edit.PlaceEdits;
import bunting.core.show.edit.RunEdits;
import bunting.core.survey.Geometry;
import bunting.core.survey.MeasuredRuns;
import bunting.core.survey.Sheet;
import bunting.core.survey.Sheets;
import bunting.core.units.Lengths;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** The tool in hand, what was set with it so far, and what it does to the show when it is done. */
public final class Drafting {
  /** What lengths are typed with, and what stands between two of them. */
  private static final String MEASURE_LETTERS = "0123456789.,'\"/ mcftinx";

  private static final double RING_M = 1;
  private static final double LINE_M = 2;
  private static final double GAP_M = 0.25;

  /** A first guess of a bar's girth and of the way from turn to turn. */
  private static final double GIRTH_M = 0.3;

  private static final double WRAP_PITCH_M = 0.1;

  private final Session session;
  private final ReadOnlyObjectWrapper<Tool> tool = new ReadOnlyObjectWrapper<>(Tool.PICK);
  private final Runnable changed;
  private Tracing tracing = new Tracing(List.of());
  private Point cursor = new Point(0, 0);
  private double nearM = 0.1;
  private Optional<String> newType = Optional.empty();
  private Sheet sheet = Sheets.FRONT;

  /**
   * @param changed called when something is to be painted anew
   */
  public Drafting(Session session, Runnable changed) {
    this.session = session;
    this.changed = changed;
  }

  /** Another sheet is drawn on; what was set so far goes on there, round the corner. */
  void on(Sheet other) {
    sheet = other;
    tracing.on(other);
    cursor = other.at(other.across(cursor), other.up(cursor));
    changed.run();
  }

  /** The tool in hand. */
  public ReadOnlyObjectProperty<Tool> tool() {
    return tool.getReadOnlyProperty();
  }

  /** Takes a tool up; what another one had begun is forgotten. */
  public void take(Tool next) {
    tool.set(next);
    List<Point> magnets = new ArrayList<>();
    session
        .show()
        .ifPresent(
            show -> {
              Map<String, PixelType> types = show.catalogue().pixelTypesById();
              for (Run r : show.runs()) {
                magnets.add(r.start());
                magnets.add(Geometry.end(r, types.get(r.type())));
              }
            });
    boolean meets = next == Tool.TRACE || next == Tool.LEAD || next == Tool.WRAP;
    tracing = new Tracing(meets ? magnets : List.of());
    tracing.on(sheet);
    changed.run();
  }

  /** What was set so far. */
  Tracing tracing() {
    return tracing;
  }

  /** Where the hand is. */
  Point cursor() {
    return cursor;
  }

  /** Where the next corner would be. */
  Tracing.Next next() {
    return tracing.next(cursor, nearM, typed());
  }

  private Lengths lengths() {
    return new Lengths(session.show().map(s -> s.survey().feet()).orElse(false));
  }

  private Optional<Double> typed() {
    return tracing.typed().isEmpty() ? Optional.empty() : lengths().metres(tracing.typed());
  }

  /** Type of runs to come: the one chosen, else that of the last run, else the first there is. */
  public PixelType newType() {
    Show show = session.show().orElseThrow();
    Map<String, PixelType> types = show.catalogue().pixelTypesById();
    String last =
        show.runs().isEmpty()
            ? show.catalogue().pixelTypes().getFirst().id()
            : show.runs().getLast().type();
    return Optional.ofNullable(types.get(newType.orElse(last))).orElseGet(() -> types.get(last));
  }

  /** Chooses the type of runs to come. */
  public void setNewType(String id) {
    newType = Optional.of(id);
  }

  /** The hand moved. */
  void moveTo(Point place, double near) {
    cursor = place;
    nearM = near;
    changed.run();
  }

  /** A character of a length; whether it was one. */
  boolean type(String character) {
    boolean measures =
        switch (tool.get()) {
          case TRACE, LEAD, SCALE, STRAIGHT, WRAP, WALL -> true;
          default -> false;
        };
    String all = tracing.typed().isEmpty() ? "0123456789" : MEASURE_LETTERS;
    if (!measures || tracing.corners().isEmpty() || !all.contains(character)) {
      return false;
    }
    tracing.type(character);
    changed.run();
    return true;
  }

  /** Takes the last character or corner back. */
  void back() {
    tracing.back();
    changed.run();
  }

  /** Gives up what was begun, and with nothing begun the tool. */
  void cancel() {
    if (tracing.corners().isEmpty()) {
      if (tool.get() == Tool.PICK) {
        session.selection().set(new Selection.Nothing());
      }
      take(Tool.PICK);
    } else {
      take(tool.get());
    }
  }

  /** Sets what the tool sets where the hand is. */
  void set() {
    switch (tool.get()) {
      case PICK, PICTURE -> {}
      case TRACE -> corner(this::trace);
      case LEAD -> corner(this::lead);
      case SCALE -> scale();
      case STRAIGHT -> straighten();
      case RING -> upright("Ring", new Course.Ring(cursor, RING_M, 90, 360));
      case GRID -> upright("Grid", new Course.Grid(cursor, 5, LINE_M, GAP_M, 0, true));
      case VERTICALS -> upright("Curtain", new Course.Grid(cursor, 8, LINE_M, GAP_M, -90, false));
      case SPOKES -> upright("Spokes", new Course.Spokes(cursor, 8, 0.2, 1.2, 90, false));
      case WRAP -> corner(() -> {});
      case WALL -> corner(() -> {});
      case CONTROLLER ->
          place(
              "Controller added. Choose its type at the right.",
              (s, at) -> BoxEdits.added(s, newController(s), at));
      case PLACE -> place("Candidate place added.", BoxEdits::withCandidate);
      case OUTLET -> place("Outlet added.", PlaceEdits::withOutlet);
      case NETWORK -> place("Network point added.", PlaceEdits::withNetworkPoint);
      case NOTE -> place("Note added.", PlaceEdits::withNote);
    }
    changed.run();
  }

  /** A shape as it stands on the sheet that is drawn on; on the plan it faces the front. */
  private void upright(String stem, Course flat) {
    double turn = sheet instanceof Sheet.Standing s ? s.face().turnDeg() : 0;
    shape(stem, turn == 0 ? flat : new Course.Facing(flat, turn));
  }

  /** What two points make: a bar to be wound, or a wall seen from above. */
  private void pair() {
    if (tool.get() == Tool.WALL && !(sheet instanceof Sheet.Plan)) {
      session.say("A face is set on the plan, seen from above; V goes there.");
      take(Tool.WALL);
      return;
    }
    if (tracing.corners().size() < 2) {
      return;
    }
    Point a = tracing.corners().getFirst();
    Point b = tracing.corners().getLast();
    if (tool.get() == Tool.WALL) {
      session.edit("A face stands between the two points.", s -> FaceEdits.added(s, a, b));
      take(Tool.PICK);
      return;
    }
    double bar = a.distanceTo(b);
    double direction =
        Math.toDegrees(Math.atan2(sheet.up(b) - sheet.up(a), sheet.across(b) - sheet.across(a)));
    upright(
        "Wrap",
        new Course.Wrap(a, bar, GIRTH_M, Math.max(1, Math.rint(bar / WRAP_PITCH_M)), direction));
  }

  private void corner(Runnable done) {
    if (!tracing.typed().isEmpty() && typed().filter(m -> m > 0).isEmpty()) {
      session.say(tracing.typed() + " is no length; type one such as 4.35 or 12'6\".");
      return;
    }
    Point at = next().at();
    if (tracing.set(at)) {
      cursor = at;
      if (tool.get() == Tool.WRAP || tool.get() == Tool.WALL) {
        pair();
      }
    } else {
      done.run();
    }
  }

  private void trace() {
    if (tracing.corners().size() < 2) {
      session.say("A run has at least two corners: its feed end and where it ends.");
      return;
    }
    shape("Run", new Course.Traced(tracing.corners()));
  }

  private void shape(String stem, Course course) {
    Show show = session.show().orElseThrow();
    PixelType type = newType();
    Run run = MeasuredRuns.along(Names.free(show, stem), type, course);
    session.edit(
        run.name()
            + ": "
            + lengths().text(course.lengthM())
            + " make "
            + run.pixels()
            + " pixels. F2 names it.",
        s -> RunEdits.added(s, run));
    session.selection().set(new Selection.OfRun(run.name()));
    take(Tool.PICK);
  }

  private void lead() {
    Optional<Run> run =
        session.selection().get() instanceof Selection.OfRun r
            ? session.show().flatMap(s -> s.run(r.name()))
            : Optional.empty();
    if (run.isEmpty()) {
      session.say("Choose a run first; the corners of its lead belong to it.");
    } else {
      List<Point> corners = List.copyOf(tracing.corners());
      session.editRun(
          run.get().name() + ": the lead goes as drawn.",
          run.get().name(),
          r -> r.withHanging(r.hanging().withRoute(corners)));
    }
    take(Tool.PICK);
  }

  private void scale() {
    Optional<Underlay> underlay = session.show().flatMap(s -> sheet.underlay(s.survey()));
    if (underlay.isEmpty()) {
      session.say("There is no picture to scale; Ctrl U lays one under.");
      take(Tool.PICK);
    } else if (tracing.corners().size() < 2) {
      tracing.set(cursor);
    } else if (typed().filter(m -> m > 0).isPresent()) {
      double metres = typed().get();
      Point a = tracing.corners().getFirst();
      Point b = tracing.corners().getLast();
      UnderlayEdits.edit(
          session,
          sheet,
          "The picture is to scale: " + lengths().text(metres) + " between the two points.",
          u -> u.scaledBy(onSheet(a), onSheet(b), metres));
      take(Tool.PICK);
    } else {
      session.say("Type how far the two points are apart, then press Enter.");
    }
  }

  /** Four corners in the photo, then the two measures of the rectangle that they are. */
  private void straighten() {
    Optional<Underlay> underlay = session.show().flatMap(s -> sheet.underlay(s.survey()));
    if (underlay.isEmpty()) {
      session.say("There is no picture to put straight; Ctrl U lays one under.");
      take(Tool.PICK);
    } else if (tracing.corners().size() < PhotoCorners.COUNT) {
      tracing.set(cursor);
    } else {
      PhotoCorners corners =
          new PhotoCorners(session, sheet, tracing.corners().stream().map(this::onSheet).toList());
      if (corners.straighten(underlay.get(), tracing.typed(), lengths())) {
        take(Tool.PICK);
      }
    }
  }

  /** A picture lies in the sheet's own two coordinates. */
  private Point onSheet(Point place) {
    return new Point(sheet.across(place), sheet.up(place));
  }

  /** The type of a controller to come: that of the last one, else the first there is. */
  private static String newController(Show show) {
    List<Controller> given = show.controllers().orElse(List.of());
    return given.isEmpty()
        ? show.accepted()
            .flatMap(a -> a.decisions().controllers().stream().findFirst())
            .map(p -> p.controller().type())
            .orElse(show.catalogue().controllerTypes().getFirst().id())
        : given.getLast().type();
  }

  private void place(String what, BiFunction<Show, Point, Show> change) {
    Show before = session.show().orElseThrow();
    Point at = cursor;
    session.edit(what, s -> change.apply(s, at));
    selectNew(before, session.show().orElseThrow());
    take(Tool.PICK);
  }

  private void selectNew(Show before, Show after) {
    PlaceEdits.of(after).stream()
        .filter(p -> PlaceEdits.find(before, p.kind(), p.id()).isEmpty())
        .findFirst()
        .ifPresent(p -> session.selection().set(new Selection.OfPlace(p.kind(), p.id())));
    if (after.controllers().isPresent() && !after.controllers().equals(before.controllers())) {
      session.selection().set(new Selection.OfBox(after.controllers().get().getLast().id()));
    }
  }

  /** What to do now. */
  String hint() {
    if (tool.get() == Tool.SCALE && tracing.corners().size() == 2) {
      return "Type what lies between the points, such as 4.35 or 14'3\", then Enter";
    }
    if (tool.get() == Tool.STRAIGHT && tracing.corners().size() == PhotoCorners.COUNT) {
      return "Type the rectangle's width and height, such as 4.2 x 2.5, then Enter";
    }
    return tool.get().hint();
  }
}
