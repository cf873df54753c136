package bunting.core.kit;

import bunting.core.show.Texts;
import bunting.core.show.Wire;
import java.util.Optional;

/**
 * The gland through which a cable enters a box, by the cable's thickness.
 *
 * <p>A round cable of n conductors of diameter d with insulation of 0.8 mm is 1.15 x sqrt(n) x (d +
 * 1.6) + 4 mm thick: circles in a circle and a rubber jacket of 2 mm (our reckoning). Metric glands
 * and their holes: EN 62444, EN 60423, from memory.
 *
 * @param thread metric
 * @param holeMm to drill, millimetres across
 */
public record Glands(String thread, double holeMm) {
  private static final double DATA_MM = 0.65;
  private static final double INSULATION_MM = 1.6;
  private static final double JACKET_MM = 4;
  private static final double PACKING = 1.15;

  /** Threads with the thickest cable that each holds and the hole that it needs, mm. */
  private static final double[][] THREADS = {
    {12, 6.5, 12.5}, {16, 10, 16.5}, {20, 13, 20.5}, {25, 18, 25.5}, {32, 25, 32.5}
  };

  /** The gland of a cable; empty: it enters no box, or nothing holds it. */
  public static Optional<Glands> of(Cables.Cable cable) {
    boolean enters =
        switch (cable.kind()) {
          case LEAD, FEED, TRUNK, SET, CORD -> true;
          case JUMPER, TAIL, INPUT -> false;
        };
    double thick = thicknessMm(cable);
    for (double[] t : THREADS) {
      if (enters && thick <= t[1]) {
        return Optional.of(new Glands("M" + (int) t[0], t[2]));
      }
    }
    return Optional.empty();
  }

  /** The hole that a cable wants, mm: of its gland, or as thick as it is where nothing holds it. */
  public static double holeMm(Cables.Cable cable) {
    return of(cable).map(Glands::holeMm).orElseGet(() -> Math.ceil(thicknessMm(cable)));
  }

  private static double thicknessMm(Cables.Cable cable) {
    double mm2 = cable.wire().flatMap(Wire::parse).map(Wire::sizeMm2).orElse(0.0);
    double d = mm2 > 0 ? 2 * Math.sqrt(mm2 / Math.PI) : DATA_MM;
    return PACKING * Math.sqrt(cable.conductors()) * (d + INSULATION_MM) + JACKET_MM;
  }

  /** As a shop has it, with the hole to drill. */
  String words() {
    return thread + ", hole " + Texts.number(holeMm) + " mm";
  }
}
