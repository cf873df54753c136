package bunting.core.power;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Planning;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Supply;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class SupplyPackerTest {
  private static final Show SHOW = Show.of(List.of());

  private static SupplyPacker.Load load(String key, double x, double volts, double watts) {
    return new SupplyPacker.Load(key, new Point(x, 0), volts, watts, false);
  }

  @Test
  void theCheapestThatHoldsIsTaken() {
    // 80 % of 150 W is 120 W, of 350 W 280 W.
    assertThat(SupplyPacker.pack(SHOW, List.of(load("a", 0, 5, 119))).supplies())
        .extracting(Supply::type)
        .containsExactly("5v-150");
    assertThat(SupplyPacker.pack(SHOW, List.of(load("a", 0, 5, 121))).supplies())
        .extracting(Supply::type)
        .containsExactly("5v-350");
    assertThat(SupplyPacker.pack(SHOW, List.of(load("a", 0, 12, 281))).supplies())
        .extracting(Supply::type)
        .containsExactly("12v-600");
  }

  @Test
  void boxesAndVoltagesDoNotShare() {
    var packed =
        SupplyPacker.pack(
            SHOW,
            List.of(
                load("a", 0, 5, 10),
                load("b", 1, 5, 10),
                load("c", 0, 12, 10),
                load("d", 0, 5, 10)));
    assertThat(packed.supplies()).hasSize(3);
    assertThat(packed.supplyOf().get("a"))
        .isEqualTo(packed.supplyOf().get("d"))
        .isNotEqualTo(packed.supplyOf().get("b"));
  }

  @Property(tries = 200, seed = "3")
  void noSupplyIsOverItsHeadroomAndNoLoadIsLost(@ForAll long seed) {
    Random random = new Random(seed);
    List<SupplyPacker.Load> loads = new ArrayList<>();
    for (int i = 0; i < 1 + random.nextInt(30); i++) {
      loads.add(
          load(
              "l" + i,
              random.nextInt(2),
              random.nextBoolean() ? 5 : 24,
              random.nextDouble() * 280));
    }
    var packed = SupplyPacker.pack(SHOW, loads);
    Map<String, Double> watts = new HashMap<>();
    for (SupplyPacker.Load l : loads) {
      assertThat(packed.supplyOf()).containsKey(l.key());
      watts.merge(packed.supplyOf().get(l.key()), l.watts(), Double::sum);
    }
    var types = SHOW.catalogue().supplyTypesById();
    for (Supply s : packed.supplies()) {
      assertThat(watts.get(s.id())).isLessThanOrEqualTo(types.get(s.type()).usableWatts(80) + 1e-9);
    }
    // First fit leaves no two supplies of one place and voltage both under half full.
    long halfEmpty =
        packed.supplies().stream()
            .filter(
                s -> s.at().x() == 0 && types.get(s.type()).volts() == 5 && watts.get(s.id()) < 140)
            .count();
    assertThat(halfEmpty).isLessThanOrEqualTo(1);
  }

  @Test
  void suppliesOnTheShelfAreUsedFirst() {
    var owned = SHOW.allotting().planning().owning(Planning.Shelf.SUPPLIES, "5v-350", 1);
    Show show = SHOW.withAllotting(SHOW.allotting().with(owned));
    List<SupplyPacker.Load> loads = List.of(load("a", 0, 5, 100), load("b", 9, 5, 100));
    assertThat(SupplyPacker.pack(show, loads).supplies())
        .extracting(s -> s.type())
        .containsExactly("5v-350", "5v-150");
  }

  @Test
  void whatMustStandApartSharesWithNobody() {
    SupplyPacker.Load alone = new SupplyPacker.Load("a", new Point(0, 0), 5, 10, true);
    var packed = SupplyPacker.pack(SHOW, List.of(load("b", 0, 5, 20), alone, load("c", 0, 5, 5)));
    assertThat(packed.supplies()).hasSize(2);
    assertThat(packed.supplyOf().get("b")).isEqualTo(packed.supplyOf().get("c"));
    assertThat(packed.supplyOf().get("a")).isNotEqualTo(packed.supplyOf().get("b"));
    // Also where it is the heaviest, and so comes first.
    SupplyPacker.Load heavy = new SupplyPacker.Load("a", new Point(0, 0), 5, 100, true);
    var first = SupplyPacker.pack(SHOW, List.of(load("b", 0, 5, 5), heavy));
    assertThat(first.supplyOf().get("a")).isNotEqualTo(first.supplyOf().get("b"));
  }

  @Test
  void nextSizeUpIsASizeUp() {
    Show up =
        SHOW.withWiring(SHOW.wiring().with(SHOW.wiring().ways().withNextSizeUp(true)))
            .withSettings(SHOW.settings().withSupplyLoad(100));
    var types = SHOW.catalogue().supplyTypesById();
    String plain =
        SupplyPacker.pack(SHOW.withSettings(SHOW.settings().withSupplyLoad(100)), one(140))
            .supplies()
            .getFirst()
            .type();
    String larger = SupplyPacker.pack(up, one(140)).supplies().getFirst().type();
    assertThat(types.get(larger).watts()).isGreaterThan(types.get(plain).watts());
    // Of the largest there is no larger one.
    assertThat(SupplyPacker.pack(up, one(345)).supplies().getFirst().type()).isEqualTo("5v-350");
  }

  private static List<SupplyPacker.Load> one(double watts) {
    return List.of(load("a", 0, 5, watts));
  }

  /** The shelf's are used before any is bought, each only as often as it is there. */
  @Test
  void whatIsOnTheShelfGoesFirst() {
    var planning = SHOW.allotting().planning().owning(Planning.Shelf.SUPPLIES, "5v-350", 1);
    Show shelved = SHOW.withAllotting(SHOW.allotting().with(planning));
    var packed = SupplyPacker.pack(shelved, List.of(load("a", 0, 5, 100), load("b", 1, 5, 100)));
    assertThat(packed.supplies()).extracting(Supply::type).containsExactly("5v-350", "5v-150");
  }

  /** Three of 100 W are dearer on three small supplies than on one of 350 W and one of 150 W. */
  @Test
  void theWayThatCostsLeastIsTaken() {
    var types = SHOW.catalogue().supplyTypesById();
    var packed =
        SupplyPacker.pack(
            SHOW, List.of(load("a", 0, 5, 100), load("b", 0, 5, 100), load("c", 0, 5, 100)));
    double cost = packed.supplies().stream().mapToDouble(s -> cost(types.get(s.type()))).sum();
    double alone = 3 * cost(types.get("5v-150"));
    double together = cost(types.get("5v-350")) + cost(types.get("5v-150"));
    assertThat(cost).isEqualTo(Math.min(alone, together));
    assertThat(alone).as("else this tells nothing").isNotEqualTo(together);
  }

  /** What it costs to buy. */
  private static double cost(bunting.core.show.SupplyType type) {
    return type.cost();
  }
}
