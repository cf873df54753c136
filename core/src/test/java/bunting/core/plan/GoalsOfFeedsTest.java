package bunting.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.show.Controller;
import bunting.core.show.Goal;
import bunting.core.show.Hanging;
import bunting.core.show.InjectionSchool;
import bunting.core.show.Point;
import bunting.core.show.PowerWays;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Fewest feeds, least copper and least cable as the first goal. */
class GoalsOfFeedsTest {
  private static Show show(long seed) {
    Random random = new Random(seed);
    List<Run> runs = new ArrayList<>();
    String[] types = {"5v-strip-60", "12v-strip-60", "12v-string-10"};
    String type = types[random.nextInt(types.length)];
    for (int i = 0; i < 4; i++) {
      Point at = new Point(random.nextInt(12), random.nextInt(4));
      int pixels = type.endsWith("10") ? 40 + random.nextInt(80) : 100 + random.nextInt(250);
      runs.add(Run.of("r" + i, type, pixels).withHanging(Hanging.straight(at, Optional.empty())));
    }
    return Show.of(runs).withControllers(List.of(new Controller("C1", "box-4", 6, 0)));
  }

  private static double value(Show show, Goal first, Goal asked) {
    Show with =
        show.withAllotting(show.allotting().with(show.allotting().planning().preferring(first)));
    Reading plan = Reading.of(with, Planner.sketch(with));
    assertThat(plan.decisions().unplaced()).isEmpty();
    return plan.decisions().report().of(asked).orElseThrow().value();
  }

  /** What is strived for first is never worse than where the price is; somewhere it is better. */
  @ParameterizedTest
  @EnumSource(names = {"FEEDS", "COPPER", "CABLE"})
  void whatComesFirstIsNoWorseThanByPrice(Goal goal) {
    int better = 0;
    for (long seed = 0; seed < 12; seed++) {
      double byPrice = value(show(seed), Goal.COST, goal);
      double first = value(show(seed), goal, goal);
      assertThat(first).isLessThanOrEqualTo(byPrice * (1 + 1e-9));
      better += first < byPrice * (1 - 1e-6) ? 1 : 0;
    }
    assertThat(better).isPositive();
  }

  /** No school has fewer feeds besides the ports' own. */
  @ParameterizedTest
  @EnumSource(names = {"BEST", "ENDS", "EVERY"})
  void noSchoolHasFewerFeeds(InjectionSchool school) {
    for (long seed = 0; seed < 12; seed++) {
      Show show = show(seed);
      PowerWays ways = show.wiring().ways().with(school, 150);
      Show other = show.withWiring(show.wiring().with(ways));
      Reading plan = Reading.of(other, Planner.sketch(other));
      boolean holds =
          plan.totals().minVoltsPercent() >= show.settings().minVoltsPercent()
              && plan.decisions().unplaced().isEmpty();
      double feeds = plan.feeds().stream().mapToInt(f -> f.feed().viaPort() ? 0 : 1).sum();
      if (holds) {
        assertThat(value(show, Goal.FEEDS, Goal.FEEDS)).isLessThanOrEqualTo(feeds);
      }
    }
  }
}
