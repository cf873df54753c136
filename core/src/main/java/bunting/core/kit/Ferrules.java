package bunting.core.kit;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Ferrules for every end that lies under a screw. */
public final class Ferrules {
  private Ferrules() {}

  /** How many by wire, in the order of the wires' ids. */
  public static Map<String, Integer> of(List<Cables.Cable> cables) {
    Map<String, Integer> ferrules = new TreeMap<>();
    for (Cables.Cable c : cables) {
      c.wire().filter(w -> screwed(c)).ifPresent(w -> ferrules.merge(w, ends(c), Integer::sum));
    }
    return ferrules;
  }

  private static boolean screwed(Cables.Cable c) {
    return c.kind() != Cables.Kind.CORD && c.kind() != Cables.Kind.JUMPER;
  }

  /** Ends under a screw: both of a cable inside a box, else the one at the box. */
  private static int ends(Cables.Cable c) {
    return c.kind() == Cables.Kind.INPUT ? 2 * c.conductors() : c.conductors();
  }
}
