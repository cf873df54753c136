package bunting.core.power;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import bunting.core.assess.SegmentReading;
import bunting.core.assess.TrunkReading;
import bunting.core.copper.TailRule;
import bunting.core.island.Island;
import bunting.core.plan.Planner;
import bunting.core.show.Feed;
import bunting.core.show.InjectionSchool;
import bunting.core.show.Show;
import bunting.core.show.Wire;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;

/** Random shows with random copper, joints, trims, brightness and schools keep the rules. */
@Tag("property")
class PowerPropertyTest {
  @Property(tries = 150, seed = "61")
  void everyPlanKeepsTheRules(@ForAll long seed) {
    Show show = RandomWiring.show(new Random(seed));
    Reading reading = Reading.of(show, Planner.sketch(show));
    boolean best = show.wiring().ways().school() == InjectionSchool.BEST;
    Map<String, Double> fuses = new HashMap<>();
    reading.feeds().forEach(f -> fuses.merge(f.feed().fuse(), f.amps(), Double::sum));
    for (FeedReading f : reading.feeds()) {
      Wire wire = Wire.parse(f.feed().wire()).orElseThrow();
      boolean tail = f.feed().trunk().isPresent();
      assertThat(f.feed().fuseAmps())
          .isLessThanOrEqualTo(tail ? TailRule.fuseMost(wire) : wire.fuseAmpsMax());
      if (best) {
        assertThat(f.feed().fuseAmps())
            .as(seed + " " + f)
            .isGreaterThanOrEqualTo(fuses.get(f.feed().fuse()) * 1.25 - 1e-6);
      }
    }
    for (TrunkReading t : reading.trunks()) {
      Wire wire = Wire.parse(t.trunk().wire()).orElseThrow();
      assertThat(t.fuseAmps()).as(seed + " " + t).isLessThanOrEqualTo(wire.fuseAmpsMax());
      assertThat(t.fuseAmps()).isGreaterThanOrEqualTo(t.amps() * 1.25 - 1e-6);
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
    Show show = RandomWiring.show(new Random(seed));
    assertThat(Planner.sketch(show).feeds()).isEqualTo(Planner.sketch(show).feeds());
  }
}
