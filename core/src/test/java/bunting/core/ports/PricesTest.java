package bunting.core.ports;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.LeadHelper;
import bunting.core.show.PixelType;
import bunting.core.show.Planning;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Signal;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class PricesTest {
  private static final List<LeadHelper> HELPERS =
      List.of(new LeadHelper("driver", "driver", 12, 3), new LeadHelper("pair", "pair", 60, 16));

  /** Common practice, no source: some 3 to 5 m bare for one wire, then help. */
  @Test
  void theCheapestHelpThatReachesIsTaken() {
    assertThat(Prices.needsHelp(Signal.ONE_WIRE_800K, 5)).isFalse();
    assertThat(Prices.needsHelp(Signal.ONE_WIRE_800K, 5.01)).isTrue();
    assertThat(Prices.needsHelp(Signal.CLOCKED, 4)).isTrue();
    assertThat(Prices.needsHelp(Signal.ONE_WIRE_400K, 7)).isFalse();
    assertThat(Prices.help(HELPERS, 9)).map(LeadHelper::id).contains("driver");
    assertThat(Prices.help(HELPERS, 30)).map(LeadHelper::id).contains("pair");
    assertThat(Prices.help(HELPERS, 61)).isEmpty();
  }

  private static BoxLoad box(Show show, String kind, String type, int pixels, double lead) {
    ControllerType k = show.catalogue().controllerTypesById().get(kind);
    PixelType t = show.catalogue().pixelTypesById().get(type);
    BoxLoad box = new BoxLoad(new Controller("C1", kind, 0, 0), k);
    Run run = Run.of("r", type, pixels).withLead(OptionalDouble.of(lead));
    box.append(1, new Piece(run, t, 1, pixels));
    return box;
  }

  /**
   * box-4 at 60 and 50 for its enclosure; 300 px x 20 mA x 12 V = 72 W on a supply of 150 W at 80 %
   * (22); 2 m of data lead at 0.4: 132.8.
   */
  @Test
  void aBoxItsSupplyAndItsCableAddUp() {
    Show show = Show.of(List.of());
    double watts = 300 * show.catalogue().pixelTypesById().get("12v-strip-60").amps(100) * 12;
    assertThat(watts).isLessThan(120);
    Prices prices = new Prices(show);
    List<BoxLoad> boxes = List.of(box(show, "box-4", "12v-strip-60", 300, 2));
    assertThat(prices.cost(boxes)).isCloseTo(60 + 50 + 22 + 2 * 0.4, within(1e-9));
    List<BoxLoad> far = List.of(box(show, "box-4", "12v-strip-60", 300, 9));
    assertThat(prices.cost(far)).isCloseTo(60 + 50 + 22 + 9 * 0.4, within(1e-9));
    assertThat(prices.cable(far)).isEqualTo(9);
  }

  @Test
  void whatIsOnTheShelfCostsNothing() {
    Show show = Show.of(List.of());
    Planning own =
        Planning.DEFAULT
            .owning(Planning.Shelf.CONTROLLERS, "box-4", 1)
            .owning(Planning.Shelf.SUPPLIES, "12v-150", 1);
    Prices prices = new Prices(show.withAllotting(show.allotting().with(own)));
    assertThat(prices.cost(List.of(box(show, "box-4", "12v-strip-60", 300, 2))))
        .isCloseTo(2 * 0.4, within(1e-9));
  }

  /** 600 W of 5 V: 350 W at 80 % is 280 W (40), 150 W at 80 % is 120 W (22); 2 x 40 + 22 = 102. */
  @Test
  void suppliesAreMixedWhereThatIsCheaper() {
    Show show = Show.of(List.of());
    PixelType type = show.catalogue().pixelTypesById().get("5v-strip-60");
    int pixels = (int) Math.floor(600 / (type.amps(100) * 5));
    Prices prices = new Prices(show);
    double all = prices.cost(List.of(box(show, "box-8", "5v-strip-60", pixels, 0)));
    assertThat(all - prices.bought(show.catalogue().controllerTypesById().get("box-8")))
        .isCloseTo(102, within(1e-9));
  }

  @Test
  void portsOfSharedFusesAreFilledByTurns() {
    Show show = Show.of(List.of());
    assertThat(show.catalogue().controllerTypesById().get("box-4").portsInOrder())
        .containsExactly(1, 3, 2, 4);
    assertThat(show.catalogue().controllerTypesById().get("box-2").portsInOrder())
        .containsExactly(1, 2);
  }

  @Test
  void binsAreExactInPixelsWhereAllAreOfOneType() {
    Show show = Show.of(List.of());
    ControllerType kind = show.catalogue().controllerTypesById().get("box-4");
    var types = show.catalogue().pixelTypesById();
    List<Run> alike = List.of(Run.of("a", "12v-strip-60", 400), Run.of("b", "12v-strip-60", 400));
    Bins bins = Bins.of(kind, alike, types, 40).orElseThrow();
    assertThat(bins.bar()).isEqualTo(800);
    assertThat(bins.sizes()).containsExactly(400, 400);
    List<Run> mixed = List.of(alike.getFirst(), Run.of("c", "12v-strip-60-rgbw", 300));
    double sum =
        Bins.of(kind, mixed, types, 40).orElseThrow().shares().stream().mapToDouble(s -> s).sum();
    // 400 of 800 pixels, and 300 x 40 us of 24,700 us: 0.5 + 0.4858 (arithmetic).
    assertThat(sum).isCloseTo(0.5 + 300 * 40 / 24700.0, within(1e-5));
    assertThat(Bins.of(kind, List.of(Run.of("d", "12v-strip-60", 801)), types, 40)).isEmpty();
  }

  @Test
  void partsKeepVoltagesApartAndGroupsTogether() {
    List<Run> runs =
        List.of(
            Run.of("a", "5v-strip-60", 100),
            Run.of("b", "12v-strip-60", 100).withGroup(Optional.of("g")),
            Run.of("c", "12v-strip-60", 100).withGroup(Optional.of("g")));
    Show show = Show.of(runs);
    List<Parts.Part> parts = new Parts(show, java.util.Set.of()).of(runs, List.of());
    assertThat(parts).hasSize(2);
    assertThat(parts.get(1).runs()).extracting(Run::name).containsExactly("b", "c");
    assertThat(parts).allMatch(Parts.Part::whole);
    Show given = show.withControllers(List.of(new Controller("B", "box-4", 0, 0)));
    BoxLoad box =
        new BoxLoad(
            new Controller("B", "box-4", 0, 0),
            show.catalogue().controllerTypesById().get("box-4"));
    assertThat(new Parts(given, java.util.Set.of()).of(runs, List.of(box))).hasSize(1);
  }
}
