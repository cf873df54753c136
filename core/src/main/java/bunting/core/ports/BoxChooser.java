package bunting.core.ports;

import bunting.core.show.ControllerType;
import bunting.core.show.PixelType;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Which kind of controller to add where the planner may choose. */
final class BoxChooser {
  private final List<ControllerType> types;
  private final double targetFps;
  private final int sparePorts;

  BoxChooser(List<ControllerType> types, double targetFps, int sparePorts) {
    this.types = types;
    this.targetFps = targetFps;
    this.sparePorts = sparePorts;
  }

  /** Pixels of a type that a fresh box of this kind holds at the most. */
  long capacity(ControllerType box, PixelType pixel) {
    if (!box.takes(pixel.volts())) {
      return 0;
    }
    List<Integer> usable =
        box.portsInOrder().subList(0, Math.max(1, box.ports() - Math.max(0, sparePorts)));
    long able = usable.stream().filter(p -> box.takes(p, pixel.volts())).count();
    long byPorts = able * PortRules.room(box, pixel, targetFps, 0, 0);
    long byUniverses = (long) box.universesMax() * 512 / pixel.channels();
    return Math.min(byPorts, byUniverses);
  }

  /**
   * The cheapest kind that holds all that waits; else the one that holds most.
   *
   * @param onePort pixels that one port should take whole, if any kind has such a port
   * @param oneBox pixels that one box should hold, if any kind does
   * @param waiting pixels that could go on it
   */
  Optional<ControllerType> choose(PixelType pixel, int onePort, long oneBox, long waiting) {
    List<ControllerType> able = types.stream().filter(t -> capacity(t, pixel) > 0).toList();
    able = preferring(able, t -> PortRules.room(t, pixel, targetFps, 0, 0) >= onePort);
    able = preferring(able, t -> capacity(t, pixel) >= oneBox);
    List<ControllerType> holdsAll =
        able.stream().filter(t -> capacity(t, pixel) >= waiting).toList();
    Comparator<ControllerType> smallest =
        Comparator.comparingDouble(ControllerType::cost)
            .thenComparingLong(t -> capacity(t, pixel))
            .thenComparing(ControllerType::id);
    Comparator<ControllerType> largest =
        Comparator.<ControllerType>comparingLong(t -> -capacity(t, pixel))
            .thenComparingDouble(ControllerType::cost)
            .thenComparing(ControllerType::id);
    return holdsAll.isEmpty() ? able.stream().min(largest) : holdsAll.stream().min(smallest);
  }

  private static List<ControllerType> preferring(
      List<ControllerType> able, java.util.function.Predicate<ControllerType> wish) {
    List<ControllerType> wished = able.stream().filter(wish).toList();
    return wished.isEmpty() ? able : wished;
  }
}
