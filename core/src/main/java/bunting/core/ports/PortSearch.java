package bunting.core.ports;

import bunting.core.show.Goal;
import bunting.core.show.PortReport;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.solve.ExactSolver;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;

/**
 * Several first fits, then the exact search part by part; of all that comes out the best by the
 * show's goals. The best so far is an answer at any time.
 */
final class PortSearch {
  /** So many of the best by nearly right prices are held against each other by right ones. */
  private static final int NEAREST = 4;

  /** With more runs than this the best by the nearly right prices is taken as it is. */
  private static final int RUNS_COMPARED = 20;

  /** So many of all ways to deal few runs are made better by moves. */
  private static final int DEALT = 3;

  /** So often a show of few runs is dealt anew from a little beside the best. */
  private static final int KICKS = 12;

  /** With more runs than this, only the first fits that differ most are tried. */
  private static final int RUNS_FOR_ALL_FITS = 1_000;

  /** So many pixels are wired for trial at an effort of 1: some seconds. */
  private static final double PIXELS_WIRED = 4e5;

  private final Show show;
  private final Set<String> excluded;
  private final Set<PortPlanner.Forbidden> forbidden;
  private final UniverseRoom universes;
  private final Optional<SearchWatch> search;
  private final PlanPrice wiring;
  private final Prices prices;
  private final Set<String> held;
  private final List<Allotment> fits = new ArrayList<>();
  private final Tidying tidying;
  private final PartSearch exact;

  PortSearch(
      Show show,
      Set<String> excluded,
      Set<PortPlanner.Forbidden> forbidden,
      UniverseRoom universes,
      PlanPrice wiring,
      Optional<SearchWatch> search) {
    this.show = show;
    this.excluded = excluded;
    this.forbidden = forbidden;
    this.universes = universes;
    this.search = search;
    this.wiring = wiring;
    this.prices = new Prices(show, wiring);
    this.held = HeldPieces.byRun(show).keySet();
    this.tidying = new Tidying(show, prices, universes, held);
    this.exact = new PartSearch(show, excluded, forbidden, universes, prices, held, tidying);
  }

  PortPlanner.Allotted go() {
    Allotment best = firstFits();
    boolean searched = false;
    // Boxes of several volts are dealt by moves: the exact search has one voltage a part.
    if (search.isPresent() && ExactSolver.available() && !LowerBound.mayMix(show)) {
      best = exact.from(patterns(best), search.get());
      searched = true;
    }
    Allotment first = best;
    Allotment found =
        search
            .map(watch -> ofNearest(improved(first, watch), watch))
            .orElseGet(() -> finished(first));
    return new PortPlanner.Allotted(found, report(found, searched));
  }

  /** With fuses loaded evenly and chains in their order, where that is no worse. */
  private Allotment finished(Allotment best) {
    return notWorse(tidying.ordered(notWorse(tidying.evened(best), best)), best);
  }

  /**
   * Of the best by prices that are nearly right, the best by those of the plan; of few runs made
   * better by those too.
   */
  private Allotment ofNearest(List<Allotment> reached, SearchWatch watch) {
    Map<List<List<List<Piece>>>, Allotment> apart = new LinkedHashMap<>();
    for (Allotment one : reached) {
      Allotment done = finished(one);
      apart.putIfAbsent(done.boxes().stream().map(Tidying::chains).toList(), done);
    }
    List<Allotment> nearest =
        apart.values().stream()
            .map(a -> Map.entry(a, Score.of(show, prices, a)))
            .sorted(Map.Entry.comparingByValue())
            .limit(show.runs().size() > RUNS_COMPARED ? 1 : NEAREST)
            .map(Map.Entry::getKey)
            .toList();
    if (nearest.size() == 1 && show.runs().size() > Deal.FEW_RUNS) {
      return nearest.getFirst();
    }
    PlanPrice right = wiring.exactly();
    Prices exact = right == wiring ? prices : new Prices(show, right);
    Allotment best =
        nearest.stream()
            .map(a -> Map.entry(a, Score.of(show, exact, a)))
            .min(Map.Entry.comparingByValue())
            .orElseThrow()
            .getKey();
    if (show.runs().size() > Deal.FEW_RUNS) {
      return best;
    }
    long budget = (long) (PIXELS_WIRED * show.allotting().planning().effort());
    Deal deal = new Deal(show, exact, universes, held, forbidden, watch, budget, best);
    return tidying.tidiest(LocalSearch.improve(deal), best);
  }

  /** The best of the packed ones by boxes and leads alone, and of that and the spread by all. */
  private Allotment firstFits() {
    Prices leads = new Prices(show);
    Allotment packed = null;
    Allotment spread = null;
    for (Preference preference : Preference.values()) {
      boolean many = show.runs().size() > RUNS_FOR_ALL_FITS;
      boolean helps =
          switch (preference) {
            case LIST_ORDER, SPREAD -> true;
            case FILL_UP -> show.mayAddBoxes();
            case SCARCE_FIRST, WHOLE_FIRST, SINGLY -> !many;
          };
      if (helps) {
        Allotment raw = new AllotmentRun(show, excluded, forbidden, universes, preference).go();
        Allotment tidy = tidying.tidied(raw);
        // In another order boxes begin elsewhere, and may need a universe more.
        Allotment next = universes.fits(tidy.boxes()) ? tidy : raw;
        fits.add(next);
        if (preference == Preference.SPREAD) {
          spread = next;
        } else if (packed == null
            || Score.of(show, leads, next).compareTo(Score.of(show, leads, packed)) < 0) {
          packed = next;
        }
      }
    }
    Allotment one = java.util.Objects.requireNonNull(packed);
    Allotment other = java.util.Objects.requireNonNull(spread);
    return Score.better(show, prices, one, other) ? one : other;
  }

  private Allotment patterns(Allotment start) {
    Allotment best = start;
    if (show.mayAddBoxes()) {
      var patterns = new PatternStart(show, b -> !prices.isGiven(b.controller()));
      for (Allotment raw : patterns.from(start)) {
        Allotment next = tidying.tidied(raw);
        if (universes.fits(next.boxes()) && Score.better(show, prices, next, best)) {
          best = next;
        }
      }
    }
    return best;
  }

  /**
   * Made better by moves; of few runs from several beginnings, since moves end in a dip.
   *
   * @return all that was reached, and the beginning
   */
  private List<Allotment> improved(Allotment start, SearchWatch watch) {
    double effort = show.allotting().planning().effort();
    long budget = (long) (PIXELS_WIRED * effort);
    watch.step(1, 1, "places for " + Texts.count(show.runs().size(), "run", "runs"));
    List<Allotment> starts = new ArrayList<>(List.of(start));
    if (show.runs().size() <= Deal.FEW_RUNS) {
      starts.addAll(fits);
      starts.addAll(EveryDeal.best(deal(start, budget, watch), DEALT));
    }
    List<Allotment> reached = new ArrayList<>(List.of(start));
    Allotment best = start;
    for (Allotment from : starts) {
      Allotment next = tidying.tidiest(LocalSearch.improve(deal(from, budget, watch)), best);
      reached.add(next);
      best = notWorse(next, best);
    }
    if (show.runs().size() <= Deal.FEW_RUNS) {
      Random random = new Random(KICKS);
      for (int i = 0; i < KICKS && !watch.stopped(); i++) {
        Allotment next =
            tidying.tidiest(LocalSearch.kicked(deal(best, budget, watch), random), best);
        reached.add(next);
        best = notWorse(next, best);
      }
    }
    return reached;
  }

  private Deal deal(Allotment from, long budget, SearchWatch watch) {
    return new Deal(show, prices, universes, held, forbidden, watch, budget, from);
  }

  private Allotment notWorse(Allotment one, Allotment other) {
    return Score.of(show, prices, one).compareTo(Score.of(show, prices, other)) <= 0 ? one : other;
  }

  private PortReport report(Allotment best, boolean searched) {
    Score score = Score.of(show, prices, best);
    List<PortReport.Reached> reached = new ArrayList<>();
    List<Goal> goals = show.allotting().planning().goals();
    boolean known = best.unplaced().isEmpty();
    for (int i = 0; i < goals.size(); i++) {
      Goal goal = goals.get(i);
      double value = score.goals().get(i);
      OptionalDouble bound = OptionalDouble.empty();
      if (goal == Goal.BOXES) {
        bound = OptionalDouble.of(LowerBound.used(show, best.boxes(), searched));
      }
      if (known && exact.bounds().containsKey(goal)) {
        bound = OptionalDouble.of(Math.max(exact.bounds().get(goal), bound.orElse(0)));
      }
      if (value == 0) {
        bound = OptionalDouble.of(0);
      }
      PortReport.Reached one = new PortReport.Reached(goal, value, bound);
      reached.add(one);
      // What is proven of later goals holds only where this one is as good as can be.
      known &= one.proven();
    }
    boolean stopped = search.map(SearchWatch::stopped).orElse(false);
    return new PortReport(
        reached,
        searched,
        exact.parts(),
        exact.answered(),
        stopped,
        search.flatMap(s -> ExactSolver.problem()));
  }
}
