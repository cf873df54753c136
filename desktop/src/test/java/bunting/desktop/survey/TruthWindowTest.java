package bunting.desktop.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.ports.SearchWatch;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.edit.RunEdits;
import bunting.desktop.session.Background;
import bunting.desktop.session.Planning;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Asker;
import bunting.files.ShowFiles;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.CountDownLatch;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/**
 * What is typed and saved in the real window while a plan is long in coming, is stopped or throws;
 * the search is on and nobody is patient.
 */
class TruthWindowTest extends WindowDriver {
  private volatile boolean throwing;
  private volatile CountDownLatch gate = new CountDownLatch(0);

  @Start
  void start(Stage stage) {
    Planning.Engine engine =
        new Planning.Engine() {
          @Override
          public Assessment sketch(Show show, SearchWatch watch) {
            await();
            if (throwing) {
              throw new IllegalStateException("a fault of the planner's");
            }
            return Assessor.sketch(show);
          }

          @Override
          public Assessment search(Show show, SearchWatch watch) {
            return Assessor.plan(show, watch);
          }
        };
    session = new Session(engine, Background.ofWindow());
    session.setPatience(java.time.Duration.ZERO);
    open(stage, session);
  }

  private void await() {
    try {
      gate.await();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  @AfterEach
  void letGo() {
    gate.countDown();
  }

  private void hold() {
    gate = new CountDownLatch(1);
  }

  private void begin(Show show) throws Exception {
    onScreen(
        () -> {
          session.start(show);
          window().go(SurveyScreen.SCREEN);
          return true;
        });
    wait(() -> session.plans().isCurrent());
  }

  private static Show many() {
    List<Run> runs = new ArrayList<>();
    for (int i = 1; i <= 400; i++) {
      runs.add(Run.of("Lantern " + i, "12v-string-10", 50));
    }
    return Show.of(runs);
  }

  private List<Integer> builtCounts(Show show, int first, int last) {
    List<Integer> counts = new ArrayList<>();
    for (int i = first; i <= last; i++) {
      counts.add(show.run("Lantern " + i).orElseThrow().built().orElse(0));
    }
    return counts;
  }

  @Test
  void countsTypedQuicklyOnATapeSheetOfFourHundredRunsAllStay(FxRobot robot) throws Exception {
    begin(many());
    robot.push(KeyCode.F3);
    robot.write("99").push(KeyCode.ENTER).write("88").push(KeyCode.ENTER);
    robot.write("77").push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(builtCounts(show(), 1, 3)).containsExactly(99, 88, 77);
    Path file = folder.resolve("fair" + ShowFiles.ENDING);
    when(asker.save(any(), any())).thenReturn(Optional.of(file));
    robot.push(KeyCode.CONTROL, KeyCode.S);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(builtCounts(ShowFiles.open(file), 1, 3)).containsExactly(99, 88, 77);
    wait(() -> session.plans().isCurrent());
    assertThat(builtCounts(show(), 1, 3)).containsExactly(99, 88, 77);
    assertThat(onScreen(() -> session.assessment().get().orElseThrow().reading().show()))
        .isEqualTo(show());
  }

  @Test
  void brightnessAndANewRunWhileItIsBeingPlannedBothStay(FxRobot robot) throws Exception {
    simple();
    wait(() -> session.plans().isCurrent());
    robot.push(KeyCode.F5);
    onScreen(
        () -> {
          session.selection().set(new Selection.Nothing());
          return true;
        });
    hold();
    enter(robot, "#edit-brightness", "40");
    enter(robot, "#tape-new", "Star 2 m");
    assertThat(show().settings().brightnessPercent()).isEqualTo(40);
    assertThat(show().run("Star")).isPresent();
    assertThat(onScreen(() -> session.plans().isCurrent())).isFalse();
    gate.countDown();
    wait(() -> session.plans().isCurrent());
    assertThat(show().settings().brightnessPercent()).isEqualTo(40);
    assertThat(show().run("Star")).isPresent();
  }

  @Test
  void savedWhileItIsBeingPlannedTheLastEditIsInTheFile(FxRobot robot) throws Exception {
    simple();
    wait(() -> session.plans().isCurrent());
    hold();
    onScreen(
        () -> {
          session.selection().set(new Selection.OfRun("Arch"));
          window().go(SurveyScreen.SCREEN);
          return true;
        });
    enter(robot, "#edit-pixels", "600");
    Path file = folder.resolve("arch" + ShowFiles.ENDING);
    when(asker.save(any(), any())).thenReturn(Optional.of(file));
    robot.push(KeyCode.CONTROL, KeyCode.S);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(ShowFiles.open(file).run("Arch").orElseThrow().pixels()).isEqualTo(600);
    assertThat(onScreen(() -> session.changed().get())).isFalse();
  }

  @Test
  void whatIsOnScreenSaysWhichVersionItIsOf(FxRobot robot) throws Exception {
    simple();
    wait(() -> session.plans().isCurrent());
    assertThat(shown(robot, "#plan-banner")).isFalse();
    robot.push(KeyCode.F5);
    WaitForAsyncUtils.waitForFxEvents();
    Bounds still = onScreen(() -> tool(robot));
    hold();
    onScreen(() -> session.editRun("shorter", "Arch", r -> r.withPixels(300)));
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(shown(robot, "#stop-planning")).isTrue();
    assertThat(onScreen(() -> tool(robot)))
        .as("nothing moves under the hand while a plan is made")
        .isEqualTo(still);
    robot.clickOn("#stop-planning");
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(shown(robot, "#plan-banner")).isTrue();
    assertThat(text(robot, "#plan-banner-text")).contains("stopped").contains("earlier version");
    gate.countDown();
    robot.clickOn("#plan-again");
    wait(() -> session.plans().isCurrent());
    assertThat(shown(robot, "#plan-banner")).isFalse();
    throwing = true;
    onScreen(() -> session.editRun("longer", "Arch", r -> r.withPixels(310)));
    wait(() -> session.plans().state().get() instanceof Planning.State.Failed);
    assertThat(text(robot, "#plan-banner-text")).contains("while planning");
    assertThat(show().run("Arch").orElseThrow().pixels()).isEqualTo(310);
    throwing = false;
    robot.clickOn("#plan-again");
    wait(() -> session.plans().isCurrent());
    assertThat(shown(robot, "#plan-banner")).isFalse();
  }

  private static Bounds tool(FxRobot robot) {
    Node button = robot.lookup("#tool-outlet").query();
    button.getScene().getRoot().layout();
    return button.localToScene(button.getLayoutBounds());
  }

  @Test
  void aShowThatIsOpenedStandsThereBeforeItIsPlanned(FxRobot robot) throws Exception {
    simple();
    wait(() -> session.plans().isCurrent());
    Path file = folder.resolve("fair" + ShowFiles.ENDING);
    Show fair = many().withSettings(many().settings().withName("Lantern lane"));
    ShowFiles.writeShow(file, fair);
    hold();
    onScreen(
        () -> {
          session.open(file);
          window().go(SurveyScreen.SCREEN);
          return true;
        });
    assertThat(text(robot, ".show-name")).isEqualTo("Lantern lane");
    assertThat(onScreen(() -> robot.lookup("#tape").queryListView().getItems())).hasSize(400);
    assertThat(
            onScreen(
                () -> window().view(SurveyScreen.SCREEN).elevation().beads().orElseThrow().count()))
        .isEqualTo(20_000);
    assertThat(onScreen(() -> session.assessment().get())).isEmpty();
  }

  @Test
  void whatIsBeingTypedStaysWhenAPlanArrives(FxRobot robot) throws Exception {
    simple();
    wait(() -> session.plans().isCurrent());
    onScreen(
        () -> {
          session.selection().set(new Selection.OfRun("Arch"));
          window().go(SurveyScreen.SCREEN);
          return true;
        });
    hold();
    enter(robot, "#edit-group", "bridge");
    focus(robot, "#edit-pixels");
    robot.push(KeyCode.CONTROL, KeyCode.A).write("61");
    gate.countDown();
    wait(() -> session.plans().isCurrent());
    assertThat(show().run("Arch").orElseThrow().pixels()).as("not entered yet").isEqualTo(643);
    robot.write("0").push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().run("Arch").orElseThrow().pixels()).isEqualTo(610);
    assertThat(show().run("Arch").orElseThrow().group()).contains("bridge");
  }

  @Test
  void aFileThatAnotherProgramChangedIsAskedAbout(FxRobot robot) throws Exception {
    Path file = folder.resolve("arch" + ShowFiles.ENDING);
    Show mine = Show.of(List.of(Run.of("Arch", "5v-strip-60", 100)));
    ShowFiles.writeShow(file, mine);
    onScreen(
        () -> {
          session.open(file);
          return session.editRun("mine", "Arch", r -> r.withPixels(90));
        });
    Show theirs = RunEdits.changed(mine, "Arch", r -> r.withBuilt(OptionalInt.of(97)));
    ShowFiles.writeShow(file, theirs);
    when(asker.changedByOthers(any())).thenReturn(Asker.Whose.COMPARE, Asker.Whose.NEITHER);
    robot.push(KeyCode.CONTROL, KeyCode.S);
    WaitForAsyncUtils.waitForFxEvents();
    verify(asker).compare(any());
    assertThat(ShowFiles.open(file)).as("nothing was written").isEqualTo(theirs);
    when(asker.changedByOthers(any())).thenReturn(Asker.Whose.MINE);
    robot.push(KeyCode.CONTROL, KeyCode.S);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(ShowFiles.open(file).run("Arch").orElseThrow().pixels()).isEqualTo(90);
    assertThat(Files.readString(folder.resolve("arch" + ShowFiles.ENDING + ".bak")))
        .contains("\"builtPixels\" : 97");
    ShowFiles.writeShow(file, theirs);
    when(asker.changedByOthers(any())).thenReturn(Asker.Whose.THEIRS);
    robot.push(KeyCode.CONTROL, KeyCode.S);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().withAccepted(Optional.empty())).isEqualTo(theirs);
  }
}
