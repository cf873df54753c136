package bunting.core.whatif;

import bunting.core.assess.FeedReading;
import bunting.core.assess.IslandReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.show.Conductors;
import bunting.core.show.Feed;
import bunting.core.show.Segment;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Failure cases of a plan, one loss at a time. Only the islands that a loss touches are solved
 * again, so all cases together cost about as much as solving each island once for each of its
 * feeds. Board terminals keep the volts that they had.
 */
public final class WhatIf {
  private final Reading reading;
  private final List<IslandReading> islands;
  private final Map<String, FeedReading> feeds = new LinkedHashMap<>();
  private final Map<String, Double> fuseAmps = new HashMap<>();
  private final Map<String, Double> fuseRating = new LinkedHashMap<>();
  private final Map<String, Integer> islandOfFeed = new HashMap<>();
  private final Map<String, List<Integer>> islandsOfPort = new HashMap<>();
  private final Map<String, SegmentReading> segments = new HashMap<>();

  /** The failure cases of a reading. */
  public WhatIf(Reading reading) {
    this.reading = reading;
    this.islands = reading.islands();
    for (FeedReading f : reading.feeds()) {
      feeds.put(f.feed().id(), f);
      fuseAmps.merge(f.feed().fuse(), f.amps(), Double::sum);
      fuseRating.put(f.feed().fuse(), f.feed().fuseAmps());
    }
    for (int i = 0; i < islands.size(); i++) {
      IslandReading island = islands.get(i);
      islandsOfPort
          .computeIfAbsent(portKey(island.controller(), island.port()), k -> new ArrayList<>())
          .add(i);
      for (Feed feed : island.feeds()) {
        islandOfFeed.put(feed.id(), i);
      }
    }
    reading.segments().forEach(s -> segments.put(s.segment().id(), s));
  }

  private static String portKey(String controller, int port) {
    return controller + "\0" + port;
  }

  /**
   * All losses of the plan, in its order. A feed from the distribution is lost as its fuse is, one
   * from a port as the lead that it goes over.
   */
  public List<Loss> losses() {
    List<Loss> list = new ArrayList<>();
    fuseRating.keySet().forEach(f -> list.add(new Loss(Loss.Kind.FUSE, f)));
    reading.segments().forEach(s -> list.add(new Loss(Loss.Kind.LEAD, s.segment().id())));
    Conductors copper = reading.show().wiring().conductors();
    if (copper.inputWire().isPresent()) {
      reading.decisions().controllers().stream()
          .filter(c -> c.supply().isPresent())
          .forEach(c -> list.add(new Loss(Loss.Kind.INPUT, c.controller().id())));
    }
    reading.decisions().supplies().forEach(s -> list.add(new Loss(Loss.Kind.SUPPLY, s.id())));
    return list;
  }

  /** Every loss and what it does, the worst first, ties in the order of the plan. */
  public List<Outcome> all() {
    List<Outcome> outcomes = new ArrayList<>();
    losses().forEach(l -> outcomes.add(lose(l)));
    outcomes.sort(
        Comparator.comparingInt(Outcome::touched)
            .thenComparingInt(o -> o.overloads().size())
            .reversed());
    return outcomes;
  }

  /** What a loss does. What is not there changes nothing. */
  public Outcome lose(Loss loss) {
    return switch (loss.kind()) {
      case FUSE -> without(loss, feedsWhere(f -> f.fuse().equals(loss.id())), Optional.empty());
      case SUPPLY -> without(loss, feedsWhere(f -> f.supply().equals(loss.id())), Optional.empty());
      case LEAD -> lead(loss);
      case INPUT -> input(loss);
    };
  }

  private Set<String> feedsWhere(java.util.function.Predicate<Feed> which) {
    Set<String> ids = new LinkedHashSet<>();
    feeds.values().stream().map(FeedReading::feed).filter(which).forEach(f -> ids.add(f.id()));
    return ids;
  }

  private Outcome lead(Loss loss) {
    SegmentReading behind = segments.get(loss.id());
    if (behind == null) {
      return without(loss, Set.of(), Optional.empty());
    }
    Segment s = behind.segment();
    Set<String> gone =
        s.position() == 1 ? feedsWhere(f -> f.viaPort() && f.segment().equals(s.id())) : Set.of();
    return without(loss, gone, Optional.of(s));
  }

  private Outcome input(Loss loss) {
    Conductors copper = reading.show().wiring().conductors();
    Set<String> ports =
        feedsWhere(
            f -> f.viaPort() && segments.get(f.segment()).segment().controller().equals(loss.id()));
    if (copper.inputWires() == 1) {
      return without(loss, ports, Optional.empty());
    }
    double amps = ports.stream().mapToDouble(id -> feeds.get(id).amps()).sum();
    double each = amps / (copper.inputWires() - 1);
    double most =
        copper
            .inputWire()
            .map(w -> reading.show().catalogue().wiresById().get(w).fuseAmpsMax())
            .orElse(Double.MAX_VALUE);
    Outcome calm = without(loss, Set.of(), Optional.empty());
    return each <= most
        ? calm
        : new Outcome(
            loss,
            "",
            0,
            0,
            0,
            Optional.empty(),
            List.of(new Outcome.Overload("each input wire of " + loss.id(), each, most)),
            Set.of(),
            0);
  }

  /** The plan without some feeds, and perhaps with a lead cut. */
  private Outcome without(Loss loss, Set<String> gone, Optional<Segment> cut) {
    CaseSolver first = solve(gone, cut);
    Set<String> opened = new LinkedHashSet<>();
    Set<String> lost = new HashSet<>(gone);
    CaseSolver now = first;
    List<Outcome.Overload> over = overloads(now, Set.of());
    while (!over.isEmpty()) {
      for (Outcome.Overload o : over) {
        opened.add(o.id());
        lost.addAll(feedsWhere(f -> f.fuse().equals(o.id())));
      }
      now = solve(lost, cut);
      over = overloads(now, opened);
    }
    return new Outcome(
        loss,
        place(loss),
        first.darkPixels(),
        noData(first, cut),
        first.sagPixels(),
        first.lowest(),
        overloads(first, Set.of()),
        opened,
        opened.isEmpty() ? first.darkPixels() : now.darkPixels());
  }

  /** The first pixel that a fuse is there for. */
  private String place(Loss loss) {
    return feeds.values().stream()
        .map(FeedReading::feed)
        .filter(f -> loss.kind() == Loss.Kind.FUSE && f.fuse().equals(loss.id()))
        .findFirst()
        .map(f -> segments.get(f.segment()).run().name() + " at " + f.atPixel())
        .orElse("");
  }

  private int noData(CaseSolver solved, Optional<Segment> cut) {
    Set<String> ports = new LinkedHashSet<>();
    cut.ifPresent(s -> ports.add(portKey(s.controller(), s.port())));
    solved.touched().forEach(i -> ports.add(portKey(i.controller(), i.port())));
    return ports.stream()
        .mapToInt(p -> solved.noData(cut, islandsOfPort.getOrDefault(p, List.of())))
        .sum();
  }

  private CaseSolver solve(Set<String> gone, Optional<Segment> cut) {
    Set<Integer> touched = new LinkedHashSet<>();
    gone.forEach(id -> Optional.ofNullable(islandOfFeed.get(id)).ifPresent(touched::add));
    cut.ifPresent(
        s ->
            islandsOfPort.getOrDefault(portKey(s.controller(), s.port()), List.of()).stream()
                .filter(
                    i -> islands.get(i).parts().stream().anyMatch(p -> p.segment().equals(s.id())))
                .forEach(touched::add));
    CaseSolver solver = new CaseSolver(reading, islands, segments);
    touched.stream().sorted().forEach(i -> solver.solve(i, gone, cut));
    return solver;
  }

  private List<Outcome.Overload> overloads(CaseSolver solved, Set<String> opened) {
    Map<String, Double> changed = new LinkedHashMap<>();
    solved
        .feedAmps()
        .forEach(
            (id, amps) -> {
              FeedReading before = feeds.get(id);
              changed.merge(before.feed().fuse(), amps - before.amps(), Double::sum);
            });
    List<Outcome.Overload> list = new ArrayList<>();
    changed.forEach(
        (fuse, more) -> {
          double amps = fuseAmps.get(fuse) + more;
          double rating = fuseRating.get(fuse);
          if (more > 0 && amps > rating && !opened.contains(fuse)) {
            list.add(new Outcome.Overload(fuse, amps, rating));
          }
        });
    list.sort(Comparator.comparingDouble(o -> -o.amps() / o.mostAmps()));
    return list;
  }
}
