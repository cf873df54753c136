package bunting.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.Reading;
import bunting.core.kit.Need;
import bunting.core.kit.ShoppingList;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.edit.BoxEdits;
import bunting.core.stock.CutList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Whether a controller is bought is said by the builder, and by nothing else. */
class OwnedControllersTest {
  private static final double CENT = 0.005;

  private final Show show =
      Keeping.accept(
          Assessor.sketch(
                  Show.of(
                      List.of(
                          Run.of("Weir", "5v-strip-60", 100),
                          Run.of("Gate", "5v-strip-60", 90),
                          Run.of("Owl", "5v-strip-60", 80))))
              .reading());

  private static Reading planned(Show show) {
    return Assessor.plan(show).reading();
  }

  private static int boardsToBuy(Reading reading) {
    return ShoppingList.of(reading, CutList.of(reading.show()), List.of(), Map.of()).stream()
        .filter(n -> n.group() == Need.Group.BOXES && n.kind().equals("board"))
        .mapToInt(Need::buy)
        .sum();
  }

  @Test
  void movingARunByHandBuysAsManyControllersAsBefore() {
    Reading before = planned(show);
    Segment weir = before.segmentsOf("Weir").getFirst().segment();
    int other = weir.port() == 1 ? 2 : 1;
    Show moved = ByHand.move(show, before, "Weir", 1, weir.controller(), other, 1);
    Reading after = planned(moved);
    assertThat(after.totals().build().boxes())
        .isCloseTo(before.totals().build().boxes(), within(CENT));
    assertThat(boardsToBuy(after)).isEqualTo(boardsToBuy(before)).isPositive();
    assertThat(HandOuts.handOut(show, before, "2026-12-02", "us").ownedControllers()).isEmpty();
  }

  @Test
  void anOwnedControllerCostsNothingAndIsNotBought() {
    Reading before = planned(show);
    String id = before.decisions().controllers().getFirst().controller().id();
    Reading owned = planned(BoxEdits.owned(show, id, true));
    assertThat(owned.totals().build().boxes()).isLessThan(before.totals().build().boxes());
    assertThat(boardsToBuy(owned)).isEqualTo(boardsToBuy(before) - 1);
    assertThat(owned.decisions().segments()).isEqualTo(before.decisions().segments());
  }

  @Test
  void aControllerThatBuntingChoseIsRenamedWithItsRuns() {
    Reading before = planned(show);
    String id = before.decisions().controllers().getFirst().controller().id();
    Reading after = planned(BoxEdits.renamed(show, id, "Weir house"));
    assertThat(after.decisions().segments())
        .extracting(Segment::controller)
        .containsOnly("Weir house");
    assertThat(Kept.of(after).orElseThrow().moved()).isEmpty();
    assertThat(after.totals().buildCost()).isCloseTo(before.totals().buildCost(), within(CENT));
  }
}
