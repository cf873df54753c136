package bunting.core.whatif;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.Reading;
import bunting.core.dc.VoltProfile;
import bunting.core.island.Island;
import bunting.core.plan.Planner;
import bunting.core.show.Conductors;
import bunting.core.show.Decisions;
import bunting.core.show.HeldPost;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class WhatIfTest {
  private static final String STRIP = "5v-strip-60";

  private static Show wheel(int pixels, int... posts) {
    Show show = Show.of(List.of(Run.of("Wheel", STRIP, pixels)));
    List<HeldPost> held = new ArrayList<>();
    for (int at : posts) {
      held.add(new HeldPost("Wheel", at, false, Optional.of("12AWG"), OptionalDouble.of(2)));
    }
    return show.withWiring(show.wiring().withPosts("Wheel", held));
  }

  private static Reading plan(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  private static Loss fuse(Reading reading, int feed) {
    return new Loss(Loss.Kind.FUSE, reading.feeds().get(feed).feed().fuse());
  }

  @Test
  void theOnlyFuseOfARunTakesAllOfItDark() {
    Reading reading = plan(wheel(60, 1));
    Outcome lost = new WhatIf(reading).lose(fuse(reading, 0));
    assertThat(lost.darkPixels()).isEqualTo(60);
    assertThat(lost.lowest()).isEmpty();
    assertThat(lost.text()).isEqualTo("60 px dark");
  }

  /** 150 pixels of 50 mA fed at both ends alike: without one, the other carries all 7.5 A. */
  @Test
  void theOtherFeedCarriesAllAndItsEndSags() {
    Reading reading = plan(wheel(150, 1, 150));
    double before = reading.feeds().stream().mapToDouble(f -> f.amps()).sum();
    assertThat(before).isCloseTo(7.5, within(1e-6));
    Outcome lost = new WhatIf(reading).lose(fuse(reading, 1));
    assertThat(lost.darkPixels()).isZero();
    assertThat(lost.sagPixels()).isGreaterThan(50);
    assertThat(lost.lowest().orElseThrow().pixel()).isEqualTo(150);
    // Half of 7.5 A wants a 5 A fuse, which then carries 7.5 A and opens.
    assertThat(lost.overloads())
        .singleElement()
        .satisfies(
            o -> {
              assertThat(o.amps()).isCloseTo(7.5, within(1e-6));
              assertThat(o.mostAmps()).isEqualTo(5);
            });
    assertThat(lost.opensNext()).hasSize(1);
    assertThat(lost.darkInTheEnd()).isEqualTo(150);
  }

  @Test
  void aSupplyTakesAllItsIslandsDark() {
    Reading reading = plan(wheel(150, 1, 150));
    Loss supply = new Loss(Loss.Kind.SUPPLY, reading.supplies().getFirst().supply().id());
    assertThat(new WhatIf(reading).lose(supply).darkPixels()).isEqualTo(150);
  }

  @Test
  void behindALeadPowerOrDataIsGone() {
    Show show = Show.of(List.of(Run.of("Sluice", STRIP, 20), Run.of("Weir", STRIP, 20)));
    Reading reading = plan(bunting.core.Chains.onOnePort(show, "box-4"));
    var second = reading.segments().stream().filter(s -> s.segment().position() == 2).findFirst();
    Outcome lost =
        new WhatIf(reading).lose(new Loss(Loss.Kind.LEAD, second.orElseThrow().segment().id()));
    assertThat(lost.darkPixels() + lost.noDataPixels()).isEqualTo(20);
  }

  /** 50 A over three equal wires is 16.7 A each; without one the others carry 25 (arithmetic). */
  @Test
  void theOtherInputWiresCarryTheRest() {
    Show show = wheel(100, 1);
    HeldPost viaPort = new HeldPost("Wheel", 1, true, Optional.of("12AWG"), OptionalDouble.of(1));
    Conductors three =
        new Conductors(
            20, 0, 0, 0, 0.5, 2, Optional.of("20AWG"), true, Map.of(), Conductors.JUMPER);
    Show fed = show.withWiring(show.wiring().with(three).withPosts("Wheel", List.of(viaPort)));
    Reading reading = plan(fed);
    String box = reading.decisions().controllers().getFirst().controller().id();
    Outcome lost = new WhatIf(reading).lose(new Loss(Loss.Kind.INPUT, box));
    // 5 A over two wires of 2.5 A; a 20 AWG wire bears a 5 A fuse, so one alone is just enough.
    assertThat(lost.overloads()).isEmpty();
    Show white = fed.withRuns(List.of(Run.of("Wheel", STRIP, 101)));
    Outcome more = new WhatIf(plan(white)).lose(new Loss(Loss.Kind.INPUT, box));
    assertThat(more.overloads())
        .singleElement()
        .satisfies(o -> assertThat(o.amps()).isCloseTo(5.05, within(0.01)));
  }

  /** Every case, solved apart, is what the plan without those feeds reads as. */
  @Test
  void aCaseIsThePlanWithoutThatFeed() {
    Show show = wheel(200, 1, 90, 200).withSettings(ShowSettings.DEFAULT.withBrightness(60));
    Reading reading = plan(show);
    Reading fewer = plan(wheel(200, 1, 200).withSettings(show.settings()));
    Outcome lost = new WhatIf(reading).lose(fuse(reading, 1));
    Island island = fewer.islands().getFirst();
    assertThat(lost.lowest().orElseThrow().volts())
        .isCloseTo(island.solution().orElseThrow().volts().lowest(), within(1e-9));
  }

  @Test
  void theReportNamesEveryLossOnceWorstFirst() {
    Reading reading = plan(wheel(400, 1, 200, 400));
    List<Outcome> all = new WhatIf(reading).all();
    assertThat(all).extracting(Outcome::loss).doesNotHaveDuplicates();
    for (int i = 1; i < all.size(); i++) {
      assertThat(all.get(i - 1).touched()).isGreaterThanOrEqualTo(all.get(i).touched());
    }
  }

  private static final double FULL = 7.5;

  private static Show fed(Show show, boolean brainOnBank) {
    var copper = show.wiring().conductors().withBrainOnBank(brainOnBank);
    return show.withWiring(show.wiring().with(copper));
  }

  /** 5.05 A through a 5 A fuse is 101 %: overloaded, and it holds (common practice). */
  @Test
  void aFuseThatIsALittleOverloadedDoesNotOpen() {
    Reading reading = plan(wheel(101, 1, 101));
    Outcome lost = new WhatIf(withFuses(reading, 5)).lose(fuse(reading, 1));
    assertThat(lost.overloads())
        .singleElement()
        .satisfies(o -> assertThat(o.amps()).isCloseTo(5.05, within(1e-6)));
    assertThat(lost.opensNext()).isEmpty();
    assertThat(lost.burns()).as("12 AWG bears 20 A").isEmpty();
  }

  private static Reading withFuses(Reading r, double amps) {
    return Reading.of(
        r.show(),
        r.decisions()
            .withFeeds(r.decisions().feeds().stream().map(f -> f.withFuse(amps)).toList()));
  }

  /** 7.5 A of a 20 AWG cable behind a 7.5 A fuse: no fuse opens, and the cable bears 5 A. */
  @Test
  void aCableThatNoFuseSavesBurns() {
    Reading reading = plan(wheel(150, 1, 150));
    var thin =
        reading.decisions().feeds().stream().map(f -> f.withFuse(FULL).withWire("20AWG")).toList();
    Reading bare = Reading.of(reading.show(), reading.decisions().withFeeds(thin));
    Outcome lost = new WhatIf(bare).lose(fuse(bare, 1));
    assertThat(lost.opensNext()).isEmpty();
    assertThat(lost.burns())
        .singleElement()
        .satisfies(
            b -> {
              assertThat(b.id()).isEqualTo("cable of F1");
              assertThat(b.amps())
                  .as("the far end is below 60 % and draws less")
                  .isBetween(7.0, FULL);
              assertThat(b.mostAmps()).isEqualTo(5);
            });
    assertThat(new WhatIf(bare).all().getFirst().burns()).as("ranks first").isNotEmpty();
  }

  /** Pixels that hang on another supply are lit and know nothing more: their board is dead. */
  @Test
  void aBoardDiesWithItsSupplyAndAllBehindItHasNoData() {
    Show show = Show.of(List.of(Run.of("Weir", STRIP, 900)));
    Reading reading = plan(show);
    String bank = reading.decisions().controllers().getFirst().supply().orElseThrow();
    long others =
        reading.feeds().stream().map(f -> f.feed().supply()).filter(s -> !s.equals(bank)).count();
    Outcome lost = new WhatIf(reading).lose(new Loss(Loss.Kind.SUPPLY, bank));
    assertThat(lost.darkPixels() + lost.noDataPixels()).isEqualTo(900);
    assertThat(lost.noDataPixels() > 0).isEqualTo(others > 0);
    Outcome dead =
        new WhatIf(reading)
            .lose(
                new Loss(
                    Loss.Kind.CONTROLLER,
                    reading.decisions().controllers().getFirst().controller().id()));
    assertThat(dead.darkPixels()).isZero();
    assertThat(dead.noDataPixels()).isEqualTo(900);
    Reading own = plan(fed(show, false));
    Outcome lives = new WhatIf(own).lose(new Loss(Loss.Kind.SUPPLY, bank));
    assertThat(lives.darkPixels() + lives.noDataPixels() < 900 || others == 0).isTrue();
  }

  /** A pixel at 2 V of 5 V is dark, and what is dark passes no data on. */
  @Test
  void dimPixelsPassNoDataOn() {
    Reading reading = plan(wheel(300, 1, 150, 300));
    Reading strong = withFuses(reading, 20);
    Outcome lost =
        new WhatIf(strong).lose(new Loss(Loss.Kind.FEED, strong.feeds().getFirst().feed().id()));
    assertThat(lost.lowest().orElseThrow().pixel()).isEqualTo(1);
    if (lost.lowest().orElseThrow().percent() < 60) {
      assertThat(lost.darkPixels()).isPositive();
      assertThat(lost.darkPixels() + lost.noDataPixels()).isEqualTo(300);
    } else {
      assertThat(lost.darkPixels()).isZero();
    }
  }

  /** One thin feed: full white alone leaves the far end dark. The loss counts those pixels too. */
  @Test
  void whatFullWhiteHadDarkenedIsCountedToo() {
    Show show = wheel(240, 1, 2);
    Reading reading = plan(show);
    assertThat(dark(reading)).as("before the loss").isPositive();
    Loss loss = new Loss(Loss.Kind.FEED, reading.feeds().getLast().feed().id());
    Decisions left = reading.decisions().withFeeds(reading.decisions().feeds().subList(0, 1));
    long dark = dark(Reading.ofFailure(show, left));
    assertThat(dark).isPositive();
    assertThat(new WhatIf(reading).lose(loss).darkPixels()).isEqualTo((int) dark);
  }

  private static long dark(Reading reading) {
    VoltProfile volts = reading.worst().islands().getFirst().solution().orElseThrow().volts();
    return IntStream.range(0, volts.size()).filter(i -> volts.at(i) < 0.6 * 5).count();
  }

  @Test
  void aPlainSetsSupplyTakesItDark() {
    var set =
        new bunting.core.show.PlainSet(
            "Boats",
            12,
            3,
            24,
            new bunting.core.show.Point(0, 0),
            OptionalDouble.empty(),
            Optional.empty());
    Show show =
        Show.of(List.of()).withOthers(new bunting.core.show.OtherLoads(List.of(set), List.of()));
    Reading reading = plan(show);
    String supply = reading.decisions().supplies().getFirst().id();
    for (Loss loss : List.of(new Loss(Loss.Kind.SUPPLY, supply), new Loss(Loss.Kind.INPUT, "D1"))) {
      Outcome lost = new WhatIf(reading).lose(loss);
      assertThat(lost.darkLights()).containsExactly("Boats");
      assertThat(lost.text()).isEqualTo("Boats dark");
    }
  }

  /** Two 16 AWG carry 7.2 A each; without one the other carries 14.4 A and bears 10. */
  @Test
  void aLostInputWireOverloadsTheOthersAndRanksForIt() {
    Show show = wheel(144, 1);
    HeldPost viaPort = new HeldPost("Wheel", 1, true, Optional.of("10AWG"), OptionalDouble.of(1));
    Conductors two =
        new Conductors(
            20, 0, 0, 0, 0.3, 2, Optional.of("18AWG"), true, Map.of(), Conductors.JUMPER);
    Reading reading =
        plan(show.withWiring(show.wiring().with(two).withPosts("Wheel", List.of(viaPort))));
    Reading bare =
        Reading.of(
            reading.show(),
            new bunting.core.show.Decisions(
                reading.decisions().controllers(),
                reading.decisions().segments(),
                reading.decisions().feeds(),
                reading.decisions().trunks(),
                reading.decisions().breaks(),
                reading.decisions().supplies(),
                reading.decisions().inputs().stream().map(i -> i.withFuse(7)).toList(),
                List.of(),
                1,
                reading.decisions().others(),
                reading.decisions().report(),
                Optional.empty()));
    String box = reading.decisions().controllers().getFirst().controller().id();
    Outcome lost = new WhatIf(bare).lose(new Loss(Loss.Kind.INPUT, box));
    assertThat(lost.overloads())
        .singleElement()
        .satisfies(o -> assertThat(o.amps()).isCloseTo(7.2, within(0.01)));
    assertThat(lost.burns()).singleElement().satisfies(b -> assertThat(b.mostAmps()).isEqualTo(7));
    assertThat(new WhatIf(bare).all().getFirst().loss()).isEqualTo(lost.loss());
  }

  /** 60 W at 12 V are 5 A: over two wires 2.5 A each, and 5 A when one is lost. */
  @Test
  void aDimmersOtherInputWireCarriesTheRest() {
    var set =
        new bunting.core.show.PlainSet(
            "Boats",
            12,
            3,
            60,
            new bunting.core.show.Point(0, 0),
            OptionalDouble.empty(),
            Optional.empty());
    Show bare =
        Show.of(List.of()).withOthers(new bunting.core.show.OtherLoads(List.of(set), List.of()));
    Conductors two = Conductors.PLAIN.withInput(2, Optional.of("20AWG"));
    Show show = bare.withWiring(bare.wiring().with(two));
    Reading planned = plan(show);
    bunting.core.show.Decisions d = planned.decisions();
    Reading reading =
        Reading.of(
            show,
            new bunting.core.show.Decisions(
                d.controllers(),
                d.segments(),
                d.feeds(),
                d.trunks(),
                d.breaks(),
                d.supplies(),
                d.inputs().stream().map(x -> x.withFuse(3)).toList(),
                d.unplaced(),
                0,
                d.others(),
                d.report(),
                Optional.empty()));
    assertThat(reading.worst().inputs().getFirst().eachAmps()).isCloseTo(2.5, within(1e-9));
    Outcome lost = new WhatIf(reading).lose(new Loss(Loss.Kind.INPUT, "D1"));
    assertThat(lost.overloads())
        .singleElement()
        .satisfies(o -> assertThat(o.amps()).isCloseTo(5, within(1e-9)));
    assertThat(lost.darkLights()).as("5 A open a 3 A fuse").containsExactly("Boats");
    assertThat(lost.opensNext()).containsExactly("each input wire of D1");
  }
}
