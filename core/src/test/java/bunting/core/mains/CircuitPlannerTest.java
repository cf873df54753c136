package bunting.core.mains;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.Circuit;
import bunting.core.show.SupplyType;
import java.util.List;
import org.junit.jupiter.api.Test;

class CircuitPlannerTest {
  private static final SupplyType SUPPLY = new SupplyType("s", 12, 350, 0.88, 0.95, 0);

  /**
   * Amps = watts / (efficiency x power factor x volts); 80 % of the breaker (NFPA 70 210.20(A),
   * from memory).
   */
  @Test
  void inputAndHeadroomAreAsInPractice() {
    assertThat(CircuitPlanner.inputAmps(SUPPLY, 209, 230)).isCloseTo(1.08696, within(1e-4));
    assertThat(CircuitPlanner.usableAmps(new Circuit("a", 230, 16, 4.8)))
        .isCloseTo(8, within(1e-12));
  }

  @Test
  void theHeaviestGoFirstAndWhatFitsNowhereIsMissing() {
    List<CircuitPlanner.Load> loads =
        List.of(
            CircuitPlanner.Load.of("small", SUPPLY, 50),
            CircuitPlanner.Load.of("big", SUPPLY, 280),
            CircuitPlanner.Load.of("more", SUPPLY, 280));
    var map = CircuitPlanner.assign(loads, List.of(new Circuit("a", 230, 2.2, 0)));
    assertThat(map).containsEntry("big", "a").containsEntry("small", "a").doesNotContainKey("more");
  }
}
