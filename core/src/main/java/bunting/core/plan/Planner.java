package bunting.core.plan;

import bunting.core.addressing.KeptAddresses;
import bunting.core.addressing.UniverseCount;
import bunting.core.assess.Reading;
import bunting.core.cost.BuildCost;
import bunting.core.cost.Shelf;
import bunting.core.loads.BulbPlanner;
import bunting.core.loads.SetPlanner;
import bunting.core.ports.Allotment;
import bunting.core.ports.PortPlanner;
import bunting.core.ports.PortRepair;
import bunting.core.ports.SearchWatch;
import bunting.core.ports.UniverseRoom;
import bunting.core.power.PowerPlan;
import bunting.core.power.PowerPlanner;
import bunting.core.power.WiringPrice;
import bunting.core.show.Accepted;
import bunting.core.show.Addresses;
import bunting.core.show.Decisions;
import bunting.core.show.Goal;
import bunting.core.show.Input;
import bunting.core.show.OtherDecisions;
import bunting.core.show.PixelType;
import bunting.core.show.PortReport;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Supply;
import bunting.core.show.Unplaced;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * Proposes all decisions of a show: ports first, then power, then mains. A show that has a plan
 * keeps it: only what no longer fits is changed ({@link PortRepair}, {@link PowerPlanner}). Where a
 * run cannot be powered from the box that it was put on, another box is tried, and when none is
 * left the run is given back as unplaced with what it lacked.
 */
public final class Planner {
  /** After so many rounds a run that still has no power is given back at once. */
  private static final int ROUNDS_OF_OTHER_BOXES = 12;

  /** A smaller show gets exact feeds at once: one that is moved and released is where it was. */
  private static final long NEAR_FROM_PIXELS = 5_000;

  private final Show show;
  private final Optional<SearchWatch> search;
  private final boolean near;
  private final SearchWatch watch;
  private final Optional<Accepted> plan;
  private final Optional<Allotment> ports;
  private final Set<String> anew;
  private final Map<String, Run> runs = new HashMap<>();
  private final Map<String, Unplaced> powerless = new LinkedHashMap<>();
  private final Set<PortPlanner.Forbidden> forbidden = new HashSet<>();

  private Planner(Show show, Optional<SearchWatch> search, boolean near, SearchWatch watch) {
    this(show, search, near, watch, Optional.empty(), Set.of());
  }

  private Planner(
      Show show,
      Optional<SearchWatch> search,
      boolean near,
      SearchWatch watch,
      Optional<Allotment> ports,
      Set<String> anew) {
    this.show = show;
    this.search = search;
    this.near = near;
    this.watch = watch;
    this.ports = ports;
    this.anew = anew;
    this.plan = Keeping.fitted(show);
    show.runs().forEach(r -> runs.put(r.name(), r));
  }

  /**
   * A proposal for the show. Deterministic; honours pins; what does not fit is in {@link
   * Decisions#unplaced()}.
   */
  public static Decisions propose(Show show) {
    return propose(show, SearchWatch.NOBODY);
  }

  /**
   * The same, watched; stopped, it is the best so far.
   *
   * @see PortPlanner
   */
  public static Decisions propose(Show show, SearchWatch watch) {
    return new Planner(show, Optional.of(watch), false, SearchWatch.NOBODY).run().orElseThrow();
  }

  /**
   * Returns the plan of a show with these ports. Where the show has a plan, names, slots, circuits
   * and what is not to be wired anew stay as they are in it.
   *
   * @param anew runs whose feeds are chosen anew
   * @return empty: a run cannot be powered from there
   */
  public static Optional<Decisions> onPorts(Show show, Allotment ports, Set<String> anew) {
    return new Planner(show, Optional.empty(), false, SearchWatch.NOBODY, Optional.of(ports), anew)
        .run();
  }

  /** The first fits alone: right, at once, and perhaps not the best. */
  public static Decisions sketch(Show show) {
    return new Planner(show, Optional.empty(), false, SearchWatch.NOBODY).run().orElseThrow();
  }

  /**
   * Returns the first fits for a window that is waiting: of a large show without a plan with feeds
   * near the optimum, which a search improves.
   *
   * @param watch told how many controllers have their feeds; it cannot stop anything
   */
  public static Decisions sketch(Show show, SearchWatch watch) {
    return new Planner(show, Optional.empty(), true, watch).run().orElseThrow();
  }

  /** Empty only where the ports are given. */
  private Optional<Decisions> run() {
    UniverseRoom universes =
        before().map(b -> KeptAddresses.room(show, b)).orElseGet(() -> new UniverseCount(show));
    WiringPrice wiring = new WiringPrice(show);
    for (int round = 0; ; round++) {
      PortPlanner.Allotted allotted = allotted(universes, wiring);
      Allotment allotment = allotted.allotment();
      PowerPlan power = PowerPlanner.plan(task(allotment));
      if (power.failures().isEmpty()) {
        return Optional.of(Accounting.settled(show, finished(allotted, power)));
      }
      if (ports.isPresent()) {
        return Optional.empty();
      }
      for (PowerPlan.Failure failure : power.failures()) {
        Run run = runs.get(failure.run());
        if (round < ROUNDS_OF_OTHER_BOXES && hasOtherBox(run, failure.controller())) {
          forbidden.add(new PortPlanner.Forbidden(run.name(), failure.controller()));
        } else {
          powerless.put(
              run.name(),
              new Unplaced(
                  run.name(),
                  "cannot be powered from " + failure.controller() + ": " + failure.lacks(),
                  failure.measured(),
                  failure.allowed(),
                  failure.unit()));
        }
      }
    }
  }

  private PowerPlanner.Task task(Allotment allotment) {
    long pixels = show.runs().stream().mapToLong(Run::pixels).sum();
    boolean waiting = near && plan.isEmpty() && pixels >= NEAR_FROM_PIXELS;
    return new PowerPlanner.Task(show, allotment, plan, anew, waiting, watch);
  }

  private PortPlanner.Allotted allotted(UniverseRoom universes, WiringPrice wiring) {
    return ports
        .or(
            () ->
                plan.map(
                    p ->
                        PortRepair.allot(
                            show, p.decisions(), powerless.keySet(), forbidden, universes, wiring)))
        .map(a -> new PortPlanner.Allotted(a, PortReport.NONE))
        .orElseGet(
            () ->
                PortPlanner.allot(show, powerless.keySet(), forbidden, universes, wiring, search));
  }

  private boolean hasOtherBox(Run run, String controller) {
    if (run.pin().isPresent() || show.controllers().isEmpty()) {
      return false;
    }
    PixelType type = show.catalogue().pixelTypesById().get(run.type());
    var kinds = show.catalogue().controllerTypesById();
    return show.controllers().get().stream()
        .filter(c -> !c.id().equals(controller) && kinds.get(c.type()).takes(type.volts()))
        .anyMatch(c -> !forbidden.contains(new PortPlanner.Forbidden(run.name(), c.id())));
  }

  private Decisions decisions(PortPlanner.Allotted allotted, PowerPlan power) {
    Allotment allotment = allotted.allotment();
    Map<String, Integer> order = new HashMap<>();
    show.runs().forEach(r -> order.put(r.name(), order.size()));
    List<Unplaced> unplaced = new ArrayList<>(allotment.unplaced());
    unplaced.addAll(powerless.values());
    unplaced.sort(Comparator.comparingInt(u -> order.get(u.run())));
    Shelf owned = Shelf.supplies(show.allotting().planning());
    power.supplies().forEach(s -> owned.take(s.type()));
    Optional<Decisions> before = plan.map(Accepted::decisions);
    SetPlanner.Plan sets = SetPlanner.plan(show, before, owned, supplyNames(power));
    BulbPlanner.Plan bulbs = BulbPlanner.plan(show, before);
    unplaced.addAll(sets.unplaced());
    unplaced.addAll(bulbs.unplaced());
    List<Supply> supplies = new ArrayList<>(power.supplies());
    supplies.addAll(sets.supplies());
    List<Input> inputs = new ArrayList<>(power.inputs());
    inputs.addAll(sets.inputs());
    return new Decisions(
        power.controllers(),
        power.segments(),
        power.feeds(),
        power.trunks(),
        power.breaks(),
        supplies,
        inputs,
        unplaced,
        PortPlanner.controllersLowerBound(show, allotment, search.isPresent() && plan.isEmpty()),
        new OtherDecisions(sets.dimmers(), sets.outputs(), bulbs.chains()),
        allotted.report(),
        Optional.empty());
  }

  /** Names for supplies of PWM boards: what the board's had, else the next that is free. */
  private UnaryOperator<String> supplyNames(PowerPlan power) {
    Set<String> taken = power.supplies().stream().map(Supply::id).collect(Collectors.toSet());
    Map<String, String> had = new HashMap<>();
    plan.ifPresent(p -> p.decisions().others().dimmers().forEach(d -> had.put(d.id(), d.supply())));
    return board -> {
      String id = had.getOrDefault(board, "");
      int next = 0;
      while (id.isEmpty() || !taken.add(id)) {
        id = "S" + ++next;
      }
      return id;
    };
  }

  /** The addresses of the plan that the show has. */
  private Optional<Addresses> before() {
    Addresses none = new Addresses(List.of(), Map.of());
    return plan.map(p -> p.decisions().addresses().orElse(none));
  }

  /** With the addresses of the plan that the show has, as far as they can be kept. */
  private Decisions addressed(Decisions now) {
    return before()
        .map(before -> now.withAddresses(KeptAddresses.of(show, now, before)))
        .orElse(now);
  }

  /** The plan that the show has, with all that is known of it, where nothing of it had to give. */
  private Decisions kept(Decisions now) {
    return plan.map(Accepted::decisions)
        .filter(was -> runsOf(was.unplaced()).equals(runsOf(now.unplaced())))
        .filter(
            was ->
                now.with(was.report())
                    .withBound(was.controllersLowerBound())
                    .withUnplaced(was.unplaced())
                    .equals(was))
        .orElse(now);
  }

  private static List<String> runsOf(List<Unplaced> unplaced) {
    return unplaced.stream().map(Unplaced::run).toList();
  }

  /** Priced as it is wired, and on circuits: with supplies chosen for those where need be. */
  private Decisions finished(PortPlanner.Allotted allotted, PowerPlan power) {
    Hung first = hung(decisions(allotted, power));
    if (first.off() == 0 || power.supplies().isEmpty()) {
      return first.decisions();
    }
    Set<String> pixels = power.supplies().stream().map(Supply::id).collect(Collectors.toSet());
    PowerPlan fitted =
        PowerPlanner.plan(
            task(allotted.allotment()),
            show.circuits().orElseThrow(),
            first.mains().others(pixels));
    if (!fitted.failures().isEmpty()) {
      return first.decisions();
    }
    Hung second = hung(decisions(allotted, fitted));
    return second.off() < first.off() ? second.decisions() : first.decisions();
  }

  /** Decisions on circuits, and how many supplies and chains found none. */
  private record Hung(Decisions decisions, OnCircuits mains, long off) {}

  private Hung hung(Decisions dry) {
    Decisions addressed = addressed(dry);
    Reading reading = Reading.of(show, addressed);
    BuildCost build = reading.totals().build();
    // The search knew the price, the cable and its copper nearly.
    Decisions priced =
        addressed.with(
            addressed
                .report()
                .with(Goal.COST, build.total())
                .with(Goal.CABLE, build.metres())
                .with(Goal.FEEDS, dry.feeds().stream().mapToInt(f -> f.viaPort() ? 0 : 1).sum())
                .with(Goal.COPPER, Copper.of(reading).kilograms()));
    OnCircuits mains = new OnCircuits(show, reading.worst(), plan.map(Accepted::decisions));
    Decisions on = mains.hang(priced);
    return new Hung(kept(on), mains, show.circuits().isEmpty() ? 0 : OnCircuits.off(on));
  }
}
