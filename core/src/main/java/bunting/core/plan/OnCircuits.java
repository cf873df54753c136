package bunting.core.plan;

import bunting.core.assess.Consequence;
import bunting.core.assess.OtherReading;
import bunting.core.assess.SupplyReading;
import bunting.core.mains.CircuitPlanner;
import bunting.core.mains.Outlets;
import bunting.core.power.PowerPlanner;
import bunting.core.show.Circuit;
import bunting.core.show.Decisions;
import bunting.core.show.MainsDevice;
import bunting.core.show.OtherDecisions;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Supply;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** Supplies and chains of bulb strings on the show's circuits, at the most that can be sent. */
final class OnCircuits {
  private final Show show;
  private final List<CircuitPlanner.Load> loads = new ArrayList<>();
  private final Map<String, String> before = new TreeMap<>();

  /**
   * For what the supplies and chains draw.
   *
   * @param plan an earlier plan, whose supplies stay on their circuits
   */
  OnCircuits(Show show, Consequence worst, Optional<Decisions> plan) {
    this.show = show;
    plan.ifPresent(this::note);
    for (SupplyReading s : worst.supplies()) {
      double voltAmps = s.type().voltAmps(s.loadWatts());
      Optional<Point> at = Optional.of(s.supply().at());
      loads.add(new CircuitPlanner.Load(s.supply().id(), voltAmps, Optional.empty(), at));
    }
    for (OtherReading.Chain c : worst.others().chains()) {
      double voltAmps = c.amps() * show.settings().mainsVolts();
      Optional<Point> at = Optional.of(c.strings().getFirst().at());
      loads.add(new CircuitPlanner.Load(c.chain().id(), voltAmps, c.chain().circuit(), at));
    }
    for (MainsDevice d : show.mains().devices()) {
      loads.add(new CircuitPlanner.Load(device(d.id()), d.voltAmps(), d.circuit(), d.at()));
    }
  }

  private void note(Decisions plan) {
    plan.supplies().forEach(s -> s.circuit().ifPresent(c -> before.put(s.id(), c)));
    plan.others().chains().forEach(c -> c.circuit().ifPresent(on -> before.put(c.id(), on)));
    plan.others().devices().forEach((id, c) -> before.put(device(id), c));
  }

  /** All on the circuits that they were on; else all but one; else all anew. */
  private Map<String, String> assigned(List<Circuit> circuits) {
    Set<String> there = circuits.stream().map(Circuit::id).collect(Collectors.toSet());
    Map<String, String> kept = new TreeMap<>(before);
    kept.values().retainAll(there);
    List<String> free = new ArrayList<>(List.of(""));
    loads.stream().map(CircuitPlanner.Load::key).filter(kept::containsKey).forEach(free::add);
    for (String one : free) {
      List<CircuitPlanner.Load> fixed =
          loads.stream()
              .map(
                  l ->
                      l.fixed().isPresent() || l.key().equals(one) || !kept.containsKey(l.key())
                          ? l
                          : new CircuitPlanner.Load(
                              l.key(), l.voltAmps(), Optional.of(kept.get(l.key())), l.at()))
              .toList();
      Map<String, String> on = CircuitPlanner.assign(fixed, circuits, Outlets.byCircuit(show));
      if (free.size() == 1 || on.size() == loads.size()) {
        return on;
      }
    }
    return CircuitPlanner.assign(loads, circuits, Outlets.byCircuit(show));
  }

  /** The decisions with all of them on circuits, as far as there is a way. */
  Decisions hang(Decisions dry) {
    if (show.circuits().isEmpty()) {
      return dry;
    }
    Map<String, String> on = assigned(show.circuits().get());
    Map<String, String> devices = new TreeMap<>();
    for (MainsDevice d : show.mains().devices()) {
      String circuit = on.get(device(d.id()));
      if (circuit != null) {
        devices.put(d.id(), circuit);
      }
    }
    return dry.with(
        dry.supplies().stream()
            .map(s -> new Supply(s.id(), s.type(), s.at(), Optional.ofNullable(on.get(s.id()))))
            .toList(),
        new OtherDecisions(
            dry.others().dimmers(),
            dry.others().outputs(),
            dry.others().chains().stream()
                .map(
                    c ->
                        new OtherDecisions.Chain(
                            c.id(), c.strings(), c.outlet(), Optional.ofNullable(on.get(c.id()))))
                .toList(),
            devices));
  }

  /** A device may have the name of a supply. */
  private static String device(String id) {
    return "device " + id;
  }

  /** How many supplies and chains have no circuit. */
  static long off(Decisions d) {
    return d.supplies().stream().filter(s -> s.circuit().isEmpty()).count()
        + d.others().chains().stream().filter(c -> c.circuit().isEmpty()).count();
  }

  /** All but these supplies, with the circuit that each must be on. */
  List<PowerPlanner.Other> others(Set<String> but) {
    return loads.stream()
        .filter(l -> !but.contains(l.key()))
        .map(l -> new PowerPlanner.Other(l.voltAmps(), l.fixed()))
        .toList();
  }
}
