package bunting.core.power;

import bunting.core.ports.BoxLoad;
import bunting.core.ports.Piece;
import bunting.core.show.HeldPost;
import bunting.core.show.InjectionSchool;
import bunting.core.show.Point;
import bunting.core.show.Wiring;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The islands of one port. Posts by hand stand as they are. By price, the cheapest islands are
 * found ({@link CheapestChain}). In the other schools short pieces are joined behind one feed as
 * long as that one feed holds; a piece that wants more than one feed is an island of its own, or
 * several zones with V+ cut between them where one supply is too small for it or the school wants a
 * second one. The first feed goes through the port if the port may carry it and that saves a feed
 * from the distribution.
 */
final class PortWiring {
  private final Point box;
  private final int port;
  private final List<Piece> pieces;
  private final PowerRules rules;
  private final Budget budget;
  private final Wiring wiring;
  private final List<Island> islands = new ArrayList<>();
  private final boolean quick;
  private final Standing standing;

  /**
   * A finished island; its first feed goes through the port where {@code trial.port} is there.
   *
   * @param apart whether it wants a supply of its own
   * @param onTrunk whether its feeds are tails, to be hung on a trunk
   */
  record Island(FeedTrial trial, boolean apart, boolean onTrunk) {
    Island(FeedTrial trial, boolean apart) {
      this(trial, apart, false);
    }

    boolean onBank() {
      return trial.port.isPresent();
    }

    Island with(FeedTrial other) {
      return new Island(other, apart, onTrunk);
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

  /**
   * A port to be wired.
   *
   * @param quick whether only the price is asked: where the price search finds nothing, nothing
   *     else is tried
   * @param standing how the plan before it was wired
   */
  private PortWiring(
      Point box,
      int port,
      List<Piece> pieces,
      PowerRules rules,
      Budget budget,
      Wiring wiring,
      boolean quick,
      Standing standing) {
    this.standing = standing;
    this.box = box;
    this.port = port;
    this.pieces = pieces;
    this.rules = rules;
    this.budget = budget;
    this.wiring = wiring;
    this.quick = quick;
  }

  /** The islands of a port; where a margin of volts cannot be kept, down to the least volts. */
  static List<Island> wire(
      BoxLoad box,
      int port,
      PowerRules rules,
      Budget budget,
      Wiring wiring,
      boolean quick,
      Standing standing)
      throws NoPower {
    Point at = box.controller().at();
    List<Piece> pieces = box.ports().get(port - 1).pieces();
    try {
      return new PortWiring(at, port, pieces, rules, budget, wiring, quick, standing).wire();
    } catch (NoPower e) {
      if (!rules.keepsMargin()) {
        throw e;
      }
      return new PortWiring(at, port, pieces, rules.atTheLimit(), budget, wiring, quick, standing)
          .wire();
    }
  }

  private List<Island> wire() throws NoPower {
    int next = 0;
    while (next < pieces.size()) {
      Optional<PortLimit> limit =
          next == 0 && wiring.ways().fromPorts() ? budget.portLimit(port) : Optional.empty();
      int known = asItWas(next, limit);
      if (known == 0) {
        known = byHand(next);
      }
      next += known > 0 ? known : asTheSchoolHasIt(next, limit);
    }
    budget.portDone();
    return islands;
  }

  /** Wires pieces as the plan before it had them, as far as that holds; how many. */
  private int asItWas(int next, Optional<PortLimit> limit) {
    if (wiring.ways().school() == InjectionSchool.TRUNK) {
      return 0;
    }
    Optional<Standing.Unit> unit = standing.from(pieces, next);
    List<FeedTrial> trials = new ArrayList<>();
    for (Standing.Wired island : unit.map(Standing.Unit::islands).orElse(List.of())) {
      Optional<FeedTrial> trial = new IslandRepair(box, rules, wiring, island).trial(limit);
      if (trial.isEmpty() || !acceptable(trial.get())) {
        return 0;
      }
      trials.add(trial.get());
    }
    boolean apart = wiring.ways().school() == InjectionSchool.SECOND_SUPPLY && trials.size() > 1;
    trials.forEach(t -> finish(new Island(t, apart)));
    return unit.map(Standing.Unit::pieces).orElse(0);
  }

  /** How many pieces are wired then. */
  private int asTheSchoolHasIt(int next, Optional<PortLimit> limit) throws NoPower {
    if (wiring.ways().school() == InjectionSchool.TRUNK) {
      TrunkTour.zones(pieces.get(next), rules).forEach(this::tails);
      return 1;
    }
    int joined = byPrice() ? cheapest(next, limit) : joinBehindOneFeed(next, limit);
    if (joined == 0) {
      zones(pieces.get(next), limit);
      return 1;
    }
    return joined;
  }

  /**
   * A zone with its tails, whose wire and trunk are chosen when those of the whole box are known.
   */
  private void tails(Piece zone) {
    Stretch stretch = new Stretch(box, List.of(zone), wiring.conductors());
    TrunkPair.Tailed one = TrunkWiring.tails(stretch, rules.thickest(), TrunkWiring.Tapped.FIRST);
    islands.add(new Island(one.trial(rules), false, true));
  }

  private List<HeldPost> posts(Piece piece) {
    return wiring.postsOf(piece.run().name()).stream()
        .filter(
            p -> p.atPixel() == 0 || (p.atPixel() >= piece.first() && p.atPixel() <= piece.last()))
        .toList();
  }

  private static boolean joinsOn(List<HeldPost> held) {
    return !held.isEmpty() && held.getFirst().atPixel() == 0;
  }

  /** Pieces from {@code first} on whose posts are the builder's; how many. */
  private int byHand(int first) {
    List<HeldPost> held = new ArrayList<>(posts(pieces.get(first)));
    held.removeIf(p -> p.atPixel() == 0);
    if (held.isEmpty()) {
      return 0;
    }
    int to = first + 1;
    while (to < pieces.size() && joinsOn(posts(pieces.get(to)))) {
      held.addAll(posts(pieces.get(to)).stream().filter(p -> p.atPixel() > 0).toList());
      to++;
    }
    Stretch stretch = new Stretch(box, pieces.subList(first, to), wiring.conductors());
    HeldPost head = held.getFirst();
    boolean wants = first == 0 && head.viaPort() && head.atPixel() == pieces.getFirst().first();
    Optional<PortLimit> limit = wants ? budget.portLimit(port) : Optional.empty();
    FeedTrial trial = new FeedSearch(stretch, rules).held(held, limit);
    finish(new Island(trial, false));
    return to - first;
  }

  private boolean byPrice() {
    return wiring.ways().school() == InjectionSchool.PORT_FIRST;
  }

  /** The cheapest islands of all pieces up to the next that has posts by hand. */
  private int cheapest(int first, Optional<PortLimit> limit) throws NoPower {
    int to = first + 1;
    while (to < pieces.size() && !heldHere(to, first) && standing.from(pieces, to).isEmpty()) {
      to++;
    }
    CheapestChain chain =
        new CheapestChain(box, pieces.subList(first, to), rules, wiring.conductors(), budget);
    for (CheapestChain.Part part : chain.parts(limit)) {
      if (part.trial().isPresent()) {
        finish(new Island(part.trial().get(), false));
      } else {
        zones(pieces.get(first + part.first()), part.first() == 0 ? limit : Optional.empty());
      }
    }
    return to - first;
  }

  /** Joins pieces from {@code first} on behind one feed; how many, 0 if not even one. */
  private int joinBehindOneFeed(int first, Optional<PortLimit> limit) {
    InjectionSchool school = wiring.ways().school();
    if (school != InjectionSchool.BEST
        && school != InjectionSchool.FRONT
        && school != InjectionSchool.SECOND_SUPPLY) {
      return 0;
    }
    FeedTrial best = null;
    int joined = 0;
    for (int to = first + 1; to <= pieces.size() && !heldHere(to - 1, first); to++) {
      Optional<FeedTrial> trial = one(first, to, limit);
      if (trial.isEmpty()) {
        break;
      }
      best = trial.get();
      joined = to - first;
    }
    if (best != null) {
      thinAndFinish(best, false);
    }
    return joined;
  }

  private boolean heldHere(int piece, int first) {
    return piece > first && !posts(pieces.get(piece)).isEmpty();
  }

  /** One feed for some pieces: through the port, or else wherever it holds. */
  private Optional<FeedTrial> one(int from, int to, Optional<PortLimit> limit) {
    FeedSearch search =
        new FeedSearch(new Stretch(box, pieces.subList(from, to), wiring.conductors()), rules);
    FeedTrial through = search.single(limit);
    if (acceptable(through)) {
      return Optional.of(through);
    }
    FeedTrial apart =
        wiring.ways().school() == InjectionSchool.FRONT
            ? search.single(Optional.empty())
            : search.one(Optional.empty());
    return Optional.of(apart).filter(this::acceptable);
  }

  private boolean acceptable(FeedTrial trial) {
    return trial.holds() && (trial.port.isEmpty() || budget.bankHolds(trial.totalAmps()));
  }

  private void zones(Piece piece, Optional<PortLimit> limit) throws NoPower {
    InjectionSchool school = wiring.ways().school();
    int units = (piece.pixels() + piece.type().cutEvery() - 1) / piece.type().cutEvery();
    double amps =
        new Stretch(box, List.of(piece), wiring.conductors()).nominalAmps(rules.fusedBrightness());
    int least = school == InjectionSchool.SECOND_SUPPLY ? 2 : 1;
    int count =
        (int) Math.max(1, Math.min(units, Math.max(least, Math.ceil(amps / rules.supplyAmps()))));
    while (true) {
      List<FeedTrial> trials = new ArrayList<>();
      Optional<Shortfall> short_ = tryZones(piece, units, count, limit, trials);
      boolean supplyTooSmall = short_.isPresent() && short_.get().allowed() == rules.supplyAmps();
      boolean asAsked =
          school != InjectionSchool.BEST
              && !byPrice()
              && !supplyTooSmall
              && trials.stream().allMatch(t -> t.totalAmps() > 0);
      if (short_.isEmpty() || asAsked) {
        for (FeedTrial trial : trials) {
          thinAndFinish(trial, school == InjectionSchool.SECOND_SUPPLY);
        }
        return;
      }
      if (!supplyTooSmall || count == units) {
        throw new NoPower(piece, short_.get());
      }
      count = Math.min(units, count + Math.max(1, count / 8));
    }
  }

  private Optional<Shortfall> tryZones(
      Piece piece, int units, int count, Optional<PortLimit> limit, List<FeedTrial> trials) {
    int cut = piece.type().cutEvery();
    Optional<Shortfall> worst = Optional.empty();
    for (int z = 0; z < count; z++) {
      int from = piece.first() + (int) ((long) units * z / count) * cut;
      int to =
          Math.min(piece.last(), piece.first() - 1 + (int) ((long) units * (z + 1) / count) * cut);
      Piece zone = new Piece(piece.run(), piece.type(), from, to);
      FeedTrial trial = best(zone, z == 0 ? limit : Optional.empty());
      trials.add(trial);
      if (!trial.holds()) {
        worst = worst.or(trial::shortfall);
        if (wiring.ways().school() == InjectionSchool.BEST || byPrice()) {
          return worst;
        }
      }
    }
    return worst;
  }

  private FeedTrial best(Piece zone, Optional<PortLimit> limit) {
    Stretch stretch = new Stretch(box, List.of(zone), wiring.conductors());
    if (byPrice()) {
      Optional<FeedTrial> priced =
          CheapestChain.island(stretch, rules, limit, budget).map(PricedFeeds.Priced::trial);
      if (priced.isPresent()) {
        return priced.get();
      }
    }
    FeedSearch search = new FeedSearch(stretch, rules);
    if (quick) {
      return search.single(Optional.empty());
    }
    FeedTrial apart = search.fewest(Optional.empty());
    if (byPrice() && limit.isEmpty()) {
      return search.thinned(apart);
    }
    if (limit.isEmpty()) {
      return apart;
    }
    if (!apart.holds() && (wiring.ways().school() == InjectionSchool.BEST || byPrice())) {
      return apart;
    }
    FeedTrial through = search.fewest(limit);
    FeedTrial thick = acceptable(through) && through.count() <= apart.count() ? through : apart;
    FeedTrial thin = byPrice() ? search.thinned(thick) : thick;
    return acceptable(thin) ? thin : thick;
  }

  private void thinAndFinish(FeedTrial thick, boolean apart) {
    if (byPrice()) {
      finish(new Island(thick, apart));
      return;
    }
    FeedTrial thin = new FeedSearch(thick.stretch, rules).thinned(thick);
    finish(new Island(acceptable(thin) ? thin : thick, apart));
  }

  private void finish(Island island) {
    if (island.onBank()) {
      budget.take(port, island.trial().portAmps(), island.trial().totalAmps());
    }
    islands.add(island);
  }
}
