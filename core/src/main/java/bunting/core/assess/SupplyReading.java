package bunting.core.assess;

import bunting.core.show.Supply;
import bunting.core.show.SupplyType;

/**
 * A supply and its load.
 *
 * @param volts what it is trimmed to
 */
public record SupplyReading(Supply supply, SupplyType type, double loadAmps, double volts) {
  /** Watts delivered. */
  public double loadWatts() {
    return loadAmps * volts;
  }
}
