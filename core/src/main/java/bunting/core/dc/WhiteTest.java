package bunting.core.dc;

import bunting.core.show.LoadKind;

/**
 * The colour that full white really shows at a pixel, as builders know it: blue and green give up
 * before red does, so white turns yellow, orange, red-brown. At 5 V that begins near 4.3 V and is
 * plain at 4 V (common practice, no source); other voltages are taken at the same share. A
 * regulated pixel stays white until its converter drops out near 60 %.
 */
public final class WhiteTest {
  /** Down to this share of the nominal volts white is white. */
  static final double KNEE_SHARE = 0.86;

  private static final double[] SHARE = {1.0, KNEE_SHARE, 0.80, 0.72, 0.60, 0.45, 0.0};

  /** Light of red, green and blue at each share; 1 is all of it. */
  private static final double[][] LIGHT = {
    {1, 1, 1},
    {1, 1, 1},
    {1, 0.69, 0.17},
    {1, 0.29, 0.033},
    {0.71, 0.06, 0.014},
    {0.17, 0.02, 0.007},
    {0.01, 0.005, 0.003}
  };

  private static final double[] REGULATED_SHARE = {1.0, 0.60, 0.50, 0.0};
  private static final double[][] REGULATED_LIGHT = {
    {1, 1, 1}, {1, 1, 1}, {0.17, 0.02, 0.007}, {0.01, 0.005, 0.003}
  };

  private WhiteTest() {}

  /** The colour as 0xRRGGBB at this share (0 to 1) of the nominal volts. */
  public static int rgb(LoadKind kind, double share) {
    int result = 0;
    for (double part : light(kind, share)) {
      result = result << 8 | (int) Math.round(255 * encoded(part));
    }
    return result;
  }

  /**
   * The colour of a pixel that is sent some levels, as 0xRRGGBB, at this share of its nominal
   * volts.
   *
   * @param levels of red, green and blue, 0 to 1; white LEDs count for all three
   */
  public static int rgb(LoadKind kind, double share, double[] levels) {
    double[] light = light(kind, share);
    int result = 0;
    for (int c = 0; c < light.length; c++) {
      double part = Math.min(1, light[c] * levels[c]);
      result = result << 8 | (int) Math.round(255 * encoded(part));
    }
    return result;
  }

  /** Light of red, green and blue at this share of the nominal volts; 1 is all of it. */
  static double[] light(LoadKind kind, double share) {
    return kind == LoadKind.CONSTANT_POWER
        ? between(REGULATED_SHARE, REGULATED_LIGHT, share)
        : between(SHARE, LIGHT, share);
  }

  /**
   * Current of a pixel that loses headroom, as a share of what it draws at its nominal volts: the
   * mean of the three colours' light, since a sink's current is the light that it makes.
   */
  static double currentShare(double share) {
    double[] light = between(SHARE, LIGHT, share);
    return (light[0] + light[1] + light[2]) / 3;
  }

  /** Shares at which the current turns. */
  static java.util.List<Double> corners() {
    return java.util.Arrays.stream(SHARE).boxed().toList();
  }

  /** How fast {@link #currentShare} grows with the share of the volts. */
  static double currentSlope(double share) {
    int i = place(SHARE, share);
    double span = SHARE[i - 1] - SHARE[i];
    return share >= 1 || share <= 0
        ? 0
        : (currentShare(SHARE[i - 1]) - currentShare(SHARE[i])) / span;
  }

  private static int place(double[] shares, double share) {
    int i = 1;
    while (i < shares.length - 1 && share < shares[i]) {
      i++;
    }
    return i;
  }

  private static double[] between(double[] shares, double[][] lights, double share) {
    int i = place(shares, share);
    double t = Math.clamp((share - shares[i]) / (shares[i - 1] - shares[i]), 0, 1);
    double[] mixed = new double[3];
    for (int c = 0; c < 3; c++) {
      mixed[c] = lights[i][c] + (lights[i - 1][c] - lights[i][c]) * t;
    }
    return mixed;
  }

  /** Light as the eye is shown it on a screen (IEC 61966-2-1, sRGB). */
  private static double encoded(double light) {
    return light <= 0.0031308 ? 12.92 * light : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
  }
}
