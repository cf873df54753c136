package bunting.wire.standin;

import java.util.HashMap;
import java.util.Iterator;
import java.util.Map;

/**
 * Who sends on one universe. A source that was not heard for 2.5 s is forgotten (ANSI E1.31-2018,
 * 6.7.1); of several the ones of the highest priority count, and of these what came last.
 */
final class Sources {
  static final long FORGET_NANOS = 2_500_000_000L;

  /** More than anybody has; so that nobody fills the memory with names. */
  private static final int MOST = 32;

  private record Source(int priority, int sequence, long heard) {}

  private final Map<Object, Source> known = new HashMap<>();
  private long lost;

  /** How many packets are missing by the sequence numbers of those that came in order. */
  long lost() {
    return lost;
  }

  /**
   * Notes a packet; whether it counts.
   *
   * @param order how its sequence number is told from an old one
   */
  boolean takes(Object who, int priority, int sequence, Order order, long now) {
    known.values().removeIf(s -> now - s.heard() > FORGET_NANOS);
    Source before = known.get(who);
    if (before != null && order.old(before.sequence(), sequence)) {
      return false;
    }
    for (Map.Entry<Object, Source> other : known.entrySet()) {
      if (!other.getKey().equals(who) && other.getValue().priority() > priority) {
        // It is there all the same, with the priority that it has now.
        known.computeIfPresent(who, (k, s) -> new Source(priority, sequence, s.heard()));
        return false;
      }
    }
    if (before == null && known.size() >= MOST) {
      forgetOldest();
    }
    lost += before == null ? 0 : order.missing(before.sequence(), sequence);
    known.put(who, new Source(priority, sequence, now));
    return true;
  }

  private void forgetOldest() {
    Iterator<Map.Entry<Object, Source>> all = known.entrySet().iterator();
    Map.Entry<Object, Source> oldest = all.next();
    while (all.hasNext()) {
      Map.Entry<Object, Source> next = all.next();
      oldest = next.getValue().heard() < oldest.getValue().heard() ? next : oldest;
    }
    known.remove(oldest.getKey());
  }

  /** A source that stops; whether its packet is in order. */
  boolean ends(Object who, int sequence, Order order) {
    Source before = known.get(who);
    if (before != null && order.old(before.sequence(), sequence)) {
      return false;
    }
    known.remove(who);
    return true;
  }

  /** How sequence numbers go. */
  enum Order {
    /** They do not count. */
    NONE {
      @Override
      boolean old(int last, int next) {
        return false;
      }
    },
    /** By ANSI E1.31-2018, 6.7.2: up to 19 behind is old, more is a new beginning. */
    OF_256 {
      @Override
      boolean old(int last, int next) {
        int ahead = (byte) (next - last);
        return ahead <= 0 && ahead > -20;
      }
    },
    /** 1 to 255, then 1 again; the same window. */
    OF_255 {
      @Override
      boolean old(int last, int next) {
        int behind = Math.floorMod(last - next, 255);
        return behind < 20;
      }
    },
    /** 1 to 15, then 1 again: the same and up to two behind are old. */
    OF_15 {
      @Override
      boolean old(int last, int next) {
        return next != 0 && last != 0 && Math.floorMod(last - next, 15) < 3;
      }
    };

    abstract boolean old(int last, int next);

    /**
     * Returns how many numbers lie between two packets in order. More than half a round is a new
     * beginning, and whole rounds are not seen: what is missing may be more, never less.
     */
    int missing(int last, int next) {
      int round =
          switch (this) {
            case NONE -> 1;
            case OF_256 -> 256;
            case OF_255 -> 255;
            case OF_15 -> 15;
          };
      boolean counted = this == OF_256 || (last != 0 && next != 0);
      int gap = Math.floorMod(next - last - 1, round);
      return counted && gap < round / 2 ? gap : 0;
    }
  }
}
