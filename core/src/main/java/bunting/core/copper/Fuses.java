package bunting.core.copper;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Standard blade fuses (ISO 8820-3, from memory), and the one way in which a fuse, or anything else
 * with a rating, is held against what it carries.
 */
public final class Fuses {
  /** Largest standard size, amps. */
  public static final double LARGEST = 30;

  /** A fuse holds 110 % for hours and opens within minutes from 135 % on (common practice). */
  public static final double OPENS_SHARE = 1.35;

  private static final double[] SIZES = {1, 2, 3, 4, 5, 7.5, 10, 15, 20, 25, LARGEST};

  /** Solved amps, and what follows from them, are exact to far less than this, amps. */
  private static final double ROUNDING_AMPS = 1e-6;

  private Fuses() {}

  /** The standard sizes, rising, amps. */
  public static List<Double> sizes() {
    return Arrays.stream(SIZES).boxed().toList();
  }

  /** Whether amps are over a limit, by more than rounding. */
  public static boolean over(double amps, double most) {
    return amps > most + ROUNDING_AMPS;
  }

  /** Whether a fuse of that rating opens at these amps. */
  public static boolean opens(double amps, double rating) {
    return amps >= OPENS_SHARE * rating - ROUNDING_AMPS;
  }

  /**
   * The next standard size that bears {@code margin} x the amps and is not over {@code most}; or
   * none.
   */
  public static OptionalDouble next(double amps, double margin, double most) {
    for (double size : SIZES) {
      if (!over(margin * amps, size)) {
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
