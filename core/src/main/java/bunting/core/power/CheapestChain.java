package bunting.core.power;

import bunting.core.ports.Piece;
import bunting.core.show.Conductors;
import bunting.core.show.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where V+ goes on from piece to piece of a chain and where a new island begins, by price: a
 * dynamic programme over the chain, each island by {@link PricedFeeds}. A lead that carries power
 * costs its gauge, one that carries data alone the price of such a lead.
 */
final class CheapestChain {
  /** More pieces are never joined to one island: nobody wants to look for a fault in one. */
  private static final int JOINED_MAX = 4;

  private final Point box;
  private final List<Piece> pieces;
  private final PowerRules rules;
  private final Conductors copper;
  private final Budget budget;

  CheapestChain(Point box, List<Piece> pieces, PowerRules rules, Conductors copper, Budget budget) {
    this.box = box;
    this.pieces = pieces;
    this.rules = rules;
    this.copper = copper;
    this.budget = budget;
  }

  /**
   * A part of the chain.
   *
   * @param first index of its first piece
   * @param trial its feeds; empty: a piece that is no island for any price
   */
  record Part(int first, Optional<FeedTrial> trial) {}

  /** What an island that cannot be wired counts, so that the fewest of them are taken. */
  private static final double NO_POWER = 1e9;

  List<Part> parts(Optional<PortLimit> limit) {
    int n = pieces.size();
    double[] price = new double[n + 1];
    int[] from = new int[n + 1];
    List<Optional<FeedTrial>> trials =
        new ArrayList<>(java.util.Collections.nCopies(n + 1, Optional.empty()));
    double leastPerM = rules.wires().stream().mapToDouble(rules.prices()::perM).min().orElse(0);
    java.util.Arrays.fill(price, 1, n + 1, Double.MAX_VALUE);
    for (int to = 1; to <= n; to++) {
      for (int i = to - 1; i >= Math.max(0, to - JOINED_MAX); i--) {
        Stretch stretch = new Stretch(box, pieces.subList(i, to), copper);
        double lead =
            i == 0 ? 0 : pieces.get(i).jointFrom(pieces.get(i - 1)) * rules.prices().dataPerM();
        boolean pays = stretch.jointMetres() * leastPerM < price[to] - price[i] - lead;
        boolean tooMuch = stretch.nominalAmps(rules.fusedBrightness()) > 2 * rules.supplyAmps();
        if (i < to - 1 && (tooMuch || !pays)) {
          break;
        }
        Optional<PricedFeeds.Priced> found =
            island(
                stretch,
                rules,
                i == 0 ? limit : Optional.empty(),
                budget,
                i < to - 1 ? price[to] - price[i] - lead : Double.MAX_VALUE / 4);
        if (found.isEmpty() && i < to - 1) {
          continue;
        }
        double sum = price[i] + found.map(PricedFeeds.Priced::price).orElse(NO_POWER) + lead;
        if (sum < price[to] - 1e-9) {
          price[to] = sum;
          from[to] = i;
          trials.set(to, found.map(PricedFeeds.Priced::trial));
        }
      }
    }
    List<Part> parts = new ArrayList<>();
    for (int to = n; to > 0; to = from[to]) {
      parts.addFirst(new Part(from[to], trials.get(to)));
    }
    return parts;
  }

  /** The cheapest feeds of an island, through the port where the bank's supply bears that. */
  static Optional<PricedFeeds.Priced> island(
      Stretch stretch, PowerRules rules, Optional<PortLimit> limit, Budget budget) {
    return island(stretch, rules, limit, budget, Double.MAX_VALUE / 4);
  }

  private static Optional<PricedFeeds.Priced> island(
      Stretch stretch, PowerRules rules, Optional<PortLimit> limit, Budget budget, double below) {
    Optional<PricedFeeds.Priced> found = PricedFeeds.of(stretch, rules, limit, below);
    boolean bears =
        found.isEmpty()
            || found.get().trial().port.isEmpty()
            || budget.bankHolds(found.get().trial().totalAmps());
    return bears ? found : PricedFeeds.of(stretch, rules, Optional.empty(), below);
  }
}
