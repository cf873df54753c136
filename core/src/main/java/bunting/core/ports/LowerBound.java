package bunting.core.ports;

import bunting.core.show.ControllerType;
import bunting.core.show.PixelType;
import bunting.core.show.Show;
import bunting.core.solve.CuttingStock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A number of controllers that no plan of the same placed runs undercuts. For each voltage (a bank
 * has one; where a box may have several, the largest of the numbers holds, else their sum): pixels,
 * time on the wire and slots, each divided by the most that any one controller of that voltage
 * holds; and the ports that runs take which may not be divided, by the bound L2 (Martello and
 * Toth's, Discrete Applied Mathematics 28, 1990) and, where that leaves a gap, by the exact solver.
 */
final class LowerBound {
  /** A quotient this little above a whole number is that number. */
  private static final double ROUNDING = 1e-9;

  private static final int EXACT_MAX = 400;
  private static final int BAR = 1_000_000;

  /** What is placed of one voltage. */
  private static final class Demand {
    double pixels;
    double micros;
    double slots;
    int boxes;
    final List<Piece> whole = new ArrayList<>();
  }

  private LowerBound() {}

  static int of(Show show, List<BoxLoad> boxes, boolean exact) {
    int given = show.controllers().map(List::size).orElse(0);
    return show.mayAddBoxes() ? Math.max(used(show, boxes, exact), given) : given;
  }

  /** How many boxes have something on them in any plan of these runs, given ones and others. */
  static int used(Show show, List<BoxLoad> boxes, boolean exact) {
    Map<Double, Demand> demand = new TreeMap<>();
    for (BoxLoad box : boxes) {
      if (!box.isEmpty()) {
        demand.computeIfAbsent(box.volts(), v -> new Demand()).boxes++;
      }
      for (PortLoad port : box.ports()) {
        for (Piece piece : port.pieces()) {
          PixelType type = piece.type();
          Demand sum = demand.computeIfAbsent(type.volts(), v -> new Demand());
          sum.pixels += piece.pixels();
          sum.micros += piece.pixels() * type.wireMicros();
          sum.slots += piece.pixels() * (double) type.channels() / piece.run().fitting().grouping();
          if (!piece.run().split()) {
            sum.whole.add(piece);
          }
        }
      }
    }
    boolean mixed = mayMix(show);
    int bound = 0;
    for (Map.Entry<Double, Demand> entry : demand.entrySet()) {
      int own = ofVolts(show, entry.getKey(), entry.getValue(), exact);
      bound = mixed ? Math.max(bound, own) : bound + own;
    }
    return bound;
  }

  /** Whether a box may have several boards, of several volts. */
  static boolean mayMix(Show show) {
    Map<String, ControllerType> all = show.catalogue().controllerTypesById();
    boolean given =
        show.controllers().stream()
            .flatMap(List::stream)
            .anyMatch(c -> !all.get(c.type()).banks().isEmpty());
    boolean added =
        show.mayAddBoxes()
            && show.catalogue().controllerTypes().stream().anyMatch(t -> !t.banks().isEmpty());
    return given || added;
  }

  private static int ofVolts(Show show, double volts, Demand sum, boolean exact) {
    double fps = show.settings().targetFps();
    double budget = PortRules.budgetMicros(fps);
    Map<String, ControllerType> all = show.catalogue().controllerTypesById();
    List<ControllerType> kinds = new java.util.ArrayList<>();
    if (show.mayAddBoxes()) {
      kinds.addAll(show.catalogue().controllerTypes());
    }
    show.controllers().ifPresent(list -> list.forEach(b -> kinds.add(all.get(b.type()))));
    kinds.removeIf(t -> !t.takes(volts));
    double mostPixels = 0;
    double mostMicros = 0;
    double mostSlots = 0;
    int mostPorts = 1;
    for (ControllerType type : kinds) {
      mostPixels = Math.max(mostPixels, type.ports() * (double) type.pixelsPerPortMax());
      mostMicros = Math.max(mostMicros, type.ports() * budget);
      mostSlots = Math.max(mostSlots, type.universesMax() * 512.0);
      mostPorts = Math.max(mostPorts, type.ports());
    }
    double needed =
        Math.max(sum.pixels / mostPixels, Math.max(sum.micros / mostMicros, sum.slots / mostSlots));
    int plain = Math.max(1, (int) Math.ceil(needed - ROUNDING));
    List<Double> shares =
        sum.whole.stream()
            .map(
                p ->
                    kinds.stream()
                        .mapToDouble(k -> PortRules.share(k, p.type(), p.pixels(), fps))
                        .min()
                        .orElse(0))
            .sorted(Comparator.reverseOrder())
            .toList();
    int bound = Math.max(plain, (l2(shares) + mostPorts - 1) / mostPorts);
    if (exact && bound < sum.boxes && !shares.isEmpty() && shares.size() <= EXACT_MAX) {
      bound = Math.max(bound, (exact(shares) + mostPorts - 1) / mostPorts);
    }
    return bound;
  }

  /** Ports of size 1 for pieces that may not be divided, largest first: the bound L2. */
  static int l2(List<Double> shares) {
    int best = (int) Math.ceil(shares.stream().mapToDouble(s -> s).sum() - 1e-6);
    for (double t : shares) {
      if (t > 0.5) {
        continue;
      }
      int alone = 0;
      double spaceBeside = 0;
      double small = 0;
      for (double s : shares) {
        if (s > 1 - t + ROUNDING) {
          alone++;
        } else if (s > 0.5 + ROUNDING) {
          alone++;
          spaceBeside += 1 - s;
        } else if (s >= t) {
          small += s;
        }
      }
      int more = (int) Math.ceil(Math.max(0, small - spaceBeside) - 1e-6);
      best = Math.max(best, alone + more);
    }
    return Math.max(best, (int) shares.stream().filter(s -> s > 0.5 + ROUNDING).count());
  }

  /** The proven least number of ports; 0 where it is not proven. */
  private static int exact(List<Double> shares) {
    // Rounded down, so that a bound for the rounded pieces is one for the true ones.
    List<Integer> sizes =
        shares.stream().map(s -> (int) Math.max(1, Math.floor(Math.min(1, s) * BAR))).toList();
    CuttingStock.Result result =
        CuttingStock.solve(sizes, List.of(CuttingStock.Bar.endless(BAR, 1)));
    return result.proven() ? result.cuts().size() : 0;
  }
}
