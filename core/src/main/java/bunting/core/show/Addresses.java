package bunting.core.show;

import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Addresses that a plan keeps from the plan before it.
 *
 * @param slots of every piece of a run and every PWM light set, by name and first pixel
 * @param network IPv4 addresses by controller id
 */
public record Addresses(List<HandOut.Nail> slots, Map<String, String> network) {
  public Addresses {
    slots =
        slots.stream()
            .sorted(
                Comparator.comparing(HandOut.Nail::run)
                    .thenComparingInt(n -> n.held().firstPixel()))
            .toList();
    network = Collections.unmodifiableMap(new TreeMap<>(network));
  }
}
