package bunting.core.lens;

import java.util.List;

/**
 * Colours of the lenses as 0xRRGGBB. The kinds stay apart for people with any of the three kinds of
 * colour blindness (a test simulates them), and each is doubled by a label.
 */
public final class LensPalette {
  /** For kinds on paper: types, ports, universes, supplies. More kinds begin again. */
  public static final List<Integer> DAY =
      List.of(0x0B5FA5, 0xE08E0B, 0x17323F, 0x3FA796, 0xB4451F, 0x8FB8DE, 0x8A5A83);

  /** The same for the dark. */
  public static final List<Integer> NIGHT =
      List.of(0x3D8BD6, 0xF2A93B, 0xF4EFE2, 0x3FB8A0, 0xD9663D, 0xA9CDF0, 0xA87CA3);

  /** From the least volts allowed to the nominal: dark to light, one direction for every eye. */
  private static final List<Integer> RAMP =
      List.of(0x3B1C4A, 0x4B4A86, 0x38829A, 0x6FB48A, 0xF0DC82);

  /** What lies outside the ramp: less than is allowed. */
  public static final int TOO_LOW = 0xC2271B;

  private LensPalette() {}

  /** The colour of the n-th kind, from 0. */
  public static int kind(int n, boolean night) {
    List<Integer> kinds = night ? NIGHT : DAY;
    return kinds.get(n % kinds.size());
  }

  /** The colour of a share, 0 to 1, of the ramp. */
  public static int ramp(double share) {
    double at = Math.max(0, Math.min(1, share)) * (RAMP.size() - 1);
    int low = (int) Math.min(RAMP.size() - 2L, (long) at);
    return mix(RAMP.get(low), RAMP.get(low + 1), at - low);
  }

  private static int mix(int a, int b, double t) {
    int result = 0;
    for (int shift = 16; shift >= 0; shift -= 8) {
      double from = (a >> shift) & 0xFF;
      double to = (b >> shift) & 0xFF;
      result |= (int) Math.round(from + (to - from) * t) << shift;
    }
    return result;
  }
}
