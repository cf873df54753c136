package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.assess.Strain;
import bunting.core.assess.Strains;
import bunting.core.copper.Fuses;

/** A trunk's heavy pair and each of its tails bear what they carry; its fuse sees their sum. */
final class TrunkAmps implements Check {
  @Override
  public String code() {
    return "trunk-amps";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "One fuse sees all of a trunk: a tail that carries more than it bears is not what it"
        + " looks for.";
  }

  @Override
  public String source() {
    return "NFPA 70 240.4(D), from memory";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    for (Strain s : Strains.of(reading, reading.worst())) {
      boolean trunk = s.kind() == Strain.Kind.TRUNK;
      if ((trunk || s.kind() == Strain.Kind.TAIL) && Fuses.over(s.carries(), s.allowed())) {
        to.report(
            Subject.Kind.FEED,
            trunk
                ? reading.trunks().stream()
                    .filter(t -> t.trunk().id().equals(s.id()))
                    .findFirst()
                    .orElseThrow()
                    .feed()
                : s.id(),
            s.carries(),
            s.allowed(),
            "A",
            (trunk ? "Trunk " : "The tail of feed ")
                + s.id()
                + " carries "
                + fixed(s.carries(), 2)
                + " A and bears "
                + number(s.allowed())
                + " A: take a thicker wire"
                + (trunk ? "." : ", or add a tail."));
      }
    }
  }
}
