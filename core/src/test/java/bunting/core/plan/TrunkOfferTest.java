package bunting.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.Reading;
import bunting.core.show.Controller;
import bunting.core.show.Hanging;
import bunting.core.show.InjectionSchool;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Heavy pairs past the runs of a box, in place of its feeds. */
class TrunkOfferTest {
  private static Run run(String name, int pixels, double x, double y) {
    return Run.of(name, "12v-strip-60", pixels)
        .withHanging(Hanging.straight(new Point(x, y), Optional.empty()));
  }

  private static Reading plan(Run... runs) {
    Show show = Show.of(List.of(runs)).withControllers(List.of(new Controller("A", "box-8", 0, 0)));
    return Reading.of(show, Planner.sketch(show));
  }

  /**
   * By the usual prices a trunk costs more than ports that feed what is plugged in anyway; that is
   * said. Where all wire costs the same it still wants its tails.
   */
  @Test
  void itsPriceIsHeldAgainstWhatTheBoxCostsNow() {
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      runs.add(run("r" + i, 40, 25, 0.3 * i));
    }
    Reading plan = plan(runs.toArray(Run[]::new));
    TrunkOffer.Offer offer = TrunkOffer.of(plan, "A").orElseThrow();
    double saved = plan.totals().build().leads() + plan.totals().build().feeds();
    saved += plan.totals().build().ways() + plan.totals().build().work();
    assertThat(offer.saves()).isCloseTo(saved - offer.price(), within(1e-6));
    assertThat(offer.leastPercent()).isGreaterThanOrEqualTo(90);
    assertThat(offer.line(plan).figure()).startsWith("costs ").endsWith(" more");
    assertThat(offer.line(plan).arithmetic()).contains("tail").contains("fuses of");
  }

  /** Where a trunk is laid already, the offer is held against that trunk and its tails. */
  @Test
  void itsPriceIsHeldAgainstTheTrunkThatIsThere() {
    Show show = plan(run("Weir", 90, 6, 0), run("Lip", 90, 6, 1)).show();
    Show asked =
        show.withWiring(show.wiring().with(show.wiring().ways().with(InjectionSchool.TRUNK, 200)));
    Reading trunk = Reading.of(asked, Planner.sketch(asked));
    assertThat(trunk.trunks()).isNotEmpty();
    TrunkOffer.Offer offer = TrunkOffer.of(trunk, "A").orElseThrow();
    var build = trunk.totals().build();
    double now = build.leads() + build.feeds() + build.ways() + build.work();
    assertThat(offer.saves()).isCloseTo(now - offer.price(), within(1e-6));
  }

  @Test
  void aBoxWithoutRunsHasNone() {
    assertThat(TrunkOffer.of(plan(run("Weir", 60, 3, 0)), "nobody")).isEmpty();
  }
}
