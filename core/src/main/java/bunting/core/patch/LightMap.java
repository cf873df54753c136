package bunting.core.patch;

import bunting.core.addressing.SlotCursor;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.LongStream;

/**
 * The lights of a plan in the order controller (as in the file), port, position, pixel, and the
 * slots that they listen to. What is sent at one moment is a frame: the 512 slots of each universe
 * of the plan, one after the other.
 */
public final class LightMap {
  /** All of a channel. */
  private static final double LEVEL_MAX = 255;

  /** A box and the universes that it listens to, rising. */
  public record Box(String id, String address, List<Integer> universes) {
    public Box {
      universes = List.copyOf(universes);
    }
  }

  /** A box before its universes are known. */
  public record Place(String id, String address) {}

  private final List<Box> boxes;
  private final List<LightPiece> pieces;
  private final int[] universes;
  private final int[][] slots;
  private final int[] firstSet;
  private final int[] firstByte;
  private final int pixels;

  /**
   * A map.
   *
   * @param places boxes in the order of the plan
   * @param anyOrder pieces; slots that do not belong to their pixels throw {@link
   *     IllegalArgumentException}
   */
  public LightMap(List<Place> places, List<LightPiece> anyOrder) {
    pieces =
        anyOrder.stream()
            .sorted(
                Comparator.comparingInt(LightPiece::box)
                    .thenComparingInt(LightPiece::port)
                    .thenComparingInt(LightPiece::position)
                    .thenComparingInt(LightPiece::firstPixel))
            .toList();
    List<long[]> addresses = pieces.stream().map(LightPiece::addresses).toList();
    universes = universes(addresses.stream().flatMapToLong(Arrays::stream));
    slots = new int[pieces.size()][];
    firstSet = new int[pieces.size() + 1];
    firstByte = new int[pieces.size() + 1];
    int count = 0;
    for (int p = 0; p < slots.length; p++) {
      slots[p] = Arrays.stream(addresses.get(p)).mapToInt(this::index).toArray();
      firstSet[p + 1] = firstSet[p] + pieces.get(p).sets();
      firstByte[p + 1] = firstByte[p] + slots[p].length;
      count += pieces.get(p).pixels();
    }
    pixels = count;
    List<Box> known = new ArrayList<>();
    for (int b = 0; b < places.size(); b++) {
      List<Integer> own = new ArrayList<>();
      for (int u : universes(addressesOf(b, addresses))) {
        own.add(u);
      }
      known.add(new Box(places.get(b).id(), places.get(b).address(), own));
    }
    boxes = List.copyOf(known);
  }

  private LongStream addressesOf(int box, List<long[]> addresses) {
    LongStream all = LongStream.empty();
    for (int p = 0; p < pieces.size(); p++) {
      if (pieces.get(p).box() == box) {
        all = LongStream.concat(all, Arrays.stream(addresses.get(p)));
      }
    }
    return all;
  }

  private static int[] universes(LongStream addresses) {
    return addresses
        .filter(a -> a >= 0)
        .mapToInt(a -> (int) (a / SlotCursor.SLOTS))
        .distinct()
        .sorted()
        .toArray();
  }

  private int index(long address) {
    return address < 0
        ? -1
        : universeIndex((int) (address / SlotCursor.SLOTS)) * SlotCursor.SLOTS
            + (int) (address % SlotCursor.SLOTS);
  }

  /** The place of a universe in a frame, from 0; negative: the plan has no light on it. */
  public int universeIndex(int universe) {
    return Arrays.binarySearch(universes, universe);
  }

  /** The universes of a frame, rising. */
  public int universe(int index) {
    return universes[index];
  }

  /** How many universes a frame has. */
  public int universes() {
    return universes.length;
  }

  /** Bytes of a frame. */
  public int frameBytes() {
    return universes.length * SlotCursor.SLOTS;
  }

  /** The boxes, in the order of the plan. */
  public List<Box> boxes() {
    return boxes;
  }

  /** The pieces, in the order of the plan. */
  public List<LightPiece> pieces() {
    return pieces;
  }

  /** Pixels of all pieces. */
  public int pixels() {
    return pixels;
  }

  /** Sets of slots of all pieces. */
  public int sets() {
    return firstSet[pieces.size()];
  }

  /** Channels of all pieces: the bytes of a protocol that counts them. */
  public int bytes() {
    return firstByte[pieces.size()];
  }

  /** The first byte of a piece where bytes are counted through the plan, from 0. */
  public int firstByte(int piece) {
    return firstByte[piece];
  }

  /** The place in a frame of a channel of a set of a piece, all from 0; -1: it has no slot. */
  public int slot(int piece, int set, int channel) {
    return slots[piece][set * pieces.get(piece).channels() + channel];
  }

  /** The place in a frame of a byte of a piece, counted from the piece's first; -1: it has none. */
  public int slotOfByte(int piece, int number) {
    return slots[piece][number];
  }

  /** How many bytes a piece has. */
  public int bytes(int piece) {
    return slots[piece].length;
  }

  /** The piece that a byte, counted through the plan from 0, belongs to. */
  public int pieceOfByte(int number) {
    return piece(firstByte, number);
  }

  private static int piece(int[] starts, int number) {
    int at = Arrays.binarySearch(starts, number);
    int piece = at >= 0 ? at : -at - 2;
    while (starts[piece + 1] == starts[piece]) {
      piece++;
    }
    return piece;
  }

  /**
   * How much of its step from idle to full each pixel of a piece draws in a frame, percent: the
   * mean of its channels. One number where all are alike.
   *
   * @param scale of all levels, 1 as they are
   */
  public double[] percents(byte[] frame, int piece, double scale) {
    LightPiece of = pieces.get(piece);
    double[] each = new double[of.pixels()];
    boolean alike = true;
    for (int set = 0; set < of.sets(); set++) {
      int sum = 0;
      for (int c = 0; c < of.channels(); c++) {
        int slot = slot(piece, set, c);
        sum += slot < 0 ? 0 : frame[slot] & 0xff;
      }
      double percent = 100 * scale * sum / (LEVEL_MAX * of.channels());
      int from = set * of.grouping();
      Arrays.fill(each, from, Math.min(each.length, from + of.grouping()), percent);
      alike &= percent == each[0];
    }
    return alike ? new double[] {each[0]} : each;
  }

  /** Whether a set shows anything in a frame: one of its slots is above 0. */
  public boolean lit(byte[] frame, int piece, int set) {
    int channels = pieces.get(piece).channels();
    for (int c = 0; c < channels; c++) {
      int slot = slot(piece, set, c);
      if (slot >= 0 && frame[slot] != 0) {
        return true;
      }
    }
    return false;
  }
}
