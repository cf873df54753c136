package bunting.core.dc;

import bunting.core.show.LoadKind;
import java.util.Arrays;
import java.util.List;

/**
 * One island of V+ as the solver sees it: pixels in a row, resistances between neighbours, and
 * feeds, each with the volts of its own source. Every resistance is that of the loop (go and
 * return). Indices count from 0. The arrays are not copied.
 */
public final class Line {
  final double nominalVolts;
  final double[] nominalAmps;
  final double[] idleAmps;
  final LoadKind[] kinds;
  final double[] loopOhms;
  final int[] feedAt;
  final double[] feedOhms;
  final double[] feedVolts;
  final boolean sheds;

  /**
   * @param supplyVolts what the supply holds
   * @param nominalVolts of the pixels: at these they draw {@code nominalAmps}
   * @param nominalAmps one a pixel, at least one pixel
   * @param kinds one a pixel
   * @param loopOhms one between each pixel and the next (one fewer than pixels)
   * @param feedAt pixel index of each feed
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
    this(
        nominalVolts,
        nominalAmps,
        new double[nominalAmps.length],
        kinds,
        loopOhms,
        feedAt,
        feedOhms,
        same(supplyVolts, feedAt.length),
        false);
  }

  private Line(
      double nominalVolts,
      double[] nominalAmps,
      double[] idleAmps,
      LoadKind[] kinds,
      double[] loopOhms,
      int[] feedAt,
      double[] feedOhms,
      double[] feedVolts,
      boolean sheds) {
    if (nominalAmps.length == 0
        || feedAt.length != feedOhms.length
        || feedAt.length != feedVolts.length
        || kinds.length != nominalAmps.length
        || idleAmps.length != nominalAmps.length
        || loopOhms.length < nominalAmps.length - 1) {
      throw new IllegalArgumentException("a line wants pixels, their kinds and their rails");
    }
    this.nominalVolts = nominalVolts;
    this.nominalAmps = nominalAmps;
    this.idleAmps = idleAmps;
    this.kinds = kinds;
    this.loopOhms = loopOhms;
    this.feedAt = feedAt;
    this.feedOhms = feedOhms;
    this.feedVolts = feedVolts;
    this.sheds = sheds;
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
    LoadKind[] kinds = new LoadKind[pixels];
    Arrays.fill(kinds, kind);
    return new Line(
        volts,
        volts,
        same(amps, pixels),
        kinds,
        same(loopOhms, Math.max(0, pixels - 1)),
        feedAt,
        feedOhms);
  }

  private static double[] same(double value, int count) {
    double[] all = new double[count];
    Arrays.fill(all, value);
    return all;
  }

  /** The same with other feeds, each with the volts of its own source. */
  public Line withFeeds(int[] at, double[] ohms, double[] volts) {
    return new Line(nominalVolts, nominalAmps, idleAmps, kinds, loopOhms, at, ohms, volts, sheds);
  }

  /** The same with the part of each pixel's current that stays when headroom is gone. */
  public Line withIdle(double[] amps) {
    return new Line(
        nominalVolts, nominalAmps, amps, kinds, loopOhms, feedAt, feedOhms, feedVolts, sheds);
  }

  /** The same with other volts behind one of its feeds. */
  public Line withFeedVolts(int feed, double volts) {
    double[] held = feedVolts.clone();
    held[feed] = volts;
    return withFeeds(feedAt, feedOhms, held);
  }

  /**
   * The same with pixels that, far below their volts, draw no more than their chips still can
   * ({@link Shedding}): what a line does when something on it has failed. It has a solution,
   * always.
   */
  public Line shedding() {
    return new Line(
        nominalVolts, nominalAmps, idleAmps, kinds, loopOhms, feedAt, feedOhms, feedVolts, true);
  }

  /** A stretch of its pixels without any feed. */
  public Line part(int from, int to) {
    return new Line(
        nominalVolts,
        Arrays.copyOfRange(nominalAmps, from, to),
        Arrays.copyOfRange(idleAmps, from, to),
        Arrays.copyOfRange(kinds, from, to),
        Arrays.copyOfRange(loopOhms, from, Math.max(from, to - 1)),
        new int[0],
        new double[0],
        new double[0],
        sheds);
  }

  /** How many pixels. */
  public int size() {
    return nominalAmps.length;
  }

  /** The highest volts of any source; 0 without one. */
  public double highestVolts() {
    double highest = 0;
    for (double v : feedVolts) {
      highest = Math.max(highest, v);
    }
    return highest;
  }

  /**
   * Amps through the rail behind each pixel but the last, from left to right, as the line stands:
   * Kirchhoff's current law from the left.
   */
  public double[] railAmps(LineSolution.Stands solved) {
    double[] flow = new double[Math.max(0, size() - 1)];
    double sum = 0;
    double[] fed = new double[size()];
    for (int f = 0; f < feedAt.length; f++) {
      fed[feedAt[f]] += solved.feedAmps().at(f);
    }
    for (int i = 0; i < flow.length; i++) {
      sum += fed[i] - ampsAt(i, solved.volts().at(i));
      flow[i] = sum;
    }
    return flow;
  }

  /** Loop resistance between a pixel and the next, ohms. */
  public double loopOhms(int index) {
    return loopOhms[index];
  }

  /** What a pixel draws at some volts. */
  public double ampsAt(int index, double volts) {
    double amps = nominalAmps[index];
    if (sheds) {
      return Shedding.amps(kinds[index], amps, idleAmps[index], volts / nominalVolts);
    }
    return switch (kinds[index]) {
      case CONSTANT_CURRENT -> amps;
      case RESISTIVE -> amps * volts / nominalVolts;
      case CONSTANT_POWER -> amps * nominalVolts / volts;
      case HEADROOM ->
          idleAmps[index] + (amps - idleAmps[index]) * WhiteTest.currentShare(volts / nominalVolts);
    };
  }

  /** How fast that grows with the volts, amps a volt. */
  double slopeAt(int index, double volts) {
    double amps = nominalAmps[index];
    if (sheds) {
      return Shedding.slope(kinds[index], amps, idleAmps[index], volts / nominalVolts)
          / nominalVolts;
    }
    return switch (kinds[index]) {
      case CONSTANT_CURRENT -> 0;
      case RESISTIVE -> amps / nominalVolts;
      case CONSTANT_POWER -> -amps * nominalVolts / (volts * volts);
      case HEADROOM ->
          (amps - idleAmps[index]) * WhiteTest.currentSlope(volts / nominalVolts) / nominalVolts;
    };
  }

  /** Whether a pixel's current is linear in its volts. */
  public boolean linearAt(int index) {
    return switch (kinds[index]) {
      case CONSTANT_CURRENT -> !sheds || nominalAmps[index] == 0;
      case RESISTIVE -> true;
      case CONSTANT_POWER, HEADROOM -> nominalAmps[index] == 0;
    };
  }

  /** How a pixel's current answers to its volts. */
  public LoadKind kind(int index) {
    return kinds[index];
  }

  /** Whether pixels that lose headroom lose none from these volts up. */
  public boolean levelFrom(double volts) {
    return volts / nominalVolts >= WhiteTest.KNEE_SHARE;
  }

  /** Volts between two others at which the current of a pixel that loses headroom turns. */
  public List<Double> corners(double from, double to) {
    return WhiteTest.corners().stream()
        .map(share -> share * nominalVolts)
        .filter(v -> v > from && v < to)
        .toList();
  }
}
