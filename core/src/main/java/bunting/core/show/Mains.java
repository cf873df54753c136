package bunting.core.show;

import java.util.List;
import java.util.Optional;

/**
 * What the builder knows and decided about the mains, besides the circuits.
 *
 * @param hours when the lights are on, where that was said
 * @param devices small things on the mains, ids unique
 * @param rules of the place
 */
public record Mains(Optional<Hours> hours, List<MainsDevice> devices, PlaceRules rules) {
  /** Nothing was said. */
  public static final Mains UNSAID = new Mains(Optional.empty(), List.of(), PlaceRules.UNSAID);

  public Mains {
    devices = List.copyOf(devices);
  }

  /** The same with other hours. */
  public Mains withHours(Optional<Hours> other) {
    return new Mains(other, devices, rules);
  }

  /** The same with other devices. */
  public Mains withDevices(List<MainsDevice> list) {
    return new Mains(hours, list, rules);
  }

  /** The same by other rules. */
  public Mains withRules(PlaceRules other) {
    return new Mains(hours, devices, other);
  }
}
