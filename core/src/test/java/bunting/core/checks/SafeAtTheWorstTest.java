package bunting.core.checks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.InputReading;
import bunting.core.assess.Reading;
import bunting.core.copper.Fuses;
import bunting.core.plan.Planner;
import bunting.core.show.Conductors;
import bunting.core.show.Controller;
import bunting.core.show.HeldPost;
import bunting.core.show.OtherLoads;
import bunting.core.show.PixelType;
import bunting.core.show.PlainSet;
import bunting.core.show.PowerWays;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.Supply;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What was found wrong at the most that can be sent, each as a show that had it. */
class SafeAtTheWorstTest {
  private static Reading read(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  private static List<Finding> found(Reading reading, String code) {
    return Checks.examine(reading).stream().filter(f -> f.code().equals(code)).toList();
  }

  private static Set<String> stops(Reading reading) {
    return Checks.examine(reading).stream()
        .filter(f -> f.severity() == Severity.STOP)
        .map(Finding::code)
        .collect(Collectors.toSet());
  }

  /** Four strips of 144 pixels of 50 mA, 7.2 A each, on the ports of one box: 28.8 A. */
  private static Show fourPorts(Conductors copper) {
    List<Run> runs = new ArrayList<>();
    List<HeldPost> posts = new ArrayList<>();
    for (int r = 1; r <= 4; r++) {
      runs.add(
          Run.of("Paddle " + r, "5v-strip-60", 144)
              .withPin(Optional.of(new bunting.core.show.Pin("C1", java.util.OptionalInt.of(r)))));
      posts.add(new HeldPost("Paddle " + r, 1, true, Optional.of("12AWG"), OptionalDouble.of(1)));
    }
    Show show = Show.of(runs);
    var wiring = show.wiring().with(copper);
    for (HeldPost p : posts) {
      wiring = wiring.withPosts(p.run(), List.of(p));
    }
    String type =
        show.catalogue().controllerTypes().stream()
            .filter(t -> t.ports() >= 4 && t.fuseGroups().isEmpty() && t.boardAmpsMax() >= 29)
            .filter(t -> t.takes(5) && t.portAmpsMax() >= 7.2)
            .findFirst()
            .orElseThrow()
            .id();
    return show.withWiring(wiring)
        .withControllers(List.of(new Controller("C1", type, 0, 0)))
        .withRuns(runs);
  }

  @Test
  void aBoardsInputIsPlannedSoThatALostWireLeavesTheOthersSafe() {
    Reading reading = read(fourPorts(Conductors.PLAIN));
    InputReading input = reading.worst().inputs().getFirst();
    Wire wire = Wire.parse(input.input().wire()).orElseThrow();
    assertThat(input.amps()).as("all four ports").isGreaterThan(20);
    assertThat(input.input().fuseAmps()).isLessThanOrEqualTo(wire.fuseAmpsMax());
    assertThat(1.25 * input.eachAmps()).isLessThanOrEqualTo(input.input().fuseAmps() + 1e-6);
    assertThat(input.withoutOneAmps()).isLessThanOrEqualTo(input.input().fuseAmps() + 1e-6);
    assertThat(found(reading, "input-wires")).isEmpty();
  }

  /** 60 pixels of 50 mA are 3 A: one pair of 20 AWG with 4 A, whatever the board could carry. */
  @Test
  void anInputIsNoThickerThanWhatComesOverIt() {
    Show show =
        fourPorts(Conductors.PLAIN).withRuns(List.of(Run.of("Paddle 1", "5v-strip-60", 60)));
    InputReading input = read(show).worst().inputs().getFirst();
    assertThat(input.amps()).isCloseTo(3, within(1e-6));
    assertThat(input.input().wires()).isEqualTo(1);
    assertThat(input.input().wire()).isEqualTo("20AWG");
    assertThat(input.input().fuseAmps()).isEqualTo(4);
  }

  @Test
  void anInputThatDoesNotBearItsAmpsIsAStopWithTheTwoNumbersThatWereCompared() {
    Conductors thin =
        new Conductors(20, 0, 0, 0, 0, 1, Optional.of("22AWG"), true, Map.of(), Conductors.JUMPER);
    List<Finding> found = found(read(fourPorts(thin)), "input-wires");
    assertThat(found)
        .singleElement()
        .satisfies(
            f -> {
              assertThat(f.severity()).isEqualTo(Severity.STOP);
              assertThat(f.measured()).isGreaterThan(f.allowed());
              assertThat(f.allowed()).as("the fuse of 22 AWG").isEqualTo(3);
            });
  }

  /**
   * Maximum power transfer: a loop of R ohms from V volts passes V x V / 4R. 18 AWG has 20.95 mohm
   * a metre and conductor: 19.5 m pass 44.06 W, 17.9 m 48.0 W.
   */
  @ParameterizedTest
  @ValueSource(doubles = {17.0, 17.5, 17.8, 18.1, 18.5, 19.5, 21.0})
  void aBoxStandsUpToTheMostPowerThatItsInputPassesAndNoFurther(double metres) {
    Reading reading = read(SafetyFaults.collapse(metres));
    double ohms = Wire.parse("18AWG").orElseThrow().loopOhms(metres);
    boolean passes = 12.0 * 12 / (4 * ohms) > 48.05;
    assertThat(reading.designed().boxes().getFirst().stands()).isEqualTo(passes);
    if (passes) {
      double half = 12 / 2.0 + Math.sqrt(36 - 48 * ohms);
      assertThat(reading.designed().boxes().getFirst().terminalVolts())
          .isCloseTo(half, within(0.05));
      assertThat(found(reading, "cannot-stand")).isEmpty();
    } else {
      assertThat(found(reading, "cannot-stand"))
          .singleElement()
          .satisfies(f -> assertThat(f.subject().kind()).isEqualTo(Subject.Kind.CONTROLLER));
      assertThat(reading.segments().getFirst().stands()).isFalse();
    }
  }

  private static Show quarter(Show show, boolean limiter) {
    PowerWays ways = show.wiring().ways().withLimiter(limiter);
    return show.withSettings(show.settings().withBrightness(25))
        .withWiring(show.wiring().with(ways));
  }

  @Test
  void withoutALimiterTheInputIsJudgedAtFullWhite() {
    Conductors thin =
        new Conductors(20, 0, 0, 0, 0, 1, Optional.of("16AWG"), true, Map.of(), Conductors.JUMPER);
    assertThat(found(read(quarter(fourPorts(thin), false)), "input-wires")).hasSize(1);
    assertThat(found(read(quarter(fourPorts(thin), true)), "input-wires")).isEmpty();
  }

  @Test
  void withoutALimiterPlainSetsAndSuppliesBearFullWhite() {
    List<PlainSet> sets = new ArrayList<>();
    for (int i = 0; i < 5; i++) {
      sets.add(
          new PlainSet(
              "Boat " + i,
              12,
              3,
              60,
              new bunting.core.show.Point(1, 0),
              OptionalDouble.of(2),
              Optional.empty()));
    }
    Show show = quarter(Show.of(List.of()).withOthers(new OtherLoads(sets, List.of())), false);
    Reading reading = read(show);
    assertThat(stops(reading)).isEmpty();
    reading
        .worst()
        .others()
        .sets()
        .forEach(
            s -> {
              assertThat(s.amps()).isCloseTo(5, within(1e-9));
              assertThat(s.output().fuseAmps()).isEqualTo(7.5);
            });
    reading
        .worst()
        .others()
        .boards()
        .forEach(b -> assertThat(b.amps()).isLessThanOrEqualTo(b.type().boardAmpsMax()));
    reading
        .worst()
        .supplies()
        .forEach(s -> assertThat(s.loadWatts()).isLessThanOrEqualTo(s.type().usableWatts(80)));
  }

  /** What exceeds at white is one finding; at the setting that it names, nothing is exceeded. */
  @ParameterizedTest
  @ValueSource(doubles = {0, 25, 80})
  void theLimiterSettingThatIsNamedKeepsAll(double percent) {
    Show show =
        fourPorts(Conductors.PLAIN).withSettings(ShowSettings.DEFAULT.withBrightness(percent));
    Reading reading = read(show);
    Finding white = found(reading, "full-white").getFirst();
    assertThat(white.details()).isNotEmpty().allSatisfy(d -> assertThat(d).contains("kept by"));
    assertThat(white.allowed()).isBetween(percent, 100.0);
    Show set = show.withSettings(show.settings().withBrightness(white.allowed()));
    Reading kept = Reading.of(set, reading.decisions());
    assertThat(
            bunting.core.assess.Strains.of(kept, kept.designed()).stream()
                .filter(s -> Fuses.over(s.carries(), s.allowed())))
        .isEmpty();
  }

  @Test
  void aBoardThatWhiteOverloadsIsNamedThoughItsFusesHold() {
    Show show = fourPorts(Conductors.PLAIN);
    Show weak = show.withSettings(ShowSettings.DEFAULT.withBrightness(80));
    Reading reading = read(weak);
    List<String> details = found(reading, "full-white").getFirst().details();
    assertThat(details).anyMatch(d -> d.startsWith("supply S1"));
    assertThat(details).anyMatch(d -> d.startsWith("each input wire of C1"));
  }

  /** 130 W at 5 V are 26 A, trimmed or not. */
  @Test
  void trimmedDownASupplyGivesNoMoreAmps() {
    Show show = Show.of(List.of(Run.of("Weir", "5v-strip-60", 500)));
    for (double to : new double[] {4.6, 5, 5.4}) {
      Show trimmed =
          show.withWiring(show.wiring().with(Conductors.PLAIN.withTrim(5, to)))
              .withSettings(new ShowSettings("Fair", 230, 40, 60, 80, 1.25, 80, ""));
      Reading reading = read(trimmed);
      reading
          .supplies()
          .forEach(
              s -> {
                double rated = s.type().watts() / Math.max(5, to);
                assertThat(s.loadAmps()).as("at " + to).isLessThanOrEqualTo(0.8 * rated + 1e-6);
              });
      assertThat(stops(reading)).as("at " + to).doesNotContain("supply-headroom");
    }
  }

  @Test
  void trimmedUpPlainSetsMakeNoStop() {
    List<PlainSet> sets = new ArrayList<>();
    for (double watts = 60; watts <= 280; watts += 20) {
      sets.add(
          new PlainSet(
              "Boat " + watts,
              12,
              3,
              watts / 3,
              new bunting.core.show.Point(1, 0),
              OptionalDouble.of(1),
              Optional.empty()));
    }
    Show show = Show.of(List.of()).withOthers(new OtherLoads(sets, List.of()));
    Show up = show.withWiring(show.wiring().with(Conductors.PLAIN.withTrim(12, 13)));
    assertThat(stops(read(up))).isEmpty();
  }

  /** 5 A over 61 m of 16 AWG, 13.18 mohm a metre: 2 x 61 x 0.01318 x 5 = 8.04 V. */
  @Test
  void aSetsLeadLosesVoltsAndIsMadeThickerForIt() {
    Conductors plain = Conductors.PLAIN;
    Wire thin = Wire.parse("16AWG").orElseThrow();
    assertThat(plain.setDropVolts(thin, 61, 5, 5)).isCloseTo(8.04, within(0.01));
    Show near =
        Show.of(List.of()).withOthers(new OtherLoads(List.of(SafetyFaults.set(60, 20)), List.of()));
    Reading reading = read(near);
    var set = reading.others().sets().getFirst();
    assertThat(set.volts()).isGreaterThanOrEqualTo(10.8);
    assertThat(Wire.parse(set.output().wire()).orElseThrow().fuseAmpsMax()).isGreaterThan(7);
    assertThat(stops(reading)).isEmpty();
    Show far =
        Show.of(List.of()).withOthers(new OtherLoads(List.of(SafetyFaults.set(60, 61)), List.of()));
    assertThat(found(read(far), "low-volts"))
        .singleElement()
        .satisfies(f -> assertThat(f.subject().id()).isEqualTo("Boats"));
  }

  /** 20 AWG has 33 mohm a metre and bears 5 A: rails like it are taken to bear 7.5 A. */
  @Test
  void railsAreConductorsToo() {
    Show given = SafetyFaults.held(150, OptionalDouble.of(5), 1);
    assertThat(stops(read(given))).contains("rail-over-limit");
    PixelType strip = given.catalogue().pixelTypesById().get("5v-strip-60");
    Show free = given.withWiring(given.wiring().withPosts("Weir", List.of()));
    Reading planned = read(free);
    assertThat(strip.railAmpsMax()).hasValue(5);
    assertThat(stops(planned)).isEmpty();
    planned
        .worst()
        .segments()
        .values()
        .forEach(s -> assertThat(s.railAmps()).isLessThanOrEqualTo(5 + 1e-6));
    Reading unknown = read(SafetyFaults.held(150, OptionalDouble.empty(), 1));
    assertThat(found(unknown, "rail-amps"))
        .singleElement()
        .satisfies(
            f -> {
              assertThat(f.severity()).isEqualTo(Severity.WARN);
              assertThat(f.measured()).isGreaterThan(f.allowed());
              assertThat(f.message()).contains("behind pixel 1");
            });
  }

  @Test
  void aLeadThatBringsPowerLiesBehindTheFusesOfItsIsland() {
    Show show =
        bunting.core.Chains.onOnePort(
            Show.of(
                List.of(Run.of("Sluice", "5v-strip-60", 20), Run.of("Weir", "5v-strip-60", 20))),
            "box-4");
    var plan = Planner.sketch(show);
    var segments =
        plan.segments().stream()
            .map(
                s ->
                    s.position() == 2
                        ? new bunting.core.show.Segment(
                            s.id(),
                            s.run(),
                            s.firstPixel(),
                            s.lastPixel(),
                            s.controller(),
                            s.port(),
                            2,
                            Optional.of("22AWG"),
                            s.powerFromPrevious())
                        : s)
            .toList();
    var thin =
        new bunting.core.show.Decisions(
            plan.controllers(),
            segments,
            plan.feeds().stream().map(f -> f.withFuse(5)).toList(),
            plan.breaks(),
            plan.supplies(),
            plan.unplaced(),
            1);
    assertThat(segments.getLast().powerFromPrevious()).as("this show joins them").isTrue();
    assertThat(found(Reading.of(show, thin), "fuse-above-wire"))
        .anyMatch(f -> f.message().startsWith("The lead that brings power to Weir"));
  }

  @Test
  void cablesAreMadeToBearWhatComesFromBehindWhereThatIsAsked() {
    Show show =
        Show.of(List.of(Run.of("Weir", "5v-strip-60", 260), Run.of("Owl", "5v-strip-60", 400)));
    Show all = show.withWiring(show.wiring().with(show.wiring().ways().withProtectBackFeed(true)));
    assertThat(found(read(all), "back-feed")).isEmpty();
    Reading bare = SafetyFaults.all().get("back-feed");
    assertThat(found(bare, "back-feed"))
        .singleElement()
        .satisfies(
            f -> {
              assertThat(f.severity()).isEqualTo(Severity.NOTE);
              assertThat(f.message()).contains("22AWG bears 3 A").contains("shorted");
            });
  }

  @Test
  void aThickWireIsJudgedByItsSizeNotByItsOhms() {
    assertThat(Wire.parse("4.0mm2").orElseThrow().sizeMm2()).isEqualTo(4);
    assertThat(Wire.parse("12AWG").orElseThrow().sizeMm2()).isCloseTo(3.31, within(0.005));
  }

  @Test
  void aMeasuredPortLeadIsTheSegmentsLead() {
    Show show = fourPorts(Conductors.PLAIN);
    Reading reading = read(show);
    reading
        .feeds()
        .forEach(
            f -> {
              var s =
                  reading.segments().stream()
                      .filter(x -> x.segment().id().equals(f.feed().segment()))
                      .findFirst()
                      .orElseThrow();
              if (f.feed().viaPort()) {
                assertThat(s.leadM()).isEqualTo(f.lengthM()).isEqualTo(1);
              }
            });
  }

  /** The circuit that comes nearest is compared in amps of its own volts, and lacks some. */
  @Test
  void whatACircuitLacksIsSaidInItsOwnAmps() {
    Show bare = Show.of(List.of(Run.of("Weir", "5v-strip-60", 600)));
    Show show =
        new Show(
            bare.settings(),
            bare.sites(),
            bare.addressing(),
            bare.catalogue(),
            bare.controllers(),
            Optional.of(
                List.of(
                    new bunting.core.show.Circuit("hall", 230, 0.1, 0),
                    new bunting.core.show.Circuit("porch", 120, 1.2, 0))),
            bare.runs());
    Reading reading = read(show);
    List<String> without =
        reading.supplies().stream()
            .map(s -> s.supply())
            .filter(s -> s.circuit().isEmpty())
            .map(Supply::id)
            .toList();
    assertThat(without).isNotEmpty();
    for (Finding f : found(reading, "no-circuit")) {
      assertThat(f.measured() - f.allowed()).isPositive();
      assertThat(f.message()).contains("circuit porch").contains("at 120 V");
    }
  }
}
