package bunting.core.show;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WireTest {
  /**
   * ASTM B258: 36 AWG is 0.127 mm and 0000 AWG 11.684 mm by definition; 10 AWG 2.588 mm, 18 AWG
   * 1.024 mm (from memory).
   */
  @ParameterizedTest
  @CsvSource({"36,0.127", "10,2.588", "18,1.024", "-3,11.684"})
  void diametersFollowTheStandard(int gauge, double millimetres) {
    assertThat(Wire.awgDiameterMm(gauge)).isCloseTo(millimetres, within(0.001));
  }

  /**
   * Solid copper at 75 degC, ohm per 1,000 ft: NFPA 70 chapter 9 table 8 (from memory). From 20
   * degC by +0.393 %/K (IEC 60028).
   */
  @ParameterizedTest
  @CsvSource({"18AWG,7.77", "16AWG,4.89", "14AWG,3.07", "12AWG,1.93", "10AWG,1.21"})
  void resistanceAgreesWithTheCodeAt75Degrees(String id, double ohmPer1000Ft) {
    double hot = Wire.parse(id).orElseThrow().ohmsPerM() * (1 + 0.00393 * 55);
    assertThat(hot * 304.8).isCloseTo(ohmPer1000Ft, Percentage.withPercentage(1));
  }

  /** IEC 60228 class 5, ohm/km at 20 degC (from memory). */
  @ParameterizedTest
  @CsvSource({
    "0.5mm2,39.0",
    "0.75mm2,26.0",
    "1mm2,19.5",
    "1.0mm2,19.5",
    "1.5mm2,13.3",
    "2.5mm2,7.98",
    "4.0mm2,4.95",
    "6mm2,3.30"
  })
  void metricSizesAreThoseOfTheStandard(String id, double ohmPerKm) {
    assertThat(Wire.parse(id).orElseThrow().ohmsPerM() * 1000).isCloseTo(ohmPerKm, within(1e-9));
  }

  /** Largest fuse on small copper: NFPA 70 240.4(D) (from memory). */
  @ParameterizedTest
  @CsvSource({"18AWG,7", "16AWG,10", "14AWG,15", "12AWG,20", "10AWG,30"})
  void fusesProtectTheWire(String id, double amps) {
    assertThat(Wire.parse(id).orElseThrow().fuseAmpsMax()).isEqualTo(amps);
  }

  /**
   * Other sizes: the trade's own (common practice, no source). Each is no more than IEC 60364-5-52
   * allows for two loaded conductors in conduit on a wall, method B1, PVC: 1.5 mm2 17.5 A, 2.5 mm2
   * 24 A, 4 mm2 32 A, 6 mm2 41 A (from memory).
   */
  @ParameterizedTest
  @CsvSource({
    "22AWG,3,",
    "20AWG,5,",
    "0.5mm2,3,",
    "0.75mm2,6,",
    "1.0mm2,10,",
    "1.5mm2,15,17.5",
    "2.5mm2,20,24",
    "4.0mm2,25,32",
    "6.0mm2,30,41"
  })
  void fusesOfOtherSizesAreTheTradesAndBelowTheStandards(String id, double amps, Double standard) {
    assertThat(Wire.parse(id).orElseThrow().fuseAmpsMax()).isEqualTo(amps);
    if (standard != null) {
      assertThat(amps).isLessThanOrEqualTo(standard);
    }
  }

  @Test
  void whatIsNoWireIsNone() {
    assertThat(Wire.parse("16 AWG")).isEmpty();
    assertThat(Wire.parse("3mm2")).isEmpty();
    assertThat(Wire.parse("41AWG")).isEmpty();
    assertThat(Wire.parse("thick")).isEmpty();
  }

  /**
   * DMX and trade arithmetic: 100 nodes x 0.24 W = 24 W = 2 A at 12 V; 30/m x 5 m x 0.24 W = 36 W
   * (common practice).
   */
  @Test
  void pixelCurrentsAddUpAsInPractice() {
    PixelType node =
        new PixelType(
            "n",
            "n",
            12,
            3,
            "RGB",
            8,
            Signal.ONE_WIRE_800K,
            30,
            1,
            20,
            1,
            LoadKind.CONSTANT_CURRENT,
            0.06);
    assertThat(100 * node.amps(100)).isCloseTo(2.0, within(1e-9));
    assertThat(150 * node.amps(100) * 12).isCloseTo(36, within(1e-9));
    assertThat(node.amps(0)).isEqualTo(0.001);
    assertThat(node.amps(50)).isCloseTo(0.0105, within(1e-12));
  }
}
