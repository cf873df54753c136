package bunting.core.dc;

import bunting.core.show.LoadKind;
import bunting.core.show.PairOhms;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * One island of V+ as the solver sees it: pixels in a row, resistances between neighbours, and
 * feeds, each with its own source. Resistances between neighbours are those of the loop (go and
 * return, which are alike). Indices count from 0. The arrays are not copied.
 */
public final class Line {
  final double nominalVolts;
  final double[] nominalAmps;
  final double[] idleAmps;
  final LoadKind[] kinds;
  final double[] loopOhms;
  final List<Feed> feeds;
  final boolean sheds;

  /**
   * A feed of a line.
   *
   * @param at index of its pixel
   * @param ohms of its cable with all that is in it
   * @param source that it comes from
   */
  public record Feed(int at, PairOhms ohms, Poles source) {
    /** One of even ways from a supply, by the ohms of both together. */
    public static Feed of(int at, double loopOhms, double volts) {
      return new Feed(at, PairOhms.even(loopOhms), Poles.supply(volts));
    }

    Feed from(Poles other) {
      return new Feed(at, ohms, other);
    }
  }

  /**
   * A line without feeds.
   *
   * @param nominalVolts of the pixels: at these they draw {@code nominalAmps}
   * @param nominalAmps one a pixel, at least one pixel
   * @param kinds one a pixel
   * @param loopOhms one between each pixel and the next (one fewer than pixels)
   */
  public Line(double nominalVolts, double[] nominalAmps, LoadKind[] kinds, double[] loopOhms) {
    this(
        nominalVolts,
        nominalAmps,
        new double[nominalAmps.length],
        kinds,
        loopOhms,
        List.of(),
        false);
  }

  private Line(
      double nominalVolts,
      double[] nominalAmps,
      double[] idleAmps,
      LoadKind[] kinds,
      double[] loopOhms,
      List<Feed> feeds,
      boolean sheds) {
    if (nominalAmps.length == 0
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
    this.feeds = List.copyOf(feeds);
    this.sheds = sheds;
  }

  /**
   * A line of equal pixels on one strip, fed over even ways from a supply at their nominal volts.
   */
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
    return new Line(volts, same(amps, pixels), kinds, same(loopOhms, Math.max(0, pixels - 1)))
        .withFeeds(
            IntStream.range(0, feedAt.length)
                .mapToObj(f -> Feed.of(feedAt[f], feedOhms[f], volts))
                .toList());
  }

  private static double[] same(double value, int count) {
    double[] all = new double[count];
    Arrays.fill(all, value);
    return all;
  }

  /** The same with other feeds. */
  public Line withFeeds(List<Feed> other) {
    return new Line(nominalVolts, nominalAmps, idleAmps, kinds, loopOhms, other, sheds);
  }

  /** The same with the part of each pixel's current that stays when headroom is gone. */
  public Line withIdle(double[] amps) {
    return new Line(nominalVolts, nominalAmps, amps, kinds, loopOhms, feeds, sheds);
  }

  /** The same with one feed otherwise. */
  public Line withFeed(int feed, Feed other) {
    List<Feed> all = new ArrayList<>(feeds);
    all.set(feed, other);
    return withFeeds(all);
  }

  /** The same with another source behind one of its feeds. */
  public Line withSource(int feed, Poles source) {
    return withFeed(feed, feeds.get(feed).from(source));
  }

  /**
   * The same with pixels that, far below their volts, draw no more than their chips still can
   * ({@link Shedding}): what a line does when something on it has failed. It has a solution,
   * always.
   */
  public Line shedding() {
    return new Line(nominalVolts, nominalAmps, idleAmps, kinds, loopOhms, feeds, true);
  }

  /** A stretch of its pixels without any feed. */
  public Line part(int from, int to) {
    return new Line(
        nominalVolts,
        Arrays.copyOfRange(nominalAmps, from, to),
        Arrays.copyOfRange(idleAmps, from, to),
        Arrays.copyOfRange(kinds, from, to),
        Arrays.copyOfRange(loopOhms, from, Math.max(from, to - 1)),
        List.of(),
        sheds);
  }

  /** How many pixels. */
  public int size() {
    return nominalAmps.length;
  }

  /** Its feeds. */
  public List<Feed> feeds() {
    return feeds;
  }

  /** Volts that no pixel is above: from the highest V+ of any source to the lowest ground. */
  public double highestVolts() {
    double plus = feeds.stream().mapToDouble(f -> f.source().plus()).max().orElse(0);
    return plus - feeds.stream().mapToDouble(f -> f.source().ground()).min().orElse(0);
  }

  /**
   * Whether go and return can carry different currents: where there is more than one way for them,
   * and some way is not even or its source is not level with the others. Else the loop says all.
   */
  boolean uneven() {
    return feeds.size() > 1
        && feeds.stream()
            .anyMatch(
                f ->
                    f.ohms().plus() != f.ohms().ground()
                        || f.source().middle() != feeds.getFirst().source().middle());
  }

  /**
   * Amps through the V+ rail behind each pixel but the last, from left to right, as the line
   * stands: Kirchhoff's current law from the left.
   */
  public double[] railAmps(LineSolution.Stands solved) {
    double[] flow = new double[Math.max(0, size() - 1)];
    double sum = 0;
    double[] fed = new double[size()];
    for (int f = 0; f < feeds.size(); f++) {
      fed[feeds.get(f).at()] += solved.feedAmps().at(f);
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
