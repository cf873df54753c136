package bunting.core.guess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.assess.Reading;
import bunting.core.checks.Checks;
import bunting.core.checks.GuessFlips;
import bunting.core.plan.Planner;
import bunting.core.show.Controller;
import bunting.core.show.Course;
import bunting.core.show.Guess;
import bunting.core.show.Hanging;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Workshop;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What would flip within a guess, in plans whose limits are known. */
class GuessesTest {
  private static final String STRIP = "12v-strip-60";

  private static Run guessed(String name, String type, int pixels, double percent) {
    return Run.of(name, type, pixels).withGuess(Guess.NONE.withLength(percent));
  }

  private static Reading plan(Run... runs) {
    return plan(Show.of(List.of(runs)));
  }

  private static Reading plan(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  private static List<Flip> flips(Reading reading) {
    return GuessFlips.of(reading);
  }

  private static Run at(Reading reading, String run, End end) {
    return TurnedOut.of(reading.show(), reading.decisions(), r -> end).show().run(run).get();
  }

  @Test
  void theKindsAreOfRulesThatThereAre() {
    assertThat(Guesses.codes())
        .isSubsetOf(Checks.all().stream().map(c -> c.code()).collect(Collectors.toSet()));
  }

  @Test
  void aMeasuredRunBringsNothing() {
    assertThat(flips(plan(Run.of("Weir", STRIP, 800)))).isEmpty();
  }

  /** 800 pixels are all that a port of the built-in box takes. */
  @Test
  void aPortThatIsFullIsTold() {
    Show show =
        Show.of(List.of(guessed("Weir", "5v-string-10", 780, 10)))
            .withControllers(List.of(new Controller("Mill", "box-4", 0, 0)));
    Reading reading = plan(show);
    int most = reading.ports().getFirst().type().pixelsPerPortMax();
    assertThat(reading.segments()).hasSize(1);
    assertThat(flips(reading))
        .filteredOn(f -> f.kind() == Flip.Kind.PORT && f.says().contains("more than it takes"))
        .singleElement()
        .satisfies(
            f -> {
              assertThat(f.end()).isEqualTo(End.LONG);
              assertThat(f.alone()).containsExactly("Weir");
              assertThat(f.says()).contains(Integer.toString(858 - most));
            });
  }

  @Test
  void twoThatFillAPortOnlyTogetherAreNamedTogether() {
    Show show =
        Show.of(
                List.of(
                    guessed("Weir", "5v-string-10", 370, 10),
                    guessed("Owl", "5v-string-10", 370, 10)))
            .withControllers(List.of(new Controller("Mill", "box-4", 0, 0)));
    Show pinned =
        show.withRuns(
            show.runs().stream()
                .map(
                    r ->
                        r.withPin(
                            Optional.of(new bunting.core.show.Pin("Mill", OptionalInt.of(1)))))
                .toList());
    assertThat(flips(plan(pinned)))
        .filteredOn(f -> f.says().contains("more than it takes"))
        .singleElement()
        .satisfies(
            f -> {
              assertThat(f.alone()).isEmpty();
              assertThat(f.together()).containsExactly("Weir", "Owl");
            });
  }

  /** The lead is 20 m + 1 m; a tenth more is 2.1 m, which no slack has. */
  @Test
  void aGuessedLeadThatIsTooShortIsTold() {
    Run far =
        Run.of("Weir", STRIP, 60)
            .withHanging(Hanging.straight(new Point(20, 0), Optional.empty()))
            .withGuess(Guess.NONE.withLead(10));
    Reading reading = plan(far);
    assertThat(flips(reading))
        .filteredOn(f -> f.kind() == Flip.Kind.CABLE)
        .singleElement()
        .satisfies(f -> assertThat(f.says()).contains("23.10 m").contains("21.00 m"));
    assertThat(at(reading, "Weir", End.LONG).leadM().getAsDouble()).isCloseTo(23.1, within(1e-9));
    assertThat(at(reading, "Weir", End.SHORT).leadM().getAsDouble()).isCloseTo(18.9, within(1e-9));
  }

  @Test
  void pixelsThatFallBelowTheirVoltsAreToldAndJudgedAsBuilt() {
    Reading reading = plan(guessed("Weir", "5v-strip-60", 120, 60));
    List<Flip> flips = flips(reading);
    assertThat(flips).anyMatch(f -> f.kind() == Flip.Kind.FEED && f.end() == End.LONG);
    Reading longest = Guesses.turnedOut(reading, r -> End.LONG);
    assertThat(Checks.examine(longest)).anyMatch(f -> f.code().equals("low-volts"));
    assertThat(Checks.examine(reading)).anyMatch(f -> f.code().equals("guess"));
    assertThat(Checks.examine(longest)).noneMatch(f -> f.code().equals("guess"));
  }

  /** 100 px give or take 7 %, cut every 3: 107 is 108 outwards, 93 stays. */
  @Test
  void aRunGrowsByWholeCutUnits() {
    Show show = Show.of(List.of(guessed("Weir", "12v-strip-60", 99, 7)));
    int unit = show.catalogue().pixelTypesById().get(STRIP).cutEvery();
    Reading reading = plan(show);
    assertThat(at(reading, "Weir", End.LONG).pixels() % unit).isZero();
    assertThat(at(reading, "Weir", End.LONG).pixels()).isBetween(106, 105 + unit);
    assertThat(at(reading, "Weir", End.SHORT).pixels()).isBetween(93 - unit, 92);
  }

  @Test
  void theLineAndTheTapeGoWithTheCount() {
    Run traced =
        guessed("Weir", STRIP, 300, 20)
            .withHanging(
                Hanging.along(
                    new Course.Traced(List.of(new Point(0, 0), new Point(3, 0), new Point(3, 2)))))
            .withLength(OptionalDouble.of(5));
    Reading reading = plan(traced);
    Run longest = at(reading, "Weir", End.LONG);
    assertThat(longest.lengthM().getAsDouble()).isCloseTo(6, within(1e-9));
    assertThat(longest.end().get().distanceTo(new Point(3.6, 2.4))).isLessThan(1e-9);
    assertThat(longest.guess()).isEqualTo(Guess.NONE);
  }

  @Test
  void aFeedAtTheEndStaysAtTheEnd() {
    Reading reading = plan(guessed("Weir", "5v-strip-60", 300, 10));
    int last = reading.segments().getLast().segment().lastPixel();
    assertThat(reading.feeds()).anyMatch(f -> f.feed().atPixel() == last);
    Reading longest = Guesses.turnedOut(reading, r -> End.LONG);
    int now = longest.segments().getLast().segment().lastPixel();
    assertThat(now).isGreaterThan(last);
    assertThat(longest.feeds()).anyMatch(f -> f.feed().atPixel() == now);
    assertThat(longest.feeds()).noneMatch(f -> f.feed().atPixel() == last);
  }

  @Test
  void aCountedRunIsNoGuessAnyMore() {
    Run counted = guessed("Weir", STRIP, 300, 40).withBuilt(OptionalInt.of(310));
    Reading reading = plan(counted);
    assertThat(Guesses.guessed(reading)).isEmpty();
    assertThat(at(reading, "Weir", End.LONG).pixels()).isEqualTo(310);
  }

  @Test
  void packsAreCountedAtBothEnds() {
    // No spares and packs of 300: 290 are one, 319 two; 310 are two, 279 one.
    assertThat(Packs.of(packs(290)))
        .singleElement()
        .satisfies(
            f -> {
              assertThat(f.end()).isEqualTo(End.LONG);
              assertThat(f.says()).startsWith("1 pack of ").endsWith("2 in place of 1.");
            });
    assertThat(Packs.of(packs(310)))
        .singleElement()
        .satisfies(f -> assertThat(f.end()).isEqualTo(End.SHORT));
    assertThat(Packs.of(packs(450))).isEmpty();
  }

  private static Reading packs(int pixels) {
    Show show = Show.of(List.of(guessed("Weir", STRIP, pixels, 10)));
    Workshop shop =
        new Workshop(List.of(new Workshop.Pack(STRIP, 300, 20)), List.of(), Map.of(STRIP, 0.0));
    return plan(show.withWorkshop(shop));
  }

  @Test
  void theOrderIsForTheSafeSideWhereThatIsAsked() {
    Reading reading = plan(guessed("Weir", STRIP, 200, 10));
    assertThat(Guesses.toOrder(reading)).isSameAs(reading);
    Show safe = reading.show().withPreparation(reading.show().preparation().withSafeSide(true));
    Reading ordered = Guesses.toOrder(plan(safe));
    assertThat(ordered.totals().pixels()).isEqualTo(220);
  }

  @Test
  void theWalkThatSettlesMostComesFirst() {
    Flip both = flip("a", List.of(), List.of("Owl", "Weir"));
    Flip one = flip("b", List.of("Weir"), List.of());
    List<Walk> walks = Walk.of(List.of(both, one));
    assertThat(walks).extracting(Walk::run).containsExactly("Weir", "Owl");
    assertThat(walks.getFirst().flips()).containsExactly(one, both);
  }

  private static Flip flip(String key, List<String> alone, List<String> together) {
    return new Flip(Flip.Kind.CABLE, key, End.LONG, alone, together, key);
  }

  @Test
  void whatIsReadOffAThingIsTrustedMoreThanAGuess() {
    Guess door = Guess.NONE.withReadOff(Optional.of("the mill door"));
    assertThat(door.length()).isEqualTo(Guess.READ_OFF_PERCENT);
    assertThat(door.words()).isEqualTo("read off the mill door, give or take 5 %");
    assertThat(door.withLength(3).length()).isEqualTo(3);
    assertThat(Guess.NONE.words()).isEqualTo("measured");
    assertThat(Guess.NONE.withLength(15).words()).isEqualTo("guessed, give or take 15 %");
  }
}
