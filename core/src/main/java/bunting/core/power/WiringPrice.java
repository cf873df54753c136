package bunting.core.power;

import bunting.core.cost.BuildCost;
import bunting.core.ports.BoxLoad;
import bunting.core.ports.PlanPrice;
import bunting.core.show.InjectionSchool;
import bunting.core.show.Point;
import bunting.core.show.PowerWays;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The price of wiring a box as the power planner would wire it by price. Ports are dealt by this
 * whatever the school: what the schools differ in comes after.
 */
public final class WiringPrice implements PlanPrice {
  private final Show show;
  private final PowerPlanner planner;
  private final Map<List<Object>, Double> supplies = new HashMap<>();

  /** For the boxes of a show. */
  public WiringPrice(Show show) {
    this(show, true);
  }

  private WiringPrice(Show show, boolean quick) {
    PowerWays ways = show.wiring().ways();
    this.show =
        show.withWiring(
            show.wiring().with(ways.with(InjectionSchool.PORT_FIRST, ways.everyPixels())));
    this.planner = new PowerPlanner(this.show, quick);
  }

  @Override
  public Wired wire(BoxLoad box) {
    BuildCost sum = BuildCost.NOTHING;
    int feeds = 0;
    double copper = 0;
    long unpowered = 0;
    Map<Double, List<Double>> watts = new HashMap<>();
    for (BoxLoad board : box.boards()) {
      PowerPlanner.Wired found = planner.wire(board);
      if (found.box().isEmpty()) {
        unpowered += pixels(board);
        continue;
      }
      WiredBox wired = found.box().get();
      List<Double> loads = watts.computeIfAbsent(board.volts(), k -> new ArrayList<>());
      double bank = 0;
      for (List<PortWiring.Island> islands : wired.ports()) {
        sum = sum.plus(IslandPrice.of(islands, show.allotting().planning().prices()));
        for (PortWiring.Island island : islands) {
          double load = island.trial().totalAmps() * wired.rules().supplyVolts();
          feeds += island.trial().count() - (island.onBank() ? 1 : 0);
          copper += island.trial().copper();
          if (island.onBank()) {
            bank += load;
          } else {
            loads.add(load);
          }
        }
      }
      if (bank > 0) {
        loads.add(bank);
      }
      loads.sort(Comparator.reverseOrder());
      unpowered +=
          found.failures().stream()
              .mapToLong(f -> show.run(f.run()).map(r -> (long) r.pixels()).orElse(0L))
              .sum();
    }
    return new Wired(
        box.controller().at(), sum.total(), sum.metres(), feeds, copper, unpowered, watts);
  }

  private static long pixels(BoxLoad box) {
    return box.ports().stream().flatMap(p -> p.pieces().stream()).mapToLong(p -> p.pixels()).sum();
  }

  @Override
  public PlanPrice exactly() {
    return PowerRules.quickIsLess(show) ? new WiringPrice(show, false) : this;
  }

  @Override
  public double supplies(List<Wired> boxes) {
    Map<Point, Map<Double, List<Double>>> places = new HashMap<>();
    for (Wired w : boxes) {
      Map<Double, List<Double>> here = places.computeIfAbsent(w.at(), k -> new HashMap<>());
      w.watts().forEach((v, list) -> here.computeIfAbsent(v, k -> new ArrayList<>()).addAll(list));
    }
    double sum = 0;
    for (Map<Double, List<Double>> here : places.values()) {
      for (Map.Entry<Double, List<Double>> e : here.entrySet()) {
        sum +=
            supplies.computeIfAbsent(
                List.of(e.getKey(), List.copyOf(e.getValue())),
                k -> SupplyPacker.price(show, e.getKey(), e.getValue()));
      }
    }
    return sum;
  }
}
