package bunting.core.mains;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.Circuit;
import bunting.core.show.SupplyType;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class CircuitPlannerTest {
  private static final SupplyType SUPPLY = new SupplyType("s", 12, 350, 0.88, 0.95, 0);

  /**
   * Amps = watts / (efficiency x power factor x volts); 80 % of the breaker (NFPA 70 210.20(A),
   * from memory).
   */
  @Test
  void inputAndHeadroomAreAsInPractice() {
    assertThat(SUPPLY.voltAmps(209) / 230).isCloseTo(1.08696, within(1e-4));
    assertThat(new Circuit("a", 230, 16, 4.8).usableAmps()).isCloseTo(8, within(1e-12));
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

  /** 10 A usable: 9 and 1, 8 and 2 fit on two circuits only if the heavy ones go first. */
  @Test
  void theLightestWouldTakeTheRoomOfTheHeaviest() {
    SupplyType plain = new SupplyType("p", 12, 10_000, 1, 1, 0);
    List<CircuitPlanner.Load> loads =
        List.of(
            CircuitPlanner.Load.of("one", plain, 100),
            CircuitPlanner.Load.of("two", plain, 200),
            CircuitPlanner.Load.of("eight", plain, 800),
            CircuitPlanner.Load.of("nine", plain, 900));
    List<Circuit> circuits =
        List.of(new Circuit("a", 100, 12.5, 0), new Circuit("b", 100, 12.5, 0));
    assertThat(CircuitPlanner.assign(loads, circuits))
        .containsEntry("nine", "a")
        .containsEntry("one", "a")
        .containsEntry("eight", "b")
        .containsEntry("two", "b");
  }

  @Test
  void whatIsFixedGoesBeforeTheHeaviest() {
    List<CircuitPlanner.Load> loads =
        List.of(
            new CircuitPlanner.Load("heavy", 900, Optional.empty()),
            new CircuitPlanner.Load("fixed", 500, Optional.of("a")));
    List<Circuit> circuits = List.of(new Circuit("a", 100, 12.5, 0));
    assertThat(CircuitPlanner.assign(loads, circuits)).containsOnlyKeys("fixed");
  }

  @Test
  void aCircuitIsFilledToEightyPercentAndNoFurther() {
    List<Circuit> circuit = List.of(new Circuit("a", 230, 16, 2.8));
    assertThat(CircuitPlanner.assign(List.of(load(10 * 230)), circuit)).hasSize(1);
    assertThat(CircuitPlanner.assign(List.of(load(10.01 * 230)), circuit)).isEmpty();
  }

  private static CircuitPlanner.Load load(double voltAmps) {
    return new CircuitPlanner.Load("x", voltAmps, Optional.empty());
  }

  @Test
  void aLoadThatIsFixedToAnotherCircuitDoesNotTakeThisOne() {
    List<Circuit> two = List.of(new Circuit("a", 100, 12.5, 0), new Circuit("b", 100, 12.5, 0));
    assertThat(
            CircuitPlanner.assign(
                List.of(new CircuitPlanner.Load("x", 100, Optional.of("b"))), two))
        .containsEntry("x", "b");
    assertThat(
            CircuitPlanner.assign(
                List.of(new CircuitPlanner.Load("x", 100, Optional.of("c"))), two))
        .isEmpty();
  }
}
