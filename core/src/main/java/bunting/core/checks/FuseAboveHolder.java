package bunting.core.checks;

import static bunting.core.show.Texts.number;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.show.ControllerType;
import java.util.HashMap;
import java.util.Map;

/** A fuse is never above what its holder and terminal bear. */
final class FuseAboveHolder implements Check {
  @Override
  public String code() {
    return "fuse-above-holder";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "The holder and the terminal of an output melt before a larger fuse opens.";
  }

  @Override
  public String source() {
    return "common practice: never a 15 A fuse in a 10 A holder, no source";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    Map<String, ControllerType> types = reading.show().catalogue().controllerTypesById();
    Map<String, PortReading> ports = new HashMap<>();
    reading.ports().forEach(p -> p.segments().forEach(s -> ports.put(s.segment().id(), p)));
    for (var f : reading.feeds()) {
      PortReading port = ports.get(f.feed().segment());
      if (f.feed().viaPort() && port != null) {
        double most = types.get(port.box().controller().type()).fuseAmpsMax(port.port());
        if (f.feed().fuseAmps() > most) {
          to.report(
              Subject.Kind.FEED,
              f.feed().id(),
              f.feed().fuseAmps(),
              most,
              "A",
              "Feed "
                  + f.feed().id()
                  + ": a "
                  + number(f.feed().fuseAmps())
                  + " A fuse stands in a holder of "
                  + number(most)
                  + " A.");
        }
      }
    }
  }
}
