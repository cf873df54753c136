package bunting.core.power;

import bunting.core.show.Circuit;
import bunting.core.show.Show;
import bunting.core.show.SupplyType;
import bunting.core.solve.ExactSolver;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Supplies and the circuits that they hang on, chosen together: which loads share a supply, of
 * which size, on which circuit, so that all are on one within what it bears for hours, for the
 * least money (CP-SAT, one worker, a fixed seed). Asked where supplies chosen by themselves do not
 * fit the circuits.
 *
 * <p><b>Model.</b> What else hangs on the mains may go to any circuit that it may be on; where not
 * all fits, that is left over before a supply is. Of each place and voltage as many supplies of
 * each kind as there are loads, each on at most one circuit; a load is on one (supply, circuit). A
 * supply draws its watts by its own efficiency and power factor. Supplies of a kind are used in
 * their order.
 *
 * <p><b>Limits.</b> Beyond {@value #PLACES_MAX} triples of load, supply and circuit it gives up.
 */
final class MainsPacking {
  private static final int PLACES_MAX = 60_000;

  /** Deterministic seconds. */
  private static final double EFFORT = 10;

  /** Ten thousandths of a watt or a volt-ampere. */
  private static final double SCALE = 1e4;

  /** Something left over costs more than any supplies do. */
  private static final long LEFT_OVER = 1_000_000_000_000L;

  private record Supply(
      SupplyType type, List<BoolVar> onCircuit, Map<String, List<BoolVar>> loads) {}

  /** A supply of a kind, and the keys of the loads on it. */
  record Chosen(SupplyType type, List<String> loads) {}

  private MainsPacking() {}

  /** By place, the supplies and what hangs on each; empty: there is no way, or none found. */
  static Map<String, List<Chosen>> find(
      Show show, List<SupplyPacker.Load> loads, SupplyPacker.Mains mains) {
    Map<String, List<SupplyPacker.Load>> places = new LinkedHashMap<>();
    loads.forEach(
        l -> places.computeIfAbsent(SupplyPacker.place(l), k -> new ArrayList<>()).add(l));
    long size =
        places.values().stream()
            .mapToLong(
                p ->
                    (long) p.size()
                        * p.size()
                        * PowerRules.suppliesFor(show, p.getFirst().volts()).size()
                        * mains.circuits().size())
            .sum();
    return size == 0 || size > PLACES_MAX || !ExactSolver.available()
        ? Map.of()
        : solve(show, places, mains);
  }

  private static Map<String, List<Chosen>> solve(
      Show show, Map<String, List<SupplyPacker.Load>> places, SupplyPacker.Mains mains) {
    CpModel model = new CpModel();
    LinearExprBuilder cost = LinearExpr.newBuilder();
    List<LinearExprBuilder> drawn = new ArrayList<>();
    mains.circuits().forEach(c -> drawn.add(LinearExpr.newBuilder()));
    Map<String, List<Supply>> all = new LinkedHashMap<>();
    places.forEach((key, here) -> all.put(key, place(show, model, here, mains, cost, drawn)));
    mains.others().forEach(o -> other(model, o, mains.circuits(), cost, drawn));
    for (int c = 0; c < drawn.size(); c++) {
      Circuit circuit = mains.circuits().get(c);
      double room = circuit.usableAmps() * circuit.volts();
      model.addLessOrEqual(drawn.get(c), Math.max(0, (long) Math.floor(room * SCALE + 1e-3)));
    }
    model.minimize(cost);
    CpSolver solver = ExactSolver.within(EFFORT);
    if (!ExactSolver.found(solver, model)) {
      return Map.of();
    }
    Map<String, List<Chosen>> found = new LinkedHashMap<>();
    all.forEach(
        (key, supplies) -> {
          List<Chosen> bins = new ArrayList<>();
          for (Supply s : supplies) {
            List<String> bin = new ArrayList<>();
            s.loads()
                .forEach(
                    (load, on) -> {
                      if (on.stream().anyMatch(solver::booleanValue)) {
                        bin.add(load);
                      }
                    });
            if (!bin.isEmpty()) {
              bins.add(new Chosen(s.type(), bin));
            }
          }
          found.put(key, bins);
        });
    return found;
  }

  private static void other(
      CpModel model,
      PowerPlanner.Other other,
      List<Circuit> circuits,
      LinearExprBuilder cost,
      List<LinearExprBuilder> drawn) {
    List<BoolVar> places = new ArrayList<>();
    for (int c = 0; c < circuits.size(); c++) {
      if (other.fixed().isEmpty() || other.fixed().get().equals(circuits.get(c).id())) {
        BoolVar on = model.newBoolVar("other");
        drawn.get(c).addTerm(on, scaledUp(other.voltAmps()));
        places.add(on);
      }
    }
    BoolVar left = model.newBoolVar("left");
    places.add(left);
    model.addExactlyOne(places.toArray(new BoolVar[0]));
    cost.addTerm(left, LEFT_OVER);
  }

  private static long scaledUp(double voltAmps) {
    return (long) Math.ceil(voltAmps * SCALE - 1e-3);
  }

  private static List<Supply> place(
      Show show,
      CpModel model,
      List<SupplyPacker.Load> loads,
      SupplyPacker.Mains mains,
      LinearExprBuilder cost,
      List<LinearExprBuilder> drawn) {
    List<Supply> supplies = new ArrayList<>();
    Map<String, List<BoolVar>> where = new LinkedHashMap<>();
    for (SupplyType type : PowerRules.suppliesFor(show, loads.getFirst().volts())) {
      BoolVar before = null;
      for (int n = 0; n < loads.size(); n++) {
        List<BoolVar> circuits = new ArrayList<>();
        mains.circuits().forEach(c -> circuits.add(model.newBoolVar("on")));
        BoolVar used = model.newBoolVar("used");
        model.addEquality(LinearExpr.sum(circuits.toArray(new BoolVar[0])), used);
        if (before != null) {
          model.addImplication(used, before);
        }
        before = used;
        cost.addTerm(used, Math.round(type.cost() * 100) + 1);
        supplies.add(supply(show, model, type, circuits, used, loads, where, drawn));
      }
    }
    where.values().forEach(on -> model.addExactlyOne(on.toArray(new BoolVar[0])));
    return supplies;
  }

  private static Supply supply(
      Show show,
      CpModel model,
      SupplyType type,
      List<BoolVar> circuits,
      BoolVar used,
      List<SupplyPacker.Load> loads,
      Map<String, List<BoolVar>> where,
      List<LinearExprBuilder> drawn) {
    double held = show.wiring().conductors().supplyVolts(type.volts());
    double usable = type.usableAmps(show.settings().supplyLoadPercentMax(), held) * held;
    LinearExprBuilder watts = LinearExpr.newBuilder();
    List<BoolVar> apart = new ArrayList<>();
    Map<String, List<BoolVar>> own = new LinkedHashMap<>();
    for (SupplyPacker.Load load : loads) {
      List<BoolVar> on = new ArrayList<>();
      for (int c = 0; c < circuits.size(); c++) {
        BoolVar x = model.newBoolVar("x");
        model.addImplication(x, circuits.get(c));
        double voltAmps = type.voltAmps(load.watts());
        drawn.get(c).addTerm(x, scaledUp(voltAmps));
        watts.addTerm(x, (long) Math.floor(load.watts() * SCALE));
        on.add(x);
        where.computeIfAbsent(load.key(), k -> new ArrayList<>()).add(x);
        if (load.apart()) {
          apart.add(x);
        }
      }
      own.put(load.key(), on);
    }
    model.addAtMostOne(apart.toArray(new BoolVar[0]));
    long room = (long) Math.floor(usable * SCALE + 1);
    model.addLessOrEqual(watts, LinearExpr.term(used, room));
    return new Supply(type, circuits, own);
  }
}
