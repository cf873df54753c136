package bunting.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.Reading;
import bunting.core.show.Controller;
import bunting.core.show.Hanging;
import bunting.core.show.HeldPost;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
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

  /** Of one run an open pair is a feed with a tail behind it: as that feed alone, 0.3 m longer. */
  @Test
  void pastOneRunItIsAFeedWithATail() {
    Reading plan = plan(run("Weir", 60, 12, 0));
    TrunkTour tour = TrunkTour.of(plan, "A", plan.segments());
    Wire wire = Wire.parse("16AWG").orElseThrow();
    TrunkTour.Laid one = tour.laid(wire, false, false).orElseThrow();
    // 12 m along the axes and 1 m of slack at the box.
    assertThat(one.metres()).isCloseTo(13, within(1e-9));
    assertThat(one.tails()).isEqualTo(1);
    double tail = 0.3 * one.tailWire().ohmsPerM() / wire.ohmsPerM();
    HeldPost post =
        new HeldPost("Weir", 1, false, Optional.of("16AWG"), OptionalDouble.of(13 + tail));
    Show held = plan.show().withWiring(plan.show().wiring().withPosts("Weir", List.of(post)));
    Reading fed = Reading.of(held, Planner.sketch(held));
    assertThat(one.leastPercent()).isCloseTo(fed.totals().minVoltsPercent(), within(1e-6));
  }

  @Test
  void aRingKeepsMoreVoltsThanAnOpenPairAndTailsAtBothEndsMoreStill() {
    Reading plan = plan(run("Weir", 120, 4, 0), run("Lip", 120, 7, 0), run("Race", 120, 10, 0));
    TrunkTour tour = TrunkTour.of(plan, "A", plan.segments());
    Wire wire = Wire.parse("12AWG").orElseThrow();
    double open = tour.laid(wire, false, false).orElseThrow().leastPercent();
    double ring = tour.laid(wire, true, false).orElseThrow().leastPercent();
    double both = tour.laid(wire, true, true).orElseThrow().leastPercent();
    assertThat(ring).isGreaterThan(open);
    assertThat(both).isGreaterThan(ring);
  }

  /** 8 runs of 1.8 A are 14.4 A; behind 14 AWG a 15 A fuse bears 12: two pairs (arithmetic). */
  @Test
  void runsAreSharedOutToPairsAsFarAsAFuseGoes() {
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      runs.add(run("r" + i, 150, 2, i));
    }
    Reading plan = plan(runs.toArray(Run[]::new));
    TrunkTour tour = TrunkTour.of(plan, "A", plan.segments());
    double amps = 8 * 150 * 0.012;
    TrunkTour.Laid laid = tour.laid(Wire.parse("14AWG").orElseThrow(), true, true).orElseThrow();
    assertThat(laid.pairs()).isEqualTo((int) Math.ceil(amps * 1.25 / 15));
    assertThat(laid.tails()).isEqualTo(16);
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

  @Test
  void aBoxWithoutRunsHasNone() {
    assertThat(TrunkOffer.of(plan(run("Weir", 60, 3, 0)), "nobody")).isEmpty();
  }
}
