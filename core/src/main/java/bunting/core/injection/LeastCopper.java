package bunting.core.injection;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * With a given number of feeds on a line, the places and sizes of wire that hold the limit with the
 * least copper; of equals the first found from the left.
 *
 * <p><b>Method.</b> The sweep of {@link FeedPlaces}, with the copper so far beside each placing: a
 * placing is needless where another of no more copper does at least as much. Placings whose copper,
 * with the least that the feeds still to come can have, is not below what is known already are
 * dropped, and so are those that not even the thickest wire to all feeds still to come could
 * complete. The last feed is asked at once whether it holds all that lies right of it, so the sweep
 * never carries placings of all feeds. Exact where {@link FeedPlaces} is, for the same reasons.
 *
 * <p><b>Cost.</b> Grows fast with feeds and sizes; beyond {@value #STEPS_MAX} steps it gives up.
 */
public final class LeastCopper {
  private static final long STEPS_MAX = 10_000_000;

  /** Placings without a feed here are asked after so many pixels whether they can be completed. */
  private static final int ASKED_EVERY = 8;

  /** Copper within which two answers are one, mm2 m: a hair. */
  private static final double EQUAL_COPPER = 1e-9;

  private final List<Sites> sizes;
  private final List<double[]> copper;
  private final double limit;
  private final int feeds;
  private final SupplyCurve scale;
  private final List<Sweep> sweeps;
  private double best;
  private Optional<Choice> found = Optional.empty();
  private long steps;

  /** A feed: its pixel index and the index of its size. */
  public record Choice(List<Integer> at, List<Integer> size) {}

  private record Costed(Placing placing, double copper, Choice choice) {}

  private LeastCopper(
      List<Sites> sizes, List<double[]> copper, double limit, int feeds, double known) {
    this.sizes = sizes;
    this.copper = copper;
    this.limit = limit;
    this.feeds = feeds;
    this.best = known;
    Sites one = sizes.getFirst();
    this.scale = SupplyCurve.of(one.line, limit, one.supplyVolts + FeedPlaces.TOP_VOLTS);
    this.sweeps = sizes.stream().map(s -> new Sweep(s, scale, limit, false)).toList();
  }

  /**
   * Looks for less copper than is known.
   *
   * @param sizes the line with each size of wire, alike but for ohms and amps
   * @param copper of a feed of each size at each pixel, any unit
   * @param known copper of a placing that holds; only less is looked for
   * @return the best; empty: there is none with less, or the search was given up
   */
  public static Optional<Choice> find(
      List<Sites> sizes, List<double[]> copper, double limit, int feeds, double known) {
    return new LeastCopper(sizes, copper, limit, feeds, known).run();
  }

  private Optional<Choice> run() {
    Sweep right = new Sweep(sizes.getLast(), scale, limit, true);
    int n = sizes.getFirst().line.size();
    double[] cheapest = cheapestFrom(n);
    Choice none = new Choice(List.of(), List.of());
    List<List<Costed>> now = new ArrayList<>();
    now.add(List.of(new Costed(Placing.bare(scale, limit), 0, none)));
    for (int i = 0; i < n && steps < STEPS_MAX; i++) {
      List<List<Costed>> next = new ArrayList<>();
      for (int k = 0; k < feeds; k++) {
        next.add(new ArrayList<>());
      }
      List<Placing> tails = right.upTo(0, n - 2 - i);
      for (int k = 0; k < now.size(); k++) {
        for (Costed c : now.get(k)) {
          steps++;
          if (!(i == 0 && sizes.getFirst().headFeed)) {
            double more = (feeds - k) * cheapest[Math.min(n - 1, i + 1)];
            Optional<Placing> on = sweeps.getFirst().step(c.placing, i, false);
            boolean asked = i % ASKED_EVERY == 0 && k > 0 && on.isPresent();
            if (!asked || completes(on.get(), right, feeds - k, i)) {
              add(next.get(k), on, c.copper, more, c.choice);
            }
          }
          for (int s = 0; s < sizes.size(); s++) {
            feed(next, c, k, i, s, tails, right, cheapest);
          }
        }
      }
      now = next.stream().map(this::thin).toList();
    }
    return steps < STEPS_MAX ? found : Optional.empty();
  }

  private void feed(
      List<List<Costed>> next,
      Costed c,
      int k,
      int i,
      int s,
      List<Placing> tails,
      Sweep right,
      double[] cheapest) {
    int n = sizes.getFirst().line.size();
    double cost = c.copper + copper.get(s)[i];
    double more = (feeds - k - 1) * cheapest[Math.min(n - 1, i + 1)];
    if (sizes.get(s).feedAmpsMax[i] <= 0 || cost + more >= best - EQUAL_COPPER) {
      return;
    }
    Optional<Placing> placed = sweeps.get(s).step(c.placing, i, true);
    if (placed.isEmpty()) {
      return;
    }
    Choice choice = new Choice(with(c.choice.at, i), with(c.choice.size, s));
    if (k + 1 < feeds) {
      if (completes(placed.get(), right, feeds - k - 1, i)) {
        add(next.get(k + 1), placed, cost, more, choice);
      }
      return;
    }
    if (meets(placed.get(), tails, right, i)) {
      best = cost;
      found = Optional.of(choice);
    }
  }

  /** Whether so many feeds of the thickest wire further right could hold with this. */
  private boolean completes(Placing p, Sweep right, int more, int i) {
    return meets(p, right.upTo(more, sizes.getFirst().line.size() - 2 - i), right, i);
  }

  private boolean meets(Placing p, List<Placing> rest, Sweep right, int i) {
    int n = sizes.getFirst().line.size();
    for (Placing tail : rest) {
      steps++;
      Placing beyond = i == n - 1 ? tail : right.over(tail, n - 2 - i);
      double volts = Math.max(p.least, beyond.least);
      if (volts <= sizes.getFirst().supplyVolts
          && scale.value(p.curve, volts) + scale.value(beyond.curve, volts) >= 0) {
        return true;
      }
    }
    return false;
  }

  private void add(
      List<Costed> to, Optional<Placing> placing, double cost, double more, Choice choice) {
    if (placing.isPresent() && cost + more < best - EQUAL_COPPER) {
      to.add(new Costed(placing.get(), cost, choice));
    }
  }

  private List<Costed> thin(List<Costed> all) {
    List<Costed> sorted = new ArrayList<>(all);
    sorted.sort(Comparator.comparingDouble((Costed c) -> c.copper));
    List<Costed> kept = new ArrayList<>();
    for (Costed c : sorted) {
      boolean needless = false;
      for (int k = 0; k < kept.size() && !needless; k++) {
        steps++;
        needless = Frontier.covers(scale, kept.get(k).placing, c.placing);
      }
      if (!needless) {
        kept.add(c);
      }
    }
    return kept;
  }

  /** The least copper of any feed at a pixel or right of it. */
  private double[] cheapestFrom(int n) {
    double[] least = new double[n];
    for (int i = n - 1; i >= 0; i--) {
      least[i] = i == n - 1 ? Double.MAX_VALUE : least[i + 1];
      for (int s = 0; s < sizes.size(); s++) {
        least[i] =
            sizes.get(s).feedAmpsMax[i] > 0 ? Math.min(least[i], copper.get(s)[i]) : least[i];
      }
    }
    return least;
  }

  private static List<Integer> with(List<Integer> list, int value) {
    List<Integer> longer = new ArrayList<>(list);
    longer.add(value);
    return longer;
  }
}
