package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.show.ControllerType;
import bunting.core.show.Wire;
import java.util.HashMap;
import java.util.Map;

/** A wire must go into the terminal of its output. */
final class ThickForTerminal implements Check {
  /** What a pluggable terminal takes, and a little, since 12 AWG is forced in every day. */
  private static final double TERMINAL_MM2 = 3.5;

  @Override
  public String code() {
    return "wire-too-thick";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "A wire that does not go in loses strands at the edge: less copper, and whiskers that"
        + " short.";
  }

  @Override
  public String source() {
    return "common practice, no source: pluggable terminals of 5 mm pitch take 2.5 mm2 with a"
        + " ferrule";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    Map<String, Wire> wires = reading.show().catalogue().wiresById();
    Map<String, ControllerType> types = reading.show().catalogue().controllerTypesById();
    Map<String, Double> terminals = new HashMap<>();
    for (PortReading port : reading.ports()) {
      double mm2 = types.get(port.box().controller().type()).terminalMm2Max();
      port.segments().forEach(s -> terminals.put(s.segment().id(), mm2));
    }
    for (var f : reading.feeds()) {
      double mm2 = wires.get(f.feed().wire()).sizeMm2();
      double known = terminals.getOrDefault(f.feed().segment(), 0.0);
      double takes = known > 0 ? known + ControllerType.FORCED_MM2 : TERMINAL_MM2;
      if (f.feed().viaPort() && mm2 > takes) {
        to.report(
            Subject.Kind.FEED,
            f.feed().id(),
            mm2,
            takes,
            "mm2",
            "Feed "
                + f.feed().id()
                + ": "
                + f.feed().wire()
                + " is "
                + fixed(mm2, 1)
                + " mm2, and a port's terminal takes about "
                + number(known > 0 ? known : TERMINAL_MM2)
                + " mm2; end it in a short thinner tail, or feed from the distribution.");
      }
    }
  }
}
