package bunting.core.power;

import bunting.core.cost.Shelf;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Supply;
import bunting.core.show.SupplyType;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Loads on the supplies that they were on. A supply that has become too small is changed for a
 * larger one of the same name, or gives a load away, whichever costs less; what is new goes where
 * there is room, else the same.
 */
final class SupplyRepair {
  /** Less is no saving. */
  private static final double CENT = 0.01;

  private final Show show;
  private final Standing standing;
  private final SupplyPacker.Room room;
  private final Shelf shelf;
  private final Map<String, Bin> bins = new LinkedHashMap<>();
  private final Standing.Fresh names;

  private static final class Bin {
    final SupplyPacker.Load first;
    final List<SupplyPacker.Load> loads = new ArrayList<>();
    Optional<SupplyType> type;
    double watts;

    Bin(SupplyPacker.Load first, Optional<SupplyType> type) {
      this.first = first;
      this.type = type;
    }

    boolean apart() {
      return loads.stream().anyMatch(SupplyPacker.Load::apart);
    }

    void add(SupplyPacker.Load load) {
      loads.add(load);
      watts += load.watts();
    }

    void remove(SupplyPacker.Load load) {
      loads.remove(load);
      watts -= load.watts();
    }
  }

  private SupplyRepair(Show show, Standing standing) {
    this.show = show;
    this.standing = standing;
    this.names = standing.fresh("S");
    this.shelf = Shelf.supplies(show.allotting().planning());
    this.room =
        new SupplyPacker.Room(show.settings().supplyLoadPercentMax(), show.wiring().conductors());
  }

  /** Supplies as they were; where a better plan is looked for, packed anew if that costs less. */
  static SupplyPacker.Packed pack(Show show, Standing standing, WrittenDown written) {
    SupplyRepair repair = new SupplyRepair(show, standing);
    Map<String, String> was = repair.before(written);
    SupplyPacker.Packed kept = repair.kept(written, was);
    if (!standing.isBeside()) {
      return kept;
    }
    SupplyPacker.Packed packed = SupplyPacker.pack(show, written.loads());
    return repair.cost(packed) < repair.cost(kept) - CENT ? repair.named(packed, was) : kept;
  }

  private double cost(SupplyPacker.Packed packed) {
    Map<String, SupplyType> types = show.catalogue().supplyTypesById();
    Shelf rest = Shelf.supplies(show.allotting().planning());
    return packed.supplies().stream()
        .mapToDouble(s -> rest.take(s.type()) ? 0 : types.get(s.type()).cost())
        .sum();
  }

  /** The supplies under the names of those that most of their loads were on. */
  private SupplyPacker.Packed named(SupplyPacker.Packed packed, Map<String, String> was) {
    Map<String, String> names = new LinkedHashMap<>();
    Map<String, Point> at = new HashMap<>();
    packed.supplies().forEach(s -> at.put(s.id(), s.at()));
    packed.supplyOf().keySet().stream()
        .sorted()
        .filter(was::containsKey)
        .forEach(
            load -> {
              String id = packed.supplyOf().get(load);
              String old = was.get(load);
              boolean there =
                  standing.supply(old).filter(s -> s.at().equals(at.get(id))).isPresent();
              if (there && !names.containsValue(old)) {
                names.putIfAbsent(id, old);
              }
            });
    packed.supplies().forEach(s -> names.computeIfAbsent(s.id(), k -> this.names.next()));
    Map<String, String> supplyOf = new HashMap<>();
    packed.supplyOf().forEach((load, s) -> supplyOf.put(load, names.get(s)));
    return new SupplyPacker.Packed(
        packed.supplies().stream()
            .map(s -> new Supply(names.get(s.id()), s.type(), s.at(), s.circuit()))
            .sorted(Comparator.comparingInt(s -> place(s.id())))
            .toList(),
        supplyOf);
  }

  /** The supply that each load was on. */
  private Map<String, String> before(WrittenDown written) {
    Map<String, String> was = new HashMap<>();
    for (WrittenDown.DraftFeed d : written.drafts()) {
      written.before(d).ifPresent(f -> was.putIfAbsent(d.load(), f.supply()));
    }
    for (SupplyPacker.Load load : written.loads()) {
      WrittenDown.board(load)
          .flatMap(standing::bankSupply)
          .ifPresent(id -> was.put(load.key(), id));
    }
    return was;
  }

  private SupplyPacker.Packed kept(WrittenDown written, Map<String, String> was) {
    List<SupplyPacker.Load> fresh = new ArrayList<>();
    for (SupplyPacker.Load load : written.loads()) {
      String id = was.get(load.key());
      if (id == null || !stays(load, id)) {
        fresh.add(load);
      }
    }
    for (String id : List.copyOf(bins.keySet())) {
      relieve(id, fresh);
    }
    fresh.sort(
        Comparator.comparing((SupplyPacker.Load l) -> l.watts() <= 0)
            .thenComparing(Comparator.comparingDouble(SupplyPacker.Load::watts).reversed()));
    fresh.forEach(this::place);
    List<Supply> supplies = new ArrayList<>();
    Map<String, String> supplyOf = new HashMap<>();
    List<String> ids = new ArrayList<>(bins.keySet());
    ids.sort(Comparator.comparingInt(this::place));
    ids.forEach(
        id -> {
          Bin bin = bins.get(id);
          if (!bin.loads.isEmpty()) {
            supplies.add(
                new Supply(id, bin.type.orElseThrow().id(), bin.first.at(), Optional.empty()));
            bin.loads.forEach(l -> supplyOf.put(l.key(), id));
          }
        });
    return new SupplyPacker.Packed(supplies, supplyOf);
  }

  /** The place of a supply in the list; new ones come last. */
  private int place(String id) {
    int at = standing.supplyIds().indexOf(id);
    return at < 0 ? Integer.MAX_VALUE : at;
  }

  private List<SupplyType> types(SupplyPacker.Load load) {
    return PowerRules.suppliesFor(show, load.volts());
  }

  /** Puts a load on the supply that it was on, unless that is elsewhere now or of other volts. */
  private boolean stays(SupplyPacker.Load load, String id) {
    Bin bin = bins.get(id);
    if (bin == null) {
      Optional<Supply> known = standing.supply(id);
      if (known.isEmpty()) {
        return false;
      }
      Optional<SupplyType> type =
          types(load).stream().filter(t -> t.id().equals(known.get().type())).findFirst();
      type.ifPresent(t -> shelf.take(t.id()));
      bin = new Bin(load, type);
      bins.put(id, bin);
    } else if (!SupplyPacker.place(bin.first).equals(SupplyPacker.place(load))) {
      return false;
    }
    bin.add(load);
    return true;
  }

  private boolean holds(Bin bin, double more) {
    return bin.type.isPresent() && bin.watts + more <= room.watts(bin.type.get());
  }

  private static double cost(Optional<SupplyType> type) {
    return type.map(SupplyType::cost).orElse(0.0);
  }

  /** The cheapest type for so many watts; empty: none holds them. */
  private Optional<SupplyType> type(SupplyPacker.Load load, double watts) {
    List<SupplyType> types = types(load);
    return types.isEmpty()
        ? Optional.empty()
        : Optional.of(SupplyPacker.cheapest(types, watts, room, shelf))
            .filter(t -> watts <= room.watts(t));
  }

  /** Brings a supply under its limit. */
  private void relieve(String id, List<SupplyPacker.Load> fresh) {
    Bin bin = bins.get(id);
    while (!holds(bin, 0)) {
      Optional<SupplyType> larger = type(bin.first, bin.watts);
      double swap = larger.isEmpty() ? Double.MAX_VALUE : cost(larger) - cost(bin.type);
      double most = bin.type.map(room::watts).orElse(0.0);
      Optional<SupplyPacker.Load> away =
          bin.loads.stream()
              .filter(l -> WrittenDown.board(l).isEmpty() && bin.loads.size() > 1)
              .filter(l -> bin.watts - l.watts() <= most)
              .min(
                  Comparator.comparingDouble(this::priceElsewhere)
                      .thenComparingDouble(SupplyPacker.Load::watts))
              .filter(l -> priceElsewhere(l) < swap);
      if (away.isPresent()) {
        bin.remove(away.get());
        fresh.add(away.get());
      } else if (larger.isPresent()) {
        bin.type = larger;
      } else if (bin.loads.size() > 1) {
        SupplyPacker.Load smallest =
            bin.loads.stream()
                .min(
                    Comparator.comparing((SupplyPacker.Load l) -> WrittenDown.board(l).isPresent())
                        .thenComparingDouble(SupplyPacker.Load::watts))
                .orElseThrow();
        bin.remove(smallest);
        fresh.add(smallest);
      } else {
        bin.type = types(bin.first).stream().max(Comparator.comparingDouble(SupplyType::watts));
        return;
      }
    }
  }

  private List<Map.Entry<String, Bin>> here(SupplyPacker.Load load) {
    return bins.entrySet().stream()
        .filter(e -> SupplyPacker.place(e.getValue().first).equals(SupplyPacker.place(load)))
        .filter(e -> load.watts() <= 0 || (!load.apart() && !e.getValue().apart()))
        .toList();
  }

  private double priceElsewhere(SupplyPacker.Load load) {
    boolean roomHere =
        here(load).stream()
            .anyMatch(e -> !e.getValue().loads.contains(load) && holds(e.getValue(), load.watts()));
    Optional<SupplyType> own = type(load, load.watts());
    return roomHere ? 0 : own.isEmpty() ? Double.MAX_VALUE : cost(own);
  }

  /** Puts a new load where there is room, else makes room for it the cheapest way. */
  private void place(SupplyPacker.Load load) {
    List<Map.Entry<String, Bin>> here = here(load);
    Optional<Bin> roomy =
        here.stream().map(Map.Entry::getValue).filter(b -> holds(b, load.watts())).findFirst();
    if (roomy.isPresent()) {
      roomy.get().add(load);
      return;
    }
    Optional<SupplyType> own = type(load, load.watts());
    double least = own.isEmpty() ? Double.MAX_VALUE : cost(own);
    Optional<Bin> swapped = Optional.empty();
    for (Map.Entry<String, Bin> e : here) {
      Bin bin = e.getValue();
      Optional<SupplyType> larger = type(load, bin.watts + load.watts());
      double swap = larger.isEmpty() ? Double.MAX_VALUE : cost(larger) - cost(bin.type);
      if (swap < least) {
        least = swap;
        swapped = Optional.of(bin);
      }
    }
    if (swapped.isPresent()) {
      Bin bin = swapped.get();
      bin.add(load);
      bin.type = type(load, bin.watts);
      return;
    }
    List<SupplyType> types = types(load);
    SupplyType type = SupplyPacker.cheapest(types, load.watts(), room, shelf);
    type = show.wiring().ways().nextSizeUp() ? SupplyPacker.larger(types, type) : type;
    shelf.take(type.id());
    Bin bin = new Bin(load, Optional.of(type));
    bin.add(load);
    bins.put(names.next(), bin);
  }
}
