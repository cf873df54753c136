package bunting.core.propose;

import bunting.core.assess.Reading;
import bunting.core.checks.Severity;
import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.plan.Keeping;
import bunting.core.plan.Kept;
import bunting.core.plan.Planner;
import bunting.core.ports.Likeness;
import bunting.core.ports.PortLayout;
import bunting.core.ports.PortLayout.Outlet;
import bunting.core.ports.SearchWatch;
import bunting.core.show.Decisions;
import bunting.core.show.Feed;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.Unplaced;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * Looks for a better plan beside the accepted one.
 *
 * <p><b>Method.</b> The ports are searched as if no plan had been accepted, then given the names
 * and port numbers of the accepted plan wherever that costs nothing ({@link Likeness}). What
 * differs falls into parts that can be changed over one without the other. From the whole the parts
 * that save nothing are taken back one by one, so that what does not pay does not move. Every step
 * is planned and priced as it would be built.
 *
 * <p><b>Cost.</b> One search, and one plan for each part, {@value #PLANS} at most. <b>Limits.</b>
 * Parts are taken back in one order, not in every combination.
 */
public final class BetterPlan {
  /** So many plans are made to take parts back. */
  private static final int PLANS = 60;

  /** Prices that differ by less are the same. */
  private static final double CENT = 0.01;

  private final Show show;
  private final SearchWatch watch;
  private final Assessment yours;
  private final PortLayout old;
  private int plans;

  private BetterPlan(Show show, Assessment yours, SearchWatch watch) {
    this.show = show;
    this.watch = watch;
    this.yours = yours;
    this.old = PortLayout.of(show, yours.reading().decisions());
  }

  /**
   * Returns the best plan that is found beside the accepted one of a show; a show that has none is
   * planned first. Deterministic unless it is stopped.
   */
  public static Proposal find(Show show, SearchWatch watch) {
    Assessment yours = yours(show, watch);
    return show.accepted().isEmpty()
        ? Proposal.none(yours)
        : new BetterPlan(yours.reading().show(), yours, watch).search();
  }

  /**
   * Returns the plan that a show would have if none had been accepted, pins and issued addresses
   * apart, beside the one that it has.
   */
  public static Proposal afresh(Show show, SearchWatch watch) {
    Assessment yours = yours(show, watch);
    BetterPlan search = new BetterPlan(yours.reading().show(), yours, watch);
    PortLayout found = search.found();
    return search
        .planned(found, all(show), true)
        .map(p -> search.proposal(p, List.of()))
        .orElseGet(() -> Proposal.none(yours));
  }

  /** The accepted plan as the show is now, accepted. */
  private static Assessment yours(Show show, SearchWatch watch) {
    return accepted(Assessor.plan(show, watch));
  }

  private static Assessment accepted(Assessment plan) {
    Show kept = Keeping.accept(plan.reading());
    return Assessor.assess(kept, kept.accepted().orElseThrow().decisions(), plan.reading());
  }

  private PortLayout found() {
    Decisions other = Planner.propose(show.withAccepted(Optional.empty()), watch);
    return Likeness.of(show, PortLayout.of(show, other), old);
  }

  private static Set<String> all(Show show) {
    return show.runs().stream().map(Run::name).collect(Collectors.toSet());
  }

  private Proposal search() {
    PortLayout found = found();
    Optional<Assessment> whole = planned(found, all(show), false);
    if (whole.isEmpty() || watch.stopped()) {
      return Proposal.none(yours);
    }
    Set<Outlet> rewired = rewired(whole.get().reading().decisions());
    List<Set<Outlet>> parts = new ArrayList<>(old.differences(found, rewired, show));
    parts.sort(Comparator.comparingInt((Set<Outlet> p) -> old.runs(p).size()).reversed());
    Assessment best = better(whole.get(), mixed(parts, found).orElse(whole.get()));
    for (Set<Outlet> part : List.copyOf(parts)) {
      List<Set<Outlet>> rest = new ArrayList<>(parts);
      rest.remove(part);
      if (!rest.isEmpty() && plans < PLANS && !watch.stopped()) {
        Optional<Assessment> without = mixed(rest, found);
        if (without.isPresent() && compare(without.get(), best) <= 0) {
          parts = rest;
          best = without.get();
        }
      }
    }
    return compare(best, yours) < 0 ? proposal(best, shares(parts, found)) : Proposal.none(yours);
  }

  private static Assessment better(Assessment one, Assessment other) {
    return compare(one, other) < 0 ? one : other;
  }

  /** Negative: the first places more, stops at less or costs less than the second. */
  private static int compare(Assessment one, Assessment other) {
    int byPlaced = Long.compare(missing(one), missing(other));
    int byStops = Integer.compare(one.count(Severity.STOP), other.count(Severity.STOP));
    double saving = other.reading().totals().buildCost() - one.reading().totals().buildCost();
    int byCost = saving > CENT ? -1 : saving < -CENT ? 1 : 0;
    return byPlaced != 0 ? byPlaced : byStops != 0 ? byStops : byCost;
  }

  private static long missing(Assessment plan) {
    Map<String, Integer> pixels = new HashMap<>();
    plan.reading().show().runs().forEach(r -> pixels.put(r.name(), r.pixels()));
    return plan.reading().decisions().unplaced().stream()
        .map(Unplaced::run)
        .mapToLong(r -> pixels.getOrDefault(r, 1))
        .sum();
  }

  /** The accepted plan with some parts of the other. */
  private Optional<Assessment> mixed(List<Set<Outlet>> parts, PortLayout found) {
    Set<Outlet> ports = new TreeSet<>();
    parts.forEach(ports::addAll);
    Set<String> anew = new TreeSet<>(old.runs(ports));
    anew.addAll(found.runs(ports));
    return planned(old.with(ports, found, show), anew, false);
  }

  /** A plan on these ports, as it stays once it is accepted. */
  private Optional<Assessment> planned(PortLayout ports, Set<String> anew, boolean fromScratch) {
    plans++;
    Show from = fromScratch ? show.withAccepted(show.accepted().map(a -> a.withoutSlots())) : show;
    return Planner.onPorts(from, ports.allotment(show), anew)
        .map(d -> Keeping.accept(Reading.of(show, d, yours.reading())))
        .map(next -> Assessor.assess(next, Planner.propose(next), yours.reading()));
  }

  private Proposal proposal(Assessment other, List<Share> shares) {
    Assessment settled = accepted(other);
    Assessment compared = Assessor.assess(show, settled.reading().decisions(), settled.reading());
    return new Proposal(yours, settled, Kept.of(compared.reading()).orElseThrow(), shares);
  }

  /** Parts that touch the same controllers, together. */
  private List<Share> shares(List<Set<Outlet>> parts, PortLayout found) {
    List<Set<String>> boxes = new ArrayList<>();
    Map<Set<String>, List<Set<Outlet>>> of = new LinkedHashMap<>();
    for (Set<Outlet> part : parts) {
      Set<String> own = part.stream().map(Outlet::controller).collect(Collectors.toSet());
      List<Set<Outlet>> together = new ArrayList<>(List.of(part));
      for (Set<String> other : List.copyOf(boxes)) {
        if (other.stream().anyMatch(own::contains)) {
          own.addAll(other);
          together.addAll(Objects.requireNonNull(of.remove(other)));
          boxes.remove(other);
        }
      }
      boxes.add(own);
      of.put(own, together);
    }
    List<Share> shares = new ArrayList<>();
    for (Set<String> own : boxes) {
      List<Set<Outlet>> together = of.get(own);
      mixed(together, found)
          .map(BetterPlan::accepted)
          .ifPresent(plan -> shares.add(share(own, together, found, plan)));
    }
    shares.sort(
        Comparator.comparingDouble(Share::saving)
            .reversed()
            .thenComparing(s -> s.controllers().getFirst()));
    return shares;
  }

  private Share share(
      Set<String> boxes, List<Set<Outlet>> parts, PortLayout found, Assessment plan) {
    Set<String> runs = new LinkedHashSet<>();
    parts.forEach(p -> runs.addAll(old.runs(p)));
    parts.forEach(p -> runs.addAll(found.runs(p)));
    double saving = yours.reading().totals().buildCost() - plan.reading().totals().buildCost();
    return new Share(
        boxes.stream().sorted().toList(),
        show.runs().stream().map(Run::name).filter(runs::contains).toList(),
        saving,
        plan);
  }

  /** Ports with the same chain that would be fed in another way. */
  private Set<Outlet> rewired(Decisions other) {
    Map<Outlet, Set<String>> before = wiring(yours.reading().decisions());
    Map<Outlet, Set<String>> after = wiring(other);
    Set<Outlet> ports = new TreeSet<>();
    before.forEach(
        (port, wires) -> {
          if (after.containsKey(port) && !after.get(port).equals(wires)) {
            ports.add(port);
          }
        });
    return ports;
  }

  private static Map<Outlet, Set<String>> wiring(Decisions plan) {
    Map<String, Segment> segments = new HashMap<>();
    Map<Outlet, Set<String>> wires = new TreeMap<>();
    for (Segment s : plan.segments()) {
      segments.put(s.id(), s);
      wires
          .computeIfAbsent(new Outlet(s.controller(), s.port()), k -> new TreeSet<>())
          .add(s.run() + " " + s.firstPixel() + " " + s.leadWire() + " " + s.powerFromPrevious());
    }
    for (Feed f : plan.feeds()) {
      Segment s = segments.get(f.segment());
      wires
          .get(new Outlet(s.controller(), s.port()))
          .add(s.run() + " " + f.atPixel() + " " + f.viaPort() + " " + f.wire());
    }
    return wires;
  }
}
