package bunting.core.faults;

import java.util.Set;
import java.util.TreeSet;

/**
 * What a fault reaches: chains by data, and all of a box by power, since its board is one network.
 */
record Reach(Set<Integer> chains, Set<Integer> boxes) {
  static Reach of(Layout layout, Fault fault) {
    PowerEffect wiring = PowerEffect.of(layout, fault);
    Set<Integer> boxes = new TreeSet<>();
    wiring.dead().forEach(c -> boxes.add(layout.box(c)));
    wiring.otherwise().without().forEach(f -> boxes.add(layout.boxOf(layout.feed(f))));
    wiring.otherwise().extraOhms().keySet().forEach(f -> boxes.add(layout.boxOf(layout.feed(f))));
    for (String supply : wiring.otherwise().supplyVolts().keySet()) {
      layout.ofSupply(supply).forEach(f -> boxes.add(layout.boxOf(layout.feed(f))));
    }
    return new Reach(Places.of(layout, fault).chains(), boxes);
  }

  boolean touches(Layout.Chain chain) {
    return chains.contains(chain.index()) || boxes.contains(chain.box());
  }
}
