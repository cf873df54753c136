package bunting.core.plan;

import bunting.core.assess.PowerCable;
import bunting.core.assess.Reading;
import bunting.core.show.Wire;
import java.util.Map;

/**
 * Power cable of a plan's runs: feeds, trunks and tails, and leads that carry power from segment to
 * segment.
 *
 * @param cableM metres of two-conductor cable
 * @param kilograms copper in both conductors
 */
public record Copper(double cableM, double kilograms) {
  /** Standard annealed copper, kg/m3 (IEC 60028). */
  private static final double DENSITY = 8890;

  /** Measures a plan. */
  public static Copper of(Reading reading) {
    Map<String, Wire> wires = reading.show().catalogue().wiresById();
    double metres = 0;
    double kilograms = 0;
    for (PowerCable cable : PowerCable.of(reading)) {
      boolean alongRuns =
          switch (cable.use()) {
            case FEED, TRUNK, LEAD -> true;
            case INPUT, SET -> false;
          };
      metres += alongRuns ? cable.metres() : 0;
      kilograms += alongRuns ? pairKilograms(wires.get(cable.wire()), cable.metres()) : 0;
    }
    return new Copper(metres, kilograms);
  }

  /** Copper of a pair of conductors. */
  static double pairKilograms(Wire wire, double metres) {
    return 2 * wire.copperMm2() * 1e-6 * metres * DENSITY;
  }
}
