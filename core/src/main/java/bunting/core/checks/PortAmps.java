package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Consequence;
import bunting.core.assess.Reading;
import bunting.core.copper.Fuses;
import java.util.Map;

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

    Map<Consequence.PortName, Double> all = reading.worst().portAmps();
    for (var p : reading.ports()) {
      double amps = all.getOrDefault(new Consequence.PortName(p.controller(), p.port()), 0.0);
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
