package bunting.core.island;

import java.util.Map;
import java.util.Set;

/**
 * What is otherwise than planned in the wiring of a show.
 *
 * @param without feeds that carry nothing
 * @param extraOhms more loop resistance in a feed, ohms by feed
 * @param supplyVolts what a supply holds, volts by supply; those that are not named hold what they
 *     are trimmed to
 */
public record Alteration(
    Set<String> without, Map<String, Double> extraOhms, Map<String, Double> supplyVolts) {
  /** As planned. */
  public static final Alteration NONE = new Alteration(Set.of(), Map.of(), Map.of());

  public Alteration {
    without = Set.copyOf(without);
    extraOhms = Map.copyOf(extraOhms);
    supplyVolts = Map.copyOf(supplyVolts);
  }

  /** Without some feeds. */
  public static Alteration without(Set<String> feeds) {
    return new Alteration(feeds, Map.of(), Map.of());
  }

  /** With more resistance in one feed. */
  public static Alteration thin(String feed, double ohms) {
    return new Alteration(Set.of(), Map.of(feed, ohms), Map.of());
  }

  /** With another voltage of one supply. */
  public static Alteration supply(String supply, double volts) {
    return new Alteration(Set.of(), Map.of(), Map.of(supply, volts));
  }
}
