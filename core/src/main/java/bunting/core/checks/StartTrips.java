package bunting.core.checks;

import static bunting.core.show.Texts.fixed;

import bunting.core.assess.Reading;
import bunting.core.hookup.MainsSheet;
import bunting.core.hookup.Starting;

/** One cold supply may open its breaker alone. */
final class StartTrips implements Check {
  @Override
  public String code() {
    return "start-trips";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "A cold supply takes many times its amps for a moment; a breaker that opens on it ends"
        + " the show before it begins.";
  }

  @Override
  public String source() {
    return "IEC 60898-1 for B, C and D, from memory";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    for (MainsSheet.OnCircuit c : MainsSheet.circuits(reading)) {
      for (Starting.Group g : c.starts()) {
        if (g.over(c.circuit())) {
          to.report(
              Subject.Kind.CIRCUIT,
              c.circuit().id(),
              g.before() + g.inrushAmps(),
              c.circuit().tripAmps(),
              "A",
              "Circuit "
                  + c.circuit().id()
                  + " sees "
                  + fixed(g.before() + g.inrushAmps(), 0)
                  + " A for a moment when "
                  + String.join(", ", g.ids())
                  + " starts cold, and its breaker may open from "
                  + fixed(c.circuit().tripAmps(), 0)
                  + " A on: one of kind C, an inrush limiter, or less on it.");
        }
      }
    }
  }
}
