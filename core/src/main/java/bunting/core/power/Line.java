package bunting.core.power;

import bunting.core.show.LoadKind;

/**
 * One island of V+ as the solver sees it: pixels in a row, resistances between neighbours, and
 * feeds from one supply. Every resistance is that of the loop (go and return). Indices count from
 * 0. The arrays are not copied.
 */
public final class Line {
  final double supplyVolts;
  final double nominalVolts;
  final double[] nominalAmps;
  final LoadKind[] kinds;
  final double[] loopOhms;
  final int[] feedAt;
  final double[] feedOhms;

  /**
   * @param supplyVolts what the supply holds
   * @param nominalVolts of the pixels: at these they draw {@code nominalAmps}
   * @param nominalAmps one a pixel, at least one pixel
   * @param kinds one a pixel
   * @param loopOhms one between each pixel and the next (one fewer than pixels)
   * @param feedAt pixel index of each feed, at least one feed
   * @param feedOhms loop resistance of each feed's cable
   */
  public Line(
      double supplyVolts,
      double nominalVolts,
      double[] nominalAmps,
      LoadKind[] kinds,
      double[] loopOhms,
      int[] feedAt,
      double[] feedOhms) {
    if (nominalAmps.length == 0
        || feedAt.length == 0
        || feedAt.length != feedOhms.length
        || kinds.length != nominalAmps.length
        || loopOhms.length < nominalAmps.length - 1) {
      throw new IllegalArgumentException(
          "a line wants pixels, their kinds, their rails and a feed");
    }
    this.supplyVolts = supplyVolts;
    this.nominalVolts = nominalVolts;
    this.nominalAmps = nominalAmps;
    this.kinds = kinds;
    this.loopOhms = loopOhms;
    this.feedAt = feedAt;
    this.feedOhms = feedOhms;
  }

  /** A line of equal pixels on one strip, fed from a supply at their nominal volts. */
  public static Line uniform(
      double volts,
      int pixels,
      double amps,
      LoadKind kind,
      double loopOhms,
      int[] feedAt,
      double[] feedOhms) {
    double[] all = new double[pixels];
    java.util.Arrays.fill(all, amps);
    LoadKind[] kinds = new LoadKind[pixels];
    java.util.Arrays.fill(kinds, kind);
    double[] rails = new double[Math.max(0, pixels - 1)];
    java.util.Arrays.fill(rails, loopOhms);
    return new Line(volts, volts, all, kinds, rails, feedAt, feedOhms);
  }

  int size() {
    return nominalAmps.length;
  }
}
