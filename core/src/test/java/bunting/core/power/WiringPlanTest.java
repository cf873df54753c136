package bunting.core.power;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.Reading;
import bunting.core.copper.Fuses;
import bunting.core.copper.TailRule;
import bunting.core.island.Island;
import bunting.core.plan.Planner;
import bunting.core.plan.Posts;
import bunting.core.plan.SchoolTable;
import bunting.core.show.Conductors;
import bunting.core.show.Controller;
import bunting.core.show.Feed;
import bunting.core.show.FuseSizes;
import bunting.core.show.Hanging;
import bunting.core.show.InjectionSchool;
import bunting.core.show.Point;
import bunting.core.show.PowerWays;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.Wire;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Schools, conductors, posts by hand and trims, planned and read. */
@Tag("property")
class WiringPlanTest {
  private static final PowerWays WAYS = PowerWays.DEFAULT;

  private static Show weir(int pixels) {
    return Show.of(List.of(Run.of("Weir", "5v-strip-60", pixels)));
  }

  private static Show school(Show show, InjectionSchool school, int every) {
    return show.withWiring(show.wiring().with(WAYS.with(school, every)));
  }

  private static Reading plan(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  @Test
  void eachSchoolFeedsWhereItSays() {
    assertThat(at(plan(school(weir(300), InjectionSchool.FRONT, 1)))).containsExactly(1);
    assertThat(at(plan(school(weir(120), InjectionSchool.ENDS, 1)))).containsExactly(1, 120);
    assertThat(at(plan(school(weir(300), InjectionSchool.EVERY, 100))))
        .containsExactly(1, 101, 201);
    Reading trunk = plan(school(weir(300), InjectionSchool.TRUNK, 50));
    assertThat(at(trunk)).containsExactly(1, 51, 101, 151, 201, 251);
    assertThat(trunk.trunks().getFirst().trunk().tails()).hasSize(6);
    // Each 100 alone does not hold: the last pixel gets a tail too.
    Reading fewer = plan(school(weir(300), InjectionSchool.TRUNK, 100));
    assertThat(at(fewer)).containsExactly(1, 101, 201, 300);
  }

  private static List<Integer> at(Reading reading) {
    return reading.feeds().stream().map(f -> f.feed().atPixel()).toList();
  }

  @Test
  void aSecondSupplyHasVPlusCutBetween() {
    Reading two = plan(school(weir(300), InjectionSchool.SECOND_SUPPLY, 1));
    assertThat(two.decisions().breaks()).hasSize(1);
    assertThat(two.feeds().stream().map(f -> f.feed().supply()).distinct()).hasSize(2);
    assertThat(two.islands()).hasSize(2);
  }

  /** Best of all never takes more feeds than any school that holds. */
  @Property(tries = 25, seed = "41")
  void bestOfAllIsNoWorseThanAnySchoolThatHolds(@ForAll long seed) {
    Random random = new Random(seed);
    Reading reading = plan(weir(60 + random.nextInt(300)));
    List<SchoolTable.Row> rows =
        SchoolTable.of(
            reading,
            reading.ports().stream().filter(p -> p.pixels() > 0).findFirst().orElseThrow());
    SchoolTable.Row best =
        rows.stream().filter(r -> r.school() == InjectionSchool.BEST).findFirst().orElseThrow();
    assertThat(best.holds()).isTrue();
    for (SchoolTable.Row row : rows) {
      boolean cables = row.school() != InjectionSchool.TRUNK;
      assertThat(!row.holds() || !cables || row.feeds() >= best.feeds())
          .as(row + " against " + best)
          .isTrue();
    }
  }

  /** Every plan of every school keeps the fuse rule; volts may be short where one was asked for. */
  @ParameterizedTest
  @EnumSource(InjectionSchool.class)
  void fusesHoldInEverySchool(InjectionSchool school) {
    for (int pixels : new int[] {30, 140, 333, 720}) {
      Reading reading = plan(school(weir(pixels), school, 120));
      for (var f : reading.feeds()) {
        Wire wire = Wire.parse(f.feed().wire()).orElseThrow();
        double most = f.feed().trunk().isPresent() ? TailRule.fuseMost(wire) : wire.fuseAmpsMax();
        assertThat(f.feed().fuseAmps()).isLessThanOrEqualTo(most);
      }
      for (var t : reading.trunks()) {
        Wire wire = Wire.parse(t.trunk().wire()).orElseThrow();
        assertThat(t.fuseAmps()).isLessThanOrEqualTo(wire.fuseAmpsMax());
      }
    }
  }

  /**
   * Copper at 60 degC has 1 + 0.00393 x 40 = 1.157 times its resistance at 20 degC (IEC 60028, from
   * memory): so much more is lost in cable and rails.
   */
  @Test
  void warmCopperDropsMore() {
    Show cold = school(weir(60), InjectionSchool.FRONT, 1);
    Reading before = plan(cold);
    Show warm = cold.withWiring(cold.wiring().with(copper(60, 0, 0)));
    Reading after = Reading.of(warm, before.decisions());
    double dropCold = 5 - before.segments().getFirst().volts().lowest();
    double dropWarm = 5 - after.segments().getFirst().volts().lowest();
    assertThat(dropWarm / dropCold).isCloseTo(1.1572, within(1e-6));
  }

  /** Two contacts of 5 mOhm and a fuse of 4 in the way of 3 A lose 42 mV (arithmetic). */
  @Test
  void jointsAndFusesDropVolts() {
    Show plain = school(weir(60), InjectionSchool.FRONT, 1);
    Reading before = plan(plain);
    Show real = plain.withWiring(plain.wiring().with(copper(20, 4, 5)));
    Reading after = Reading.of(real, before.decisions());
    assertThat(
            before.segments().getFirst().volts().at(0) - after.segments().getFirst().volts().at(0))
        .isCloseTo(3 * 0.014, within(1e-9));
  }

  private static Conductors copper(double celsius, double fuse, double contact) {
    return new Conductors(
        celsius, fuse, contact, 0, 0, 1, Optional.empty(), true, Map.of(), Conductors.JUMPER);
  }

  /** A trim lifts every pixel of constant current by as much (arithmetic). */
  @ParameterizedTest
  @CsvSource({"5.1", "5.3"})
  void aTrimLiftsEveryPixel(double volts) {
    Show show = weir(150);
    Reading before = plan(show);
    Show trimmed =
        show.withWiring(show.wiring().with(show.wiring().conductors().withTrim(5, volts)));
    Reading after = Reading.of(trimmed, before.decisions());
    for (int i = 0; i < 150; i++) {
      assertThat(after.segments().getFirst().volts().at(i))
          .isCloseTo(before.segments().getFirst().volts().at(i) + volts - 5, within(1e-9));
    }
    assertThat(plan(trimmed).feeds().size()).isLessThanOrEqualTo(before.feeds().size());
  }

  /** Without a limiter fuses bear full white although the show is designed for a third. */
  @Test
  void withoutALimiterFusesBearFullWhite() {
    Show dim = weir(100).withSettings(ShowSettings.DEFAULT.withBrightness(30));
    double limited = fuses(plan(dim));
    double open = fuses(plan(dim.withWiring(dim.wiring().with(WAYS.withLimiter(false)))));
    assertThat(limited).isLessThan(5);
    assertThat(open).isGreaterThanOrEqualTo(5 * 1.25);
  }

  private static double fuses(Reading reading) {
    return reading.feeds().stream().mapToDouble(f -> f.feed().fuseAmps()).sum();
  }

  @Test
  void aPostByHandStaysAndTheReadingFollows() {
    Show show = weir(300);
    Reading before = plan(show);
    Island island = before.islands().getFirst();
    Feed feed = before.feeds().getLast().feed();
    var moved = Posts.moved(before.decisions(), feed.id(), 250);
    Reading trial = Reading.of(show, moved, before);
    Show kept = Posts.keep(trial.show(), trial, island, Optional.empty());
    Reading after = plan(kept);
    assertThat(at(after)).contains(250);
    assertThat(after.feeds()).hasSize(before.feeds().size());
    assertThat(plan(Posts.release(kept, island)).decisions().feeds())
        .isEqualTo(before.decisions().feeds());
    var pulled = Posts.pulled(before.decisions(), feed.id());
    Show fewer = Posts.keep(show, Reading.of(show, pulled, before), island, Optional.empty());
    assertThat(plan(fewer).feeds()).hasSize(before.feeds().size() - 1);
    var planted = Posts.planted(before.decisions(), island, feed.segment(), 10);
    Show more = Posts.keep(show, Reading.of(show, planted, before), island, Optional.empty());
    assertThat(at(plan(more))).contains(10);
  }

  /** What a reading takes over from one before is what it would have solved itself. */
  @Property(tries = 30, seed = "43")
  void aReadingThatReusesIslandsIsTheSame(@ForAll long seed) {
    Random random = new Random(seed);
    Show show =
        Show.of(
            List.of(
                Run.of("Weir", "5v-strip-60", 100 + random.nextInt(200)),
                Run.of("Sluice", "12v-strip-60", 100 + random.nextInt(300)),
                Run.of("Owl", "5v-strip-30", 20 + random.nextInt(60))));
    Reading before = plan(show);
    Feed feed = before.feeds().get(random.nextInt(before.feeds().size())).feed();
    var change = Posts.stretched(before.decisions(), feed.id(), 1 + random.nextInt(9));
    Reading quick = Reading.of(show, change, before);
    Reading fresh = Reading.of(show, change);
    assertThat(quick.feeds()).isEqualTo(fresh.feeds());
    assertThat(quick.totals()).isEqualTo(fresh.totals());
    Island touched =
        before.islands().stream().filter(i -> i.feeds().contains(feed)).findFirst().orElseThrow();
    List<Island> others =
        before.islands().stream()
            .filter(i -> i.port() != touched.port() || !i.controller().equals(touched.controller()))
            .toList();
    assertThat(quick.islands()).containsAll(others);
  }

  /** Nobody wants nine kinds of wire: few sizes, and little more copper for it. */
  @Test
  void fewSizesCostLittleCopper() {
    Show show =
        Show.of(
            List.of(
                Run.of("Weir", "5v-strip-60", 333),
                Run.of("Owl", "5v-strip-30", 40),
                Run.of("Sluice", "12v-strip-60", 250),
                Run.of("Willow", "12v-strip-60", 60)));
    Reading all = plan(show.withWiring(show.wiring().with(WAYS.withFewSizes(false))));
    Reading few = plan(show);
    assertThat(kinds(few)).isLessThanOrEqualTo(kinds(all));
    double copperAll = bunting.core.plan.Copper.of(all).kilograms();
    assertThat(bunting.core.plan.Copper.of(few).kilograms()).isLessThanOrEqualTo(1.16 * copperAll);
  }

  /** Nobody stocks five sizes of fuse: one, where cables and rails bear it anyway. */
  @Test
  void fusesAreOfFewSizesThatTheirWiresBear() {
    Show show =
        Show.of(
                List.of(
                    string("Weir", 20, 8, 0),
                    string("Owl", 40, -9, 3),
                    string("Sluice", 60, 0, 14)))
            .withControllers(List.of(new Controller("A", "box-8", 0, 0)));
    Show apart = show.withWiring(show.wiring().with(PowerWays.DEFAULT.withFuses(FuseSizes.EACH)));
    List<Feed> few = plan(show).feeds().stream().map(f -> f.feed()).toList();
    List<Feed> each = plan(apart).feeds().stream().map(f -> f.feed()).toList();
    assertThat(sizes(few)).isLessThan(sizes(each));
    for (int i = 0; i < few.size(); i++) {
      assertThat(few.get(i).fuseAmps())
          .isGreaterThanOrEqualTo(each.get(i).fuseAmps())
          .isLessThanOrEqualTo(
              Math.max(
                  each.get(i).fuseAmps(),
                  Wire.parse(few.get(i).wire()).orElseThrow().fuseAmpsMax() / Fuses.OPENS_SHARE));
      assertThat(few.get(i).wire()).isEqualTo(each.get(i).wire());
    }
  }

  @Test
  void oneSizeChoosesWiresThatBearIt() {
    Show show =
        Show.of(List.of(Run.of("Weir", "5v-strip-60", 80), Run.of("Owl", "12v-strip-60", 60)));
    Show five = show.withWiring(show.wiring().with(PowerWays.DEFAULT.withFuses(FuseSizes.FIVE)));
    assertThat(plan(show).feeds())
        .anyMatch(f -> Wire.parse(f.feed().wire()).orElseThrow().fuseAmpsMax() < 5);
    assertThat(plan(five).feeds())
        .allSatisfy(f -> assertThat(f.feed().fuseAmps()).isEqualTo(5))
        .allMatch(f -> Wire.parse(f.feed().wire()).orElseThrow().fuseAmpsMax() >= 5);
  }

  private static Run string(String name, int pixels, double x, double y) {
    return Run.of(name, "12v-string-10", pixels)
        .withHanging(Hanging.straight(new Point(x, y), Optional.empty()));
  }

  private static long sizes(List<Feed> feeds) {
    return feeds.stream().map(Feed::fuseAmps).distinct().count();
  }

  private static long kinds(Reading reading) {
    return reading.feeds().stream().map(f -> f.feed().wire()).distinct().count();
  }

  @Test
  void theNextSizeUpIsOneSizeMore() {
    Show show = weir(300);
    Show up = show.withWiring(show.wiring().with(WAYS.withNextSizeUp(true)));
    assertThat(plan(up).supplies().getFirst().type().watts())
        .isGreaterThanOrEqualTo(plan(show).supplies().getFirst().type().watts());
  }
}
