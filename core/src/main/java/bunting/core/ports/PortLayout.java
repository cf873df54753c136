package bunting.core.ports;

import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Decisions;
import bunting.core.show.PixelType;
import bunting.core.show.PlacedController;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.Unplaced;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * Two allotments of one show, held against each other port by port.
 *
 * @param controllers in the order of the plan
 * @param chains what is on each port that is in use
 * @param unplaced runs without a port
 */
public record PortLayout(
    List<Controller> controllers, Map<Outlet, List<Piece>> chains, List<Unplaced> unplaced) {
  public PortLayout {
    controllers = List.copyOf(controllers);
    chains = java.util.Collections.unmodifiableMap(new TreeMap<>(chains));
    unplaced = List.copyOf(unplaced);
  }

  /** A port of a controller. */
  public record Outlet(String controller, int port) implements Comparable<Outlet> {
    @Override
    public int compareTo(Outlet other) {
      int byName = controller.compareTo(other.controller);
      return byName != 0 ? byName : Integer.compare(port, other.port);
    }
  }

  /** Returns the layout of a plan. */
  public static PortLayout of(Show show, Decisions plan) {
    Map<String, Run> runs = new HashMap<>();
    show.runs().forEach(r -> runs.put(r.name(), r));
    Map<String, PixelType> types = show.catalogue().pixelTypesById();
    Map<Outlet, List<Piece>> chains = new TreeMap<>();
    for (Segment s : plan.segments()) {
      Run run = runs.get(s.run());
      chains
          .computeIfAbsent(new Outlet(s.controller(), s.port()), k -> new ArrayList<>())
          .add(new Piece(run, types.get(run.type()), s.firstPixel(), s.lastPixel()));
    }
    return new PortLayout(
        plan.controllers().stream().map(PlacedController::controller).toList(),
        chains,
        plan.unplaced().stream().filter(u -> runs.containsKey(u.run())).toList());
  }

  /** Returns the allotment with this layout. */
  public Allotment allotment(Show show) {
    Map<String, ControllerType> kinds = show.catalogue().controllerTypesById();
    List<BoxLoad> boxes = new ArrayList<>();
    for (Controller c : controllers) {
      BoxLoad box = new BoxLoad(c, kinds.get(c.type()));
      for (int port = 1; port <= box.type().ports(); port++) {
        int to = port;
        chains.getOrDefault(new Outlet(c.id(), port), List.of()).forEach(p -> box.append(to, p));
      }
      boxes.add(box);
    }
    return new Allotment(boxes, unplaced);
  }

  /** Returns the runs on some ports. */
  public Set<String> runs(Set<Outlet> ports) {
    Set<String> runs = new TreeSet<>();
    ports.forEach(p -> chains.getOrDefault(p, List.of()).forEach(c -> runs.add(c.run().name())));
    return runs;
  }

  /** Returns this layout with some ports as another has them. */
  public PortLayout with(Set<Outlet> ports, PortLayout other, Show show) {
    Map<Outlet, List<Piece>> mixed = new TreeMap<>(chains);
    mixed.keySet().removeAll(ports);
    other.chains.forEach(
        (port, chain) -> {
          if (ports.contains(port)) {
            mixed.put(port, chain);
          }
        });
    Set<String> used = mixed.keySet().stream().map(Outlet::controller).collect(Collectors.toSet());
    show.controllers().ifPresent(list -> list.forEach(c -> used.add(c.id())));
    Map<String, Controller> all = new LinkedHashMap<>();
    controllers.forEach(c -> all.put(c.id(), c));
    other.controllers.forEach(c -> all.putIfAbsent(c.id(), c));
    all.keySet().retainAll(used);
    Set<String> placed = new LinkedHashSet<>();
    mixed.values().forEach(chain -> chain.forEach(p -> placed.add(p.run().name())));
    Map<String, Unplaced> left = new LinkedHashMap<>();
    unplaced.forEach(u -> left.put(u.run(), u));
    other.unplaced.forEach(u -> left.putIfAbsent(u.run(), u));
    left.keySet().removeAll(placed);
    return new PortLayout(List.copyOf(all.values()), mixed, List.copyOf(left.values()));
  }

  /**
   * Returns the ports that differ from another layout, in sets that can be changed over one without
   * the other: ports that share a run, and ports of a board whose volts change, are in one set.
   *
   * @param rewired ports that count as different though their chains are the same
   */
  public List<Set<Outlet>> differences(PortLayout other, Set<Outlet> rewired, Show show) {
    Set<Outlet> differing = new TreeSet<>(rewired);
    Set<Outlet> all = new TreeSet<>(chains.keySet());
    all.addAll(other.chains.keySet());
    all.stream().filter(p -> !chain(p).equals(other.chain(p))).forEach(differing::add);
    Map<String, Outlet> first = new HashMap<>();
    Map<Outlet, Outlet> root = new HashMap<>();
    differing.forEach(p -> root.put(p, p));
    Map<String, ControllerType> kinds = show.catalogue().controllerTypesById();
    Map<String, String> types = new HashMap<>();
    controllers.forEach(c -> types.put(c.id(), c.type()));
    other.controllers.forEach(c -> types.put(c.id(), c.type()));
    for (Outlet port : differing) {
      ControllerType kind = kinds.get(types.get(port.controller()));
      String board = port.controller() + "\0" + (kind == null ? 0 : kind.bankOf(port.port()));
      if (!volts(board, kind).equals(other.volts(board, kind))) {
        join(root, first, "board " + board, port);
      }
      for (PortLayout layout : List.of(this, other)) {
        layout.chain(port).forEach(p -> join(root, first, "run " + p.run().name(), port));
      }
    }
    Map<Outlet, Set<Outlet>> sets = new LinkedHashMap<>();
    differing.forEach(p -> sets.computeIfAbsent(root(root, p), k -> new TreeSet<>()).add(p));
    return List.copyOf(sets.values());
  }

  private List<Piece> chain(Outlet port) {
    return chains.getOrDefault(port, List.of());
  }

  private Set<Double> volts(String board, @org.jspecify.annotations.Nullable ControllerType kind) {
    Set<Double> volts = new TreeSet<>();
    chains.forEach(
        (port, chain) -> {
          int bank = kind == null ? 0 : kind.bankOf(port.port());
          if (board.equals(port.controller() + "\0" + bank)) {
            chain.forEach(p -> volts.add(p.type().volts()));
          }
        });
    return volts;
  }

  private static Outlet root(Map<Outlet, Outlet> root, Outlet port) {
    Outlet at = port;
    while (!root.get(at).equals(at)) {
      at = root.get(at);
    }
    return at;
  }

  private static void join(
      Map<Outlet, Outlet> root, Map<String, Outlet> first, String key, Outlet port) {
    Outlet before = first.putIfAbsent(key, port);
    if (before != null) {
      root.put(root(root, port), root(root, before));
    }
  }
}
