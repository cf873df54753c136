package bunting.core.dc;

import java.util.OptionalDouble;

/**
 * A heavy cable beside a line, fed at its head, or at both of its ends as a closed ring, and joined
 * to the line by short taps. Resistances are those of the loop (go and return). The arrays are not
 * copied.
 */
public final class Trunk {
  final double volts;
  final double headOhms;
  final int[] at;
  final double[] spanOhms;
  final double[] tapOhms;
  final OptionalDouble backOhms;

  /**
   * @param volts what its supply holds
   * @param headOhms from the supply to the first tap's branch
   * @param at pixel index of each tap, at least one
   * @param spanOhms of the trunk between each branch and the next (one fewer than taps)
   * @param tapOhms of each tap
   */
  public Trunk(double volts, double headOhms, int[] at, double[] spanOhms, double[] tapOhms) {
    this(volts, headOhms, at, spanOhms, tapOhms, OptionalDouble.empty());
  }

  private Trunk(
      double volts,
      double headOhms,
      int[] at,
      double[] spanOhms,
      double[] tapOhms,
      OptionalDouble backOhms) {
    if (at.length == 0 || spanOhms.length != at.length - 1 || tapOhms.length != at.length) {
      throw new IllegalArgumentException("a trunk wants taps, and spans between them");
    }
    this.volts = volts;
    this.headOhms = headOhms;
    this.at = at;
    this.spanOhms = spanOhms;
    this.tapOhms = tapOhms;
    this.backOhms = backOhms;
  }

  /** The same closed to a ring: so many ohms from the last tap's branch back to the supply. */
  public Trunk closed(double ohms) {
    return new Trunk(volts, headOhms, at, spanOhms, tapOhms, OptionalDouble.of(ohms));
  }
}
