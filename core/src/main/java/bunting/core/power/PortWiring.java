package bunting.core.power;

import bunting.core.ports.Piece;
import bunting.core.show.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The islands of one port. Short pieces are joined behind one feed at the head as long as that one
 * feed holds; a piece that wants more than one feed is an island of its own, or several zones with
 * V+ cut between them where one supply is too small for it. The first feed goes through the port if
 * the port may carry it and that saves a feed from the distribution.
 */
final class PortWiring {
  private final Point box;
  private final int port;
  private final List<Piece> pieces;
  private final PowerRules rules;
  private final BankBudget budget;
  private final double brightness;
  private final List<Island> islands = new ArrayList<>();

  /** A finished island; its first feed goes through the port where {@code trial.port} is there. */
  record Island(FeedTrial trial) {
    boolean onBank() {
      return trial.port.isPresent();
    }
  }

  /** A piece that cannot be powered. */
  static final class NoPower extends Exception {
    private static final long serialVersionUID = 1;
    final transient Piece piece;
    final transient Shortfall shortfall;

    NoPower(Piece piece, Shortfall shortfall) {
      super(shortfall.lacks(), null, false, false);
      this.piece = piece;
      this.shortfall = shortfall;
    }
  }

  PortWiring(
      Point box,
      int port,
      List<Piece> pieces,
      PowerRules rules,
      BankBudget budget,
      double brightness) {
    this.box = box;
    this.port = port;
    this.pieces = pieces;
    this.rules = rules;
    this.budget = budget;
    this.brightness = brightness;
  }

  List<Island> wire() throws NoPower {
    int next = 0;
    while (next < pieces.size()) {
      Optional<PortLimit> limit = next == 0 ? budget.portLimit(port) : Optional.empty();
      int joined = joinBehindOneFeed(next, limit);
      if (joined == 0) {
        zones(pieces.get(next), limit);
        joined = 1;
      }
      next += joined;
    }
    budget.portDone();
    return islands;
  }

  /** Joins pieces from {@code first} on behind one feed; how many, 0 if not even one. */
  private int joinBehindOneFeed(int first, Optional<PortLimit> limit) {
    FeedTrial best = null;
    int joined = 0;
    Optional<PortLimit> via = limit;
    for (int to = first + 1; to <= pieces.size(); to++) {
      FeedTrial trial = single(first, to, via);
      if (!acceptable(trial) && best == null && via.isPresent()) {
        via = Optional.empty();
        trial = single(first, to, via);
      }
      if (!acceptable(trial)) {
        break;
      }
      best = trial;
      joined = to - first;
    }
    if (best != null) {
      finish(best);
    }
    return joined;
  }

  private FeedTrial single(int from, int to, Optional<PortLimit> via) {
    return new FeedSearch(new Stretch(box, pieces.subList(from, to), brightness), rules)
        .single(via);
  }

  private boolean acceptable(FeedTrial trial) {
    return trial.holds() && (trial.port.isEmpty() || budget.bankHolds(trial.totalAmps()));
  }

  private void zones(Piece piece, Optional<PortLimit> limit) throws NoPower {
    int units = (piece.pixels() + piece.type().cutEvery() - 1) / piece.type().cutEvery();
    double amps = new Stretch(box, List.of(piece), brightness).nominalAmps();
    int count = (int) Math.max(1, Math.min(units, Math.ceil(amps / rules.supplyAmps())));
    while (true) {
      List<FeedTrial> trials = new ArrayList<>();
      Optional<Shortfall> short_ = tryZones(piece, units, count, limit, trials);
      if (short_.isEmpty()) {
        trials.forEach(this::finish);
        return;
      }
      boolean supplyTooSmall = short_.get().allowed() == rules.supplyAmps();
      if (!supplyTooSmall || count == units) {
        throw new NoPower(piece, short_.get());
      }
      count = Math.min(units, count + Math.max(1, count / 8));
    }
  }

  private Optional<Shortfall> tryZones(
      Piece piece, int units, int count, Optional<PortLimit> limit, List<FeedTrial> trials) {
    int cut = piece.type().cutEvery();
    for (int z = 0; z < count; z++) {
      int from = piece.first() + (int) ((long) units * z / count) * cut;
      int to =
          Math.min(piece.last(), piece.first() - 1 + (int) ((long) units * (z + 1) / count) * cut);
      Piece zone = new Piece(piece.run(), piece.type(), from, to);
      FeedTrial trial = best(zone, z == 0 ? limit : Optional.empty());
      if (!trial.holds()) {
        return trial.shortfall();
      }
      trials.add(trial);
    }
    return Optional.empty();
  }

  private FeedTrial best(Piece zone, Optional<PortLimit> limit) {
    FeedSearch search = new FeedSearch(new Stretch(box, List.of(zone), brightness), rules);
    FeedTrial apart = search.fewest(Optional.empty());
    if (limit.isEmpty() || !apart.holds()) {
      return apart;
    }
    FeedTrial through = search.fewest(limit);
    return acceptable(through) && through.at.length <= apart.at.length ? through : apart;
  }

  private void finish(FeedTrial thick) {
    FeedTrial thin = new FeedSearch(thick.stretch, rules).thinned(thick);
    if (!acceptable(thin)) {
      thin = thick;
    }
    if (thin.port.isPresent()) {
      budget.take(port, thin.portAmps(), thin.totalAmps());
    }
    islands.add(new Island(thin));
  }
}
