package bunting.desktop.bench;

import bunting.core.faults.Live;
import bunting.desktop.kit.Newest;
import bunting.desktop.session.Session;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * What the stand-ins' pixels show, painted anew beside the window whenever they heard something.
 */
final class LivePicture {
  private final Session session;
  private final Newest painting;
  private final ReadOnlyObjectWrapper<Optional<Live.Frame>> shown =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private long painted = -1;
  private long ticks;

  LivePicture(Session session) {
    this.session = session;
    this.painting = new Newest(session.background());
  }

  /** What is shown; empty before anything came. */
  ReadOnlyObjectProperty<Optional<Live.Frame>> shown() {
    return shown.getReadOnlyProperty();
  }

  /** Nothing is shown until something comes. */
  void clear() {
    painting.stop();
    painted = -1;
    shown.set(Optional.empty());
    session.wire().set(Optional.empty());
  }

  /** What is shown is not true any more. */
  void again() {
    painted = -1;
  }

  /** Whether a version of what was heard is painted. */
  boolean has(long version) {
    return painted >= version && !painting.busy().get();
  }

  /**
   * Paints what was heard, if it is news.
   *
   * @param flickers whether it looks otherwise at each moment
   * @param sent what is on the wire, in words
   */
  void tick(Rig rig, boolean flickers, String sent) {
    ticks++;
    long version = rig.standIns().version();
    boolean news = version != painted || flickers || rig.standIns().testing(System.nanoTime());
    if (painting.busy().get() || !news) {
      return;
    }
    painted = version;
    byte[] frame = new byte[rig.map().frameBytes()];
    rig.standIns().look(frame, System.nanoTime());
    long moment = ticks;
    painting.ask(
        "painting the bench",
        job -> rig.live().of(frame, moment),
        live -> {
          shown.set(Optional.of(live));
          session.wire().set(Optional.of(rig.onTheWire(sent, live)));
        },
        session::say);
  }
}
