package bunting.core.assess;

import bunting.core.show.PixelType;
import bunting.core.show.Tail;
import bunting.core.show.Wire;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The tails in which thick cables end where they meet the pads of a strip: thick wire tears pads
 * off (common practice, no source). The cheapest tail that bears the feed's amps; where none does,
 * so many of the strongest side by side.
 */
public final class Tails {
  /** What is soldered to pads without a tail, mm2: 18 AWG. */
  private static final double PADS_MM2 = 0.85;

  private Tails() {}

  /** So many tails of a kind at one feed. */
  public record Ends(Tail type, int count) {}

  /** The tails of a feed; empty: its cable goes on as it is, or the catalogue has no tails. */
  public static Optional<Ends> of(Reading reading, FeedReading feed) {
    List<Tail> kinds = reading.show().catalogue().tails();
    Wire wire = reading.show().catalogue().wiresById().get(feed.feed().wire());
    PixelType type =
        reading.segments().stream()
            .filter(s -> s.segment().id().equals(feed.feed().segment()))
            .findFirst()
            .orElseThrow()
            .type();
    return of(kinds, wire, type, reading.worst().feedAmps(feed.feed().id()));
  }

  private static Optional<Ends> of(List<Tail> kinds, Wire wire, PixelType type, double amps) {
    if (!type.strip() || wire.sizeMm2() <= PADS_MM2 || kinds.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        kinds.stream()
            .filter(t -> t.wire().fuseAmpsMax() >= amps)
            .min(Comparator.comparingDouble(Tail::cost).thenComparing(Tail::id))
            .map(t -> new Ends(t, 1))
            .orElseGet(() -> many(kinds, amps)));
  }

  private static Ends many(List<Tail> kinds, double amps) {
    Tail strongest =
        kinds.stream()
            .max(
                Comparator.comparingDouble((Tail t) -> t.wire().fuseAmpsMax())
                    .thenComparing(Tail::id))
            .orElseThrow();
    return new Ends(strongest, (int) Math.ceil(amps / strongest.wire().fuseAmpsMax()));
  }

  /** All tails of a plan by kind, with how many. */
  public static Map<Tail, Integer> all(Reading reading) {
    Map<Tail, Integer> all = new HashMap<>();
    for (FeedReading f : reading.feeds()) {
      of(reading, f).ifPresent(e -> all.merge(e.type(), e.count(), Integer::sum));
    }
    return all;
  }
}
