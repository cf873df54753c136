package bunting.core.power;

import bunting.core.ports.Piece;
import bunting.core.show.Break;
import bunting.core.show.Decisions;
import bunting.core.show.Feed;
import bunting.core.show.Input;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.Supply;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * How a plan was wired, in the terms of the show as it is now: what still holds is wired the same,
 * under the same names. The end of a run that got longer or shorter is where its far feed is.
 */
final class Standing {
  /** A show without an earlier plan. */
  static final Standing NONE = new Standing(Optional.empty());

  private final Optional<Decisions> before;
  private final Map<String, List<Part>> parts = new HashMap<>();
  private final Map<Integer, Optional<String>> joints = new HashMap<>();
  private final Map<Integer, List<Known>> feeds = new HashMap<>();
  private final Map<String, Feed> byPlace = new HashMap<>();
  private final Map<String, String> segmentIds = new HashMap<>();
  private final Map<String, Double> fuses = new HashMap<>();
  private final Map<String, Input> inputs = new HashMap<>();
  private final Map<String, Supply> supplies = new LinkedHashMap<>();
  private final Map<String, String> bankSupplies = new HashMap<>();
  private boolean wiring;
  private Set<String> anew = Set.of();

  /** Pixels of a run on an island. */
  record Part(int island, String segment, int from, int to, int order) {}

  /** A feed at its pixel of the run as it is now. */
  record Known(Feed feed, String run, int pixel) {}

  private Standing(Optional<Decisions> before) {
    this.before = before;
  }

  /**
   * Reads a plan.
   *
   * @param wiring whether its islands may stay as they are; without it only names and supplies do
   * @param anew runs whose islands do not stay
   */
  static Standing of(Show show, Decisions before, boolean wiring, Set<String> anew) {
    Standing standing = new Standing(Optional.of(before));
    standing.wiring = wiring;
    standing.anew = anew;
    standing.read(show, before);
    return standing;
  }

  /** Whether there is an earlier plan. */
  boolean isThere() {
    return before.isPresent();
  }

  /** Whether a better plan is looked for, beside the one that is known. */
  boolean isBeside() {
    return !anew.isEmpty();
  }

  /** Whether islands of an earlier plan may stay as they were. */
  boolean keepsWiring() {
    return wiring;
  }

  private void read(Show show, Decisions plan) {
    Map<String, Run> runs = new HashMap<>();
    show.runs().forEach(r -> runs.put(r.name(), r));
    Map<String, Integer> lastOf = new HashMap<>();
    plan.segments().forEach(s -> lastOf.merge(s.run(), s.lastPixel(), Math::max));
    Map<String, List<Integer>> cuts = new HashMap<>();
    for (Break b : plan.breaks()) {
      cuts.computeIfAbsent(b.segment(), k -> new ArrayList<>()).add(b.afterPixel());
    }
    Map<String, List<Feed>> fed = new HashMap<>();
    for (Feed f : plan.feeds()) {
      fed.computeIfAbsent(f.segment(), k -> new ArrayList<>()).add(f);
      fuses.put(f.fuse(), f.fuseAmps());
    }
    plan.inputs().forEach(i -> inputs.put(i.board(), i));
    plan.supplies().forEach(s -> supplies.put(s.id(), s));
    plan.boards().forEach(b -> b.supply().ifPresent(s -> bankSupplies.put(b.id(), s)));
    int island = -1;
    for (Segment s : plan.segments()) {
      boolean joined = s.position() > 1 && s.powerFromPrevious();
      island += joined ? 0 : 1;
      if (joined) {
        joints.put(island, s.leadWire());
      }
      Run run = runs.get(s.run());
      segmentIds.put(s.run() + "\0" + s.firstPixel(), s.id());
      int end = s.lastPixel();
      boolean endsRun = end == lastOf.get(s.run());
      int now = run == null ? 0 : endsRun ? run.pixels() : Math.min(end, run.pixels());
      List<Integer> stops = new ArrayList<>(cuts.getOrDefault(s.id(), List.of()));
      stops.add(Integer.MAX_VALUE);
      stops.sort(Comparator.naturalOrder());
      int from = s.firstPixel();
      int first = island;
      for (int stop : stops) {
        int to = Math.min(stop, now);
        if (from <= to && run != null) {
          parts
              .computeIfAbsent(s.run(), k -> new ArrayList<>())
              .add(new Part(island, s.id(), from, to, s.position()));
        }
        if (stop < Integer.MAX_VALUE) {
          from = stop + 1;
          island++;
        }
      }
      if (run != null) {
        feeds(s, fed.getOrDefault(s.id(), List.of()), first, stops, now);
      }
    }
  }

  private void feeds(Segment s, List<Feed> fed, int first, List<Integer> stops, int now) {
    for (Feed f : fed) {
      boolean atEnd = f.atPixel() == s.lastPixel() && f.atPixel() > s.firstPixel();
      int pixel = atEnd ? now : Math.min(f.atPixel(), now);
      int zone = 0;
      while (stops.get(zone) < f.atPixel()) {
        zone++;
      }
      if (pixel >= s.firstPixel()
          && byPlace.putIfAbsent(place(s.run(), pixel, f.viaPort()), f) == null) {
        feeds
            .computeIfAbsent(first + zone, k -> new ArrayList<>())
            .add(new Known(f, s.run(), pixel));
      }
    }
  }

  private static String place(String run, int pixel, boolean viaPort) {
    return run + "\0" + pixel + (viaPort ? " port" : "");
  }

  /** The feed that was there. */
  Optional<Feed> feed(String run, int pixel, boolean viaPort) {
    return Optional.ofNullable(byPlace.get(place(run, pixel, viaPort)));
  }

  /** The feeds of a run, by their pixels. */
  List<Feed> feedsOf(String run) {
    return feeds.values().stream()
        .flatMap(List::stream)
        .filter(k -> k.run().equals(run))
        .sorted(Comparator.comparingInt(Known::pixel))
        .map(Known::feed)
        .toList();
  }

  /** What a piece was called. */
  Optional<String> segment(String run, int firstPixel) {
    return Optional.ofNullable(segmentIds.get(run + "\0" + firstPixel));
  }

  /** Whether a piece had that name. */
  boolean isSegment(String id) {
    return segmentIds.containsValue(id);
  }

  /** What a fuse was rated, by the name of it. */
  Optional<Double> fuse(String name) {
    return Optional.ofNullable(fuses.get(name));
  }

  /** How a board was wired to its supply. */
  Optional<Input> input(String board) {
    return Optional.ofNullable(inputs.get(board));
  }

  /** The supply that a board's bank was on. */
  Optional<String> bankSupply(String board) {
    return Optional.ofNullable(bankSupplies.get(board));
  }

  /** Ids of the plan's supplies, in its order. */
  List<String> supplyIds() {
    return List.copyOf(supplies.keySet());
  }

  /** A supply of the plan. */
  Optional<Supply> supply(String id) {
    return Optional.ofNullable(supplies.get(id));
  }

  /** Names of a kind that nothing of the plan has, from the highest on. */
  Fresh fresh(String letter) {
    Set<String> used = new HashSet<>();
    before.ifPresent(
        d -> {
          d.feeds().forEach(f -> used.add(f.id()));
          d.supplies().forEach(s -> used.add(s.id()));
        });
    return new Fresh(letter, used);
  }

  /** New names, each once. */
  static final class Fresh {
    private final String letter;
    private final Set<String> used;
    private int next;

    private Fresh(String letter, Set<String> used) {
      this.letter = letter;
      this.used = used;
    }

    String next() {
      String id;
      do {
        id = letter + ++next;
      } while (!used.add(id));
      return id;
    }
  }

  /**
   * Islands as they were.
   *
   * @param pieces how many pieces of the chain they take
   */
  record Unit(int pieces, List<Wired> islands) {}

  /** An island's pieces and feeds; the first through the port where {@code viaPort}. */
  record Wired(List<Piece> pieces, List<Known> feeds, boolean viaPort, Optional<String> joints) {}

  /** What was wired together from a piece of a chain on; empty: nothing was. */
  Optional<Unit> from(List<Piece> chain, int next) {
    if (!wiring || anew.contains(chain.get(next).run().name())) {
      return Optional.empty();
    }
    Piece head = chain.get(next);
    List<Part> own = on(head);
    if (own.isEmpty() || !inOneSegment(own)) {
      return Optional.empty();
    }
    if (own.size() > 1) {
      return zones(head, own, next == 0);
    }
    int island = own.getFirst().island();
    List<Piece> pieces = new ArrayList<>(List.of(head));
    int order = own.getFirst().order();
    for (int i = next + 1; i < chain.size(); i++) {
      List<Part> more = on(chain.get(i));
      if (more.size() != 1
          || more.getFirst().island() != island
          || more.getFirst().order() <= order) {
        break;
      }
      order = more.getFirst().order();
      pieces.add(chain.get(i));
    }
    return wired(island, pieces, next == 0).map(w -> new Unit(pieces.size(), List.of(w)));
  }

  private Optional<Unit> zones(Piece piece, List<Part> own, boolean atPort) {
    List<Wired> islands = new ArrayList<>();
    for (int z = 0; z < own.size(); z++) {
      int from = z == 0 ? piece.first() : own.get(z).from();
      int to = z == own.size() - 1 ? piece.last() : own.get(z).to();
      Piece zone = new Piece(piece.run(), piece.type(), from, to);
      if (!bunting.core.cost.JoinPlaces.atCutMark(piece.type(), from)) {
        return Optional.empty();
      }
      Optional<Wired> w = wired(own.get(z).island(), List.of(zone), atPort && z == 0);
      if (w.isEmpty()) {
        return Optional.empty();
      }
      islands.add(w.get());
    }
    return Optional.of(new Unit(1, islands));
  }

  private List<Part> on(Piece piece) {
    return parts.getOrDefault(piece.run().name(), List.of()).stream()
        .filter(p -> p.from() <= piece.last() && p.to() >= piece.first())
        .sorted(Comparator.comparingInt(Part::from))
        .toList();
  }

  private static boolean inOneSegment(List<Part> parts) {
    return parts.stream().map(Part::segment).distinct().count() == 1;
  }

  private Optional<Wired> wired(int island, List<Piece> pieces, boolean atPort) {
    List<Known> all = feeds.getOrDefault(island, List.of());
    if (all.stream().anyMatch(k -> k.feed().trunk().isPresent())) {
      return Optional.empty();
    }
    List<Known> here = new ArrayList<>();
    boolean viaPort = false;
    for (Known k : all) {
      boolean onIt =
          pieces.stream()
              .anyMatch(
                  p ->
                      p.run().name().equals(k.run())
                          && k.pixel() >= p.first()
                          && k.pixel() <= p.last());
      boolean head =
          pieces.getFirst().run().name().equals(k.run()) && k.pixel() == pieces.getFirst().first();
      if (k.feed().viaPort() && atPort) {
        // The port feeds whatever is next to it, also where that was second before.
        viaPort = true;
        here.addFirst(
            head
                ? k
                : new Known(k.feed(), pieces.getFirst().run().name(), pieces.getFirst().first()));
      } else if (k.feed().viaPort()) {
        return Optional.empty();
      } else if (onIt) {
        here.add(k);
      }
    }
    return here.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new Wired(pieces, here, viaPort, joints.getOrDefault(island, Optional.empty())));
  }
}
