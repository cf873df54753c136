package bunting.wire.packet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is well-formed, what is for the lights, and what is neither. */
class ReadingTest {
  private static final UUID CID = UUID.fromString("01234567-89ab-4def-8123-456789abcdef");

  private static byte[] sacn() {
    byte[] levels = new byte[512];
    levels[0] = 9;
    levels[511] = 7;
    return Sacn.data(CID, "any", 120, 77, 200, 0, levels, 0, 512);
  }

  @Test
  void comesBackAsItWent() {
    byte[] sent = sacn();
    Packet.Universe read = (Packet.Universe) Sacn.read(sent, sent.length);
    assertThat(read.universe()).isEqualTo(77);
    assertThat(read.sequence()).isEqualTo(200);
    assertThat(read.cid()).isEqualTo(Optional.of(CID));
    assertThat(read.priority()).isEqualTo(120);
    assertThat(read.terminated()).isFalse();
    assertThat(read.levels().count()).isEqualTo(512);
    assertThat(read.levels().at(0)).isEqualTo((byte) 9);
    assertThat(read.levels().at(511)).isEqualTo((byte) 7);

    byte[] dmx = ArtNet.dmx(300, 5, new byte[] {1, 2, 3, 4}, 0, 4);
    Packet.Universe art = (Packet.Universe) ArtNet.read(dmx, dmx.length);
    assertThat(art.universe()).isEqualTo(300);
    assertThat(art.levels().count()).isEqualTo(4);
    assertThat(art.levels().at(3)).isEqualTo((byte) 4);

    byte[] ddp = Ddp.data(3, Ddp.RGB, true, 300, new byte[] {5, 6, 7});
    Packet.Stretch stretch = (Packet.Stretch) Ddp.read(ddp, ddp.length);
    assertThat(stretch.offset()).isEqualTo(300);
    assertThat(stretch.push()).isTrue();
    assertThat(stretch.sequence()).isEqualTo(3);
    assertThat(stretch.levels().at(2)).isEqualTo((byte) 7);
  }

  @Test
  void aTimeCodeIsReadOver() {
    byte[] b = {0x51, 1, Ddp.RGB, 1, 0, 0, 0, 3, 0, 3, 9, 9, 9, 9, 1, 2, 3};
    Packet.Stretch stretch = (Packet.Stretch) Ddp.read(b, b.length);
    assertThat(stretch.offset()).isEqualTo(3);
    assertThat(stretch.levels().at(0)).isEqualTo((byte) 1);
  }

  @ParameterizedTest
  @CsvSource({
    // offset in the packet, value, what it then is
    "0, 1, malformed", // preamble
    "2, 1, malformed", // postamble
    "4, 66, malformed", // identifier
    "16, 0x62, malformed", // flags of the root layer
    "17, 0x6f, malformed", // its length
    "21, 9, malformed", // an unknown root vector
    "39, 0x59, malformed", // length of the framing layer
    "43, 3, malformed", // an unknown framing vector
    "108, 201, malformed", // priority
    "108, 200, lights",
    "112, 0x80, beside", // preview
    "112, 0x20, lights", // keeps what came when synchronization is lost
    "112, 0x40, lights", // good-bye
    "116, 0x0c, malformed", // length of the last layer
    "117, 3, malformed", // its vector
    "118, 0xa2, malformed", // address and data type
    "120, 1, malformed", // first address
    "122, 2, malformed", // increment
    "124, 2, malformed", // count
    "125, 0xdd, beside", // another start code
  })
  void eachFieldOfStreamingAcnIsLookedAt(int at, String value, String kind) {
    byte[] packet = sacn();
    packet[at] = (byte) (int) Integer.decode(value);
    assertThat(kind(Sacn.read(packet, packet.length))).isEqualTo(kind);
  }

  private static String kind(Packet packet) {
    return switch (packet) {
      case Packet.Malformed m -> "malformed";
      case Packet.Beside b -> "beside";
      case Packet.Universe u -> "lights";
      case Packet.Stretch s -> "lights";
    };
  }

  @ParameterizedTest
  @CsvSource({
    "0, 0x42, malformed",
    "9, 0x52, beside", // ArtSync
    "9, 0x20, beside", // ArtPoll
    "8, 0x01, beside", // an opcode that nobody knows
    "11, 13, malformed", // an old version
    "11, 15, lights",
    "12, 0, lights", // no sequence
    "15, 0x80, malformed", // net over 127
    "16, 3, malformed", // longer than it is
    "17, 1, malformed", // shorter
  })
  void eachFieldOfArtNetIsLookedAt(int at, String value, String kind) {
    byte[] packet = ArtNet.dmx(300, 5, new byte[512], 0, 512);
    packet[at] = (byte) (int) Integer.decode(value);
    assertThat(kind(ArtNet.read(packet, packet.length))).isEqualTo(kind);
  }

  @ParameterizedTest
  @CsvSource({
    "0, 0x81, malformed", // version 2
    "0, 0x61, malformed", // a reserved bit
    "0, 0x43, beside", // a query
    "0, 0x45, beside", // a reply
    "0, 0x49, beside", // to storage
    "0, 0x51, malformed", // a time code that is not there
    "1, 0x10, malformed", // sequence over 15
    "2, 0x1b, lights",
    "2, 0x0c, beside", // 16 bits each
    "3, 250, beside", // its settings
    "3, 251, beside", // its status
    "9, 2, malformed", // length
  })
  void eachFieldOfByteCountersIsLookedAt(int at, String value, String kind) {
    byte[] packet = Ddp.data(1, Ddp.RGB, true, 0, new byte[] {1, 2, 3});
    packet[at] = (byte) (int) Integer.decode(value);
    assertThat(kind(Ddp.read(packet, packet.length))).isEqualTo(kind);
  }

  @Test
  void cutPacketsAreMalformed() {
    byte[] sacn = sacn();
    byte[] art = ArtNet.dmx(1, 1, new byte[512], 0, 512);
    byte[] ddp = Ddp.data(1, Ddp.RGB, true, 0, new byte[300]);
    for (int bytes = 0; bytes < sacn.length; bytes++) {
      assertThat(kind(Sacn.read(sacn, bytes))).as("%s bytes", bytes).isEqualTo("malformed");
    }
    for (int bytes = 0; bytes < art.length; bytes++) {
      assertThat(kind(ArtNet.read(art, bytes))).as("%s bytes", bytes).isEqualTo("malformed");
    }
    for (int bytes = 0; bytes < ddp.length; bytes++) {
      assertThat(kind(Ddp.read(ddp, bytes))).as("%s bytes", bytes).isEqualTo("malformed");
    }
  }
}
