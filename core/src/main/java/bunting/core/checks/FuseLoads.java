package bunting.core.checks;

import bunting.core.assess.Consequence;
import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import java.util.HashMap;
import java.util.Map;

/** Amps through each fuse, shared ones summed. */
final class FuseLoads {
  private FuseLoads() {}

  static Map<String, Double> of(Consequence at, Reading reading) {
    Map<String, Double> load = new HashMap<>();
    for (FeedReading f : reading.feeds()) {
      load.merge(f.feed().fuse(), at.feedAmps(f.feed().id()), Double::sum);
    }
    return load;
  }
}
