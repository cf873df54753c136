package bunting.core.injection;

import bunting.core.dc.Line;
import java.util.Arrays;

/**
 * A line without feeds, and what a feed would be at each of its pixels. Indices count from 0. The
 * arrays are not copied.
 */
public final class Sites {
  final Line line;
  final double supplyVolts;
  final double[] feedOhms;
  final double[] feedAmpsMax;
  final boolean headFeed;

  /**
   * @param line pixels and rails; its feeds are not looked at
   * @param supplyVolts what the supply holds
   * @param feedOhms loop resistance of the cable to each pixel
   * @param feedAmpsMax most amps through a feed at each pixel; 0: none may stand there
   * @param headFeed whether a feed at pixel 0 is there already and counts as one
   */
  public Sites(
      Line line, double supplyVolts, double[] feedOhms, double[] feedAmpsMax, boolean headFeed) {
    if (feedOhms.length != line.size() || feedAmpsMax.length != line.size()) {
      throw new IllegalArgumentException("sites want a cable and a limit for every pixel");
    }
    this.line = line;
    this.supplyVolts = supplyVolts;
    this.feedOhms = feedOhms;
    this.feedAmpsMax = feedAmpsMax;
    this.headFeed = headFeed;
  }

  /** The line with feeds at these pixels. */
  public Line with(int... at) {
    return line.withFeeds(
        Arrays.stream(at).mapToObj(i -> Line.Feed.of(i, feedOhms[i], supplyVolts)).toList());
  }
}
