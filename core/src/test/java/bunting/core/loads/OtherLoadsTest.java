package bunting.core.loads;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.OtherReading;
import bunting.core.explain.LightExplanations;
import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.show.BulbString;
import bunting.core.show.Circuit;
import bunting.core.show.OtherLoads;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.Survey;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** The handbook arithmetic of plain sets and bulb strings (common practice and arithmetic). */
class OtherLoadsTest {
  private static final Point HERE = new Point(0, 0);

  private static PlainSet set(String name, double watts) {
    return new PlainSet(name, 12, 3, watts, HERE, OptionalDouble.empty(), Optional.empty());
  }

  private static BulbString bulbs(String name, double cordAmps) {
    return new BulbString(name, 100, 5, cordAmps, 30, HERE);
  }

  private static Show at120Volts(List<PlainSet> sets, List<BulbString> strings) {
    ShowSettings d = ShowSettings.DEFAULT;
    ShowSettings s =
        new ShowSettings(d.name(), 120, d.targetFps(), 100, 80, 1.25, d.minVoltsPercent(), "");
    return Show.of(List.of()).withSettings(s).withOthers(new OtherLoads(sets, strings));
  }

  private static OtherReading read(Show show) {
    return Assessor.plan(show).reading().others();
  }

  @Test
  void aHundredNodesOfAQuarterWattAreTwoAmpsInThirds() {
    PlainSet nodes = set("nodes", 100 * 0.24);
    assertThat(nodes.amps(100)).isCloseTo(2, within(1e-9));
    assertThat(nodes.outputAmps(100)).isCloseTo(0.67, within(0.005));
    PlainSet few = set("few", 44 * 0.24);
    assertThat(few.watts()).isCloseTo(10.56, within(1e-9));
    assertThat(few.amps(100)).isCloseTo(0.88, within(1e-9));
    assertThat(few.outputAmps(100)).isCloseTo(0.293, within(0.0005));
  }

  /** 27 channels x 0.66 A = 17.8 A on a board rated 15 A: the trap. Two boards it is. */
  @Test
  void twentySevenOutputsAreMoreThanABoardBears() {
    List<PlainSet> sets = new ArrayList<>();
    for (int i = 1; i <= 9; i++) {
      sets.add(set("set " + i, 3 * 0.66 * 12));
    }
    OtherReading read = read(at120Volts(sets, List.of()));
    assertThat(read.boards().size()).isGreaterThan(1);
    assertThat(read.boards())
        .allSatisfy(b -> assertThat(b.amps()).isLessThanOrEqualTo(b.type().boardAmpsMax()));
    assertThat(read.boards().stream().mapToDouble(OtherReading.Board::amps).sum())
        .isCloseTo(17.82, within(1e-9));
    assertThat(read.sets()).hasSize(9);
  }

  @Test
  void setsTakeOneSlotAColourBehindThePixels() {
    Show show =
        at120Volts(List.of(set("a", 24), set("b", 24)), List.of())
            .withRuns(List.of(Run.of("pixels", "12v-string-10", 100)));
    Assessment plan = Assessor.plan(show);
    var slots = plan.reading().others().sets();
    assertThat(slots.get(0).slots().orElseThrow().firstSlot()).isEqualTo(301);
    assertThat(slots.get(1).slots().orElseThrow().lastSlot()).isEqualTo(306);
    assertThat(plan.reading().totals().channels()).isEqualTo(306);
    assertThat(plan.reading().totals().universes()).isEqualTo(1);
  }

  @Test
  void theArithmeticIsSaid() {
    OtherReading read = read(at120Volts(List.of(set("a", 24)), List.of(bulbs("b", 7))));
    assertThat(LightExplanations.amps(read.sets().getFirst()))
        .isEqualTo("24 W / 12 V = 2.00 A; / 3 = 0.67 A an output");
    assertThat(LightExplanations.place(read.sets().getFirst()))
        .isEqualTo("outputs 1–3, universe 1 slots 1–3, fuse 3 A, 22AWG");
    assertThat(LightExplanations.amps(read.chains().getFirst()))
        .isEqualTo("500 W = 4.55 A through the first cord of 7 A; no circuit named");
  }

  @Test
  void aSetTooStrongForAnOutputIsGivenBackWithTheAmps() {
    Assessment plan = Assessor.plan(at120Volts(List.of(set("flood", 12 * 3 * 7)), List.of()));
    assertThat(plan.stops()).isTrue();
    assertThat(plan.findings().getFirst().message()).contains("flood").contains("1.00 A too few");
  }

  @Test
  void fusesAndWiresBearTheSet() {
    OtherReading read = read(at120Volts(List.of(set("a", 60)), List.of()));
    // 60 W / 12 V = 5 A, x 1.25 = 6.25 A: a 7.5 A fuse, and 16 AWG, which bears 10 A.
    assertThat(read.sets().getFirst().output().fuseAmps()).isEqualTo(7.5);
    assertThat(read.sets().getFirst().output().wire()).isEqualTo("16AWG");
  }

  @Test
  void aHundredBulbsOfFiveWattsAreFourAndAHalfAmps() {
    assertThat(bulbs("b", 7).watts()).isEqualTo(500);
    assertThat(bulbs("b", 7).amps(120)).isCloseTo(4.55, within(0.005));
  }

  @Test
  void aSevenAmpCordBearsOneOfThemAndATenAmpCordTwo() {
    List<BulbString> seven = List.of(bulbs("a", 7), bulbs("b", 7), bulbs("c", 7));
    assertThat(read(at120Volts(List.of(), seven)).chains()).hasSize(3);
    List<BulbString> ten = List.of(bulbs("a", 10), bulbs("b", 10), bulbs("c", 10));
    List<OtherReading.Chain> chains = read(at120Volts(List.of(), ten)).chains();
    assertThat(chains).hasSize(2);
    assertThat(chains.getFirst().chain().strings()).containsExactly("a", "b");
    assertThat(chains.getFirst().amps()).isCloseTo(9.09, within(0.005));
  }

  @Test
  void aThinCordMayHangBehindAThickOneButNotBeforeIt() {
    BulbString thick = bulbs("thick", 10);
    BulbString thin = bulbs("thin", 7);
    assertThat(BulbPlanner.bears(List.of(thick), thin, 120)).isTrue();
    assertThat(BulbPlanner.bears(List.of(thin), thick, 120)).isFalse();
  }

  @Test
  void stringsCountOnTheCircuitOfTheirOutletAndStopWhereItIsFull() {
    Show show = at120Volts(List.of(), List.of(bulbs("a", 7), bulbs("b", 7), bulbs("c", 7)));
    Survey survey =
        Survey.EMPTY.withOutlets(List.of(new Survey.Outlet("porch", HERE, Optional.of("A"))));
    Show wired = withCircuit(show, new Circuit("A", 120, 15, 0)).withSurvey(survey);
    Assessment plan = Assessor.plan(wired);
    // 80 % of 15 A is 12 A: two strings of 4.55 A, and not three.
    assertThat(plan.reading().circuits().getFirst().loadAmps()).isCloseTo(9.09, within(0.005));
    assertThat(plan.findings()).anyMatch(f -> f.code().equals("no-circuit"));
  }

  @Test
  void aLongLineOfBulbsIsWarnedOf() {
    BulbString led = new BulbString("far", 300, 0.5, 7, 90, HERE);
    BulbString more = new BulbString("farther", 300, 0.5, 7, 90, HERE);
    Assessment plan = Assessor.plan(at120Volts(List.of(), List.of(led, more)));
    assertThat(plan.findings()).anyMatch(f -> f.code().equals("long-bulb-line"));
  }

  private static Show withCircuit(Show s, Circuit circuit) {
    return s.withCircuits(Optional.of(List.of(circuit)));
  }
}
