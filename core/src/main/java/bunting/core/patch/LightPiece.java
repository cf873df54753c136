package bunting.core.patch;

import bunting.core.addressing.SlotCursor;
import bunting.core.addressing.SlotRow;
import java.util.Arrays;
import java.util.List;

/**
 * A piece of a run on its port, with its slots. Neighbours that share slots are one <b>set</b>;
 * without grouping each pixel is one. A plain set on a dimmer is a piece of one pixel.
 *
 * @param segment its id in the plan
 * @param run its run
 * @param box place of its controller among the boxes, from 0
 * @param port from 1
 * @param position in the port's chain, from 1
 * @param firstPixel in the run's numbering
 * @param lastPixel included
 * @param channels slots of a set
 * @param order letters of the first channels, in the order of the slots
 * @param grouping pixels that share a set, 1 or more
 * @param reversed whether the first slots belong to the last pixels
 * @param rows its slots, in order
 * @param feedsAt pixels at which it is fed, rising
 */
public record LightPiece(
    String segment,
    String run,
    int box,
    int port,
    int position,
    int firstPixel,
    int lastPixel,
    int channels,
    String order,
    int grouping,
    boolean reversed,
    List<SlotRow> rows,
    List<Integer> feedsAt) {
  public LightPiece {
    rows = List.copyOf(rows);
    feedsAt = List.copyOf(feedsAt);
  }

  /** How many pixels. */
  public int pixels() {
    return lastPixel - firstPixel + 1;
  }

  /** How many sets of slots. */
  public int sets() {
    return (pixels() + grouping - 1) / grouping;
  }

  /** The set that a pixel of the run belongs to, from 0. */
  public int setOf(int pixel) {
    return (pixel - firstPixel) / grouping;
  }

  /** The first pixel of a set, in the run's numbering. */
  public int pixelOf(int set) {
    return firstPixel + set * grouping;
  }

  /** Throws {@link IllegalArgumentException} where its slots do not belong to its pixels. */
  public void check() {
    addresses();
  }

  /**
   * Slots of each channel of each set, as {@code 512 x universe + slot - 1}; -1 where a channel has
   * none. Throws where the rows do not belong to these pixels, with what is wrong.
   */
  long[] addresses() {
    long[] at = new long[sets() * channels];
    Arrays.fill(at, -1);
    int step = reversed ? -1 : 1;
    int last = -1;
    int owed = 0;
    for (SlotRow row : rows) {
      int low = Math.min(row.firstPixel(), row.lastPixel());
      int high = Math.max(row.firstPixel(), row.lastPixel());
      if (low < firstPixel || high > lastPixel) {
        throw new IllegalArgumentException("has slots of pixels that the segment has not");
      }
      int set = setOf(row.firstPixel());
      int channel = set == last ? owed : 0;
      for (int slot = row.firstSlot(); slot <= row.lastSlot(); slot++) {
        if (set < setOf(low) || set > setOf(high)) {
          throw new IllegalArgumentException("has more slots than its pixels take");
        }
        at[set * channels + channel] = (long) row.universe() * SlotCursor.SLOTS + slot - 1;
        last = set;
        channel++;
        if (channel == channels) {
          channel = 0;
          set += step;
        }
      }
      owed = channel;
    }
    return at;
  }
}
