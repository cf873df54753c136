package bunting.core.checks;

import static bunting.core.show.Texts.fixed;

import bunting.core.assess.CircuitReading;
import bunting.core.assess.Reading;
import bunting.core.hookup.Cords;
import bunting.core.show.Circuit;

/** A cord loses more volts than it should. */
final class LongCord implements Check {
  @Override
  public String code() {
    return "long-cord";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "A long thin cord loses volts and grows warm; supplies then draw more amps still.";
  }

  @Override
  public String source() {
    return "3 %: NFPA 70 210.19(A) informational note, IEC 60364-5-52 annex G, from memory";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    for (Cords.Cord c : Cords.of(reading)) {
      double volts =
          reading.circuits().stream()
              .map(CircuitReading::circuit)
              .filter(k -> k.id().equals(c.circuit()))
              .mapToDouble(Circuit::volts)
              .findFirst()
              .orElseThrow();
      double percent = c.dropVolts() / volts * 100;
      if (percent > Cords.DROP_PERCENT_MAX) {
        to.report(
            Subject.Kind.CIRCUIT,
            c.circuit(),
            percent,
            Cords.DROP_PERCENT_MAX,
            "%",
            "The cord of circuit "
                + c.circuit()
                + " to "
                + String.join(", ", c.feeds())
                + " loses "
                + fixed(percent, 1)
                + " % even at "
                + c.wire().id()
                + ": plug it in nearer, or hang less on it.");
      }
    }
  }
}
