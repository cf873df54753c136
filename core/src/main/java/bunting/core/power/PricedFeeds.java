package bunting.core.power;

import bunting.core.copper.Fuses;
import bunting.core.cost.JoinPlaces;
import bunting.core.dc.Line;
import bunting.core.injection.CheapestFeeds;
import bunting.core.ports.Piece;
import bunting.core.show.Attach;
import bunting.core.show.PriceList;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The cheapest feeds of one island, by the prices of building: at the port's own lead where that
 * reaches, at ends, joints and corners, and at cut marks where they pay for their minutes.
 *
 * <p><b>Method.</b> For each size that the leads between pieces may have, the exact search over the
 * ready places and all sizes of wire ({@link CheapestFeeds}). In one piece, where what was found
 * costs more than the cheapest feed at a cut could save, cut marks a grid apart are offered too,
 * and then finer ones around those that were taken. What is found is solved once more as it will be
 * wired ({@link FeedTrial}); the search's aim is raised a trifle where that does not hold.
 *
 * <p><b>Limits.</b> All leads within one island have one size. Cut marks are met on a grid of an
 * {@value #GRID}th of the island, made finer around those that were taken. Where what is found does
 * not hold, the fewest feeds of the other school stand in.
 */
final class PricedFeeds {
  private static final int GRID = 8;

  private static final int FINE_GRID = 32;

  /** Placings kept at each place, where the optimum is wanted, and where one near it is. */
  private static final int KEPT_EXACT = 200;

  private static final int KEPT_CLOSE = 60;

  private static final int KEPT_NEARER = 40;

  private static final int KEPT_NEAR = 24;

  private static final int FINEST_NEARER = 10;

  /** How far above the least volts is aimed where the search was a trifle too kind, volts. */
  private static final double[] KINDNESS_VOLTS = {0, 1e-4, 2e-3, 2e-2};

  /** In a show of very many pixels cut marks are only used where nothing else holds. */
  private final boolean cutsToSave;

  private final Stretch stretch;
  private final PowerRules rules;
  private final PriceList prices;
  private final double below;
  private final Optional<PortLimit> port;
  private final NavigableMap<Integer, Attach> ready = new TreeMap<>();
  private Optional<Priced> best = Optional.empty();

  /**
   * What was found.
   *
   * @param price of feeds, leads between pieces, and what the port's own lead costs more than one
   *     for data alone
   */
  record Priced(FeedTrial trial, double price) {}

  private PricedFeeds(Stretch stretch, PowerRules rules, Optional<PortLimit> port, double below) {
    this.below = below;
    this.stretch = stretch;
    this.rules = rules;
    this.prices = rules.prices();
    this.port = port;
    this.cutsToSave = rules.effort() != PowerRules.Effort.EVEN;
    int from = 0;
    for (Piece p : stretch.pieces()) {
      int start = from;
      JoinPlaces.ready(p.run(), p.type(), p.first(), p.last())
          .forEach((pixel, at) -> ready.put(start + pixel - p.first(), at));
      from += p.pixels();
    }
  }

  /** The cheapest that holds; empty: none was found. */
  static Optional<Priced> of(Stretch stretch, PowerRules rules, Optional<PortLimit> port) {
    return of(stretch, rules, port, Double.MAX_VALUE / 4);
  }

  /** The same, where only what is cheaper than this is of use. */
  static Optional<Priced> of(
      Stretch stretch, PowerRules rules, Optional<PortLimit> port, double below) {
    return FeedMemo.priced(
        new FeedMemo.Asked("priced", stretch.box(), stretch.pieces(), rules, port, List.of()),
        below,
        () -> new PricedFeeds(stretch, rules, port, below).search());
  }

  private Optional<Priced> search() {
    double rest = stretch.nominalAmps(rules.fusedBrightness());
    if (rest > rules.supplyAmps() * SURELY_TOO_MUCH) {
      return Optional.empty();
    }
    NavigableMap<Integer, Attach> places = new TreeMap<>(ready);
    look(places);
    double atCut =
        prices.distributionWay() + prices.joining(Attach.CUT) + leastPerM() * shortestM();
    boolean mayCut = cutsToSave && stretch.pieces().size() == 1;
    boolean worth =
        best.isEmpty() ? stretch.pieces().size() == 1 : mayCut && best.get().price() > atCut;
    if (worth) {
      int step = Math.max(1, stretch.size() / GRID);
      addCuts(places, step, 0, stretch.size() - 1);
      look(places);
      if (best.isEmpty() || rules.effort().compareTo(PowerRules.Effort.CLOSE) >= 0) {
        step = Math.max(1, stretch.size() / FINE_GRID);
        addCuts(places, step, 0, stretch.size() - 1);
        look(places);
      }
      refine(step);
      if (rules.effort() == PowerRules.Effort.EXACT) {
        between(step);
      }
    }
    return best;
  }

  /** Where feeds are cut in, the fewest feeds too, and the places where those stand. */
  private void between(int step) {
    NavigableMap<Integer, Attach> places = new TreeMap<>(ready);
    boolean cut =
        best.stream()
            .flatMap(b -> b.trial().posts.stream())
            .anyMatch(p -> !ready.containsKey(p.at()));
    if (!cut) {
      return;
    }
    FeedSearch search = new FeedSearch(stretch, rules);
    for (Optional<PortLimit> via : List.of(port, Optional.<PortLimit>empty())) {
      FeedTrial few = search.thinned(search.fewest(via));
      few.posts.forEach(p -> addCuts(places, 1, p.at(), p.at()));
      double cost = price(few);
      if (few.holds() && cost < best.orElseThrow().price()) {
        best = Optional.of(new Priced(few, cost));
      }
    }
    double before = best.orElseThrow().price();
    look(places);
    if (best.orElseThrow().price() < before) {
      refine(step);
    }
  }

  /** What a trial of another school costs beyond a lead for data alone. */
  private double price(FeedTrial trial) {
    List<PortWiring.Island> one = List.of(new PortWiring.Island(trial, false));
    return IslandPrice.of(one, prices).total() - stretch.feedM(0) * prices.dataPerM();
  }

  /** Finer and finer around the cuts that were taken. */
  private void refine(int from) {
    int step = from;
    while (step > finest()) {
      int finer = Math.max(1, step / 3);
      NavigableMap<Integer, Attach> near = new TreeMap<>(ready);
      for (Post p : best.map(b -> b.trial().posts).orElse(List.of())) {
        addCuts(near, finer, p.at() - step, p.at() + step);
      }
      if (near.size() == ready.size()) {
        return;
      }
      look(near);
      step = finer;
    }
  }

  /** Where only a price near the optimum is wanted, a few pixels to either side do not matter. */
  private int finest() {
    return rules.effort() == PowerRules.Effort.NEARER ? FINEST_NEARER : 1;
  }

  /** Loads that sag draw less than nominal, but never so much less. */
  private static final double SURELY_TOO_MUCH = 2;

  private double leastPerM() {
    return rules.wires().stream().mapToDouble(prices::perM).min().orElse(0);
  }

  private double shortestM() {
    double least = Double.MAX_VALUE;
    int step = Math.max(1, stretch.size() / GRID);
    for (int i = 0; i < stretch.size(); i += step) {
      least = Math.min(least, stretch.feedM(i));
    }
    return least;
  }

  private void addCuts(NavigableMap<Integer, Attach> places, int step, int from, int to) {
    for (int i = Math.max(0, from); i <= Math.min(stretch.size() - 1, to); i += step) {
      Stretch.Place at = stretch.place(i);
      Piece piece = stretch.pieces().get(at.piece());
      int cut = piece.type().cutEvery();
      int pixel = Math.max(piece.first(), at.pixel() - (at.pixel() - 1) % cut);
      int index = i - (at.pixel() - pixel);
      places.putIfAbsent(
          index,
          JoinPlaces.at(piece.run(), piece.type(), piece.first(), piece.last(), pixel, false));
    }
  }

  private void look(NavigableMap<Integer, Attach> places) {
    boolean joined = stretch.pieces().size() > 1;
    double share = rules.designedShare(stretch);
    NavigableMap<Integer, List<CheapestFeeds.Way>> all = ways(places, share, true);
    if (!joined) {
      look(all, rules.thickest(), 0, Double.MAX_VALUE);
      return;
    }
    NavigableMap<Integer, List<CheapestFeeds.Way>> apart =
        port.filter(PortLimit::shared).isPresent() ? ways(places, share, false) : all;
    boolean found = false;
    for (Wire joint : rules.wires().reversed()) {
      boolean bears = port.isEmpty() || joint.fuseAmpsMax() >= port.get().fuseMax();
      double cap = Fuses.largest(joint.fuseAmpsMax()).orElse(0) / rules.margin() * share;
      boolean better =
          look(bears ? all : apart, joint, stretch.jointMetres() * prices.perM(joint), cap);
      if (found && !better) {
        return; // thinner still: it only gets dearer to make up for it
      }
      found = better;
    }
  }

  /** Whether something better was found with leads of this size between the pieces. */
  private boolean look(
      NavigableMap<Integer, List<CheapestFeeds.Way>> ways,
      Wire joint,
      double jointPrice,
      double cap) {
    Line bare = stretch.bare(rules.brightness(), joint);
    double share = rules.designedShare(stretch);
    double[] most = Arrays.stream(stretch.railMost(joint)).map(m -> m * share).toArray();
    int kept =
        switch (rules.effort()) {
          case EXACT -> KEPT_EXACT;
          case CLOSE -> KEPT_CLOSE;
          case NEARER -> KEPT_NEARER;
          case NEAR, EVEN -> KEPT_NEAR;
        };
    for (double kindness : KINDNESS_VOLTS) {
      double known = best.map(Priced::price).orElse(below) - jointPrice;
      Optional<CheapestFeeds.Answer> answer =
          CheapestFeeds.find(
              bare,
              ways,
              Math.min(rules.aimVolts() + kindness, rules.volts()),
              cap,
              most,
              kept,
              known);
      if (answer.isEmpty()) {
        return false;
      }
      FeedTrial trial = trial(answer.get(), joint);
      if (trial.holds()) {
        best = Optional.of(new Priced(trial, answer.get().price() + jointPrice));
        return true;
      }
    }
    return false;
  }

  /** By pixel, the port's own lead and feeds from the distribution in all sizes. */
  private NavigableMap<Integer, List<CheapestFeeds.Way>> ways(
      NavigableMap<Integer, Attach> places, double share, boolean portMay) {
    TreeMap<Integer, List<CheapestFeeds.Way>> ways = new TreeMap<>();
    List<Wire> wires = rules.wires();
    places.forEach(
        (at, attach) -> {
          List<CheapestFeeds.Way> here = new ArrayList<>();
          double metres = stretch.feedM(at);
          double joining = prices.distributionWay() + prices.joining(attach);
          for (int w = 0; w < wires.size(); w++) {
            Wire wire = wires.get(w);
            double fuse = Fuses.largest(wire.fuseAmpsMax()).orElse(0) / rules.margin() * share;
            here.add(
                new CheapestFeeds.Way(
                    rules.copper().feedOhms(wire, metres, false).loop(),
                    rules.supplyVolts(),
                    fuse,
                    joining + metres * prices.perM(wire),
                    w));
            if (at == 0 && port.isPresent() && portMay && port.get().takes(wire)) {
              PortLimit p = port.get();
              boolean thin = p.shared() && wire.fuseAmpsMax() < p.fuseMax();
              double most = Math.min(p.ampsMax(), p.fuseMax() / rules.margin()) * share;
              here.add(
                  new CheapestFeeds.Way(
                      rules.copper().feedOhms(wire, metres, true).loop(),
                      rules.bus().across(),
                      thin ? 0 : Math.min(most, fuse),
                      metres * (prices.perM(wire) - prices.dataPerM()),
                      wires.size() + w));
            }
          }
          ways.put(at, here);
        });
    return CheapestFeeds.byPixel(ways);
  }

  private FeedTrial trial(CheapestFeeds.Answer answer, Wire joint) {
    List<Post> posts = new ArrayList<>();
    boolean viaPort = false;
    int sizes = rules.wires().size();
    for (CheapestFeeds.Chosen c : answer.feeds()) {
      viaPort |= c.way().key() >= sizes;
      posts.add(new Post(c.at(), stretch.feedM(c.at()), rules.wires().get(c.way().key() % sizes)));
    }
    return new FeedTrial(stretch, rules, viaPort ? port : Optional.empty(), posts, joint);
  }
}
