package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.CircuitReading;
import bunting.core.assess.Reading;
import bunting.core.show.MainsDevice;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

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
    if (reading.show().circuits().isEmpty()) {
      return;
    }
    List<CircuitReading> circuits = reading.worst().circuits();
    double mains = reading.show().settings().mainsVolts();
    for (var s : reading.worst().supplies()) {
      if (s.supply().circuit().isEmpty()) {
        double voltAmps = s.type().voltAmps(s.loadWatts());
        String subject = s.supply().id();
        report(Subject.Kind.SUPPLY, subject, "Supply " + subject, voltAmps, mains, circuits, to);
      }
    }
    for (MainsDevice d : reading.show().mains().devices()) {
      if (!reading.decisions().others().devices().containsKey(d.id())) {
        report(Subject.Kind.SETTING, d.id(), d.id(), d.voltAmps(), mains, circuits, to);
      }
    }
    for (var c : reading.worst().others().chains()) {
      if (c.chain().circuit().isEmpty()) {
        String subject = c.chain().strings().getFirst();
        String what = "The chain of bulb strings from " + subject + " on";
        report(Subject.Kind.RUN, subject, what, c.amps() * mains, mains, circuits, to);
      }
    }
  }

  /** What it draws and what is left of the circuit that comes nearest, in amps of its volts. */
  private static void report(
      Subject.Kind kind,
      String subject,
      String what,
      double voltAmps,
      double mains,
      List<CircuitReading> circuits,
      Reporter to) {
    Optional<CircuitReading> nearest =
        circuits.stream().min(Comparator.comparingDouble(c -> lacks(c, voltAmps)));
    double volts = nearest.map(c -> c.circuit().volts()).orElse(mains);
    double needs = voltAmps / volts;
    double left = nearest.map(c -> Math.max(0, left(c))).orElse(0.0);
    String most =
        nearest
            .map(c -> "circuit " + c.circuit().id() + ", the nearest, has " + fixed(left, 2))
            .orElse("no circuit is given: 0.00");
    String message =
        what
            + " draws "
            + fixed(needs, 2)
            + " A at "
            + number(volts)
            + " V, and "
            + most
            + " A left: "
            + fixed(needs - left, 2)
            + " A too few. Put it on another circuit, or less on that one.";
    to.report(kind, subject, needs, left, "A", message);
  }

  private static double left(CircuitReading c) {
    return c.circuit().usableAmps() - c.loadAmps();
  }

  private static double lacks(CircuitReading c, double voltAmps) {
    return voltAmps / c.circuit().volts() - Math.max(0, left(c));
  }
}
