package bunting.core.show;

/**
 * A kind of DC supply.
 *
 * @param id unique id
 * @param volts output volts
 * @param watts rated output watts
 * @param efficiency output over input power, over 0 to 1
 * @param powerFactor over 0 to 1
 * @param cost price, 0 where none is known
 */
public record SupplyType(
    String id, double volts, double watts, double efficiency, double powerFactor, double cost) {

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
