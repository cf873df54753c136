package bunting.core.power;

import java.util.OptionalDouble;

/** Standard blade fuses (ISO 8820-3, from memory). */
public final class Fuses {
  private static final double[] SIZES = {1, 2, 3, 4, 5, 7.5, 10, 15, 20, 25, 30};

  /** A solved current may stand this far above the round figure that it is, amps. */
  private static final double ROUNDING_AMPS = 1e-9;

  private Fuses() {}

  /**
   * The next standard size that bears {@code margin} x the amps and is not over {@code most}; or
   * none.
   */
  public static OptionalDouble next(double amps, double margin, double most) {
    for (double size : SIZES) {
      if (size >= margin * amps - ROUNDING_AMPS) {
        return size <= most ? OptionalDouble.of(size) : OptionalDouble.empty();
      }
    }
    return OptionalDouble.empty();
  }

  /** The largest standard size that is not over {@code most}; or none. */
  public static OptionalDouble largest(double most) {
    OptionalDouble best = OptionalDouble.empty();
    for (double size : SIZES) {
      best = size <= most ? OptionalDouble.of(size) : best;
    }
    return best;
  }
}
