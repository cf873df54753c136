package bunting.core.power;

import bunting.core.cost.BuildCost;
import bunting.core.cost.JoinPlaces;
import bunting.core.ports.Piece;
import bunting.core.show.Attach;
import bunting.core.show.PriceList;
import java.util.List;

/** What the islands of one port cost: leads, ways, feeds and the work of joining them on. */
final class IslandPrice {
  private IslandPrice() {}

  /** The price of all islands of a port, in the order of its chain. */
  static BuildCost of(List<PortWiring.Island> islands, PriceList prices) {
    BuildCost sum = BuildCost.NOTHING;
    Piece before = null;
    for (PortWiring.Island island : islands) {
      FeedTrial trial = island.trial();
      List<Piece> pieces = trial.stretch.pieces();
      Piece head = pieces.getFirst();
      double metres = before == null ? trial.stretch.feedM(0) : way(before, head);
      double perM =
          island.onBank() ? prices.perM(trial.posts.getFirst().wire()) : prices.dataPerM();
      double joints = trial.stretch.jointMetres();
      sum = sum.plus(lead(metres * perM + joints * prices.perM(trial.joints), metres + joints));
      for (int f = 0; f < trial.count(); f++) {
        Post post = trial.posts.get(f);
        if (f > 0 || !island.onBank()) {
          sum =
              sum.plus(
                  BuildCost.distribution(prices, post.wire(), post.metres(), attach(trial, post)));
        }
      }
      before = pieces.getLast();
    }
    return sum;
  }

  /** Metres of lead between two islands; none where the run itself goes on. */
  private static double way(Piece before, Piece head) {
    return head.continues(before) ? 0 : head.jointFrom(before);
  }

  private static BuildCost lead(double price, double metres) {
    return new BuildCost(0, 0, 0, price, 0, 0, 0, 0, metres);
  }

  /** By the ends of the piece, or of the zone of it that hangs on a supply of its own. */
  static Attach attach(FeedTrial trial, Post post) {
    Stretch.Place at = trial.stretch.place(post.at());
    Piece piece = trial.stretch.pieces().get(at.piece());
    return JoinPlaces.at(piece.run(), piece.type(), piece.first(), piece.last(), at.pixel(), false);
  }
}
