package bunting.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.show.Attach;
import bunting.core.show.Controller;
import bunting.core.show.Course;
import bunting.core.show.Hanging;
import bunting.core.show.InjectionSchool;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Site;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

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

  /** By hand: ports 1 and 3, 4 m and 3 m of 16AWG at 1.0, one 150 W supply at 22: 29. */
  @Test
  void twoRunsGoOnTwoPorts() {
    Show show =
        boxes(
            List.of(
                line("low", "12v-strip-60", 250, 1, -2, 1 + 249 / 60.0),
                line("high", "12v-strip-60", 250, 1, 1, 1 + 249 / 60.0)),
            "box-4",
            0,
            0);
    Reading plan = plan(show);
    assertThat(plan.totals().buildCost()).isLessThanOrEqualTo(29);
    assertThat(plan.segments()).extracting(s -> s.segment().port()).containsExactly(1, 3);
    assertThat(plan.feeds()).allMatch(f -> f.attach() == Attach.PORT);
    assertThat(plan.worst().feedAmps(plan.feeds().getFirst().feed().id())).isGreaterThan(2.9);
  }

  /**
   * An eave of 708 px on 12 V: by hand the port (3 m of 16AWG), the joint at 301 (7 m of 14AWG) and
   * the joint at 601 (12 m of 12AWG), each of the two with a way and 5 minutes; two supplies.
   */
  @Test
  void anEaveIsFedAtThePortAndAtItsJoints() {
    Show show =
        boxes(List.of(line("eave", "12v-strip-60", 708, 1, 1, 1 + 707 / 60.0)), "box-4", 0, 0);
    Reading plan = plan(show);
    double hand = 3 * 1.0 + 2 * (4 + 2.5) + 7 * 1.4 + 13 * 2.1 + 40;
    assertThat(plan.totals().buildCost()).isLessThanOrEqualTo(hand);
    assertThat(plan.feeds()).anyMatch(f -> f.attach() == Attach.PORT);
    assertThat(plan.feeds()).noneMatch(f -> f.attach() == Attach.CUT);
  }

  /**
   * Six eaves in feet on a 12 V box of four ports: by hand the two short ones chained behind their
   * neighbours, a feed at the far end of each chain; some 75 m of 16AWG and three feeds.
   */
  @Test
  void sixEavesOnFourPorts() {
    Show show =
        boxes(
            List.of(
                line("e1", "12v-string-10", 97, 0, 3, 9.7),
                line("e2", "12v-string-10", 60, 9.8, 3, 15.8),
                line("e3", "12v-string-10", 48, 0, 6, 4.9),
                line("e4", "12v-string-10", 73, 5, 6, 12.2),
                line("e5", "12v-string-10", 36, 16, 3, 16),
                line("e6", "12v-string-10", 121, 16, 6, 28)),
            "box-4",
            8,
            1);
    double leads = 11 * 1.0 + 14 * 1.0 + 9 * 1.0 + 14 * 1.0;
    double chained = 0.6 * 1.0 + 0.7 * 1.0;
    double feeds = 3 * (4 + 2.5) + 12 * 1.4 + 6 * 1.4 + 26 * 1.4;
    assertThat(plan(show).totals().buildCost()).isLessThanOrEqualTo(leads + chained + feeds + 40);
  }

  /**
   * 260 m of 24 V trim, three places for a box. By hand: two boxes of four ports, half of the runs
   * on each, every 26 m fed at both ends; some 350 m of cable, most of it 18AWG.
   */
  @Test
  void aLongTrimHasABoxWhereTheCableIsShort() {
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < 10; i++) {
      runs.add(line("trim " + i, "24v-string-8-reg", 208, i * 26, 3, i * 26 + 26));
    }
    Show show =
        Show.of(runs)
            .withSites(List.of(new Site("a", 40, 1), new Site("b", 130, 1), new Site("c", 220, 1)));
    double boxes = 2 * (60 + 50);
    double supplies = 4 * 42;
    double feeds = 10 * (4 + 2.5);
    double hand = boxes + supplies + feeds + 10 * 2 * 35 * 0.7;
    Reading plan = plan(show);
    assertThat(plan.decisions().unplaced()).isEmpty();
    assertThat(plan.totals().controllers()).isGreaterThanOrEqualTo(2);
    assertThat(plan.totals().buildCost()).isLessThanOrEqualTo(hand);
  }

  /**
   * A ring and twelve boards at 5 V on sixteen ports: each board at its own port (3.2 m of 16AWG on
   * average), the ring fed at every 120 px (seven feeds, 5 m of 12AWG, four of them cut in).
   */
  @Test
  void aRingAndTwelveBoards() {
    List<Run> runs = new ArrayList<>();
    runs.add(
        Run.of("ring", "5v-strip-60", 720)
            .withHanging(Hanging.along(new Course.Ring(new Point(0, 3), 1.91, 0, 360))));
    for (int i = 0; i < 12; i++) {
      double a = Math.toRadians(30 * i);
      runs.add(
          Run.of("board " + (i + 1), "5v-strip-60", 60)
              .withHanging(
                  Hanging.straight(
                      new Point(0.4 * Math.cos(a), 3 + 0.4 * Math.sin(a)),
                      Optional.of(new Point(1.4 * Math.cos(a), 3 + 1.4 * Math.sin(a))))));
    }
    double boards = 12 * 3.2 * 1.0;
    double ring = 5 * 0.4 + 7 * 4 + 3 * 2.5 + 4 * 10 + 7 * 5 * 2.1;
    Reading plan = plan(boxes(runs, "box-16", 0, 1));
    assertThat(plan.totals().buildCost()).isLessThanOrEqualTo(boards + ring + 80);
  }

  /** No school by itself is cheaper than the planner at its own choice. */
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
          assertThat(best.totals().buildCost())
              .as("show " + i + ", " + school)
              .isLessThanOrEqualTo(plan.totals().buildCost() + 1e-6);
        }
      }
    }
    assertThat(told).isGreaterThan(150);
  }
}
