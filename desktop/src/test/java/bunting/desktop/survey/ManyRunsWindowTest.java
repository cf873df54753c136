package bunting.desktop.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.Pin;
import bunting.core.show.PixelType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.desktop.session.Selection;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Several runs chosen, changed and moved at once. */
class ManyRunsWindowTest extends WindowDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  private void three(FxRobot robot) throws TimeoutException {
    onScreen(
        () -> {
          session.start(
              Show.of(
                  List.of(
                      run("Arch", "5v-strip-60", 3).withGroup(Optional.of("bridge")),
                      run("Rail", "5v-strip-60", 2).withGroup(Optional.of("bridge")),
                      run("Sill", "5v-string-10", 1))));
          return true;
        });
    robot.push(KeyCode.F5);
    wait(() -> session.assessment().get().isPresent());
    onScreen(
        () -> {
          window().view(SurveyScreen.SCREEN).elevation().requestFocus();
          return true;
        });
  }

  private static Run run(String name, String type, double y) {
    return Run.of(name, type, 60)
        .withHanging(
            bunting.core.show.Hanging.straight(new Point(1, y), Optional.of(new Point(4, y))));
  }

  /** The headless robot's mouse does not know of the keyboard's Shift. */
  private void withShift(Point from, Point to) {
    onScreen(
        () -> {
          ElevationView view = window().view(SurveyScreen.SCREEN).elevation();
          Viewport port = view.viewport().orElseThrow();
          mouse(view, MouseEvent.MOUSE_PRESSED, port.x(from), port.y(from));
          mouse(view, MouseEvent.MOUSE_DRAGGED, port.x(to), port.y(to));
          mouse(view, MouseEvent.MOUSE_RELEASED, port.x(to), port.y(to));
          return true;
        });
  }

  private static void mouse(Node on, EventType<MouseEvent> type, double x, double y) {
    // Without a source its coordinates are the scene's.
    Point2D at = on.localToScene(x, y);
    Event.fireEvent(
        on,
        new MouseEvent(
            type,
            at.getX(),
            at.getY(),
            at.getX(),
            at.getY(),
            MouseButton.PRIMARY,
            1,
            true,
            false,
            false,
            false,
            true,
            false,
            false,
            false,
            false,
            false,
            null));
  }

  private List<String> chosen() {
    return onScreen(() -> session.selection().get().runs());
  }

  private String title(FxRobot robot) {
    return onScreen(() -> robot.lookup("#inspector-title").queryAs(Label.class).getText());
  }

  @Test
  void runsAreChosenByTheMouseAndTheKeys(FxRobot robot) throws TimeoutException {
    three(robot);
    robot.clickOn(over(2, 3));
    withShift(new Point(2, 1), new Point(2, 1));
    assertThat(chosen()).containsExactly("Arch", "Sill");
    assertThat(title(robot)).isEqualTo("2 runs");
    withShift(new Point(2, 3), new Point(2, 3));
    assertThat(chosen()).containsExactly("Sill");
    withShift(new Point(0.5, 3.4), new Point(4.4, 1.6));
    assertThat(chosen()).containsExactly("Arch", "Rail");
    robot.push(KeyCode.PAGE_DOWN);
    assertThat(chosen()).containsExactly("Sill");
    robot.push(KeyCode.SHIFT, KeyCode.PAGE_UP);
    assertThat(chosen()).containsExactly("Sill", "Rail");
    onScreen(
        () -> {
          session.selection().set(new Selection.OfRun("Rail"));
          return true;
        });
    robot.push(KeyCode.E);
    assertThat(chosen()).containsExactly("Arch", "Rail");
    robot.push(KeyCode.PAGE_DOWN).push(KeyCode.E);
    assertThat(chosen()).as("a run of no group has no others").containsExactly("Sill");
    robot.push(KeyCode.Y);
    assertThat(chosen()).containsExactly("Sill");
  }

  @Test
  void whatIsChangedForSeveralIsOneUndo(FxRobot robot) throws TimeoutException {
    three(robot);
    Show before = show();
    onScreen(
        () -> {
          session.selection().set(Selection.ofRuns(List.of("Arch", "Rail", "Sill")));
          return true;
        });
    ComboBox<?> types = robot.lookup("#edit-runs-type").queryComboBox();
    PixelType other = before.catalogue().pixelTypesById().get("12v-strip-60");
    onScreen(
        () -> {
          int at =
              types.getItems().stream()
                  .map(Object::toString)
                  .toList()
                  .indexOf("Kind[type=" + Optional.of(other) + "]");
          types.getSelectionModel().select(at);
          return true;
        });
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().runs()).extracting(Run::type).containsOnly("12v-strip-60");
    enter(robot, "#edit-runs-group", "water");
    assertThat(show().runs()).extracting(r -> r.group().orElse("")).containsOnly("water");
    wait(() -> isQuiet() && robot.lookup("#runs-hold").tryQuery().isPresent());
    onScreen(
        () -> {
          window().view(SurveyScreen.SCREEN).elevation().requestFocus();
          return true;
        });
    robot.push(KeyCode.ALT, KeyCode.UP);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().runs().get(2).start().y()).isCloseTo(1.1, within(1e-9));
    wait(this::isQuiet);
    robot.clickOn("#runs-hold");
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().allotting().byHand()).hasSizeGreaterThanOrEqualTo(3);
    robot.clickOn("#runs-release");
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().allotting().byHand()).isEmpty();
    ComboBox<?> boxes = robot.lookup("#edit-runs-pin").queryComboBox();
    onScreen(
        () -> {
          boxes.getSelectionModel().selectLast();
          return true;
        });
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().runs())
        .extracting(r -> r.pin().map(Pin::controller))
        .doesNotContain(Optional.empty());
    onScreen(
        () -> {
          window().view(SurveyScreen.SCREEN).elevation().requestFocus();
          return true;
        });
    robot.push(KeyCode.DELETE);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().runs()).isEmpty();
    int steps = onScreen(() -> session.undoSteps());
    assertThat(steps).as("one for each thing done").isEqualTo(7);
    undoAll(robot);
    assertThat(show()).isEqualTo(before);
  }
}
