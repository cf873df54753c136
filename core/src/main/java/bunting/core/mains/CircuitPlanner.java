package bunting.core.mains;

import bunting.core.show.Circuit;
import bunting.core.show.SupplyType;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Which circuit each supply and each chain of bulb strings hangs on: the heaviest first, each on
 * the first circuit that still holds it.
 */
public final class CircuitPlanner {
  /** Share of a breaker for what runs on for hours (NFPA 70 210.20(A), from memory). */
  public static final double CONTINUOUS_SHARE = 0.8;

  /** Sums of amps are exact to far less than this. */
  private static final double ROUNDING_AMPS = 1e-9;

  private CircuitPlanner() {}

  /**
   * Something on the mains.
   *
   * @param key its id
   * @param voltAmps what it draws, so that amps are these divided by the circuit's volts
   * @param fixed the circuit that it must be on, where that is known
   */
  public record Load(String key, double voltAmps, Optional<String> fixed) {
    /** A supply, on any circuit. */
    public static Load of(String supply, SupplyType type, double watts) {
      return new Load(supply, inputAmps(type, watts, 1), Optional.empty());
    }
  }

  /** Amps that a supply draws from a circuit. */
  public static double inputAmps(SupplyType type, double loadWatts, double circuitVolts) {
    return loadWatts / (type.efficiency() * type.powerFactor() * circuitVolts);
  }

  /** Amps that a circuit has for the show. */
  public static double usableAmps(Circuit circuit) {
    return circuit.breakerAmps() * CONTINUOUS_SHARE - circuit.existingAmps();
  }

  /**
   * Load keys to circuit ids; a load that fits nowhere is missing. What is fixed goes first, then
   * the heaviest.
   */
  public static Map<String, String> assign(List<Load> loads, List<Circuit> circuits) {
    List<Load> heavyFirst = new ArrayList<>(loads);
    heavyFirst.sort(
        Comparator.comparing((Load l) -> l.fixed().isEmpty())
            .thenComparing(Comparator.comparingDouble(Load::voltAmps).reversed()));
    double[] used = new double[circuits.size()];
    Map<String, String> result = new HashMap<>();
    for (Load load : heavyFirst) {
      for (int c = 0; c < used.length; c++) {
        double amps = load.voltAmps() / circuits.get(c).volts();
        boolean here = load.fixed().isEmpty() || load.fixed().get().equals(circuits.get(c).id());
        if (here && used[c] + amps <= usableAmps(circuits.get(c)) + ROUNDING_AMPS) {
          used[c] += amps;
          result.put(load.key(), circuits.get(c).id());
          break;
        }
      }
    }
    return result;
  }
}
