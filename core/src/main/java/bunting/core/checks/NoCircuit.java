package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.mains.CircuitPlanner;
import bunting.core.show.Circuit;
import java.util.List;

/** A supply must hang on a circuit that bears it for hours. */
final class NoCircuit implements Check {
  @Override
  public String code() {
    return "no-circuit";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "A supply must hang on a circuit that bears it for hours.";
  }

  @Override
  public String source() {
    return "breaker x 80 %: NFPA 70 210.20(A), from memory";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    List<Circuit> circuits = reading.show().circuits().orElse(List.of());
    if (reading.show().circuits().isEmpty()) {
      return;
    }
    double volts =
        circuits.isEmpty() ? reading.show().settings().mainsVolts() : circuits.getFirst().volts();
    double most =
        reading.circuits().stream()
            .mapToDouble(c -> CircuitPlanner.usableAmps(c.circuit()) - c.loadAmps())
            .max()
            .orElse(0);
    for (var s : reading.supplies()) {
      if (s.supply().circuit().isEmpty()) {
        double needs = CircuitPlanner.inputAmps(s.type(), s.loadWatts(), volts);
        double left = Math.max(0, most);
        to.report(
            Subject.Kind.SUPPLY,
            s.supply().id(),
            needs,
            left,
            "A",
            "Supply "
                + s.supply().id()
                + " draws "
                + fixed(needs, 2)
                + " A at "
                + number(volts)
                + " V, and the emptiest circuit has "
                + fixed(left, 2)
                + " A left: "
                + fixed(Math.max(0, needs - left), 2)
                + " A too few.");
      }
    }
    for (var c : reading.others().chains()) {
      if (c.chain().circuit().isEmpty()) {
        double left = Math.max(0, most);
        to.report(
            Subject.Kind.RUN,
            c.chain().strings().getFirst(),
            c.amps(),
            left,
            "A",
            "The bulb strings from "
                + c.chain().strings().getFirst()
                + " on draw "
                + fixed(c.amps(), 2)
                + " A, and no circuit that they may hang on has that left: plug them into another"
                + " outlet, or put fewer on it.");
      }
    }
  }
}
