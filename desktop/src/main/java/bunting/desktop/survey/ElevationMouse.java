package bunting.desktop.survey;

import bunting.core.show.Controller;
import bunting.core.show.Course;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.edit.PlaceEdits;
import bunting.core.show.edit.RunEdits;
import bunting.core.survey.MeasuredRuns;
import bunting.core.survey.Sheet;
import bunting.desktop.session.Selection;
import bunting.desktop.session.SelectionEdits;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;

/** The elevation by mouse: tools set where it is pressed, things are dragged, the rest pans. */
final class ElevationMouse {
  private final ElevationView view;
  private final Session session;
  private final Drafting drafting;
  private Optional<Drag> drag = Optional.empty();
  private Optional<Band> band = Optional.empty();

  /** A box that is being drawn. */
  private record Band(Sheet sheet, Point from, Point to) {
    Viewport.Box box() {
      return new Viewport.Box(
          Math.min(sheet.across(from), sheet.across(to)),
          Math.min(sheet.up(from), sheet.up(to)),
          Math.max(sheet.across(from), sheet.across(to)),
          Math.max(sheet.up(from), sheet.up(to)));
    }
  }

  /** A drag under way: what moves, and which corner of it, or -1. */
  private record Drag(Sheet sheet, Point from, Point to, Selection what, int corner, boolean pans) {
    Drag to(Point now) {
      return new Drag(sheet, from, now, what, corner, pans);
    }

    double dx() {
      return sheet.across(to) - sheet.across(from);
    }

    double dy() {
      return sheet.up(to) - sheet.up(from);
    }
  }

  ElevationMouse(ElevationView view, Session session, Drafting drafting) {
    this.view = view;
    this.session = session;
    this.drafting = drafting;
  }

  void install() {
    view.setOnMousePressed(this::press);
    view.setOnMouseDragged(this::dragged);
    view.setOnMouseReleased(e -> release());
    view.setOnMouseMoved(
        e -> {
          if (drafting.tool().get() != Tool.PICK) {
            drafting.moveTo(view.place(e.getX(), e.getY()), view.near());
          }
        });
    view.setOnScroll(
        e -> {
          view.zoom(Math.pow(1.0015, e.getDeltaY()), e.getX(), e.getY());
          e.consume();
        });
  }

  /** How far what is dragged is from where it was. */
  ElevationPainter.Moving moving() {
    return drag.filter(d -> !d.pans() && d.corner() < 0)
        .map(d -> new ElevationPainter.Moving(d.dx(), d.dy()))
        .orElse(new ElevationPainter.Moving(0, 0));
  }

  /** The corners of the chosen run with the one that is dragged where the hand is. */
  Optional<List<Point>> bent() {
    return drag.filter(d -> d.corner() >= 0).flatMap(d -> traced().map(t -> bent(t, d)));
  }

  private static List<Point> bent(Course.Traced t, Drag d) {
    List<Point> corners = new ArrayList<>(t.corners());
    corners.set(d.corner(), d.sheet().moved(corners.get(d.corner()), d.dx(), d.dy()));
    return corners;
  }

  private void press(MouseEvent e) {
    view.requestFocus();
    if (session.show().isEmpty()) {
      return;
    }
    Point at = view.place(e.getX(), e.getY());
    drafting.moveTo(at, view.near());
    boolean hand = e.getButton() == MouseButton.PRIMARY;
    Tool tool = drafting.tool().get();
    if (hand && tool != Tool.PICK && tool != Tool.PICTURE) {
      drafting.set();
    } else if (hand && tool == Tool.PICK && e.isShiftDown()) {
      together(at);
    } else if (hand && tool == Tool.PICK) {
      int corner = cornerAt(at);
      Selection what = corner >= 0 ? session.selection().get() : kept(hit(at));
      session.selection().set(what);
      drag =
          Optional.of(new Drag(sheet(), at, at, what, corner, what instanceof Selection.Nothing));
    } else {
      drag = Optional.of(new Drag(sheet(), at, at, new Selection.Nothing(), -1, !hand));
    }
  }

  /** Whoever takes one of several that are chosen takes them all. */
  private Selection kept(Selection hit) {
    Selection now = session.selection().get();
    boolean among = hit instanceof Selection.OfRun r && now.runs().contains(r.name());
    return among ? now : hit;
  }

  /** With Shift a run is taken to those that are chosen, or from them; else a box is begun. */
  private void together(Point at) {
    if (hit(at) instanceof Selection.OfRun r) {
      List<String> names = new ArrayList<>(session.selection().get().runs());
      if (!names.remove(r.name())) {
        names.add(r.name());
      }
      session.selection().set(Selection.ofRuns(names));
    } else {
      band = Optional.of(new Band(sheet(), at, at));
    }
  }

  /** The box that is being drawn round runs: left, bottom, right, top on the sheet. */
  Optional<Viewport.Box> band() {
    return band.map(Band::box);
  }

  private void dragged(MouseEvent e) {
    Point at = view.place(e.getX(), e.getY());
    if (band.isPresent()) {
      band = band.map(b -> new Band(b.sheet(), b.from(), at));
      view.repaint();
      return;
    }
    if (drag.filter(Drag::pans).isPresent()) {
      view.panBy(drag.get().to(at).dx(), drag.get().to(at).dy());
    } else if (drag.isPresent()) {
      drag = drag.map(d -> d.to(at));
      view.repaint();
    }
  }

  private void release() {
    if (band.isPresent()) {
      Viewport.Box box = band.get().box();
      band = Optional.empty();
      session
          .selection()
          .set(Selection.ofRuns(view.beads().map(b -> b.inside(box)).orElse(List.of())));
      view.repaint();
      return;
    }
    Optional<Drag> done = drag;
    drag = Optional.empty();
    if (done.isEmpty() || done.get().pans() || session.show().isEmpty()) {
      return;
    }
    Drag d = done.get();
    boolean still = Math.hypot(d.dx(), d.dy()) < view.near() / 3;
    if (!still && drafting.tool().get() == Tool.PICTURE) {
      UnderlayEdits.move(session, d.sheet(), d.dx(), d.dy());
    } else if (!still && d.corner() >= 0) {
      moveCorner(d);
    } else if (!still) {
      session.edit("Moved.", s -> SelectionEdits.moved(s, d.what(), d.sheet(), d.dx(), d.dy()));
    }
    view.repaint();
  }

  private Optional<Run> selectedRun() {
    return session.selection().get() instanceof Selection.OfRun r
        ? session.show().flatMap(s -> s.run(r.name()))
        : Optional.empty();
  }

  private Optional<Course.Traced> traced() {
    return selectedRun()
        .flatMap(r -> r.hanging().course())
        .filter(c -> c instanceof Course.Traced)
        .map(c -> (Course.Traced) c);
  }

  private int cornerAt(Point at) {
    List<Point> corners = traced().map(Course.Traced::corners).orElse(List.of());
    for (int i = 0; i < corners.size(); i++) {
      if (sheet().apart(corners.get(i), at) < view.near()) {
        return i;
      }
    }
    return -1;
  }

  private void moveCorner(Drag d) {
    Optional<Run> run = selectedRun();
    Optional<Course.Traced> course = traced();
    if (run.isEmpty() || course.isEmpty() || course.get().corners().size() <= d.corner()) {
      return;
    }
    Course.Traced next = new Course.Traced(bent(course.get(), d));
    session.edit(
        run.get().name() + " has another corner.",
        s ->
            RunEdits.changed(
                s,
                run.get().name(),
                r -> MeasuredRuns.rehung(r, s.catalogue().pixelTypesById().get(r.type()), next)));
  }

  private Sheet sheet() {
    return view.sheet().get();
  }

  private boolean seen(Point place) {
    return sheet().sees(session.show().orElseThrow().survey(), place);
  }

  /** What stands at a place: small things first, then boxes, then runs. */
  private Selection hit(Point at) {
    double near = view.near() * 1.4;
    for (PlaceEdits.Place p : PlaceEdits.of(session.show().orElseThrow())) {
      if (seen(p.at()) && sheet().apart(p.at(), at) < near) {
        return new Selection.OfPlace(p.kind(), p.id());
      }
    }
    Beads beads = view.beads().orElseThrow();
    for (Controller box : beads.boxes()) {
      if (sheet().apart(box.at(), at) < near) {
        return new Selection.OfBox(box.id());
      }
    }
    return beads
        .nearest(at, view.near())
        .<Selection>map(s -> new Selection.OfRun(s.run().name()))
        .orElse(new Selection.Nothing());
  }
}
