package bunting.core.mains;

import bunting.core.show.Circuit;
import bunting.core.show.SupplyType;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Which circuit each supply hangs on: the heaviest first, each on the first circuit that still
 * holds it.
 */
public final class CircuitPlanner {
  /** Share of a breaker for what runs on for hours (NFPA 70 210.20(A), from memory). */
  public static final double CONTINUOUS_SHARE = 0.8;

  /** Sums of amps are exact to far less than this. */
  private static final double ROUNDING_AMPS = 1e-9;

  private CircuitPlanner() {}

  /** A supply and what it delivers. */
  public record Load(String supply, SupplyType type, double watts) {}

  /** Amps that a supply draws from a circuit. */
  public static double inputAmps(SupplyType type, double loadWatts, double circuitVolts) {
    return loadWatts / (type.efficiency() * type.powerFactor() * circuitVolts);
  }

  /** Amps that a circuit has for the show. */
  public static double usableAmps(Circuit circuit) {
    return circuit.breakerAmps() * CONTINUOUS_SHARE - circuit.existingAmps();
  }

  /** Supply ids to circuit ids; a supply that fits nowhere is missing. */
  public static Map<String, String> assign(List<Load> loads, List<Circuit> circuits) {
    List<Load> heavyFirst = new ArrayList<>(loads);
    heavyFirst.sort(
        Comparator.comparingDouble((Load l) -> inputAmps(l.type(), l.watts(), 1)).reversed());
    double[] used = new double[circuits.size()];
    Map<String, String> result = new HashMap<>();
    for (Load load : heavyFirst) {
      for (int c = 0; c < used.length; c++) {
        double amps = inputAmps(load.type(), load.watts(), circuits.get(c).volts());
        if (used[c] + amps <= usableAmps(circuits.get(c)) + ROUNDING_AMPS) {
          used[c] += amps;
          result.put(load.supply(), circuits.get(c).id());
          break;
        }
      }
    }
    return result;
  }
}
