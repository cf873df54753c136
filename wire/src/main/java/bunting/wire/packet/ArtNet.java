package bunting.wire.packet;

import static bunting.wire.packet.Bytes.put16;
import static bunting.wire.packet.Bytes.put8;
import static bunting.wire.packet.Bytes.u16;
import static bunting.wire.packet.Bytes.u8;

import java.nio.charset.StandardCharsets;
import java.util.Optional;

/**
 * Art-Net 4: ArtDmx, ArtSync and ArtPoll, from memory of the text that its owner publishes. Art-Net
 * is a trademark of its owner.
 */
public final class ArtNet {
  /** UDP port. */
  public static final int PORT = 6454;

  /** Bytes before slot 1. */
  public static final int HEADER = 18;

  private static final byte[] IDENTIFIER = "Art-Net\0".getBytes(StandardCharsets.US_ASCII);
  private static final int DMX = 0x5000;
  private static final int SYNC = 0x5200;
  private static final int POLL = 0x2000;
  private static final int POLL_REPLY = 0x2100;
  private static final int VERSION = 14;
  private static final int SLOTS_MAX = 512;

  private ArtNet() {}

  /**
   * Levels of a port-address.
   *
   * @param address 15 bits: net, sub-net, universe
   * @param sequence 1 to 255; 0: none
   * @param slots even, 2 to 512
   */
  public static byte[] dmx(int address, int sequence, byte[] levels, int from, int slots) {
    byte[] b = head(HEADER + slots, DMX);
    put8(b, 12, sequence);
    put8(b, 13, 0);
    put8(b, 14, address & 0xff);
    put8(b, 15, address >> 8);
    put16(b, 16, slots);
    System.arraycopy(levels, from, b, HEADER, slots);
    return b;
  }

  /** Puts what changes from packet to packet into an ArtDmx that is there. */
  public static void renew(byte[] packet, int address, int sequence, byte[] levels, int from) {
    put8(packet, 12, sequence);
    put8(packet, 14, address & 0xff);
    put8(packet, 15, address >> 8);
    System.arraycopy(levels, from, packet, HEADER, packet.length - HEADER);
  }

  private static byte[] head(int bytes, int opcode) {
    byte[] b = new byte[bytes];
    System.arraycopy(IDENTIFIER, 0, b, 0, IDENTIFIER.length);
    put8(b, 8, opcode & 0xff);
    put8(b, 9, opcode >> 8);
    put16(b, 10, VERSION);
    return b;
  }

  /** Reads a datagram of so many bytes. */
  public static Packet read(byte[] b, int bytes) {
    if (bytes < 12 || !Bytes.has(b, 0, IDENTIFIER)) {
      return new Packet.Malformed("no head");
    }
    int opcode = u8(b, 8) | u8(b, 9) << 8;
    // Alone of all, a reply to a poll carries no version.
    if (opcode != POLL_REPLY && u16(b, 10) < VERSION) {
      return new Packet.Malformed("a version before " + VERSION);
    }
    if (opcode == DMX) {
      return levels(b, bytes);
    }
    boolean cut = (opcode == SYNC || opcode == POLL) && bytes < 14;
    return cut ? new Packet.Malformed("cut off") : new Packet.Beside("opcode " + opcode);
  }

  private static Packet levels(byte[] b, int bytes) {
    if (bytes < HEADER + 2) {
      return new Packet.Malformed("cut off");
    }
    int slots = u16(b, 16);
    int net = u8(b, 15);
    if (slots < 2 || slots > SLOTS_MAX || slots % 2 != 0 || bytes != HEADER + slots) {
      return new Packet.Malformed("a length that is not the packet's");
    }
    if (net > 127) {
      return new Packet.Malformed("a net over 127");
    }
    int sequence = u8(b, 12);
    return new Packet.Universe(
        net << 8 | u8(b, 14),
        sequence,
        sequence != 0,
        Optional.empty(),
        Sacn.PRIORITY,
        false,
        new Packet.Levels(b, HEADER, slots));
  }
}
