package bunting.core.injection;

import bunting.core.dc.Line;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Placings along a line from one end, level by level: level k holds, for every pixel, the placings
 * of k feeds up to there that are not needless. Pixels count from the end where it begins.
 */
final class Sweep {
  private final Sites sites;
  private final Line line;
  private final SupplyCurve scale;
  private final double limit;
  private final boolean fromRight;
  private final List<List<List<Placing>>> levels = new ArrayList<>();
  private final List<List<List<Placing>>> ending = new ArrayList<>();

  Sweep(Sites sites, SupplyCurve scale, double limit, boolean fromRight) {
    this.sites = sites;
    this.line = sites.line;
    this.scale = scale;
    this.limit = limit;
    this.fromRight = fromRight;
  }

  /** The line's index of a pixel of this sweep. */
  private int index(int i) {
    return fromRight ? line.size() - 1 - i : i;
  }

  /** Placings of so many feeds up to pixel i, from this sweep's end; i = -1: before the first. */
  List<Placing> upTo(int feeds, int i) {
    if (i < 0) {
      return feeds == 0 ? List.of(Placing.bare(scale, limit)) : List.of();
    }
    while (levels.size() <= feeds) {
      levels.add(level(levels.size()));
    }
    return levels.get(feeds).get(i);
  }

  /** The same, of which the last feed stands at pixel i. */
  List<Placing> endingAt(int feeds, int i) {
    while (ending.size() <= feeds) {
      ending.add(endings(ending.size()));
    }
    return ending.get(feeds).get(i);
  }

  private List<List<Placing>> endings(int feeds) {
    List<List<Placing>> ends = new ArrayList<>();
    for (int i = 0; i < line.size(); i++) {
      List<Placing> fresh = new ArrayList<>();
      if (feeds > 0 && sites.feedAmpsMax[index(i)] > 0) {
        for (Placing p : upTo(feeds - 1, i - 1)) {
          step(p, i, true).ifPresent(fresh::add);
        }
      }
      ends.add(Frontier.thin(scale, fresh));
    }
    return ends;
  }

  private List<List<Placing>> level(int feeds) {
    List<List<Placing>> level = new ArrayList<>();
    for (int i = 0; i < line.size(); i++) {
      List<Placing> all = new ArrayList<>(endingAt(feeds, i));
      if (!(sites.headFeed && index(i) == 0)) {
        for (Placing p : i == 0 ? upTo(feeds, -1) : level.get(i - 1)) {
          step(p, i, false).ifPresent(all::add);
        }
      }
      level.add(Frontier.thin(scale, all));
    }
    return level;
  }

  /** From the pixel before to pixel i, with its own load and perhaps a feed. */
  Optional<Placing> step(Placing p, int i, boolean feed) {
    int here = index(i);
    double least = p.least;
    double[] curve = p.curve;
    if (i > 0) {
      double rail = line.loopOhms(Math.min(here, index(i - 1)));
      least = Math.max(limit, least - rail * scale.value(curve, least));
      curve = scale.behind(curve, rail);
    }
    double[] next = new double[curve.length];
    double ohms = Math.max(sites.feedOhms[here], Placing.LEAST_OHMS);
    for (int m = 0; m < next.length; m++) {
      double v = scale.volts(m);
      next[m] = curve[m] - line.ampsAt(here, v) + (feed ? (sites.supplyVolts - v) / ohms : 0);
    }
    if (feed) {
      least = Math.max(least, sites.supplyVolts - sites.feedAmpsMax[here] * ohms);
    }
    if (least > sites.supplyVolts) {
      return Optional.empty();
    }
    return Optional.of(feed ? p.withFeed(next, least, here) : p.at(next, least));
  }

  /** The same curve and least volts seen from the next pixel's side of the rail, unloaded. */
  Placing over(Placing p, int i) {
    double rail = line.loopOhms(Math.min(index(i), index(i + 1)));
    double least = Math.max(limit, p.least - rail * scale.value(p.curve, p.least));
    return p.at(scale.behind(p.curve, rail), least);
  }
}
