package bunting.core.mains;

import bunting.core.show.Circuit;
import bunting.core.show.Point;
import bunting.core.solve.ExactSolver;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;

/**
 * What was found a circuit, hung anew: the fullest phase as empty as can be, and cords short.
 *
 * <p><b>Method.</b> CP-SAT, one worker, a fixed seed: each load on one circuit that bears it; the
 * least of the fullest phase's amps (with all that is on it already) and the metres from each load
 * to the nearest outlet of its circuit, one ampere of the fullest phase as dear as {@value
 * #METRES_PER_AMP} m of cord (our choice: metres are bought once, a phase that is full opens the
 * main fuse). Where nothing tells circuits apart, or beyond {@value #PLACES_MAX} pairs, all stays
 * as it was.
 */
final class EvenHanging {
  static final int METRES_PER_AMP = 5;

  private static final int PLACES_MAX = 20_000;

  /** Milliamps of a phase as the solver counts: one of them is so many centimetres. */
  private static final int HALF_CENTIMETRES_PER_METRE = 1000 / METRES_PER_AMP;

  private final List<CircuitPlanner.Load> loads;
  private final List<Circuit> circuits;
  private final Map<String, List<Point>> outlets;
  private final CpModel model = new CpModel();
  private final BoolVar[][] on;

  private EvenHanging(
      List<CircuitPlanner.Load> loads, List<Circuit> circuits, Map<String, List<Point>> outlets) {
    this.loads = loads;
    this.circuits = circuits;
    this.outlets = outlets;
    this.on = new BoolVar[loads.size()][circuits.size()];
  }

  static Map<String, String> of(
      List<CircuitPlanner.Load> all,
      List<Circuit> circuits,
      Map<String, List<Point>> outlets,
      Map<String, String> placed) {
    List<CircuitPlanner.Load> loads =
        all.stream().filter(l -> placed.containsKey(l.key())).toList();
    long phases =
        circuits.stream().flatMapToInt(c -> c.facts().phase().stream()).distinct().count();
    boolean apart = phases > 1 || !outlets.isEmpty();
    long pairs = (long) loads.size() * circuits.size();
    if (!apart
        || circuits.size() < 2
        || loads.isEmpty()
        || pairs > PLACES_MAX
        || !ExactSolver.available()) {
      return placed;
    }
    return new EvenHanging(loads, circuits, outlets).hang(placed);
  }

  private Map<String, String> hang(Map<String, String> placed) {
    LinearExprBuilder cost = LinearExpr.newBuilder();
    List<LinearExprBuilder> sums = new ArrayList<>();
    Map<Integer, LinearExprBuilder> phases = new TreeMap<>();
    for (Circuit c : circuits) {
      sums.add(LinearExpr.newBuilder());
      c.facts()
          .phase()
          .ifPresent(
              p ->
                  phases
                      .computeIfAbsent(p, k -> LinearExpr.newBuilder())
                      .add(Math.round(c.existingAmps() * 1000)));
    }
    for (int l = 0; l < loads.size(); l++) {
      hang(l, placed, cost, sums, phases);
    }
    for (int c = 0; c < circuits.size(); c++) {
      model.addLessOrEqual(sums.get(c), CircuitPlanner.room(circuits.get(c)));
    }
    if (phases.size() > 1) {
      IntVar fullest = model.newIntVar(0, Long.MAX_VALUE >> 16, "fullest");
      phases.values().forEach(p -> model.addLessOrEqual(p, fullest));
      cost.addTerm(fullest, 1);
    }
    model.minimize(cost);
    CpSolver solver = ExactSolver.within(CircuitPlanner.EFFORT);
    return ExactSolver.found(solver, model) ? found(solver) : placed;
  }

  private void hang(
      int l,
      Map<String, String> placed,
      LinearExprBuilder cost,
      List<LinearExprBuilder> sums,
      Map<Integer, LinearExprBuilder> phases) {
    CircuitPlanner.Load load = loads.get(l);
    List<BoolVar> places = new ArrayList<>();
    for (int c = 0; c < circuits.size(); c++) {
      Circuit circuit = circuits.get(c);
      if (!CircuitPlanner.may(load, circuit)) {
        continue;
      }
      BoolVar x = model.newBoolVar("on");
      on[l][c] = x;
      places.add(x);
      model.addHint(x, circuit.id().equals(placed.get(load.key())));
      sums.get(c).addTerm(x, CircuitPlanner.scaled(load.voltAmps()));
      long milliamps = Math.round(load.voltAmps() / circuit.volts() * 1000);
      circuit.facts().phase().ifPresent(p -> phases.get(p).addTerm(x, milliamps));
      cost.addTerm(x, Math.round(metres(load, circuit) * HALF_CENTIMETRES_PER_METRE));
    }
    model.addExactlyOne(places.toArray(new BoolVar[0]));
  }

  /**
   * Cord to the nearest outlet of a circuit. An outlet that nobody placed is as far as the others
   * are on average; 0 where the load's place is not known.
   */
  private double metres(CircuitPlanner.Load load, Circuit circuit) {
    if (load.at().isEmpty()) {
      return 0;
    }
    Point at = load.at().get();
    return nearest(at, circuit)
        .orElseGet(
            () ->
                circuits.stream()
                    .flatMapToDouble(c -> nearest(at, c).stream())
                    .average()
                    .orElse(0));
  }

  private OptionalDouble nearest(Point at, Circuit circuit) {
    return outlets.getOrDefault(circuit.id(), List.of()).stream()
        .mapToDouble(o -> o.cableTo(at))
        .min();
  }

  private Map<String, String> found(CpSolver solver) {
    Map<String, String> result = new HashMap<>();
    for (int l = 0; l < loads.size(); l++) {
      for (int c = 0; c < circuits.size(); c++) {
        if (on[l][c] != null && solver.booleanValue(on[l][c])) {
          result.put(loads.get(l).key(), circuits.get(c).id());
        }
      }
    }
    return result;
  }
}
