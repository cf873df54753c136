package bunting.desktop.bench;

import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.faults.Layout;
import bunting.core.faults.Live;
import bunting.core.show.Point;
import bunting.desktop.look.Palette;
import bunting.desktop.session.Selection;
import bunting.desktop.survey.BeadRaster;
import bunting.desktop.survey.Beads;
import bunting.desktop.survey.Viewport;
import java.nio.IntBuffer;
import java.util.List;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;

/**
 * The site at dusk with every pixel in the colour that it shows. Nothing is moved here: a click
 * chooses a run and, of it, a pixel; the wheel zooms, dragging pans.
 */
final class LiveElevation extends Region {
  /** Dusk: dark enough to see what is lit, light enough to see what is not. */
  static final Color DUSK = Color.web("#26323b");

  private static final int UNLIT = 0x3D4A54;
  private static final int EDGE = 0x14202A;
  private static final double HIT_PX = 14;
  private static final double DRAG_PX = 4;
  private static final double BESIDES = 24;
  private static final double ABOVE_AND_BELOW = 28;

  /** Takes a pixel of a run that was pointed at. */
  @FunctionalInterface
  interface Pointed {
    void at(String run, int pixel);
  }

  private final BenchModel model;
  private final ObservableValue<Palette> palette;
  private final ObservableValue<Optional<Live.Frame>> frame;
  private final Pointed pointed;
  private final ImageView image = new ImageView();
  private final Canvas above = new Canvas();
  private Optional<PixelBuffer<IntBuffer>> buffer = Optional.empty();
  private Optional<Beads> beads = Optional.empty();
  private Optional<Viewport> view = Optional.empty();
  private Optional<Reading> of = Optional.empty();
  private Optional<Point> pressed = Optional.empty();
  private Optional<Mark> mark = Optional.empty();
  private boolean dragged;

  /** Pixels of a run that are marked. */
  record Mark(String run, int first, int last) {}

  LiveElevation(
      BenchModel model,
      ObservableValue<Palette> palette,
      ObservableValue<Optional<Live.Frame>> frame,
      Pointed pointed) {
    this.model = model;
    this.palette = palette;
    this.frame = frame;
    this.pointed = pointed;
    setId("live-elevation");
    setAccessibleText("The site with every pixel as it shows what is sent. A click chooses one.");
    setFocusTraversable(true);
    setMinHeight(120);
    getChildren().addAll(image, above);
    Rectangle clip = new Rectangle();
    clip.setArcWidth(10);
    clip.setArcHeight(10);
    clip.widthProperty().bind(widthProperty());
    clip.heightProperty().bind(heightProperty());
    setClip(clip);
    model.rig().addListener(o -> reread());
    frame.addListener(o -> paint());
    model.session().selection().addListener(o -> paint());
    palette.addListener(o -> paint());
    focusedProperty().addListener(o -> paint());
    setOnMousePressed(this::press);
    setOnMouseDragged(this::drag);
    setOnMouseReleased(this::release);
    addEventHandler(
        KeyEvent.KEY_PRESSED,
        e -> {
          if (e.getCode() == KeyCode.HOME) {
            fit();
            e.consume();
          } else if (e.getCode() == KeyCode.Z && !e.isShortcutDown()) {
            fitBox();
            e.consume();
          }
        });
    setOnScroll(
        e -> {
          view = view.map(v -> v.zoomed(Math.pow(1.0015, e.getDeltaY()), e.getX(), e.getY()));
          paint();
          e.consume();
        });
    reread();
  }

  /** Marks pixels, or none. */
  void mark(Optional<Mark> pixels) {
    mark = pixels;
    paint();
  }

  /** Shows the box of the run that is chosen, all that it drives. */
  void fitBox() {
    Optional<Rig> rig = model.rig().get();
    if (rig.isEmpty() || beads.isEmpty() || model.hand().chain().isEmpty()) {
      return;
    }
    int box = model.hand().chain().get().box();
    Viewport.Box all = null;
    for (Layout.Chain c : rig.get().layout().chains()) {
      for (var s : c.box() == box ? c.segments() : List.<SegmentReading>of()) {
        Optional<Viewport.Box> own = beads.get().bounds(s.run().name());
        all = own.isEmpty() ? all : all == null ? own.get() : all.with(own.get());
      }
    }
    if (all != null) {
      view = Optional.of(around(all));
      paint();
    }
  }

  /** Shows all of it. */
  void fit() {
    view = beads.map(b -> around(b.bounds()));
    paint();
  }

  /** Less air around than where one draws. */
  private Viewport around(Viewport.Box all) {
    return Viewport.around(all, getWidth(), getHeight(), BESIDES, ABOVE_AND_BELOW);
  }

  private void reread() {
    Optional<Reading> now = model.rig().get().map(Rig::reading);
    if (!now.equals(of)) {
      of = now;
      beads = now.map(r -> new Beads(r.show(), Optional.of(r)));
      mark = Optional.empty();
      if (getWidth() > 1) {
        fit();
      }
    }
    paint();
  }

  @Override
  protected void layoutChildren() {
    int width = (int) Math.max(1, getWidth());
    int height = (int) Math.max(1, getHeight());
    boolean fresh =
        buffer.isEmpty() || buffer.get().getWidth() != width || buffer.get().getHeight() != height;
    if (fresh) {
      PixelBuffer<IntBuffer> pixels =
          new PixelBuffer<>(
              width,
              height,
              IntBuffer.allocate(width * height),
              PixelFormat.getIntArgbPreInstance());
      buffer = Optional.of(pixels);
      image.setImage(new WritableImage(pixels));
      above.setWidth(width);
      above.setHeight(height);
      fit();
    }
    paint();
  }

  private void paint() {
    if (buffer.isEmpty()) {
      return;
    }
    GraphicsContext g = above.getGraphicsContext2D();
    g.clearRect(0, 0, above.getWidth(), above.getHeight());
    PixelBuffer<IntBuffer> pixels = buffer.get();
    setStyle("-fx-background-color: " + web(DUSK) + "; -fx-background-radius: 5;");
    BeadRaster raster =
        new BeadRaster(pixels.getWidth(), pixels.getHeight(), pixels.getBuffer().array());
    if (beads.isPresent() && view.isPresent() && model.rig().get().isPresent()) {
      int[] rgb = rgb(beads.get(), model.rig().get().get());
      raster.paint(beads.get(), i -> rgb[i], view.get(), EDGE);
      new LiveSigns(g, beads.get(), view.get(), above.getWidth(), above.getHeight())
          .paint(model.session().selection().get(), mark);
    }
    pixels.updateBuffer(b -> null);
    if (isFocused()) {
      g.setStroke(palette.getValue().power());
      g.setLineWidth(2);
      g.strokeRect(1, 1, above.getWidth() - 2, above.getHeight() - 2);
    }
  }

  private static String web(Color c) {
    return String.format(
        "#%02x%02x%02x",
        Math.round(255 * c.getRed()),
        Math.round(255 * c.getGreen()),
        Math.round(255 * c.getBlue()));
  }

  /** A pixel that is dark is seen all the same: as an unlit bead. */
  private int[] rgb(Beads all, Rig rig) {
    int[] rgb = new int[all.count()];
    java.util.Arrays.fill(rgb, UNLIT);
    Optional<int[][]> now = frame.getValue().map(Live.Frame::rgb);
    if (now.isEmpty() || now.get().length != rig.layout().chains().size()) {
      return rgb;
    }
    for (Beads.Strip strip : all.strips()) {
      for (Layout.Part part : rig.layout().parts(strip.run().name())) {
        int[] own = now.get()[part.chain().index()];
        var s = part.segment().segment();
        for (int i = 0; i < s.pixels(); i++) {
          int at = strip.first() + s.firstPixel() - 1 + i;
          int colour = own[part.start() + i];
          rgb[at] = colour == 0 ? UNLIT : colour;
        }
      }
    }
    return rgb;
  }

  private void press(MouseEvent e) {
    requestFocus();
    pressed = Optional.of(new Point(e.getX(), e.getY()));
    dragged = false;
  }

  private void drag(MouseEvent e) {
    pressed.ifPresent(
        from -> {
          double dx = e.getX() - from.x();
          double dy = e.getY() - from.y();
          if (dragged || Math.hypot(dx, dy) > DRAG_PX) {
            dragged = true;
            pressed = Optional.of(new Point(e.getX(), e.getY()));
            view = view.map(v -> v.panned(dx, dy));
            paint();
          }
        });
  }

  private void release(MouseEvent e) {
    if (!dragged && beads.isPresent() && view.isPresent()) {
      pick(e.getX(), e.getY());
    }
    pressed = Optional.empty();
  }

  private void pick(double x, double y) {
    Beads all = beads.orElseThrow();
    Viewport v = view.orElseThrow();
    Point at = v.place(x, y);
    all.nearest(at, HIT_PX / v.pxPerM())
        .ifPresent(
            strip -> {
              int best = strip.first();
              double least = Double.MAX_VALUE;
              for (int i = strip.first(); i < strip.first() + strip.count(); i++) {
                double far = Math.hypot(all.x(i) - at.x(), all.y(i) - at.y());
                if (far < least) {
                  least = far;
                  best = i;
                }
              }
              model.session().selection().set(new Selection.OfRun(strip.run().name()));
              pointed.at(strip.run().name(), best - strip.first() + 1);
            });
  }
}
