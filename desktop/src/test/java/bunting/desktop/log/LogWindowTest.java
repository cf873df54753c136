package bunting.desktop.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import bunting.core.log.ShowLog;
import bunting.desktop.survey.WindowDriver;
import bunting.files.ShowFiles;
import bunting.files.log.LogFile;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** The log in the real window. */
class LogWindowTest extends WindowDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  private static void put(FxRobot robot, String field, String text) {
    robot.lookup(field).queryAs(TextField.class).setText(text);
  }

  private int entries(FxRobot robot) {
    return onScreen(() -> robot.lookup("#log-entries").queryAs(ListView.class).getItems().size());
  }

  private void idle() {
    wait(() -> !window().view(LogScreen.SCREEN).busy());
  }

  @Test
  void anUnsavedShowIsToldWhereItsLogWillStand(FxRobot robot) {
    simple();
    robot.push(KeyCode.CONTROL, KeyCode.R);
    assertThat(text(robot, "#log-empty")).contains("save the show first");
    does(() -> put(robot, "#log-volts", "4.7"));
    robot.clickOn("#log-add");
    assertThat(text(robot, "#log-wrong")).contains("Save the show first");
  }

  @Test
  void entriesAreWrittenBesideTheShowAndWhatIsWrongIsSaid(FxRobot robot) throws Exception {
    simple();
    Path file = folder.resolve("mill" + ShowFiles.ENDING);
    when(asker.save(any(), any())).thenReturn(Optional.of(file));
    robot.push(KeyCode.CONTROL, KeyCode.S);
    robot.push(KeyCode.CONTROL, KeyCode.R);
    idle();
    does(() -> put(robot, "#log-volts", "4,7"));
    robot.clickOn("#log-add");
    assertThat(text(robot, "#log-wrong")).contains("should be a number");
    does(() -> put(robot, "#log-volts", "4.7"));
    does(() -> put(robot, "#log-pixel", "40"));
    robot.clickOn("#log-add");
    idle();
    assertThat(entries(robot)).isEqualTo(1);
    assertThat(shown(robot, "#log-wrong")).isFalse();
    enter(robot, "#log-volts", "4.6");
    idle();
    assertThat(entries(robot)).isEqualTo(2);
    ShowLog log = LogFile.beside(file).read();
    assertThat(log.lines().getFirst().entry().volts().orElseThrow()).isEqualTo(4.7);
    assertThat(text(robot, "#log-summary")).contains("2 entries");
  }

  @Test
  void threeSeasonsOfTheFairShowWhereVoltsFall(FxRobot robot) {
    simple();
    robot.push(KeyCode.CONTROL, KeyCode.R);
    does(
        () ->
            LogScreen.SCREEN
                .pictures()
                .getFirst()
                .pose()
                .accept(null, window().view(LogScreen.SCREEN)));
    assertThat(text(robot, "#log-summary")).contains("3 seasons").contains("volts fall at 1 place");
    assertThat(entries(robot)).isGreaterThan(50);
  }
}
