package bunting.core.dc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.LoadKind;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.List;
import org.junit.jupiter.api.Test;

class LookTest {
  /**
   * White at 5 V yellows from 4.3 V on and is plainly coloured at 4 V (common practice, no source).
   */
  @Test
  void fiveVoltLooksAreWhereBuildersSeeThem() {
    assertThat(5 * Look.UNSEEN.percent(LoadKind.CONSTANT_CURRENT) / 100.0)
        .isCloseTo(4.3, within(0.051));
    assertThat(5 * Look.YELLOW.percent(LoadKind.CONSTANT_CURRENT) / 100.0)
        .isCloseTo(4.0, within(0.051));
  }

  @Test
  void eachLookAllowsMoreThanTheOneBefore() {
    for (LoadKind kind : LoadKind.values()) {
      int before = 101;
      for (Look look : Look.values()) {
        // A converter that drops out has hardly a look between white and dark.
        int most = kind == LoadKind.CONSTANT_POWER ? before : before - 1;
        assertThat(look.percent(kind)).as(kind + " " + look).isLessThanOrEqualTo(most);
        before = look.percent(kind);
      }
    }
  }

  /** Below the percent it looks worse than it says. */
  @Test
  void aPercentLessIsTooLittle() {
    for (LoadKind kind : LoadKind.values()) {
      double[] at = WhiteTest.light(kind, Look.UNSEEN.percent(kind) / 100.0);
      double[] below = WhiteTest.light(kind, (Look.UNSEEN.percent(kind) - 1) / 100.0);
      assertThat(at[2] / at[0]).isGreaterThanOrEqualTo(0.99);
      assertThat(below[2] / below[0]).isLessThan(0.99);
    }
  }

  @Test
  void aShowTakesThePixelsThatMindMost() {
    Run regulated = Run.of("a", "12v-string-10-reg", 10);
    Run plain = Run.of("b", "12v-strip-60", 10);
    int one = Look.UNSEEN.percent(Show.of(List.of(regulated)));
    int both = Look.UNSEEN.percent(Show.of(List.of(regulated, plain)));
    assertThat(one).isEqualTo(Look.UNSEEN.percent(LoadKind.CONSTANT_POWER)).isLessThan(both);
    assertThat(both).isEqualTo(Look.UNSEEN.percent(LoadKind.CONSTANT_CURRENT));
    assertThat(Look.rgb(Show.of(List.of(regulated)), 70)).isEqualTo(0xFFFFFF);
    assertThat(Look.rgb(Show.of(List.of(regulated, plain)), 70)).isNotEqualTo(0xFFFFFF);
  }
}
