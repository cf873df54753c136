package bunting.wire.standin;

import bunting.core.show.Protocol;
import bunting.wire.packet.ArtNet;
import bunting.wire.packet.Ddp;
import bunting.wire.packet.Sacn;
import java.io.Closeable;
import java.io.IOException;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;

/**
 * A socket on this machine alone that hears for simulated controllers. One thread does nothing but
 * empty the socket, whose buffer holds a few thousandths of a second of a large show; another gives
 * the packets to the controllers, so that neither their work nor a question about them loses any.
 */
public final class Listener implements Closeable {
  /** Room for what comes while nobody looks; the machine may give less. */
  private static final int BUFFER = 4 << 20;

  private static final int DATAGRAM_MAX = 65_536;

  /** Packets that may wait: over a second of 1,000 universes at 40 frames a second. */
  private static final int WAITING_MAX = 1 << 16;

  /** A packet that came, and when; or that no more will. */
  private static final class Heard {
    private final DatagramPacket packet;
    private final long nanos;
    private final boolean last;

    Heard(DatagramPacket packet, long nanos, boolean last) {
      this.packet = packet;
      this.nanos = nanos;
      this.last = last;
    }
  }

  private final Protocol protocol;
  private final StandIns standIns;
  private final DatagramSocket socket;
  private final BlockingQueue<Heard> waiting = new LinkedBlockingQueue<>(WAITING_MAX);
  private final Thread hearing;
  private final Thread giving;

  private Listener(Protocol protocol, StandIns standIns, DatagramSocket socket) {
    this.protocol = protocol;
    this.standIns = standIns;
    this.socket = socket;
    this.hearing = new Thread(this::hear, "hearing " + protocol.id());
    this.giving = new Thread(this::give, "simulated controllers " + protocol.id());
  }

  /** The usual port of a protocol. */
  public static int usualPort(Protocol protocol) {
    return switch (protocol) {
      case SACN -> Sacn.PORT;
      case ARTNET -> ArtNet.PORT;
      case DDP -> Ddp.PORT;
    };
  }

  /**
   * Begins to listen on 127.0.0.1.
   *
   * @param port 0: a free one
   */
  public static Listener open(Protocol protocol, StandIns standIns, int port) throws IOException {
    InetAddress here = InetAddress.getByAddress(new byte[] {127, 0, 0, 1});
    DatagramSocket socket = new DatagramSocket(null);
    try {
      socket.setReceiveBufferSize(BUFFER);
      socket.bind(new InetSocketAddress(here, port));
    } catch (IOException e) {
      socket.close();
      throw e;
    }
    Listener listener = new Listener(protocol, standIns, socket);
    for (Thread thread : List.of(listener.hearing, listener.giving)) {
      thread.setDaemon(true);
      thread.start();
    }
    return listener;
  }

  private void hear() {
    DatagramPacket room = new DatagramPacket(new byte[DATAGRAM_MAX], DATAGRAM_MAX);
    try {
      while (!socket.isClosed()) {
        try {
          room.setLength(DATAGRAM_MAX);
          socket.receive(room);
        } catch (IOException e) {
          // Closed, or one datagram that could not be taken: the next may be.
          continue;
        }
        byte[] bytes = Arrays.copyOf(room.getData(), room.getLength());
        DatagramPacket own = new DatagramPacket(bytes, bytes.length, room.getSocketAddress());
        waiting.put(new Heard(own, System.nanoTime(), false));
      }
      waiting.put(new Heard(room, System.nanoTime(), true));
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private void give() {
    try {
      for (Heard next = waiting.take(); !next.last; next = waiting.take()) {
        DatagramPacket p = next.packet;
        standIns.hear(protocol, p.getData(), p.getLength(), p.getSocketAddress(), next.nanos);
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  /** What it listens for. */
  public Protocol protocol() {
    return protocol;
  }

  /** Where. */
  public InetSocketAddress address() {
    return (InetSocketAddress) socket.getLocalSocketAddress();
  }

  /** Closes the socket and waits until all that came is given to the controllers. */
  @Override
  public void close() {
    socket.close();
    try {
      hearing.join();
      giving.join();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
