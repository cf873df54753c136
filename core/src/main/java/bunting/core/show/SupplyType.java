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
}
