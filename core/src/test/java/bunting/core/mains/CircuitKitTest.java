package bunting.core.mains;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Circuit;
import bunting.core.show.CircuitFacts;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class CircuitKitTest {
  @ParameterizedTest
  @EnumSource(CircuitKit.class)
  void circuitsOfAKitHaveNamesOfTheirOwn(CircuitKit kit) {
    List<Circuit> circuits = kit.named("Circuit 1", 230);
    assertThat(circuits).extracting(Circuit::id).doesNotHaveDuplicates();
    assertThat(circuits).allMatch(c -> c.id().startsWith("Circuit 1") && c.usableAmps() > 0);
  }

  /** Line to neutral 230 V where the show's mains are of IEC countries. */
  @Test
  void aHallHasThreePhases() {
    assertThat(CircuitKit.HALL.named("Hall", 230))
        .extracting(c -> c.facts().phase().orElseThrow())
        .containsExactly(1, 2, 3);
    assertThat(CircuitKit.HOUSE.named("Hall", 120).getFirst().volts()).isEqualTo(120);
  }

  @Test
  void thingsAndAmpsAreReadAsTheyAreWritten() {
    List<CircuitFacts.Appliance> things =
        UsualLoads.read("freezer 1.3, sluice pump 2.4").orElseThrow();
    assertThat(things).hasSize(2);
    assertThat(things.getLast()).isEqualTo(new CircuitFacts.Appliance("sluice pump", 2.4));
    assertThat(UsualLoads.text(things)).isEqualTo("freezer 1.3, sluice pump 2.4");
    assertThat(UsualLoads.read(" ")).contains(List.of());
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"freezer", "1.3", "freezer -1", "freezer 1.3,", "freezer NaN", ", pump 2"})
  void whatIsNoThingWithAmpsIsNotRead(String text) {
    assertThat(UsualLoads.read(text)).isEmpty();
  }
}
