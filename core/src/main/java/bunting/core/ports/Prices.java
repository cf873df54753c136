package bunting.core.ports;

import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.LeadHelper;
import bunting.core.show.PixelType;
import bunting.core.show.Planning;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Signal;
import bunting.core.show.SupplyType;
import bunting.core.survey.Geometry;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/** What an allotment costs, in the prices of the show, and how much cable it takes. */
public final class Prices {
  /** So many of the largest supply are weighed kind against kind; more are bought in bulk. */
  private static final int SUPPLIES_WEIGHED = 40;

  private final Show show;
  private final Planning planning;
  private final Map<Double, List<SupplyType>> supplies = new HashMap<>();
  private final Set<String> given = new HashSet<>();

  Prices(Show show) {
    this.show = show;
    this.planning = show.allotting().planning();
    for (SupplyType s : show.catalogue().supplyTypes()) {
      supplies.computeIfAbsent(s.volts(), v -> new java.util.ArrayList<>()).add(s);
    }
    show.controllers().orElse(List.of()).stream().map(Controller::id).forEach(given::add);
  }

  boolean isGiven(Controller box) {
    return given.contains(box.id());
  }

  /** Price of a box of this kind that has to be bought. */
  double bought(ControllerType type) {
    return type.cost() + planning.boxExtraCost();
  }

  /** Metres from a box to pixel {@code pixel} of a run: its lead or its feed. */
  double metres(Point box, Run run, PixelType type, int pixel) {
    return Geometry.boxToPixel(box, run, type, pixel);
  }

  /** Kinds of supply for some volts. */
  List<SupplyType> supplies(double volts) {
    return supplies.getOrDefault(volts, List.of());
  }

  double usableWatts(SupplyType type) {
    return type.usableWatts(show.settings().supplyLoadPercentMax());
  }

  double watts(PixelType type, int pixels) {
    return pixels * type.amps(show.settings().brightnessPercent()) * type.volts();
  }

  /**
   * The cheapest help that lets a lead of so many metres work: none where it is short enough, else
   * of the catalogue. Empty: nothing reaches that far.
   */
  public static Optional<LeadHelper> help(List<LeadHelper> helpers, double metres) {
    return helpers.stream()
        .filter(h -> h.reachM() >= metres)
        .min(Comparator.comparingDouble(LeadHelper::cost).thenComparing(LeadHelper::id));
  }

  /** Whether a lead of this signal needs help. */
  public static boolean needsHelp(Signal signal, double metres) {
    return metres > signal.bareLeadM() + 1e-9;
  }

  double helpCost(PixelType type, double metres) {
    if (!needsHelp(type.signal(), metres)) {
      return 0;
    }
    return help(show.catalogue().leadHelpers(), metres).map(LeadHelper::cost).orElse(0.0);
  }

  /** Metres from the boxes to the first pixel of every piece. */
  double cable(List<BoxLoad> boxes) {
    double sum = 0;
    for (BoxLoad box : boxes) {
      for (PortLoad port : box.ports()) {
        for (Piece p : port.pieces()) {
          sum += metres(box.controller().at(), p.run(), p.type(), p.first());
        }
      }
    }
    return sum;
  }

  /** Boxes that are bought, supplies for their load, cable and help for long leads. */
  double cost(List<BoxLoad> boxes) {
    Map<String, Integer> shelf = new HashMap<>();
    planning.ownedBoxes().forEach(o -> shelf.merge(o.type(), o.count(), Integer::sum));
    Map<String, double[]> load = new TreeMap<>(); // place and volts: watts, volts
    double sum = cable(boxes) * planning.cableCostPerM();
    for (BoxLoad box : boxes) {
      boolean fresh = !box.isEmpty() && !isGiven(box.controller());
      if (fresh && shelf.merge(box.type().id(), -1, Integer::sum) < 0) {
        sum += bought(box.type());
      }
      for (PortLoad port : box.ports()) {
        Point at = box.controller().at();
        double[] here =
            load.computeIfAbsent(
                at.x() + " " + at.y() + " " + box.volts(), k -> new double[] {0, box.volts()});
        for (Piece p : port.pieces()) {
          here[0] += watts(p.type(), p.pixels());
        }
        if (!port.pieces().isEmpty()) {
          Piece head = port.pieces().getFirst();
          sum += helpCost(head.type(), metres(at, head.run(), head.type(), head.first()));
        }
      }
    }
    for (double[] here : load.values()) {
      sum += here[0] <= 0 ? 0 : supplyCost(here[1], here[0]);
    }
    return sum;
  }

  /** The least that supplies for so many watts cost, of one kind or several. */
  private double supplyCost(double volts, double watts) {
    double left = watts;
    for (SupplyType s : supplies(volts)) {
      left -= planning.suppliesOwned(s.id()) * usableWatts(s);
    }
    if (left <= 0) {
      return 0;
    }
    // Of a great many the bulk is of the kind that costs least a watt; only the rest is weighed.
    Optional<SupplyType> bulk =
        supplies(volts).stream()
            .min(
                Comparator.comparingDouble((SupplyType s) -> s.cost() / usableWatts(s))
                    .thenComparing(SupplyType::id));
    double weighed = supplies(volts).stream().mapToDouble(this::usableWatts).max().orElse(0);
    double beyond = left - SUPPLIES_WEIGHED * weighed;
    if (bulk.isEmpty() || beyond <= 0) {
      return cover(supplies(volts), 0, left);
    }
    double count = Math.ceil(beyond / usableWatts(bulk.get()));
    return count * bulk.get().cost()
        + cover(supplies(volts), 0, left - count * usableWatts(bulk.get()));
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
