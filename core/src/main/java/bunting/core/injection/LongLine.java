package bunting.core.injection;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Feeds for a line that is too long to be searched exactly: one sweep from the left that keeps, at
 * each pixel, the fewest feeds that hold so far and the next {@value #COUNTS} counts (a placing
 * that is already lost for want of a feed takes some pixels to show it), and of each the best
 * placings at {@value #PLACINGS} volts. Near the optimum; cost linear in pixels.
 */
final class LongLine {
  private static final int COUNTS = 40;
  private static final int PLACINGS = 16;

  private LongLine() {}

  /** Places that hold a limit; empty: none was found. */
  static Optional<int[]> places(Sites sites, SupplyCurve scale, double limit, int feedsMax) {
    Sweep sweep = new Sweep(sites, scale, limit, false);
    TreeMap<Integer, List<Placing>> now = new TreeMap<>();
    now.put(0, List.of(Placing.bare(scale, limit)));
    int n = sites.line.size();
    for (int i = 0; i < n; i++) {
      TreeMap<Integer, List<Placing>> next = new TreeMap<>();
      for (var entry : now.entrySet()) {
        for (Placing p : entry.getValue()) {
          if (!(i == 0 && sites.headFeed)) {
            put(next, entry.getKey(), sweep.step(p, i, false));
          }
          if (sites.feedAmpsMax[i] > 0 && entry.getKey() < feedsMax) {
            put(next, entry.getKey() + 1, sweep.step(p, i, true));
          }
        }
      }
      now.clear();
      for (var entry : next.entrySet()) {
        if (now.size() < COUNTS) {
          now.put(entry.getKey(), Frontier.spread(scale, entry.getValue(), PLACINGS));
        }
      }
    }
    return now.values().stream()
        .flatMap(List::stream)
        .filter(p -> scale.value(p.curve, p.least) >= 0)
        .map(p -> p.feedsWith(Placing.bare(scale, limit)))
        .min(Comparator.comparingInt(at -> at.length));
  }

  private static void put(
      Map<Integer, List<Placing>> levels, int count, Optional<Placing> placing) {
    placing.ifPresent(p -> levels.computeIfAbsent(count, k -> new ArrayList<>()).add(p));
  }
}
