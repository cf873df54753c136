package bunting.core.injection;

import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * The fewest feeds that keep every pixel of a line at a limit, and with so many the places with the
 * highest lowest volts.
 *
 * <p><b>Method.</b> From left to right, everything left of a pixel is two things: the current that
 * it can send on as a function of that pixel's volts v (a falling curve), and the least v at which
 * all pixels on the left hold the limit. Both follow from pixel to pixel in closed form. A feed's
 * fuse is a least v too: its amps are (V - v) / R. Of all placings of so many feeds up to a pixel
 * only those are kept that no other makes needless ({@link Frontier}).
 *
 * <p><b>Why that is the optimum.</b> Put a placing that sends on more, at every v that the other
 * allows, in the other's stead: no pixel's volts fall, because a line of conductors is monotone
 * (more current into any node lowers none). So whatever completes the needless placing completes
 * the kept one. The count is the smallest for which a placing is kept to the end; the places are
 * proven by asking for a limit a trifle higher, and finding none.
 *
 * <p><b>Exactness.</b> With currents linear in the volts (constant current, resistive) the curves
 * are straight lines, held exactly. For constant power they are cubics, right to some microvolts;
 * where pixels lose headroom, straight pieces. Lines of over {@value #STRAIGHT_PIXELS} pixels
 * ({@value #SMOOTH_PIXELS}, {@value #CORNERED_PIXELS} with such currents) go to {@link LongLine}:
 * near the optimum, not proven.
 *
 * <p><b>Cost.</b> The line is swept from both ends and the sweeps meet at a feed in the middle:
 * pixels x half the feeds x placings kept (some dozens to hundreds), for each limit.
 *
 * <p>Sources: Dynamic Programming, 1957 (states with dominance); Iterative Solution of Nonlinear
 * Equations in Several Variables, 1970, sec. 13.5 (monotone networks); from memory.
 */
public final class FeedPlaces {
  /** A placing ends well where it could send on no less than this. */
  private static final double ROUNDING_AMPS = 1e-9;

  /** The highest lowest volts are found to this, far below what is shown. */
  private static final double LIMIT_TOLERANCE_VOLTS = 5e-7;

  /** A placing that the curves let pass is taken where the solver finds it this near the limit. */
  private static final double ROUNDING_VOLTS = 1e-9;

  /** Lines up to so many pixels are searched exactly, where every current is linear. */
  private static final int STRAIGHT_PIXELS = 700;

  /** The same with constant power, whose curves take longer, and with lost headroom. */
  private static final int SMOOTH_PIXELS = 350;

  private static final int CORNERED_PIXELS = 120;

  /** How far above the limit places are asked for where the curves were a trifle too kind. */
  private static final double[] KINDNESS_VOLTS = {0, 1e-5, 1e-4, 1e-3, 1e-2};

  /** Pixels solved, at the most, while feeds are moved about: a second or two. */
  private static final long PIXELS_POLISHED = 50_000_000;

  /** With more feeds than these nobody asks for the last millivolt. */
  private static final int FEEDS_POLISHED = 200;

  /** Curves go on so far above the supply's volts, so that a limit at those is a curve too. */
  static final double TOP_VOLTS = 1e-6;

  private final Sites sites;
  private final Line line;

  /** What was found: where the feeds stand, and the line with them. */
  public static final class Found {
    private final int[] at;
    private final LineSolution.Stands solution;

    private Found(int[] at, LineSolution.Stands solution) {
      this.at = at;
      this.solution = solution;
    }

    /** Pixel index of each feed, rising. */
    public int[] places() {
      return at.clone();
    }

    /** The line with them, solved. */
    public LineSolution.Stands solution() {
      return solution;
    }

    /** How many feeds. */
    public int count() {
      return at.length;
    }

    /** The lowest volts of any pixel. */
    public double lowest() {
      return solution.volts().lowest();
    }
  }

  private FeedPlaces(Sites sites) {
    this.sites = sites;
    this.line = sites.line;
  }

  /**
   * The fewest feeds, at most {@code feedsMax}, that hold {@code leastVolts} (over 0) everywhere,
   * in the best places; empty: not even so many do.
   */
  public static Optional<Found> fewest(Sites sites, double leastVolts, int feedsMax) {
    FeedPlaces search = new FeedPlaces(sites);
    return search.first(leastVolts, feedsMax).map(f -> search.lifted(f, leastVolts));
  }

  /** About the fewest feeds that hold, quickly, wherever they stand. */
  public static Optional<Found> near(Sites sites, double leastVolts, int feedsMax) {
    FeedPlaces search = new FeedPlaces(sites);
    return search.hopeless(leastVolts) ? Optional.empty() : search.near(leastVolts, feedsMax);
  }

  /** The fewest feeds that hold, wherever they stand. */
  public static Optional<Found> any(Sites sites, double leastVolts, int feedsMax) {
    return new FeedPlaces(sites).first(leastVolts, feedsMax);
  }

  /** All feeds that may stand: does even that not hold, then nothing does. */
  public static Optional<Found> all(Sites sites) {
    int[] at =
        java.util.stream.IntStream.range(0, sites.line.size())
            .filter(i -> sites.feedAmpsMax[i] > 0)
            .toArray();
    return at.length == 0 ? Optional.empty() : new FeedPlaces(sites).solved(at);
  }

  private Optional<Found> first(double leastVolts, int feedsMax) {
    if (hopeless(leastVolts)) {
      return Optional.empty();
    }
    if (!exact(leastVolts)) {
      return near(leastVolts, feedsMax);
    }
    Ends ends = new Ends(leastVolts);
    int places = (int) java.util.Arrays.stream(sites.feedAmpsMax).filter(a -> a > 0).count();
    int top = Math.min(feedsMax, places);
    int fails = 0;
    int count = 1;
    Optional<Found> found = ends.with(count);
    while (found.isEmpty() && count < top) {
      fails = count;
      count = Math.min(top, count + Math.max(1, count / 2));
      found = ends.with(count);
    }
    while (found.isPresent() && count - fails > 1) {
      int middle = (count + fails) >>> 1;
      Optional<Found> fewer = ends.with(middle);
      if (fewer.isPresent()) {
        found = fewer;
        count = middle;
      } else {
        fails = middle;
      }
    }
    return found;
  }

  /** Whether not even feeds everywhere hold. */
  private boolean hopeless(double leastVolts) {
    return leastVolts > sites.supplyVolts
        || all(sites).filter(f -> f.lowest() >= leastVolts - ROUNDING_VOLTS).isEmpty();
  }

  private boolean exact(double limit) {
    int points = SupplyCurve.of(line, limit, sites.supplyVolts + TOP_VOLTS).points();
    int most = points == 2 ? STRAIGHT_PIXELS : points == 4 ? SMOOTH_PIXELS : CORNERED_PIXELS;
    return line.size() <= most;
  }

  private Optional<Found> near(double leastVolts, int feedsMax) {
    for (double above : KINDNESS_VOLTS) {
      double limit = leastVolts + above;
      SupplyCurve scale = SupplyCurve.of(line, limit, sites.supplyVolts + TOP_VOLTS);
      Optional<int[]> places = LongLine.places(sites, scale, limit, feedsMax);
      Optional<Found> found = places.flatMap(this::solved).filter(f -> holds(f, leastVolts));
      if (found.isPresent()) {
        return found;
      }
      if (places.isEmpty()) {
        break;
      }
    }
    return all(sites).filter(f -> f.at.length <= feedsMax && holds(f, leastVolts));
  }

  /** Both ends' sweeps at one limit; they meet at a feed in the middle. */
  private final class Ends {
    private final double limit;
    private final SupplyCurve scale;
    private final Sweep left;
    private final Sweep right;

    Ends(double limit) {
      this.limit = limit;
      this.scale = SupplyCurve.of(line, limit, sites.supplyVolts + TOP_VOLTS);
      this.left = new Sweep(sites, scale, limit, false);
      this.right = new Sweep(sites, scale, limit, true);
    }

    /** A placing of so many feeds that holds the limit. */
    Optional<Found> with(int feeds) {
      int n = line.size();
      int before = (feeds + 1) / 2;
      for (int i = 0; i < n; i++) {
        List<Placing> here = left.endingAt(before, i);
        if (here.isEmpty()) {
          continue;
        }
        for (Placing rest : right.upTo(feeds - before, n - 2 - i)) {
          Placing beyond = i == n - 1 ? rest : right.over(rest, n - 2 - i);
          for (Placing p : here) {
            Optional<Found> found =
                meets(p, beyond) ? solved(p.feedsWith(beyond)) : Optional.empty();
            if (found.isPresent() && holds(found.get(), limit)) {
              return found;
            }
          }
        }
      }
      return Optional.empty();
    }

    private boolean meets(Placing p, Placing beyond) {
      double volts = Math.max(p.least, beyond.least);
      return volts <= sites.supplyVolts
          && scale.value(p.curve, volts) + scale.value(beyond.curve, volts) >= -ROUNDING_AMPS;
    }
  }

  private Optional<Found> solved(int[] at) {
    return LineSolver.solve(sites.with(at)) instanceof LineSolution.Stands s
        ? Optional.of(new Found(at, s))
        : Optional.empty();
  }

  private boolean holds(Found found, double limit) {
    if (found.lowest() < limit - ROUNDING_VOLTS) {
      return false;
    }
    for (int f = 0; f < found.at.length; f++) {
      if (found.solution.feedAmps().at(f) > sites.feedAmpsMax[found.at[f]] * (1 + 1e-12) + 1e-9) {
        return false;
      }
    }
    return true;
  }

  /**
   * With as many feeds, the best places: moved about first, then asked whether any placing holds a
   * limit a trifle higher. A no is the proof; a yes is the next start.
   */
  private Found lifted(Found start, double leastVolts) {
    Found best = polished(start, leastVolts);
    while (exact(leastVolts)) {
      double higher = best.lowest() + LIMIT_TOLERANCE_VOLTS;
      Optional<Found> found =
          higher < sites.supplyVolts ? new Ends(higher).with(start.at.length) : Optional.empty();
      if (found.isEmpty()) {
        return best;
      }
      best = polished(found.get(), leastVolts);
    }
    return best;
  }

  /** Moves one feed, then two, as long as the lowest volts rise. */
  private Found polished(Found start, double leastVolts) {
    Found best = start;
    long tried = start.count() > FEEDS_POLISHED ? 0 : PIXELS_POLISHED / line.size();
    for (int reach = Math.max(1, line.size() / 8); reach >= 1; reach /= 2) {
      boolean gained = true;
      while (gained) {
        gained = false;
        for (int[] move : moves(best.at, reach)) {
          if (tried-- <= 0) {
            return best;
          }
          Optional<Found> found = solved(move);
          if (found.isPresent()
              && holds(found.get(), leastVolts)
              && found.get().lowest() > best.lowest() + ROUNDING_VOLTS) {
            best = found.get();
            gained = true;
            break;
          }
        }
      }
    }
    return best;
  }

  /** One feed by so many pixels either way, and every feed and its neighbour together. */
  private List<int[]> moves(int[] at, int reach) {
    List<int[]> list = new ArrayList<>();
    for (int a = sites.headFeed ? 1 : 0; a < at.length; a++) {
      for (int d : new int[] {-reach, reach}) {
        moved(at, a, d, a, 0).ifPresent(list::add);
        for (int b = a + 1; b < Math.min(at.length, a + 3); b++) {
          moved(at, a, d, b, d).ifPresent(list::add);
          moved(at, a, d, b, -d).ifPresent(list::add);
        }
      }
    }
    return list;
  }

  private Optional<int[]> moved(int[] at, int a, int da, int b, int db) {
    int[] next = at.clone();
    next[a] += da;
    next[b] += db;
    for (int f = 0; f < next.length; f++) {
      boolean outside = next[f] < 0 || next[f] >= line.size();
      if (outside || (f > 0 && next[f] <= next[f - 1]) || sites.feedAmpsMax[next[f]] <= 0) {
        return Optional.empty();
      }
    }
    return Arrays.equals(next, at) ? Optional.empty() : Optional.of(next);
  }
}
