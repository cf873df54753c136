package bunting.core.assess;

import bunting.core.show.Supply;
import bunting.core.show.SupplyType;

/**
 * A supply and its load.
 *
 * @param volts what it is trimmed to
 */
public record SupplyReading(Supply supply, SupplyType type, double loadAmps, double volts) {
  /** Amps that it may be loaded with, trimmed as it is. */
  public double usableAmps(double loadPercentMax) {
    return type.usableAmps(loadPercentMax, volts);
  }

  /** Watts delivered. */
  public double loadWatts() {
    return loadAmps * volts;
  }
}
