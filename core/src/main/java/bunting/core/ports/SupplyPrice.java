package bunting.core.ports;

import bunting.core.show.Planning;
import bunting.core.show.Show;
import bunting.core.show.SupplyType;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The least that supplies for so many watts cost, whatever hangs on which. */
final class SupplyPrice {
  /** So many of the largest supply are weighed kind against kind; more are bought in bulk. */
  private static final int SUPPLIES_WEIGHED = 40;

  private final Show show;
  private final Planning planning;
  private final Map<Double, List<SupplyType>> supplies = new HashMap<>();

  SupplyPrice(Show show) {
    this.show = show;
    this.planning = show.allotting().planning();
    for (SupplyType s : show.catalogue().supplyTypes()) {
      supplies.computeIfAbsent(s.volts(), v -> new ArrayList<>()).add(s);
    }
  }

  /** Kinds of supply for some volts. */
  List<SupplyType> kinds(double volts) {
    return supplies.getOrDefault(volts, List.of());
  }

  double usableWatts(SupplyType type) {
    return type.usableWatts(show.settings().supplyLoadPercentMax());
  }

  /** The least that supplies for so many watts cost, of one kind or several. */
  double least(double volts, double watts) {
    double left = watts;
    for (SupplyType s : kinds(volts)) {
      left -= planning.suppliesOwned(s.id()) * usableWatts(s);
    }
    if (left <= 0) {
      return 0;
    }
    // Of a great many the bulk is of the kind that costs least a watt; only the rest is weighed.
    Optional<SupplyType> bulk =
        kinds(volts).stream()
            .min(
                Comparator.comparingDouble((SupplyType s) -> s.cost() / usableWatts(s))
                    .thenComparing(SupplyType::id));
    double weighed = kinds(volts).stream().mapToDouble(this::usableWatts).max().orElse(0);
    double beyond = left - SUPPLIES_WEIGHED * weighed;
    if (bulk.isEmpty() || beyond <= 0) {
      return cover(kinds(volts), 0, left);
    }
    double count = Math.ceil(beyond / usableWatts(bulk.get()));
    return count * bulk.get().cost()
        + cover(kinds(volts), 0, left - count * usableWatts(bulk.get()));
  }

  /** The cheapest supplies of the kinds from {@code kind} on that give so many watts. */
  private double cover(List<SupplyType> kinds, int kind, double watts) {
    if (watts <= 1e-6) {
      return 0;
    }
    if (kind == kinds.size()) {
      return kinds.isEmpty() ? 0 : Double.MAX_VALUE / 4;
    }
    SupplyType type = kinds.get(kind);
    int most = (int) Math.ceil(watts / usableWatts(type) - 1e-9);
    if (kind == kinds.size() - 1) {
      return most * type.cost();
    }
    double best = Double.MAX_VALUE;
    for (int n = 0; n <= most; n++) {
      double rest = cover(kinds, kind + 1, watts - n * usableWatts(type));
      best = Math.min(best, n * type.cost() + rest);
    }
    return best;
  }
}
