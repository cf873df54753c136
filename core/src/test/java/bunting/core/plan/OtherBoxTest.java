package bunting.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.Reading;
import bunting.core.show.Controller;
import bunting.core.show.Hanging;
import bunting.core.show.Pin;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** The next best box beside plans in which the run is pinned there. */
class OtherBoxTest {
  private static Run run(String name, int pixels, double x) {
    return Run.of(name, "12v-strip-60", pixels)
        .withHanging(Hanging.straight(new Point(x, 2), Optional.empty()));
  }

  private static Show show() {
    return Show.of(List.of(run("sluice", 200, 1), run("race", 150, 19), run("apron", 180, 3)))
        .withControllers(
            List.of(
                new Controller("Mill", "box-4", 0, 0),
                new Controller("Weir", "box-4", 20, 0),
                new Controller("Boats", "box-4", 90, 0)));
  }

  private static Reading plan(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  private static double pinned(String box) {
    Show show = show();
    List<Run> runs =
        show.runs().stream()
            .map(
                r ->
                    r.withPin(
                        Optional.of(
                            new Pin(
                                r.name().equals("apron")
                                    ? box
                                    : r.name().equals("race") ? "Weir" : "Mill",
                                OptionalInt.empty()))))
            .toList();
    return plan(show.withRuns(runs)).totals().buildCost();
  }

  /** Feeds, the supply and the work all count: as two whole plans differ. */
  @Test
  void costsWhatTwoPlansDiffer() {
    Reading plan = plan(show());
    Run apron = show().run("apron").orElseThrow();
    assertThat(plan.segmentsOf("apron").getFirst().segment().controller()).isEqualTo("Mill");
    OtherBox.Place next = OtherBox.next(plan, apron).orElseThrow();
    assertThat(next.fit().controller()).isEqualTo("Weir");
    assertThat(next.costMore()).isCloseTo(pinned("Weir") - pinned("Mill"), within(1e-6));
    assertThat(next.costMore()).isLessThan(pinned("Boats") - pinned("Mill"));
    assertThat(next.line().arithmetic()).contains("to build").contains("of lead");
  }

  @Test
  void itsShowHasTheRunThereAndHoldsNoOther() {
    Reading plan = plan(show());
    OtherBox.Place next = OtherBox.next(plan, show().run("apron").orElseThrow()).orElseThrow();
    Reading there = plan(next.show());
    assertThat(there.segmentsOf("apron").getFirst().segment().controller()).isEqualTo("Weir");
    assertThat(next.show().allotting().byHand()).isEmpty();
  }

  @Test
  void aRunThatNoOtherBoxTakesHasNone() {
    Show one = show().withControllers(List.of(new Controller("Mill", "box-4", 0, 0)));
    assertThat(OtherBox.next(plan(one), one.run("apron").orElseThrow())).isEmpty();
  }
}
