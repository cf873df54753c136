package bunting.wire.packet;

import java.util.Optional;
import java.util.UUID;

/** What was read off a datagram. */
public sealed interface Packet {
  /** Not a well-formed packet of its protocol. */
  record Malformed(String why) implements Packet {}

  /** Well-formed, and not for the lights: discovery, polls, previews, other start codes. */
  record Beside(String what) implements Packet {}

  /**
   * Levels of one universe.
   *
   * @param universe the universe, or the port-address
   * @param sequence its sequence number
   * @param sequenced whether that counts; without, packets are taken as they come
   * @param cid who sends, where the protocol says so
   * @param priority 0 to 200; 100 where the protocol knows none
   * @param terminated whether the source stops here; then its levels do not count
   * @param levels of slot 1 on
   */
  record Universe(
      int universe,
      int sequence,
      boolean sequenced,
      Optional<UUID> cid,
      int priority,
      boolean terminated,
      Levels levels)
      implements Packet {}

  /**
   * Levels of bytes that are counted through.
   *
   * @param offset of the first byte, from 0
   * @param sequence 1 to 15; 0: none
   * @param push whether the frame is to be shown now
   */
  record Stretch(long offset, int sequence, boolean push, Levels levels) implements Packet {}

  /** Levels within the datagram that they came in: valid until that is read into again. */
  @SuppressWarnings("ArrayRecordComponent")
  record Levels(byte[] datagram, int from, int count) {
    /** A level, by its place from 0. */
    public byte at(int index) {
      return datagram[from + java.util.Objects.checkIndex(index, count)];
    }

    /** Copies the first of them. */
    public void copyTo(byte[] to, int at, int most) {
      System.arraycopy(datagram, from, to, at, Math.min(count, most));
    }
  }
}
