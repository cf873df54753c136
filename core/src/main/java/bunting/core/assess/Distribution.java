package bunting.core.assess;

import bunting.core.show.DistributionBlock;
import bunting.core.show.Feed;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
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
  /** With more feeds than this on one supply, the largest kind is filled first. */
  private static final int FEEDS_SEARCHED = 36;

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
          blocks.addAll(cheapest(supply, ways, kinds).blocks());
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

  private static Found cheapest(String supply, List<Way> ways, List<DistributionBlock> kinds) {
    if (ways.isEmpty()) {
      return new Found(0, List.of());
    }
    Found best = new Found(Double.MAX_VALUE, List.of());
    List<DistributionBlock> tried =
        ways.size() <= FEEDS_SEARCHED
            ? kinds
            : kinds.stream()
                .filter(k -> k.takes(ways.getFirst().wire(), ways.getFirst().fuse()))
                .max(Comparator.comparingInt(DistributionBlock::ways))
                .stream()
                .toList();
    for (DistributionBlock kind : tried) {
      List<Way> in = filled(kind, ways);
      if (in.contains(ways.getFirst())) {
        List<Way> left = new ArrayList<>(ways);
        left.removeAll(in);
        Found rest = cheapest(supply, left, kinds);
        boolean better =
            kind.cost() + rest.cost() < best.cost() - 1e-9
                || (kind.cost() + rest.cost() < best.cost() + 1e-9
                    && rest.blocks().size() + 1 < best.blocks().size());
        if (better) {
          List<Block> blocks = new ArrayList<>();
          blocks.add(new Block(supply, kind, in.stream().map(Way::id).toList()));
          blocks.addAll(rest.blocks());
          best = new Found(kind.cost() + rest.cost(), blocks);
        }
      }
    }
    return best;
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
