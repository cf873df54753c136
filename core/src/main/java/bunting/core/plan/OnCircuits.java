package bunting.core.plan;

import bunting.core.assess.Consequence;
import bunting.core.assess.OtherReading;
import bunting.core.assess.SupplyReading;
import bunting.core.mains.CircuitPlanner;
import bunting.core.mains.Outlets;
import bunting.core.power.PowerPlanner;
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

/** Supplies and chains of bulb strings on the show's circuits, at the most that can be sent. */
final class OnCircuits {
  private final Show show;
  private final List<CircuitPlanner.Load> loads = new ArrayList<>();

  /** For what the supplies and chains draw. */
  OnCircuits(Show show, Consequence worst) {
    this.show = show;
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

  /** The decisions with all of them on circuits, as far as there is a way. */
  Decisions hang(Decisions dry) {
    if (show.circuits().isEmpty()) {
      return dry;
    }
    Map<String, String> on =
        CircuitPlanner.assign(loads, show.circuits().get(), Outlets.byCircuit(show));
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
