package bunting.core.injection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The upper envelope of lines, beside looking at every volt of a fine scale. */
class EnvelopeTest {
  private static final double TOP = 12;

  @Test
  void whatLiesUnderASteeperAndAFlatterLineTogetherIsNeedless() {
    Envelope envelope = new Envelope(TOP);
    assertThat(envelope.raise(12, 1, 10)).isTrue();
    assertThat(envelope.raise(1, 0, 10)).isTrue();
    // Lines cross at 11 V, 1 A: a third through (11 V, 0.9 A) is under one of them everywhere.
    assertThat(envelope.raise(0.9 + 11 * 0.5, 0.5, 10)).isFalse();
    assertThat(envelope.raise(1.1 + 11 * 0.5, 0.5, 10)).isTrue();
  }

  @Test
  void lessVoltsAreSomethingNew() {
    Envelope envelope = new Envelope(TOP);
    assertThat(envelope.raise(100, 1, 11)).isTrue();
    assertThat(envelope.raise(1, 0, 11)).isFalse();
    assertThat(envelope.raise(1, 0, 10.9)).isTrue();
    assertThat(envelope.raise(1, 0, 12.1)).isFalse();
  }

  @Test
  void itIsTheEnvelopeOfAllThatRaisedIt() {
    Random random = new Random(7);
    int needless = 0;
    for (int round = 0; round < 200; round++) {
      Envelope envelope = new Envelope(TOP);
      List<double[]> before = new ArrayList<>();
      for (int i = 0; i < 40; i++) {
        double g = random.nextDouble();
        double least = random.nextInt(3) == 0 ? 10 : 10 + 2 * random.nextDouble();
        double a = 3 * random.nextDouble() + g * (10 + 2 * random.nextDouble());
        double over = over(before, a, g, least);
        boolean raised = envelope.raise(a, g, least);
        if (over > 1e-3) {
          assertThat(raised).as("round %d line %d rises by %f A", round, i, over).isTrue();
        }
        if (over < -1e-3) {
          needless++;
          assertThat(raised).as("round %d line %d lies %f A under", round, i, -over).isFalse();
        }
        before.add(new double[] {a, g, least});
      }
    }
    assertThat(needless).isGreaterThan(3000);
  }

  /** The most that a line rises over all others at the volts of a scale; below 0: it does not. */
  private static double over(List<double[]> others, double a, double g, double least) {
    double most = -1e9;
    for (int s = 0; s <= 2000; s++) {
      double volts = 10 + s * (TOP - 10) / 2000;
      if (volts >= least) {
        double best = -1e9;
        for (double[] o : others) {
          best = volts >= o[2] ? Math.max(best, o[0] - o[1] * volts) : best;
        }
        most = Math.max(most, a - g * volts - best);
      }
    }
    return most;
  }
}
