package bunting.core.hookup;

import java.util.List;
import java.util.Optional;

/**
 * What switches supplies on and off, by amps and by the spike that its contacts close on without
 * welding. Figures of usual parts, from memory: the sheet of the part at hand holds.
 *
 * @param what it is, for people
 * @param amps for hours
 * @param inrushAmps the spike that it bears again and again
 */
public record Switchgear(String what, double amps, double inrushAmps) {
  private static final List<Switchgear> KINDS =
      List.of(
          new Switchgear("a timer or smart outlet of 10 A", 10, 30),
          new Switchgear("a relay of 16 A made for lamps", 16, 120),
          new Switchgear("a contactor of 25 A", 25, 250),
          new Switchgear("a contactor of 40 A", 40, 400));

  /** All, the smallest first. */
  public static List<Switchgear> kinds() {
    return KINDS;
  }

  /** The smallest that bears both; empty: none, part the load. */
  public static Optional<Switchgear> bearing(double amps, double spike) {
    return KINDS.stream().filter(k -> k.amps() >= amps && k.inrushAmps() >= spike).findFirst();
  }
}
