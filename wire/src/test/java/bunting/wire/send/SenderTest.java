package bunting.wire.send;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.patch.LightMap;
import bunting.core.pattern.Painter;
import bunting.core.pattern.Pattern;
import bunting.core.show.Protocol;
import bunting.wire.Maps;
import bunting.wire.packet.ArtNet;
import bunting.wire.packet.Ddp;
import bunting.wire.packet.Packet;
import bunting.wire.packet.Sacn;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Pace, sequence and good-bye, by a clock of the test's own. */
class SenderTest {
  private static final LightMap MILL = Maps.mill();
  private static final UUID CID = UUID.fromString("01234567-89ab-4def-8123-456789abcdef");
  private static final long MILLI = 1_000_000;

  /** A clock that stands still until somebody waits, or a packet takes its time. */
  private static final class Hand implements Clock {
    long now = 5_000_000_000L;

    @Override
    public long nanos() {
      return now;
    }

    @Override
    public void waitUntil(long nanos) {
      now = Math.max(now, nanos);
    }
  }

  @SuppressWarnings("ArrayRecordComponent")
  private record Sent(long at, byte[] packet, int universe) {}

  private final Hand clock = new Hand();
  private final List<Sent> sent = new ArrayList<>();
  private long takes;

  private Sender sender(Protocol protocol, double fps) {
    return new Sender(
        FramePackets.of(protocol, MILL, CID),
        (p, u) -> {
          sent.add(new Sent(clock.now, p.clone(), u));
          clock.now += takes;
        },
        clock,
        fps,
        MILL.frameBytes());
  }

  private Sender.Sent run(Protocol protocol, double fps, int frames) throws Exception {
    Painter painter = new Painter(MILL, Pattern.CHASE, fps);
    return sender(protocol, fps).run(painter::paint, () -> frames);
  }

  @Test
  void packetsOfAFrameAreSpreadOverItsTime() throws Exception {
    long began = clock.now;
    Sender.Sent done = run(Protocol.SACN, 40, 10);
    assertThat(done.frames()).isEqualTo(10);
    assertThat(done.packets()).isEqualTo(10 * 3 + 3 * 3);
    assertThat(done.lateFrames()).isZero();
    assertThat(done.seconds()).isCloseTo(0.25, within(1e-9));
    for (int i = 0; i < 30; i++) {
      int number = i / 3;
      double due = 25.0 * number + 7.5 * (i % 3);
      assertThat((double) (sent.get(i).at() - began) / MILLI).isCloseTo(due, within(0.31));
    }
  }

  @Test
  void eachUniverseCountsItsOwnPacketsAndSaysGoodByeThreeTimes() throws Exception {
    run(Protocol.SACN, 40, 300);
    for (int universe : new int[] {5, 6, 9}) {
      List<Packet.Universe> own =
          sent.stream()
              .map(s -> (Packet.Universe) Sacn.read(s.packet(), s.packet().length))
              .filter(p -> p.universe() == universe)
              .toList();
      assertThat(own).hasSize(303);
      for (int i = 0; i < own.size(); i++) {
        assertThat(own.get(i).sequence()).isEqualTo(i % 256);
        assertThat(own.get(i).terminated()).isEqualTo(i >= 300);
        assertThat(own.get(i).priority()).isEqualTo(100);
        assertThat(own.get(i).cid()).contains(CID);
        assertThat(own.get(i).levels().count()).isEqualTo(512);
      }
    }
    assertThat(sent).allMatch(s -> s.universe() > 0);
  }

  @Test
  void toGroupsItTellsEveryTenSecondsWhatItSends() throws Exception {
    Sender sender =
        new Sender(
            new Announced(MILL, CID),
            (p, u) -> sent.add(new Sent(clock.now, p.clone(), u)),
            clock,
            40,
            MILL.frameBytes());
    long began = clock.now;
    sender.run((f, slots) -> {}, () -> 1000); // 25 s
    List<Sent> told = sent.stream().filter(s -> s.universe() == Sacn.DISCOVERY_UNIVERSE).toList();
    assertThat(told).hasSize(3);
    for (int i = 0; i < 3; i++) {
      assertThat((double) (told.get(i).at() - began) / MILLI).isCloseTo(10_000.0 * i, within(26.0));
      assertThat(told.get(i).packet())
          .isEqualTo(Sacn.discovery(CID, "Bunting", 0, 0, List.of(5, 6, 9)));
    }
    assertThat(sent.stream().filter(s -> s.universe() == 5)).hasSize(1003);
  }

  @Test
  void eachBoxGetsItsOwnUniversesAndBytesAlone() throws Exception {
    byte[] frame = new byte[MILL.frameBytes()];
    new Painter(MILL, Pattern.WHITE, 40).paint(0, frame);
    BoxPackets sacn = new BoxPackets(Protocol.SACN, MILL, CID);
    List<String> who = new ArrayList<>();
    for (int i = 0; i < sacn.count(); i++) {
      byte[] packet = sacn.packet(i, frame);
      who.add(sacn.target(i) + ":" + ((Packet.Universe) Sacn.read(packet, 638)).universe());
    }
    assertThat(who).containsExactly("0:5", "0:6", "1:9");
    assertThat(sacn.farewells()).isEqualTo(3);
    BoxPackets ddp = new BoxPackets(Protocol.DDP, MILL, CID);
    List<String> bytes = new ArrayList<>();
    for (int i = 0; i < ddp.count(); i++) {
      byte[] packet = ddp.packet(i, frame);
      Packet.Stretch read = (Packet.Stretch) Ddp.read(packet, packet.length);
      bytes.add(ddp.target(i) + ":" + read.offset() + "+" + read.levels().count() + read.push());
    }
    // Each box counts its bytes from 0 and is told when its own frame is complete.
    assertThat(bytes).containsExactly("0:0+600false", "0:600+40true", "1:0+90true");
  }

  @Test
  void artNetEndsWithOneBlackFrame() throws Exception {
    Sender.Sent done = run(Protocol.ARTNET, 40, 300);
    assertThat(done.packets()).isEqualTo(301 * 3);
    List<Packet.Universe> nine =
        sent.stream()
            .map(s -> (Packet.Universe) ArtNet.read(s.packet(), s.packet().length))
            .filter(p -> p.universe() == 9)
            .toList();
    for (int i = 0; i < nine.size(); i++) {
      assertThat(nine.get(i).sequence()).isEqualTo(i % 255 + 1);
    }
    for (Sent s : sent.subList(900, 903)) {
      byte[] slots = java.util.Arrays.copyOfRange(s.packet(), ArtNet.HEADER, s.packet().length);
      assertThat(slots).containsOnly(0);
    }
  }

  @Test
  void bytesCarryWholePixelsOfOneKindAndPushAtTheEnd() throws Exception {
    run(Protocol.DDP, 40, 20);
    int[][] wanted = {
      // offset, bytes, type, push
      {0, 600, Ddp.RGB, 0},
      {600, 40, Ddp.RGBW, 0},
      {640, 90, Ddp.RGB, 1}
    };
    assertThat(sent).hasSize(21 * wanted.length);
    for (int i = 0; i < sent.size(); i++) {
      byte[] packet = sent.get(i).packet();
      Packet.Stretch read = (Packet.Stretch) Ddp.read(packet, packet.length);
      int[] row = wanted[i % wanted.length];
      assertThat(read.offset()).isEqualTo(row[0]);
      assertThat(read.levels().count()).isEqualTo(row[1]);
      assertThat((int) packet[2]).isEqualTo(row[2]);
      assertThat(read.push()).isEqualTo(row[3] == 1);
      assertThat(read.sequence()).isEqualTo(i % 15 + 1);
    }
  }

  @Test
  void manyPixelsGoInPacketsOf480() {
    LightMap map =
        new LightMap(
            List.of(new LightMap.Place("C1", "")),
            List.of(
                Maps.piece("a", 0, 1, 500, "RGB", 1, 1), Maps.piece("b", 0, 2, 500, "GRB", 4, 1)));
    byte[] frame = new byte[map.frameBytes()];
    new Painter(map, Pattern.RED, 40).paint(0, frame);
    FramePackets packets = FramePackets.of(Protocol.DDP, map, CID);
    List<byte[]> all = new ArrayList<>();
    for (int i = 0; i < packets.count(); i++) {
      all.add(packets.packet(i, frame).clone());
    }
    assertThat(all.stream().map(p -> p.length - Ddp.HEADER)).containsExactly(1440, 1440, 120);
    // Levels go in the order of the slots: the red of RGB first, that of GRB second.
    assertThat(all.get(0)[Ddp.HEADER]).isEqualTo((byte) 255);
    assertThat(all.get(2)[Ddp.HEADER + 1]).isEqualTo((byte) 255);
    assertThat(all.get(2)[Ddp.HEADER]).isZero();
  }

  @Test
  void whatAProtocolCannotNumberIsTold() {
    LightMap far =
        new LightMap(
            List.of(new LightMap.Place("C1", "")),
            List.of(Maps.piece("a", 0, 1, 200, "RGB", 32767, 1)));
    assertThat(FramePackets.beyond(Protocol.ARTNET, far)).containsExactly(32768);
    assertThat(FramePackets.beyond(Protocol.SACN, far)).isEmpty();
    assertThat(FramePackets.beyond(Protocol.DDP, far)).isEmpty();
  }

  @Test
  void whoIsBehindByAFrameDoesNotHurryAfterIt() throws Exception {
    takes = 30 * MILLI; // three packets take 90 ms where a frame has 25
    Sender.Sent done = run(Protocol.SACN, 40, 4);
    assertThat(done.frames()).isEqualTo(4);
    assertThat(done.lateFrames()).isEqualTo(4);
    assertThat(done.seconds()).isGreaterThanOrEqualTo(0.36);
  }

  @Test
  void aStopIsHeardWithinAFrameAndStillSaysGoodBye() throws Exception {
    Sender[] one = new Sender[1];
    Sender sender =
        new Sender(
            FramePackets.of(Protocol.SACN, MILL, CID),
            (p, u) -> {
              sent.add(new Sent(clock.now, p.clone(), u));
              if (sent.size() == 4) {
                one[0].stop();
              }
            },
            clock,
            0.1,
            MILL.frameBytes());
    one[0] = sender;
    Sender.Sent done = sender.run((f, slots) -> {}, () -> Long.MAX_VALUE);
    assertThat(done.frames()).isEqualTo(1);
    assertThat(sent).hasSize(4 + 9);
    assertThat(sent.subList(4, 13)).allMatch(s -> (s.packet()[112] & Sacn.TERMINATED) != 0);
  }
}
