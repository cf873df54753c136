package bunting.core.injection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import bunting.core.show.LoadKind;
import bunting.core.show.Wire;
import java.util.Arrays;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** Feed places against a search through all of them. */
class FeedPlacesTest {
  private static Sites sites(Random random, LoadKind kind, int n) {
    double volts = random.nextBoolean() ? 5 : 12;
    double amps = (0.1 + random.nextDouble()) * volts / 20;
    double rail = 0.002 + random.nextDouble() / 100;
    Line line = Line.uniform(volts, n, amps, kind, rail, new int[0], new double[0]);
    Wire wire = Wire.parse(random.nextBoolean() ? "14AWG" : "1.5mm2").orElseThrow();
    double[] ohms = new double[n];
    double[] most = new double[n];
    double start = random.nextInt(4);
    double limit = random.nextInt(3) == 0 ? amps * (2 + random.nextInt(n)) : 1e9;
    for (int i = 0; i < n; i++) {
      ohms[i] = wire.loopOhms(start + i / 10.0);
      most[i] = random.nextInt(12) == 0 ? 0 : limit;
    }
    return new Sites(line, volts, ohms, most, random.nextInt(4) == 0 && most[0] > 0);
  }

  /** The best of all placings of exactly so many feeds; its lowest volts, 0 where none holds. */
  private static double best(Sites sites, int count, double limit) {
    double best = 0;
    int n = sites.line.size();
    for (int mask = 1; mask < 1 << n; mask++) {
      if (Integer.bitCount(mask) != count || (sites.headFeed && (mask & 1) == 0)) {
        continue;
      }
      int[] at = bits(mask);
      if (Arrays.stream(at).anyMatch(i -> sites.feedAmpsMax[i] <= 0)) {
        continue;
      }
      if (LineSolver.solve(sites.with(at)) instanceof LineSolution.Stands s) {
        boolean fuses = true;
        for (int f = 0; f < at.length; f++) {
          fuses &= s.feedAmps().at(f) <= sites.feedAmpsMax[at[f]] + 1e-9;
        }
        double lowest = s.volts().lowest();
        best = fuses && lowest >= limit ? Math.max(best, lowest) : best;
      }
    }
    return best;
  }

  private static int[] bits(int mask) {
    int[] at = new int[Integer.bitCount(mask)];
    int f = 0;
    for (int i = 0; i < 31; i++) {
      if ((mask >> i & 1) == 1) {
        at[f++] = i;
      }
    }
    return at;
  }

  private static void checkAgainstAll(long seed, LoadKind kind) {
    Random random = new Random(seed);
    int n = 1 + random.nextInt(11);
    Sites sites = sites(random, kind, n);
    double lowest = kind == LoadKind.HEADROOM ? 0.55 : 0.86;
    double limit = sites.supplyVolts * (lowest + random.nextDouble() * (0.98 - lowest));
    Optional<FeedPlaces.Found> found = FeedPlaces.fewest(sites, limit, n);
    for (int count = 1; count <= n; count++) {
      double best = best(sites, count, limit);
      if (best > 0) {
        assertThat(found).as("seed " + seed).isPresent();
        assertThat(found.orElseThrow().places()).as("seed " + seed).hasSize(count);
        assertThat(found.orElseThrow().lowest()).as("seed " + seed).isCloseTo(best, within(1e-6));
        return;
      }
    }
    assertThat(found).as("seed " + seed).isEmpty();
  }

  @Property(tries = 400, seed = "21")
  void constantCurrentIsTheExhaustiveOptimum(@ForAll long seed) {
    checkAgainstAll(seed, LoadKind.CONSTANT_CURRENT);
  }

  @Property(tries = 300, seed = "22")
  void resistiveIsTheExhaustiveOptimum(@ForAll long seed) {
    checkAgainstAll(seed, LoadKind.RESISTIVE);
  }

  @Property(tries = 300, seed = "23")
  void constantPowerIsTheExhaustiveOptimum(@ForAll long seed) {
    checkAgainstAll(seed, LoadKind.CONSTANT_POWER);
  }

  @Property(tries = 300, seed = "24")
  void lostHeadroomIsTheExhaustiveOptimum(@ForAll long seed) {
    checkAgainstAll(seed, LoadKind.HEADROOM);
  }

  /**
   * Fed through cables of no length, the best single place of a uniform line is its middle
   * (symmetry).
   */
  @Test
  void oneFeedStandsInTheMiddle() {
    int n = 101;
    Line line =
        Line.uniform(5, n, 0.05, LoadKind.CONSTANT_CURRENT, 0.002, new int[0], new double[0]);
    double[] most = new double[n];
    Arrays.fill(most, 100);
    FeedPlaces.Found found =
        FeedPlaces.fewest(new Sites(line, 5, new double[n], most, false), 4.5, n).orElseThrow();
    assertThat(found.places()).containsExactly(50);
    assertThat(found.lowest()).isCloseTo(5 - 0.05 * 0.002 * 50 * 51 / 2, within(1e-6));
  }
}
