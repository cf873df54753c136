package bunting.core.cost;

import bunting.core.show.Planning;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What lies on the builder's shelf, while it is used up. */
public final class Shelf {
  /** Nothing lies on it. */
  public static final Shelf EMPTY = new Shelf(List.of());

  private final Map<String, Integer> left = new HashMap<>();

  private Shelf(List<Planning.Owned> owned) {
    owned.forEach(o -> left.merge(o.type(), o.count(), Integer::sum));
  }

  /** The boxes on it. */
  public static Shelf boxes(Planning planning) {
    return new Shelf(planning.ownedBoxes());
  }

  /** The supplies on it. */
  public static Shelf supplies(Planning planning) {
    return new Shelf(planning.ownedSupplies());
  }

  /** The PWM boards on it. */
  public static Shelf dimmers(Planning planning) {
    return new Shelf(planning.ownedDimmers());
  }

  /** Whether one of a type is left. */
  public boolean has(String type) {
    return left.getOrDefault(type, 0) > 0;
  }

  /** Takes one of a type; false: there is none, it has to be bought. */
  public boolean take(String type) {
    boolean there = has(type);
    if (there) {
      left.merge(type, -1, Integer::sum);
    }
    return there;
  }
}
