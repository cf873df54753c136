package bunting.desktop.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.Course;
import bunting.core.show.Hanging;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Underlay;
import bunting.core.show.edit.PlaceEdits;
import bunting.desktop.session.Selection;
import java.io.IOException;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** From a photo to a plan, as a builder does it in the window. */
class SurveyWindowTest extends WindowDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  @Test
  void fromAPhotoToAPlanByMouse(FxRobot robot) throws IOException {
    robot.clickOn("#start-new");
    asks(photo());
    robot.push(KeyCode.CONTROL, KeyCode.U);
    WaitForAsyncUtils.waitForFxEvents();
    Underlay fresh = show().survey().underlay().orElseThrow();
    assertThat(fresh.scaled()).isFalse();

    robot.clickOn("#tool-scale");
    robot.clickOn(over(2, 2)).clickOn(over(12, 2)).write("5").push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    Underlay scaled = show().survey().underlay().orElseThrow();
    assertThat(scaled.scaled()).isTrue();
    assertThat(scaled.metresPerUnit()).isCloseTo(fresh.metresPerUnit() / 2, within(0.002));

    robot.clickOn("#tool-trace");
    robot.clickOn(over(1, 1)).clickOn(over(5, 1.05)).moveTo(over(5.02, 3)).write("2.5");
    robot.push(KeyCode.ENTER).push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    Run run = show().runs().getFirst();
    Course.Traced trace = (Course.Traced) run.hanging().course().orElseThrow();
    assertThat(trace.corners()).hasSize(3);
    Point a = trace.corners().get(1);
    Point b = trace.corners().get(2);
    assertThat(a.y()).as("the first leg was led level").isEqualTo(trace.corners().getFirst().y());
    assertThat(b.x()).as("the second was led plumb").isEqualTo(a.x());
    assertThat(a.distanceTo(b)).as("the typed length overrules the hand").isEqualTo(2.5);
    assertThat(run.pixels()).isEqualTo((int) Math.floor(trace.lengthM() * 30 + 0.003));
    assertThat(onScreen(() -> session.selection().get()))
        .isEqualTo(new Selection.OfRun(run.name()));
    // In a hurry the search may meanwhile divide the run at a joint, where that saves more.
    int portsMost = Boolean.getBoolean("bunting.hurried") ? 2 : 1;
    assertThat(totals().portsUsed()).isBetween(1, portsMost);
    assertThat(totals().universes()).isPositive();
    double amps = totals().amps();
    assertThat(amps).isCloseTo(run.pixels() * 0.05, within(1e-6));

    enter(robot, "#edit-length", "4");
    assertThat(show().runs().getFirst().pixels()).isEqualTo(120);
    enter(robot, "#tape-built", "118");
    assertThat(show().runs().getFirst().pixels()).isEqualTo(118);
    assertThat(show().runs().getFirst().plannedPixels()).isEqualTo(120);
    assertThat(totals().amps()).isCloseTo(5.9, within(1e-6));
    assertThat(onScreen(() -> robot.lookup("#tape-moved").queryAs(Label.class).getText()))
        .contains("built 118, planned 120, 2 less");

    undoAll(robot);
    assertThat(show().runs()).isEmpty();
    assertThat(show().survey().underlay()).isEmpty();
  }

  @Test
  void fromAPhotoToAPlanByKeyboardAlone(FxRobot robot) throws IOException {
    robot.push(KeyCode.CONTROL, KeyCode.N);
    asks(photo());
    robot.push(KeyCode.CONTROL, KeyCode.U).push(KeyCode.F5).push(KeyCode.S);
    robot.push(KeyCode.ENTER);
    for (int i = 0; i < 4; i++) {
      robot.push(KeyCode.SHIFT, KeyCode.RIGHT);
    }
    robot.push(KeyCode.ENTER).write("8").push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().survey().underlay().orElseThrow().metresPerUnit())
        .isCloseTo(0.1, within(1e-9));

    robot.push(KeyCode.R).push(KeyCode.ENTER);
    push(robot, KeyCode.RIGHT, 12);
    robot.write("4.35").push(KeyCode.ENTER);
    push(robot, KeyCode.UP, 20);
    robot.push(KeyCode.ENTER).push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    Run run = show().runs().getFirst();
    assertThat(run.lengthM().orElse(0)).isEqualTo(6.35);
    assertThat(run.pixels()).isEqualTo(190);
    assertThat(totals().pixels()).isEqualTo(190);
    assertThat(totals().universes()).isEqualTo(2);

    robot.push(KeyCode.F2).push(KeyCode.CONTROL, KeyCode.A).write("Sluice").push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().run("Sluice")).isPresent();
    robot.push(KeyCode.F3).write("188").push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(totals().pixels()).isEqualTo(188);

    robot.push(KeyCode.F5).push(KeyCode.ALT, KeyCode.RIGHT);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().run("Sluice").orElseThrow().start().x()).isCloseTo(4.1, within(1e-9));
    robot.push(KeyCode.DELETE);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().runs()).isEmpty();
    undoAll(robot);
    assertThat(show().survey().underlay()).isEmpty();
  }

  @Test
  void shapesBoxesAndPlacesAreSetAndMeasured(FxRobot robot) {
    robot.clickOn("#start-new");
    robot.clickOn("#tool-ring").clickOn(over(4, 4));
    WaitForAsyncUtils.waitForFxEvents();
    enter(robot, "#edit-radius", "2");
    Run ring = show().runs().getFirst();
    assertThat(ring.pixels()).isEqualTo((int) Math.floor(4 * Math.PI * 30));
    robot.clickOn("#tool-verticals").clickOn(over(10, 6));
    WaitForAsyncUtils.waitForFxEvents();
    enter(robot, "#edit-lines", "12");
    assertThat(show().runs().get(1).pixels()).isEqualTo(12 * 60);
    robot.clickOn("#tool-place").clickOn(over(8, 1));
    robot.clickOn("#tool-outlet").clickOn(over(1, 1));
    robot.clickOn("#tool-network").clickOn(over(2, 7));
    robot.clickOn("#tool-note").clickOn(over(13, 7));
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(PlaceEdits.of(show())).hasSize(4);
    assertThat(
            onScreen(
                () ->
                    session
                        .assessment()
                        .get()
                        .orElseThrow()
                        .reading()
                        .decisions()
                        .controllers()
                        .getFirst()
                        .controller()
                        .x()))
        .as("boxes stand where one may stand")
        .isCloseTo(8, within(0.1));
    Point2D note = over(13, 7);
    robot.moveTo(note).press(MouseButton.PRIMARY).moveTo(over(15, 9)).release(MouseButton.PRIMARY);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().survey().notes().getFirst().at().x()).isCloseTo(15, within(0.15));
    enter(robot, "#edit-name", "ivy, do not drill");
    assertThat(show().survey().notes().getFirst().text()).isEqualTo("ivy, do not drill");
    undoAll(robot);
    assertThat(PlaceEdits.of(show())).isEmpty();
  }

  @Test
  void aDrawnLeadIsMeasured(FxRobot robot) {
    robot.clickOn("#start-new");
    robot.clickOn("#tool-place").clickOn(over(2, 1));
    robot.clickOn("#tool-trace").clickOn(over(8, 1)).clickOn(over(12, 1)).push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    robot.clickOn("#tool-lead").clickOn(over(2, 5)).clickOn(over(8, 5)).push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().runs().getFirst().hanging().route()).hasSize(2);
    double lead =
        onScreen(
            () -> session.assessment().get().orElseThrow().reading().segments().getFirst().leadM());
    assertThat(lead).isCloseTo(4 + 6 + 4 + 1, within(0.3));
  }

  @Test
  void fittingReachesSlots(FxRobot robot) {
    robot.clickOn("#start-new");
    robot.clickOn("#tool-trace").clickOn(over(2, 1)).clickOn(over(12, 1)).push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    int pixels = show().runs().getFirst().pixels();
    enter(robot, "#edit-grouping", "5");
    enter(robot, "#edit-order", "bgr");
    assertThat(show().runs().getFirst().fitting().order()).contains("BGR");
    assertThat(totals().channels()).isEqualTo((pixels + 4) / 5 * 3L);
    focus(robot, "#edit-reversed");
    robot.push(KeyCode.SPACE);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().runs().getFirst().fitting().reversed()).isTrue();
    Point start = show().runs().getFirst().start();
    focus(robot, "#edit-swap");
    robot.push(KeyCode.SPACE);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().runs().getFirst().start()).isNotEqualTo(start);
  }

  /** Opened from anywhere, also over a show that lay elsewhere, the elevation shows all of it. */
  @Test
  void theElevationIsFittedToTheShowThatIsOpened() {
    for (double far : new double[] {30, 900, 4}) {
      Run near = Run.of("Near", "5v-strip-60", 60);
      Run away = Run.of("Away", "5v-strip-60", 60);
      does(
          () -> {
            session.start(
                Show.of(
                    List.of(
                        near,
                        away.withHanging(
                            Hanging.along(
                                new Course.Traced(
                                    List.of(new Point(far, 2), new Point(far + 1, 2))))))));
            window().go(SurveyScreen.SCREEN);
          });
      WaitForAsyncUtils.waitForFxEvents();
      ElevationView view = onScreen(() -> window().view(SurveyScreen.SCREEN).elevation());
      Viewport port = onScreen(() -> view.viewport().orElseThrow());
      double width = onScreen(view::getWidth);
      assertThat(port.x(0)).as("from the left, " + far + " m apart").isBetween(0.0, width);
      assertThat(port.x(far)).as("to the right, " + far + " m apart").isBetween(0.0, width);
      assertThat(port.x(far) - port.x(0)).as("no smaller than need be").isGreaterThan(width / 3);
    }
  }
}
