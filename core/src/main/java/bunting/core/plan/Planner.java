package bunting.core.plan;

import bunting.core.addressing.UniverseCount;
import bunting.core.assess.Consequence;
import bunting.core.assess.OtherReading;
import bunting.core.assess.Reading;
import bunting.core.loads.BulbPlanner;
import bunting.core.loads.SetPlanner;
import bunting.core.mains.CircuitPlanner;
import bunting.core.ports.Allotment;
import bunting.core.ports.PortPlanner;
import bunting.core.ports.SearchWatch;
import bunting.core.power.PowerPlan;
import bunting.core.power.PowerPlanner;
import bunting.core.power.WiringPrice;
import bunting.core.show.Circuit;
import bunting.core.show.Decisions;
import bunting.core.show.Goal;
import bunting.core.show.Input;
import bunting.core.show.OtherDecisions;
import bunting.core.show.PixelType;
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

/**
 * Proposes all decisions of a show: ports first, then power, then mains. Where a run cannot be
 * powered from the box that it was put on, another box is tried, and when none is left the run is
 * given back as unplaced with what it lacked.
 */
public final class Planner {
  /** After so many rounds a run that still has no power is given back at once. */
  private static final int ROUNDS_OF_OTHER_BOXES = 12;

  private final Show show;
  private final Optional<SearchWatch> search;
  private final Map<String, Run> runs = new HashMap<>();
  private final Map<String, Unplaced> powerless = new LinkedHashMap<>();
  private final Set<PortPlanner.Forbidden> forbidden = new HashSet<>();

  private Planner(Show show, Optional<SearchWatch> search) {
    this.show = show;
    this.search = search;
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
    return new Planner(show, Optional.of(watch)).run();
  }

  /** The first fits alone: right, at once, and perhaps not the best. */
  public static Decisions sketch(Show show) {
    return new Planner(show, Optional.empty()).run();
  }

  private Decisions run() {
    UniverseCount universes = new UniverseCount(show);
    WiringPrice wiring = new WiringPrice(show);
    for (int round = 0; ; round++) {
      PortPlanner.Allotted allotted =
          PortPlanner.allot(show, powerless.keySet(), forbidden, universes, wiring, search);
      Allotment allotment = allotted.allotment();
      PowerPlan power = PowerPlanner.plan(show, allotment);
      if (power.failures().isEmpty()) {
        return priced(withMains(allotted, power));
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
    SetPlanner.Plan sets = SetPlanner.plan(show, power.supplies().size());
    BulbPlanner.Plan bulbs = BulbPlanner.plan(show);
    unplaced.addAll(sets.unplaced());
    unplaced.addAll(bulbs.unplaced());
    List<Supply> supplies = new ArrayList<>(power.supplies());
    supplies.addAll(sets.supplies());
    List<Input> inputs = new ArrayList<>(power.inputs());
    inputs.addAll(sets.inputs());
    Decisions dry =
        new Decisions(
            power.controllers(),
            power.segments(),
            power.feeds(),
            power.breaks(),
            supplies,
            inputs,
            unplaced,
            PortPlanner.controllersLowerBound(show, allotment, search.isPresent()),
            new OtherDecisions(sets.dimmers(), sets.outputs(), bulbs.chains()),
            allotted.report());
    return dry;
  }

  /** With the price and the cable of the plan as it is wired: the search knew them nearly. */
  private Decisions priced(Decisions d) {
    var build = Reading.of(show, d).totals().build();
    return d.with(d.report().with(Goal.COST, build.total()).with(Goal.CABLE, build.metres()));
  }

  /** On circuits; where not all find a place, with supplies that are chosen for the circuits. */
  private Decisions withMains(PortPlanner.Allotted allotted, PowerPlan power) {
    Decisions dry = decisions(allotted, power);
    if (show.circuits().isEmpty()) {
      return dry;
    }
    List<Circuit> circuits = show.circuits().get();
    Decisions first = onCircuits(dry, circuits);
    if (offMains(first) == 0 || power.supplies().isEmpty()) {
      return first;
    }
    PowerPlan fitted =
        PowerPlanner.plan(show, allotted.allotment(), circuits, taken(first, power, circuits));
    if (!fitted.failures().isEmpty()) {
      return first;
    }
    Decisions second = onCircuits(decisions(allotted, fitted), circuits);
    return offMains(second) < offMains(first) ? second : first;
  }

  private static long offMains(Decisions d) {
    return d.supplies().stream().filter(s -> s.circuit().isEmpty()).count()
        + d.others().chains().stream().filter(c -> c.circuit().isEmpty()).count();
  }

  /** Volt-amperes of each circuit that bulb strings and plain sets take. */
  private List<Double> taken(Decisions d, PowerPlan pixels, List<Circuit> circuits) {
    Set<String> own = new HashSet<>();
    pixels.supplies().forEach(s -> own.add(s.id()));
    Consequence worst = Reading.of(show, d).worst();
    List<Double> taken = new ArrayList<>();
    for (Circuit c : circuits) {
      double sum = 0;
      for (var s : worst.supplies()) {
        boolean here = s.supply().circuit().filter(c.id()::equals).isPresent();
        sum +=
            here && !own.contains(s.supply().id())
                ? CircuitPlanner.inputAmps(s.type(), s.loadWatts(), 1)
                : 0;
      }
      for (OtherReading.Chain chain : worst.others().chains()) {
        boolean here = chain.chain().circuit().filter(c.id()::equals).isPresent();
        sum += here ? chain.amps() * show.settings().mainsVolts() : 0;
      }
      taken.add(sum);
    }
    return taken;
  }

  private Decisions onCircuits(Decisions dry, List<Circuit> circuits) {
    Consequence worst = Reading.of(show, dry).worst();
    List<CircuitPlanner.Load> loads = new ArrayList<>();
    worst
        .supplies()
        .forEach(s -> loads.add(CircuitPlanner.Load.of(s.supply().id(), s.type(), s.loadWatts())));
    for (OtherReading.Chain c : worst.others().chains()) {
      double voltAmps = c.amps() * show.settings().mainsVolts();
      loads.add(new CircuitPlanner.Load(c.chain().id(), voltAmps, c.chain().circuit()));
    }
    Map<String, String> circuitOf = CircuitPlanner.assign(loads, circuits);
    List<Supply> supplies =
        dry.supplies().stream()
            .map(
                s ->
                    new Supply(
                        s.id(), s.type(), s.at(), Optional.ofNullable(circuitOf.get(s.id()))))
            .toList();
    List<OtherDecisions.Chain> chains =
        dry.others().chains().stream()
            .map(
                c ->
                    new OtherDecisions.Chain(
                        c.id(),
                        c.strings(),
                        c.outlet(),
                        Optional.ofNullable(circuitOf.get(c.id()))))
            .toList();
    return dry.with(
        supplies, new OtherDecisions(dry.others().dimmers(), dry.others().outputs(), chains));
  }
}
