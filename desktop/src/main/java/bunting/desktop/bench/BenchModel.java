package bunting.desktop.bench;

import bunting.core.assess.Reading;
import bunting.core.faults.Fault;
import bunting.core.faults.Live;
import bunting.core.pattern.Painter;
import bunting.core.pattern.Pattern;
import bunting.core.pattern.Scope;
import bunting.core.show.BenchNotes;
import bunting.core.show.Protocol;
import bunting.desktop.kit.Newest;
import bunting.desktop.session.Session;
import bunting.wire.send.Sender;
import bunting.wire.send.UdpOutlet;
import java.io.IOException;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.util.Duration;

/**
 * What all screens of the bench share: the plan's stand-ins, what is sent to them over this
 * machine's loopback, and what their pixels show of it. Nothing runs before a screen of the bench
 * is first looked at.
 */
final class BenchModel {
  private static final Duration TICK = Duration.millis(90);
  private static final double FULL = 100;

  private final Session session;
  private final ReadOnlyObjectWrapper<Optional<Rig>> rig =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ReadOnlyObjectWrapper<Optional<Pattern>> pattern =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ObjectProperty<AtHand.Reach> reach = new SimpleObjectProperty<>(AtHand.Reach.SHOW);
  private final ObjectProperty<Double> brightness = new SimpleObjectProperty<>(FULL);
  private final ObjectProperty<Double> speed = new SimpleObjectProperty<>(1.0);
  private final ObjectProperty<Boolean> held = new SimpleObjectProperty<>(false);
  private final ObjectProperty<Optional<Fault>> planted =
      new SimpleObjectProperty<>(Optional.empty());
  private final Timeline ticker = new Timeline(new KeyFrame(TICK, e -> tick()));
  private final Newest rigging;
  private final LivePicture picture;
  private final AtHand hand;
  private final RealBoxes real;
  private Optional<Sending> sending = Optional.empty();
  private Optional<Sender.Frames> other = Optional.empty();
  private boolean awake;
  private long awaited;

  BenchModel(Session session) {
    this.session = session;
    this.rigging = new Newest(session.background());
    this.picture = new LivePicture(session);
    this.hand = new AtHand(session, rig::get);
    this.real = new RealBoxes(session);
    ticker.setCycleCount(Animation.INDEFINITE);
    session.assessment().addListener(o -> replanned());
    session.selection().addListener(o -> resend());
    reach.addListener(o -> resend());
    brightness.addListener(o -> resend());
    speed.addListener(o -> resend());
    held.addListener(
        o -> {
          sending.ifPresent(s -> s.hold(held.get()));
          real.hold(held.get());
        });
    planted.addListener(o -> plant());
  }

  /** Wakes the bench: from now on its stand-ins listen. */
  void wake() {
    if (!awake) {
      awake = true;
      replanned();
      ticker.play();
    }
  }

  /** The same plan again changes nothing; another has other boxes, made ready beside the window. */
  private void replanned() {
    Optional<Reading> now =
        session.assessment().get().map(a -> a.reading()).filter(r -> !r.segments().isEmpty());
    if (!awake || same(now, rig.get().map(Rig::reading))) {
      rigging.stop();
      return;
    }
    real.disarm();
    planted.set(Optional.empty());
    if (now.isEmpty()) {
      rigging.stop();
      stand(Optional.empty());
      return;
    }
    rigging.ask(
        "making the stand-ins ready",
        job -> new Rig(now.get()),
        ready -> stand(Optional.of(ready)),
        session::say);
  }

  private void stand(Optional<Rig> next) {
    sending.ifPresent(Sending::stop);
    sending = Optional.empty();
    rig.get().ifPresent(Rig::close);
    picture.clear();
    next.ifPresent(Rig::listen);
    rig.set(next);
    resend();
    tick();
  }

  /** Whether two plans are the same but for what was ticked and read at the bench. */
  private static boolean same(Optional<Reading> a, Optional<Reading> b) {
    return a.isPresent() == b.isPresent()
        && (a.isEmpty()
            || (a.get()
                    .show()
                    .withBench(BenchNotes.NONE)
                    .equals(b.get().show().withBench(BenchNotes.NONE))
                && a.get().decisions().equals(b.get().decisions())));
  }

  private void plant() {
    rig.get()
        .ifPresent(
            r -> {
              byte[] frame = new byte[r.map().frameBytes()];
              r.standIns().copy(frame);
              r.live().plant(planted.get(), frame);
              picture.again();
              tick();
            });
  }

  /** Sends a pattern; the same again goes on with it. */
  void choose(Pattern next) {
    pattern.set(Optional.of(next));
    other = Optional.empty();
    held.set(false);
    resend();
  }

  /** Sends something that is no pattern: the look of an aid. */
  void choose(Sender.Frames look) {
    pattern.set(Optional.empty());
    other = Optional.of(look);
    held.set(false);
    resend();
  }

  /** Sends nothing any more: the stand-ins hold what they showed last, as boxes do. */
  void quiet() {
    pattern.set(Optional.empty());
    other = Optional.empty();
    sending.ifPresent(Sending::stop);
    sending = Optional.empty();
    real.disarm();
  }

  private void resend() {
    Optional<Rig> now = rig.get();
    Optional<Sender.Frames> frames = now.flatMap(r -> frames(r));
    if (frames.isEmpty()) {
      return;
    }
    Rig r = now.get();
    awaited = r.standIns().version() + 2L * r.map().universes();
    real.show(frames.get());
    if (sending.isPresent()) {
      sending.get().show(frames.get());
      return;
    }
    Protocol protocol = r.reading().show().addressing().protocol();
    try {
      sending =
          Optional.of(
              new Sending(
                  session.background(),
                  Sending.packets(protocol, r.map()),
                  UdpOutlet.to(r.listener(protocol).address()),
                  r.map().frameBytes(),
                  frames.get(),
                  session::say));
    } catch (IOException e) {
      session.say("Nothing can be sent on this machine: " + e.getMessage());
    }
  }

  private Optional<Sender.Frames> frames(Rig r) {
    if (other.isPresent()) {
      return other;
    }
    return pattern
        .get()
        .map(
            p -> {
              Painter painter =
                  new Painter(r.map(), p, scope(), Sending.FPS, level(r, p), speed.get());
              return painter::paint;
            });
  }

  /** White is held at what everything bears; a colour draws a part of it. */
  private double level(Rig r, Pattern p) {
    double wished = brightness.get() / FULL;
    boolean white = p == Pattern.WHITE || p == Pattern.RAMP;
    return white ? Math.min(wished, r.hold().percent() / FULL) : wished;
  }

  /** The brightness at which a pattern is really sent, percent. */
  double sentPercent() {
    return rig.get()
        .flatMap(r -> pattern.get().map(p -> FULL * level(r, p)))
        .orElse(brightness.get());
  }

  /** What is on the wire, in words. */
  private String sent() {
    return pattern.get().map(p -> p.id() + " to " + scope().text()).orElse("as it came last");
  }

  /** The part of the show that the pattern is for, by what is selected. */
  Scope scope() {
    return hand.scope(reach.get());
  }

  /** What is at hand, by what is selected. */
  AtHand hand() {
    return hand;
  }

  private void tick() {
    boolean flickers = planted.get().filter(f -> f instanceof Fault.Noise).isPresent();
    rig.get().ifPresent(r -> picture.tick(r, flickers, sent()));
  }

  /** Whether what was chosen last is not to be seen yet. */
  boolean awaiting() {
    return rigging.busy().get()
        || (awake
            && rig.get().filter(r -> sending.isPresent() && !picture.has(awaited)).isPresent());
  }

  /** Presses the button of a box: it shows its own test look for some seconds. */
  void press(int box) {
    rig.get().ifPresent(r -> r.standIns().press(box, System.nanoTime()));
  }

  Session session() {
    return session;
  }

  /** The plan on the bench; empty while there is none. */
  ReadOnlyObjectProperty<Optional<Rig>> rig() {
    return rig.getReadOnlyProperty();
  }

  /** What the pixels show; empty before anything came. */
  ReadOnlyObjectProperty<Optional<Live.Frame>> shown() {
    return picture.shown();
  }

  /** What is sent; empty where nothing is, or an aid's look. */
  ReadOnlyObjectProperty<Optional<Pattern>> pattern() {
    return pattern.getReadOnlyProperty();
  }

  ObjectProperty<AtHand.Reach> reach() {
    return reach;
  }

  ObjectProperty<Double> brightness() {
    return brightness;
  }

  ObjectProperty<Double> speed() {
    return speed;
  }

  ObjectProperty<Boolean> held() {
    return held;
  }

  /** What is wrong with the stand-ins, where somebody practises. */
  ObjectProperty<Optional<Fault>> planted() {
    return planted;
  }

  /** Boxes beyond this machine. */
  RealBoxes real() {
    return real;
  }
}
