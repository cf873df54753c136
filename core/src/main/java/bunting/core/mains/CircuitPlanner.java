package bunting.core.mains;

import bunting.core.show.Circuit;
import bunting.core.show.Point;
import bunting.core.show.SupplyType;
import bunting.core.solve.ExactSolver;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Which circuit each supply and each chain of bulb strings hangs on: first fit where that places
 * all, else exactly. Where circuits are told apart by phase or place, what was placed is then hung
 * so that phases are even and cords short ({@link EvenHanging}).
 */
public final class CircuitPlanner {
  /** Ten thousandths of a volt-ampere. */
  private static final double SCALE = 1e4;

  /** Deterministic seconds for one assignment. */
  static final double EFFORT = 2;

  /** Sums of amps are exact to far less than this. */
  private static final double ROUNDING_AMPS = 1e-9;

  private CircuitPlanner() {}

  /**
   * Something on the mains.
   *
   * @param key its id
   * @param voltAmps what it draws, so that amps are these divided by the circuit's volts
   * @param fixed the circuit that it must be on, where that is known
   * @param at where its plug is, where that is known
   */
  public record Load(String key, double voltAmps, Optional<String> fixed, Optional<Point> at) {
    /** Something whose place does not matter. */
    public Load(String key, double voltAmps, Optional<String> fixed) {
      this(key, voltAmps, fixed, Optional.empty());
    }

    /** A supply, on any circuit. */
    public static Load of(String supply, SupplyType type, double watts) {
      return new Load(supply, type.voltAmps(watts), Optional.empty());
    }
  }

  /** The same, with the outlets of each circuit by its id. */
  public static Map<String, String> assign(
      List<Load> loads, List<Circuit> circuits, Map<String, List<Point>> outlets) {
    Map<String, String> placed = assign(loads, circuits);
    return EvenHanging.of(loads, circuits, outlets, placed);
  }

  /**
   * Load keys to circuit ids; a load that fits nowhere is missing. What is fixed goes first, then
   * the heaviest, each where it fits; where that leaves one over, the exact solver looks for the
   * way that leaves the fewest volt-amperes over.
   */
  public static Map<String, String> assign(List<Load> loads, List<Circuit> circuits) {
    Map<String, String> greedy = firstFit(loads, circuits);
    if (greedy.size() == loads.size() || !ExactSolver.available()) {
      return greedy;
    }
    Map<String, String> exact = exactly(loads, circuits);
    boolean better =
        fixedLeft(loads, exact) <= fixedLeft(loads, greedy)
            && left(loads, exact) < left(loads, greedy) - ROUNDING_AMPS;
    return better ? exact : greedy;
  }

  private static long fixedLeft(List<Load> loads, Map<String, String> placed) {
    return loads.stream()
        .filter(l -> l.fixed().isPresent() && !placed.containsKey(l.key()))
        .count();
  }

  private static double left(List<Load> loads, Map<String, String> placed) {
    return loads.stream()
        .filter(l -> !placed.containsKey(l.key()))
        .mapToDouble(Load::voltAmps)
        .sum();
  }

  private static Map<String, String> firstFit(List<Load> loads, List<Circuit> circuits) {
    List<Load> heavyFirst = new ArrayList<>(loads);
    heavyFirst.sort(
        Comparator.comparing((Load l) -> l.fixed().isEmpty())
            .thenComparing(Comparator.comparingDouble(Load::voltAmps).reversed()));
    double[] used = new double[circuits.size()];
    Map<String, String> result = new HashMap<>();
    for (Load load : heavyFirst) {
      for (int c = 0; c < used.length; c++) {
        double amps = load.voltAmps() / circuits.get(c).volts();
        if (may(load, circuits.get(c))
            && used[c] + amps <= circuits.get(c).usableAmps() + ROUNDING_AMPS) {
          used[c] += amps;
          result.put(load.key(), circuits.get(c).id());
          break;
        }
      }
    }
    return result;
  }

  static boolean may(Load load, Circuit circuit) {
    return load.fixed().isEmpty() || load.fixed().get().equals(circuit.id());
  }

  /** Bins of different size: each load in one of them or none (CP-SAT). */
  private static Map<String, String> exactly(List<Load> loads, List<Circuit> circuits) {
    CpModel model = new CpModel();
    BoolVar[][] on = new BoolVar[loads.size()][circuits.size()];
    LinearExprBuilder placed = LinearExpr.newBuilder();
    List<LinearExprBuilder> sums = new ArrayList<>();
    circuits.forEach(c -> sums.add(LinearExpr.newBuilder()));
    long all = loads.stream().mapToLong(l -> scaled(l.voltAmps()) + 1).sum();
    for (int l = 0; l < loads.size(); l++) {
      List<BoolVar> places = new ArrayList<>();
      for (int c = 0; c < circuits.size(); c++) {
        if (may(loads.get(l), circuits.get(c))) {
          on[l][c] = model.newBoolVar("on");
          places.add(on[l][c]);
          sums.get(c).addTerm(on[l][c], scaled(loads.get(l).voltAmps()));
          // What is fixed has no other place: it goes before all that could go elsewhere.
          long first = loads.get(l).fixed().isPresent() ? all : 0;
          placed.addTerm(on[l][c], first + scaled(loads.get(l).voltAmps()) + 1);
        }
      }
      model.addAtMostOne(places.toArray(new BoolVar[0]));
    }
    for (int c = 0; c < circuits.size(); c++) {
      model.addLessOrEqual(sums.get(c), room(circuits.get(c)));
    }
    model.maximize(placed);
    CpSolver solver = ExactSolver.within(EFFORT);
    Map<String, String> result = new HashMap<>();
    if (ExactSolver.found(solver, model)) {
      for (int l = 0; l < loads.size(); l++) {
        for (int c = 0; c < circuits.size(); c++) {
          if (may(loads.get(l), circuits.get(c)) && solver.booleanValue(on[l][c])) {
            result.put(loads.get(l).key(), circuits.get(c).id());
          }
        }
      }
    }
    return result;
  }

  /** Volt-amperes as the solver counts them, rounded up by less than anybody measures. */
  static long scaled(double voltAmps) {
    return (long) Math.ceil(voltAmps * SCALE - 1e-3);
  }

  /** What a circuit has for the show, as the solver counts. */
  static long room(Circuit circuit) {
    return Math.max(0, (long) Math.floor(circuit.usableAmps() * circuit.volts() * SCALE + 1e-3));
  }
}
