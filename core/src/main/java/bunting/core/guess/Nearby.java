package bunting.core.guess;

import bunting.core.assess.FeedReading;
import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Which runs a thing of a plan has to do with: those on the ports that it feeds or is fed by. */
final class Nearby {
  private final Map<String, Set<String>> runs = new HashMap<>();

  Nearby(Reading reading) {
    for (PortReading p : reading.ports()) {
      Set<String> own = new HashSet<>();
      p.segments().forEach(s -> own.add(s.run().name()));
      names(reading, p).forEach(n -> runs.computeIfAbsent(n, k -> new HashSet<>()).addAll(own));
    }
  }

  private static List<String> names(Reading reading, PortReading p) {
    List<String> names = new ArrayList<>();
    names.add(p.controller());
    names.add(p.controller() + ":" + p.port());
    names.addAll(p.box().supplies());
    for (SegmentReading s : p.segments()) {
      names.add(s.segment().id());
      names.add(s.run().name());
      names.add("lead " + s.segment().id());
      for (FeedReading f : reading.feedsOf(s.segment().id())) {
        names.add(f.feed().id());
        names.add("feed " + f.feed().id());
        names.add(f.feed().supply());
        names.add(f.feed().fuse());
        f.feed().trunk().ifPresent(t -> names.add("trunk " + t));
      }
    }
    return names;
  }

  /** Names of the runs, by the id or name of anything; of what is not known, none. */
  Set<String> of(String about) {
    return runs.getOrDefault(about, Set.of());
  }
}
