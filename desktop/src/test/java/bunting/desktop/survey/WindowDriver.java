package bunting.desktop.survey;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import bunting.core.assess.Totals;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.desktop.frame.Asker;
import bunting.desktop.frame.MainWindow;
import bunting.desktop.session.Planning;
import bunting.desktop.session.Session;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** Drives the real window with an asker that answers as it is told. */
@ExtendWith(ApplicationExtension.class)
abstract class WindowDriver {
  @TempDir Path folder = Path.of("");
  final Asker asker = mock(Asker.class);
  Session session = new Session();
  Optional<MainWindow> window = Optional.empty();
  boolean hurried;

  /**
   * Opens the window; each class calls it, since the toolkit's extension finds no inherited one.
   */
  void open(Stage stage) {
    session = new Session();
    hurried = Boolean.getBoolean("bunting.hurried");
    session.setSearchesAlong(hurried);
    session.setPatience(hurried ? java.time.Duration.ZERO : java.time.Duration.ofMinutes(2));
    window = Optional.of(new MainWindow(stage, session, () -> {}, asker));
    stage.show();
  }

  /** Does something on the interface thread; hurried, once what was done before is planned. */
  <T> T onScreen(Callable<T> work) {
    if (hurried) {
      settle();
    }
    return now(work);
  }

  /** Waits until the newest version has its plan and nothing better is searched for. */
  private void settle() {
    try {
      WaitForAsyncUtils.waitForFxEvents();
      WaitForAsyncUtils.waitFor(
          30,
          TimeUnit.SECONDS,
          () ->
              now(
                  () ->
                      !(session.plans().state().get() instanceof Planning.State.Working)
                          && session.searching().get().isEmpty()));
      WaitForAsyncUtils.waitForFxEvents();
    } catch (TimeoutException e) {
      throw new AssertionError(e);
    }
  }

  private static <T> T now(Callable<T> work) {
    try {
      T value = WaitForAsyncUtils.asyncFx(work).get(20, TimeUnit.SECONDS);
      WaitForAsyncUtils.waitForFxEvents();
      return value;
    } catch (Exception e) {
      throw new AssertionError(e);
    }
  }

  Show show() {
    return onScreen(() -> session.show().orElseThrow());
  }

  Totals totals() {
    return onScreen(() -> session.assessment().get().orElseThrow().reading().totals());
  }

  Path photo() throws IOException {
    Path file = folder.resolve("mill.png");
    BufferedImage image = new BufferedImage(400, 200, BufferedImage.TYPE_INT_RGB);
    javax.imageio.ImageIO.write(image, "png", file.toFile());
    return file;
  }

  void asks(Path file) {
    when(asker.open(any(), any(), any())).thenReturn(Optional.of(file));
  }

  /** The point of the screen over a place of the elevation. */
  Point2D over(double x, double y) {
    return onScreen(
        () -> {
          ElevationView view = window.orElseThrow().elevation();
          Viewport port = view.viewport().orElseThrow();
          Bounds at = view.localToScreen(view.getBoundsInLocal());
          return new Point2D(at.getMinX() + port.x(x), at.getMinY() + port.y(y));
        });
  }

  void push(FxRobot robot, KeyCode key, int times) {
    for (int i = 0; i < times; i++) {
      robot.push(key);
    }
    WaitForAsyncUtils.waitForFxEvents();
  }

  void enter(FxRobot robot, String field, String text) {
    focus(robot, field);
    robot.push(KeyCode.CONTROL, KeyCode.A).write(text).push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
  }

  /** As Tab would: what has the keyboard is scrolled into sight. */
  void focus(FxRobot robot, String node) {
    onScreen(
        () -> {
          robot.lookup(node).query().requestFocus();
          return true;
        });
  }

  void undoAll(FxRobot robot) {
    int steps = onScreen(() -> session.undoSteps());
    for (int i = 0; i < steps; i++) {
      robot.push(KeyCode.CONTROL, KeyCode.Z);
    }
    WaitForAsyncUtils.waitForFxEvents();
  }

  void simple() {
    onScreen(
        () -> {
          session.start(
              Show.of(
                  List.of(Run.of("Arch", "5v-strip-60", 643), Run.of("Sill", "5v-strip-60", 40))));
          return true;
        });
  }

  void wait(Callable<Boolean> until) throws TimeoutException {
    WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> onScreen(until));
  }
}
