package bunting.core.copper;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FusesTest {
  /**
   * Standard sizes: ISO 8820-3 (from memory); 1.25 x load: common practice and NFPA 70 210.20(A)
   * (from memory).
   */
  @ParameterizedTest
  @CsvSource({
    "7.5,1.25,10",
    "4.0,1.25,5",
    "4.001,1.25,7.5",
    "0,1.25,1",
    "24,1.25,30",
    "12,1.25,15"
  })
  void theNextSizeBearsTheLoad(double amps, double margin, double fuse) {
    assertThat(Fuses.next(amps, margin, 30)).isEqualTo(OptionalDouble.of(fuse));
  }

  @Test
  void noSizeAboveWhatTheWireBears() {
    assertThat(Fuses.next(7.5, 1.25, 7)).isEmpty();
    assertThat(Fuses.next(25, 1.25, 40)).isEmpty();
    assertThat(Fuses.largest(7)).isEqualTo(OptionalDouble.of(5));
    assertThat(Fuses.largest(0.5)).isEmpty();
  }
}
