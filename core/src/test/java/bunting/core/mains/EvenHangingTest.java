package bunting.core.mains;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.Circuit;
import bunting.core.show.CircuitFacts;
import bunting.core.show.Point;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Phases and cords, beside every way to hang the loads. */
class EvenHangingTest {
  /** Rounding of each load to a milliamp and a half centimetre. */
  private static final double ROUNDING = 0.05;

  private static Circuit circuit(String id, double breaker, double existing, int phase) {
    return new Circuit(id, 230, breaker, existing)
        .with(CircuitFacts.NONE.onPhase(phase == 0 ? OptionalInt.empty() : OptionalInt.of(phase)));
  }

  private record Case(
      List<CircuitPlanner.Load> loads, List<Circuit> circuits, Map<String, List<Point>> outlets) {
    /** Metres of cord and five for each ampere of the fullest phase; none: it does not fit. */
    Optional<Double> worth(int[] on) {
      double[] used = new double[circuits.size()];
      double metres = 0;
      for (int l = 0; l < on.length; l++) {
        used[on[l]] += loads.get(l).voltAmps() / 230;
        Point at = loads.get(l).at().orElseThrow();
        List<Point> near = outlets.getOrDefault(circuits.get(on[l]).id(), List.of());
        metres += near.stream().mapToDouble(o -> o.cableTo(at)).min().orElse(0);
      }
      double[] phases = new double[4];
      for (int c = 0; c < used.length; c++) {
        if (used[c] > circuits.get(c).usableAmps() + 1e-6) {
          return Optional.empty();
        }
        int phase = circuits.get(c).facts().phase().orElse(0);
        phases[phase] += phase == 0 ? 0 : used[c] + circuits.get(c).existingAmps();
      }
      double fullest = Math.max(phases[1], Math.max(phases[2], phases[3]));
      return Optional.of(metres + 5 * fullest);
    }

    Optional<Double> best() {
      Optional<Double> best = Optional.empty();
      int ways = (int) Math.pow(circuits.size(), loads.size());
      for (int way = 0; way < ways; way++) {
        int[] on = new int[loads.size()];
        int rest = way;
        for (int l = 0; l < on.length; l++) {
          on[l] = rest % circuits.size();
          rest /= circuits.size();
        }
        Optional<Double> worth = worth(on);
        if (worth.isPresent() && (best.isEmpty() || worth.get() < best.get())) {
          best = worth;
        }
      }
      return best;
    }
  }

  private static Case random(Random random, boolean places) {
    List<Circuit> circuits = new ArrayList<>();
    Map<String, List<Point>> outlets = new HashMap<>();
    for (int c = 0; c < 3; c++) {
      String id = "K" + c;
      circuits.add(circuit(id, 4 + random.nextInt(12), random.nextInt(3), c + 1));
      if (places) {
        outlets.put(id, List.of(new Point(random.nextInt(40), 0)));
      }
    }
    List<CircuitPlanner.Load> loads = new ArrayList<>();
    for (int l = 0; l < 6; l++) {
      Optional<Point> at = Optional.of(new Point(random.nextInt(40), 1));
      double voltAmps = 100 + random.nextInt(500);
      loads.add(new CircuitPlanner.Load("L" + l, voltAmps, Optional.empty(), at));
    }
    return new Case(loads, circuits, outlets);
  }

  @Test
  void isAsGoodAsTheBestOfAllWays() {
    Random random = new Random(16);
    int fitted = 0;
    for (int i = 0; i < 120; i++) {
      Case c = random(random, i % 2 == 0);
      Map<String, String> found = CircuitPlanner.assign(c.loads(), c.circuits(), c.outlets());
      Optional<Double> best = c.best();
      if (best.isEmpty()) {
        assertThat(found.size()).isLessThan(c.loads().size());
        continue;
      }
      fitted++;
      int[] on =
          c.loads().stream()
              .mapToInt(
                  l -> c.circuits().stream().map(Circuit::id).toList().indexOf(found.get(l.key())))
              .toArray();
      assertThat(c.worth(on))
          .hasValueSatisfying(w -> assertThat(w).isCloseTo(best.get(), within(ROUNDING)));
    }
    assertThat(fitted).isGreaterThan(60);
  }

  @Test
  void whatIsFixedStaysWhereItIs() {
    List<CircuitPlanner.Load> loads =
        List.of(
            new CircuitPlanner.Load("a", 500, Optional.of("K0")),
            new CircuitPlanner.Load("b", 500, Optional.of("K0")));
    List<Circuit> circuits = List.of(circuit("K0", 16, 0, 1), circuit("K1", 16, 0, 2));
    assertThat(CircuitPlanner.assign(loads, circuits, Map.of()))
        .containsEntry("a", "K0")
        .containsEntry("b", "K0");
  }

  @Test
  void whereNothingTellsCircuitsApartAllStaysAsItWas() {
    List<CircuitPlanner.Load> loads =
        List.of(
            new CircuitPlanner.Load("a", 500, Optional.empty()),
            new CircuitPlanner.Load("b", 500, Optional.empty()));
    List<Circuit> circuits = List.of(circuit("K0", 16, 0, 0), circuit("K1", 16, 0, 0));
    assertThat(CircuitPlanner.assign(loads, circuits, Map.of()))
        .isEqualTo(CircuitPlanner.assign(loads, circuits));
  }

  @Test
  void aBoxIsPluggedInAtTheNearestOutletThatBearsIt() {
    List<CircuitPlanner.Load> loads =
        List.of(
            new CircuitPlanner.Load(
                "orchard", 500, Optional.empty(), Optional.of(new Point(99, 0))),
            new CircuitPlanner.Load("weir", 500, Optional.empty(), Optional.of(new Point(2, 0))));
    List<Circuit> circuits = List.of(circuit("mill", 16, 0, 0), circuit("pillar", 16, 0, 0));
    Map<String, List<Point>> outlets =
        Map.of("mill", List.of(new Point(0, 0)), "pillar", List.of(new Point(90, 0)));
    assertThat(CircuitPlanner.assign(loads, circuits, outlets))
        .containsEntry("orchard", "pillar")
        .containsEntry("weir", "mill");
  }
}
