package bunting.core.checks;

import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Designed for less than full white, the fuses still protect the wire, and open when someone sends
 * white.
 */
final class FullWhite implements Check {
  @Override
  public String code() {
    return "full-white";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "Designed for less than full white, the fuses still protect the wire, and open when"
        + " someone sends white.";
  }

  @Override
  public String source() {
    return "the way of limited brightness, common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    var settings = reading.show().settings();
    if (settings.brightnessPercent() >= 100) {
      return;
    }
    Map<String, Double> ratio = new HashMap<>();
    for (var s : reading.segments()) {
      double now = s.type().amps(settings.brightnessPercent());
      ratio.put(s.segment().id(), now > 0 ? s.type().amps(100) / now : 1);
    }
    Map<String, Double> white = new TreeMap<>();
    Map<String, Double> fuse = new HashMap<>();
    for (var f : reading.feeds()) {
      String name = f.feed().fuseGroup().orElse(f.feed().id());
      white.merge(name, f.amps() * ratio.get(f.feed().segment()), Double::sum);
      fuse.put(name, f.feed().fuseAmps());
    }
    List<String> open = white.keySet().stream().filter(n -> white.get(n) > fuse.get(n)).toList();
    if (!open.isEmpty()) {
      to.report(
          Subject.Kind.SHOW,
          settings.name(),
          open.size(),
          0,
          "fuses",
          "Designed for "
              + number(settings.brightnessPercent())
              + " %: full white would open about "
              + open.size()
              + (open.size() == 1 ? " fuse (" : " fuses (")
              + String.join(", ", open.subList(0, Math.min(6, open.size())))
              + (open.size() > 6 ? " and more" : "")
              + "). Set the limiter in each controller.");
    }
  }
}
