package bunting.core.assess;

import bunting.core.island.Island;
import bunting.core.island.SolvedBox;
import bunting.core.show.Decisions;
import bunting.core.show.PlacedBoard;
import bunting.core.show.PlacedController;
import bunting.core.show.Show;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;

/**
 * All consequences of a show and its decisions. Ports are listed for every port of every
 * controller; segments in the order controller, port, position. Amps and volts of ports, segments
 * and feeds are at the brightness that is designed for.
 *
 * @param designed what follows at that brightness
 * @param worst at the most that can be sent: what the limiter lets through, or full white
 * @param white at full white, limiter or not
 */
public record Reading(
    Show show,
    Decisions decisions,
    List<PortReading> ports,
    List<SegmentReading> segments,
    List<FeedReading> feeds,
    List<TrunkReading> trunks,
    Totals totals,
    Map<String, List<FeedReading>> feedsBySegment,
    Consequence designed,
    Consequence worst,
    Consequence white) {
  public Reading {
    feedsBySegment = Map.copyOf(feedsBySegment);
    ports = List.copyOf(ports);
    segments = List.copyOf(segments);
    feeds = List.copyOf(feeds);
    trunks = List.copyOf(trunks);
  }

  /** Computes them. A pure function; cost linear in pixels. */
  public static Reading of(Show show, Decisions decisions) {
    return new Reader(show, decisions, List.of(), false).read();
  }

  /** The same where something has failed: pixels far below their volts draw what they still can. */
  public static Reading ofFailure(Show show, Decisions decisions) {
    return new Reader(show, decisions, List.of(), true).read();
  }

  /** The same, with every port that is as it was before taken from there. */
  public static Reading of(Show show, Decisions decisions, Reading before) {
    return new Reader(show, decisions, before.solved(), false).read();
  }

  private List<SolvedBox> solved() {
    // Equal brightness is the same consequence; to compare them whole would cost more than a solve.
    Map<Double, Consequence> each = new TreeMap<>();
    Stream.of(designed, worst, white).forEach(c -> each.putIfAbsent(c.brightnessPercent(), c));
    return each.values().stream().flatMap(c -> c.boxes().stream()).toList();
  }

  /** Amps through each fuse of feeds, by its name in their order; shared ones and trunks summed. */
  public Map<String, Double> fuseAmps(Consequence at) {
    Map<String, Double> amps = new LinkedHashMap<>();
    for (FeedReading f : feeds) {
      amps.merge(f.feed().fuse(), at.feedAmps(f.feed().id()), Double::sum);
    }
    return amps;
  }

  /** Amps over all ports of each board, by its id. */
  public Map<String, Double> boardAmps(Consequence at) {
    Map<String, Double> amps = new LinkedHashMap<>();
    Map<Consequence.PortName, Integer> banks = new HashMap<>();
    ports.forEach(
        p -> {
          int bank = p.type().bankOf(p.port());
          banks.put(new Consequence.PortName(p.controller(), p.port()), bank);
        });
    for (Island island : at.islands()) {
      Integer bank = banks.get(new Consequence.PortName(island.controller(), island.port()));
      String id = PlacedBoard.id(island.controller(), bank == null ? 0 : bank);
      amps.merge(id, island.portAmps(), Double::sum);
    }
    return amps;
  }

  /** The place of a port's board among all boards: what solved boxes are listed by. */
  public int board(String controller, int port) {
    int before = 0;
    for (PlacedController c : decisions.controllers()) {
      if (c.controller().id().equals(controller)) {
        var type = show.catalogue().controllerTypesById().get(c.controller().type());
        return before + Math.max(0, type.bankOf(port) - 1);
      }
      before += c.everyBoard().size();
    }
    throw new java.util.NoSuchElementException(controller);
  }

  /** The controller that a board is on; of a dimmer's board that itself. */
  public String controllerOf(String board) {
    return decisions.boards().stream()
        .filter(b -> b.id().equals(board))
        .map(b -> b.controller().id())
        .findFirst()
        .orElse(board);
  }

  /** Supplies, as the show is designed. */
  public List<SupplyReading> supplies() {
    return designed.supplies();
  }

  /** Circuits, as the show is designed. */
  public List<CircuitReading> circuits() {
    return designed.circuits();
  }

  /** Lights that are not pixels, as the show is designed. */
  public OtherReading others() {
    return designed.others();
  }

  /** The islands of all ports, in the order of the ports, as the show is designed. */
  public List<Island> islands() {
    return designed.islands();
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
