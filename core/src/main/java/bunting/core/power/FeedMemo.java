package bunting.core.power;

import bunting.core.ports.Piece;
import bunting.core.show.Point;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * Answers of the feed search that were given before. An edit touches one island; the feeds of all
 * others are asked for again with all the same around them, and need not be searched again. What is
 * kept is the value of a pure function, so nothing depends on what is kept.
 */
final class FeedMemo {
  private static final int KEPT = 20_000;

  private static final Map<Asked, FeedTrial> GIVEN =
      new LinkedHashMap<>(64, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Asked, FeedTrial> eldest) {
          return size() > KEPT;
        }
      };

  /**
   * A question.
   *
   * @param from the wires and places that it begins with, where it does
   */
  record Asked(
      String what,
      Point box,
      List<Piece> pieces,
      PowerRules rules,
      Optional<PortLimit> port,
      List<Post> from) {}

  private FeedMemo() {}

  /** What was found, or that nothing is cheaper than that. */
  private record Known(Optional<PricedFeeds.Priced> found, double below) {}

  private static final Map<Asked, Known> PRICED =
      new LinkedHashMap<>(64, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Asked, Known> eldest) {
          return size() > KEPT;
        }
      };

  /** The same for the cheapest feeds below some price. */
  static Optional<PricedFeeds.Priced> priced(
      Asked asked, double below, Supplier<Optional<PricedFeeds.Priced>> search) {
    synchronized (PRICED) {
      Known known = PRICED.get(asked);
      if (known != null && (known.found().isPresent() || below <= known.below())) {
        return known.found().filter(p -> p.price() < below);
      }
    }
    Optional<PricedFeeds.Priced> found = search.get();
    synchronized (PRICED) {
      PRICED.put(asked, new Known(found, below));
    }
    return found;
  }

  /** The answer, as it was given before or from the supplier. */
  static FeedTrial answer(Asked asked, Supplier<FeedTrial> search) {
    synchronized (GIVEN) {
      FeedTrial known = GIVEN.get(asked);
      if (known != null) {
        return known;
      }
    }
    FeedTrial found = search.get();
    synchronized (GIVEN) {
      GIVEN.put(asked, found);
    }
    return found;
  }
}
