package bunting.desktop.power;

import bunting.core.assess.Reading;
import bunting.core.show.Decisions;
import bunting.core.show.Show;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** What a show and its decisions become when something is tried. Pure. */
final class Trials {
  private Trials() {}

  /** A show at another brightness, with the supplies of some volts trimmed. */
  static Show tried(
      Show show, OptionalDouble percent, OptionalDouble volts, Optional<Double> nominal) {
    Show next = show;
    if (percent.isPresent()) {
      next = next.withSettings(next.settings().withBrightness(percent.getAsDouble()));
    }
    if (volts.isPresent() && nominal.isPresent()) {
      next =
          next.withWiring(
              next.wiring()
                  .with(next.wiring().conductors().withTrim(nominal.get(), volts.getAsDouble())));
    }
    return next;
  }

  /** Decisions without what is lost. */
  static Decisions without(Reading reading, Set<String> feedsGone) {
    Decisions d = reading.decisions();
    return d.withFeeds(d.feeds().stream().filter(f -> !feedsGone.contains(f.id())).toList());
  }
}
