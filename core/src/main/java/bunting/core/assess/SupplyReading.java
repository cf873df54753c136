package bunting.core.assess;

import bunting.core.show.Supply;
import bunting.core.show.SupplyType;

/** A supply and its load. */
public record SupplyReading(Supply supply, SupplyType type, double loadAmps) {
  /** Watts delivered. */
  public double loadWatts() {
    return loadAmps * type.volts();
  }
}
