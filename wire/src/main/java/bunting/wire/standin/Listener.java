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

/** A socket on this machine alone that hears for stand-ins, on a thread of its own. */
public final class Listener implements Closeable {
  /** Room for what comes while nobody looks; the machine may give less. */
  private static final int BUFFER = 4 << 20;

  private static final int DATAGRAM_MAX = 65_536;

  private final Protocol protocol;
  private final StandIns standIns;
  private final DatagramSocket socket;
  private final Thread thread;

  private Listener(Protocol protocol, StandIns standIns, DatagramSocket socket) {
    this.protocol = protocol;
    this.standIns = standIns;
    this.socket = socket;
    this.thread = new Thread(this::hear, "stand-ins " + protocol.id());
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
    listener.thread.setDaemon(true);
    listener.thread.start();
    return listener;
  }

  private void hear() {
    byte[] bytes = new byte[DATAGRAM_MAX];
    DatagramPacket datagram = new DatagramPacket(bytes, bytes.length);
    while (!socket.isClosed()) {
      try {
        datagram.setLength(bytes.length);
        socket.receive(datagram);
      } catch (IOException e) {
        // Closed, or one datagram that could not be taken: the next may be.
        continue;
      }
      standIns.hear(
          protocol, bytes, datagram.getLength(), datagram.getSocketAddress(), System.nanoTime());
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

  /** Closes the socket and waits for its thread. */
  @Override
  public void close() {
    socket.close();
    try {
      thread.join();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
