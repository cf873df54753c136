package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.copper.Fuses;

/** What runs for hours on a circuit is at most 80 % of its breaker. */
final class CircuitOver implements Check {
  @Override
  public String code() {
    return "circuit-over";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "A breaker that carries more than 80 % for hours grows warm and opens in mid-show.";
  }

  @Override
  public String source() {
    return "breaker x 80 %: NFPA 70 210.20(A), from memory";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    for (var c : reading.worst().circuits()) {
      double all = c.circuit().existingAmps() + c.loadAmps();
      double usable = c.circuit().allowedAmps();
      if (c.loadAmps() > 0 && Fuses.over(all, usable)) {
        to.report(
            Subject.Kind.CIRCUIT,
            c.circuit().id(),
            all,
            usable,
            "A",
            "Circuit "
                + c.circuit().id()
                + " would carry "
                + fixed(all, 2)
                + " A of "
                + number(usable)
                + " A ("
                + number(c.circuit().continuousPercent())
                + " % of its breaker): hang a supply on another one.");
      }
    }
  }
}
