package bunting.core.addressing;

import bunting.core.show.Addressing;
import bunting.core.show.Fitting;
import bunting.core.show.PortStart;
import bunting.core.show.SlotSplit;
import bunting.core.show.UniverseRange;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Goes through the free universes and gives out slots by the show's policy. */
public final class SlotCursor {
  /** Slots of a universe (ANSI E1.11). */
  public static final int SLOTS = 512;

  private final Addressing policy;
  private final List<UniverseRange> reserved;
  private int universe;
  private int slot = 1;
  private boolean exhausted;

  /** A cursor at the first free slot. */
  public SlotCursor(Addressing policy) {
    this.policy = policy;
    this.reserved = merged(policy.reserved());
    this.universe = nextFree(policy.startUniverse());
  }

  /** Whether the universes did not suffice. What was given out since is void. */
  public boolean exhausted() {
    return exhausted;
  }

  /** Begins a port. */
  public void startPort() {
    if (policy.portStart() == PortStart.NEW_UNIVERSE && slot > 1) {
      nextUniverse();
    }
  }

  /** Begins a box where the policy has it begin. */
  void startBox(String id) {
    int wished = policy.boxStarts().at().getOrDefault(id, 0);
    int every = policy.boxStarts().every();
    if (wished > 0) {
      universe = nextFree(wished);
      slot = 1;
    } else if (every > 0) {
      if (slot > 1) {
        nextUniverse();
      }
      while (universe % every != 0 && universe <= policy.protocol().universeMax()) {
        nextUniverse();
      }
    }
  }

  /** Moves to the next universe where this one has not so many slots left. */
  void keepTogether(int slots) {
    if (slots <= SLOTS && SLOTS - slot + 1 < slots) {
      nextUniverse();
    }
  }

  /** So many slots in one universe, 1 to 512. */
  Optional<SlotRow> together(int slots) {
    keepTogether(slots);
    checkEnd();
    if (exhausted) {
      return Optional.empty();
    }
    SlotRow row = new SlotRow(universe, slot, slot + slots - 1, 1, 1);
    slot += slots;
    if (slot > SLOTS) {
      nextUniverse();
    }
    return Optional.of(row);
  }

  /**
   * Gives slots to pixels.
   *
   * @param channels slots a pixel, 1 to 512
   * @param firstPixel first pixel in the run's numbering
   * @param lastPixel last pixel, included
   * @return rows in order; incomplete when {@link #exhausted()}
   */
  public List<SlotRow> take(int channels, int firstPixel, int lastPixel) {
    List<SlotRow> rows =
        new ArrayList<>((int) ((lastPixel - firstPixel + 1L) * channels / SLOTS) + 2);
    int next = firstPixel;
    int owed = 0; // slots of the pixel before `next` that stand over from the universe before
    checkEnd();
    while ((next <= lastPixel || owed > 0) && !exhausted) {
      int free = SLOTS - slot + 1 - owed;
      int whole = Math.min(free / channels, lastPixel - next + 1);
      int rest = free - whole * channels;
      int first = owed > 0 ? next - 1 : next;
      boolean straddles = rest > 0 && next + whole <= lastPixel && mayStraddle();
      int last = next + whole - 1 + (straddles ? 1 : 0);
      int used = owed + whole * channels + (straddles ? rest : 0);
      if (used > 0) {
        rows.add(new SlotRow(universe, slot, slot + used - 1, first, last));
      }
      next += whole + (straddles ? 1 : 0);
      owed = straddles ? channels - rest : 0;
      slot += used;
      if (next <= lastPixel || owed > 0 || slot > SLOTS) {
        nextUniverse();
        if (next <= lastPixel || owed > 0) {
          checkEnd();
        }
      }
    }
    return rows;
  }

  /**
   * Gives slots to pixels of a run by its fitting: neighbours that share, the far end first.
   *
   * @return rows in order; in a reversed run {@code firstPixel} of a row is its highest pixel
   */
  public List<SlotRow> take(int channels, Fitting fitting, int firstPixel, int lastPixel) {
    if (fitting.grouping() == 1 && !fitting.reversed()) {
      return take(channels, firstPixel, lastPixel);
    }
    int n = fitting.grouping();
    int sets = fitting.sets(lastPixel - firstPixel + 1);
    return take(channels, 1, sets).stream()
        .map(
            row -> {
              int from = fitting.reversed() ? sets + 1 - row.lastPixel() : row.firstPixel();
              int to = fitting.reversed() ? sets + 1 - row.firstPixel() : row.lastPixel();
              int low = firstPixel + (from - 1) * n;
              int high = Math.min(lastPixel, firstPixel + to * n - 1);
              return new SlotRow(
                  row.universe(),
                  row.firstSlot(),
                  row.lastSlot(),
                  fitting.reversed() ? high : low,
                  fitting.reversed() ? low : high);
            })
        .toList();
  }

  private boolean mayStraddle() {
    return policy.split() == SlotSplit.FULL_UNIVERSE
        && universe < policy.protocol().universeMax()
        && nextFree(universe + 1) == universe + 1;
  }

  private void nextUniverse() {
    universe = nextFree(universe + 1);
    slot = 1;
  }

  /** Only a pixel that wants slots makes the end of all universes an exhaustion. */
  private void checkEnd() {
    exhausted |= universe > policy.protocol().universeMax();
  }

  private int nextFree(int from) {
    int candidate = from;
    for (UniverseRange range : reserved) {
      if (candidate >= range.first() && candidate <= range.last()) {
        candidate = range.last() + 1;
      }
    }
    return candidate;
  }

  private static List<UniverseRange> merged(List<UniverseRange> ranges) {
    return ranges.stream().sorted(Comparator.comparingInt(UniverseRange::first)).toList();
  }
}
