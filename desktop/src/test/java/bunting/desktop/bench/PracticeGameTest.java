package bunting.desktop.bench;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.faults.Fault;
import bunting.core.faults.FaultKind;
import bunting.core.plan.Assessor;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The rules of practice: what is planted, what counts, when it is over. */
class PracticeGameTest {
  private static final Rig RIG =
      new Rig(
          Assessor.sketch(
                  Show.of(
                      List.of(
                          Run.of("Weir", "5v-strip-60", 150),
                          Run.of("Owl", "5v-strip-60", 60),
                          Run.of("Hub", "12v-strip-60", 90))))
              .reading());

  private Instant now = Instant.parse("2026-11-27T18:00:00Z");
  private final InstantSource clock = () -> now;

  private PracticeGame game(PracticeGame.Level level, long seed) {
    return PracticeGame.of(RIG, level, seed, clock).orElseThrow();
  }

  private static FaultKind otherThan(FaultKind kind) {
    return kind == FaultKind.NOISE ? FaultKind.DATA_OPEN : FaultKind.NOISE;
  }

  @Test
  void theSameSeedPlantsTheSameSoThatTwoCanCompete() {
    for (PracticeGame.Level level : PracticeGame.Level.values()) {
      Set<Fault> all = new HashSet<>();
      for (long seed = 1; seed <= 12; seed++) {
        PracticeGame one = game(level, seed);
        assertThat(game(level, seed).fault()).isEqualTo(one.fault());
        assertThat(level.kinds()).contains(one.fault().kind());
        all.add(one.fault());
      }
      assertThat(all).as(level.text()).hasSizeGreaterThan(3);
    }
  }

  @Test
  void eachKindOfTheTableIsOfOneLevelAtMost() {
    Set<FaultKind> once = new HashSet<>();
    for (PracticeGame.Level level : PracticeGame.Level.values()) {
      level.kinds().forEach(k -> assertThat(once.add(k)).as(k.id()).isTrue());
    }
  }

  @Test
  void kindAndPlaceAreJudgedApart() {
    PracticeGame game = game(PracticeGame.Level.USUAL, 4);
    FaultKind kind = game.fault().kind();
    String place = game.whereabouts().places().stream().sorted().findFirst().orElseThrow();
    assertThat(game.guess(otherThan(kind), "nowhere")).isEqualTo(PracticeGame.Near.FAR);
    assertThat(game.guess(kind, "nowhere")).isEqualTo(PracticeGame.Near.KIND);
    assertThat(game.guess(otherThan(kind), place)).isEqualTo(PracticeGame.Near.PLACE);
    assertThat(game.over()).isFalse();
    assertThat(game.guess(kind, place)).isEqualTo(PracticeGame.Near.FOUND);
    assertThat(game.over()).isTrue();
    assertThat(game.guesses()).isEqualTo(4);
  }

  @Test
  void minutesAndTestsStandStillOnceItIsOver() {
    PracticeGame game = game(PracticeGame.Level.EASY, 2);
    game.tried();
    now = now.plusSeconds(90);
    game.giveUp();
    now = now.plusSeconds(600);
    game.tried();
    game.giveUp();
    assertThat(game.time()).isEqualTo(Duration.ofSeconds(90));
    assertThat(game.tests()).isEqualTo(1);
  }

  @Test
  void whatItWasIsToldWithItsPlaceAndItsCure() {
    for (PracticeGame.Level level : PracticeGame.Level.values()) {
      for (long seed = 1; seed <= 6; seed++) {
        PracticeGame game = game(level, seed);
        assertThat(game.whereabouts().places()).isNotEmpty();
        assertThat(game.whereabouts().first()).isPresent();
        assertThat(game.whereabouts().text()).contains(" shows on ").endsWith(".");
        String run =
            game.whereabouts().first().map(n -> n.part().segment().run().name()).orElseThrow();
        assertThat(game.whereabouts().places()).contains(run);
      }
    }
  }

  @Test
  void aPlanWithoutLightsHasNothingToFind() {
    Rig empty = new Rig(Assessor.sketch(Show.of(List.of())).reading());
    assertThat(PracticeGame.of(empty, PracticeGame.Level.EASY, 1, clock))
        .isEqualTo(Optional.empty());
  }
}
