package bunting.core.assess;

import bunting.core.show.Decisions;
import bunting.core.show.Show;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * All consequences of a show and its decisions. Ports are listed for every port of every
 * controller; segments in the order controller, port, position.
 */
public record Reading(
    Show show,
    Decisions decisions,
    List<PortReading> ports,
    List<SegmentReading> segments,
    List<FeedReading> feeds,
    List<SupplyReading> supplies,
    List<CircuitReading> circuits,
    Totals totals,
    OtherReading others,
    Map<String, List<FeedReading>> feedsBySegment,
    List<IslandSolver.Solved> solved,
    Map<String, Double> busVolts) {
  public Reading {
    solved = List.copyOf(solved);
    busVolts = Map.copyOf(busVolts);
    feedsBySegment = Map.copyOf(feedsBySegment);
    ports = List.copyOf(ports);
    segments = List.copyOf(segments);
    feeds = List.copyOf(feeds);
    supplies = List.copyOf(supplies);
    circuits = List.copyOf(circuits);
  }

  /** Computes them. A pure function; cost linear in pixels. */
  public static Reading of(Show show, Decisions decisions) {
    return new Reader(show, decisions, List.of()).read();
  }

  /** The same, with every port that is as it was before taken from there. */
  public static Reading of(Show show, Decisions decisions, Reading before) {
    return new Reader(show, decisions, before.solved).read();
  }

  /** The islands of all ports, in the order of the ports. */
  public List<IslandReading> islands() {
    return solved.stream().flatMap(s -> s.islands().stream()).toList();
  }

  /** The port of that number on that controller. */
  public Optional<PortReading> port(String controller, int port) {
    return ports.stream()
        .filter(p -> p.port() == port && p.controller().equals(controller))
        .findFirst();
  }

  /** The segments of a run. */
  public List<SegmentReading> segmentsOf(String run) {
    return segments.stream().filter(s -> s.run().name().equals(run)).toList();
  }

  /** The feeds of a segment. */
  public List<FeedReading> feedsOf(String segment) {
    return feedsBySegment.getOrDefault(segment, List.of());
  }
}
