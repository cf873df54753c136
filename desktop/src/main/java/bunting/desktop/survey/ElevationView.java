package bunting.desktop.survey;

import bunting.core.plan.Assessment;
import bunting.core.show.Course;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.desktop.look.Palette;
import bunting.desktop.model.Selection;
import bunting.desktop.model.Session;
import java.nio.IntBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.Canvas;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;

/** The elevation: picture below, beads above it, names and measures on top. */
public final class ElevationView extends Region {
  private static final double HIT_PX = 9;

  private final Session session;
  private final ObservableValue<Palette> palette;
  private final ObjectProperty<Lens> lens = new SimpleObjectProperty<>(Lens.PLAIN);
  private final Canvas below = new Canvas();
  private final ImageView beadsView = new ImageView();
  private final Canvas above = new Canvas();
  private final Drafting drafting;
  private final UnderlayImage underlay = new UnderlayImage();
  private Optional<Beads> beads = Optional.empty();
  private Optional<LensColours> colours = Optional.empty();
  private Optional<Viewport> view = Optional.empty();
  private Optional<PixelBuffer<IntBuffer>> buffer = Optional.empty();
  private Optional<Drag> drag = Optional.empty();
  private Optional<Viewport.Box> asked = Optional.empty();
  private boolean fitted;

  /** A drag under way: from where, to where, and what moves. */
  private record Drag(Point from, Point to, Selection what, int corner) {
    Drag to(Point now) {
      return new Drag(from, now, what, corner);
    }
  }

  /** An elevation on a session. */
  public ElevationView(Session session, ObservableValue<Palette> palette) {
    this.session = session;
    this.palette = palette;
    this.drafting = new Drafting(session, this::paintAbove);
    setId("elevation");
    setFocusTraversable(true);
    setAccessibleText(
        "The site to scale. Letters take tools up, arrow keys move the cross, Enter sets a"
            + " corner.");
    getChildren().addAll(below, beadsView, above);
    Rectangle clip = new Rectangle();
    clip.widthProperty().bind(widthProperty());
    clip.heightProperty().bind(heightProperty());
    setClip(clip);
    session.assessment().addListener(o -> reread());
    session.selection().addListener(o -> repaint());
    palette.addListener(o -> recolour());
    lens.addListener(o -> recolour());
    focusedProperty().addListener(o -> paintAbove());
    setOnMousePressed(this::press);
    setOnMouseDragged(this::dragged);
    setOnMouseReleased(e -> release());
    setOnMouseMoved(
        e -> {
          if (drafting.tool().get() != Tool.PICK) {
            drafting.moveTo(place(e.getX(), e.getY()), near());
          }
        });
    setOnScroll(this::scroll);
    drafting.tool().addListener(o -> handInSight());
    new ElevationKeys(this, session, drafting).install();
    reread();
  }

  /** A tool is taken up where it can be seen. */
  private void handInSight() {
    Point hand = drafting.cursor();
    boolean seen =
        view.map(
                v ->
                    v.x(hand.x()) >= 0
                        && v.x(hand.x()) <= getWidth()
                        && v.y(hand.y()) >= 0
                        && v.y(hand.y()) <= getHeight())
            .orElse(true);
    if (!seen) {
      Point middle = place(getWidth() / 2, getHeight() / 2);
      drafting.moveTo(
          new Point(Math.rint(middle.x() * 10) / 10, Math.rint(middle.y() * 10) / 10), near());
    }
  }

  /** The lens. */
  public ObjectProperty<Lens> lens() {
    return lens;
  }

  /** The tool in hand. */
  public Drafting drafting() {
    return drafting;
  }

  /** The colours on show; empty while no show is open. */
  Optional<LensColours> colours() {
    return colours;
  }

  /** The view; it is there once the window has a size. */
  public Optional<Viewport> viewport() {
    return view;
  }

  double near() {
    return view.map(v -> HIT_PX / v.pxPerM()).orElse(0.1);
  }

  private Point place(double x, double y) {
    return view.map(v -> v.place(x, y)).orElse(new Point(0, 0));
  }

  @Override
  protected void layoutChildren() {
    int width = (int) Math.max(1, getWidth());
    int height = (int) Math.max(1, getHeight());
    if (below.getWidth() != width || below.getHeight() != height || buffer.isEmpty()) {
      below.setWidth(width);
      below.setHeight(height);
      above.setWidth(width);
      above.setHeight(height);
      PixelBuffer<IntBuffer> fresh =
          new PixelBuffer<>(
              width,
              height,
              IntBuffer.allocate(width * height),
              PixelFormat.getIntArgbPreInstance());
      buffer = Optional.of(fresh);
      beadsView.setImage(new WritableImage(fresh));
      if (asked.isPresent()) {
        Viewport.Box part = asked.get();
        asked = Optional.empty();
        show(part);
      } else if (!fitted) {
        fit();
      }
    }
    repaint();
  }

  /** Shows everything. */
  public void fit() {
    if (getWidth() > 50 && beads.isPresent()) {
      view = beads.map(b -> Viewport.around(b.bounds(), getWidth(), getHeight()));
      fitted = true;
      repaint();
    }
  }

  /** Shows a part of the elevation. */
  public void show(Viewport.Box part) {
    if (getWidth() < 50) {
      asked = Optional.of(part);
      return;
    }
    view = Optional.of(Viewport.around(part, getWidth(), getHeight()));
    fitted = true;
    repaint();
  }

  /** Zooms about the middle. */
  void zoom(double factor) {
    view = view.map(v -> v.zoomed(factor, getWidth() / 2, getHeight() / 2));
    repaint();
  }

  void pan(double dx, double dy) {
    view = view.map(v -> v.panned(dx, dy));
    repaint();
  }

  private void reread() {
    boolean before = beads.isPresent();
    beads = session.assessment().get().map(Assessment::reading).map(Beads::new);
    if (!before || beads.isEmpty()) {
      fitted = false;
    }
    recolour();
    if (!fitted) {
      fit();
    }
  }

  /** Forgets the view, so that the next show is shown whole. */
  public void forgetView() {
    fitted = false;
    fit();
  }

  private void recolour() {
    Palette p = palette.getValue();
    int plain = p.night() ? 0xC9BFA8 : 0x6F7B80;
    colours = beads.map(b -> new LensColours(b, lens.get(), plain, p.night()));
    repaint();
  }

  private void repaint() {
    painter()
        .ifPresent(
            painter -> {
              painter.below(below.getGraphicsContext2D(), getWidth(), getHeight(), underlay);
              paintBeads();
              paintAbove();
            });
  }

  private Optional<ElevationPainter> painter() {
    if (view.isEmpty() || beads.isEmpty() || buffer.isEmpty() || session.show().isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        new ElevationPainter(
            session.show().get(),
            session.selection().get(),
            beads.get(),
            view.get(),
            palette.getValue()));
  }

  private void paintBeads() {
    PixelBuffer<IntBuffer> pixels = buffer.orElseThrow();
    BeadRaster raster =
        new BeadRaster(pixels.getWidth(), pixels.getHeight(), pixels.getBuffer().array());
    int edge = palette.getValue().night() ? 0x6A6252 : 0x8A8271;
    raster.paint(beads.orElseThrow(), colours.orElseThrow(), view.orElseThrow(), edge);
    pixels.updateBuffer(b -> null);
  }

  private void paintAbove() {
    painter()
        .ifPresent(
            painter -> {
              painter.above(
                  above.getGraphicsContext2D(),
                  getWidth(),
                  getHeight(),
                  colours.orElseThrow(),
                  lens.get(),
                  moving());
              painter.drafting(
                  above.getGraphicsContext2D(), getWidth(), getHeight(), drafting, isFocused());
            });
  }

  private ElevationPainter.Moving moving() {
    return drag.filter(d -> !(d.what() instanceof Selection.Nothing))
        .map(d -> new ElevationPainter.Moving(d.to().x() - d.from().x(), d.to().y() - d.from().y()))
        .orElse(new ElevationPainter.Moving(0, 0));
  }

  private void scroll(ScrollEvent e) {
    double factor = Math.pow(1.0015, e.getDeltaY());
    view = view.map(v -> v.zoomed(factor, e.getX(), e.getY()));
    repaint();
    e.consume();
  }

  private void press(MouseEvent e) {
    requestFocus();
    Point at = place(e.getX(), e.getY());
    drafting.moveTo(at, near());
    boolean pans = e.getButton() != MouseButton.PRIMARY;
    Tool tool = drafting.tool().get();
    if (!pans && tool != Tool.PICK && tool != Tool.PICTURE) {
      drafting.set();
      return;
    }
    Selection what = new Selection.Nothing();
    int corner = -1;
    if (!pans && tool == Tool.PICK) {
      corner = cornerAt(at);
      what = corner >= 0 ? session.selection().get() : hit(at);
      session.selection().set(what);
    }
    drag = Optional.of(new Drag(at, at, what, corner));
  }

  private void dragged(MouseEvent e) {
    if (drag.isEmpty() || view.isEmpty()) {
      return;
    }
    Point at = place(e.getX(), e.getY());
    Drag d = drag.get();
    boolean picture = drafting.tool().get() == Tool.PICTURE;
    if (d.what() instanceof Selection.Nothing && !picture) {
      double s = view.get().pxPerM();
      view =
          Optional.of(view.get().panned((at.x() - d.from().x()) * s, -(at.y() - d.from().y()) * s));
      repaint();
    } else {
      drag = Optional.of(d.to(at));
      repaint();
    }
  }

  private void release() {
    Optional<Drag> done = drag;
    drag = Optional.empty();
    if (done.isEmpty() || session.show().isEmpty()) {
      return;
    }
    double dx = done.get().to().x() - done.get().from().x();
    double dy = done.get().to().y() - done.get().from().y();
    boolean still = Math.hypot(dx, dy) < near() / 3;
    Show show = session.show().get();
    if (drafting.tool().get() == Tool.PICTURE && !still) {
      UnderlayEdits.move(session, dx, dy);
    } else if (!still && done.get().corner() >= 0) {
      moveCorner(show, done.get().corner(), dx, dy);
    } else if (!still && !(done.get().what() instanceof Selection.Nothing)) {
      session.edit("Moved.", SurveyEdits.moved(show, done.get().what(), dx, dy));
    }
    repaint();
  }

  private Optional<Run> selectedRun() {
    return session.selection().get() instanceof Selection.OfRun r
        ? session.show().flatMap(s -> s.run(r.name()))
        : Optional.empty();
  }

  private int cornerAt(Point at) {
    Optional<Course> course = selectedRun().flatMap(r -> r.hanging().course());
    if (course.isPresent() && course.get() instanceof Course.Traced t) {
      for (int i = 0; i < t.corners().size(); i++) {
        if (t.corners().get(i).distanceTo(at) < near()) {
          return i;
        }
      }
    }
    return -1;
  }

  private void moveCorner(Show show, int corner, double dx, double dy) {
    Run run = selectedRun().orElseThrow();
    if (run.hanging().course().orElseThrow() instanceof Course.Traced t) {
      List<Point> corners = new ArrayList<>(t.corners());
      corners.set(corner, corners.get(corner).plus(dx, dy));
      var type = show.catalogue().pixelTypesById().get(run.type());
      Run next = SurveyEdits.rehung(run, type, new Course.Traced(corners));
      session.edit(run.name() + " has another corner.", show.withRun(next));
    }
  }

  /** What stands at a place: small things first, then boxes, then runs. */
  private Selection hit(Point at) {
    Show show = session.show().orElseThrow();
    double near = near() * 1.4;
    for (Places.Place p : Places.of(show)) {
      if (p.at().distanceTo(at) < near) {
        return p.key();
      }
    }
    for (var c : beads.orElseThrow().reading().decisions().controllers()) {
      if (c.controller().at().distanceTo(at) < near) {
        return new Selection.OfBox(c.controller().id());
      }
    }
    return beads
        .orElseThrow()
        .nearest(at, near())
        .<Selection>map(s -> new Selection.OfRun(s.run().name()))
        .orElse(new Selection.Nothing());
  }
}
