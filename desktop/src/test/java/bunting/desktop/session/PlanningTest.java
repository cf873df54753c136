package bunting.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.plan.Keeping;
import bunting.core.show.Preparation;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.edit.RunEdits;
import bunting.files.ShowFiles;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Plans that come late, or never, and what the show is meanwhile. */
class PlanningTest {
  private static final Show SHOW =
      Show.of(
          List.of(
              Run.of("Weir", "5v-strip-60", 100),
              Run.of("Owl", "5v-strip-60", 50),
              Run.of("Hub", "5v-strip-60", 48)));

  @TempDir private Path folder = Path.of("");
  private final ByHand hand = new ByHand();
  private Session session = new Session();

  @BeforeEach
  void begin() {
    session = hand.session();
    session.start(SHOW);
  }

  private int pixels(String run) {
    return session.show().flatMap(s -> s.run(run)).map(Run::pixels).orElse(0);
  }

  private Show planned() {
    return session.assessment().get().orElseThrow().reading().show();
  }

  @Test
  void threeCountsTypedBeforeAnyPlanAllStay() {
    session.count("Weir", 99);
    session.count("Owl", 88);
    session.count("Hub", 77);
    assertThat(List.of(pixels("Weir"), pixels("Owl"), pixels("Hub"))).containsExactly(99, 88, 77);
    hand.settle();
    assertThat(List.of(pixels("Weir"), pixels("Owl"), pixels("Hub"))).containsExactly(99, 88, 77);
    assertThat(planned()).isEqualTo(session.show().orElseThrow());
  }

  @Test
  void brightnessAndARunAddedWhileItIsBeingPlannedBothStay() {
    session.edit("dim", s -> s.withSettings(s.settings().withBrightness(30)));
    session.edit("more", s -> RunEdits.added(s, Run.of("Star", "5v-strip-60", 5)));
    hand.settle();
    assertThat(planned().settings().brightnessPercent()).isEqualTo(30);
    assertThat(planned().run("Star")).isPresent();
  }

  @Test
  void onlyTheNewestVersionIsPlanned() {
    hand.settle();
    hand.sketched.clear();
    for (int i = 1; i <= 50; i++) {
      session.count("Weir", i);
    }
    hand.settle();
    assertThat(hand.sketched).as("one ran, one waited").hasSize(2);
    assertThat(hand.sketched.getLast().run("Weir").orElseThrow().pixels()).isEqualTo(50);
    assertThat(session.plans().isCurrent()).isTrue();
  }

  @Test
  void whatNothingIsPlannedFromIsJudgedAndNotPlannedAnew() {
    hand.settle();
    hand.sketched.clear();
    session.edit(
        "tick",
        s ->
            s.withPreparation(
                s.preparation()
                    .with(new Preparation.Done(Preparation.Work.HANG, "Weir", 1), true)));
    hand.settle();
    assertThat(hand.sketched).isEmpty();
    assertThat(planned()).isEqualTo(session.show().orElseThrow());
    session.count("Weir", 99);
    hand.settle();
    assertThat(hand.sketched).as("a count is planned").hasSize(1);
    assertThat(planned().preparation().done()).hasSize(1);
  }

  @Test
  void savingWhileItIsBeingPlannedSavesTheLastEdit() throws Exception {
    hand.settle();
    session.count("Weir", 99);
    Path file = folder.resolve("weir" + ShowFiles.ENDING);
    assertThat(session.save(file)).isTrue();
    assertThat(ShowFiles.open(file).run("Weir").orElseThrow().pixels()).isEqualTo(99);
    assertThat(session.changed().get()).isFalse();
    hand.settle();
    assertThat(session.show().orElseThrow().accepted()).as("its plan came later").isPresent();
    assertThat(session.changed().get()).as("the plan was repaired since").isTrue();
  }

  @Test
  void aFirstPlanIsNoChangeOfAShowThatHasNone() throws Exception {
    Path file = folder.resolve("weir" + ShowFiles.ENDING);
    ShowFiles.writeShow(file, SHOW);
    session.open(file);
    hand.settle();
    assertThat(session.show().orElseThrow().accepted()).isPresent();
    assertThat(session.changed().get()).isFalse();
  }

  @Test
  void anEditIsRepairedAndUndoTakesBothBack() {
    hand.settle();
    Show before = session.show().orElseThrow();
    session.count("Weir", 120);
    hand.settle();
    assertThat(session.message().get()).contains("Nothing else changed.");
    assertThat(session.show().orElseThrow().accepted()).isNotEqualTo(before.accepted());
    assertThat(session.undoSteps()).isEqualTo(1);
    session.undo();
    hand.settle();
    assertThat(session.show()).contains(before);
  }

  @Test
  void aFirstPlanIsImprovedUntilItIsKeptOrEdited() {
    while (session.searching().get().isEmpty()) {
      assertThat(hand.step(new Random(1))).as("something is still to be done").isTrue();
    }
    Show shown = session.show().orElseThrow();
    session.keepThisOne();
    hand.settle();
    assertThat(session.show()).contains(shown);
    session.count("Weir", 90);
    hand.settle();
    assertThat(session.searching().get()).as("an edited plan is not searched").isEmpty();
  }

  @Test
  void aSavedPlanIsOpenedAndNotPlannedAnew() throws Exception {
    hand.settle();
    Path file = folder.resolve("weir" + ShowFiles.ENDING);
    assertThat(session.save(file)).isTrue();
    Show saved = session.show().orElseThrow();
    Assessment plan = session.assessment().get().orElseThrow();
    hand.sketched.clear();
    session.open(file);
    assertThat(hand.sketched).as("nothing is planned before it is drawn").isEmpty();
    assertThat(session.plans().isCurrent()).isTrue();
    Assessment drawn = session.assessment().get().orElseThrow();
    assertThat(drawn.reading().decisions()).isEqualTo(plan.reading().decisions());
    assertThat(drawn.findings()).isEqualTo(plan.findings());
    byte[] bytes = Files.readAllBytes(file);
    assertThat(session.save(file)).isTrue();
    assertThat(file).hasBinaryContent(bytes);
    hand.settle();
    assertThat(session.show()).contains(saved);
    assertThat(session.changed().get()).isFalse();
    assertThat(session.searching().get()).isEmpty();
  }

  @Test
  void aFileThatWasEditedElsewhereIsRepairedWhenItIsOpened() throws Exception {
    hand.settle();
    Path file = folder.resolve("weir" + ShowFiles.ENDING);
    Show saved = session.show().orElseThrow();
    ShowFiles.writeShow(file, RunEdits.changed(saved, "Owl", r -> r.withBuilt(OptionalInt.of(52))));
    session.open(file);
    assertThat(session.assessment().get()).as("it has no place for two pixels").isEmpty();
    hand.settle();
    assertThat(planned()).isEqualTo(session.show().orElseThrow());
    assertThat(session.assessment().get().orElseThrow().reading().totals().pixels()).isEqualTo(200);
    // Dimmed: the plan can be drawn as it was saved, and is repaired after that.
    ShowFiles.writeShow(file, saved.withSettings(saved.settings().withBrightness(30)));
    session.open(file);
    assertThat(session.plans().isCurrent()).isTrue();
    hand.settle();
    assertThat(session.show().orElseThrow())
        .isEqualTo(
            Keeping.accept(
                Assessor.sketch(saved.withSettings(saved.settings().withBrightness(30)))
                    .reading()));
  }

  @Test
  void aNewlyOpenedShowIsSavedOverItselfAndNotOverByTheOneBefore() throws Exception {
    Path file = folder.resolve("other" + ShowFiles.ENDING);
    Show other = Show.of(List.of(Run.of("Other", "12v-strip-60", 10)));
    ShowFiles.writeShow(file, other);
    hand.settle();
    session.open(file);
    assertThat(session.assessment().get()).as("the plan of another show is gone").isEmpty();
    assertThat(session.save(file)).isTrue();
    assertThat(ShowFiles.open(file)).isEqualTo(other);
    session.cancelPlanning();
    assertThat(session.save(file)).isTrue();
    assertThat(ShowFiles.open(file)).isEqualTo(other);
    hand.throwing = true;
    session.count("Other", 9);
    hand.settle();
    assertThat(session.save(file)).isTrue();
    assertThat(ShowFiles.open(file).run("Other").orElseThrow().built()).hasValue(9);
  }

  @Test
  void aPlannerThatThrowsIsAStateAndCanBeTriedAgain() {
    hand.settle();
    hand.throwing = true;
    session.count("Weir", 99);
    hand.settle();
    assertThat(session.plans().state().get()).isInstanceOf(Planning.State.Failed.class);
    assertThat(session.planning().get()).as("no spinner goes on").isFalse();
    assertThat(session.message().get()).contains("while planning").doesNotContain("\n");
    assertThat(session.plans().isCurrent()).isFalse();
    assertThat(pixels("Weir")).as("the show keeps the edit").isEqualTo(99);
    hand.throwing = false;
    session.plans().again();
    hand.settle();
    assertThat(session.plans().state().get()).isEqualTo(new Planning.State.Planned());
    assertThat(session.plans().isCurrent()).isTrue();
  }

  @Test
  void stoppedPlanningKeepsTheEditAndSaysThatThePlanIsOlder() {
    hand.settle();
    session.count("Weir", 99);
    session.cancelPlanning();
    hand.settle();
    assertThat(session.plans().state().get()).isEqualTo(new Planning.State.Stopped());
    assertThat(pixels("Weir")).isEqualTo(99);
    assertThat(planned().run("Weir").orElseThrow().pixels()).isEqualTo(100);
    session.plans().again();
    hand.settle();
    assertThat(planned().run("Weir").orElseThrow().built()).isEqualTo(OptionalInt.of(99));
  }

  @Test
  void takenBackWhileItIsBeingPlannedIsTakenBack() {
    hand.settle();
    session.count("Weir", 99);
    session.undo();
    hand.settle();
    assertThat(pixels("Weir")).isEqualTo(100);
    assertThat(session.plans().isCurrent()).isTrue();
    session.redo();
    hand.settle();
    assertThat(planned().run("Weir").orElseThrow().pixels()).isEqualTo(99);
  }

  @Test
  void whatACountMovedIsToldOfTheLastCountAgainstThePlanBeforeTheFirst() {
    hand.settle();
    session.count("Weir", 90);
    session.count("Owl", 60);
    hand.settle();
    assertThat(session.moved().get()).startsWith("Owl: built 60, planned 50, 10 more.");
  }
}
