package bunting.core.faults;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.patch.LightMap;
import bunting.core.patch.LightMaps;
import bunting.core.show.Feed;
import bunting.core.show.PlacedController;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** A plan by its chains: what one port drives, pixel after pixel. */
public final class Layout {
  /**
   * What hangs on a port.
   *
   * @param box place of its controller, from 0
   * @param segments in order
   * @param starts index on the chain of the first pixel of each
   */
  public record Chain(
      int index,
      int box,
      String controller,
      int port,
      List<SegmentReading> segments,
      List<Integer> starts,
      int pixels) {
    /** The segment that a pixel of the chain is on, by its place. */
    public int segmentAt(int pixel) {
      int s = starts.size() - 1;
      while (starts.get(s) > pixel) {
        s--;
      }
      return s;
    }
  }

  /** Pixels of a run on a chain: where they begin there. */
  public record Part(Chain chain, SegmentReading segment, int start) {
    /** The index on the chain of a pixel of the run. */
    public int indexOf(int pixel) {
      return start + pixel - segment.segment().firstPixel();
    }
  }

  private final Reading reading;
  private final LightMap map;
  private final List<Chain> chains = new ArrayList<>();
  private final Map<String, List<Part>> byRun = new LinkedHashMap<>();
  private final Map<String, Feed> feeds = new LinkedHashMap<>();
  private final Map<String, Part> bySegment = new HashMap<>();
  private final Map<String, Integer> boxes = new LinkedHashMap<>();

  /** Of a plan. */
  public Layout(Reading reading) {
    this.reading = reading;
    this.map = LightMaps.of(reading);
    for (PlacedController c : reading.decisions().controllers()) {
      boxes.put(c.controller().id(), boxes.size());
    }
    for (PortReading p : reading.ports()) {
      if (!p.segments().isEmpty()) {
        add(p);
      }
    }
    reading.decisions().feeds().forEach(f -> feeds.put(f.id(), f));
  }

  private void add(PortReading port) {
    List<Integer> starts = new ArrayList<>();
    int at = 0;
    for (SegmentReading s : port.segments()) {
      starts.add(at);
      at += s.segment().pixels();
    }
    Chain chain =
        new Chain(
            chains.size(),
            boxes.get(port.controller()),
            port.controller(),
            port.port(),
            port.segments(),
            starts,
            at);
    chains.add(chain);
    for (int s = 0; s < starts.size(); s++) {
      SegmentReading segment = port.segments().get(s);
      Part part = new Part(chain, segment, starts.get(s));
      byRun.computeIfAbsent(segment.run().name(), k -> new ArrayList<>()).add(part);
      bySegment.put(segment.segment().id(), part);
    }
  }

  /** The plan. */
  public Reading reading() {
    return reading;
  }

  /** Where its lights are on the wire. */
  public LightMap map() {
    return map;
  }

  /** All chains, in the order of the plan. */
  public List<Chain> chains() {
    return chains;
  }

  /** The names of its runs. */
  public Set<String> runs() {
    return byRun.keySet();
  }

  /** The parts of a run; none for one that is not placed. */
  public List<Part> parts(String run) {
    return byRun.getOrDefault(run, List.of());
  }

  /** The part that a segment is. */
  public Part part(String segment) {
    return java.util.Objects.requireNonNull(bySegment.get(segment));
  }

  /**
   * Pixels of a part, by their places on its chain.
   *
   * @param from the first, from 0
   * @param to behind the last
   */
  public record Span(Part part, int from, int to) {
    /** How many. */
    public int count() {
      return to - from;
    }
  }

  /** Where pixels of a run are, both included; what is not placed is left out. */
  public List<Span> spans(String run, int firstPixel, int lastPixel) {
    List<Span> all = new ArrayList<>();
    for (Part part : parts(run)) {
      var s = part.segment().segment();
      int from = Math.max(firstPixel, s.firstPixel());
      int to = Math.min(lastPixel, s.lastPixel());
      if (from <= to) {
        all.add(new Span(part, part.indexOf(from), part.indexOf(to) + 1));
      }
    }
    return all;
  }

  /** The same of a chain alone. */
  List<Span> spans(Observed.Seen seen, Chain chain) {
    return spans(seen.run(), seen.firstPixel(), seen.lastPixel()).stream()
        .filter(p -> p.part().chain().index() == chain.index())
        .toList();
  }

  /** Where a pixel of a run is. */
  public Optional<Part> partAt(String run, int pixel) {
    return parts(run).stream()
        .filter(
            p ->
                pixel >= p.segment().segment().firstPixel()
                    && pixel <= p.segment().segment().lastPixel())
        .findFirst();
  }

  /** A feed; throws for one that is not there. */
  public Feed feed(String id) {
    return java.util.Objects.requireNonNull(feeds.get(id));
  }

  /** The feeds of a box, in the order of the plan. */
  public List<Feed> feedsOf(int box) {
    return feeds.values().stream().filter(f -> boxOf(f) == box).toList();
  }

  /** The box that a feed comes from. */
  public int boxOf(Feed feed) {
    return part(feed.segment()).chain().box();
  }

  /** All feeds behind a fuse. */
  public Set<String> behindFuse(String fuse) {
    return feeds.values().stream()
        .filter(f -> f.fuse().equals(fuse))
        .map(Feed::id)
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  /** All feeds of a supply. */
  public Set<String> ofSupply(String supply) {
    return feeds.values().stream()
        .filter(f -> f.supply().equals(supply))
        .map(Feed::id)
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  /** The supplies on a circuit. */
  public Set<String> onCircuit(String circuit) {
    return reading.decisions().supplies().stream()
        .filter(s -> s.circuit().filter(circuit::equals).isPresent())
        .map(s -> s.id())
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  /** Boxes whose own electronics go out with a supply. */
  public Set<String> brainsOn(Set<String> supplies) {
    boolean own = !reading.show().wiring().conductors().brainOnBank();
    return reading.decisions().controllers().stream()
        .filter(c -> !own && c.supply().filter(supplies::contains).isPresent())
        .map(c -> c.controller().id())
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  /** Place of a controller among the boxes; -1: there is none. */
  public int box(String controller) {
    return boxes.getOrDefault(controller, -1);
  }

  /** The controllers, in the order of the plan. */
  public Set<String> controllers() {
    return boxes.keySet();
  }
}
