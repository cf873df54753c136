package bunting.core.power;

import bunting.core.show.Conductors;
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
 * still holds it, for each size of supply in turn; of these ways the one that costs least. Then a
 * supply from the shelf that holds what came together, else the cheapest.
 */
final class SupplyPacker {
  /**
   * A load that must hang on one supply.
   *
   * @param apart whether it shares that with no other
   */
  record Load(String key, Point at, double volts, double watts, boolean apart) {}

  /** Load keys to supply ids, and the supplies in order. */
  record Packed(List<Supply> supplies, Map<String, String> supplyOf) {}

  /** What supplies may be loaded with, trimmed as they are. */
  private record Room(double percent, Conductors copper) {
    double watts(SupplyType type) {
      double held = copper.supplyVolts(type.volts());
      return type.usableAmps(percent, held) * held + ROUNDING_WATTS;
    }
  }

  private static final class Bin {
    final List<Load> loads = new ArrayList<>();
    double watts;
  }

  /** What a supply costs besides its price: lead, terminals, place in the box (our reckoning). */
  private static final double SUPPLY_WORK = 10;

  /** Sums of watts are exact to far less than this. */
  private static final double ROUNDING_WATTS = 1e-6;

  private SupplyPacker() {}

  static Packed pack(Show show, List<Load> loads) {
    Map<String, List<Load>> byPlace = new java.util.LinkedHashMap<>();
    for (Load load : loads) {
      String place = load.at().x() + " " + load.at().y() + " " + load.volts();
      byPlace.computeIfAbsent(place, k -> new ArrayList<>()).add(load);
    }
    List<Supply> supplies = new ArrayList<>();
    Map<String, String> supplyOf = new HashMap<>();
    Room room = new Room(show.settings().supplyLoadPercentMax(), show.wiring().conductors());
    Map<String, Integer> shelf = new HashMap<>();
    show.allotting()
        .planning()
        .ownedSupplies()
        .forEach(o -> shelf.merge(o.type(), o.count(), Integer::sum));
    for (List<Load> here : byPlace.values()) {
      List<SupplyType> types = PowerRules.suppliesFor(show, here.getFirst().volts());
      for (Bin bin : cheapestFill(here, types, room)) {
        String id = "S" + (supplies.size() + 1);
        SupplyType type = cheapest(types, bin.watts, room, shelf);
        type = show.wiring().ways().nextSizeUp() ? larger(types, type) : type;
        shelf.merge(type.id(), -1, Integer::sum);
        supplies.add(new Supply(id, type.id(), here.getFirst().at(), Optional.empty()));
        bin.loads.forEach(l -> supplyOf.put(l.key(), id));
      }
    }
    return new Packed(supplies, supplyOf);
  }

  /** Bins up to each size in turn; the way that costs least, of equals the fewer supplies. */
  private static List<Bin> cheapestFill(List<Load> loads, List<SupplyType> types, Room room) {
    double heaviest = loads.stream().mapToDouble(Load::watts).max().orElse(0);
    List<Bin> best = fill(loads, room.watts(types.getLast()));
    for (SupplyType type : types) {
      double capacity = room.watts(type);
      if (capacity >= heaviest) {
        List<Bin> bins = fill(loads, capacity);
        best = cost(bins, types, room) < cost(best, types, room) ? bins : best;
      }
    }
    return best;
  }

  private static double cost(List<Bin> bins, List<SupplyType> types, Room room) {
    return bins.stream()
        .mapToDouble(b -> cheapest(types, b.watts, room, Map.of()).cost() + SUPPLY_WORK)
        .sum();
  }

  private static SupplyType larger(List<SupplyType> types, SupplyType type) {
    return types.stream()
        .filter(t -> t.watts() > type.watts())
        .min(Comparator.comparingDouble(SupplyType::watts).thenComparing(SupplyType::id))
        .orElse(type);
  }

  private static List<Bin> fill(List<Load> loads, double capacity) {
    List<Load> heavyFirst = new ArrayList<>(loads);
    heavyFirst.sort(Comparator.comparingDouble(Load::watts).reversed());
    List<Bin> bins = new ArrayList<>();
    for (Load load : heavyFirst) {
      Bin bin =
          bins.stream()
              .filter(b -> !load.apart() && !b.loads.getFirst().apart())
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

  /** What is on the shelf first, the smallest that will do; else the cheapest to buy. */
  private static SupplyType cheapest(
      List<SupplyType> types, double watts, Room room, Map<String, Integer> shelf) {
    return types.stream()
        .filter(t -> room.watts(t) >= watts)
        .min(
            Comparator.<SupplyType>comparingDouble(
                    t -> shelf.getOrDefault(t.id(), 0) > 0 ? -1 / t.watts() : t.cost())
                .thenComparingDouble(SupplyType::watts)
                .thenComparing(SupplyType::id))
        .orElse(types.getLast());
  }
}
