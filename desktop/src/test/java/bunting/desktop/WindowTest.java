package bunting.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.checks.Finding;
import bunting.core.dc.Look;
import bunting.core.show.Run;
import bunting.desktop.line.BoardView;
import bunting.desktop.session.Selection;
import bunting.desktop.survey.WindowDriver;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The window as its user drives it: with the mouse and the keyboard. */
class WindowTest extends WindowDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  private int pixels(String run) {
    return onScreen(() -> session.show().flatMap(s -> s.run(run)).map(Run::pixels).orElse(0));
  }

  private void openDemo(FxRobot robot) {
    robot.clickOn("#start-demo");
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(onScreen(() -> session.show().isPresent())).isTrue();
  }

  /** In a hurry: a better plan moves what is clicked on, and should not come meanwhile. */
  private void settled() throws TimeoutException {
    WaitForAsyncUtils.waitFor(
        60,
        TimeUnit.SECONDS,
        () ->
            !Boolean.getBoolean("bunting.hurried")
                || onScreen(
                    () ->
                        session
                            .assessment()
                            .get()
                            .map(a -> a.reading().decisions().report().searched())
                            .orElse(false)));
    WaitForAsyncUtils.waitForFxEvents();
  }

  @Test
  void opensTheDemoGoesToAFindingEditsUndoesSavesAndOpensAgain(FxRobot robot) throws Exception {
    openDemo(robot);
    settled();
    robot.clickOn("#findings-button");
    ListView<Finding> list = robot.lookup("#findings").queryListView();
    int index =
        onScreen(
            () -> list.getItems().stream().map(Finding::code).toList().indexOf("length-mismatch"));
    assertThat(index).isNotNegative();
    does(() -> list.scrollTo(index));
    Node mistake =
        onScreen(
            () ->
                robot
                    .from(list)
                    .lookup(
                        (Node n) ->
                            n instanceof Label l && l.getText().startsWith("Run Handrail north"))
                    .query());
    robot.clickOn(mistake);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(onScreen(() -> session.selection().get()))
        .isEqualTo(new Selection.OfRun("Handrail north"));

    long before =
        onScreen(() -> session.assessment().get().orElseThrow().reading().totals().pixels());
    TextField pixels = robot.lookup("#edit-pixels").queryAs(TextField.class);
    robot.clickOn(pixels).push(KeyCode.CONTROL, KeyCode.A).write("444").push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(pixels("Handrail north")).isEqualTo(444);
    assertThat(onScreen(() -> session.assessment().get().orElseThrow().reading().totals().pixels()))
        .isEqualTo(before + 24);
    assertThat(
            onScreen(
                () ->
                    session.assessment().get().orElseThrow().findings().stream()
                        .map(Finding::code)
                        .toList()))
        .doesNotContain("length-mismatch");

    does(session::undo);
    assertThat(pixels("Handrail north")).isEqualTo(420);
    does(session::redo);
    assertThat(pixels("Handrail north")).isEqualTo(444);

    Path file = folder.resolve("fair.bunting.json");
    assertThat(onScreen(() -> session.save(file))).isTrue();
    assertThat(Files.size(file)).isPositive();
    var saved = onScreen(() -> session.show().orElseThrow());
    does(session::undo);
    assertThat(onScreen(() -> session.changed().get())).isTrue();
    does(() -> session.open(file));
    assertThat(onScreen(() -> session.show().orElseThrow())).isEqualTo(saved);
    assertThat(onScreen(() -> session.changed().get())).isFalse();
  }

  @Test
  void aWrongNumberIsSaidBesideTheFieldAndChangesNothing(FxRobot robot) {
    openDemo(robot);
    does(() -> session.selection().set(new Selection.OfRun("Paddle 1")));
    robot
        .clickOn("#edit-pixels")
        .push(KeyCode.CONTROL, KeyCode.A)
        .write("many")
        .push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(pixels("Paddle 1")).isEqualTo(90);
    assertThat(shown(robot, "Give a whole number from 1 to 1000000.")).isTrue();
  }

  @Test
  void typeLeadBrightnessAndPinMoveThePlan(FxRobot robot) {
    openDemo(robot);
    does(() -> session.selection().set(new Selection.OfRun("Owl")));
    ComboBox<Object> pin = robot.lookup("#edit-pin").queryComboBox();
    does(() -> pin.getSelectionModel().selectFirst());
    assertThat(onScreen(() -> session.assessment().get().orElseThrow().stops())).isFalse();
    robot.clickOn("#edit-lead").write("2.5").push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(
            onScreen(() -> session.show().orElseThrow().run("Owl").orElseThrow().leadM().orElse(0)))
        .isEqualTo(2.5);
    ComboBox<Object> type = robot.lookup("#edit-type").queryComboBox();
    does(() -> type.getSelectionModel().selectFirst());
    assertThat(onScreen(() -> session.show().orElseThrow().run("Owl").orElseThrow().type()))
        .isEqualTo("5v-strip-30");
    double full =
        onScreen(() -> session.assessment().get().orElseThrow().reading().totals().amps());
    does(() -> session.selection().set(new Selection.Nothing()));
    robot
        .clickOn("#edit-brightness")
        .push(KeyCode.CONTROL, KeyCode.A)
        .write("30")
        .push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(onScreen(() -> session.assessment().get().orElseThrow().reading().totals().amps()))
        .isLessThan(full / 2);
    assertThat(onScreen(() -> session.undoSteps())).isEqualTo(4);
  }

  @Test
  void theKeyboardAloneDoesIt(FxRobot robot) {
    robot.push(KeyCode.CONTROL, KeyCode.D);
    WaitForAsyncUtils.waitForFxEvents();
    robot.push(KeyCode.F6).push(KeyCode.DOWN);
    robot.push(KeyCode.RIGHT).push(KeyCode.RIGHT).push(KeyCode.RIGHT);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(onScreen(() -> session.selection().get())).isInstanceOf(Selection.OfRun.class);
    robot.push(KeyCode.CONTROL, KeyCode.K).write("path lights west").push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(onScreen(() -> session.selection().get()))
        .isEqualTo(new Selection.OfRun("Path lights west"));
    robot.push(KeyCode.F2);
    // Name, type, length, pixels.
    robot.push(KeyCode.TAB).push(KeyCode.TAB).push(KeyCode.TAB);
    robot.push(KeyCode.CONTROL, KeyCode.A).write("140").push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(pixels("Path lights west")).isEqualTo(140);
    robot.push(KeyCode.CONTROL, KeyCode.K).write("bandstand rail").push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(onScreen(() -> session.selection().get()))
        .isEqualTo(new Selection.OfRun("Bandstand rail"));
    robot.push(KeyCode.F6).push(KeyCode.CONTROL, KeyCode.Z);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(pixels("Path lights west")).isEqualTo(150);
    robot.push(KeyCode.F4);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(shown(robot, "#findings-drawer")).isTrue();
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.D).push(KeyCode.F4);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(shown(robot, "#findings-drawer")).isFalse();
  }

  /** Least volts are chosen by how white then looks, or typed; both can be undone. */
  @Test
  void leastVoltsAreChosenByTheirLook(FxRobot robot) {
    openDemo(robot);
    does(() -> session.selection().set(new Selection.Nothing()));
    ComboBox<Object> look = robot.lookup("#edit-least-look").queryComboBox();
    double yellow = onScreen(() -> Look.YELLOW.percent(session.show().orElseThrow()));
    does(
        () ->
            look.setValue(
                look.getItems().stream()
                    .filter(i -> look.getConverter().toString(i).contains("yellow"))
                    .findFirst()
                    .orElseThrow()));
    assertThat(leastVolts()).isEqualTo(yellow);
    assertThat(onScreen(() -> robot.lookup("#edit-least").queryTextInputControl().getText()))
        .isEqualTo("80");
    robot.clickOn("#edit-least").push(KeyCode.CONTROL, KeyCode.A).write("88.5").push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(leastVolts()).isEqualTo(88.5);
    does(session::undo);
    does(session::undo);
    assertThat(leastVolts()).isEqualTo(90);
  }

  private double leastVolts() {
    return onScreen(() -> session.show().orElseThrow().settings().minVoltsPercent());
  }

  @Test
  void clickingTheBoardSelectsWhatIsThere(FxRobot robot) throws TimeoutException {
    openDemo(robot);
    settled();
    BoardView board = robot.lookup("#board").queryAs(BoardView.class);
    String first =
        onScreen(() -> session.assessment().get().orElseThrow().reading().decisions().segments())
            .stream()
            .filter(x -> x.controller().equals("Wheel house") && x.port() == 1 && x.position() == 1)
            .findFirst()
            .orElseThrow()
            .run();
    var bounds = onScreen(() -> board.localToScreen(board.getBoundsInLocal()));
    robot.clickOn(bounds.getMinX() + 75, bounds.getMinY() + 60);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(onScreen(() -> session.selection().get())).isEqualTo(new Selection.OfRun(first));
    robot.clickOn(bounds.getMinX() + 30, bounds.getMinY() + 60);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(onScreen(() -> session.selection().get()))
        .isEqualTo(new Selection.OfPort("Wheel house", 1));
  }

  @Test
  void badFilesAreSaidAndWhatIsOpenStays(FxRobot robot) throws IOException {
    openDemo(robot);
    Path bad =
        Files.writeString(folder.resolve("bad.csv"), "name,type,pixels\na,5v-strip-60,lots\n");
    var before = onScreen(() -> session.show());
    does(() -> session.open(bad));
    assertThat(onScreen(() -> robot.lookup("#message").queryAs(Label.class).getText()))
        .contains("line 2, column pixels");
    assertThat(onScreen(() -> session.show())).isEqualTo(before);
  }

  @Test
  void aBigShowIsPlannedBesideTheWindow(FxRobot robot) throws TimeoutException {
    assertThat(shown(robot, "#start-screen")).isTrue();
    var runs =
        java.util.stream.IntStream.range(0, 150)
            .mapToObj(i -> Run.of("r" + i, "12v-strip-60", 200))
            .toList();
    does(() -> session.start(bunting.core.show.Show.of(runs)));
    WaitForAsyncUtils.waitFor(
        60, TimeUnit.SECONDS, () -> onScreen(() -> session.show().isPresent()));
    assertThat(onScreen(() -> session.assessment().get().orElseThrow().reading().totals().runs()))
        .isEqualTo(150);
    assertThat(List.of(onScreen(() -> session.planning().get()))).containsExactly(false);
  }
}
