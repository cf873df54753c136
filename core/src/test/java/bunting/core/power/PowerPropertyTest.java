package bunting.core.power;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.island.Island;
import bunting.core.plan.Planner;
import bunting.core.show.Conductors;
import bunting.core.show.Feed;
import bunting.core.show.InjectionSchool;
import bunting.core.show.PowerWays;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;

/** Random shows with random copper, joints, trims, brightness and schools keep the rules. */
@Tag("property")
class PowerPropertyTest {
  private static final List<String> TYPES =
      List.of("5v-strip-60", "5v-strip-30", "12v-strip-60", "24v-strip-60-rgbw", "5v-string-10");

  private static Show random(Random random) {
    List<Run> runs = new ArrayList<>();
    for (int r = 0; r < 1 + random.nextInt(6); r++) {
      String type = TYPES.get(random.nextInt(TYPES.size()));
      runs.add(Run.of("run " + r, type, 6 * (1 + random.nextInt(60))));
    }
    Conductors copper =
        new Conductors(
            random.nextInt(60),
            random.nextInt(6),
            random.nextInt(6),
            random.nextInt(6),
            random.nextInt(2),
            1 + random.nextInt(3),
            random.nextBoolean() ? Optional.of("12AWG") : Optional.empty(),
            true,
            random.nextBoolean() ? Map.of(5.0, 5.2) : Map.of());
    PowerWays d = PowerWays.DEFAULT;
    PowerWays ways =
        new PowerWays(
            random.nextInt(3) == 0
                ? List.of(InjectionSchool.values()).get(random.nextInt(6))
                : InjectionSchool.BEST,
            60 + random.nextInt(100),
            random.nextBoolean(),
            random.nextBoolean(),
            random.nextBoolean(),
            random.nextBoolean(),
            d.boxLitres(),
            d.ambientCelsius(),
            random.nextBoolean());
    Show show =
        Show.of(runs).withSettings(ShowSettings.DEFAULT.withBrightness(30 + random.nextInt(71)));
    return show.withWiring(show.wiring().with(copper).with(ways));
  }

  @Property(tries = 150, seed = "61")
  void everyPlanKeepsTheRules(@ForAll long seed) {
    Show show = random(new Random(seed));
    Reading reading = Reading.of(show, Planner.sketch(show));
    boolean best = show.wiring().ways().school() == InjectionSchool.BEST;
    Map<String, Double> fuses = new HashMap<>();
    reading.feeds().forEach(f -> fuses.merge(f.feed().fuse(), f.amps(), Double::sum));
    for (FeedReading f : reading.feeds()) {
      Wire wire = Wire.parse(f.feed().wire()).orElseThrow();
      assertThat(f.feed().fuseAmps()).isLessThanOrEqualTo(wire.fuseAmpsMax());
      if (best) {
        assertThat(f.feed().fuseAmps())
            .as(seed + " " + f)
            .isGreaterThanOrEqualTo(fuses.get(f.feed().fuse()) * 1.25 - 1e-6);
      }
    }
    for (SegmentReading s : reading.segments()) {
      if (best) {
        assertThat(s.stands()).isTrue();
        assertThat(s.volts().lowest())
            .as(seed + " " + s.run().name())
            .isGreaterThanOrEqualTo(s.type().volts() * 0.9);
      }
    }
    reading
        .supplies()
        .forEach(
            s -> assertThat(s.loadWatts()).isLessThanOrEqualTo(s.type().usableWatts(80) + 1e-6));
    for (Island island : reading.islands()) {
      List<String> supplies = island.feeds().stream().map(Feed::supply).distinct().toList();
      assertThat(supplies).hasSizeLessThanOrEqualTo(1);
      island.solution().ifPresent(s -> kirchhoff(island, s.totalAmps()));
    }
  }

  /** What an island's feeds bring is what its pixels draw. */
  private static void kirchhoff(Island island, double fed) {
    double drawn = 0;
    for (int i = 0; i < island.line().size(); i++) {
      drawn += island.line().ampsAt(i, island.solution().orElseThrow().volts().at(i));
    }
    assertThat(fed).isCloseTo(drawn, within(1e-5));
  }

  @Property(tries = 15, seed = "62")
  void theSameShowIsTheSamePlan(@ForAll long seed) {
    Show show = random(new Random(seed));
    assertThat(Planner.sketch(show).feeds()).isEqualTo(Planner.sketch(show).feeds());
  }
}
