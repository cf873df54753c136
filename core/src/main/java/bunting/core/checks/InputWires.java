package bunting.core.checks;

import static bunting.core.show.Texts.fixed;

import bunting.core.assess.Reading;
import bunting.core.show.Conductors;
import bunting.core.show.Wire;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** The wires that feed a board bear what they carry, also when one of them comes loose. */
final class InputWires implements Check {
  @Override
  public String code() {
    return "input-wires";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "Equal wires share a board's amps; if one comes loose the others carry all of it.";
  }

  @Override
  public String source() {
    return "arithmetic: 50 A over three wires is 16.7 A each, over two 25 A; common practice: fuse"
        + " each, all of one length and gauge";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    Conductors copper = reading.show().wiring().conductors();
    Optional<Wire> wire = copper.inputWire().map(reading.show().catalogue().wiresById()::get);
    if (wire.isEmpty()) {
      return;
    }
    Map<String, Double> amps = new TreeMap<>();
    reading.ports().forEach(p -> amps.merge(p.controller(), p.amps(), Double::sum));
    double most = wire.get().fuseAmpsMax() / reading.show().settings().fuseMargin();
    int wires = copper.inputWires();
    amps.forEach(
        (box, sum) -> {
          double each = sum / wires;
          double left = wires > 1 ? sum / (wires - 1) : each;
          if (each > most || left > wire.get().fuseAmpsMax()) {
            to.report(
                Subject.Kind.CONTROLLER,
                box,
                each,
                most,
                "A",
                box
                    + ": "
                    + fixed(sum, 1)
                    + " A come in over "
                    + wires
                    + " x "
                    + wire.get().id()
                    + ", "
                    + fixed(each, 1)
                    + " A each where "
                    + fixed(most, 1)
                    + " A is the most"
                    + (wires > 1 ? "; without one of them " + fixed(left, 1) + " A" : "")
                    + ". Take more or thicker wires, a fuse in each.");
          }
        });
  }
}
