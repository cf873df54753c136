package bunting.wire.packet;

import static bunting.wire.packet.Bytes.put16;
import static bunting.wire.packet.Bytes.put32;
import static bunting.wire.packet.Bytes.put8;
import static bunting.wire.packet.Bytes.u16;
import static bunting.wire.packet.Bytes.u32;
import static bunting.wire.packet.Bytes.u8;

/** Distributed Display Protocol, from memory of its published description. */
public final class Ddp {
  /** UDP port. */
  public static final int PORT = 4048;

  /** Bytes before the data, without a time code. */
  public static final int HEADER = 10;

  /** Most bytes of data in a packet. */
  public static final int DATA_MAX = 1440;

  /** Highest sequence number; 1 comes after it. */
  public static final int SEQUENCE_MAX = 15;

  /** Three bytes a pixel: red, green, blue, eight bits each. */
  public static final int RGB = 0x0b;

  /** Four bytes a pixel: red, green, blue, white. */
  public static final int RGBW = 0x1b;

  /** One byte a pixel. */
  public static final int GREY = 0x23;

  /** Bytes of no stated kind. */
  public static final int UNDEFINED = 0;

  private static final int VERSION = 0x40;
  private static final int VERSION_MASK = 0xc0;
  private static final int RESERVED = 0x20;
  private static final int TIME_CODE = 0x10;
  private static final int STORAGE = 0x08;
  private static final int REPLY = 0x04;
  private static final int QUERY = 0x02;
  private static final int PUSH = 0x01;
  private static final int OUTPUT = 1;
  private static final int TIME_CODE_BYTES = 4;

  private Ddp() {}

  /** The type of pixels of so many channels. */
  public static int type(int channels) {
    return switch (channels) {
      case 1 -> GREY;
      case 3 -> RGB;
      case 4 -> RGBW;
      default -> UNDEFINED;
    };
  }

  /**
   * A packet for the lights.
   *
   * @param sequence 1 to 15; 0: none
   * @param data its bytes, at most 1,440
   */
  public static byte[] data(int sequence, int type, boolean push, long offset, byte[] data) {
    byte[] b = new byte[HEADER + data.length];
    put8(b, 0, VERSION | (push ? PUSH : 0));
    put8(b, 1, sequence);
    put8(b, 2, type);
    put8(b, 3, OUTPUT);
    put32(b, 4, offset);
    put16(b, 8, data.length);
    System.arraycopy(data, 0, b, HEADER, data.length);
    return b;
  }

  /** Puts another sequence number into a packet that is there. */
  public static void renew(byte[] packet, int sequence) {
    put8(packet, 1, sequence);
  }

  /** Reads a datagram of so many bytes. */
  public static Packet read(byte[] b, int bytes) {
    if (bytes < HEADER) {
      return new Packet.Malformed("cut off");
    }
    int flags = u8(b, 0);
    if ((flags & VERSION_MASK) != VERSION || (flags & RESERVED) != 0) {
      return new Packet.Malformed("another version");
    }
    int header = HEADER + ((flags & TIME_CODE) != 0 ? TIME_CODE_BYTES : 0);
    int count = u16(b, 8);
    boolean query = (flags & QUERY) != 0;
    if (u8(b, 1) > SEQUENCE_MAX || count > DATA_MAX || bytes < header) {
      return new Packet.Malformed("a field out of its range");
    }
    if (bytes != header + count && !(query && bytes == header)) {
      return new Packet.Malformed("a length that is not the packet's");
    }
    if (query || (flags & (STORAGE | REPLY)) != 0 || u8(b, 3) != OUTPUT) {
      return new Packet.Beside("not for the lights");
    }
    int type = u8(b, 2);
    boolean bytesEach = type == UNDEFINED || type == 1 || (type & 7) == 3;
    if (!bytesEach) {
      return new Packet.Beside("levels of other than eight bits");
    }
    return new Packet.Stretch(
        u32(b, 4), u8(b, 1), (flags & PUSH) != 0, new Packet.Levels(b, header, count));
  }
}
