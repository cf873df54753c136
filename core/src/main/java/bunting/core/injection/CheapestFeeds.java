package bunting.core.injection;

import bunting.core.dc.Line;
import bunting.core.show.LoadKind;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The cheapest feeds that keep every pixel of a line at a limit, of a few ways to feed at a few
 * pixels, each with its price.
 *
 * <p><b>Method.</b> The sweep of {@link FeedPlaces} from left to right, with the price so far
 * beside each placing, and any number of feeds. What a placing sends on to the right falls with the
 * volts v of the last pixel as {@code a - g v}; {@code least} are the volts below which some pixel
 * on its left falls below the limit, or some feed's fuse bears too much. A placing is needless
 * where another that is no dearer does at least as much. As soon as one holds what lies right of it
 * without another feed, it is an answer and goes no further; placings that could not become cheaper
 * than the best answer, with the cheapest feed still to come, are dropped.
 *
 * <p><b>Exactness.</b> Exact where every current is linear in the volts (constant current,
 * resistive). Constant power is taken at its chord between the limit and the supply's volts, which
 * is never too little and at the most some 0.3 % too much; pixels that lose headroom as if they
 * lost none. So what is found holds, and may cost a hair more than the best. Beyond so many
 * placings as the asker wants kept, those are let go that promise least.
 *
 * <p><b>Cost.</b> Pixels x placings kept (some dozens), a few nanoseconds each, and their squares
 * at each place.
 */
public final class CheapestFeeds {
  /** Prices within which two answers are one: far below a cent. */
  private static final double EQUAL_PRICE = 1e-9;

  /** No supply holds so much. */
  private static final double NEVER_VOLTS = 1e9;

  /** A placing ends well where it could send on no less than this. */
  private static final double ROUNDING_AMPS = 1e-9;

  /**
   * A way to feed at a pixel.
   *
   * @param ohms of its cable, both ways, with fuse and contacts
   * @param sourceVolts what it hangs on
   * @param ampsMax most amps through it
   * @param price of it
   * @param key whatever tells the asker what it is
   */
  public record Way(double ohms, double sourceVolts, double ampsMax, double price, int key) {}

  /** A feed that was chosen. */
  public record Chosen(int at, Way way) {}

  /** What was found. */
  public record Answer(List<Chosen> feeds, double price) {}

  /** A placing; it is carried along the line in place. */
  private static final class Costed {
    double a;
    double g;
    double least;
    final double price;

    /** Its feeds, the last first. */
    final Trail trail;

    Costed(double a, double g, double least, double price, Trail trail) {
      this.a = a;
      this.g = g;
      this.least = least;
      this.price = price;
      this.trail = trail;
    }

    double sends(double volts) {
      return a - g * volts;
    }
  }

  /** A feed and those before it. */
  private record Trail(Optional<Chosen> last, Optional<Trail> before) {
    static final Trail NONE = new Trail(Optional.empty(), Optional.empty());

    Trail with(int at, Way way) {
      return new Trail(Optional.of(new Chosen(at, way)), Optional.of(this));
    }

    List<Chosen> all() {
      List<Chosen> list = new ArrayList<>();
      Optional<Trail> t = Optional.of(this);
      while (t.isPresent()) {
        t.get().last().ifPresent(list::addFirst);
        t = t.get().before();
      }
      return list;
    }
  }

  private final int n;
  private final double[] rail;
  private final double[] railMost;
  private final double[] drawn;
  private final double[] drawnPerVolt;
  private final NavigableMap<Integer, List<Way>> ways;
  private final double limit;
  private final double ampsCap;
  private final int keptMost;
  private final double top;
  private final double[] drawnBeyond;
  private final double[] feedPrice;
  private final double[] ampPrice;
  private double best;
  private Optional<Answer> answer = Optional.empty();

  private CheapestFeeds(
      Line line,
      NavigableMap<Integer, List<Way>> ways,
      double limit,
      double ampsCap,
      double[] railMost,
      int keptMost,
      double known) {
    this.railMost = railMost;
    this.keptMost = keptMost;
    this.n = line.size();
    this.ways = ways;
    this.limit = limit;
    this.ampsCap = ampsCap;
    this.best = known;
    this.top =
        ways.values().stream()
            .flatMap(List::stream)
            .mapToDouble(Way::sourceVolts)
            .max()
            .orElse(limit);
    this.rail = new double[Math.max(0, n - 1)];
    this.drawn = new double[n];
    this.drawnPerVolt = new double[n];
    this.drawnBeyond = new double[n];
    this.feedPrice = new double[n];
    this.ampPrice = new double[n];
    double high = Math.max(top, limit + FeedPlaces.TOP_VOLTS);
    for (int i = 0; i < n; i++) {
      double most = line.ampsAt(i, high);
      boolean level = line.kind(i) == LoadKind.HEADROOM;
      drawnPerVolt[i] = level ? 0 : (most - line.ampsAt(i, limit)) / (high - limit);
      drawn[i] = most - drawnPerVolt[i] * high;
      if (i < n - 1) {
        rail[i] = line.loopOhms(i);
      }
    }
  }

  /**
   * The cheapest; empty: nothing holds, or nothing is cheaper than what is known.
   *
   * @param line bare, without feeds
   * @param ways by pixel index, as {@link #byPixel} gives them
   * @param limit least volts
   * @param ampsCap most amps through any feed
   * @param railMost most amps from each pixel to the next (one fewer than pixels)
   * @param keptMost placings that are kept at each place
   * @param known only what is cheaper than this is looked for
   */
  public static Optional<Answer> find(
      Line line,
      NavigableMap<Integer, List<Way>> ways,
      double limit,
      double ampsCap,
      double[] railMost,
      int keptMost,
      double known) {
    return ways.isEmpty()
        ? Optional.empty()
        : new CheapestFeeds(line, ways, limit, ampsCap, railMost, keptMost, known).run();
  }

  private Optional<Answer> run() {
    if (limit > top) {
      return Optional.empty();
    }
    Costed[] beyond = unfed();
    cheapestFrom();
    List<Costed> now = new ArrayList<>();
    Costed bare = new Costed(0, 0, limit, 0, Trail.NONE);
    load(bare, 0);
    now.add(bare);
    int here = 0;
    for (Map.Entry<Integer, List<Way>> site : ways.entrySet()) {
      int at = site.getKey();
      List<Costed> next = new ArrayList<>();
      for (Costed c : now) {
        boolean dear = at > here && least(c, here) >= best - EQUAL_PRICE;
        if (dear || !carried(c, here, at)) {
          continue;
        }
        fork(c, at, site.getValue(), beyond[at], next);
        if (least(c, at) < best - EQUAL_PRICE) {
          next.add(c);
        }
      }
      now = thin(next, at);
      here = at;
    }
    return answer;
  }

  /** Along the line from one pixel to another; false: it falls below the limit on the way. */
  private boolean carried(Costed c, int from, int to) {
    for (int i = from; i < to; i++) {
      over(c, rail[i], railMost[i]);
      load(c, i + 1);
      if (c.least > top) {
        return false;
      }
    }
    return true;
  }

  private void over(Costed c, double ohms, double most) {
    if (most < Double.MAX_VALUE) {
      bounded(c, most);
    }
    c.least = Math.max(limit, c.least - ohms * c.sends(c.least));
    double stretch = 1 + c.g * ohms;
    c.a /= stretch;
    c.g /= stretch;
  }

  /**
   * What it sends on may not be over the most: a least v. Where it takes more than that from the
   * other side even at its least v, nothing can feed it from there.
   */
  private void bounded(Costed c, double most) {
    if (c.g > 0 && c.sends(c.least) > most) {
      c.least = (c.a - most) / c.g;
    }
    boolean takesTooMuch = c.sends(c.least) < -most - ROUNDING_AMPS;
    if (takesTooMuch || c.sends(c.least) > most + ROUNDING_AMPS) {
      c.least = NEVER_VOLTS;
    }
  }

  private void load(Costed c, int i) {
    c.a -= drawn[i];
    c.g += drawnPerVolt[i];
  }

  private void fork(Costed c, int at, List<Way> here, Costed beyond, List<Costed> next) {
    for (Way way : here) {
      double price = c.price + way.price();
      if (price >= best - EQUAL_PRICE) {
        return; // the ways of a pixel stand by price
      }
      double ohms = Math.max(way.ohms(), Placing.LEAST_OHMS);
      double least = Math.max(c.least, way.sourceVolts() - Math.min(way.ampsMax(), ampsCap) * ohms);
      if (least > top) {
        continue;
      }
      double a = c.a + way.sourceVolts() / ohms;
      double g = c.g + 1 / ohms;
      double volts = Math.max(least, beyond.least);
      boolean ends = volts <= top && a - g * volts + beyond.sends(volts) >= -ROUNDING_AMPS;
      if (ends) {
        // With this no feed is needed any more: what follows would only make it dearer.
        best = price;
        answer = Optional.of(new Answer(c.trail.with(at, way).all(), price));
      } else if (least(a - g * limit, price, at) < best - EQUAL_PRICE) {
        next.add(new Costed(a, g, least, price, c.trail.with(at, way)));
      }
    }
  }

  /** Seen from each pixel, all that lies right of it, without a feed. */
  private Costed[] unfed() {
    Costed[] beyond = new Costed[n];
    Costed tail = new Costed(0, 0, limit, 0, Trail.NONE);
    for (int i = n - 1; i >= 0; i--) {
      if (i < n - 1) {
        load(tail, i + 1);
        over(tail, rail[i], railMost[i]);
      }
      beyond[i] = new Costed(tail.a, tail.g, tail.least, 0, Trail.NONE);
    }
    return beyond;
  }

  /** What is drawn right of each pixel, and what a feed or an amp there costs at the least. */
  private void cheapestFrom() {
    feedPrice[n - 1] = Double.MAX_VALUE / 4;
    ampPrice[n - 1] = Double.MAX_VALUE / 4;
    for (int i = n - 2; i >= 0; i--) {
      double least = drawn[i + 1] + drawnPerVolt[i + 1] * (drawnPerVolt[i + 1] < 0 ? top : limit);
      drawnBeyond[i] = drawnBeyond[i + 1] + least;
      feedPrice[i] = feedPrice[i + 1];
      ampPrice[i] = ampPrice[i + 1];
      for (Way way : ways.getOrDefault(i + 1, List.of())) {
        double most =
            Math.min(
                Math.min(way.ampsMax(), ampsCap),
                (way.sourceVolts() - limit) / Math.max(way.ohms(), Placing.LEAST_OHMS));
        feedPrice[i] = Math.min(feedPrice[i], way.price());
        ampPrice[i] = most > 0 ? Math.min(ampPrice[i], way.price() / most) : ampPrice[i];
      }
    }
  }

  /**
   * What a placing up to a pixel that does not end there costs at the least: one feed more, and
   * enough of them for what it cannot send on.
   */
  private double least(Costed c, int at) {
    return least(c.sends(limit), c.price, at);
  }

  private double least(double sent, double price, int at) {
    return price + Math.max(feedPrice[at], (drawnBeyond[at] - sent) * ampPrice[at]);
  }

  /** Those that no cheaper one makes needless; if they are too many, those that promise most. */
  private List<Costed> thin(List<Costed> all, int at) {
    List<Costed> kept = new ArrayList<>();
    Envelope cheaper = new Envelope(top);
    for (int i : byPrice(all)) {
      Costed c = all.get(i);
      if (cheaper.raise(c.a, c.g, c.least)) {
        kept.add(c);
      }
    }
    if (kept.size() > keptMost) {
      kept.sort(Comparator.comparingDouble(c -> least(c, at)));
      return new ArrayList<>(kept.subList(0, keptMost));
    }
    return kept;
  }

  /** Their places in the list, cheapest first; by numbers alone, which is most of the time. */
  private static int[] byPrice(List<Costed> all) {
    int bits = 32 - Integer.numberOfLeadingZeros(all.size());
    long[] keys = new long[all.size()];
    for (int i = 0; i < keys.length; i++) {
      long price = Double.doubleToRawLongBits(all.get(i).price);
      // The bits of numbers above 0 stand in the order of their values, those below the other way.
      keys[i] = (((price ^ ((price >> 63) & Long.MAX_VALUE)) >> bits) << bits) | i;
    }
    Arrays.sort(keys);
    int[] order = new int[keys.length];
    for (int i = 0; i < order.length; i++) {
      order[i] = (int) (keys[i] & ((1L << bits) - 1));
    }
    return order;
  }

  /** Of the ways at one pixel those that no other beats in every respect, cheapest first. */
  private static List<Way> sensible(List<Way> all) {
    List<Way> sorted = new ArrayList<>(all);
    sorted.sort(Comparator.comparingDouble(Way::price).thenComparingDouble(Way::ohms));
    List<Way> kept = new ArrayList<>();
    for (Way w : sorted) {
      boolean beaten = w.ampsMax() <= 0;
      for (int k = 0; k < kept.size() && !beaten; k++) {
        Way q = kept.get(k);
        beaten =
            q.ohms() <= w.ohms()
                && q.ampsMax() >= w.ampsMax()
                && q.sourceVolts() >= w.sourceVolts();
      }
      if (!beaten) {
        kept.add(w);
      }
    }
    return kept;
  }

  /** Ways by pixel for {@link #find}: the sensible ones of each pixel, cheapest first. */
  public static NavigableMap<Integer, List<Way>> byPixel(Map<Integer, List<Way>> ways) {
    NavigableMap<Integer, List<Way>> map = new TreeMap<>();
    ways.forEach(
        (at, list) -> {
          List<Way> good = sensible(list);
          if (!good.isEmpty()) {
            map.put(at, good);
          }
        });
    return map;
  }
}
