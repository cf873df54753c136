package bunting.desktop.bench;

import bunting.core.show.Protocol;
import bunting.desktop.session.Session;
import bunting.wire.send.BoxPackets;
import bunting.wire.send.Sender;
import bunting.wire.send.UdpOutlet;
import bunting.wire.standin.Listener;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.UnknownHostException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * The boxes that really stand there. Nothing is sent to them until somebody arms it, and it says so
 * as long as it lasts. Each box gets its own universes at its planned address, and no other.
 */
final class RealBoxes {
  private final Session session;
  private final ReadOnlyObjectWrapper<Optional<String>> armed =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private Optional<Sending> sending = Optional.empty();
  private Optional<Sender.Frames> frames = Optional.empty();

  RealBoxes(Session session) {
    this.session = session;
  }

  /** Whom patterns go to beyond this machine; empty while nothing does. */
  ReadOnlyObjectProperty<Optional<String>> armed() {
    return armed.getReadOnlyProperty();
  }

  /** Sends to the boxes of a plan from now on. */
  void arm(Rig rig) {
    disarm();
    Protocol protocol = rig.reading().show().addressing().protocol();
    List<InetSocketAddress> targets = new ArrayList<>();
    try {
      for (var box : rig.map().boxes()) {
        // Addresses of a plan are numbers: nobody is asked for them.
        InetAddress at = InetAddress.getByName(box.address().isEmpty() ? "0.0.0.0" : box.address());
        targets.add(new InetSocketAddress(at, Listener.usualPort(protocol)));
      }
      BoxPackets packets = new BoxPackets(protocol, rig.map(), UUID.randomUUID());
      sending =
          Optional.of(
              new Sending(
                  session.background(),
                  packets,
                  UdpOutlet.toEach(targets),
                  rig.map().frameBytes(),
                  frames.orElse((f, slots) -> java.util.Arrays.fill(slots, (byte) 0)),
                  this::failed));
      long boxes = targets.stream().filter(t -> !t.getAddress().isAnyLocalAddress()).count();
      armed.set(
          Optional.of(
              "ARMED: patterns go to "
                  + boxes
                  + (boxes == 1 ? " real box at " : " real boxes at ")
                  + targets.getFirst().getAddress().getHostAddress()
                  + (boxes == 1 ? "" : " and on")
                  + " by "
                  + Rig.name(protocol)));
    } catch (UnknownHostException e) {
      session.say("A planned address is no address: look at the network sheet (Ctrl Shift N).");
    } catch (IOException e) {
      session.say("This machine has no network to send on: " + e.getMessage());
    }
  }

  private void failed(String why) {
    disarm();
    session.say("Nothing reaches the real boxes: no way to their network. " + why);
  }

  /** Sends to nobody beyond this machine any more. */
  void disarm() {
    sending.ifPresent(Sending::stop);
    sending = Optional.empty();
    armed.set(Optional.empty());
  }

  /** What is sent, now and once it is armed. */
  void show(Sender.Frames what) {
    frames = Optional.of(what);
    sending.ifPresent(s -> s.show(what));
  }

  /** Stays at a frame, or goes on. */
  void hold(boolean on) {
    sending.ifPresent(s -> s.hold(on));
  }
}
