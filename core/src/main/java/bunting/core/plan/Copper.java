package bunting.core.plan;

import bunting.core.assess.Reading;
import bunting.core.show.Wire;
import java.util.Map;

/**
 * Power cable of a plan: feeds, and leads that carry power from segment to segment.
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
    for (var feed : reading.feeds()) {
      metres += feed.lengthM();
      kilograms += pairKilograms(wires.get(feed.feed().wire()), feed.lengthM());
    }
    for (var s : reading.segments()) {
      var wire = s.segment().leadWire().map(wires::get);
      if (s.segment().position() > 1 && s.segment().powerFromPrevious() && wire.isPresent()) {
        metres += s.leadM();
        kilograms += pairKilograms(wire.get(), s.leadM());
      }
    }
    return new Copper(metres, kilograms);
  }

  /** Copper of a pair of conductors. */
  static double pairKilograms(Wire wire, double metres) {
    return 2 * wire.copperMm2() * 1e-6 * metres * DENSITY;
  }
}
