package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.copper.Fuses;
import bunting.core.show.Wire;

/** The jumpers inside a run bear what goes on over them: like its rails, nobody fuses them. */
final class JumperAmps implements Check {
  @Override
  public String code() {
    return "jumper-amps";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "All that a strand takes from the one before it goes over a jumper of thin wire, and"
        + " nothing fuses it.";
  }

  @Override
  public String source() {
    return "NFPA 70 240.4(D), from memory";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    Wire jumper = reading.show().wiring().conductors().jumper();
    for (var s : reading.segments()) {
      var flow = reading.worst().segments().get(s.segment().id());
      if (Fuses.over(flow.jumperAmps(), jumper.fuseAmpsMax())) {
        to.report(
            Subject.Kind.SEGMENT,
            s.segment().id(),
            flow.jumperAmps(),
            jumper.fuseAmpsMax(),
            "A",
            "The jumper of "
                + s.run().name()
                + " behind pixel "
                + flow.jumperAfter()
                + " carries "
                + fixed(flow.jumperAmps(), 2)
                + " A, and "
                + jumper.id()
                + " bears "
                + number(jumper.fuseAmpsMax())
                + " A: add a feed behind it, or take thicker jumpers.");
      }
    }
  }
}
