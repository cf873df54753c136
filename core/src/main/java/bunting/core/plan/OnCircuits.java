package bunting.core.plan;

import bunting.core.assess.Consequence;
import bunting.core.assess.OtherReading;
import bunting.core.mains.CircuitPlanner;
import bunting.core.show.Circuit;
import bunting.core.show.Decisions;
import bunting.core.show.OtherDecisions;
import bunting.core.show.Show;
import bunting.core.show.Supply;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Supplies and chains of bulb strings on the show's circuits, at the most that can be sent. */
final class OnCircuits {
  private final Show show;
  private final List<CircuitPlanner.Load> loads = new ArrayList<>();

  /** For what the supplies and chains draw. */
  OnCircuits(Show show, Consequence worst) {
    this.show = show;
    worst
        .supplies()
        .forEach(s -> loads.add(CircuitPlanner.Load.of(s.supply().id(), s.type(), s.loadWatts())));
    for (OtherReading.Chain c : worst.others().chains()) {
      double voltAmps = c.amps() * show.settings().mainsVolts();
      loads.add(new CircuitPlanner.Load(c.chain().id(), voltAmps, c.chain().circuit()));
    }
  }

  /** The decisions with all of them on circuits, as far as there is a way. */
  Decisions hang(Decisions dry) {
    if (show.circuits().isEmpty()) {
      return dry;
    }
    Map<String, String> on = CircuitPlanner.assign(loads, show.circuits().get());
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
                .toList()));
  }

  /** How many supplies and chains have no circuit. */
  static long off(Decisions d) {
    return d.supplies().stream().filter(s -> s.circuit().isEmpty()).count()
        + d.others().chains().stream().filter(c -> c.circuit().isEmpty()).count();
  }

  /** Volt-amperes of each circuit that all but these supplies take. */
  List<Double> taken(Decisions d, Set<String> but) {
    List<Double> taken = new ArrayList<>();
    for (Circuit circuit : show.circuits().orElse(List.of())) {
      taken.add(
          loads.stream()
              .filter(l -> !but.contains(l.key()))
              .filter(l -> circuitOf(d, l.key()).filter(circuit.id()::equals).isPresent())
              .mapToDouble(CircuitPlanner.Load::voltAmps)
              .sum());
    }
    return taken;
  }

  private static Optional<String> circuitOf(Decisions d, String key) {
    for (Supply s : d.supplies()) {
      if (s.id().equals(key)) {
        return s.circuit();
      }
    }
    return d.others().chains().stream()
        .filter(c -> c.id().equals(key))
        .findFirst()
        .flatMap(OtherDecisions.Chain::circuit);
  }
}
