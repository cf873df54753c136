package bunting.desktop.power;

/**
 * Where the columns of the river stand across: circuits from the left edge, supplies, fuses, and
 * what hangs on them. In a narrow window the bands between them are shorter, pixels.
 */
record RiverColumns(
    double circuitW, double supplyX, double supplyW, double fuseX, double fuseW, double lineX) {
  private static final RiverColumns NARROW = new RiverColumns(92, 106, 136, 260, 78, 346);
  private static final RiverColumns WIDE = new RiverColumns(132, 186, 156, 428, 96, 566);
  private static final double NARROW_PX = 540;
  private static final double WIDE_PX = 816;

  /** The columns of a river so wide. */
  static RiverColumns of(double width) {
    double t = Math.clamp((width - NARROW_PX) / (WIDE_PX - NARROW_PX), 0, 1);
    return new RiverColumns(
        between(NARROW.circuitW, WIDE.circuitW, t),
        between(NARROW.supplyX, WIDE.supplyX, t),
        between(NARROW.supplyW, WIDE.supplyW, t),
        between(NARROW.fuseX, WIDE.fuseX, t),
        between(NARROW.fuseW, WIDE.fuseW, t),
        between(NARROW.lineX, WIDE.lineX, t));
  }

  private static double between(double a, double b, double t) {
    return Math.rint(a + (b - a) * t);
  }

  boolean onCircuit(double x) {
    return x <= circuitW;
  }

  boolean onSupply(double x) {
    return x >= supplyX && x <= supplyX + supplyW;
  }

  boolean onFuse(double x) {
    return x >= fuseX && x <= fuseX + fuseW;
  }
}
