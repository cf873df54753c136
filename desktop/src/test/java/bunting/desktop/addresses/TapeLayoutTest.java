package bunting.desktop.addresses;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.plan.HandOuts;
import bunting.core.plan.Planner;
import bunting.core.show.Addressing;
import bunting.core.show.Controller;
import bunting.core.show.OtherLoads;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.PortStart;
import bunting.core.show.Protocol;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.SlotSplit;
import bunting.core.show.UniverseRange;
import bunting.core.show.edit.RunEdits;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;

class TapeLayoutTest {
  private static Show show() {
    PlainSet bush =
        new PlainSet("bush", 12, 3, 24, new Point(3, 1), OptionalDouble.empty(), Optional.empty());
    return Show.of(
            List.of(
                Run.of("rim", "12v-strip-60", 300),
                Run.of("hub", "12v-strip-60", 60),
                Run.of("boat", "5v-strip-60", 100)))
        .withControllers(
            List.of(new Controller("Mill", "box-4", 0, 0), new Controller("Weir", "box-4", 9, 0)))
        .withOthers(new OtherLoads(List.of(bush), List.of()))
        .withAddressing(
            new Addressing(
                Protocol.SACN,
                1,
                SlotSplit.WHOLE_PIXELS,
                PortStart.CONTINUOUS,
                List.of(new UniverseRange(1, 20, "the sound desk"))));
  }

  private static Reading plan(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  @Test
  void everySlotOfThePlanLiesOnTheTapeOnce() {
    TapeLayout layout = new TapeLayout(plan(show()), Set.of());
    int slots =
        layout.rows().stream()
            .flatMap(r -> r.blocks().stream())
            .mapToInt(b -> b.last() - b.first() + 1)
            .sum();
    assertThat(slots).isEqualTo(460 * 3 + 3);
    for (TapeLayout.Row row : layout.rows()) {
      for (int i = 1; i < row.blocks().size(); i++) {
        assertThat(row.blocks().get(i).first()).isGreaterThan(row.blocks().get(i - 1).last());
      }
    }
  }

  @Test
  void rowsFollowEachOtherAndAreFoundByTheirHeight() {
    TapeLayout layout = new TapeLayout(plan(show()), Set.of());
    double y = TapeLayout.TOP;
    for (TapeLayout.Row row : layout.rows()) {
      assertThat(row.y()).isEqualTo(y);
      assertThat(layout.at(row.y() + 1)).contains(row);
      y += row.height();
    }
    assertThat(layout.height()).isEqualTo(y);
    assertThat(layout.at(-1)).isEmpty();
    assertThat(layout.at(y + 1)).isEmpty();
  }

  @Test
  void foreignUniversesAreNamedFirst() {
    TapeLayout.Row first = new TapeLayout(plan(show()), Set.of()).rows().getFirst();
    assertThat(first.kind()).isEqualTo(TapeLayout.Kind.FOREIGN);
    assertThat(first.text()).isEqualTo("1-20");
    assertThat(first.box()).isEqualTo("belongs to the sound desk");
  }

  @Test
  void aFoldedBoxShowsItsSignAlone() {
    TapeLayout open = new TapeLayout(plan(show()), Set.of());
    TapeLayout folded = new TapeLayout(plan(show()), Set.of("Mill"));
    assertThat(folded.height()).isLessThan(open.height());
    assertThat(folded.of("rim")).isEmpty();
    assertThat(folded.of("boat")).isPresent();
    assertThat(folded.rows())
        .anyMatch(r -> r.kind() == TapeLayout.Kind.SIGN && r.text().contains("folded"));
  }

  @Test
  void universesBoxesAndRunsAreFound() {
    TapeLayout layout = new TapeLayout(plan(show()), Set.of());
    assertThat(layout.find("22").orElseThrow().universe()).isEqualTo(22);
    assertThat(layout.find("weir").orElseThrow().box()).isEqualTo("Weir");
    assertThat(layout.find("HUB").orElseThrow().blocks()).anyMatch(b -> b.what().equals("hub"));
    assertThat(layout.find("nowhere")).isEmpty();
  }

  @Test
  void whatWasHandedOutIsMarked() {
    Show out = HandOuts.handOut(show(), plan(show()), "2026-11-03", "");
    Show more = RunEdits.added(out, Run.of("star", "12v-strip-60", 20));
    TapeLayout layout = new TapeLayout(plan(more), Set.of());
    for (TapeLayout.Row row : layout.rows()) {
      for (TapeLayout.Block block : row.blocks()) {
        assertThat(block.nailed()).as(block.what()).isEqualTo(!block.what().equals("star"));
      }
    }
  }

  @Test
  void theMouseFindsTheSlotUnderIt() {
    double width = 800;
    assertThat(TapePainter.slotAt(TapePainter.LEFT, width)).isEqualTo(1);
    assertThat(TapePainter.slotAt(width - 14, width)).isEqualTo(513);
  }
}
