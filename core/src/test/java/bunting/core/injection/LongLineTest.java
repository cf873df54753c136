package bunting.core.injection;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import bunting.core.show.LoadKind;
import bunting.core.show.Wire;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;
import org.junit.jupiter.api.Test;

/** Long lines: near the optimum, and what is said to hold holds. */
@Tag("property")
class LongLineTest {
  private static Sites sites(Random random, int n, LoadKind kind) {
    Line line =
        Line.uniform(
            5,
            n,
            0.02 + random.nextDouble() / 30,
            kind,
            0.001 + random.nextDouble() / 500,
            new int[0],
            new double[0]);
    Wire wire = Wire.parse("12AWG").orElseThrow();
    double[] ohms = new double[n];
    double[] most = new double[n];
    double start = 1 + random.nextInt(4);
    for (int i = 0; i < n; i++) {
      ohms[i] = wire.loopOhms(start + Math.abs(i - n / 3) / 60.0);
      most[i] = 16;
    }
    return new Sites(line, 5, ohms, most, random.nextBoolean());
  }

  /** Beside the exact search on lines that both can do: never fewer, and seldom more. */
  @Property(tries = 40, seed = "51")
  void nearIsNearAndNeverBetterThanExact(@ForAll long seed) {
    Random random = new Random(seed);
    LoadKind kind = List.of(LoadKind.CONSTANT_CURRENT, LoadKind.RESISTIVE).get(random.nextInt(2));
    Sites sites = sites(random, 20 + random.nextInt(180), kind);
    Optional<FeedPlaces.Found> exact = FeedPlaces.any(sites, 4.5, 60);
    Optional<FeedPlaces.Found> near = FeedPlaces.near(sites, 4.5, 60);
    assertThat(near.isPresent()).isEqualTo(exact.isPresent());
    if (near.isPresent()) {
      assertThat(near.get().count())
          .isBetween(exact.orElseThrow().count(), exact.orElseThrow().count() + 1);
    }
  }

  @Property(tries = 12, seed = "52")
  void whatIsSaidToHoldHolds(@ForAll long seed) {
    Random random = new Random(seed);
    LoadKind kind = List.of(LoadKind.values()).get(random.nextInt(4));
    Sites sites = sites(random, 720 + random.nextInt(600), kind);
    FeedPlaces.fewest(sites, 4.4, 2000)
        .ifPresent(
            f -> {
              LineSolution solved = LineSolver.solve(sites.with(f.places()));
              assertThat(solved).isInstanceOf(LineSolution.Stands.class);
              LineSolution.Stands s = (LineSolution.Stands) solved;
              assertThat(s.volts().lowest()).isGreaterThanOrEqualTo(4.4 - 1e-8);
              for (int k = 0; k < f.count(); k++) {
                assertThat(s.feedAmps().at(k)).isLessThanOrEqualTo(16 + 1e-6);
              }
            });
  }

  @Test
  void nothingHoldsWhatIsAboveTheSupply() {
    Sites sites = sites(new Random(1), 40, LoadKind.CONSTANT_CURRENT);
    assertThat(FeedPlaces.fewest(sites, 5.1, 40)).isEmpty();
    assertThat(FeedPlaces.near(sites, 5.1, 40)).isEmpty();
  }
}
