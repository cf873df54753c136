package bunting.core.show;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Ohm by ohm, by hand. */
class ConductorsTest {
  private static final Wire WIRE = new Wire("w", 0.01, 10);
  private static final Conductors KNOWN =
      new Conductors(20, 5, 3, 4, 2, 2, Optional.of("w"), true, Map.of(), Conductors.JUMPER);

  @Test
  void aLeadHasAContactInEitherConductor() {
    assertThat(KNOWN.leadOhms(WIRE, 5)).isCloseTo(2 * 0.01 * 5 + 2 * 0.003, within(1e-12));
  }

  @Test
  void aFeedHasItsFuseItsContactsAndByThePortTheBoardsPath() {
    assertThat(KNOWN.feedOhms(WIRE, 5, false).plus())
        .isCloseTo(0.05 + 0.005 + 0.003, within(1e-12));
    assertThat(KNOWN.feedOhms(WIRE, 5, true).plus())
        .isCloseTo(0.05 + 0.005 + 0.003 + 0.002, within(1e-12));
    assertThat(KNOWN.feedOhms(WIRE, 5, true).ground())
        .as("a fuse is in V+ alone")
        .isCloseTo(0.05 + 0.003 + 0.002, within(1e-12));
  }

  @Test
  void inputsSideBySideShareTheCurrent() {
    assertThat(KNOWN.inputOhms(WIRE, 2).plus()).isCloseTo((0.02 + 0.005) / 2, within(1e-12));
    assertThat(KNOWN.inputOhms(WIRE, 2).ground()).isCloseTo(0.02 / 2, within(1e-12));
    assertThat(KNOWN.with(20, 5, 3, 4, 0).inputOhms(WIRE, 2))
        .as("no known length")
        .isEqualTo(PairOhms.NONE);
  }

  /** IEC 60028, from memory: 0.393 % a kelvin above 20 degrees. */
  @Test
  void warmCopperResistsMore() {
    Conductors warm = KNOWN.with(60, 0, 0, 0, 2);
    assertThat(warm.leadOhms(WIRE, 5)).isCloseTo(0.1 * (1 + 0.00393 * 40), within(1e-12));
  }

  @Test
  void aTrimBackToNominalIsForgotten() {
    Conductors trimmed = KNOWN.withTrim(5, 5.2);
    assertThat(trimmed.supplyVolts(5)).isEqualTo(5.2);
    assertThat(trimmed.supplyVolts(12)).isEqualTo(12);
    assertThat(trimmed.withTrim(5, 5)).isEqualTo(KNOWN);
  }

  @Test
  void warmFeedsAndInputsResistMoreAndJointsDoNot() {
    double warmth = 1 + 0.00393 * 40;
    Conductors warm = KNOWN.with(60, 5, 3, 4, 2);
    assertThat(warm.feedOhms(WIRE, 5, true).loop())
        .isCloseTo(0.1 * warmth + 0.005 + 0.006 + 0.004, within(1e-12));
    assertThat(warm.inputOhms(WIRE, 2).loop())
        .isCloseTo((0.04 * warmth + 0.005) / 2, within(1e-12));
  }

  @Test
  void oneThingChangedLeavesTheOthers() {
    Conductors other = KNOWN.withInput(3, Optional.of("v")).withBrainOnBank(false);
    assertThat(other.inputWires()).isEqualTo(3);
    assertThat(other.inputWire()).contains("v");
    assertThat(other.brainOnBank()).isFalse();
    assertThat(other.withInput(2, Optional.of("w")).withBrainOnBank(true)).isEqualTo(KNOWN);
  }
}
