package bunting.core.power;

import bunting.core.copper.Fuses;
import bunting.core.copper.TailRule;
import bunting.core.cost.BuildCost;
import bunting.core.cost.JoinPlaces;
import bunting.core.ports.Piece;
import bunting.core.show.Feed;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Trunks past pieces of runs, as people build them: one heavy pair or several, each behind a fuse
 * of its own, open or closed to a ring, with short tails to the pieces. Every size of wire is
 * weighed, open and closed, with as many pairs as the fuse asks for and some more; the cheapest
 * that holds is taken.
 */
public final class TrunkWiring {
  /** So many pairs more than the fuse asks for are tried one by one, beyond that by doubling. */
  private static final int PAIRS_MORE = 3;

  /** Steps by which pairs are made more equal. */
  private static final double EVENER = 1.05;

  /** Tails nearer to each other than this are not tried, pixels. */
  private static final int STEP_LEAST = 20;

  /**
   * Where a piece has its tails: at its first pixel, and after every so many.
   *
   * @param end at its last pixel too
   */
  record Tapped(int step, boolean end) {
    /** At first pixels alone. */
    static final Tapped FIRST = new Tapped(Integer.MAX_VALUE, false);

    /** At both ends. */
    static final Tapped ENDS = new Tapped(Integer.MAX_VALUE, true);

    /** As the school has it, then with the ends too, then ever nearer to each other. */
    static List<Tapped> from(int step) {
      List<Tapped> all = new ArrayList<>(List.of(new Tapped(step, false), new Tapped(step, true)));
      for (int s = step / 2; s >= STEP_LEAST; s /= 2) {
        all.add(new Tapped(s, true));
      }
      return all;
    }

    int[] of(int pixels) {
      int[] at = FeedSearch.every(pixels, step);
      boolean more = end && at[at.length - 1] < pixels - 1;
      int[] all = Arrays.copyOf(at, at.length + (more ? 1 : 0));
      all[all.length - 1] = more ? pixels - 1 : at[at.length - 1];
      return all;
    }
  }

  /**
   * Trunks that were found.
   *
   * @param wire of the heavy pairs
   * @param pairs in the order of the way
   * @param metres of heavy cable
   * @param fuseAmps the largest of their fuses
   * @param leastVolts the lowest of any pixel, as designed
   * @param price of pairs, tails and the work of joining them on
   */
  public record Laid(
      Wire wire,
      boolean ring,
      List<TrunkPair> pairs,
      double metres,
      double fuseAmps,
      double leastVolts,
      double price) {
    public Laid {
      pairs = List.copyOf(pairs);
    }

    /** How many tails. */
    public int tails() {
      return pairs.stream().mapToInt(TrunkPair::tails).sum();
    }

    /** The thinnest of them. */
    public Wire thinnestTail() {
      return pairs.stream()
          .flatMap(p -> p.tailed().stream())
          .map(t -> t.posts().getFirst().wire())
          .min(Comparator.comparingDouble(Wire::fuseAmpsMax))
          .orElseThrow();
    }
  }

  private final PowerRules rules;
  private final Point box;
  private final List<TrunkTour.Stop> stops;

  private TrunkWiring(PowerRules rules, Point box, List<Piece> pieces) {
    this.rules = rules;
    this.box = box;
    this.stops = TrunkTour.of(box, pieces);
  }

  /**
   * The cheapest that holds for pieces of one voltage at a box, whatever the show's school; empty:
   * none does.
   */
  public static Optional<Laid> cheapest(Show show, double volts, Point box, List<Piece> pieces) {
    PowerRules rules = PowerRules.of(show, volts);
    if (pieces.isEmpty() || rules.wires().isEmpty() || rules.supplyAmps() <= 0) {
      return Optional.empty();
    }
    List<Piece> zones = pieces.stream().flatMap(p -> TrunkTour.zones(p, rules).stream()).toList();
    TrunkWiring wiring = new TrunkWiring(rules, box, zones);
    return Stream.of(Tapped.FIRST, Tapped.ENDS)
        .map(t -> wiring.cheapestThatHolds(wiring.candidates(t), rules))
        .flatMap(Optional::stream)
        .min(Comparator.comparingDouble(Laid::price));
  }

  /**
   * As the school has it, or with as many more tails as it takes, with a margin of volts if that
   * can be kept; where none holds, the one of the highest least volts; empty: none can stand.
   */
  static Optional<Laid> asked(PowerRules rules, Point box, List<Piece> pieces) {
    TrunkWiring wiring = new TrunkWiring(rules, box, pieces);
    List<List<Candidate>> ways =
        Tapped.from(rules.ways().everyPixels()).stream().map(wiring::candidates).toList();
    for (PowerRules least : List.of(rules, rules.atTheLimit())) {
      for (List<Candidate> way : ways) {
        Optional<Laid> found = wiring.cheapestThatHolds(way, least);
        if (found.isPresent()) {
          return found;
        }
      }
    }
    return ways.stream()
        .map(wiring::strongest)
        .flatMap(Optional::stream)
        .max(Comparator.comparingDouble(Laid::leastVolts));
  }

  /** A stretch with a tail of some wire at each of its places. */
  static TrunkPair.Tailed tails(Stretch stretch, Wire tail, Tapped tapped) {
    List<Post> posts = new ArrayList<>();
    int[] marks =
        Arrays.stream(tapped.of(stretch.size())).map(stretch::atMark).distinct().toArray();
    for (int i : marks) {
      posts.add(new Post(i, Feed.TAIL_M, tail));
    }
    return new TrunkPair.Tailed(stretch, posts);
  }

  /** Something that may be laid, priced but not solved. */
  private record Candidate(Wire wire, boolean ring, List<TrunkPair> pairs, double price) {}

  /** Every size of wire, open and closed, in so many pairs; the cheapest first. */
  private List<Candidate> candidates(Tapped tapped) {
    List<Candidate> all = new ArrayList<>();
    for (Wire wire : rules.wires()) {
      double bears =
          Math.min(
              Fuses.largest(wire.fuseAmpsMax()).orElse(0) / rules.margin(), rules.supplyAmps());
      List<List<TrunkTour.Stop>> least = TrunkTour.shared(stops, rules, bears);
      if (least.isEmpty()) {
        continue;
      }
      for (int count : counts(least.size())) {
        List<List<TrunkTour.Stop>> shared = evenly(count, bears);
        for (boolean ring : new boolean[] {false, true}) {
          pairs(shared, wire, ring, tapped)
              .ifPresent(p -> all.add(new Candidate(wire, ring, p, price(p, wire))));
        }
      }
    }
    all.sort(Comparator.comparingDouble(Candidate::price));
    return all;
  }

  /** Of pairs, from the fewest to one for each stop. */
  private List<Integer> counts(int least) {
    List<Integer> counts = new ArrayList<>();
    int count = least;
    while (count < stops.size()) {
      counts.add(count);
      count = count < least + PAIRS_MORE ? count + 1 : 2 * count;
    }
    counts.add(stops.size());
    return counts;
  }

  /** At most so many pairs, as even as the order of stops lets them be. */
  private List<List<TrunkTour.Stop>> evenly(int count, double bears) {
    if (count == stops.size()) {
      return stops.stream().map(List::of).toList();
    }
    double total = stops.stream().mapToDouble(s -> TrunkTour.most(s.piece(), rules)).sum();
    for (double level = total / count; level < bears; level *= EVENER) {
      List<List<TrunkTour.Stop>> shared = TrunkTour.shared(stops, rules, level);
      if (!shared.isEmpty() && shared.size() <= count) {
        return shared;
      }
    }
    return TrunkTour.shared(stops, rules, bears);
  }

  private Optional<List<TrunkPair>> pairs(
      List<List<TrunkTour.Stop>> shared, Wire wire, boolean ring, Tapped tapped) {
    List<TrunkPair> pairs = new ArrayList<>();
    for (List<TrunkTour.Stop> on : shared) {
      double amps = on.stream().mapToDouble(s -> TrunkTour.most(s.piece(), rules)).sum();
      double fuse = Fuses.next(amps, rules.margin(), wire.fuseAmpsMax()).orElse(0);
      List<TrunkPair.Tailed> tailed = new ArrayList<>();
      for (TrunkTour.Stop stop : on) {
        Optional<Wire> tail = tail(stop.piece(), fuse);
        if (tail.isEmpty()) {
          return Optional.empty();
        }
        Stretch stretch = new Stretch(box, List.of(stop.piece()), rules.copper());
        tailed.add(tails(stretch, tail.get(), tapped));
      }
      pairs.add(new TrunkPair(rules, box, on, tailed, wire, ring));
    }
    return Optional.of(pairs);
  }

  /**
   * The thinnest wire that bears all of a piece's amps, should its other tails come loose, and that
   * the trunk's fuse may protect: by the rule for short tails, or by its size where cables are to
   * bear what feeds them from behind.
   */
  private Optional<Wire> tail(Piece piece, double fuse) {
    double amps = TrunkTour.most(piece, rules);
    boolean whole = rules.ways().protectBackFeed();
    return rules.wires().stream()
        .filter(w -> w.fuseAmpsMax() >= amps)
        .filter(w -> whole ? w.fuseAmpsMax() >= fuse : TailRule.allows(w, fuse))
        .min(Comparator.comparingDouble(Wire::copperMm2));
  }

  private double price(List<TrunkPair> pairs, Wire wire) {
    BuildCost sum = BuildCost.NOTHING;
    for (TrunkPair pair : pairs) {
      sum = sum.plus(BuildCost.trunk(rules.prices(), wire, pair.metres()));
      for (TrunkPair.Tailed one : pair.tailed()) {
        Piece p = one.stretch().pieces().getFirst();
        for (Post post : one.posts()) {
          int pixel = p.first() + post.at();
          sum =
              sum.plus(
                  BuildCost.tail(
                      rules.prices(),
                      post.wire(),
                      post.metres(),
                      JoinPlaces.at(p.run(), p.type(), p.first(), p.last(), pixel, false)));
        }
      }
    }
    return sum.total();
  }

  /** Nothing is weighed where not even the strongest holds. */
  private Optional<Laid> cheapestThatHolds(List<Candidate> all, PowerRules least) {
    if (strongest(all).filter(l -> holds(l, least)).isEmpty()) {
      return Optional.empty();
    }
    return all.stream()
        .map(this::laid)
        .flatMap(Optional::stream)
        .filter(l -> holds(l, least))
        .findFirst();
  }

  private static boolean holds(Laid laid, PowerRules least) {
    return laid.fuseAmps() > 0 && least.enough(laid.leastVolts());
  }

  /** The most pairs of the thickest wire, as rings. */
  private Optional<Laid> strongest(List<Candidate> all) {
    return all.stream()
        .filter(Candidate::ring)
        .max(
            Comparator.comparingDouble((Candidate c) -> c.wire().copperMm2())
                .thenComparing(c -> c.pairs().size()))
        .flatMap(this::laid);
  }

  /** A candidate solved; empty: it cannot stand. */
  private Optional<Laid> laid(Candidate c) {
    double metres = 0;
    double least = Double.MAX_VALUE;
    double largest = 0;
    boolean fused = true;
    for (TrunkPair pair : c.pairs()) {
      if (!pair.stands()) {
        return Optional.empty();
      }
      double fuse = Fuses.next(pair.mostAmps(), rules.margin(), c.wire().fuseAmpsMax()).orElse(0);
      fused &= fuse > 0 && !Fuses.over(pair.mostAmps(), rules.supplyAmps());
      largest = Math.max(largest, fuse);
      least = Math.min(least, pair.leastVolts());
      metres += pair.metres();
    }
    return Optional.of(
        new Laid(c.wire(), c.ring(), c.pairs(), metres, fused ? largest : 0, least, c.price()));
  }
}
