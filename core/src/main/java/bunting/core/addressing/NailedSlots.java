package bunting.core.addressing;

import bunting.core.show.Addressing;
import bunting.core.show.Fitting;
import bunting.core.show.HandOut;
import bunting.core.show.PortStart;
import bunting.core.show.SlotRange;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;

/**
 * Slots beside those that were handed out. A pixel that was handed out has the slots that it had
 * then. Any other piece goes, in one stretch, into the first of these that holds it: right behind
 * what was handed out of its own run; what is free in the universes of its own box and runs on into
 * free ones behind; universes of which every slot is free, whether in a gap or behind the last. It
 * never shares a universe with another box, so that each universe has one receiver. New pixels
 * never straddle two universes.
 */
final class NailedSlots {
  private final Addressing policy;
  private final BitSet taken = new BitSet();
  private final Map<String, List<HandOut.Nail>> nails = new HashMap<>();
  private final Map<String, TreeSet<Integer>> universesOf = new HashMap<>();
  private TreeSet<Integer> own = new TreeSet<>();
  private final TreeSet<Integer> ofPort = new TreeSet<>();
  private boolean freshPort;
  private boolean freshBox;
  private String box = "";
  private boolean exhausted;

  NailedSlots(Addressing policy, List<HandOut.Nail> fixed) {
    this.policy = policy;
    for (HandOut.Nail nail : fixed) {
      nails.computeIfAbsent(nail.run(), k -> new ArrayList<>()).add(nail);
      for (SlotRange r : nail.slots()) {
        taken.set(absolute(r.universe(), r.first()), absolute(r.universe(), r.last()) + 1);
        universesOf
            .computeIfAbsent(nail.held().controller(), k -> new TreeSet<>())
            .add(r.universe());
      }
    }
  }

  private static int absolute(int universe, int slot) {
    return (universe - 1) * SlotCursor.SLOTS + slot - 1;
  }

  boolean exhausted() {
    return exhausted;
  }

  void startBox(String id) {
    box = id;
    own = universesOf.computeIfAbsent(id, k -> new TreeSet<>());
    freshBox = own.isEmpty();
    freshPort = true;
  }

  void startPort() {
    freshPort = startsAnew();
    ofPort.clear();
  }

  /** Whether ports share no universe. */
  private boolean startsAnew() {
    return policy.portStart() == PortStart.NEW_UNIVERSE;
  }

  List<SlotRow> take(String run, int channels, Fitting fitting, int first, int last) {
    int n = fitting.grouping();
    int[] starts = new int[fitting.sets(last - first + 1)];
    int free = 0;
    for (int set = 0; set < starts.length; set++) {
      starts[set] = nailedStart(run, channels, fitting, first + set * n);
      free += starts[set] < 0 ? 1 : 0;
    }
    for (int start : starts) {
      if (start >= 0) {
        freshPort = false;
        ofPort.add(start / SlotCursor.SLOTS + 1);
      }
    }
    if (free > 0) {
      int[] fresh = stretch(run, free, channels);
      int next = 0;
      for (int i = 0; i < starts.length && fresh.length > 0; i++) {
        int set = fitting.reversed() ? starts.length - 1 - i : i;
        if (starts[set] < 0) {
          starts[set] = fresh[next++];
        }
      }
      if (fresh.length == 0) {
        exhausted = true;
        return List.of();
      }
    }
    freshPort = false;
    freshBox = false;
    for (int start : starts) {
      ofPort.add(start / SlotCursor.SLOTS + 1);
    }
    return rows(starts, channels, fitting, first, last);
  }

  /** Where a pixel's slots began when they were handed out, or -1. */
  private int nailedStart(String run, int channels, Fitting fitting, int pixel) {
    for (HandOut.Nail nail : nails.getOrDefault(run, List.of())) {
      boolean alike =
          nail.channels() == channels
              && nail.grouping() == fitting.grouping()
              && nail.reversed() == fitting.reversed();
      int behind = pixel - nail.held().firstPixel();
      if (alike
          && behind >= 0
          && pixel <= nail.held().lastPixel()
          && behind % nail.grouping() == 0) {
        int sets = (nail.held().pixels() + nail.grouping() - 1) / nail.grouping();
        int set = behind / nail.grouping();
        return slotAt(nail, (nail.reversed() ? sets - 1 - set : set) * channels);
      }
    }
    return -1;
  }

  private static int slotAt(HandOut.Nail nail, int offset) {
    int left = offset;
    for (SlotRange r : nail.slots()) {
      if (left < r.slots()) {
        return absolute(r.universe(), r.first() + left);
      }
      left -= r.slots();
    }
    return -1;
  }

  /**
   * Starts of so many sets of a run in one free stretch, which is taken; empty when there is none.
   */
  private int[] stretch(String run, int sets, int channels) {
    Optional<int[]> found = freshPort ? Optional.empty() : behind(run, sets, channels);
    int wished = policy.boxStarts().at().getOrDefault(box, 0);
    if (freshBox && wished > 0) {
      found = layout(absolute(wished, 1), sets, channels);
    }
    if (!freshPort) {
      for (int universe : List.copyOf(startsAnew() ? ofPort : own)) {
        found = found.or(() -> inUniverse(universe, sets, channels));
      }
    }
    if (found.isEmpty()) {
      int every = freshBox ? Math.max(1, policy.boxStarts().every()) : 1;
      int most = policy.protocol().universeMax();
      for (int u = policy.startUniverse(); u <= most && found.isEmpty(); u++) {
        if (u % every == 0 && isFree(u)) {
          found = layout(absolute(u, 1), sets, channels);
        }
      }
    }
    int[] starts = found.orElse(new int[0]);
    for (int start : starts) {
      taken.set(start, start + channels);
      own.add(start / SlotCursor.SLOTS + 1);
    }
    return starts;
  }

  /** Right behind what was handed out of the same run: a count that went up. */
  private Optional<int[]> behind(String run, int sets, int channels) {
    Optional<int[]> found = Optional.empty();
    for (HandOut.Nail nail : nails.getOrDefault(run, List.of())) {
      SlotRange end = nail.slots().isEmpty() ? new SlotRange(1, 1, 1) : nail.slots().getLast();
      int next = absolute(end.universe(), end.last()) + 1;
      boolean ofItsPort = !startsAnew() || ofPort.contains(end.universe());
      if (!nail.slots().isEmpty() && end.last() < SlotCursor.SLOTS && ofItsPort) {
        found = found.or(() -> layout(next, sets, channels));
      }
    }
    return found;
  }

  private Optional<int[]> inUniverse(int universe, int sets, int channels) {
    int end = absolute(universe + 1, 1);
    int at = taken.nextClearBit(absolute(universe, 1));
    while (at < end) {
      Optional<int[]> found = layout(at, sets, channels);
      if (found.isPresent()) {
        return found;
      }
      int wall = taken.nextSetBit(at);
      if (wall < 0 || wall >= end) {
        break;
      }
      at = taken.nextClearBit(wall);
    }
    return Optional.empty();
  }

  private boolean isFree(int universe) {
    int wall = taken.nextSetBit(absolute(universe, 1));
    return !reserved(universe) && (wall < 0 || wall >= absolute(universe + 1, 1));
  }

  private boolean reserved(int universe) {
    return policy.reserved().stream().anyMatch(r -> universe >= r.first() && universe <= r.last());
  }

  /** Sets one behind the other from a slot on, moving on only into universes that are all free. */
  private Optional<int[]> layout(int from, int sets, int channels) {
    int[] starts = new int[sets];
    int at = from;
    for (int i = 0; i < sets; i++) {
      int end = absolute(at / SlotCursor.SLOTS + 2, 1);
      int wall = taken.nextSetBit(at);
      if (wall >= 0 && wall < Math.min(end, at + channels)) {
        return Optional.empty();
      }
      if (at + channels > end) {
        int next = at / SlotCursor.SLOTS + 2;
        while (next <= policy.protocol().universeMax() && reserved(next)) {
          next++;
        }
        if (next > policy.protocol().universeMax() || !isFree(next)) {
          return Optional.empty();
        }
        at = absolute(next, 1);
      }
      starts[i] = at;
      at += channels;
      if (at % SlotCursor.SLOTS == 0 && i + 1 < sets) {
        int next = at / SlotCursor.SLOTS + 1;
        while (reserved(next)) {
          next++;
        }
        if (next > policy.protocol().universeMax() || !isFree(next)) {
          return Optional.empty();
        }
        at = absolute(next, 1);
      }
    }
    return Optional.of(starts);
  }

  /** Rows in the order of the slots; a set that straddles two universes is in both. */
  private static List<SlotRow> rows(
      int[] starts, int channels, Fitting fitting, int first, int last) {
    List<SlotRow> rows = new ArrayList<>();
    int n = fitting.grouping();
    int i = 0;
    while (i < starts.length) {
      int begin = i;
      while (i + 1 < starts.length
          && start(starts, fitting, i + 1) == start(starts, fitting, i) + channels) {
        i++;
      }
      i++;
      int from = start(starts, fitting, begin);
      int to = start(starts, fitting, i - 1) + channels - 1;
      for (int u = from / SlotCursor.SLOTS; u <= to / SlotCursor.SLOTS; u++) {
        int low = Math.max(from, u * SlotCursor.SLOTS);
        int high = Math.min(to, (u + 1) * SlotCursor.SLOTS - 1);
        int a = begin + (low - from) / channels;
        int b = begin + (high - from) / channels;
        int firstSet = fitting.reversed() ? starts.length - 1 - a : a;
        int lastSet = fitting.reversed() ? starts.length - 1 - b : b;
        int p =
            fitting.reversed()
                ? Math.min(last, first + firstSet * n + n - 1)
                : first + firstSet * n;
        int q =
            fitting.reversed() ? first + lastSet * n : Math.min(last, first + lastSet * n + n - 1);
        rows.add(
            new SlotRow(
                u + 1, low - u * SlotCursor.SLOTS + 1, high - u * SlotCursor.SLOTS + 1, p, q));
      }
    }
    return rows;
  }

  /** Where the ith set in the order of slots begins. */
  private static int start(int[] starts, Fitting fitting, int i) {
    return starts[fitting.reversed() ? starts.length - 1 - i : i];
  }
}
