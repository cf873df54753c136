package bunting.desktop.survey;

import bunting.core.plan.Assessment;
import bunting.core.show.Point;
import bunting.core.survey.Sheet;
import bunting.core.survey.Sheets;
import bunting.core.units.Lengths;
import bunting.desktop.look.Palette;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.nio.IntBuffer;
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
  private final UnderlayImage underlay;
  private Optional<Beads> beads = Optional.empty();
  private Optional<LensColours> colours = Optional.empty();
  private Optional<Viewport> view = Optional.empty();
  private Optional<PixelBuffer<IntBuffer>> buffer = Optional.empty();
  private final ElevationMouse mouse;
  private Optional<Viewport.Box> asked = Optional.empty();
  private boolean fitted;
  private final ObjectProperty<Sheet> sheet = new SimpleObjectProperty<>(Sheets.FRONT);

  /** An elevation on a session. */
  public ElevationView(Session session, ObservableValue<Palette> palette) {
    this.session = session;
    this.palette = palette;
    this.underlay = new UnderlayImage(session.background(), this::repaint, session::say);
    this.drafting = new Drafting(session, this::paintAbove);
    this.mouse = new ElevationMouse(this, session, drafting);
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
    session.document().show().addListener(o -> reread());
    session.assessment().addListener(o -> replanned());
    session.opened().addListener(o -> fitted = false);
    session.selection().addListener(o -> repaint());
    palette.addListener(o -> recolour());
    session.wire().addListener(o -> wireChanged());
    lens.addListener(o -> recolour());
    sheet.addListener(
        o -> {
          drafting.on(sheet.get());
          fitted = false;
          reread();
        });
    focusedProperty().addListener(o -> paintAbove());
    mouse.install();
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
                    v.x(hand) >= 0
                        && v.x(hand) <= getWidth()
                        && v.y(hand) >= 0
                        && v.y(hand) <= getHeight())
            .orElse(true);
    if (!seen) {
      Point middle = place(getWidth() / 2, getHeight() / 2);
      drafting.moveTo(
          sheet
              .get()
              .at(
                  Math.rint(sheet.get().across(middle) * 10) / 10,
                  Math.rint(sheet.get().up(middle) * 10) / 10),
          near());
    }
  }

  /** The lens. */
  public ObjectProperty<Lens> lens() {
    return lens;
  }

  /** What is looked at: the front, a face, or the plan from above. */
  public ObjectProperty<Sheet> sheet() {
    return sheet;
  }

  /** Looks at the next sheet of the site, or at the one before. */
  void turn(int by) {
    session
        .show()
        .map(s -> Sheets.of(s.survey()))
        .ifPresent(
            all -> {
              int now = Math.max(0, all.indexOf(sheet.get()));
              sheet.set(all.get(Math.floorMod(now + by, all.size())));
            });
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

  Point place(double x, double y) {
    return view.map(v -> v.place(x, y)).orElse(sheet.get().at(0, 0));
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
      view = beads.map(b -> Viewport.around(b.bounds(), getWidth(), getHeight()).on(sheet.get()));
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
    view = Optional.of(Viewport.around(part, getWidth(), getHeight()).on(sheet.get()));
    fitted = true;
    repaint();
  }

  /** Shows the chosen run as large as it goes. */
  void showChosen() {
    if (session.selection().get() instanceof Selection.OfRun r) {
      beads.flatMap(b -> b.bounds(r.name())).ifPresent(this::show);
    }
  }

  /** Zooms about the middle. */
  void zoom(double factor) {
    zoom(factor, getWidth() / 2, getHeight() / 2);
  }

  void zoom(double factor, double x, double y) {
    view = view.map(v -> v.zoomed(factor, x, y));
    repaint();
  }

  /** Pans by metres. */
  void panBy(double dx, double dy) {
    view = view.map(v -> v.panned(dx * v.pxPerM(), -dy * v.pxPerM()));
    repaint();
  }

  /** Where the pixels hang; empty while no show is open. */
  public Optional<Beads> beads() {
    return beads;
  }

  void pan(double dx, double dy) {
    view = view.map(v -> v.panned(dx, dy));
    repaint();
  }

  private void reread() {
    boolean before = beads.isPresent();
    seeWhatIsThere();
    beads =
        session
            .show()
            .map(
                s ->
                    new Beads(s, session.assessment().get().map(Assessment::reading), sheet.get()));
    if (!before || beads.isEmpty()) {
      fitted = false;
    }
    recolour();
    if (!fitted) {
      fit();
    }
  }

  /** A face that was moved is looked at as it is now; one that is gone no more. */
  private void seeWhatIsThere() {
    List<Sheet> all = session.show().map(s -> Sheets.of(s.survey())).orElse(List.of(Sheets.FRONT));
    if (!all.contains(sheet.get())) {
      sheet.set(
          all.stream()
              .filter(s -> s.name().equals(sheet.get().name()))
              .findFirst()
              .orElse(Sheets.FRONT));
    }
  }

  /** Pixels hang where they hung; what a plan says of them is another. */
  private void replanned() {
    beads = beads.map(b -> b.in(session.assessment().get().map(Assessment::reading)));
    recolour();
  }

  /** Whether a picture is being drawn for it. */
  public boolean isDrawing() {
    return underlay.busy();
  }

  /** Gives up a picture that is being drawn. */
  public void stopDrawing() {
    underlay.stop();
  }

  private void recolour() {
    Palette p = palette.getValue();
    int plain = p.night() ? 0xC9BFA8 : 0x6F7B80;
    colours =
        beads.map(b -> new LensColours(b, lens.get(), plain, p.night(), session.wire().get()));
    repaint();
  }

  private void wireChanged() {
    if (lens.get() == Lens.WIRE) {
      recolour();
    }
  }

  void repaint() {
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
    raster.paint(beads.orElseThrow(), colours.orElseThrow()::rgb, view.orElseThrow(), edge);
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
                  mouse.moving());
              DraftPainter draft =
                  new DraftPainter(
                      above.getGraphicsContext2D(),
                      view.orElseThrow(),
                      palette.getValue(),
                      Lengths.of(session.show().orElseThrow()));
              mouse.bent().ifPresent(draft::line);
              mouse.band().ifPresent(draft::band);
              draft.paint(drafting, getWidth(), getHeight(), isFocused());
            });
  }
}
