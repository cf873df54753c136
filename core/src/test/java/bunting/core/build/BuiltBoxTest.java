package bunting.core.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.Distribution;
import bunting.core.assess.Reading;
import bunting.core.kit.Cables;
import bunting.core.kit.Ferrules;
import bunting.core.kit.Need;
import bunting.core.kit.ShoppingList;
import bunting.core.plan.Planner;
import bunting.core.power.RandomWiring;
import bunting.core.show.Controller;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.stock.CutList;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;
import org.junit.jupiter.api.Test;

/** What goes into each box, and where. */
class BuiltBoxTest {
  private static Reading plan(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  private static Reading weir() {
    return plan(
        Show.of(
                List.of(
                    Run.of("Weir", "12v-strip-60", 600),
                    Run.of("Owl", "5v-strip-60", 60),
                    Run.of("Heron", "5v-strip-60", 400)))
            .withControllers(
                List.of(
                    new Controller("Mill", "box-4", 0, 0),
                    new Controller("Bank", "box-4", 30, 0))));
  }

  @Test
  void aBoxOfOnePlaceHoldsItsBoardItsSuppliesAndTheirTerminals() {
    List<BuiltBox> boxes = BuiltBox.of(weir());
    assertThat(boxes).extracting(BuiltBox::name).containsExactly("Mill", "Bank");
    for (BuiltBox b : boxes) {
      assertThat(b.plate().parts()).extracting(p -> p.part().kind()).contains(Part.Kind.BOARD);
      long supplies = count(b, Part.Kind.SUPPLY);
      assertThat(count(b, Part.Kind.TERMINALS)).isEqualTo(supplies > 0 ? 1 : 0);
      assertThat(b.labels(Map.of("Mill", "10.0.0.7")).toString())
          .contains("mains inside")
          .contains("box " + b.name());
    }
  }

  private static long count(BuiltBox box, Part.Kind kind) {
    return box.plate().parts().stream().filter(p -> p.part().kind() == kind).count();
  }

  @Test
  void holesStandInTheOrderOfThePorts() {
    for (BuiltBox b : BuiltBox.of(weir())) {
      List<Integer> ports =
          b.holes().stream()
              .filter(h -> h.from().contains(" port "))
              .map(h -> Integer.parseInt(h.from().substring(h.from().lastIndexOf(' ') + 1)))
              .toList();
      assertThat(ports).isSorted().isNotEmpty();
      assertThat(b.holes()).extracting(Hole::number).doesNotHaveDuplicates().startsWith(1);
    }
  }

  /** Air takes 1.2 kg/m3 x 1005 J/(kg K): 100 W make a m3 each 120.6 s by 10 K warmer. */
  @Test
  void aFanMovesWhatTheHeatWants() {
    BuiltBox.Air air = BuiltBox.Air.of(60, 20, 100, true);
    assertThat(air.fanM3h()).isCloseTo(29.85, within(0.01));
    assertThat(BuiltBox.Air.of(60, 20, 100, false).fanM3h()).isZero();
    assertThat(air.celsius()).isGreaterThan(20);
  }

  @Test
  void supplyOfItsOwnPlaceIsABoxToo() {
    Reading reading = plan(Show.of(List.of(Run.of("Weir", "12v-strip-60", 6000))));
    List<BuiltBox> boxes = BuiltBox.of(reading);
    long supplies = boxes.stream().mapToLong(b -> count(b, Part.Kind.SUPPLY)).sum();
    assertThat(supplies).isEqualTo(reading.supplies().size());
    assertThat(boxes).allMatch(b -> b.air().watts() > 0);
  }

  @Test
  void boardsThatAreKeptAliveHaveASmallSupply() {
    Show show = weir().show();
    Reading own =
        plan(
            show.withWiring(show.wiring().with(show.wiring().conductors().withBrainOnBank(false))));
    assertThat(BuiltBox.of(own)).allMatch(b -> count(b, Part.Kind.SMALL_SUPPLY) == 1);
    Reading bank =
        plan(show.withWiring(show.wiring().with(show.wiring().conductors().withBrainOnBank(true))));
    assertThat(BuiltBox.of(bank)).allMatch(b -> count(b, Part.Kind.SMALL_SUPPLY) == 0);
  }

  /** Over random plans: all is somewhere once, nothing lies on another, and the lists agree. */
  @Property(tries = 60, seed = "191")
  @Tag("property")
  void nothingIsMissingAndNothingOverlaps(@ForAll long seed) {
    Reading reading = plan(RandomWiring.everything(new Random(seed)));
    List<BuiltBox> boxes = BuiltBox.of(reading);
    List<String> ids = new ArrayList<>();
    for (BuiltBox b : boxes) {
      overlaps(b, seed);
      b.plate().parts().stream()
          .filter(p -> Set.of(Part.Kind.SUPPLY, Part.Kind.BOARD).contains(p.part().kind()))
          .forEach(p -> ids.add(p.part().id()));
    }
    assertThat(new HashSet<>(ids)).hasSameSizeAs(ids);
    assertThat(ids).hasSize(reading.supplies().size() + reading.decisions().controllers().size());
    long blocks = boxes.stream().mapToLong(b -> count(b, Part.Kind.BLOCK)).sum();
    assertThat(blocks).as("" + seed).isEqualTo(Distribution.of(reading).blocks().size());
    agrees(reading, boxes, seed);
  }

  private static void overlaps(BuiltBox b, long seed) {
    List<Plate.Placed> parts = b.plate().parts();
    for (int i = 0; i < parts.size(); i++) {
      Plate.Placed a = parts.get(i);
      if (b.plate().fits()) {
        assertThat(a.xMm() + a.part().wideMm()).isLessThanOrEqualTo(b.plate().wideMm());
        assertThat(a.yMm() + a.part().tallMm()).isLessThanOrEqualTo(b.plate().tallMm());
      }
      for (int j = 0; j < i; j++) {
        Plate.Placed o = parts.get(j);
        boolean apart =
            a.xMm() >= o.xMm() + o.part().wideMm()
                || o.xMm() >= a.xMm() + a.part().wideMm()
                || a.yMm() >= o.yMm() + o.part().tallMm()
                || o.yMm() >= a.yMm() + a.part().tallMm();
        assertThat(apart).as(seed + " " + a + o).isTrue();
      }
    }
    for (Hole h : b.holes()) {
      for (Hole o : b.holes()) {
        boolean apart =
            h.number() == o.number()
                || h.mains() != o.mains()
                || h.row() != o.row()
                || Math.abs(h.xMm() - o.xMm()) >= (h.holeMm() + o.holeMm()) / 2;
        assertThat(apart).as(seed + " " + h + o).isTrue();
      }
    }
  }

  /** Ferrules and glands of all boxes are those that the shopping list buys. */
  private static void agrees(Reading reading, List<BuiltBox> boxes, long seed) {
    Map<String, Double> built = new TreeMap<>();
    for (BuiltBox b : boxes) {
      b.ferrules().forEach((wire, n) -> built.merge("ferrule " + wire, (double) n, Double::sum));
      b.holes().stream()
          .filter(h -> !h.thread().isEmpty())
          .forEach(h -> built.merge("cable gland " + h.words(), 1.0, Double::sum));
    }
    Map<String, Double> bought = new TreeMap<>();
    for (Need n :
        ShoppingList.of(reading, CutList.of(reading.show()), Cables.of(reading), Map.of())) {
      if (Set.of("ferrule", "cable gland").contains(n.kind())) {
        bought.merge(n.part(), n.planned(), Double::sum);
      }
    }
    // Tails are joined to their trunk outside.
    List<Cables.Cable> tails =
        Cables.of(reading).stream().filter(c -> c.kind() == Cables.Kind.TAIL).toList();
    Ferrules.of(tails)
        .forEach((wire, n) -> built.merge("ferrule " + wire, (double) n, Double::sum));
    assertThat(built).as("" + seed).isEqualTo(bought);
  }
}
