package bunting.core.power;

import bunting.core.ports.Piece;
import bunting.core.show.Point;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * Answers of the feed search that were given before. An edit touches one island; the feeds of all
 * others are asked for again with all the same around them, and need not be searched again. What is
 * kept is the value of a pure function, so nothing depends on what is kept.
 */
final class FeedMemo {
  private static final int KEPT = 20_000;

  private static final Recent<Asked, FeedTrial> GIVEN = new Recent<>(KEPT);
  private static final Recent<Bounded, Optional<PricedFeeds.Priced>> PRICED = new Recent<>(KEPT);

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

  /** A question of which only answers below a price are wanted: the bound steers the search. */
  private record Bounded(Asked asked, double below) {}

  private FeedMemo() {}

  /** The answer, as it was given before or from the supplier. */
  static FeedTrial answer(Asked asked, Supplier<FeedTrial> search) {
    return GIVEN.answer(asked, search);
  }

  /** The same for the cheapest feeds below some price. */
  static Optional<PricedFeeds.Priced> priced(
      Asked asked, double below, Supplier<Optional<PricedFeeds.Priced>> search) {
    return PRICED.answer(new Bounded(asked, below), search);
  }
}
