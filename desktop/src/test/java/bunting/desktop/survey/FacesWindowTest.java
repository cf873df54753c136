package bunting.desktop.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.Course;
import bunting.core.show.Face;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.edit.FaceEdits;
import bunting.core.survey.Sheet;
import bunting.core.survey.Sheets;
import bunting.desktop.session.Selection;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Faces and the plan in the window. */
class FacesWindowTest extends WindowDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  private ElevationView elevation() {
    return window().view(SurveyScreen.SCREEN).elevation();
  }

  private void house(FxRobot robot) {
    simple();
    onScreen(() -> session.edit("house", s -> FaceEdits.house(s, 0, 10, 8)));
    robot.push(KeyCode.F5);
    WaitForAsyncUtils.waitForFxEvents();
  }

  private Point2D onSheet(double across, double up) {
    return onScreen(
        () -> {
          ElevationView view = elevation();
          Viewport port = view.viewport().orElseThrow();
          var at = view.localToScreen(view.getBoundsInLocal());
          return new Point2D(at.getMinX() + port.x(across), at.getMinY() + port.y(up));
        });
  }

  @Test
  void aLineIsTracedRoundTheCornerAndARunIsMovedOnThePlan(FxRobot robot) {
    house(robot);
    robot.push(KeyCode.R);
    robot.clickOn(onSheet(6, 3));
    robot.clickOn(onSheet(10, 3));
    robot.push(KeyCode.V);
    WaitForAsyncUtils.waitForFxEvents();
    ComboBox<Sheet> chooser = robot.lookup("#sheet").queryComboBox();
    assertThat(onScreen(() -> chooser.getValue().name())).isEqualTo("Right");
    Point2D end = onSheet(5, 3);
    robot.clickOn(end).push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    Run line = show().runs().getLast();
    Course course = line.hanging().course().orElseThrow();
    assertThat(course.lengthM()).isCloseTo(9, within(0.15));
    assertThat(course.end().x()).isCloseTo(10, within(1e-9));
    assertThat(course.end().z()).isCloseTo(5, within(0.1));

    onScreen(
        () -> {
          chooser.setValue(Sheets.PLAN);
          session.selection().set(new Selection.OfRun(line.name()));
          elevation().requestFocus();
          return true;
        });
    robot.push(KeyCode.ALT, KeyCode.UP);
    WaitForAsyncUtils.waitForFxEvents();
    Point moved = show().run(line.name()).orElseThrow().hanging().course().orElseThrow().start();
    assertThat(moved.z()).isCloseTo(course.start().z() + 0.1, within(1e-9));
    assertThat(moved.y()).isEqualTo(course.start().y());
    undoAll(robot);
    assertThat(show().survey().faces()).isEmpty();
    assertThat(onScreen(() -> elevation().sheet().get().name())).isEqualTo("Plan");
  }

  @Test
  void aFaceIsSetOnThePlanNamedAndTakenAway(FxRobot robot) {
    house(robot);
    onScreen(
        () -> {
          elevation().sheet().set(Sheets.PLAN);
          elevation().requestFocus();
          return true;
        });
    robot.push(KeyCode.A);
    robot.clickOn(onSheet(3, 2));
    robot.clickOn(onSheet(6, 2));
    WaitForAsyncUtils.waitForFxEvents();
    Face face = show().survey().faces().getLast();
    assertThat(face.name()).isEqualTo("Face 1");
    assertThat(face.widthM()).isCloseTo(3, within(0.1));
    assertThat(face.turnDeg()).isCloseTo(0, within(1e-9));
    onScreen(
        () -> {
          elevation().sheet().set(new Sheet.Standing(face));
          return session.edit(
              "named", s -> FaceEdits.changed(s, "Face 1", f -> f.withName("Porch")));
        });
    assertThat(onScreen(() -> elevation().sheet().get().name()))
        .as("a face that is gone is looked at no more")
        .isEqualTo("Front");
    onScreen(
        () -> {
          elevation().sheet().set(Sheets.of(session.show().orElseThrow().survey()).get(4));
          return session.edit(
              "moved", s -> FaceEdits.changed(s, "Porch", f -> f.between(3, 2, 7, 2)));
        });
    Sheet seen = onScreen(() -> elevation().sheet().get());
    assertThat(seen.at(4, 0)).isEqualTo(new Point(7, 0, 2));
    assertThat(show().survey().faces())
        .extracting(Face::name)
        .isEqualTo(List.of("Right", "Back", "Left", "Porch"));
  }
}
