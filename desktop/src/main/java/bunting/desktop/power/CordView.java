package bunting.desktop.power;

import bunting.core.assess.PortReading;
import bunting.core.assess.SegmentReading;
import bunting.core.plan.Posts;
import bunting.core.show.Texts;
import bunting.core.units.Lengths;
import bunting.desktop.look.Palette;
import bunting.desktop.picture.BuntingLine;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.beans.value.ObservableValue;
import javafx.scene.canvas.Canvas;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/** The line at hand. Posts are dragged, planted and pulled on it. */
final class CordView extends Region {

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
        "The line. N and P go from feed to feed, left and right move one, insert plants, delete"
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
    new CordKeys(this, model).install();
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
    boolean feet = model.shown().get().map(r -> r.show().survey().feet()).orElse(false);
    CordPainter painter =
        new CordPainter(canvas.getGraphicsContext2D(), palette.getValue(), new Lengths(feet));
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
    Optional<BuntingLine.Post> post = layout.get().postAt(e.getX());
    if (post.isPresent()) {
      take(post.get());
    } else if (e.getClickCount() == 2) {
      plantAt(e.getX());
    } else {
      model.feed().set(Optional.empty());
    }
  }

  private void take(BuntingLine.Post post) {
    var feed = post.feed().feed();
    model.feed().set(Optional.of(feed.id()));
    if (feed.viaPort()) {
      teller.accept("This feed is the board's own output; it stays at the first pixel.");
    } else if (feed.trunk().isPresent()) {
      teller.accept("A tail of trunk " + feed.trunk().get() + "; the planner's, as its trunk is.");
    } else {
      dragged = Optional.of(feed.id());
      carriedTo = feed.atPixel();
    }
  }

  void plantAt(double x) {
    BuntingLine.Span span = layout.orElseThrow().spanAt(x);
    SegmentReading s = span.segment();
    model.byHand().plant(s.segment().id(), s.run().name(), span.pixelAt(x));
  }

  /** Carries the post in hand to a place across; the cord follows. */
  void drag(double x) {
    if (dragged.isEmpty() || layout.isEmpty()) {
      return;
    }
    String feed = dragged.get();
    Optional<BuntingLine.Span> span =
        layout.get().line().spans().stream()
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
                    "Feed at pixel "
                        + pixel
                        + ": "
                        + Texts.fixed(f.amps(), 2)
                        + " A over "
                        + Lengths.of(model.shown().get().orElseThrow().show()).rough(f.lengthM())));
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

  /** Decides that a feed stands at a pixel. */
  void decide(String feed, int pixel) {
    String segment = model.segmentOf(feed).map(s -> s.segment().id()).orElse("");
    model
        .segmentOf(feed)
        .ifPresent(
            s ->
                model
                    .byHand()
                    .keep(
                        "A feed of " + s.run().name() + " stands at " + pixel + ".",
                        s.segment().id(),
                        pixel,
                        Optional.empty()));
    rechoose(segment, pixel);
  }

  /** Where everything stands; empty while no line is shown. */
  Optional<CordLayout> placed() {
    return layout;
  }

  /** Feeds are numbered anew by each plan: what was chosen is found by its place. */
  private void rechoose(String segment, int pixel) {
    model.base().stream()
        .flatMap(r -> r.feeds().stream())
        .filter(f -> f.feed().segment().equals(segment) && f.feed().atPixel() == pixel)
        .findFirst()
        .ifPresent(f -> model.feed().set(Optional.of(f.feed().id())));
  }

  private void point(double x) {
    hover = OptionalDouble.of(x);
    layout.ifPresent(
        l -> {
          BuntingLine.Span span = l.spanAt(x);
          teller.accept(
              CordWords.at(model.shown().get().orElseThrow(), span.segment(), span.pixelAt(x)));
        });
    paint();
  }
}
