package bunting.core.assess;

import bunting.core.show.DistributionBlock;
import bunting.core.show.Feed;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * The distribution blocks that a plan's feeds want: for each supply the cheapest blocks of the
 * catalogue that have a way for each of its feeds, none over what a way, its terminal and the block
 * bear. Blocks are filled with the heaviest feeds first; of all sequences of kinds the cheapest is
 * taken.
 *
 * @param blocks by supply
 */
public record Distribution(List<Block> blocks) {
  /** While more feeds than this are left on one supply, the largest kind is filled. */
  private static final int FEEDS_SEARCHED = 36;

  /** After so many different rests of feeds the largest kind is filled as well. */
  private static final int STATES_SEARCHED = 2_000;

  /**
   * One block.
   *
   * @param feeds ids of its feeds and trunks
   */
  public record Block(String supply, DistributionBlock type, List<String> feeds) {}

  /**
   * A cable behind a fuse of the distribution.
   *
   * @param id of the feed or the trunk
   * @param feed its id; of a trunk its first tail
   * @param amps at the most that can be sent
   */
  public record Way(String id, String feed, String supply, Wire wire, double fuse, double amps) {
    /** As people say it. */
    public String name() {
      return (id.equals(feed) ? "Feed " : "Trunk ") + id;
    }
  }

  public Distribution {
    blocks = List.copyOf(blocks);
  }

  /** The blocks of a plan; none where the catalogue has none. */
  public static Distribution of(Reading reading) {
    List<DistributionBlock> kinds = reading.show().catalogue().blocks();
    Map<String, List<Way>> bySupply = new TreeMap<>();
    for (Way w : ways(reading)) {
      if (kinds.stream().anyMatch(k -> k.takes(w.wire(), w.fuse()))) {
        bySupply.computeIfAbsent(w.supply(), k -> new ArrayList<>()).add(w);
      }
    }
    List<Block> blocks = new ArrayList<>();
    bySupply.forEach(
        (supply, ways) -> {
          ways.sort(Comparator.comparingDouble((Way w) -> -w.amps()).thenComparing(Way::id));
          blocks.addAll(ofSupply(supply, ways, kinds));
        });
    return new Distribution(blocks);
  }

  /** The ways that no block takes; none where the catalogue has no block. */
  public static List<Way> without(Reading reading) {
    List<DistributionBlock> kinds = reading.show().catalogue().blocks();
    return kinds.isEmpty()
        ? List.of()
        : ways(reading).stream()
            .filter(w -> kinds.stream().noneMatch(k -> k.takes(w.wire(), w.fuse())))
            .toList();
  }

  /** Feeds from the distribution and trunks; a trunk's tails have no way of their own. */
  private static List<Way> ways(Reading reading) {
    Map<String, Wire> wires = reading.show().catalogue().wiresById();
    List<Way> ways = new ArrayList<>();
    for (FeedReading f : reading.feeds()) {
      Feed feed = f.feed();
      if (!feed.viaPort() && feed.trunk().isEmpty()) {
        double amps = reading.worst().feedAmps(feed.id());
        Wire wire = Objects.requireNonNull(wires.get(feed.wire()));
        ways.add(new Way(feed.id(), feed.id(), feed.supply(), wire, feed.fuseAmps(), amps));
      }
    }
    for (TrunkReading t : reading.trunks()) {
      double amps =
          t.trunk().tails().stream().mapToDouble(id -> reading.worst().feedAmps(id)).sum();
      Wire wire = Objects.requireNonNull(wires.get(t.trunk().wire()));
      ways.add(new Way(t.trunk().id(), t.feed(), t.supply(), wire, t.fuseAmps(), amps));
    }
    return ways;
  }

  private record Found(double cost, List<Block> blocks) {}

  /** The blocks of one supply: of very many feeds the first by the largest kind. */
  private static List<Block> ofSupply(
      String supply, List<Way> ways, List<DistributionBlock> kinds) {
    List<Block> blocks = new ArrayList<>();
    List<Way> left = ways;
    while (left.size() > FEEDS_SEARCHED) {
      DistributionBlock kind = largest(left.getFirst(), kinds).orElseThrow();
      List<Way> fits = filled(kind, left);
      // An overloaded feed may be more than a block bears: it has one of its own all the same.
      List<Way> in = fits.isEmpty() ? List.of(left.getFirst()) : fits;
      blocks.add(block(supply, kind, in));
      left = without(left, in);
    }
    blocks.addAll(cheapest(supply, left, kinds, new HashMap<>()).blocks());
    return blocks;
  }

  /** The kind of most ways that takes a feed; empty: none does. */
  private static Optional<DistributionBlock> largest(Way way, List<DistributionBlock> kinds) {
    return kinds.stream()
        .filter(k -> k.takes(way.wire(), way.fuse()))
        .max(Comparator.comparingInt(DistributionBlock::ways));
  }

  /**
   * The cheapest blocks for these feeds, the heaviest first.
   *
   * @param known what was found for the same feeds before
   */
  private static Found cheapest(
      String supply, List<Way> ways, List<DistributionBlock> kinds, Map<List<Way>, Found> known) {
    if (ways.isEmpty()) {
      return new Found(0, List.of());
    }
    Found before = known.get(ways);
    if (before != null) {
      return before;
    }
    Found best = new Found(Double.MAX_VALUE, List.of());
    List<DistributionBlock> tried =
        known.size() < STATES_SEARCHED ? kinds : largest(ways.getFirst(), kinds).stream().toList();
    for (DistributionBlock kind : tried) {
      List<Way> in = filled(kind, ways);
      if (!in.isEmpty() && in.getFirst().equals(ways.getFirst())) {
        Found rest = cheapest(supply, without(ways, in), kinds, known);
        boolean better =
            kind.cost() + rest.cost() < best.cost() - 1e-9
                || (kind.cost() + rest.cost() < best.cost() + 1e-9
                    && rest.blocks().size() + 1 < best.blocks().size());
        if (better) {
          List<Block> blocks = new ArrayList<>();
          blocks.add(block(supply, kind, in));
          blocks.addAll(rest.blocks());
          best = new Found(kind.cost() + rest.cost(), blocks);
        }
      }
    }
    known.put(ways, best);
    return best;
  }

  private static Block block(String supply, DistributionBlock kind, List<Way> in) {
    return new Block(supply, kind, in.stream().map(Way::id).toList());
  }

  private static List<Way> without(List<Way> ways, List<Way> in) {
    Set<Way> gone = new HashSet<>(in);
    return ways.stream().filter(w -> !gone.contains(w)).toList();
  }

  private static List<Way> filled(DistributionBlock kind, List<Way> ways) {
    List<Way> in = new ArrayList<>();
    double amps = 0;
    for (Way w : ways) {
      boolean fits =
          in.size() < kind.ways()
              && kind.takes(w.wire(), w.fuse())
              && amps + w.amps() <= kind.ampsMax();
      if (fits) {
        in.add(w);
        amps += w.amps();
      }
    }
    return in;
  }
}
