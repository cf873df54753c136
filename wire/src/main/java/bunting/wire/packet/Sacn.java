package bunting.wire.packet;

import static bunting.wire.packet.Bytes.put16;
import static bunting.wire.packet.Bytes.put32;
import static bunting.wire.packet.Bytes.put64;
import static bunting.wire.packet.Bytes.put8;
import static bunting.wire.packet.Bytes.putName;
import static bunting.wire.packet.Bytes.u16;
import static bunting.wire.packet.Bytes.u32;
import static bunting.wire.packet.Bytes.u64;
import static bunting.wire.packet.Bytes.u8;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * Streaming ACN, ANSI E1.31-2018: data packets (tables 4-1 and 6-4), universe discovery (4-3) and
 * synchronization (4-2), from memory of the published text.
 */
public final class Sacn {
  /** UDP port (ANSI E1.31-2018, 9.1). */
  public static final int PORT = 5568;

  /** The universe on which sources tell what they send (ANSI E1.31-2018, 8). */
  public static final int DISCOVERY_UNIVERSE = 64214;

  /** Priority where nobody chose one, and the highest. */
  public static final int PRIORITY = 100;

  /** The highest priority (ANSI E1.31-2018, 6.2.3). */
  public static final int PRIORITY_MAX = 200;

  /** Set where a source stops. */
  public static final int TERMINATED = 0x40;

  /** Bytes before slot 1. */
  public static final int HEADER = 126;

  /** Universes on one page of a discovery. */
  public static final int DISCOVERY_PAGE = 512;

  private static final int PREVIEW = 0x80;
  private static final byte[] IDENTIFIER = "ASC-E1.17\0\0\0".getBytes(StandardCharsets.US_ASCII);
  private static final int PREAMBLE = 0x0010;
  private static final int ROOT = 16;
  private static final int FRAMING = 38;
  private static final int LAYER = 115;
  private static final int ROOT_DATA = 0x00000004;
  private static final int ROOT_EXTENDED = 0x00000008;
  private static final int FRAMING_DATA = 0x00000002;
  private static final int FRAMING_SYNC = 0x00000001;
  private static final int FRAMING_DISCOVERY = 0x00000002;
  private static final int DISCOVERY_LIST = 0x00000001;
  private static final int DISCOVERY_HEADER = 120;
  private static final int SYNC_BYTES = 49;
  private static final int NAME = 44;
  private static final int NAME_BYTES = 64;
  private static final int SLOTS_MAX = 512;

  private Sacn() {}

  /**
   * A data packet, start code 0, no synchronization.
   *
   * @param levels where the slots are taken from, from {@code from} on
   */
  public static byte[] data(
      UUID cid,
      String name,
      int priority,
      int universe,
      int sequence,
      int options,
      byte[] levels,
      int from,
      int slots) {
    byte[] b = root(HEADER + slots, ROOT_DATA, cid);
    length(b, FRAMING);
    put32(b, 40, FRAMING_DATA);
    putName(b, NAME, NAME_BYTES, name);
    put8(b, 108, priority);
    put16(b, 109, 0);
    put8(b, 111, sequence);
    put8(b, 112, options);
    put16(b, 113, universe);
    length(b, LAYER);
    put8(b, 117, 0x02);
    put8(b, 118, 0xa1);
    put16(b, 119, 0);
    put16(b, 121, 1);
    put16(b, 123, slots + 1);
    put8(b, 125, 0);
    System.arraycopy(levels, from, b, HEADER, slots);
    return b;
  }

  /** Puts what changes from packet to packet into a data packet that is there. */
  public static void renew(
      byte[] packet, int universe, int sequence, int options, byte[] levels, int from) {
    put8(packet, 111, sequence);
    put8(packet, 112, options);
    put16(packet, 113, universe);
    System.arraycopy(levels, from, packet, HEADER, packet.length - HEADER);
  }

  /**
   * A page of a source's universes.
   *
   * @param universes rising, at most 512
   */
  public static byte[] discovery(
      UUID cid, String name, int page, int lastPage, List<Integer> universes) {
    byte[] b = root(DISCOVERY_HEADER + 2 * universes.size(), ROOT_EXTENDED, cid);
    length(b, FRAMING);
    put32(b, 40, FRAMING_DISCOVERY);
    putName(b, NAME, NAME_BYTES, name);
    length(b, 112);
    put32(b, 114, DISCOVERY_LIST);
    put8(b, 118, page);
    put8(b, 119, lastPage);
    for (int i = 0; i < universes.size(); i++) {
      put16(b, DISCOVERY_HEADER + 2 * i, universes.get(i));
    }
    return b;
  }

  private static byte[] root(int bytes, int vector, UUID cid) {
    byte[] b = new byte[bytes];
    put16(b, 0, PREAMBLE);
    System.arraycopy(IDENTIFIER, 0, b, 4, IDENTIFIER.length);
    length(b, ROOT);
    put32(b, 18, vector);
    put64(b, 22, cid.getMostSignificantBits());
    put64(b, 30, cid.getLeastSignificantBits());
    return b;
  }

  /** Flags 7 and the bytes from here to the end. */
  private static void length(byte[] b, int at) {
    put16(b, at, 0x7000 | b.length - at);
  }

  private static boolean lengthIs(byte[] b, int at, int bytes) {
    return u16(b, at) == (0x7000 | bytes - at);
  }

  /** Reads a datagram of so many bytes. */
  public static Packet read(byte[] b, int bytes) {
    if (bytes < SYNC_BYTES
        || u16(b, 0) != PREAMBLE
        || u16(b, 2) != 0
        || !Bytes.has(b, 4, IDENTIFIER)) {
      return new Packet.Malformed("no root layer");
    }
    if (!lengthIs(b, ROOT, bytes) || !lengthIs(b, FRAMING, bytes)) {
      return new Packet.Malformed("a length that is not the packet's");
    }
    long root = u32(b, 18);
    if (root == ROOT_EXTENDED) {
      return extended(b, bytes);
    }
    return root == ROOT_DATA ? levels(b, bytes) : new Packet.Malformed("an unknown root vector");
  }

  private static Packet extended(byte[] b, int bytes) {
    long vector = u32(b, 40);
    if (vector == FRAMING_SYNC && bytes == SYNC_BYTES) {
      return new Packet.Beside("synchronization");
    }
    boolean list =
        vector == FRAMING_DISCOVERY
            && bytes >= DISCOVERY_HEADER
            && bytes <= DISCOVERY_HEADER + 2 * DISCOVERY_PAGE
            && bytes % 2 == 0
            && lengthIs(b, 112, bytes)
            && u32(b, 114) == DISCOVERY_LIST;
    return list ? new Packet.Beside("discovery") : new Packet.Malformed("an unknown vector");
  }

  private static Packet levels(byte[] b, int bytes) {
    if (bytes < HEADER || bytes > HEADER + SLOTS_MAX) {
      return new Packet.Malformed("no room for its layers");
    }
    boolean sound =
        u32(b, 40) == FRAMING_DATA
            && lengthIs(b, LAYER, bytes)
            && u8(b, 117) == 0x02
            && u8(b, 118) == 0xa1
            && u16(b, 119) == 0
            && u16(b, 121) == 1
            && u16(b, 123) == bytes - HEADER + 1;
    if (!sound) {
      return new Packet.Malformed("a layer that is not the published one");
    }
    int priority = u8(b, 108);
    if (priority > PRIORITY_MAX) {
      return new Packet.Malformed("a priority over " + PRIORITY_MAX);
    }
    int options = u8(b, 112);
    if (u8(b, 125) != 0) {
      return new Packet.Beside("another start code");
    }
    if ((options & PREVIEW) != 0) {
      return new Packet.Beside("preview");
    }
    return new Packet.Universe(
        u16(b, 113),
        u8(b, 111),
        true,
        Optional.of(new UUID(u64(b, 22), u64(b, 30))),
        priority,
        (options & TERMINATED) != 0,
        new Packet.Levels(b, HEADER, bytes - HEADER));
  }
}
