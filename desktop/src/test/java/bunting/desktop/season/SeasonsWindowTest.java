package bunting.desktop.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import bunting.core.revision.Revision;
import bunting.core.show.Run;
import bunting.desktop.survey.WindowDriver;
import bunting.files.ShowFiles;
import bunting.files.log.LogFile;
import bunting.testkit.Shows;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** Seasons side by side and the next one, in the real window. */
class SeasonsWindowTest extends WindowDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  private void idle() {
    wait(() -> !window().view(SeasonsScreen.SCREEN).busy());
  }

  private List<Revision.OfRun> runs(FxRobot robot) {
    return onScreen(
        () -> {
          @SuppressWarnings("unchecked") // the list is of runs
          ListView<Revision.OfRun> list = robot.lookup("#season-runs").queryAs(ListView.class);
          return List.copyOf(list.getItems());
        });
  }

  private Path save(FxRobot robot) {
    Path file = folder.resolve("mill" + ShowFiles.ENDING);
    when(asker.save(any(), any())).thenReturn(Optional.of(file));
    robot.push(KeyCode.CONTROL, KeyCode.S);
    wait(() -> session.file().get().isPresent());
    return file;
  }

  @Test
  void anotherSeasonIsSetBesideThisOne(FxRobot robot) throws Exception {
    Path other = folder.resolve("may" + ShowFiles.ENDING);
    ShowFiles.writeShow(
        other, Shows.of(Run.of("Arch", Shows.STRIP, 500), Run.of("Old wheel", Shows.STRIP, 40)));
    simple();
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.R);
    assertThat(text(robot, "#season-empty")).contains("Choose another season");
    asks(other);
    robot.clickOn("#season-compare");
    idle();
    assertThat(text(robot, "#season-summary")).contains("1 run new, 1 gone");
    assertThat(runs(robot)).anyMatch(r -> r.run().equals("Old wheel"));
    assertThat(runs(robot))
        .anyMatch(r -> r.run().equals("Arch") && r.state() == Revision.State.CHANGED);
    does(() -> session.edit("Shorter.", s -> s.withRun(Run.of("Arch", Shows.STRIP, 500))));
    wait(() -> runs(robot).stream().noneMatch(r -> r.run().equals("Arch") && counts(r)));
    asks(folder.resolve("nowhere" + ShowFiles.ENDING));
    robot.clickOn("#season-compare");
    idle();
    assertThat(runs(robot)).as("what stood there stays").isNotEmpty();
  }

  private static boolean counts(Revision.OfRun run) {
    return run.facts().stream().anyMatch(f -> f.what().equals("pixels"));
  }

  @Test
  void theNextSeasonBeginsInAFileOfItsOwn(FxRobot robot) throws Exception {
    simple();
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.R);
    robot.clickOn("#season-next");
    assertThat(onScreen(() -> session.message().get())).contains("Save the show first");
    Path file = save(robot);
    byte[] before = Files.readAllBytes(file);
    Path next = folder.resolve("mill next" + ShowFiles.ENDING);
    when(asker.save(any(), any())).thenReturn(Optional.of(next));
    robot.clickOn("#season-next");
    idle();
    wait(() -> session.file().get().equals(Optional.of(next)));
    assertThat(Files.readAllBytes(file)).isEqualTo(before);
    assertThat(show().allotting().handOut()).isPresent();
    assertThat(LogFile.beside(next).read().seasons()).isNotEmpty();
  }

  @Test
  void aPlaceIsKeptForAnotherShow(FxRobot robot) {
    simple();
    save(robot);
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.R);
    Path market = folder.resolve("Spring market" + ShowFiles.ENDING);
    when(asker.save(any(), any())).thenReturn(Optional.of(market));
    robot.clickOn("#season-place");
    idle();
    wait(() -> session.file().get().equals(Optional.of(market)));
    assertThat(show().runs()).isEmpty();
    assertThat(show().settings().name()).isEqualTo("Spring market");
  }
}
