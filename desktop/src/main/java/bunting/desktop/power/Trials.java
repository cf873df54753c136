package bunting.desktop.power;

import bunting.core.assess.Reading;
import bunting.core.show.Decisions;
import bunting.core.show.Show;
import bunting.core.whatif.Loss;
import java.util.Optional;
import java.util.OptionalDouble;

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
  static Decisions without(Reading reading, Loss loss) {
    Decisions d = reading.decisions();
    return switch (loss.kind()) {
      case FUSE ->
          d.withFeeds(d.feeds().stream().filter(f -> !f.fuse().equals(loss.id())).toList());
      case SUPPLY ->
          d.withFeeds(d.feeds().stream().filter(f -> !f.supply().equals(loss.id())).toList());
      case LEAD, INPUT -> d;
    };
  }
}
