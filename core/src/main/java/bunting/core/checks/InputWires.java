package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.InputReading;
import bunting.core.assess.Reading;
import bunting.core.copper.Fuses;
import bunting.core.copper.InputRule;
import bunting.core.show.Wire;
import java.util.Map;

/** The wires that feed a board bear what they carry, also when one of them comes loose. */
final class InputWires implements Check {
  @Override
  public String code() {
    return "input-wires";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
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
    double margin = reading.show().settings().fuseMargin();
    Map<String, Wire> wires = reading.show().catalogue().wiresById();
    for (InputReading i : reading.worst().inputs()) {
      String box = reading.controllerOf(i.input().board());
      int pairs = i.input().wires();
      double fuse = i.input().fuseAmps();
      double bears = wires.get(i.input().wire()).fuseAmpsMax();
      double least = InputRule.leastFuse(i.amps(), margin, pairs);
      String start =
          i.input().board()
              + ": "
              + fixed(i.amps(), 1)
              + " A come in over "
              + pairs
              + " x "
              + i.input().wire();
      if (fuse > bears) {
        String message =
            start
                + " with a "
                + number(fuse)
                + " A fuse in each, and the wire bears "
                + number(bears)
                + " A: take a thicker wire or a smaller fuse.";
        to.report(Subject.Kind.CONTROLLER, box, fuse, bears, "A", message);
      } else if (Fuses.over(least, fuse)) {
        boolean alone = pairs > 1 && i.withoutOneAmps() > margin * i.eachAmps();
        String asks =
            alone
                ? "; without one of them the others carry " + fixed(least, 2) + " A each"
                : ", "
                    + fixed(i.eachAmps(), 2)
                    + " A each x "
                    + number(margin)
                    + " = "
                    + fixed(least, 2)
                    + " A";
        String message =
            start
                + asks
                + ", and the fuse in each is "
                + number(fuse)
                + " A (the wire bears "
                + number(bears)
                + " A). Take more or thicker wires, a fuse in each.";
        to.report(Subject.Kind.CONTROLLER, box, least, fuse, "A", message);
      }
    }
  }
}
