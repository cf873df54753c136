package bunting.core.ports;

import bunting.core.show.Controller;
import bunting.core.show.Goal;
import bunting.core.show.PortReport;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.Unplaced;
import bunting.core.solve.ExactSolver;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
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

  /** With more parts than this, each gets less effort, and none is tried twice. */
  private static final int PARTS_AT_FULL_EFFORT = 8;

  /** So many pixels are wired for trial at an effort of 1: some seconds. */
  private static final double PIXELS_WIRED = 4e5;

  private static final boolean[] BOTH_WAYS = {false, true};
  private static final boolean[] CAREFULLY = {true};

  private final Show show;
  private final Set<String> excluded;
  private final Set<PortPlanner.Forbidden> forbidden;
  private final UniverseRoom universes;
  private final Optional<SearchWatch> search;
  private final PlanPrice wiring;
  private final Prices prices;
  private final Set<String> held;
  private final Map<Goal, Double> bounds = new EnumMap<>(Goal.class);
  private final List<Allotment> fits = new ArrayList<>();
  private int parts;
  private int answered;

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
  }

  PortPlanner.Allotted go() {
    Allotment best = firstFits();
    boolean searched = false;
    if (search.isPresent() && ExactSolver.available()) {
      best = searched(patterns(best), search.get());
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
    return notWorse(ordered(notWorse(evened(best), best)), best);
  }

  /**
   * Of the best by prices that are nearly right, the best by those of the plan; of few runs made
   * better by those too.
   */
  private Allotment ofNearest(List<Allotment> reached, SearchWatch watch) {
    Map<List<List<List<Piece>>>, Allotment> apart = new LinkedHashMap<>();
    for (Allotment one : reached) {
      Allotment done = finished(one);
      apart.putIfAbsent(done.boxes().stream().map(PortSearch::chains).toList(), done);
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
    return tidiest(LocalSearch.improve(deal), best);
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
        Allotment tidy = tidied(raw);
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
    return better(one, other) ? one : other;
  }

  private Allotment patterns(Allotment start) {
    Allotment best = start;
    if (show.mayAddBoxes()) {
      var patterns = new PatternStart(show, b -> !prices.isGiven(b.controller()));
      for (Allotment raw : patterns.from(start)) {
        Allotment next = tidied(raw);
        if (universes.fits(next.boxes()) && better(next, best)) {
          best = next;
        }
      }
    }
    return best;
  }

  /** With the chains of each box in their order, where the universes still suffice for that. */
  private Allotment ordered(Allotment best) {
    List<BoxLoad> boxes = new ArrayList<>(best.boxes());
    for (int b = 0; b < boxes.size(); b++) {
      BoxLoad before = boxes.get(b);
      BoxLoad after = PortFill.copy(before);
      ChainOrder.arrange(after, held);
      if (chains(after).equals(chains(before))) {
        continue;
      }
      boxes.set(b, after);
      if (!universes.fits(boxes)) {
        boxes.set(b, before);
      }
    }
    return new Allotment(boxes, best.unplaced());
  }

  private static List<List<Piece>> chains(BoxLoad box) {
    return box.ports().stream().map(PortLoad::pieces).toList();
  }

  private Allotment evened(Allotment best) {
    List<BoxLoad> even = best.boxes().stream().map(b -> EvenFuses.of(show, b, held)).toList();
    return universes.fits(even) ? new Allotment(even, best.unplaced()) : best;
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
      Allotment next = tidiest(LocalSearch.improve(deal(from, budget, watch)), best);
      reached.add(next);
      best = notWorse(next, best);
    }
    if (show.runs().size() <= Deal.FEW_RUNS) {
      Random random = new Random(KICKS);
      for (int i = 0; i < KICKS && !watch.stopped(); i++) {
        Allotment next = tidiest(LocalSearch.kicked(deal(best, budget, watch), random), best);
        reached.add(next);
        best = notWorse(next, best);
      }
    }
    return reached;
  }

  private Deal deal(Allotment from, long budget, SearchWatch watch) {
    return new Deal(show, prices, universes, held, forbidden, watch, budget, from);
  }

  /** With its boxes in order where the universes suffice for that; else another. */
  private Allotment tidiest(Allotment raw, Allotment otherwise) {
    // In another order boxes begin elsewhere, and may need a universe more.
    for (Allotment next : List.of(tidied(raw, true), tidied(raw, false))) {
      if (universes.fits(next.boxes())) {
        return next;
      }
    }
    return otherwise;
  }

  private Allotment notWorse(Allotment one, Allotment other) {
    return Score.of(show, prices, one).compareTo(Score.of(show, prices, other)) <= 0 ? one : other;
  }

  private boolean better(Allotment one, Allotment other) {
    return Score.of(show, prices, one).compareTo(Score.of(show, prices, other)) < 0;
  }

  /** Without added boxes that stayed empty, the others named in the order of their first runs. */
  private Allotment tidied(Allotment raw) {
    return tidied(raw, true);
  }

  /** The same; in the order of their first runs, or as they stand. */
  private Allotment tidied(Allotment raw, boolean inOrder) {
    Map<String, Integer> order = new HashMap<>();
    show.runs().forEach(r -> order.put(r.name(), order.size()));
    List<BoxLoad> boxes = new ArrayList<>();
    List<BoxLoad> fresh = new ArrayList<>();
    for (BoxLoad box : raw.boxes()) {
      if (prices.isGiven(box.controller())) {
        boxes.add(box);
      } else if (!box.isEmpty()) {
        fresh.add(box);
      }
    }
    if (inOrder) {
      fresh.sort(Comparator.comparingInt(b -> firstRun(b, order)));
    }
    Set<String> taken = new HashSet<>();
    boxes.forEach(b -> taken.add(b.controller().id()));
    int n = 0;
    for (BoxLoad box : fresh) {
      do {
        n++;
      } while (taken.contains("C" + n));
      Controller old = box.controller();
      boolean same = old.id().equals("C" + n);
      boxes.add(same ? box : box.renamed(new Controller("C" + n, old.type(), old.x(), old.y())));
    }
    return new Allotment(boxes, raw.unplaced());
  }

  private static int firstRun(BoxLoad box, Map<String, Integer> order) {
    return box.ports().stream()
        .flatMap(p -> p.pieces().stream())
        .mapToInt(p -> order.getOrDefault(p.run().name(), Integer.MAX_VALUE))
        .min()
        .orElse(Integer.MAX_VALUE);
  }

  private Allotment searched(Allotment start, SearchWatch watch) {
    List<Run> free = new ArrayList<>();
    Set<String> staying = new HashSet<>(held);
    show.runs().stream().filter(r -> r.pin().isPresent()).forEach(r -> staying.add(r.name()));
    for (Run run : show.runs()) {
      if (!staying.contains(run.name()) && !excluded.contains(run.name())) {
        free.add(run);
      }
    }
    List<BoxLoad> given =
        start.boxes().stream()
            .filter(b -> prices.isGiven(b.controller()))
            .map(b -> only(b, staying))
            .toList();
    List<Parts.Part> parts = new Parts(show, forbidden).of(free, given);
    Set<Integer> asked = new HashSet<>();
    Set<Integer> replied = new HashSet<>();
    boolean whole = parts.stream().allMatch(Parts.Part::whole);
    int dealt = parts.stream().mapToInt(p -> p.runs().size()).sum();
    Allotment best = start;
    double effort =
        Math.min(
            show.allotting().planning().effort(),
            PARTS_AT_FULL_EFFORT * show.allotting().planning().effort() / parts.size());
    boolean[] ways = parts.size() > PARTS_AT_FULL_EFFORT ? CAREFULLY : BOTH_WAYS;
    for (boolean carefully : ways) {
      Allotment all = start;
      for (int i = 0; i < parts.size() && !watch.stopped(); i++) {
        Parts.Part part = parts.get(i);
        watch.step(
            i + 1, parts.size(), "boxes for " + Texts.count(part.runs().size(), "run", "runs"));
        Optional<BoxSearch.Found> found = search(all, part, watch).go(carefully, effort);
        asked.add(i);
        if (found.isPresent()) {
          replied.add(i);
        }
        if (!carefully) {
          found.ifPresent(f -> f.bounds().forEach((g, b) -> bounds.merge(g, b, Double::sum)));
        }
        // Carefully, a part is taken over even where it is no better: one that is filled to the
        // brim keeps the others from beginning elsewhere.
        Allotment before = all;
        all =
            found
                .flatMap(f -> with(before, part, f))
                .filter(a -> carefully || better(a, before))
                .orElse(all);
        best = better(all, best) && universes.fits(all.boxes()) ? all : best;
        Allotment alone = best;
        best =
            found
                .flatMap(f -> with(alone, part, f))
                .filter(a -> better(a, alone) && universes.fits(a.boxes()))
                .orElse(best);
      }
      if (universes.fits(all.boxes())) {
        break;
      }
    }
    this.parts = asked.size();
    this.answered = replied.size();
    // The deal divides no run between boxes, and prices each by itself: that bounds neither plans
    // that divide one, nor the price of any.
    boolean mayDivide = free.stream().anyMatch(Run::split);
    if (!whole || dealt < free.size() || mayDivide || answered < asked.size()) {
      bounds.clear();
    }
    bounds.keySet().removeIf(g -> g == Goal.COST || g == Goal.CABLE);
    return best;
  }

  private BoxSearch search(Allotment from, Parts.Part part, SearchWatch watch) {
    return new BoxSearch(
        show,
        prices,
        part.runs(),
        part.boxes(),
        part.allowed(),
        watch,
        (one, other) -> judged(from, part, one, other),
        hint(from, part));
  }

  private boolean judged(
      Allotment best, Parts.Part part, BoxSearch.Found one, BoxSearch.Found other) {
    Optional<Allotment> a = with(best, part, one);
    Optional<Allotment> b = with(best, part, other);
    return a.isPresent() && (b.isEmpty() || better(a.get(), b.get()));
  }

  /** The deal as the best allotment has it, where each run lies on one box. */
  private static Optional<boolean[][]> hint(Allotment best, Parts.Part part) {
    boolean[][] deal = new boolean[part.runs().size()][part.boxes().size()];
    Set<Integer> taken = new HashSet<>();
    for (BoxLoad box : best.boxes()) {
      int match = -1;
      for (int b = 0; b < part.boxes().size() && match < 0; b++) {
        Controller c = part.boxes().get(b).controller();
        boolean same =
            c.id().equals(box.controller().id())
                || (c.id().startsWith("+")
                    && c.type().equals(box.type().id())
                    && c.at().equals(box.controller().at()));
        match = same && !taken.contains(b) ? b : -1;
      }
      if (match >= 0) {
        taken.add(match);
        for (PortLoad port : box.ports()) {
          for (Piece p : port.pieces()) {
            int r = part.runs().indexOf(p.run());
            if (r >= 0) {
              deal[r][match] = true;
            }
          }
        }
      }
    }
    return Optional.of(deal);
  }

  private Optional<Allotment> with(Allotment best, Parts.Part part, BoxSearch.Found found) {
    Set<String> own = new HashSet<>();
    part.runs().forEach(r -> own.add(r.name()));
    Map<String, BoxLoad> filled = new HashMap<>();
    found.boxes().forEach(b -> filled.put(b.controller().id(), b));
    List<BoxLoad> boxes = new ArrayList<>();
    for (BoxLoad box : best.boxes()) {
      BoxLoad now = filled.remove(box.controller().id());
      if (now != null) {
        boxes.add(now);
      } else if (box.ports().stream()
          .flatMap(p -> p.pieces().stream())
          .anyMatch(p -> own.contains(p.run().name()))) {
        BoxLoad rest = PortFill.copy(box);
        own.forEach(rest::removeRun);
        boxes.add(rest);
      } else {
        boxes.add(box); // the same, so that it is not wired again
      }
    }
    found.boxes().stream().filter(b -> filled.containsKey(b.controller().id())).forEach(boxes::add);
    Set<String> left = new HashSet<>();
    found.left().forEach(r -> left.add(r.name()));
    List<Unplaced> unplaced = new ArrayList<>();
    for (Unplaced u : best.unplaced()) {
      if (!own.contains(u.run()) || left.remove(u.run())) {
        unplaced.add(u);
      }
    }
    // A run that had a place and now has none makes it no better.
    return left.isEmpty() ? Optional.of(tidied(new Allotment(boxes, unplaced))) : Optional.empty();
  }

  /** The box with nothing but these runs on it. */
  private static BoxLoad only(BoxLoad box, Set<String> staying) {
    BoxLoad copy = PortFill.copy(box);
    Set<String> others = new HashSet<>();
    for (PortLoad port : box.ports()) {
      port.pieces().stream()
          .map(p -> p.run().name())
          .filter(n -> !staying.contains(n))
          .forEach(others::add);
    }
    others.forEach(copy::removeRun);
    return copy;
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
      if (known && bounds.containsKey(goal)) {
        bound = OptionalDouble.of(Math.max(bounds.get(goal), bound.orElse(0)));
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
        reached, searched, parts, answered, stopped, search.flatMap(s -> ExactSolver.problem()));
  }
}
