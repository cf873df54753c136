package bunting.core.copper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.Conductors;
import bunting.core.show.StandardCatalogue;
import bunting.core.show.Wire;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Inputs, rails and fuses by hand. */
class InputRuleTest {
  private static final List<Wire> WIRES =
      List.of("22AWG", "20AWG", "18AWG", "16AWG", "14AWG", "12AWG", "10AWG").stream()
          .map(id -> Wire.parse(id).orElseThrow())
          .sorted(Comparator.comparingDouble(Wire::ohmsPerM).reversed())
          .toList();

  /**
   * 50 A over three equal wires is 16.7 A each, over two 25 A (common practice and arithmetic): so
   * 30 A fuses on 10 AWG; 20 A want one wire with 25 A; 28.8 A want two, of which one bears it all.
   */
  @ParameterizedTest
  @CsvSource({"50,3,25,10AWG", "20,1,25,10AWG", "28.8,2,30,10AWG", "3,1,4,20AWG", "0,1,2,22AWG"})
  void asFewPairsAsBearALostOne(double amps, int pairs, double fuse, String wire) {
    InputRule.Choice c = InputRule.choose(amps, 1.25, 5, Conductors.PLAIN, WIRES);
    assertThat(c.pairs()).isEqualTo(pairs);
    assertThat(c.fuseAmps()).isEqualTo(fuse);
    assertThat(c.wire().id()).isEqualTo(wire);
  }

  @Test
  void aLongInputIsThickerThanItsFuseAsks() {
    Conductors far = Conductors.PLAIN.with(20, 0, 0, 0, 6);
    InputRule.Choice c = InputRule.choose(3, 1.25, 12, far, WIRES);
    assertThat(3 * far.inputOhms(c.wire(), 1).loop()).isLessThanOrEqualTo(0.02 * 12);
    assertThat(c.fuseAmps()).isEqualTo(4);
    assertThat(c.wire().fuseAmpsMax()).isGreaterThan(5);
  }

  @Test
  void whatTheBuilderChoseStaysAndItsFuseIsNoLargerThanItBears() {
    Conductors held = Conductors.PLAIN.withInput(1, Optional.of("22AWG"));
    InputRule.Choice c = InputRule.choose(28.8, 1.25, 5, held, WIRES);
    assertThat(c.pairs()).isEqualTo(1);
    assertThat(c.wire().id()).isEqualTo("22AWG");
    assertThat(c.fuseAmps()).isEqualTo(3);
  }

  /** 0.033 ohm a metre is 20 AWG, 5 A by the table; half as much again is 7.5 A. */
  @Test
  void railsAreTakenForTheWireOfTheirResistance() {
    assertThat(Rails.wire(Wire.parse("20AWG").orElseThrow().ohmsPerM())).isCloseTo(5, within(1e-9));
    assertThat(Rails.wire(Wire.parse("10AWG").orElseThrow().ohmsPerM()))
        .isCloseTo(30, within(1e-9));
    var types = StandardCatalogue.get().pixelTypesById();
    assertThat(Rails.of(types.get("5v-string-10")).amps()).isCloseTo(7.5, within(0.06));
    assertThat(Rails.of(types.get("5v-string-10")).given()).isFalse();
    assertThat(Rails.of(types.get("5v-strip-60")).amps()).isBetween(3.5, 4.4);
  }

  /** A blade fuse holds 110 % for hours and opens from 135 % on (common practice, no source). */
  @Test
  void fusesHoldALittleOverTheirRating() {
    assertThat(Fuses.over(10.0000001, 10)).isFalse();
    assertThat(Fuses.over(10.01, 10)).isTrue();
    assertThat(Fuses.opens(11, 10)).isFalse();
    assertThat(Fuses.opens(13.49, 10)).isFalse();
    assertThat(Fuses.opens(13.5, 10)).isTrue();
  }
}
