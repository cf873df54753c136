package bunting.benchmarks;

import bunting.core.addressing.SlotRow;
import bunting.core.patch.LightMap;
import bunting.core.patch.LightPiece;
import bunting.core.pattern.Painter;
import bunting.core.pattern.Pattern;
import bunting.core.show.Protocol;
import bunting.wire.send.Clock;
import bunting.wire.send.FramePackets;
import bunting.wire.send.Sender;
import bunting.wire.send.UdpOutlet;
import bunting.wire.standin.Listener;
import bunting.wire.standin.StandIns;
import bunting.wire.standin.Verdict;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;

/**
 * Patterns over this machine's loopback: 2,000 universes at 40 frames a second for ten seconds, by
 * each protocol, sent and heard in this process; and how many packets of that size the bare machine
 * passes on, as fast as one thread sends and one receives, in the same run.
 */
public final class WireTable {
  private static final int UNIVERSES = 2000;
  private static final double FPS = 40;
  private static final int SECONDS = 10;
  private static final int PIXELS = 170;

  private WireTable() {}

  /** Prints the table. */
  public static void main(String[] args) throws Exception {
    LightMap map = map();
    System.out.println(
        "protocol    universes  frames   packets  heard    lost  late  share of a core  seconds");
    for (Protocol protocol : Protocol.values()) {
      row(map, protocol, 2); // warm
      row(map, protocol, SECONDS);
    }
    System.out.println(
        "the bare machine: " + bare(638) + " packets of 638 bytes a second passed on");
  }

  private static LightMap map() {
    List<LightMap.Place> boxes = new ArrayList<>();
    List<LightPiece> pieces = new ArrayList<>();
    for (int u = 1; u <= UNIVERSES; u++) {
      int box = (u - 1) / 16;
      if ((u - 1) % 16 == 0) {
        boxes.add(new LightMap.Place("C" + (box + 1), ""));
      }
      String run = "run " + u;
      pieces.add(
          new LightPiece(
              run,
              run,
              box,
              (u - 1) % 16 + 1,
              1,
              1,
              PIXELS,
              3,
              "GRB",
              1,
              false,
              List.of(new SlotRow(u, 1, 3 * PIXELS, 1, PIXELS)),
              List.of()));
    }
    return new LightMap(boxes, pieces);
  }

  private static void row(LightMap map, Protocol protocol, int seconds) throws Exception {
    StandIns standIns = new StandIns(map);
    try (Listener listener = Listener.open(protocol, standIns, 0);
        UdpOutlet outlet = UdpOutlet.to(listener.address())) {
      Sender sender =
          new Sender(
              FramePackets.of(protocol, map, new UUID(1, 1)),
              outlet,
              Clock.MACHINE,
              FPS,
              map.frameBytes());
      Painter painter = new Painter(map, Pattern.WHITE, FPS);
      var machine =
          (com.sun.management.OperatingSystemMXBean) ManagementFactory.getOperatingSystemMXBean();
      long before = machine.getProcessCpuTime();
      long most = Math.round(seconds * FPS);
      Sender.Sent sent = sender.run(painter::paint, () -> most);
      double cpu = (machine.getProcessCpuTime() - before) / 1e9;
      drain(standIns, sent.packets());
      long heard = standIns.counts().of(Verdict.ACCEPTED);
      if (seconds == SECONDS) {
        System.out.printf(
            Locale.ROOT,
            "%-12s%9d%8d%10d%10d%6d%6d%15.0f %%%9.2f%n",
            protocol.id(),
            map.universes(),
            sent.frames(),
            sent.packets(),
            heard,
            sent.packets() - heard,
            sent.lateFrames(),
            100 * cpu / sent.seconds(),
            sent.seconds());
      }
    }
  }

  /** Waits for what is still on its way, as long as any of it comes. */
  private static void drain(StandIns standIns, long packets) throws InterruptedException {
    long last = -1;
    while (standIns.counts().packets() < packets && standIns.counts().packets() != last) {
      last = standIns.counts().packets();
      Thread.sleep(200);
    }
  }

  /** Packets a second that one thread sends and another receives, nothing done with them. */
  private static long bare(int bytes) throws IOException, InterruptedException {
    AtomicLong heard = new AtomicLong();
    Thread ear;
    try (DatagramSocket socket = new DatagramSocket(0, InetAddress.getLoopbackAddress())) {
      socket.setReceiveBufferSize(4 << 20);
      ear =
          Thread.ofPlatform()
              .daemon()
              .start(
                  () -> {
                    var packet = new java.net.DatagramPacket(new byte[2000], 2000);
                    while (!socket.isClosed()) {
                      try {
                        socket.receive(packet);
                        heard.incrementAndGet();
                      } catch (IOException e) {
                        return;
                      }
                    }
                  });
      byte[] packet = new byte[bytes];
      InetSocketAddress to = (InetSocketAddress) socket.getLocalSocketAddress();
      try (UdpOutlet outlet = UdpOutlet.to(to)) {
        long end = System.nanoTime() + 4_000_000_000L;
        while (System.nanoTime() < end) {
          outlet.send(packet, 0);
        }
      }
      Thread.sleep(200);
    }
    ear.join();
    return heard.get() / 4;
  }
}
