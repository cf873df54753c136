package bunting.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Catalogue;
import bunting.core.show.Circuit;
import bunting.core.show.Controller;
import bunting.core.show.Decisions;
import bunting.core.show.Mains;
import bunting.core.show.MainsDevice;
import bunting.core.show.Pin;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Supply;
import bunting.core.show.SupplyType;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** Sizes of supplies, their circuits, and the circuits of everything else are chosen together. */
class OnCircuitsTest {
  private static final SupplyType WASTEFUL = supply("wasteful", 0.5, 1);
  private static final SupplyType THRIFTY = supply("thrifty", 0.9, 10);

  private static SupplyType supply(String id, double efficiency, double cost) {
    return new SupplyType(id, 5, 200, efficiency, 1, cost);
  }

  /**
   * Two controllers, each with a supply. With wasteful supplies the device takes the place on the
   * small circuit that a thrifty one needs; it has to move to the large one.
   */
  @Test
  void aDeviceMakesRoomForASupplyOfAnotherSize() {
    Show show =
        Show.of(List.of(Run.of("Owl", "5v-strip-60", 200), Run.of("Weir", "5v-strip-60", 200)));
    Catalogue c = show.catalogue();
    show =
        show.withCatalogue(
                new Catalogue(
                    c.pixelTypes(), c.controllerTypes(), List.of(WASTEFUL, THRIFTY), c.wires()))
            .withControllers(
                List.of(new Controller("A", "box-2", 0, 0), new Controller("B", "box-2", 90, 0)));
    Run owl = show.runs().getFirst();
    Run weir = show.runs().getLast();
    show =
        show.withRuns(
            List.of(
                owl.withPin(Optional.of(new Pin("A", OptionalInt.empty()))),
                weir.withPin(Optional.of(new Pin("B", OptionalInt.empty())))));
    double watts = 200 * 0.05 * 5; // 10 A at 5 V for each run
    double thrifty = watts / 0.9;
    MainsDevice pump =
        new MainsDevice("pump", 30, Optional.empty(), Optional.empty(), Optional.empty());
    Show tight = circuits(show, pump.voltAmps() + thrifty + 1, thrifty + 1, pump);
    Decisions plan = Planner.sketch(tight);
    assertThat(plan.supplies()).hasSize(2).allMatch(s -> s.circuit().isPresent());
    assertThat(plan.supplies()).extracting(Supply::type).containsOnly("thrifty");
    assertThat(plan.others().devices()).containsKey("pump");
  }

  private static Show circuits(Show show, double first, double second, MainsDevice pump) {
    return show.withCircuits(
            Optional.of(
                List.of(
                    new Circuit("large", 230, first / 230 / 0.8, 0),
                    new Circuit("small", 230, second / 230 / 0.8, 0))))
        .withMains(new Mains(Optional.empty(), List.of(pump), show.mains().rules()));
  }
}
