package bunting.core.meter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import bunting.core.dc.Poles;
import bunting.core.show.LoadKind;
import java.util.Optional;
import java.util.Random;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;

class StripTestTest {
  private static StripTest.Row measured(
      LoadKind kind, double nominal, int pixels, double milliamps, double loop, double start) {
    Line line =
        Line.uniform(nominal, pixels, milliamps / 1000, kind, loop, new int[] {0}, new double[] {0})
            .withSource(0, Poles.supply(start));
    LineSolution.Stands s = (LineSolution.Stands) LineSolver.solve(line);
    return new StripTest.Row(start, s.volts().at(pixels - 1), s.feedAmps().at(0));
  }

  private static StripTest.Found found(StripTest.Outcome outcome) {
    assertThat(outcome).isInstanceOf(StripTest.Outcome.Strip.class);
    return ((StripTest.Outcome.Strip) outcome).found();
  }

  /** Constant current in closed form: the drop is r i n (n - 1) / 2, Ohm's law summed. */
  @Test
  void closedForm() {
    int n = 60;
    double each = 0.03;
    double loop = 0.004;
    double end = 5 - loop * each * n * (n - 1) / 2;
    StripTest.Found found =
        found(
            StripTest.solve(
                5,
                n,
                60,
                LoadKind.CONSTANT_CURRENT,
                new StripTest.Row(5, end, n * each),
                Optional.empty()));
    assertThat(found.milliamps()).isCloseTo(30, within(1e-3));
    assertThat(found.railOhmsPerM()).isCloseTo(loop * 60 / 2, within(1e-5));
    assertThat(found.kindKnown()).isFalse();
  }

  /**
   * From readings that are off by up to 1 %, rail ohms and milliamps to within 5 %, and the kind.
   */
  @Test
  void noisyReadings() {
    Random random = new Random(7);
    LoadKind[] kinds = {LoadKind.CONSTANT_CURRENT, LoadKind.RESISTIVE, LoadKind.CONSTANT_POWER};
    for (int i = 0; i < 120; i++) {
      LoadKind kind = kinds[i % 3];
      double nominal = random.nextBoolean() ? 5 : 12;
      int pixels = 40 + random.nextInt(60);
      double milliamps = 15 + 30 * random.nextDouble();
      // A strip that loses a tenth to a seventh, which any kind can, so that 1 % of its volts is
      // little of the drop.
      double drop = (0.10 + 0.04 * random.nextDouble()) * nominal;
      double loop = drop / (milliamps / 1000 * pixels * (pixels - 1) / 2);
      StripTest.Row true1 = measured(kind, nominal, pixels, milliamps, loop, nominal);
      StripTest.Row true2 = measured(kind, nominal, pixels, milliamps, loop, 0.88 * nominal);
      double gauge = 1 + 0.01 * (2 * random.nextDouble() - 1);
      double clamp = 1 + 0.01 * (2 * random.nextDouble() - 1);
      StripTest.Found found =
          found(
              StripTest.solve(
                  nominal,
                  pixels,
                  60,
                  LoadKind.CONSTANT_CURRENT,
                  off(true1, gauge, clamp),
                  Optional.of(off(true2, gauge, clamp))));
      assertThat(found.kind()).isEqualTo(kind);
      assertThat(found.kindKnown()).isTrue();
      assertThat(found.milliamps()).isCloseTo(milliamps, Percentage.withPercentage(5));
      assertThat(found.railOhmsPerM()).isCloseTo(loop * 60 / 2, Percentage.withPercentage(5));
    }
  }

  /** One meter reads all volts too high or too low alike, one clamp all amps. */
  private static StripTest.Row off(StripTest.Row row, double gauge, double clamp) {
    return new StripTest.Row(row.startVolts() * gauge, row.endVolts() * gauge, row.amps() * clamp);
  }

  @Test
  void readingsThatContradictEachOther() {
    for (StripTest.Row row :
        new StripTest.Row[] {
          new StripTest.Row(5, 5.2, 2),
          new StripTest.Row(5, 4.2, 0),
          new StripTest.Row(5, 5, 2),
          new StripTest.Row(12, 10, 2)
        }) {
      assertThat(StripTest.solve(5, 60, 60, LoadKind.CONSTANT_CURRENT, row, Optional.empty()))
          .isInstanceOf(StripTest.Outcome.Contradiction.class);
    }
  }

  /** 30 LEDs a metre of 0.24 W are 7.2 W (common practice, no source); 50 mA at 5 V are not. */
  @Test
  void sheetsThatContradictThemselves() {
    assertThat(StripTest.sheetAgainstItself(12, 30, 20, 7.2)).isEmpty();
    assertThat(StripTest.sheetAgainstItself(5, 60, 50, 11.5)).get().asString().contains("15.0 W");
    assertThat(StripTest.sheetAgainstItself(5, 60, 50, 0)).isEmpty();
  }
}
