package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.copper.Fuses;
import bunting.core.show.Wire;
import java.util.Map;

/**
 * A lead that brings power on bears what it carries: behind several feeds no one fuse guards it.
 */
final class LeadAmps implements Check {
  @Override
  public String code() {
    return "lead-amps";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "The strip itself is a conductor too: past what it bears its copper and its solder"
        + " joints cook.";
  }

  @Override
  public String source() {
    return "NFPA 70 240.4(D), from memory";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    Map<String, Wire> wires = reading.show().catalogue().wiresById();
    for (var s : reading.segments()) {
      double amps = reading.worst().segments().get(s.segment().id()).leadAmps();
      double bears = s.segment().leadWire().map(w -> wires.get(w).fuseAmpsMax()).orElse(amps);
      if (s.segment().powerFromPrevious() && Fuses.over(amps, bears)) {
        to.report(
            Subject.Kind.SEGMENT,
            s.segment().id(),
            amps,
            bears,
            "A",
            "The lead that brings power to "
                + s.run().name()
                + " carries "
                + fixed(amps, 2)
                + " A, and "
                + s.segment().leadWire().orElse("")
                + " bears "
                + number(bears)
                + " A: take a thicker wire there, or feed "
                + s.run().name()
                + " by itself.");
      }
    }
  }
}
