package bunting.core.dc;

import bunting.core.show.LoadKind;

/**
 * What pixels draw far below their volts, where a plan never goes but a line does when a fuse has
 * opened. A chip keeps its current, a converter its power, down to the volts at which it gives up
 * ({@link #DARK_SHARE}); one that loses headroom follows the curve of {@link WhiteTest} to its end.
 * Below, all fall in proportion to the volts, to nothing at 0 V (common practice, no source; the
 * last stretch is our reckoning).
 */
public final class Shedding {
  /** Share of its nominal volts below which a pixel is dark (common practice, no source). */
  public static final double DARK_SHARE = 0.60;

  /** Share at which the last colour of a sink goes (the curve of the white test). */
  private static final double LAST_COLOUR_SHARE = 0.45;

  private Shedding() {}

  private static double floor(LoadKind kind) {
    return switch (kind) {
      case CONSTANT_CURRENT, CONSTANT_POWER -> DARK_SHARE;
      case HEADROOM -> LAST_COLOUR_SHARE;
      case RESISTIVE -> 0;
    };
  }

  /** Amps at a share of the nominal volts; below 0 V the straight line goes on. */
  static double amps(LoadKind kind, double full, double idle, double share) {
    double floor = floor(kind);
    return share >= floor || floor == 0
        ? above(kind, full, idle, share)
        : above(kind, full, idle, floor) * share / floor;
  }

  /** How fast they grow with the share. */
  static double slope(LoadKind kind, double full, double idle, double share) {
    double floor = floor(kind);
    if (share < floor && floor > 0) {
      return above(kind, full, idle, floor) / floor;
    }
    return switch (kind) {
      case CONSTANT_CURRENT -> 0;
      case CONSTANT_POWER -> -full / (share * share);
      case HEADROOM -> (full - idle) * WhiteTest.currentSlope(share);
      case RESISTIVE -> full;
    };
  }

  private static double above(LoadKind kind, double full, double idle, double share) {
    return switch (kind) {
      case CONSTANT_CURRENT -> full;
      case CONSTANT_POWER -> full / share;
      case HEADROOM -> idle + (full - idle) * WhiteTest.currentShare(share);
      case RESISTIVE -> full * share;
    };
  }
}
