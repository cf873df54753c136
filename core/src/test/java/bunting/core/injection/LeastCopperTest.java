package bunting.core.injection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import bunting.core.show.LoadKind;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** Places and sizes against a search through all of them. */
class LeastCopperTest {
  private static final List<Wire> WIRES =
      List.of("18AWG", "14AWG", "10AWG").stream().map(w -> Wire.parse(w).orElseThrow()).toList();

  private final List<Sites> sizes = new ArrayList<>();
  private final List<double[]> copper = new ArrayList<>();
  private int n;
  private double limit;

  private void make(long seed, LoadKind kind) {
    Random random = new Random(seed);
    n = 3 + random.nextInt(6);
    double amps = 0.3 + random.nextDouble();
    double rail = 0.005 + random.nextDouble() / 60;
    limit = 4.4 + random.nextDouble() / 3;
    double start = 0.5 + random.nextInt(4);
    boolean head = random.nextInt(4) == 0;
    Line line = Line.uniform(5, n, amps, kind, rail, new int[0], new double[0]);
    int near = random.nextInt(n);
    for (Wire wire : WIRES) {
      double[] ohms = new double[n];
      double[] most = new double[n];
      double[] cost = new double[n];
      for (int i = 0; i < n; i++) {
        double metres = start + Math.abs(i - near) / 3.0;
        ohms[i] = wire.loopOhms(metres);
        most[i] = wire.fuseAmpsMax() / 1.25;
        cost[i] = 2 * metres * wire.copperMm2();
      }
      sizes.add(new Sites(line, 5, ohms, most, head));
      copper.add(cost);
    }
  }

  private boolean holds(int[] at, int[] size) {
    List<Line.Feed> feeds = new ArrayList<>();
    for (int f = 0; f < at.length; f++) {
      feeds.add(Line.Feed.of(at[f], sizes.get(size[f]).feedOhms[at[f]], 5));
    }
    if (!(LineSolver.solve(sizes.getFirst().line.withFeeds(feeds))
        instanceof LineSolution.Stands s)) {
      return false;
    }
    boolean fuses = true;
    for (int f = 0; f < at.length; f++) {
      fuses &= s.feedAmps().at(f) <= sizes.get(size[f]).feedAmpsMax[at[f]] + 1e-9;
    }
    return fuses && s.volts().lowest() >= limit;
  }

  private double cost(int[] at, int[] size) {
    double sum = 0;
    for (int f = 0; f < at.length; f++) {
      sum += copper.get(size[f])[at[f]];
    }
    return sum;
  }

  /** The least copper of all places and sizes of two feeds; infinite where none holds. */
  private double exhaustive() {
    double best = Double.POSITIVE_INFINITY;
    boolean head = sizes.getFirst().headFeed;
    for (int a = 0; a < (head ? 1 : n); a++) {
      for (int b = a + 1; b < n; b++) {
        for (int s = 0; s < WIRES.size() * WIRES.size(); s++) {
          int[] at = {a, b};
          int[] size = {s / WIRES.size(), s % WIRES.size()};
          if (cost(at, size) < best && holds(at, size)) {
            best = cost(at, size);
          }
        }
      }
    }
    return best;
  }

  private static void check(long seed, LoadKind kind) {
    LeastCopperTest it = new LeastCopperTest();
    it.make(seed, kind);
    Optional<LeastCopper.Choice> found =
        LeastCopper.find(it.sizes, it.copper, it.limit, 2, Double.MAX_VALUE);
    double best = it.exhaustive();
    assertThat(found.isPresent()).as("seed " + seed).isEqualTo(best < Double.POSITIVE_INFINITY);
    found.ifPresent(
        c -> {
          int[] at = c.at().stream().mapToInt(i -> i).toArray();
          int[] size = c.size().stream().mapToInt(i -> i).toArray();
          assertThat(it.cost(at, size)).as("seed " + seed).isCloseTo(best, within(1e-9));
          assertThat(it.holds(at, size)).as("seed " + seed).isTrue();
        });
  }

  @Property(tries = 400, seed = "31")
  void twoFeedsOfConstantCurrentHaveTheLeastCopperOfAll(@ForAll long seed) {
    check(seed, LoadKind.CONSTANT_CURRENT);
  }

  @Property(tries = 300, seed = "32")
  void twoFeedsOfResistorsHaveTheLeastCopperOfAll(@ForAll long seed) {
    check(seed, LoadKind.RESISTIVE);
  }
}
