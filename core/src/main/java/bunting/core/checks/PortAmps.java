package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.copper.Fuses;

/** A port's terminal and track bear only so much. */
final class PortAmps implements Check {
  @Override
  public String code() {
    return "port-amps";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "A port's terminal and track bear only so much.";
  }

  @Override
  public String source() {
    return "the controller's data";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    for (var p : reading.ports()) {
      double amps = reading.worst().portAmps(p.controller(), p.port());
      if (Fuses.over(amps, p.type().portAmpsMax())) {
        to.report(
            Subject.Kind.CONTROLLER,
            p.controller(),
            amps,
            p.type().portAmpsMax(),
            "A",
            "Port "
                + p.port()
                + " of "
                + p.controller()
                + " carries "
                + fixed(amps, 2)
                + " A of at most "
                + number(p.type().portAmpsMax())
                + " A: feed some of it from the distribution.");
      }
    }
  }
}
