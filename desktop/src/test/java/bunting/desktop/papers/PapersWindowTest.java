package bunting.desktop.papers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import bunting.desktop.survey.WindowDriver;
import bunting.files.papers.Papers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.control.ListView;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Papers in the real window. */
class PapersWindowTest extends WindowDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  private ImageView sheet(FxRobot robot) {
    return robot.lookup("#paper-sheet").queryAs(ImageView.class);
  }

  private static ListView<?> list(FxRobot robot) {
    return robot.lookup("#papers-list").queryAs(ListView.class);
  }

  private void idle() {
    wait(() -> !window().view(PapersScreen.SCREEN).busy());
  }

  private double shape(FxRobot robot) {
    return onScreen(() -> sheet(robot).getImage().getWidth() / sheet(robot).getImage().getHeight());
  }

  @Test
  void sheetsAreLookedAtTurnedAndWritten(FxRobot robot) throws Exception {
    simple();
    wait(() -> session.plans().isCurrent());
    robot.push(KeyCode.CONTROL, KeyCode.P);
    idle();
    assertThat(onScreen(() -> list(robot).getItems().size())).isEqualTo(Papers.titles().size());
    assertThat(shape(robot)).as("a box card lies across").isGreaterThan(1.3);
    robot.push(KeyCode.PAGE_DOWN);
    idle();
    assertThat(shown(robot, "#page-on")).isTrue();
    robot.push(KeyCode.DOWN).push(KeyCode.DOWN);
    robot.clickOn("#paper-letter");
    does(() -> list(robot).getSelectionModel().select(10));
    idle();
    assertThat(shape(robot)).as("a Letter sheet stands").isBetween(0.76, 0.78);
    Path here = Files.createDirectory(folder.resolve("papers"));
    when(asker.folder(any())).thenReturn(Optional.of(here));
    robot.clickOn("#print-one");
    idle();
    assertThat(here.resolve("count-sheet.pdf")).exists();
    assertThat(here.resolve("labels.pdf")).doesNotExist();
    robot.clickOn("#print-all");
    idle();
    assertThat(here.resolve("labels.pdf")).exists();
    assertThat(here.resolve("index.json")).exists();
  }

  @Test
  void withoutAPlanItSaysWhatToDo(FxRobot robot) {
    robot.clickOn("#start-new");
    robot.push(KeyCode.CONTROL, KeyCode.P);
    idle();
    assertThat(shown(robot, "#print-all")).isTrue();
  }
}
