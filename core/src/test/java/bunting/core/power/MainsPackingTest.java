package bunting.core.power;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.mains.CircuitPlanner;
import bunting.core.show.Circuit;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Supply;
import bunting.core.show.SupplyType;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Supplies and circuits chosen together, beside every way to do it. */
class MainsPackingTest {
  private static final Show SHOW = Show.of(List.of());

  private static List<SupplyPacker.Load> loads(double... watts) {
    List<SupplyPacker.Load> list = new ArrayList<>();
    for (double w : watts) {
      list.add(new SupplyPacker.Load("l" + list.size(), new Point(0, 0), 12, w, false));
    }
    return list;
  }

  /** Whether the packed supplies and what else there is all find a circuit. */
  private static boolean fits(
      List<SupplyPacker.Load> loads, List<Circuit> circuits, double... others) {
    SupplyPacker.Mains mains =
        new SupplyPacker.Mains(
            circuits,
            Arrays.stream(others)
                .mapToObj(va -> new PowerPlanner.Other(va, Optional.empty()))
                .toList());
    SupplyPacker.Packed packed = SupplyPacker.pack(SHOW, loads, Optional.of(mains));
    Map<String, SupplyType> types = SHOW.catalogue().supplyTypesById();
    List<CircuitPlanner.Load> drawn = new ArrayList<>();
    for (Supply s : packed.supplies()) {
      double watts =
          loads.stream()
              .filter(l -> s.id().equals(packed.supplyOf().get(l.key())))
              .mapToDouble(SupplyPacker.Load::watts)
              .sum();
      drawn.add(CircuitPlanner.Load.of(s.id(), types.get(s.type()), watts));
    }
    for (double va : others) {
      drawn.add(new CircuitPlanner.Load("other " + drawn.size(), va, Optional.empty()));
    }
    return CircuitPlanner.assign(drawn, circuits).size() == drawn.size();
  }

  /** Loads on supplies (any of their kinds) on circuits, all ways. */
  private static boolean anyWay(
      List<SupplyPacker.Load> loads, List<Circuit> circuits, double... others) {
    return anyWay(loads, 0, new ArrayList<>(), circuits, others);
  }

  private static boolean anyWay(
      List<SupplyPacker.Load> loads,
      int next,
      List<Double> supplies,
      List<Circuit> circuits,
      double... others) {
    if (next == loads.size()) {
      return besides(supplies, others, 0, new double[circuits.size()], circuits);
    }
    double watts = loads.get(next).watts();
    for (int s = 0; s <= supplies.size(); s++) {
      List<Double> more = new ArrayList<>(supplies);
      if (s == supplies.size()) {
        more.add(watts);
      } else {
        more.set(s, supplies.get(s) + watts);
      }
      if (more.get(s) <= 480 && anyWay(loads, next + 1, more, circuits, others)) {
        return true;
      }
    }
    return false;
  }

  private static boolean besides(
      List<Double> supplies, double[] others, int next, double[] used, List<Circuit> circuits) {
    if (next == others.length) {
      return hang(supplies, 0, used, circuits);
    }
    for (int c = 0; c < used.length; c++) {
      if (used[c] + others[next] <= room(circuits.get(c)) + 1e-9) {
        used[c] += others[next];
        if (besides(supplies, others, next + 1, used, circuits)) {
          return true;
        }
        used[c] -= others[next];
      }
    }
    return false;
  }

  private static double room(Circuit circuit) {
    return (circuit.breakerAmps() * 0.8 - circuit.existingAmps()) * circuit.volts();
  }

  private static boolean hang(
      List<Double> supplies, int next, double[] used, List<Circuit> circuits) {
    if (next == supplies.size()) {
      return true;
    }
    for (SupplyType type : SHOW.catalogue().supplyTypes()) {
      if (type.volts() == 12 && supplies.get(next) <= type.watts() * 0.8 + 1e-9) {
        double drawn = supplies.get(next) / (type.efficiency() * type.powerFactor());
        for (int c = 0; c < used.length; c++) {
          if (used[c] + drawn <= room(circuits.get(c)) + 1e-9) {
            used[c] += drawn;
            if (hang(supplies, next + 1, used, circuits)) {
              return true;
            }
            used[c] -= drawn;
          }
        }
      }
    }
    return false;
  }

  /** Three circuits that bear some 455 VA each, loads that the cheapest supplies put on two. */
  @Test
  void suppliesThatFitNoCircuitAreDividedOtherwise() {
    List<Circuit> circuits =
        List.of(
            new Circuit("a", 230, 6, 2.82),
            new Circuit("b", 230, 6, 2.82),
            new Circuit("c", 230, 6, 2.82));
    List<SupplyPacker.Load> loads = loads(114, 114, 114, 114, 114, 114, 114, 114, 114);
    assertThat(anyWay(loads, circuits)).isTrue();
    assertThat(fits(loads, circuits)).isTrue();
  }

  @Test
  @Tag("property")
  void whereThereIsAWayItIsFound() {
    Random random = new Random(80);
    int some = 0;
    int none = 0;
    for (int i = 0; i < 120; i++) {
      double[] watts = new double[2 + random.nextInt(4)];
      double all = 0;
      for (int l = 0; l < watts.length; l++) {
        watts[l] = 40 + random.nextInt(300);
        all += watts[l];
      }
      List<Circuit> circuits = new ArrayList<>();
      int count = 1 + random.nextInt(3);
      for (int c = 0; c < count; c++) {
        // About as much as is wanted, so that it goes either way.
        double room = all / 0.83 / count * (0.9 + random.nextDouble() * 0.4);
        circuits.add(new Circuit("c" + c, 230, 10, 8 - room / 230));
      }
      List<SupplyPacker.Load> loads = loads(watts);
      double[] others = random.doubles(random.nextInt(3), 5, all / 4).toArray();
      boolean way = anyWay(loads, circuits, others);
      some += way ? 1 : 0;
      none += way ? 0 : 1;
      assertThat(fits(loads, circuits, others)).as("show " + i).isEqualTo(way);
    }
    assertThat(some).isGreaterThan(30);
    assertThat(none).isGreaterThan(30);
  }
}
