package bunting.core.dc;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.LoadKind;
import org.junit.jupiter.api.Test;

class WhiteTestTest {
  private static int red(int rgb) {
    return rgb >> 16;
  }

  private static int blue(int rgb) {
    return rgb & 0xFF;
  }

  /**
   * At 5 V the far end begins to yellow near 4.3 V and is plainly coloured at 4 V (common practice,
   * no source).
   */
  @Test
  void fiveVoltWhiteYellowsBelowFourPointThree() {
    assertThat(WhiteTest.rgb(LoadKind.CONSTANT_CURRENT, 1)).isEqualTo(0xFFFFFF);
    assertThat(WhiteTest.rgb(LoadKind.CONSTANT_CURRENT, 4.35 / 5)).isEqualTo(0xFFFFFF);
    int plain = WhiteTest.rgb(LoadKind.CONSTANT_CURRENT, 4.0 / 5);
    assertThat(red(plain) - blue(plain)).isGreaterThan(100);
  }

  @Test
  void blueNeverGainsAsVoltsFall() {
    int before = 255;
    for (int percent = 100; percent >= 45; percent--) {
      int blue = blue(WhiteTest.rgb(LoadKind.RESISTIVE, percent / 100.0));
      assertThat(blue).isLessThanOrEqualTo(before);
      before = blue;
    }
  }

  @Test
  void aRegulatedPixelStaysWhite() {
    assertThat(WhiteTest.rgb(LoadKind.CONSTANT_POWER, 0.7)).isEqualTo(0xFFFFFF);
  }
}
