package bunting.core.show;

import java.util.OptionalDouble;

/**
 * A kind of DC supply.
 *
 * @param id unique id
 * @param volts output volts
 * @param watts rated output watts
 * @param efficiency output over input power, over 0 to 1
 * @param powerFactor over 0 to 1
 * @param cost price, 0 where none is known
 * @param inrushAmps the spike that it takes from the mains when it starts cold at {@value
 *     #INRUSH_VOLTS} V; empty: its sheet was not read
 * @param idleWatts that it takes from the mains with nothing on it
 */
public record SupplyType(
    String id,
    double volts,
    double watts,
    double efficiency,
    double powerFactor,
    double cost,
    OptionalDouble inrushAmps,
    double idleWatts) {
  /** The mains that an inrush is stated at. */
  public static final double INRUSH_VOLTS = 230;

  /** What sheets of closed supplies state most, amps at 230 V cold (from memory). */
  public static final double USUAL_INRUSH_AMPS = 60;

  /** A supply of which no more is known. */
  public SupplyType(
      String id, double volts, double watts, double efficiency, double powerFactor, double cost) {
    this(id, volts, watts, efficiency, powerFactor, cost, OptionalDouble.empty(), 0);
  }

  /** The spike at a mains voltage: the capacitors charge to it through the same ohms. */
  public double inrushAmps(double mainsVolts) {
    return inrushAmps.orElse(USUAL_INRUSH_AMPS) * mainsVolts / INRUSH_VOLTS;
  }

  /** Watts that it may be loaded with under a school of headroom. */
  public double usableWatts(double loadPercentMax) {
    return watts * loadPercentMax / 100;
  }

  /** Volt-amperes that it draws from the mains for so many watts: amps are these by the volts. */
  public double voltAmps(double loadWatts) {
    return loadWatts / (efficiency * powerFactor);
  }

  /** Rated output amps: trimmed down it gives no more of them, trimmed up no more watts. */
  public double ratedAmps(double heldVolts) {
    return watts / Math.max(volts, heldVolts);
  }

  /**
   * Amps that it may be loaded with under a school of headroom.
   *
   * @param heldVolts what it is trimmed to
   */
  public double usableAmps(double loadPercentMax, double heldVolts) {
    return ratedAmps(heldVolts) * loadPercentMax / 100;
  }
}
