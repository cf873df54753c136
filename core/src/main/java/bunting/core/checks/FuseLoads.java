package bunting.core.checks;

import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import java.util.HashMap;
import java.util.Map;

/** Amps through the fuses of ports, shared ones summed. */
final class FuseLoads {
  /** Solved currents are exact to far less than this. */
  static final double ROUNDING_AMPS = 1e-6;

  private FuseLoads() {}

  static Map<String, Double> of(Reading reading) {
    Map<String, Double> load = new HashMap<>();
    for (FeedReading f : reading.feeds()) {
      f.feed().fuseGroup().ifPresent(g -> load.merge(g, f.amps(), Double::sum));
    }
    return load;
  }
}
