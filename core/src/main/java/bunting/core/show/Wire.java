package bunting.core.show;

import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A conductor size.
 *
 * @param id as the builder writes it, {@code 14AWG} or {@code 1.5mm2}
 * @param ohmsPerM resistance of one conductor at 20 degC, ohms a metre
 * @param fuseAmpsMax the largest fuse that protects it, amps; 0: none may be put before it
 */
public record Wire(String id, double ohmsPerM, double fuseAmpsMax) {
  /** Annealed copper at 20 degC, ohm mm2 a metre (IEC 60028). */
  private static final double COPPER_OHM_MM2_PER_M = 1.0 / 58;

  /**
   * Largest fuse on small copper, amps (18 to 10 AWG: NFPA 70 240.4(D), from memory; others common
   * practice).
   */
  private static final Map<Integer, Double> AWG_FUSE =
      Map.of(22, 3.0, 20, 5.0, 18, 7.0, 16, 10.0, 14, 15.0, 12, 20.0, 10, 30.0);

  /**
   * IEC 60228 class 5, most ohm/km at 20 degC (from memory), and the largest fuse (common
   * practice).
   */
  private static final Map<Double, double[]> METRIC =
      Map.of(
          0.5,
          new double[] {39.0, 3},
          0.75,
          new double[] {26.0, 6},
          1.0,
          new double[] {19.5, 10},
          1.5,
          new double[] {13.3, 15},
          2.5,
          new double[] {7.98, 20},
          4.0,
          new double[] {4.95, 25},
          6.0,
          new double[] {3.30, 30});

  private static final Pattern AWG = Pattern.compile("(\\d{1,2})AWG");
  private static final Pattern MM2 = Pattern.compile("(\\d{1,2}(?:\\.\\d{1,2})?)mm2");

  /**
   * The wire of that name: an American gauge from 0 to 40, or an IEC 60228 size from 0.5 to 6 mm2;
   * else empty.
   */
  public static Optional<Wire> parse(String id) {
    Matcher awg = AWG.matcher(id);
    if (awg.matches()) {
      int gauge = Integer.parseInt(awg.group(1));
      return gauge > 40
          ? Optional.empty()
          : Optional.of(new Wire(id, awgOhmsPerM(gauge), AWG_FUSE.getOrDefault(gauge, 0.0)));
    }
    Matcher metric = MM2.matcher(id);
    if (metric.matches()) {
      double[] row = METRIC.get(Double.valueOf(metric.group(1)));
      return row == null ? Optional.empty() : Optional.of(new Wire(id, row[0] / 1000, row[1]));
    }
    return Optional.empty();
  }

  /** Diameter of a gauge in millimetres: 0.127 x 92^((36 - n) / 39) (ASTM B258). */
  public static double awgDiameterMm(int gauge) {
    return 0.127 * Math.pow(92, (36 - gauge) / 39.0);
  }

  private static double awgOhmsPerM(int gauge) {
    double d = awgDiameterMm(gauge);
    return COPPER_OHM_MM2_PER_M / (Math.PI / 4 * d * d);
  }

  /** Cross-section of one conductor by its name, mm2: what a terminal has to take. */
  public double sizeMm2() {
    Matcher awg = AWG.matcher(id);
    if (awg.matches()) {
      double d = awgDiameterMm(Integer.parseInt(awg.group(1)));
      return Math.PI / 4 * d * d;
    }
    Matcher metric = MM2.matcher(id);
    return metric.matches() ? Double.parseDouble(metric.group(1)) : copperMm2();
  }

  /** Copper of one conductor, as much as conducts by its resistance, mm2. */
  public double copperMm2() {
    return COPPER_OHM_MM2_PER_M / ohmsPerM;
  }

  /** Resistance of a pair of conductors of this length, ohms. */
  public double loopOhms(double metres) {
    return 2 * ohmsPerM * metres;
  }
}
