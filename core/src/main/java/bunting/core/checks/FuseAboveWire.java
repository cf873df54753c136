package bunting.core.checks;

import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.show.Wire;
import java.util.Map;

/** A fuse protects the wire: one that is larger than the wire bears lets it burn first. */
final class FuseAboveWire implements Check {
  @Override
  public String code() {
    return "fuse-above-wire";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "A fuse protects the wire: one that is larger than the wire bears lets it burn first.";
  }

  @Override
  public String source() {
    return "NFPA 70 240.4(D), from memory";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    Map<String, Wire> wires = reading.show().catalogue().wiresById();
    for (var f : reading.feeds()) {
      double bears = wires.get(f.feed().wire()).fuseAmpsMax();
      if (f.feed().fuseAmps() > bears) {
        to.report(
            Subject.Kind.FEED,
            f.feed().id(),
            f.feed().fuseAmps(),
            bears,
            "A",
            "Feed "
                + f.feed().id()
                + " has a "
                + number(f.feed().fuseAmps())
                + " A fuse on "
                + f.feed().wire()
                + ", which bears "
                + number(bears)
                + " A: take a thicker wire.");
      }
    }
  }
}
