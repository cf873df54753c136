package bunting.desktop.bench;

import bunting.core.show.Protocol;
import bunting.desktop.session.Session;
import bunting.wire.packet.Sacn;
import bunting.wire.send.Announced;
import bunting.wire.send.BoxPackets;
import bunting.wire.send.FramePackets;
import bunting.wire.send.Sender;
import bunting.wire.send.UdpOutlet;
import bunting.wire.standin.Listener;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.NetworkInterface;
import java.net.UnknownHostException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * The boxes that really stand there. Nothing is sent to them until somebody arms it, and it says so
 * as long as it lasts. Each box gets its own universes at its planned address, and no other; where
 * the show's network is multicast, each universe goes to its group, and the source tells of itself.
 */
final class RealBoxes {
  private static final int PORT = Sacn.PORT;

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

  /**
   * Sends to the boxes of a plan from now on: to each alone, or to groups as its network has it.
   */
  void arm(Rig rig) {
    disarm();
    Protocol protocol = rig.reading().show().addressing().protocol();
    boolean groups = protocol == Protocol.SACN && rig.reading().show().network().multicast();
    try {
      if (groups) {
        NetworkInterface over = network();
        begin(rig, new Announced(rig.map(), UUID.randomUUID()), UdpOutlet.toGroups(over, PORT));
        armed.set(
            Optional.of(
                "ARMED: patterns go to "
                    + rig.map().universes()
                    + " groups over "
                    + over.getDisplayName()
                    + " by sACN"));
      } else {
        eachAlone(rig, protocol);
      }
    } catch (UnknownHostException e) {
      session.say("A planned address is no address: look at the network sheet (Ctrl Shift N).");
    } catch (IOException e) {
      session.say("This machine has no network to send on: " + e.getMessage());
    }
  }

  private void eachAlone(Rig rig, Protocol protocol) throws IOException {
    List<InetSocketAddress> targets = new ArrayList<>();
    for (var box : rig.map().boxes()) {
      // Addresses of a plan are numbers: nobody is asked for them.
      InetAddress at = InetAddress.getByName(box.address().isEmpty() ? "0.0.0.0" : box.address());
      targets.add(new InetSocketAddress(at, Listener.usualPort(protocol)));
    }
    begin(rig, new BoxPackets(protocol, rig.map(), UUID.randomUUID()), UdpOutlet.toEach(targets));
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
  }

  private void begin(Rig rig, FramePackets packets, UdpOutlet outlet) {
    sending =
        Optional.of(
            new Sending(
                session.background(),
                packets,
                outlet,
                rig.map().frameBytes(),
                frames.orElse((f, slots) -> java.util.Arrays.fill(slots, (byte) 0)),
                this::failed));
  }

  /** The first network that is up and is not this machine itself. */
  private static NetworkInterface network() throws IOException {
    for (NetworkInterface n : Collections.list(NetworkInterface.getNetworkInterfaces())) {
      if (n.isUp() && !n.isLoopback() && n.supportsMulticast()) {
        return n;
      }
    }
    throw new IOException("no network is up");
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

  /** The application ends: boxes that were armed hear it before it does. */
  void end() {
    Optional<Sending> last = sending;
    disarm();
    last.ifPresent(Sending::end);
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
