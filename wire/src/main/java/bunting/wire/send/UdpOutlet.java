package bunting.wire.send;

import bunting.core.network.WireFigures;
import java.io.Closeable;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.NetworkInterface;
import java.net.StandardProtocolFamily;
import java.net.StandardSocketOptions;
import java.nio.ByteBuffer;
import java.nio.channels.DatagramChannel;
import java.util.List;

/** A UDP socket that sends: to one address, or each universe to its group. */
public final class UdpOutlet implements Outlet, Closeable {
  /** The largest packet of any protocol. */
  private static final int PACKET_MAX = 1600;

  /** Room for the packets of some frames. */
  private static final int BUFFER = 4 << 20;

  /** Where a packet goes. */
  @FunctionalInterface
  private interface Target {
    InetSocketAddress of(int number) throws IOException;
  }

  private final DatagramChannel channel;
  private final Target target;
  private final ByteBuffer buffer = ByteBuffer.allocateDirect(PACKET_MAX);

  private UdpOutlet(DatagramChannel channel, Target target) {
    this.channel = channel;
    this.target = target;
  }

  /** To one address alone. */
  public static UdpOutlet to(InetSocketAddress address) throws IOException {
    return new UdpOutlet(open(address.getAddress()), u -> address);
  }

  /** Each packet to the address that its target numbers, from 0. */
  public static UdpOutlet toEach(List<InetSocketAddress> addresses) throws IOException {
    List<InetSocketAddress> all = List.copyOf(addresses);
    return new UdpOutlet(open(all.getFirst().getAddress()), all::get);
  }

  /** Each universe to its group (ANSI E1.31-2018, 9.3.1), over one interface. */
  public static UdpOutlet toGroups(NetworkInterface over, int port) throws IOException {
    DatagramChannel channel = DatagramChannel.open(StandardProtocolFamily.INET);
    channel.setOption(StandardSocketOptions.IP_MULTICAST_IF, over);
    return new UdpOutlet(
        channel, u -> new InetSocketAddress(InetAddress.getByName(WireFigures.multicast(u)), port));
  }

  private static DatagramChannel open(InetAddress to) throws IOException {
    boolean six = to instanceof java.net.Inet6Address;
    DatagramChannel channel =
        DatagramChannel.open(six ? StandardProtocolFamily.INET6 : StandardProtocolFamily.INET);
    channel.setOption(StandardSocketOptions.SO_SNDBUF, BUFFER);
    return channel;
  }

  @Override
  public void send(byte[] packet, int number) throws IOException {
    buffer.clear().put(packet).flip();
    channel.send(buffer, target.of(number));
  }

  @Override
  public void close() throws IOException {
    channel.close();
  }
}
