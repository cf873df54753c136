package bunting.core.checks;

import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;

/** What is on a circuit already comes off first: a 20 A circuit is not 20 A for you. */
final class CircuitFull implements Check {
  @Override
  public String code() {
    return "circuit-full";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "What is on a circuit already comes off first: a 20 A circuit is not 20 A for you.";
  }

  @Override
  public String source() {
    return "common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    for (var c : reading.worst().circuits()) {
      double usable = c.circuit().allowedAmps();
      if (c.circuit().existingAmps() >= usable) {
        to.report(
            Subject.Kind.CIRCUIT,
            c.circuit().id(),
            c.circuit().existingAmps(),
            usable,
            "A",
            "Circuit "
                + c.circuit().id()
                + " already carries "
                + number(c.circuit().existingAmps())
                + " A of "
                + number(usable)
                + " A ("
                + number(c.circuit().continuousPercent())
                + " % of its breaker): nothing more may hang on it.");
      }
    }
  }
}
