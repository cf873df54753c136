package bunting.desktop.survey;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import bunting.core.assess.Totals;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.desktop.Screens;
import bunting.desktop.session.Planning;
import bunting.desktop.session.Preferences;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Asker;
import bunting.desktop.shell.MainWindow;
import bunting.testkit.ScreenDriver;
import bunting.testkit.Shows;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** Drives the real window with an asker that answers as it is told. */
@Tag("window")
@ExtendWith(ApplicationExtension.class)
public abstract class WindowDriver extends ScreenDriver {
  /** For files. */
  @TempDir protected Path folder = Path.of("");

  /** Answers as it is told; it stays where it is asked whether to leave. */
  protected final Asker asker = mock(Asker.class);

  /** What the window works on. */
  protected Session session = new Session();

  /** What the window remembers of its user. */
  protected Preferences preferences = Preferences.unkept();

  private Optional<MainWindow> window = Optional.empty();

  /**
   * Opens the window; each class calls it, since the toolkit's extension finds no inherited one.
   */
  protected final void open(Stage stage) {
    session = new Session();
    session.setSearchesAlong(HURRIED);
    session.setOffersAlong(false);
    session.setPatience(HURRIED ? Duration.ZERO : Duration.ofMinutes(2));
    open(stage, session);
  }

  /** Opens the window on a session. */
  protected final void open(Stage stage, Session on) {
    open(stage, on, Screens.plan(on));
  }

  /** Opens a window of some screens on a session. */
  protected final void open(Stage stage, Session on, MainWindow.Plan plan) {
    session = on;
    when(asker.leaving(any())).thenReturn(Asker.Leaving.STAY);
    window = Optional.of(new MainWindow(stage, on, preferences, plan, asker));
    stage.show();
  }

  /** The window. */
  protected final MainWindow window() {
    return window.orElseThrow();
  }

  @Override
  protected final boolean isQuiet() {
    return !(session.plans().state().get() instanceof Planning.State.Working)
        && session.searching().get().isEmpty();
  }

  /** The show as it is now. */
  protected final Show show() {
    return onScreen(() -> session.show().orElseThrow());
  }

  /** What the message line says. */
  protected final String message() {
    return onScreen(() -> session.message().get());
  }

  /** Totals of its plan. */
  protected final Totals totals() {
    return onScreen(() -> session.assessment().get().orElseThrow().reading().totals());
  }

  /** A picture to lay under. */
  protected final Path photo() throws IOException {
    Path file = folder.resolve("mill.png");
    BufferedImage image = new BufferedImage(400, 200, BufferedImage.TYPE_INT_RGB);
    javax.imageio.ImageIO.write(image, "png", file.toFile());
    return file;
  }

  /** The next file that is asked for. */
  protected final void asks(Path file) {
    when(asker.open(any(), any(), any())).thenReturn(Optional.of(file));
  }

  /** The point of the screen over a place of the elevation. */
  protected final Point2D over(double x, double y) {
    return onScreen(
        () -> {
          ElevationView view = window().view(SurveyScreen.SCREEN).elevation();
          Viewport port = view.viewport().orElseThrow();
          Bounds at = view.localToScreen(view.getBoundsInLocal());
          return new Point2D(at.getMinX() + port.x(x), at.getMinY() + port.y(y));
        });
  }

  /** Takes back all there is to take back. */
  protected final void undoAll(FxRobot robot) {
    int steps = onScreen(() -> session.undoSteps());
    for (int i = 0; i < steps; i++) {
      robot.push(KeyCode.CONTROL, KeyCode.Z);
    }
    WaitForAsyncUtils.waitForFxEvents();
  }

  /** A show of two runs. */
  protected final void simple() {
    does(
        () ->
            session.start(
                Shows.of(Run.of("Arch", Shows.STRIP, 643), Run.of("Sill", Shows.STRIP, 40))));
  }
}
