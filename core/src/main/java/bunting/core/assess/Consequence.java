package bunting.core.assess;

import bunting.core.island.Island;
import bunting.core.island.SolvedBox;
import bunting.core.island.SolvedChain;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What follows electrically when all of a show is sent some brightness.
 *
 * @param brightnessPercent of all pixels and sets
 * @param boxes in the order of the controllers
 * @param feedAmps by feed id; nothing for a feed whose island cannot stand
 * @param inputs of boards, dimmers behind
 * @param others dimmers, sets and bulb strings
 */
public record Consequence(
    double brightnessPercent,
    List<SolvedBox> boxes,
    Map<String, Double> feedAmps,
    List<InputReading> inputs,
    List<SupplyReading> supplies,
    List<CircuitReading> circuits,
    OtherReading others,
    Map<String, SolvedChain.SegmentFlow> segments) {
  public Consequence {
    boxes = List.copyOf(boxes);
    feedAmps = Map.copyOf(feedAmps);
    inputs = List.copyOf(inputs);
    supplies = List.copyOf(supplies);
    circuits = List.copyOf(circuits);
    segments = Map.copyOf(segments);
  }

  /** The islands of all ports, in the order of the ports. */
  public List<Island> islands() {
    return boxes.stream()
        .flatMap(b -> b.ports().stream())
        .flatMap(Optional::stream)
        .flatMap(c -> c.islands().stream())
        .toList();
  }

  /** Amps over a feed; 0 where its island cannot stand. */
  public double feedAmps(String feed) {
    return feedAmps.getOrDefault(feed, 0.0);
  }

  /** The most that any part of each trunk's heavy pair carries, by its id. */
  public Map<String, Double> trunkAmps() {
    Map<String, Double> amps = new HashMap<>();
    for (SolvedBox box : boxes) {
      box.trunks().forEach(t -> amps.put(t.laid().trunk().id(), t.mostAmps()));
    }
    return amps;
  }

  /** Amps over each port in use, by controller and port. */
  public Map<PortName, Double> portAmps() {
    Map<PortName, Double> amps = new HashMap<>();
    for (Island island : islands()) {
      PortName port = new PortName(island.controller(), island.port());
      amps.merge(port, island.portAmps(), Double::sum);
    }
    return amps;
  }

  /** A port of a controller. */
  public record PortName(String controller, int port) {}
}
