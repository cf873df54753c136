package bunting.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Catalogue;
import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Pin;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.StandardCatalogue;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * Small shows in which runs may not be divided, held against every way there is to deal their runs:
 * a repaired plan moves the fewest runs that an edit allows.
 */
class FewestMovesTest {
  private static final int SHOWS = 300;
  private static final int PORT_PIXELS = 100;

  private final Random random = new Random(33);

  private static ControllerType kind(int ports) {
    return new ControllerType(
        "k" + ports,
        "small",
        ports,
        PORT_PIXELS,
        50,
        List.of(5.0, 12.0),
        10,
        30,
        List.of(),
        10,
        60);
  }

  private static Catalogue catalogue() {
    Catalogue all = StandardCatalogue.get();
    return new Catalogue(
        all.pixelTypes(), List.of(kind(2), kind(3)), all.supplyTypes(), all.wires());
  }

  private Run run(int number) {
    String type = number % 4 == 3 ? "12v-strip-60" : "5v-strip-60";
    return Run.of("r" + number, type, 20 + random.nextInt(50)).withSplit(false);
  }

  private Show show() {
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < 4 + random.nextInt(3); i++) {
      runs.add(run(i));
    }
    return Show.of(runs)
        .withCatalogue(catalogue())
        .withControllers(
            List.of(
                new Controller("A", "k2", 0, 0),
                new Controller("B", random.nextBoolean() ? "k3" : "k2", 4, 0)));
  }

  private Show edited(Show show) {
    Run one = show.runs().get(random.nextInt(show.runs().size()));
    List<Run> runs = new ArrayList<>(show.runs());
    switch (random.nextInt(5)) {
      case 0 -> runs.add(run(runs.size()));
      case 1 -> {
        runs.add(run(runs.size()));
        runs.add(run(runs.size()));
      }
      case 2 -> runs.replaceAll(r -> r.equals(one) ? r.withPixels(r.pixels() + 25) : r);
      case 3 ->
          runs.replaceAll(
              r ->
                  r.equals(one)
                      ? r.withPin(Optional.of(new Pin("A", OptionalInt.of(1 + random.nextInt(2)))))
                      : r);
      default -> runs.replaceAll(r -> r.equals(one) ? r.withType("12v-strip-60") : r);
    }
    return show.withRuns(runs);
  }

  @Test
  void noSmallerSetOfMovedRunsWouldDo() {
    int forced = 0;
    for (int i = 0; i < SHOWS; i++) {
      Show show = show();
      Assessment first = Assessor.sketch(show);
      if (!first.reading().decisions().unplaced().isEmpty()) {
        continue;
      }
      Show edited = edited(Keeping.accept(first.reading()));
      Map<String, String> was = ports(first);
      int least = new EveryDeal(edited, was).least();
      Assessment second = Assessor.sketch(edited);
      boolean all = second.reading().decisions().unplaced().isEmpty();
      assertThat(all).as("show %d is placed whole where that can be", i).isEqualTo(least < 99);
      if (all) {
        Kept kept = Kept.of(second.reading()).orElseThrow();
        assertThat(kept.moved()).as("show %d, %s", i, kept.because()).hasSize(least);
        forced += least > 0 ? 1 : 0;
      }
    }
    assertThat(forced).as("edits that force a move").isGreaterThan(SHOWS / 10);
  }

  private static Map<String, String> ports(Assessment plan) {
    Map<String, String> ports = new HashMap<>();
    for (Segment s : plan.reading().decisions().segments()) {
      ports.put(s.run(), s.controller() + s.port());
    }
    return ports;
  }

  /** All ways to deal whole runs to ports, without any code of the planner. */
  private static final class EveryDeal {
    private final Show show;
    private final Map<String, String> was;
    private final List<String> ports = new ArrayList<>();
    private final Map<String, Integer> pixels = new HashMap<>();
    private final Map<String, List<Double>> volts = new HashMap<>();
    private int least = 99;

    EveryDeal(Show show, Map<String, String> was) {
      this.show = show;
      this.was = was;
      for (Controller c : show.controllers().orElseThrow()) {
        int count = show.catalogue().controllerTypesById().get(c.type()).ports();
        for (int port = 1; port <= count; port++) {
          ports.add(c.id() + port);
        }
      }
    }

    int least() {
      deal(0, 0);
      return least;
    }

    private void deal(int next, int moved) {
      if (moved >= least) {
        return;
      }
      if (next == show.runs().size()) {
        least = moved;
        return;
      }
      Run run = show.runs().get(next);
      double v = show.catalogue().pixelTypesById().get(run.type()).volts();
      for (String port : ports) {
        String box = port.substring(0, 1);
        List<Double> bank = volts.computeIfAbsent(box, k -> new ArrayList<>());
        int there = pixels.getOrDefault(port, 0);
        boolean pinned =
            run.pin().filter(p -> !port.equals(p.controller() + p.port().orElse(0))).isPresent();
        if (there + run.pixels() <= PORT_PIXELS && bank.stream().allMatch(b -> b == v) && !pinned) {
          pixels.put(port, there + run.pixels());
          bank.add(v);
          String before = was.get(run.name());
          deal(next + 1, moved + (before == null || before.equals(port) ? 0 : 1));
          bank.removeLast();
          pixels.put(port, there);
        }
      }
    }
  }
}
