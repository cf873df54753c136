package bunting.core.ports;

import java.util.List;

/** Whether the universes suffice: what the ports must ask of the addressing without knowing it. */
@FunctionalInterface
public interface UniverseRoom {
  /** Whether every controller keeps within its universes, and all within the protocol's. */
  boolean fits(List<BoxLoad> boxes);

  /** Whether they do where no address that an earlier plan had is given up for it. */
  default boolean sufficeAsLaid(List<BoxLoad> boxes) {
    return fits(boxes);
  }
}
