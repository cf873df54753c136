package bunting.desktop.line;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.plan.Planner;
import bunting.core.show.Controller;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PegDragTest {
  private static Reading plan(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  private static Show show() {
    return Show.of(
            List.of(
                Run.of("rim", "12v-strip-60", 300),
                Run.of("hub", "12v-strip-60", 60),
                Run.of("boat", "5v-strip-60", 100)))
        .withControllers(
            List.of(new Controller("Mill", "box-4", 0, 0), new Controller("Weir", "box-4", 9, 0)));
  }

  private static PortReading port(Reading plan, String box, int number) {
    return plan.port(box, number).orElseThrow();
  }

  @Test
  void aPegSaysWhatItWouldCarryWithTheVolts() {
    Reading plan = plan(show());
    PegDrag drag = PegDrag.of(plan, "rim", 1).orElseThrow();
    assertThat(drag.name()).isEqualTo("rim · 300");
    drag.over(port(plan, "Mill", 2), 1);
    assertThat(drag.fits()).isTrue();
    // 300 x 30 us + 300 us is 107 fps (arithmetic).
    assertThat(drag.text()).contains("300 px").contains("108 fps").contains("least");
    assertThat(drag.brief(port(plan, "Mill", 2))).startsWith("✓");
    assertThat(plan(drag.moved(plan.show())).port("Mill", 2).orElseThrow().pixels()).isEqualTo(300);
    drag.overNothing();
    assertThat(drag.isOverPeg()).isFalse();
  }

  @Test
  void aPegThatRefusesSaysWhy() {
    Reading plan = plan(show());
    PegDrag drag = PegDrag.of(plan, "boat", 1).orElseThrow();
    drag.over(port(plan, "Mill", 1), 1);
    assertThat(drag.fits()).isFalse();
    assertThat(drag.text()).startsWith("not here").contains("12 V");
    assertThat(drag.brief(port(plan, "Mill", 1))).startsWith("✕");
    assertThat(PegDrag.of(plan, "nobody", 1)).isEmpty();
  }

  @Test
  void foldedBoxesAreOneSignHigh() {
    Reading plan = plan(show());
    BoardLayout open = new BoardLayout(plan, 840);
    BoardLayout folded = new BoardLayout(plan, 840, Set.of("Mill"));
    assertThat(folded.cards().getFirst().folded()).isTrue();
    assertThat(folded.cards().getFirst().rows()).isEmpty();
    assertThat(folded.cards().getFirst().facts()).contains("folded, 2 lines");
    assertThat(folded.height()).isLessThan(open.height());
  }
}
