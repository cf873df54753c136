package bunting.core.checks;

import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.assess.TrunkReading;
import bunting.core.island.Island;
import bunting.core.show.Feed;
import bunting.core.show.Wire;
import java.util.HashMap;
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
      if (f.feed().trunk().isEmpty() && f.feed().fuseAmps() > bears) {
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
    trunks(reading, wires, to);
    leads(reading, wires, to);
  }

  private static void trunks(Reading reading, Map<String, Wire> wires, Reporter to) {
    for (TrunkReading t : reading.trunks()) {
      double bears = wires.get(t.trunk().wire()).fuseAmpsMax();
      if (t.fuseAmps() > bears) {
        to.report(
            Subject.Kind.FEED,
            t.feed(),
            t.fuseAmps(),
            bears,
            "A",
            "Trunk "
                + t.trunk().id()
                + " has a "
                + number(t.fuseAmps())
                + " A fuse on "
                + t.trunk().wire()
                + ", which bears "
                + number(bears)
                + " A: take a thicker wire.");
      }
    }
  }

  /** A lead that carries power on lies behind every fuse of its island. */
  private static void leads(Reading reading, Map<String, Wire> wires, Reporter to) {
    Map<String, Double> largest = new HashMap<>();
    for (Island island : reading.islands()) {
      double fuse = island.feeds().stream().mapToDouble(Feed::fuseAmps).max().orElse(0);
      island.parts().stream()
          .filter(p -> p.from() > 0)
          .forEach(p -> largest.merge(p.segment(), fuse, Math::max));
    }
    for (var s : reading.segments()) {
      String id = s.segment().id();
      boolean carries = s.segment().position() > 1 && s.segment().powerFromPrevious();
      double fuse = largest.getOrDefault(id, 0.0);
      double bears = s.segment().leadWire().map(w -> wires.get(w).fuseAmpsMax()).orElse(fuse);
      if (carries && fuse > bears) {
        to.report(
            Subject.Kind.SEGMENT,
            id,
            fuse,
            bears,
            "A",
            "The lead that brings power to "
                + s.run().name()
                + " lies behind a "
                + number(fuse)
                + " A fuse, and "
                + s.segment().leadWire().orElse("")
                + " bears "
                + number(bears)
                + " A: take a thicker wire there.");
      }
    }
  }
}
