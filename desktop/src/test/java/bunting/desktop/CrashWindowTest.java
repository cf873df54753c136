package bunting.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.desktop.session.Background;
import bunting.desktop.session.Preferences;
import bunting.desktop.session.Recovery;
import bunting.desktop.session.Session;
import bunting.desktop.shell.MainWindow;
import bunting.files.ShowFiles;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What a crash left is offered in the window, and a fault on its own thread is told there. */
@Tag("window")
@ExtendWith(ApplicationExtension.class)
class CrashWindowTest {
  private static final Show LOST = Show.of(List.of(Run.of("Weir", "5v-strip-60", 77)));

  @TempDir private Path folder = Path.of("");
  private Session session = new Session();

  @Start
  void start(Stage stage) throws Exception {
    session = new Session();
    session.setSearchesAlong(false);
    DesktopApplication.heedFaults(session);
    Process gone = new ProcessBuilder("true").start();
    assertThat(gone.waitFor(20, TimeUnit.SECONDS)).isTrue();
    Path kept = folder.resolve(gone.pid() + "-12345" + ShowFiles.ENDING);
    ShowFiles.writeRecovery(kept, LOST, Optional.of(folder.resolve("fair" + ShowFiles.ENDING)));
    MainWindow window = new MainWindow(stage, session, Preferences.unkept(), Screens.plan(session));
    window.keepBy(new Recovery(folder, session.document(), Background.ofWindow()));
    stage.show();
  }

  @Test
  void whatACrashLeftIsOfferedAndOpened(FxRobot robot) throws Exception {
    WaitForAsyncUtils.waitFor(
        20, TimeUnit.SECONDS, () -> robot.lookup("#recovery").query().isVisible());
    String text = robot.lookup("#recovery-text").queryAs(Label.class).getText();
    assertThat(text).contains("without saving").contains("fair.bunting.json");
    robot.clickOn("#recovery-open");
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(session.show().map(s -> s.withAccepted(Optional.empty()))).contains(LOST);
    assertThat(session.changed().get()).isTrue();
    assertThat(robot.lookup("#recovery").query().isVisible()).isFalse();
    WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> files() == 1);
  }

  private long files() throws Exception {
    try (var all = Files.list(folder)) {
      return all.count();
    }
  }

  @Test
  void aFaultOnTheInterfaceThreadIsToldInTheMessageLine(FxRobot robot) throws Exception {
    Platform.runLater(
        () -> {
          throw new IllegalStateException("a fault of our own");
        });
    WaitForAsyncUtils.waitFor(
        20,
        TimeUnit.SECONDS,
        () ->
            robot
                .lookup("#message")
                .queryAs(Label.class)
                .getText()
                .contains("while working in the window"));
    assertThat(session.message().get()).endsWith(".").doesNotContain("\n");
  }
}
