package bunting.core.assess;

import bunting.core.show.Attach;
import bunting.core.show.Joint;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What feeds are joined on with between packs: for each the cheapest of the catalogue that bears
 * what it brings at the most that can be sent.
 */
public final class Joints {
  private Joints() {}

  /** The joint of a feed; empty: it is joined on elsewhere, or nothing bears it. */
  public static Optional<Joint> of(Reading reading, FeedReading feed) {
    double amps = reading.worst().feedAmps(feed.feed().id());
    return feed.attach() != Attach.JOINT
        ? Optional.empty()
        : reading.show().catalogue().joints().stream()
            .filter(j -> j.ampsMax() >= amps)
            .min(Comparator.comparingDouble(Joint::cost).thenComparing(Joint::id));
  }

  /** All joints of a plan by kind, with how many. */
  public static Map<Joint, Integer> all(Reading reading) {
    Map<Joint, Integer> all = new HashMap<>();
    reading.feeds().forEach(f -> of(reading, f).ifPresent(j -> all.merge(j, 1, Integer::sum)));
    return all;
  }

  /** Feeds at joints that nothing of the catalogue bears; none where it has no joints. */
  public static List<FeedReading> without(Reading reading) {
    return reading.show().catalogue().joints().isEmpty()
        ? List.of()
        : reading.feeds().stream()
            .filter(f -> f.attach() == Attach.JOINT && of(reading, f).isEmpty())
            .toList();
  }
}
