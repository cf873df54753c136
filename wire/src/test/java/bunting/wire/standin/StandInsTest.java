package bunting.wire.standin;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.patch.LightMap;
import bunting.core.show.Protocol;
import bunting.wire.Maps;
import bunting.wire.packet.ArtNet;
import bunting.wire.packet.Ddp;
import bunting.wire.packet.Sacn;
import java.util.Arrays;
import java.util.OptionalInt;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class StandInsTest {
  private static final LightMap MILL = Maps.mill();
  private static final UUID FIRST = new UUID(1, 1);
  private static final UUID OTHER = new UUID(2, 2);
  private static final long SECOND = 1_000_000_000L;

  private final StandIns standIns = new StandIns(MILL);
  private long now;

  private Verdict sacn(UUID cid, int priority, int universe, int sequence, int options, int level) {
    byte[] levels = new byte[512];
    Arrays.fill(levels, (byte) level);
    byte[] b = Sacn.data(cid, "x", priority, universe, sequence, options, levels, 0, 512);
    return standIns.hear(Protocol.SACN, b, b.length, "somewhere", now);
  }

  private Verdict sacn(UUID cid, int priority, int sequence, int level) {
    return sacn(cid, priority, 5, sequence, 0, level);
  }

  private int level() {
    byte[] frame = new byte[MILL.frameBytes()];
    standIns.copy(frame);
    return frame[0] & 0xff;
  }

  private BoxStatus box(int index) {
    return standIns.status().get(index);
  }

  @Test
  void aFrameIsAllUniversesOfTheBox() {
    assertThat(box(0)).isEqualTo(new BoxStatus("C1", 0, 0, 210, 0, OptionalInt.empty()));
    sacn(FIRST, 100, 5, 0, 0, 9);
    sacn(FIRST, 100, 5, 1, 0, 9);
    assertThat(box(0).frames()).isZero();
    assertThat(box(0).packets()).isEqualTo(2);
    sacn(FIRST, 100, 6, 0, 0, 0);
    assertThat(box(0).frames()).isEqualTo(1);
    assertThat(box(0).lastUniverse()).hasValue(6);
    assertThat(box(0).pixelsLit()).isEqualTo(170);
    assertThat(box(1).packets()).isZero();
    assertThat(box(1).lastUniverse()).isEmpty();
    sacn(FIRST, 100, 9, 0, 0, 1);
    assertThat(box(1)).isEqualTo(new BoxStatus("C2", 1, 1, 30, 30, OptionalInt.of(9)));
    assertThat(standIns.counts().of(Verdict.ACCEPTED)).isEqualTo(4);
  }

  /** Two numbers left out are two packets lost; a number far off is a new beginning. */
  @Test
  void whatIsMissingByTheNumbersIsCounted() {
    sacn(FIRST, 100, 254, 1);
    sacn(FIRST, 100, 255, 1);
    assertThat(standIns.lost()).isZero();
    sacn(FIRST, 100, 2, 1);
    assertThat(standIns.lost()).as("0 and 1").isEqualTo(2);
    sacn(FIRST, 100, 1, 1);
    assertThat(standIns.lost()).as("an old one is ignored").isEqualTo(2);
    sacn(FIRST, 100, 200, 1);
    assertThat(standIns.lost()).as("begun anew").isEqualTo(2);
    sacn(FIRST, 100, 6, 50, 0, 1);
    sacn(FIRST, 100, 6, 53, 0, 1);
    assertThat(standIns.lost()).as("each universe by itself").isEqualTo(4);
  }

  @Test
  void whatIsNotForTheLightsChangesNothing() {
    sacn(FIRST, 100, 7, 50);
    assertThat(sacn(FIRST, 100, 5, 8, 0x80, 99)).as("preview").isEqualTo(Verdict.IGNORED);
    assertThat(sacn(FIRST, 100, 7, 8, 0, 99)).as("no light there").isEqualTo(Verdict.IGNORED);
    assertThat(sacn(FIRST, 100, 7, 99)).as("the same again").isEqualTo(Verdict.IGNORED);
    assertThat(sacn(FIRST, 100, 250, 99)).as("13 behind").isEqualTo(Verdict.IGNORED);
    assertThat(sacn(OTHER, 99, 0, 99)).as("lower priority").isEqualTo(Verdict.IGNORED);
    assertThat(level()).isEqualTo(50);
    assertThat(sacn(FIRST, 100, 8, 51)).isEqualTo(Verdict.ACCEPTED);
    assertThat(level()).isEqualTo(51);
    assertThat(sacn(FIRST, 100, 244, 52)).as("20 behind: begun anew").isEqualTo(Verdict.ACCEPTED);
    var counts = standIns.counts();
    assertThat(counts.packets()).isEqualTo(8);
    assertThat(counts.of(Verdict.IGNORED)).isEqualTo(5);
  }

  @Test
  void aHigherPriorityHoldsUntilItIsGone() {
    sacn(FIRST, 100, 1, 10);
    assertThat(sacn(OTHER, 150, 1, 20)).isEqualTo(Verdict.ACCEPTED);
    assertThat(sacn(FIRST, 100, 2, 11)).isEqualTo(Verdict.IGNORED);
    now += 2 * SECOND;
    assertThat(sacn(FIRST, 100, 3, 12)).isEqualTo(Verdict.IGNORED);
    now += SECOND;
    assertThat(sacn(FIRST, 100, 4, 13)).as("not heard for 3 s").isEqualTo(Verdict.ACCEPTED);
    assertThat(level()).isEqualTo(13);
  }

  @Test
  void aHigherPriorityThatSaysGoodByeIsGoneAtOnceAndLeavesItsLook() {
    sacn(OTHER, 150, 1, 20);
    assertThat(sacn(OTHER, 150, 5, 2, Sacn.TERMINATED, 0)).isEqualTo(Verdict.ACCEPTED);
    assertThat(level()).isEqualTo(20);
    assertThat(sacn(FIRST, 100, 4, 13)).isEqualTo(Verdict.ACCEPTED);
  }

  @Test
  void ignoredPacketsShutNobodyOut() {
    sacn(FIRST, 100, 1, 10);
    // A preview at the highest priority, an old packet with a far sequence, a lower source.
    sacn(OTHER, 200, 5, 1, 0x80, 99);
    assertThat(sacn(FIRST, 100, 2, 11)).isEqualTo(Verdict.ACCEPTED);
    sacn(OTHER, 50, 1, 99);
    assertThat(sacn(FIRST, 100, 3, 12)).isEqualTo(Verdict.ACCEPTED);
  }

  @Test
  void whoLowersItsPriorityMakesRoom() {
    sacn(FIRST, 150, 1, 10);
    sacn(OTHER, 100, 1, 20);
    assertThat(level()).isEqualTo(10);
    assertThat(sacn(FIRST, 100, 2, 11)).isEqualTo(Verdict.ACCEPTED);
    assertThat(sacn(OTHER, 120, 2, 21)).isEqualTo(Verdict.ACCEPTED);
    assertThat(sacn(FIRST, 100, 3, 12)).isEqualTo(Verdict.IGNORED);
    assertThat(level()).isEqualTo(21);
  }

  @Test
  void manyNamesDoNotKeepARealSourceOut() {
    for (int i = 0; i < 10_000; i++) {
      sacn(new UUID(7, i), 100, 1, 1);
    }
    assertThat(sacn(FIRST, 100, 1, 77)).isEqualTo(Verdict.ACCEPTED);
    assertThat(level()).isEqualTo(77);
  }

  @Test
  void artNetCountsFrom1To255AndWithoutNumbersTakesAll() {
    byte[] levels = new byte[512];
    for (int i = 0; i < 600; i++) {
      byte[] b = ArtNet.dmx(5, i % 255 + 1, levels, 0, 512);
      assertThat(standIns.hear(Protocol.ARTNET, b, b.length, "a", now)).isEqualTo(Verdict.ACCEPTED);
    }
    byte[] old = ArtNet.dmx(5, 80, levels, 0, 512);
    assertThat(standIns.hear(Protocol.ARTNET, old, old.length, "a", now))
        .isEqualTo(Verdict.IGNORED);
    byte[] none = ArtNet.dmx(5, 0, levels, 0, 512);
    assertThat(standIns.hear(Protocol.ARTNET, none, none.length, "a", now))
        .isEqualTo(Verdict.ACCEPTED);
    assertThat(standIns.hear(Protocol.ARTNET, none, none.length, "a", now))
        .isEqualTo(Verdict.ACCEPTED);
  }

  private Verdict ddp(int sequence, boolean push, long offset, int bytes) {
    byte[] data = new byte[bytes];
    Arrays.fill(data, (byte) 200);
    byte[] b = Ddp.data(sequence, Ddp.RGB, push, offset, data);
    return standIns.hear(Protocol.DDP, b, b.length, "a", now);
  }

  @Test
  void bytesGoToTheSlotsOfTheirPixels() {
    assertThat(ddp(1, false, 599, 2)).isEqualTo(Verdict.ACCEPTED);
    byte[] frame = new byte[MILL.frameBytes()];
    standIns.copy(frame);
    // The last channel of the 200th pixel is slot 90 of universe 6, the next byte the lamp's first.
    assertThat(frame[512 + 89]).isEqualTo((byte) 200);
    assertThat(frame[512 + 90]).isEqualTo((byte) 200);
    assertThat(box(0).pixelsLit()).isEqualTo(2);
    assertThat(box(0).frames()).isZero();
    assertThat(ddp(2, true, 640, 1440)).as("the end of it is beyond").isEqualTo(Verdict.ACCEPTED);
    assertThat(box(1).pixelsLit()).isEqualTo(30);
    assertThat(box(0).frames()).isEqualTo(1);
    assertThat(box(1).frames()).isEqualTo(1);
    assertThat(ddp(3, true, 730, 3)).as("beyond").isEqualTo(Verdict.IGNORED);
    assertThat(ddp(2, true, 0, 3)).as("the same again").isEqualTo(Verdict.IGNORED);
    assertThat(ddp(3, true, 0, 0)).as("a push alone").isEqualTo(Verdict.ACCEPTED);
    assertThat(box(0).lastUniverse()).isEmpty();
  }

  /** 100,000 packets of random bytes, and of sound packets with some bytes changed or cut off. */
  @Test
  void hostilePacketsAreCountedAndSurvived() {
    Random random = new Random(26);
    byte[] levels = new byte[512];
    byte[][] sound = {
      Sacn.data(OTHER, "x", 100, 5, 3, 0, levels, 0, 512),
      ArtNet.dmx(5, 3, levels, 0, 512),
      Ddp.data(3, Ddp.RGB, true, 0, new byte[300])
    };
    Protocol[] protocols = Protocol.values();
    long accepted = 0;
    for (int i = 0; i < 100_000; i++) {
      int p = random.nextInt(3);
      byte[] packet;
      if (random.nextInt(4) == 0) {
        packet = new byte[random.nextInt(1500)];
        random.nextBytes(packet);
      } else {
        packet = Arrays.copyOf(sound[p], random.nextInt(sound[p].length + 200));
        for (int k = random.nextInt(4); k > 0 && packet.length > 0; k--) {
          packet[random.nextInt(packet.length)] = (byte) random.nextInt(256);
        }
      }
      byte[] before = new byte[MILL.frameBytes()];
      standIns.copy(before);
      Verdict verdict =
          standIns.hear(protocols[p], packet, packet.length, "peer " + random.nextInt(50), i);
      if (verdict == Verdict.ACCEPTED) {
        accepted++;
      } else {
        byte[] after = new byte[MILL.frameBytes()];
        standIns.copy(after);
        assertThat(Arrays.equals(after, before)).isTrue();
      }
    }
    var counts = standIns.counts();
    assertThat(counts.packets()).isEqualTo(100_000);
    assertThat(counts.of(Verdict.ACCEPTED)).isEqualTo(accepted);
    assertThat(counts.of(Verdict.REJECTED)).isGreaterThan(50_000);
    now = 10 * SECOND;
    assertThat(sacn(FIRST, 100, 1, 77)).isEqualTo(Verdict.ACCEPTED);
    assertThat(level()).isEqualTo(77);
  }
}
