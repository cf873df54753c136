package bunting.core.power;

import bunting.core.cost.Shelf;
import bunting.core.show.Circuit;
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
  record Room(double percent, Conductors copper) {
    double watts(SupplyType type) {
      double held = copper.supplyVolts(type.volts());
      return type.usableAmps(percent, held) * held + ROUNDING_WATTS;
    }
  }

  private static final class Bin {
    final List<Load> loads = new ArrayList<>();
    double watts;
    Optional<SupplyType> type = Optional.empty();
  }

  /** Of two ways that cost the same the one with fewer supplies. */
  private static final double ANOTHER = 1e-3;

  /** Up to so many loads all ways to divide them are looked at. */
  private static final int EXACT_LOADS = 9;

  /** Sums of watts are exact to far less than this. */
  private static final double ROUNDING_WATTS = 1e-6;

  private SupplyPacker() {}

  /**
   * What else is known of the mains when supplies are chosen.
   *
   * @param circuits that there are
   * @param others what else hangs on them
   */
  record Mains(List<Circuit> circuits, List<PowerPlanner.Other> others) {}

  static Packed pack(Show show, List<Load> loads) {
    return pack(show, loads, Optional.empty());
  }

  static Packed pack(Show show, List<Load> loads, Optional<Mains> mains) {
    Map<String, List<Load>> byPlace = new java.util.LinkedHashMap<>();
    for (Load load : loads) {
      byPlace.computeIfAbsent(place(load), k -> new ArrayList<>()).add(load);
    }
    List<Supply> supplies = new ArrayList<>();
    Map<String, String> supplyOf = new HashMap<>();
    Map<String, List<MainsPacking.Chosen>> asked =
        mains.map(m -> MainsPacking.find(show, loads, m)).orElse(Map.of());
    Room room = new Room(show.settings().supplyLoadPercentMax(), show.wiring().conductors());
    Shelf shelf = Shelf.supplies(show.allotting().planning());
    for (Map.Entry<String, List<Load>> place : byPlace.entrySet()) {
      List<Load> here = place.getValue();
      List<SupplyType> types = PowerRules.suppliesFor(show, here.getFirst().volts());
      List<Bin> bins =
          asked.containsKey(place.getKey())
              ? binsOf(here, asked.get(place.getKey()))
              : cheapestFill(here, types, room);
      for (Bin bin : bins) {
        String id = "S" + (supplies.size() + 1);
        SupplyType type = bin.type.orElseGet(() -> cheapest(types, bin.watts, room, shelf));
        boolean chosen = bin.type.isPresent();
        type = !chosen && show.wiring().ways().nextSizeUp() ? larger(types, type) : type;
        shelf.take(type.id());
        supplies.add(new Supply(id, type.id(), here.getFirst().at(), Optional.empty()));
        bin.loads.forEach(l -> supplyOf.put(l.key(), id));
      }
    }
    return new Packed(supplies, supplyOf);
  }

  private static List<Bin> binsOf(List<Load> loads, List<MainsPacking.Chosen> supplies) {
    List<Bin> bins = new ArrayList<>();
    for (MainsPacking.Chosen chosen : supplies) {
      Bin bin = new Bin();
      bin.type = Optional.of(chosen.type());
      for (Load load : loads) {
        if (chosen.loads().contains(load.key())) {
          bin.loads.add(load);
          bin.watts += load.watts();
        }
      }
      bins.add(bin);
    }
    return bins;
  }

  /** The place and voltage of a load: those of one place may share a supply. */
  static String place(Load load) {
    return load.at() + " " + load.volts();
  }

  /** What supplies for these loads of one place cost, as they would be packed. */
  static double price(Show show, double volts, List<Double> watts) {
    List<SupplyType> types = PowerRules.suppliesFor(show, volts);
    if (types.isEmpty() || watts.isEmpty()) {
      return 0;
    }
    Room room = new Room(show.settings().supplyLoadPercentMax(), show.wiring().conductors());
    List<Load> loads = new ArrayList<>();
    for (double w : watts) {
      loads.add(new Load("" + loads.size(), new Point(0, 0), volts, w, false));
    }
    Shelf shelf = Shelf.supplies(show.allotting().planning());
    double sum = 0;
    for (Bin bin : cheapestFill(loads, types, room)) {
      SupplyType type = cheapest(types, bin.watts, room, shelf);
      sum += shelf.take(type.id()) ? 0 : type.cost();
    }
    return sum;
  }

  /** The cheapest way: exact for few loads, else bins up to each size in turn. */
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
    boolean few = loads.size() <= EXACT_LOADS && loads.stream().noneMatch(Load::apart);
    boolean fits = heaviest <= room.watts(types.getLast());
    if (few && fits && loads.size() > 2) {
      List<Bin> exact = exactFill(loads, types, room);
      best = cost(exact, types, room) < cost(best, types, room) - 1e-9 ? exact : best;
    }
    return best;
  }

  /** Over all ways to divide the loads: the cheapest for each set of them, from smaller sets. */
  private static List<Bin> exactFill(List<Load> loads, List<SupplyType> types, Room room) {
    int all = (1 << loads.size()) - 1;
    double[] alone = new double[all + 1];
    double[] best = new double[all + 1];
    int[] taken = new int[all + 1];
    for (int set = 1; set <= all; set++) {
      double watts = 0;
      for (int l = 0; l < loads.size(); l++) {
        watts += (set >> l & 1) == 1 ? loads.get(l).watts() : 0;
      }
      double sum = watts;
      alone[set] =
          types.stream()
              .filter(t -> room.watts(t) >= sum)
              .mapToDouble(t -> t.cost() + ANOTHER)
              .min()
              .orElse(Double.MAX_VALUE / 4);
    }
    for (int set = 1; set <= all; set++) {
      best[set] = Double.MAX_VALUE;
      int first = set & -set;
      for (int part = set; part > 0; part = (part - 1) & set) {
        double cost = alone[part] + best[set ^ part];
        if ((part & first) != 0 && cost < best[set] - 1e-12) {
          best[set] = cost;
          taken[set] = part;
        }
      }
    }
    List<Bin> bins = new ArrayList<>();
    for (int set = all; set > 0; set ^= taken[set]) {
      Bin bin = new Bin();
      for (int l = 0; l < loads.size(); l++) {
        if ((taken[set] >> l & 1) == 1) {
          bin.loads.add(loads.get(l));
          bin.watts += loads.get(l).watts();
        }
      }
      bins.add(bin);
    }
    return bins;
  }

  private static double cost(List<Bin> bins, List<SupplyType> types, Room room) {
    return bins.stream()
        .mapToDouble(b -> cheapest(types, b.watts, room, Shelf.EMPTY).cost() + ANOTHER)
        .sum();
  }

  static SupplyType larger(List<SupplyType> types, SupplyType type) {
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
              .filter(b -> load.watts() <= 0 || (!load.apart() && !b.loads.getFirst().apart()))
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
  static SupplyType cheapest(List<SupplyType> types, double watts, Room room, Shelf shelf) {
    return types.stream()
        .filter(t -> room.watts(t) >= watts)
        .min(
            Comparator.<SupplyType>comparingDouble(
                    t -> shelf.has(t.id()) ? -1 / t.watts() : t.cost())
                .thenComparingDouble(SupplyType::watts)
                .thenComparing(SupplyType::id))
        .orElse(types.getLast());
  }
}
