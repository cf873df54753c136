package bunting.core.power;

import bunting.core.copper.Fuses;
import bunting.core.ports.BoxLoad;
import bunting.core.show.Wire;
import bunting.core.show.Wiring;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;

/**
 * The ports of one box by price. First each port as if it were alone; then, where a shared fuse or
 * the board would carry too much, the ports are held to a level at which it does not (the heavy
 * ones give first, as water fills a vessel); at last, where the bank's supply is too small, those
 * ports hand their islands to the distribution for which that costs least an amp.
 */
final class BoxWiring {
  private final BoxLoad box;
  private final PowerRules rules;
  private final Wiring wiring;
  private final Map<Integer, PortLimit> limits = new TreeMap<>();
  private final Map<Integer, List<PortWiring.Island>> wired = new TreeMap<>();
  private final Map<Integer, PortWiring.NoPower> failed = new TreeMap<>();

  private final boolean quick;
  private final Standing standing;

  BoxWiring(BoxLoad box, PowerRules rules, Wiring wiring, boolean quick, Standing standing) {
    this.quick = quick;
    this.standing = standing;
    this.box = box;
    this.rules = rules;
    this.wiring = wiring;
  }

  /** The islands of each port, port 1 first; what cannot be powered is in {@link #failures}. */
  List<List<PortWiring.Island>> wire() {
    for (int port = 1; port <= box.ports().size(); port++) {
      if (!box.ports().get(port - 1).pieces().isEmpty()) {
        int p = port;
        alone(port).ifPresent(l -> limits.put(p, l));
        wire(port);
      }
    }
    shareFuses();
    shareBoard();
    shareBank();
    List<List<PortWiring.Island>> all = new ArrayList<>();
    for (int port = 1; port <= box.ports().size(); port++) {
      all.add(new ArrayList<>(wired.getOrDefault(port, List.of())));
    }
    return all;
  }

  /** What cannot be powered where it is. */
  List<PortWiring.NoPower> failures() {
    return List.copyOf(failed.values());
  }

  /** What a port may give as if the others gave nothing. */
  private Optional<PortLimit> alone(int port) {
    double bears = rules.wires().stream().mapToDouble(Wire::fuseAmpsMax).max().orElse(0);
    OptionalDouble fuse = Fuses.largest(Math.min(box.type().fuseAmpsMax(port), bears));
    double most = box.type().portAmpsMax();
    if (most <= 0 || fuse.isEmpty() || !wiring.ways().fromPorts()) {
      return Optional.empty();
    }
    return Optional.of(
        new PortLimit(
            Math.min(most, box.type().boardAmpsMax()),
            fuse.getAsDouble(),
            false,
            box.type().terminalMm2Max()));
  }

  private void wire(int port) {
    wire(port, Optional.ofNullable(limits.get(port)));
  }

  private void wire(int port, Optional<PortLimit> limit) {
    failed.remove(port);
    try {
      Budget budget = new Budget.Fixed(limit, rules.supplyAmps());
      wired.put(port, PortWiring.wire(box, port, rules, budget, wiring, quick, standing));
    } catch (PortWiring.NoPower e) {
      failed.put(port, e);
      wired.put(port, List.of());
    }
  }

  private double portAmps(int port) {
    return wired.getOrDefault(port, List.of()).stream()
        .mapToDouble(i -> i.trial().portAmps())
        .sum();
  }

  private double bankAmps(int port) {
    return wired.getOrDefault(port, List.of()).stream()
        .filter(PortWiring.Island::onBank)
        .mapToDouble(i -> i.trial().totalAmps())
        .sum();
  }

  /** Fuses that two ports or more use: of one size that all their wires bear. */
  private void shareFuses() {
    Map<List<Integer>, List<Integer>> groups = new HashMap<>();
    for (int port : wired.keySet()) {
      if (portAmps(port) > 0 && box.type().fuseMates(port).size() > 1) {
        groups.computeIfAbsent(box.type().fuseMates(port), k -> new ArrayList<>()).add(port);
      }
    }
    List<List<Integer>> shared =
        groups.values().stream()
            .filter(g -> g.size() > 1)
            .sorted(java.util.Comparator.comparing(List::getFirst))
            .toList();
    for (List<Integer> ports : shared) {
      double largest = limits.get(ports.getFirst()).fuseMax();
      double sum = ports.stream().mapToDouble(this::portAmps).sum();
      OptionalDouble fuse = Fuses.next(sum, rules.margin(), largest);
      double size = fuse.orElse(largest);
      double level = fuse.isPresent() ? Double.MAX_VALUE : level(ports, size / rules.margin());
      for (int port : ports) {
        // In small steps, so that rounding never tips the sum over.
        double most =
            Math.min(level, fuse.isPresent() ? portAmps(port) + spare(ports, size, sum) : level);
        PortLimit l = limits.get(port);
        limits.put(port, l.with(Math.min(most, l.ampsMax()), size, true));
        wire(port);
      }
    }
  }

  private double spare(List<Integer> ports, double size, double sum) {
    return Math.max(0, size / rules.margin() - sum) / ports.size();
  }

  private void shareBoard() {
    List<Integer> ports = wired.keySet().stream().filter(p -> portAmps(p) > 0).toList();
    double sum = ports.stream().mapToDouble(this::portAmps).sum();
    if (Fuses.over(sum, box.type().boardAmpsMax())) {
      double level = level(ports, box.type().boardAmpsMax());
      for (int port : ports) {
        if (portAmps(port) > level) {
          PortLimit l = limits.get(port);
          limits.put(port, l.with(level, l.fuseMax(), l.shared()));
          wire(port);
        }
      }
    }
  }

  /** The level at which these ports, held to it, draw so much in all. */
  private double level(List<Integer> ports, double total) {
    List<Double> amps = ports.stream().map(this::portAmps).sorted().toList();
    double left = total;
    for (int i = 0; i < amps.size(); i++) {
      double even = left / (amps.size() - i);
      if (amps.get(i) >= even) {
        return even * LEVEL_SHARE;
      }
      left -= amps.get(i);
    }
    return Double.MAX_VALUE;
  }

  /** A hair under, so that rounding never tips a sum over. */
  private static final double LEVEL_SHARE = 1 - 1e-9;

  private void shareBank() {
    double bank = wired.keySet().stream().mapToDouble(this::bankAmps).sum();
    Map<Integer, Double> dearer = new HashMap<>();
    while (Fuses.over(bank, rules.supplyAmps())) {
      int best = 0;
      double least = Double.MAX_VALUE;
      for (int port : List.copyOf(wired.keySet())) {
        if (bankAmps(port) > 0) {
          double each = dearer.computeIfAbsent(port, this::withoutPort) / bankAmps(port);
          if (each < least) {
            least = each;
            best = port;
          }
        }
      }
      if (best == 0) {
        return;
      }
      bank -= bankAmps(best);
      limits.remove(best);
      wire(best);
    }
  }

  /** What it costs more to feed a port's islands from the distribution. */
  private double withoutPort(int port) {
    List<PortWiring.Island> before = wired.get(port);
    double now = price(before);
    wire(port, Optional.empty());
    double then = failed.containsKey(port) ? Double.MAX_VALUE / 4 : price(wired.get(port));
    wired.put(port, before);
    failed.remove(port);
    return then - now;
  }

  private double price(List<PortWiring.Island> islands) {
    return IslandPrice.of(islands, rules.prices()).total();
  }
}
