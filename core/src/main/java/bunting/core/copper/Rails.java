package bunting.core.copper;

import bunting.core.show.PixelType;

/**
 * What the rails of a run bear. A run's own V+ and ground are conductors like any other. Where
 * nobody says what they bear, a limit is assumed: that of the wire of the same resistance, half as
 * much again, since foil and free strings shed heat better than wire in a bundle. An assumption, no
 * source.
 */
public final class Rails {
  /** Foil and free strings against wire in a bundle (our assumption). */
  public static final double FREE_SHARE = 1.5;

  /** A fuse of so many times what a rail bears does not protect it (our assumption). */
  public static final double FUSE_SHARE = 3;

  /** Ohms a metre and amps of copper from 22 to 10 AWG, thin to thick ({@code Wire}). */
  private static final double[] OHMS = new double[7];

  private static final double[] AMPS = {3, 5, 7, 10, 15, 20, 30};

  static {
    for (int i = 0; i < OHMS.length; i++) {
      OHMS[i] = bunting.core.show.Wire.parse(22 - 2 * i + "AWG").orElseThrow().ohmsPerM();
    }
  }

  /**
   * A limit.
   *
   * @param amps the most; {@link Double#MAX_VALUE} for rails without resistance
   * @param given whether the type says so; else it is assumed
   */
  public record Limit(double amps, boolean given) {}

  private Rails() {}

  /** The limit of a type's rails. */
  public static Limit of(PixelType type) {
    return type.railAmpsMax().isPresent()
        ? new Limit(type.railAmpsMax().getAsDouble(), true)
        : new Limit(
            type.railOhmsPerM() == 0 ? Double.MAX_VALUE : FREE_SHARE * wire(type.railOhmsPerM()),
            false);
  }

  /**
   * What wire of that resistance bears: between two gauges by their logarithms, beyond them as
   * between the last two.
   */
  static double wire(double ohmsPerM) {
    int i = 1;
    while (i < OHMS.length - 1 && ohmsPerM < OHMS[i]) {
      i++;
    }
    double t = Math.log(ohmsPerM / OHMS[i - 1]) / Math.log(OHMS[i] / OHMS[i - 1]);
    return AMPS[i - 1] * Math.pow(AMPS[i] / AMPS[i - 1], t);
  }
}
