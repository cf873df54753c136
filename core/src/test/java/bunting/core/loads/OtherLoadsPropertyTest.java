package bunting.core.loads;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.OtherReading;
import bunting.core.assess.Reading;
import bunting.core.plan.Assessor;
import bunting.core.show.BulbString;
import bunting.core.show.Circuit;
import bunting.core.show.OtherLoads;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.Tag;
import org.junit.jupiter.api.Test;

/** Random sets and strings, each rule checked from outside on what was planned. */
@Tag("property")
class OtherLoadsPropertyTest {
  private static final int SHOWS = 200;

  private static Show show(Random random) {
    List<PlainSet> sets = new ArrayList<>();
    double[] volts = {5, 12, 24};
    for (int i = 0; i < random.nextInt(14); i++) {
      sets.add(
          new PlainSet(
              "set " + i,
              volts[random.nextInt(3)],
              1 + random.nextInt(4),
              1 + random.nextInt(120),
              new Point(random.nextInt(40), 0),
              OptionalDouble.empty(),
              random.nextBoolean() ? Optional.of("g" + random.nextInt(3)) : Optional.empty()));
    }
    List<BulbString> strings = new ArrayList<>();
    for (int i = 0; i < random.nextInt(10); i++) {
      strings.add(
          new BulbString(
              "bulbs " + i,
              1 + random.nextInt(200),
              0.5 * (1 + random.nextInt(20)),
              1 + random.nextInt(10),
              random.nextInt(60),
              new Point(random.nextInt(40), 0)));
    }
    Show bare =
        Show.of(
            random.nextBoolean()
                ? List.of(Run.of("pixels", "12v-string-10", 1 + random.nextInt(500)))
                : List.of());
    Optional<List<Circuit>> circuits =
        random.nextBoolean()
            ? Optional.of(List.of(new Circuit("a", 230, 16, 2), new Circuit("b", 230, 10, 0)))
            : Optional.empty();
    return new Show(
            bare.settings(),
            List.of(),
            bare.addressing(),
            bare.catalogue(),
            Optional.empty(),
            circuits,
            bare.runs())
        .withOthers(new OtherLoads(sets, strings));
  }

  @Test
  void everyPlanKeepsEveryRule() {
    for (int seed = 0; seed < SHOWS; seed++) {
      Show show = show(new Random(seed));
      Reading reading = Assessor.plan(show).reading();
      boards(show, reading);
      slots(reading);
      chains(show, reading);
      nothingIsLost(show, reading);
      circuits(show, reading);
    }
  }

  private static void boards(Show show, Reading reading) {
    Map<String, Double> amps = new HashMap<>();
    Map<String, Set<Integer>> outputs = new HashMap<>();
    Map<String, Wire> wires = show.catalogue().wiresById();
    for (OtherReading.Set s : reading.others().sets()) {
      String board = s.output().dimmer();
      double own = s.set().watts() / s.set().volts();
      amps.merge(board, own, Double::sum);
      for (int i = 0; i < s.set().channels(); i++) {
        assertThat(
                outputs
                    .computeIfAbsent(board, k -> new HashSet<>())
                    .add(s.output().firstOutput() + i))
            .as("an output drives one colour of one set")
            .isTrue();
      }
      assertThat(s.output().fuseAmps()).isGreaterThanOrEqualTo(1.25 * own - 1e-9);
      assertThat(wires.get(s.output().wire()).fuseAmpsMax())
          .isGreaterThanOrEqualTo(s.output().fuseAmps());
    }
    for (OtherReading.Board b : reading.others().boards()) {
      double sum = amps.get(b.dimmer().id());
      assertThat(b.amps()).isCloseTo(sum, within(1e-9));
      assertThat(sum).isLessThanOrEqualTo(b.type().boardAmpsMax() + 1e-9);
      assertThat(b.type().volts()).contains(b.dimmer().volts());
      assertThat(b.dimmer().fuseAmps()).isGreaterThanOrEqualTo(1.25 * sum - 1e-9);
      assertThat(outputs.get(b.dimmer().id()).stream().mapToInt(i -> i).max().orElse(0))
          .isLessThanOrEqualTo(b.type().outputs());
      var supply =
          reading.supplies().stream()
              .filter(s -> s.supply().id().equals(b.dimmer().supply()))
              .findFirst()
              .orElseThrow();
      assertThat(supply.loadAmps()).isCloseTo(sum, within(1e-9));
      assertThat(supply.type().volts()).isEqualTo(b.dimmer().volts());
      assertThat(supply.loadWatts()).isLessThanOrEqualTo(0.8 * supply.type().watts() + 1e-6);
    }
    for (OtherReading.Set s : reading.others().sets()) {
      var board =
          reading.others().boards().stream()
              .filter(b -> b.dimmer().id().equals(s.output().dimmer()))
              .findFirst()
              .orElseThrow();
      assertThat(s.set().watts() / s.set().volts() / s.set().channels())
          .isLessThanOrEqualTo(board.type().outputAmpsMax() + 1e-9);
      assertThat(s.set().volts()).isEqualTo(board.dimmer().volts());
    }
  }

  private static void slots(Reading reading) {
    Set<Long> taken = new HashSet<>();
    reading
        .segments()
        .forEach(
            s -> s.slots().forEach(r -> take(taken, r.universe(), r.firstSlot(), r.lastSlot())));
    reading
        .others()
        .sets()
        .forEach(
            s -> {
              var row = s.slots().orElseThrow();
              assertThat(row.lastSlot() - row.firstSlot() + 1).isEqualTo(s.set().channels());
              assertThat(row.lastSlot()).isLessThanOrEqualTo(512);
              take(taken, row.universe(), row.firstSlot(), row.lastSlot());
            });
    assertThat((long) taken.size()).isEqualTo(reading.totals().channels());
  }

  private static void take(Set<Long> taken, int universe, int first, int last) {
    for (int slot = first; slot <= last; slot++) {
      assertThat(taken.add(universe * 1000L + slot)).as("a slot is given once").isTrue();
    }
  }

  private static void chains(Show show, Reading reading) {
    for (OtherReading.Chain c : reading.others().chains()) {
      double behind = 0;
      for (BulbString b : c.strings().reversed()) {
        behind += b.bulbs() * b.wattsPerBulb() / (230 * 110.0 / 120);
        assertThat(behind).as("through the cord of " + b.name()).isLessThan(b.cordAmpsMax() + 1e-9);
      }
      assertThat(c.amps()).isCloseTo(behind, within(1e-9));
    }
    assertThat(show.others().bulbStrings().size())
        .isGreaterThanOrEqualTo(reading.others().chains().size());
  }

  private static void nothingIsLost(Show show, Reading reading) {
    Set<String> seen = new HashSet<>();
    reading.others().sets().forEach(s -> seen.add(s.set().name()));
    reading.others().chains().forEach(c -> seen.addAll(c.chain().strings()));
    reading.decisions().unplaced().forEach(u -> seen.add(u.run()));
    show.others().plainSets().forEach(s -> assertThat(seen).contains(s.name()));
    show.others().bulbStrings().forEach(b -> assertThat(seen).contains(b.name()));
  }

  private static void circuits(Show show, Reading reading) {
    Map<String, Double> amps = new HashMap<>();
    for (var s : reading.supplies()) {
      s.supply()
          .circuit()
          .ifPresent(
              c ->
                  amps.merge(
                      c,
                      s.loadWatts() / (s.type().efficiency() * s.type().powerFactor() * 230),
                      Double::sum));
    }
    for (OtherReading.Chain c : reading.others().chains()) {
      c.chain().circuit().ifPresent(k -> amps.merge(k, c.amps(), Double::sum));
    }
    for (var c : reading.circuits()) {
      double load = amps.getOrDefault(c.circuit().id(), 0.0);
      assertThat(c.loadAmps()).isCloseTo(load, within(1e-9));
      assertThat(load + c.circuit().existingAmps())
          .isLessThanOrEqualTo(0.8 * c.circuit().breakerAmps() + 1e-9);
    }
    if (show.circuits().isEmpty()) {
      assertThat(reading.circuits()).isEmpty();
    }
  }

  @Test
  void theSameShowIsPlannedTheSameWay() {
    Show show = show(new Random(7));
    assertThat(Assessor.plan(show).reading().decisions())
        .isEqualTo(Assessor.plan(show).reading().decisions());
  }
}
