package bunting.wire.packet;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/** Numbers in datagrams, high byte first. */
final class Bytes {
  private Bytes() {}

  static int u8(byte[] b, int at) {
    return b[at] & 0xff;
  }

  static int u16(byte[] b, int at) {
    return u8(b, at) << 8 | u8(b, at + 1);
  }

  static long u32(byte[] b, int at) {
    return (long) u16(b, at) << 16 | u16(b, at + 2);
  }

  static long u64(byte[] b, int at) {
    return u32(b, at) << 32 | u32(b, at + 4);
  }

  static void put8(byte[] b, int at, int value) {
    b[at] = (byte) value;
  }

  static void put16(byte[] b, int at, int value) {
    put8(b, at, value >> 8);
    put8(b, at + 1, value);
  }

  static void put32(byte[] b, int at, long value) {
    put16(b, at, (int) (value >> 16));
    put16(b, at + 2, (int) value);
  }

  static void put64(byte[] b, int at, long value) {
    put32(b, at, value >> 32);
    put32(b, at + 4, value);
  }

  /** A name in a field of so many bytes, cut at a whole character, with at least one zero after. */
  static void putName(byte[] b, int at, int field, String name) {
    byte[] text = name.getBytes(StandardCharsets.UTF_8);
    int count = Math.min(text.length, field - 1);
    while (count > 0 && count < text.length && (text[count] & 0xc0) == 0x80) {
      count--;
    }
    System.arraycopy(text, 0, b, at, count);
    Arrays.fill(b, at + count, at + field, (byte) 0);
  }

  static boolean has(byte[] b, int at, byte[] wanted) {
    return Arrays.equals(b, at, at + wanted.length, wanted, 0, wanted.length);
  }
}
