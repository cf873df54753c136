package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.hookup.MainsSheet;
import bunting.core.show.CircuitFacts;

/** A circuit that was looked at has no RCD. */
final class NoRcd implements Check {
  @Override
  public String code() {
    return "no-rcd";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "Outdoors a fault to ground kills before a breaker opens; an RCD or GFCI opens first.";
  }

  @Override
  public String source() {
    return "IEC 60364-4-41 and NFPA 70 210.8, from memory; local codes";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    for (MainsSheet.OnCircuit c : MainsSheet.circuits(reading)) {
      boolean looked = !c.circuit().facts().equals(CircuitFacts.NONE);
      if (c.used() && looked && c.circuit().facts().rcdMilliamps().isEmpty()) {
        to.report(
            Subject.Kind.CIRCUIT,
            c.circuit().id(),
            0,
            1,
            "RCD",
            "Circuit "
                + c.circuit().id()
                + " has no RCD or GFCI noted: say what its one opens at, or plug one in before"
                + " anything stands outdoors.");
      }
    }
  }
}
