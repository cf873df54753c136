package bunting.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.Controller;
import bunting.core.show.Fitting;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.StandardCatalogue;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Voltages side by side, what moves when a count changes, and slots by a run's fitting. */
class ComparisonTest {
  private static Show show() {
    return Show.of(
        List.of(
            Run.of("curtain", "5v-strip-60", 600),
            Run.of("rail", "5v-strip-60", 300),
            Run.of("gate", "5v-strip-60", 240)));
  }

  @Test
  void higherVoltsNeedFewerAmpsAndLessCopper() {
    List<VoltageOption> options = new ArrayList<>();
    for (double volts : VoltageComparison.VOLTS) {
      options.add(VoltageComparison.at(volts, show(), Set.of()));
    }
    assertThat(options).allSatisfy(o -> assertThat(o.unplacedPixels()).isZero());
    for (int i = 1; i < options.size(); i++) {
      var less = options.get(i).plan().reading().totals();
      var more = options.get(i - 1).plan().reading().totals();
      assertThat(less.amps()).isLessThan(more.amps());
      assertThat(less.feeds()).isLessThanOrEqualTo(more.feeds());
    }
    assertThat(options.getLast().copper().kilograms())
        .isLessThan(options.getFirst().copper().kilograms());
    assertThat(options.getFirst().current()).isTrue();
  }

  @Test
  void aMadeTypeKeepsTheWatts() {
    PixelType five = StandardCatalogue.get().pixelTypesById().get("5v-strip-60");
    PixelType made = VoltageComparison.at(48, five, StandardCatalogue.get());
    assertThat(made.volts() * made.milliampsFull()).isCloseTo(250, within(1e-9));
    assertThat(VoltageComparison.at(12, five, StandardCatalogue.get()).id())
        .isEqualTo("12v-strip-60");
  }

  @Test
  void takingOverChangesTheChosenRunsAlone() {
    VoltageOption option = VoltageComparison.at(24, show(), Set.of("rail"));
    assertThat(option.plan().reading().totals().pixels()).isEqualTo(300);
    Show taken = option.takeOver();
    assertThat(taken.runs()).hasSize(3);
    assertThat(taken.run("rail").orElseThrow().type()).contains("24v");
    assertThat(taken.run("gate").orElseThrow().type()).isEqualTo("5v-strip-60");
    assertThat(Assessor.plan(taken).reading().decisions().unplaced()).isEmpty();
  }

  @Test
  void boxesThatDoNotTakeTheVoltsAreReplacedWhereTheyStand() {
    Show given = show().withControllers(List.of(new Controller("mill", "box-8", 3, 1)));
    VoltageOption option = VoltageComparison.at(48, given, Set.of());
    assertThat(option.unplacedPixels()).isZero();
    assertThat(option.plan().reading().decisions().controllers().getFirst().controller().x())
        .isEqualTo(3);
    assertThat(VoltageComparison.at(12, given, Set.of()).takeOver().controllers()).isPresent();
  }

  /** One run is taken over; the box of the other and its pin are none of its business. */
  @Test
  void boxesAndPinsOfOtherRunsStay() {
    Run pinned =
        Run.of("gate", "5v-strip-60", 240)
            .withPin(Optional.of(new bunting.core.show.Pin("mill", OptionalInt.of(2))));
    Show given =
        Show.of(List.of(Run.of("rail", "5v-strip-60", 300), pinned))
            .withControllers(List.of(new Controller("mill", "box-8", 3, 1)));
    Show taken = VoltageComparison.at(48, given, Set.of("rail")).takeOver();
    assertThat(taken.run("gate").orElseThrow()).isEqualTo(pinned);
    assertThat(taken.controllers().orElseThrow())
        .extracting(Controller::id)
        .containsExactly("mill", "48 V box 1");
    assertThat(Assessor.plan(taken).reading().decisions().unplaced()).isEmpty();
    Show all =
        VoltageComparison.at(48, show().withControllers(given.controllers().get()), Set.of())
            .takeOver();
    assertThat(all.controllers().orElseThrow()).noneMatch(c -> c.id().equals("mill"));
    assertThat(Assessor.plan(all).reading().decisions().unplaced()).isEmpty();
  }

  /** 1 km of 2.5 mm2 copper weighs 22.2 kg at 8.89 g/cm3 (IEC 60028), so a pair 44.5 kg. */
  @Test
  void copperWeighsWhatItWeighs() {
    Wire solid = new Wire("2.5", 1.0 / 58 / 2.5, 20);
    assertThat(Copper.pairKilograms(solid, 1000)).isCloseTo(44.45, within(0.01));
  }

  @Test
  void aBuiltCountMovesWhatLiesBehindIt() {
    Show before = show();
    Run rail = before.run("curtain").orElseThrow().withBuilt(OptionalInt.of(597));
    Assessment old = Assessor.plan(before);
    Moves moves = Moves.between(old, Assessor.plan(before.withRun(rail)));
    assertThat(moves.moved()).extracting(Moves.Move::run).containsExactlyInAnyOrder("rail", "gate");
    assertThat(moves.text()).startsWith("2 runs move").contains("1 keep");
    assertThat(rail.plannedPixels()).isEqualTo(600);
    assertThat(Moves.between(old, old).moved()).isEmpty();
    assertThat(rail.withBuilt(OptionalInt.empty()).pixels()).isEqualTo(600);
  }

  @Test
  void neighboursShareSlotsAndReversedRunsBeginAtTheFarEnd() {
    Run shared = Run.of("shared", "12v-string-10", 52);
    Fitting fives = new Fitting(5, Optional.of("BGR"), true);
    var reading = Assessor.plan(Show.of(List.of(shared.withFitting(fives)))).reading();
    var segment = reading.segments().getFirst();
    assertThat(reading.totals().channels()).isEqualTo(33);
    assertThat(reading.totals().pixels()).isEqualTo(52);
    assertThat(segment.order()).isEqualTo("BGR");
    var row = segment.slots().getFirst();
    assertThat(row.lastSlot()).isEqualTo(33);
    assertThat(row.firstPixel()).isEqualTo(52);
    assertThat(row.lastPixel()).isEqualTo(1);
  }

  /** Twelve lines of 25 cm at 30 a metre are 7 pixels each, not 90 in all: no mistake. */
  @Test
  void shortLinesThatAreRoundedDownAreNoMistake() {
    var grid =
        new bunting.core.show.Course.Grid(
            new bunting.core.show.Point(0, 0), 12, 0.25, 0.1, 0, false);
    Run run =
        Run.of("panel", "5v-strip-30", 84)
            .withHanging(bunting.core.show.Hanging.along(grid))
            .withLength(java.util.OptionalDouble.of(3));
    assertThat(Assessor.plan(Show.of(List.of(run))).findings())
        .noneMatch(f -> f.code().equals("length-mismatch"));
    assertThat(Assessor.plan(Show.of(List.of(run.withPixels(60)))).findings())
        .anyMatch(f -> f.code().equals("length-mismatch"));
  }

  /**
   * 24 V strip is cut every 6; groups of 999 meet a cut mark every 1998 pixels: no port has that.
   */
  @Test
  void groupsLongerThanAPortAreDividedSoonerThanLeft() {
    Run run =
        Run.of("ribs", "24v-strip-60-rgbw", 2400)
            .withFitting(new Fitting(999, Optional.empty(), false));
    var reading = Assessor.plan(Show.of(List.of(run))).reading();
    assertThat(reading.decisions().unplaced()).isEmpty();
    assertThat(reading.totals().pixels()).isEqualTo(2400);
    Run fours = run.withFitting(new Fitting(4, Optional.empty(), false));
    Assessor.plan(Show.of(List.of(fours)))
        .reading()
        .segments()
        .forEach(s -> assertThat((s.segment().firstPixel() - 1) % 12).isZero());
  }

  @Test
  void groupsAcrossUniversesKeepTheirPixels() {
    Run run =
        Run.of("r", "12v-string-10", 800).withFitting(new Fitting(4, Optional.empty(), false));
    Show show = bunting.core.Chains.onOnePort(Show.of(List.of(run)), "box-4");
    var rows = Assessor.plan(show).reading().segments().getFirst().slots();
    // 200 groups: 170 in the first universe are 680 pixels.
    assertThat(rows.getFirst().lastPixel()).isEqualTo(680);
    assertThat(rows.getLast().firstPixel()).isEqualTo(681);
    assertThat(rows.getLast().lastPixel()).isEqualTo(800);
  }
}
