package bunting.desktop.power;

import bunting.core.assess.PortReading;
import bunting.core.assess.SegmentReading;
import bunting.core.dc.WhiteTest;
import bunting.core.plan.Posts;
import bunting.core.show.Texts;
import bunting.desktop.look.Palette;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.Canvas;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/** The line at hand. Posts are dragged, planted and pulled on it. */
final class CordView extends Region {
  private static final int STRIDE = 10;

  private final PowerModel model;
  private final ObservableValue<Palette> palette;
  private final Consumer<String> teller;
  private final Canvas canvas = new Canvas();
  private Optional<CordLayout> layout = Optional.empty();
  private OptionalDouble hover = OptionalDouble.empty();
  private Optional<String> dragged = Optional.empty();
  private int carriedTo;

  /**
   * @param teller shows what is under the pointer
   */
  CordView(PowerModel model, ObservableValue<Palette> palette, Consumer<String> teller) {
    this.model = model;
    this.palette = palette;
    this.teller = teller;
    setId("cord");
    getChildren().add(canvas);
    setFocusTraversable(true);
    setAccessibleText(
        "The line. N and P go from post to post, left and right move one, insert plants, delete"
            + " pulls.");
    model.shown().addListener(o -> reread());
    model.feed().addListener(o -> paint());
    palette.addListener(o -> paint());
    focusedProperty().addListener(o -> paint());
    setOnMousePressed(this::press);
    setOnMouseDragged(e -> drag(e.getX()));
    setOnMouseReleased(e -> letGo());
    setOnMouseMoved(e -> point(e.getX()));
    setOnMouseExited(
        e -> {
          hover = OptionalDouble.empty();
          teller.accept("");
          paint();
        });
    setOnKeyPressed(this::key);
  }

  @Override
  protected void layoutChildren() {
    canvas.setWidth(getWidth());
    canvas.setHeight(getHeight());
    reread();
  }

  private void reread() {
    Optional<PortReading> port = model.port();
    layout =
        port.isPresent() && getWidth() > 0
            ? Optional.of(
                new CordLayout(
                    model.shown().get().orElseThrow(), port.get(), getWidth(), getHeight()))
            : Optional.empty();
    paint();
  }

  private void paint() {
    CordPainter painter = new CordPainter(canvas.getGraphicsContext2D(), palette.getValue());
    layout.ifPresent(
        l -> painter.paint(l, model.feed().get().orElse(""), dragged.isPresent(), hover));
    if (isFocused()) {
      painter.focus();
    }
  }

  private void press(MouseEvent e) {
    requestFocus();
    if (layout.isEmpty()) {
      return;
    }
    Optional<CordLayout.Post> post = layout.get().postAt(e.getX());
    if (post.isPresent()) {
      take(post.get());
    } else if (e.getClickCount() == 2) {
      plantAt(e.getX());
    } else {
      model.feed().set(Optional.empty());
    }
  }

  private void take(CordLayout.Post post) {
    var feed = post.feed().feed();
    model.feed().set(Optional.of(feed.id()));
    if (feed.viaPort()) {
      teller.accept("This post is the board's own output; it stays at the first pixel.");
    } else if (feed.taps().isEmpty()) {
      dragged = Optional.of(feed.id());
      carriedTo = feed.atPixel();
    }
  }

  private void plantAt(double x) {
    CordLayout.Span span = layout.orElseThrow().spanAt(x);
    SegmentReading s = span.segment();
    model.plant(s.segment().id(), s.run().name(), span.pixelAt(x));
  }

  /** Carries the post in hand to a place across; the cord follows. */
  void drag(double x) {
    if (dragged.isEmpty() || layout.isEmpty()) {
      return;
    }
    String feed = dragged.get();
    Optional<CordLayout.Span> span =
        layout.get().spans().stream()
            .filter(
                s ->
                    model
                        .segmentOf(feed)
                        .filter(r -> r.segment().id().equals(s.segment().segment().id()))
                        .isPresent())
            .findFirst();
    span.ifPresent(s -> carry(feed, s.pixelAt(x)));
  }

  private void carry(String feed, int pixel) {
    carriedTo = pixel;
    model.carry(d -> Posts.moved(d, feed, pixel));
    model
        .feedReading()
        .ifPresent(
            f ->
                teller.accept(
                    "Post at pixel "
                        + pixel
                        + ": "
                        + Texts.fixed(f.amps(), 2)
                        + " A over "
                        + Texts.fixed(f.lengthM(), 1)
                        + " m"));
  }

  /** Lets go of what is in the hand and decides nothing. */
  void forget() {
    dragged = Optional.empty();
    teller.accept("");
  }

  /** Puts the post in hand down. */
  void letGo() {
    if (dragged.isEmpty()) {
      return;
    }
    String feed = dragged.get();
    dragged = Optional.empty();
    int was =
        model.base().stream()
            .flatMap(r -> r.feeds().stream())
            .filter(f -> f.feed().id().equals(feed))
            .mapToInt(f -> f.feed().atPixel())
            .findFirst()
            .orElse(carriedTo);
    teller.accept("");
    if (was == carriedTo) {
      paint();
      return;
    }
    decide(feed, carriedTo);
  }

  private void decide(String feed, int pixel) {
    String segment = model.segmentOf(feed).map(s -> s.segment().id()).orElse("");
    model
        .segmentOf(feed)
        .ifPresent(
            s ->
                model.keep(
                    "A post of " + s.run().name() + " stands at " + pixel + ".",
                    s.segment().id(),
                    pixel,
                    Optional.empty()));
    rechoose(segment, pixel);
  }

  /** Takes up the n-th post, from 0, as the mouse would. */
  void takeUp(int n) {
    layout
        .filter(l -> n < l.posts().size())
        .ifPresent(
            l -> {
              take(l.posts().get(n));
              paint();
            });
  }

  private void point(double x) {
    hover = OptionalDouble.of(x);
    layout.ifPresent(l -> teller.accept(tell(l, x)));
    paint();
  }

  /** Volts, drop, current and colour under the pointer. */
  private String tell(CordLayout l, double x) {
    CordLayout.Span span = l.spanAt(x);
    SegmentReading s = span.segment();
    int index = span.pixelAt(x) - s.segment().firstPixel();
    double volts = s.volts().at(index);
    double supply =
        model
            .shown()
            .get()
            .orElseThrow()
            .show()
            .wiring()
            .conductors()
            .supplyVolts(s.type().volts());
    if (volts <= 0) {
      return "pixel " + span.pixelAt(x) + " of " + s.run().name() + " is dark";
    }
    double next = index + 1 < s.volts().size() ? s.volts().at(index + 1) : volts;
    double flow = (volts - next) / Math.max(1e-9, s.type().loopOhms());
    return "pixel "
        + span.pixelAt(x)
        + " of "
        + s.run().name()
        + ": "
        + Texts.fixed(volts, 3)
        + " V, "
        + Texts.fixed(supply - volts, 3)
        + " V lost, "
        + Texts.fixed(Math.abs(flow), 2)
        + (flow >= 0 ? " A to the right, " : " A to the left, ")
        + colour(WhiteTest.rgb(s.type().load(), volts / s.type().volts()));
  }

  private static String colour(int rgb) {
    int green = rgb >> 8 & 0xFF;
    int blue = rgb & 0xFF;
    if (blue > 240) {
      return "white";
    }
    if ((rgb >> 16 & 0xFF) < 220) {
      return "red-brown";
    }
    return green > 205 ? "yellow" : "orange";
  }

  private void key(KeyEvent e) {
    if (layout.isEmpty()) {
      return;
    }
    int stride = e.isShiftDown() ? STRIDE : 1;
    switch (e.getCode()) {
      case N -> step(1);
      case P -> step(-1);
      case LEFT -> nudge(-stride);
      case RIGHT -> nudge(stride);
      case INSERT -> plantInWidestGap();
      case DELETE, BACK_SPACE -> model.pull();
      case ESCAPE -> {
        forget();
        model.reset();
      }
      default -> {
        return;
      }
    }
    e.consume();
  }

  private void step(int by) {
    List<CordLayout.Post> posts = layout.orElseThrow().posts();
    if (!posts.isEmpty()) {
      int now = -1;
      for (int i = 0; i < posts.size(); i++) {
        now =
            model.feed().get().filter(posts.get(i).feed().feed().id()::equals).isPresent()
                ? i
                : now;
      }
      int next = Math.floorMod(now + by, posts.size());
      model.feed().set(Optional.of(posts.get(now < 0 ? 0 : next).feed().feed().id()));
    }
  }

  private void nudge(int by) {
    model
        .feedReading()
        .filter(f -> !f.feed().viaPort() && f.feed().taps().isEmpty())
        .ifPresent(
            f ->
                model
                    .segmentOf(f.feed().id())
                    .ifPresent(
                        s -> {
                          int to =
                              Math.clamp(
                                  (long) f.feed().atPixel() + by,
                                  s.segment().firstPixel(),
                                  s.segment().lastPixel());
                          model.carry(d -> Posts.moved(d, f.feed().id(), to));
                          decide(f.feed().id(), to);
                        }));
  }

  /** Feeds are numbered anew by each plan: what was chosen is found by its place. */
  private void rechoose(String segment, int pixel) {
    model.base().stream()
        .flatMap(r -> r.feeds().stream())
        .filter(f -> f.feed().segment().equals(segment) && f.feed().atPixel() == pixel)
        .findFirst()
        .ifPresent(f -> model.feed().set(Optional.of(f.feed().id())));
  }

  private void plantInWidestGap() {
    CordLayout l = layout.orElseThrow();
    double from = l.spans().getFirst().x1();
    double best = 0;
    double at = (from + l.spans().getLast().x2()) / 2;
    double end = l.spans().getLast().x2();
    for (int i = 0; i <= l.posts().size(); i++) {
      double to = i < l.posts().size() ? l.posts().get(i).x() : end;
      if (to - from > best) {
        best = to - from;
        at = i == l.posts().size() ? to - 1 : (from + to) / 2;
      }
      from = to;
    }
    plantAt(at);
  }
}
