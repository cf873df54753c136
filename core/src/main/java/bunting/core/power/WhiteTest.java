package bunting.core.power;

import bunting.core.show.LoadKind;

/**
 * The colour that full white really shows at a pixel, as builders know it: blue and green give up
 * before red does, so white turns yellow, orange, red-brown. At 5 V that begins near 4.3 V and is
 * plain at 4 V (common practice, no source); other voltages are taken at the same share. A
 * regulated pixel stays white until its converter drops out near 60 %.
 */
public final class WhiteTest {
  private static final double[] SHARE = {1.0, 0.86, 0.80, 0.72, 0.60, 0.45, 0.0};
  private static final int[] COLOUR = {
    0xFFFFFF, 0xFFFFFF, 0xFFD873, 0xFF9233, 0xDB4520, 0x742814, 0x1C1210
  };
  private static final double[] REGULATED_SHARE = {1.0, 0.60, 0.50, 0.0};
  private static final int[] REGULATED_COLOUR = {0xFFFFFF, 0xFFFFFF, 0x742814, 0x1C1210};

  private WhiteTest() {}

  /** The colour as 0xRRGGBB at this share (0 to 1) of the nominal volts. */
  public static int rgb(LoadKind kind, double share) {
    return kind == LoadKind.CONSTANT_POWER
        ? between(REGULATED_SHARE, REGULATED_COLOUR, share)
        : between(SHARE, COLOUR, share);
  }

  private static int between(double[] shares, int[] colours, double share) {
    for (int i = 1; i < shares.length; i++) {
      if (share >= shares[i]) {
        double t = Math.min(1, (share - shares[i]) / (shares[i - 1] - shares[i]));
        return mix(colours[i], colours[i - 1], t);
      }
    }
    return colours[colours.length - 1];
  }

  private static int mix(int from, int to, double t) {
    int result = 0;
    for (int shift = 16; shift >= 0; shift -= 8) {
      double a = (from >> shift) & 0xFF;
      double b = (to >> shift) & 0xFF;
      result |= (int) Math.round(a + (b - a) * t) << shift;
    }
    return result;
  }
}
