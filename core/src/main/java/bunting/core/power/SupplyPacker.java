package bunting.core.power;

import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Supply;
import bunting.core.show.SupplyType;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Loads on supplies: within one box and voltage the heaviest first, each into the first supply that
 * still holds it; then the cheapest kind that holds what came together.
 */
final class SupplyPacker {
  /** A load that must hang on one supply. */
  record Load(String key, Point at, double volts, double watts) {}

  /** Load keys to supply ids, and the supplies in order. */
  record Packed(List<Supply> supplies, Map<String, String> supplyOf) {}

  private static final class Bin {
    final List<Load> loads = new ArrayList<>();
    double watts;
  }

  private SupplyPacker() {}

  static Packed pack(Show show, List<Load> loads) {
    Map<String, List<Load>> byPlace = new java.util.LinkedHashMap<>();
    for (Load load : loads) {
      String place = load.at().x() + " " + load.at().y() + " " + load.volts();
      byPlace.computeIfAbsent(place, k -> new ArrayList<>()).add(load);
    }
    List<Supply> supplies = new ArrayList<>();
    Map<String, String> supplyOf = new HashMap<>();
    double percent = show.settings().supplyLoadPercentMax();
    for (List<Load> here : byPlace.values()) {
      List<SupplyType> types = PowerRules.suppliesFor(show, here.getFirst().volts());
      for (Bin bin : fill(here, types.getLast().usableWatts(percent))) {
        String id = "S" + (supplies.size() + 1);
        SupplyType type = cheapest(types, bin.watts, percent);
        supplies.add(new Supply(id, type.id(), here.getFirst().at(), Optional.empty()));
        bin.loads.forEach(l -> supplyOf.put(l.key(), id));
      }
    }
    return new Packed(supplies, supplyOf);
  }

  private static List<Bin> fill(List<Load> loads, double capacity) {
    List<Load> heavyFirst = new ArrayList<>(loads);
    heavyFirst.sort(Comparator.comparingDouble(Load::watts).reversed());
    List<Bin> bins = new ArrayList<>();
    for (Load load : heavyFirst) {
      Bin bin =
          bins.stream()
              .filter(b -> b.watts + load.watts() <= capacity)
              .findFirst()
              .orElseGet(
                  () -> {
                    bins.add(new Bin());
                    return bins.getLast();
                  });
      bin.loads.add(load);
      bin.watts += load.watts();
    }
    return bins;
  }

  private static SupplyType cheapest(List<SupplyType> types, double watts, double percent) {
    return types.stream()
        .filter(t -> t.usableWatts(percent) >= watts)
        .min(
            Comparator.comparingDouble(SupplyType::cost)
                .thenComparingDouble(SupplyType::watts)
                .thenComparing(SupplyType::id))
        .orElse(types.getLast());
  }
}
