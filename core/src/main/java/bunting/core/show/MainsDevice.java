package bunting.core.show;

import java.util.Optional;

/**
 * Something small of the show on the mains beside supplies and bulbs: a board's own little supply,
 * a player, a network switch.
 *
 * @param id unique, what it is called
 * @param watts that it takes from the mains, day and night
 * @param at where it stands, metres
 * @param circuit the circuit that it must be on
 * @param keeps the box whose board it keeps alive while the pixels' supply is cut
 */
public record MainsDevice(
    String id, double watts, Optional<Point> at, Optional<String> circuit, Optional<String> keeps) {
  /** Volt-amperes, at the power factor of small supplies (common practice, no source). */
  public double voltAmps() {
    return watts / POWER_FACTOR;
  }

  /** Small supplies without correction. */
  public static final double POWER_FACTOR = 0.6;
}
