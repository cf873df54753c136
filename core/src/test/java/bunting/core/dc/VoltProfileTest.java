package bunting.core.dc;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.LoadKind;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class VoltProfileTest {
  @Test
  void theFirstOfEqualsIsTheLowest() {
    assertThat(VoltProfile.of(5, 4 + 1e-12, 4, 4.5).lowestIndex()).isEqualTo(1);
    assertThat(VoltProfile.of(5, 4 + 1e-6, 4, 4.5).lowestIndex()).isEqualTo(2);
    assertThat(VoltProfile.of(3).lowestIndex()).isZero();
  }

  /**
   * Fed alike at both ends, an even line has two lowest pixels in the middle (arithmetic): the
   * first is named.
   */
  @Property(tries = 60)
  void ofTwoMiddlePixelsTheFirstIsNamed(
      @ForAll @IntRange(min = 1, max = 300) int half, @ForAll LoadKind kind) {
    int n = 2 * half;
    Line line =
        Line.uniform(24, n, 0.002, kind, 1e-4, new int[] {0, n - 1}, new double[] {0.05, 0.05});
    assertThat(LineSolver.solve(line))
        .isInstanceOfSatisfying(
            LineSolution.Stands.class,
            s -> assertThat(s.volts().lowestIndex()).isEqualTo(half - 1));
  }

  @Test
  void aPartSharesTheNumbers() {
    VoltProfile part = VoltProfile.of(5, 4, 3, 2).part(1, 2);
    assertThat(part.size()).isEqualTo(2);
    assertThat(part.lowest()).isEqualTo(3);
    assertThat(part.at(0)).isEqualTo(4);
  }
}
