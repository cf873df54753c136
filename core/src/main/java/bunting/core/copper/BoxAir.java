package bunting.core.copper;

/**
 * Air in a closed box with supplies in it: what is lost as heat against what the walls shed.
 *
 * <p>All six sides of a cube of the box's volume shed {@value #WATTS_PER_M2_K} W for each square
 * metre and kelvin: painted steel in still air, the order of magnitude of IEC TR 60890, from
 * memory.
 */
public final class BoxAir {
  private static final double WATTS_PER_M2_K = 5.5;
  private static final double LITRES_PER_M3 = 1000;

  private BoxAir() {}

  /**
   * Its temperature, degC.
   *
   * @param litres the box's volume, over 0
   * @param ambientCelsius outside
   * @param heatWatts lost inside
   */
  public static double celsius(double litres, double ambientCelsius, double heatWatts) {
    double edge = Math.cbrt(litres / LITRES_PER_M3);
    return ambientCelsius + heatWatts / (WATTS_PER_M2_K * 6 * edge * edge);
  }
}
