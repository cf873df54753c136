package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.plan.Planner;
import bunting.core.plan.TrunkOffer;
import bunting.core.show.Attach;
import bunting.core.show.Controller;
import bunting.core.show.Hanging;
import bunting.core.show.InjectionSchool;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.testkit.HandPlan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/**
 * Plans as a builder draws them, reckoned by hand at the usual prices, beside those of the planner.
 */
class PlansByHandTest {
  private static Run line(String name, String type, int pixels, double x, double y, double ex) {
    return Run.of(name, type, pixels)
        .withHanging(Hanging.straight(new Point(x, y), Optional.of(new Point(ex, y))));
  }

  private static Reading plan(Show show) {
    return Reading.of(show, Planner.propose(show));
  }

  private static Show boxes(List<Run> runs, String kind, double x, double y) {
    return Show.of(runs).withControllers(List.of(new Controller("C1", kind, x, y)));
  }

  /** As a builder draws it: ports 1 and 3, a fuse for each, nothing from the distribution. */
  @Test
  void twoRunsGoOnTwoPorts() {
    Reading plan = plan(named("two runs"));
    assertThat(plan.segments()).extracting(s -> s.segment().port()).containsExactly(1, 3);
    assertThat(plan.feeds()).allMatch(f -> f.attach() == Attach.PORT);
    assertThat(plan.worst().feedAmps(plan.feeds().getFirst().feed().id())).isGreaterThan(2.9);
  }

  @Test
  void anEaveIsFedAtThePortAndAtItsJoints() {
    Reading plan = plan(named("one eave"));
    assertThat(plan.feeds()).anyMatch(f -> f.attach() == Attach.PORT);
    assertThat(plan.feeds()).noneMatch(f -> f.attach() == Attach.CUT);
  }

  @Test
  void aLongTrimHasABoxWhereTheCableIsShort() {
    assertThat(plan(named("260 m")).totals().controllers()).isGreaterThanOrEqualTo(2);
  }

  private static Show named(String start) {
    return HandPlan.all().stream()
        .filter(p -> p.name().startsWith(start))
        .findFirst()
        .orElseThrow()
        .show();
  }

  @TestFactory
  Stream<DynamicTest> neverDearerThanByHand() {
    return HandPlan.all().stream()
        .map(hand -> DynamicTest.dynamicTest(hand.name(), () -> notDearer(hand)));
  }

  private static void notDearer(HandPlan hand) {
    Reading plan = plan(hand.show());
    assertThat(plan.decisions().unplaced()).isEmpty();
    assertThat(plan.totals().minVoltsPercent()).isGreaterThanOrEqualTo(90);
    assertThat(plan.totals().buildCost()).isLessThanOrEqualTo(hand.cost());
  }

  /**
   * No school by itself is cheaper than the planner at its own choice; a trunk is never planned
   * unasked, so where it is cheaper the offer in words says so.
   */
  @Test
  @Tag("property")
  void noSchoolIsCheaper() {
    Random random = new Random(141);
    String[] types = {"5v-strip-60", "12v-strip-60", "12v-string-10", "24v-strip-60-rgbw"};
    int told = 0;
    for (int i = 0; i < 60; i++) {
      List<Run> runs = new ArrayList<>();
      String type = types[random.nextInt(types.length)];
      for (int r = 0; r < 1 + random.nextInt(5); r++) {
        double x = random.nextInt(20);
        int pixels = 24 + 6 * random.nextInt(60);
        runs.add(line("r" + r, type, pixels, x, random.nextInt(6), x + 1 + random.nextInt(8)));
      }
      Show show = boxes(runs, random.nextBoolean() ? "box-4" : "box-8", 8, 1);
      Reading best = plan(show);
      for (InjectionSchool school : InjectionSchool.values()) {
        Show other = show.withWiring(show.wiring().with(show.wiring().ways().with(school, 150)));
        Reading plan = plan(other);
        boolean holds =
            plan.decisions().unplaced().isEmpty()
                && plan.totals().minVoltsPercent() >= 90 - 1e-6
                && plan.feeds().stream()
                    .noneMatch(
                        f ->
                            plan.worst().feedAmps(f.feed().id()) * 1.25
                                > f.feed().fuseAmps() + 1e-6);
        if (holds) {
          told++;
          double saved = best.totals().buildCost() - plan.totals().buildCost();
          boolean offered =
              school == InjectionSchool.TRUNK
                  && best.decisions().controllers().stream()
                      .flatMap(c -> TrunkOffer.of(best, c.controller().id()).stream())
                      .anyMatch(o -> o.saves() > 0);
          assertThat(offered || saved <= 1e-6).as("show " + i + ", " + school + saved).isTrue();
        }
      }
    }
    assertThat(told).isGreaterThan(150);
  }
}
