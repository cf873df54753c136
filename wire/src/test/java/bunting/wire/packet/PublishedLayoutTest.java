package bunting.wire.packet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.HexFormat;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/**
 * Packets against the published tables, written down here once more, field by field, from memory of
 * ANSI E1.31-2018 (tables 4-1 to 4-3), Art-Net 4 (ArtDmx) and the description of DDP.
 */
class PublishedLayoutTest {
  private static final UUID CID = UUID.fromString("01234567-89ab-4def-8123-456789abcdef");
  private static final HexFormat HEX = HexFormat.of();

  /** Fields in a row. */
  private static final class Table {
    private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();

    Table hex(String field) {
      bytes.writeBytes(HEX.parseHex(field.replace(" ", "")));
      return this;
    }

    Table text(String text, int field) {
      byte[] padded = new byte[field];
      byte[] own = text.getBytes(StandardCharsets.UTF_8);
      System.arraycopy(own, 0, padded, 0, own.length);
      bytes.writeBytes(padded);
      return this;
    }

    Table levels(byte[] levels) {
      bytes.writeBytes(levels);
      return this;
    }

    byte[] all() {
      return bytes.toByteArray();
    }
  }

  private static byte[] levels(int count) {
    byte[] levels = new byte[count];
    for (int i = 0; i < count; i++) {
      levels[i] = (byte) (i * 7 + 3);
    }
    return levels;
  }

  @Test
  void fullUniverseOfStreamingAcn() {
    byte[] levels = levels(512);
    byte[] wanted =
        new Table()
            .hex("0010 0000") // preamble and postamble size
            .text("ASC-E1.17", 12) // ACN packet identifier
            .hex("726e") // flags 7, length 622 from here
            .hex("00000004") // VECTOR_ROOT_E131_DATA
            .hex("0123456789ab4def8123456789abcdef") // CID
            .hex("7258") // flags 7, length 600
            .hex("00000002") // VECTOR_E131_DATA_PACKET
            .text("Bunting", 64) // source name
            .hex("64") // priority 100
            .hex("0000") // synchronization address
            .hex("ff") // sequence
            .hex("00") // options
            .hex("f9ff") // universe 63999
            .hex("720b") // flags 7, length 523
            .hex("02") // VECTOR_DMP_SET_PROPERTY
            .hex("a1") // address and data type
            .hex("0000 0001") // first address, increment
            .hex("0201") // 513 values
            .hex("00") // start code
            .levels(levels)
            .all();
    assertThat(wanted).hasSize(638);
    assertThat(Sacn.data(CID, "Bunting", 100, 63999, 255, 0, levels, 0, 512)).isEqualTo(wanted);
  }

  @Test
  void goodByeAndRenewedPacketDifferInTheirFieldsAlone() {
    byte[] levels = levels(512);
    byte[] packet = Sacn.data(CID, "Bunting", 100, 1, 0, 0, new byte[512], 0, 512);
    Sacn.renew(packet, 258, 17, Sacn.TERMINATED, levels, 0);
    assertThat(packet).isEqualTo(Sacn.data(CID, "Bunting", 100, 258, 17, 0x40, levels, 0, 512));
    assertThat(packet[112]).isEqualTo((byte) 0x40);
  }

  @Test
  void discoveryAndSynchronization() {
    byte[] discovery =
        new Table()
            .hex("0010 0000")
            .text("ASC-E1.17", 12)
            .hex("706c") // 124 bytes less 16
            .hex("00000008") // VECTOR_ROOT_E131_EXTENDED
            .hex("0123456789ab4def8123456789abcdef")
            .hex("7056")
            .hex("00000002") // VECTOR_E131_EXTENDED_DISCOVERY
            .text("Bunting", 64)
            .hex("00000000") // reserved
            .hex("700c")
            .hex("00000001") // VECTOR_UNIVERSE_DISCOVERY_UNIVERSE_LIST
            .hex("00 01") // page, last page
            .hex("0003 0104") // universes 3 and 260
            .all();
    assertThat(Sacn.discovery(CID, "Bunting", 0, 1, List.of(3, 260))).isEqualTo(discovery);
    byte[] sync =
        new Table()
            .hex("0010 0000")
            .text("ASC-E1.17", 12)
            .hex("7021")
            .hex("00000008")
            .hex("0123456789ab4def8123456789abcdef")
            .hex("700b")
            .hex("00000001") // VECTOR_E131_EXTENDED_SYNCHRONIZATION
            .hex("2a") // sequence
            .hex("1f40") // synchronization address 8000
            .hex("0000") // reserved
            .all();
    assertThat(Sacn.read(discovery, discovery.length)).isEqualTo(new Packet.Beside("discovery"));
    assertThat(Sacn.read(sync, sync.length)).isEqualTo(new Packet.Beside("synchronization"));
  }

  @Test
  void artDmx() {
    byte[] levels = levels(512);
    byte[] wanted =
        new Table()
            .text("Art-Net", 8)
            .hex("0050") // OpDmx, low byte first
            .hex("000e") // protocol version 14, high byte first
            .hex("ff 00") // sequence, physical
            .hex("34 12") // sub-net and universe, net: port-address 0x1234
            .hex("0200") // 512 slots, high byte first
            .levels(levels)
            .all();
    assertThat(ArtNet.dmx(0x1234, 255, levels, 0, 512)).isEqualTo(wanted).hasSize(530);
    for (String opcode : new String[] {"0052", "0020"}) { // ArtSync, ArtPoll
      byte[] other = new Table().text("Art-Net", 8).hex(opcode + " 000e 0000").all();
      assertThat(ArtNet.read(other, other.length)).isInstanceOf(Packet.Beside.class);
    }
  }

  @Test
  void bytesCountedThrough() {
    byte[] levels = levels(1440);
    byte[] wanted =
        new Table()
            .hex("41") // version 1, push
            .hex("0f") // sequence 15
            .hex("0b") // RGB, 8 bits
            .hex("01") // the default output
            .hex("00012345") // offset
            .hex("05a0") // 1440 bytes
            .levels(levels)
            .all();
    assertThat(Ddp.data(15, Ddp.RGB, true, 0x12345, levels)).isEqualTo(wanted);
  }

  @Test
  void longNamesAreCutAtAWholeCharacter() {
    byte[] packet = Sacn.data(CID, "ü".repeat(40), 100, 1, 0, 0, new byte[512], 0, 512);
    String name = new String(packet, 44, 64, StandardCharsets.UTF_8);
    assertThat(name).isEqualTo("ü".repeat(31) + "\0\0");
  }
}
