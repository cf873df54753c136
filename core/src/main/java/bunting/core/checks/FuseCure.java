package bunting.core.checks;

import static bunting.core.show.Texts.number;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.copper.Fuses;
import bunting.core.show.Feed;
import bunting.core.show.Wire;
import java.util.Comparator;
import java.util.Optional;
import java.util.OptionalDouble;

/** What helps a fuse that is too small for its load: the nearest thing that does. */
final class FuseCure {
  private FuseCure() {}

  /**
   * A larger fuse where wire and holder bear it, else a thicker wire with it, else less load.
   *
   * @param amps through the fuse
   */
  static String of(Reading reading, Feed feed, double amps) {
    OptionalDouble wanted = Fuses.next(amps, reading.show().settings().fuseMargin(), Fuses.LARGEST);
    double holder = feed.viaPort() ? holder(reading, feed) : Fuses.LARGEST;
    if (wanted.isPresent() && wanted.getAsDouble() <= holder) {
      double size = wanted.getAsDouble();
      Wire wire = reading.show().catalogue().wiresById().get(fusedWire(reading, feed));
      if (wire.fuseAmpsMax() >= size) {
        return "put in a " + number(size) + " A fuse";
      }
      Optional<Wire> thicker =
          reading.show().catalogue().wires().stream()
              .filter(w -> w.fuseAmpsMax() >= size && w.ohmsPerM() <= wire.ohmsPerM())
              .max(Comparator.comparingDouble(Wire::ohmsPerM).thenComparing(Wire::id));
      if (thicker.isPresent()) {
        return "take " + thicker.get().id() + " and a " + number(size) + " A fuse";
      }
    }
    return feed.viaPort()
        ? "its holder bears no more; feed some of it from the distribution"
        : "no fuse and wire bear that; add a feed, so that each carries less";
  }

  /** The wire that the fuse is for: of a tail that of its trunk. */
  private static String fusedWire(Reading reading, Feed feed) {
    return reading.trunks().stream()
        .filter(t -> feed.trunk().filter(t.trunk().id()::equals).isPresent())
        .map(t -> t.trunk().wire())
        .findFirst()
        .orElse(feed.wire());
  }

  private static double holder(Reading reading, Feed feed) {
    return reading.ports().stream()
        .filter(p -> p.segments().stream().anyMatch(s -> s.segment().id().equals(feed.segment())))
        .mapToDouble((PortReading p) -> p.type().fuseAmpsMax(p.port()))
        .findFirst()
        .orElse(0);
  }
}
