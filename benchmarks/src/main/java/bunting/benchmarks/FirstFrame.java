package bunting.benchmarks;

import bunting.desktop.DesktopApplication;
import java.lang.management.ManagementFactory;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

/**
 * Time from the start of the virtual machine to the frame after the first painted one. Arguments as
 * for the desktop; {@code empty} shows a window of the toolkit's with nothing in it.
 */
public final class FirstFrame {
  private static final int FRAMES = 2;

  private FirstFrame() {}

  /** Prints milliseconds and ends. */
  public static void main(String[] args) {
    Application.launch(Watched.class, args);
  }

  /** The desktop application with an eye on its frames. */
  public static final class Watched extends Application {
    private final DesktopApplication application = new DesktopApplication();

    @Override
    public void start(Stage stage) {
      if (getParameters().getUnnamed().equals(List.of("empty"))) {
        stage.setScene(new Scene(new StackPane(), 1280, 800));
        stage.show();
      } else {
        application.open(stage, getParameters().getUnnamed());
      }
      new AnimationTimer() {
        private int frames;

        @Override
        public void handle(long now) {
          if (++frames == FRAMES) {
            Instant begun =
                Instant.ofEpochMilli(ManagementFactory.getRuntimeMXBean().getStartTime());
            System.out.println(
                "first frame after " + Duration.between(begun, Instant.now()).toMillis() + " ms");
            Platform.exit();
          }
        }
      }.start();
    }
  }
}
