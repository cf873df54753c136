package bunting.benchmarks;

import bunting.desktop.Screens;
import bunting.desktop.session.Preferences;
import bunting.desktop.session.Session;
import bunting.desktop.shell.MainWindow;
import bunting.desktop.survey.Lens;
import bunting.desktop.survey.SurveyScreen;
import bunting.desktop.survey.Viewport;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.stage.Stage;

/**
 * One frame of the elevation with 100,000 pixels while it is panned and zoomed: painting (what the
 * interface thread does) and the time from frame to frame, in the real window.
 */
public final class ElevationFrame {
  private static final int PIXELS = 100_000;
  private static final int FRAMES = 120;

  private ElevationFrame() {}

  /** Prints milliseconds and ends. */
  public static void main(String[] args) {
    Platform.startup(
        () -> {
          Stage stage = new Stage();
          Session session = new Session();
          MainWindow window =
              new MainWindow(stage, session, Preferences.unkept(), Screens.plan(session));
          stage.setWidth(1280);
          stage.setHeight(800);
          stage.show();
          session.start(Shows.of(PIXELS));
          window.go(SurveyScreen.SCREEN);
          new Watch(session, window).start();
        });
  }

  /** Moves the view each frame and notes the times. */
  private static final class Watch extends AnimationTimer {
    private final Session session;
    private final MainWindow window;
    private final List<Double> painting = new ArrayList<>();
    private final List<Double> between = new ArrayList<>();
    private int frame;
    private long last;

    Watch(Session session, MainWindow window) {
      this.session = session;
      this.window = window;
    }

    @Override
    public void handle(long now) {
      if (session.planning().get() || session.show().isEmpty()) {
        return;
      }
      if (frame == 1) {
        window.view(SurveyScreen.SCREEN).elevation().lens().set(Lens.WHITE);
      }
      if (frame > 20) {
        between.add((now - last) / 1e6);
      }
      last = now;
      double wide = frame < FRAMES / 2 ? 240 : 60 - frame * 0.2;
      double left = frame * 0.2;
      long begun = System.nanoTime();
      window
          .view(SurveyScreen.SCREEN)
          .elevation()
          .show(new Viewport.Box(left, -2, left + wide, 10));
      if (frame > 20) {
        painting.add((System.nanoTime() - begun) / 1e6);
      }
      if (++frame > FRAMES) {
        stop();
        System.out.println(
            PIXELS
                + " pixels: painting "
                + figures(painting)
                + ", from frame to frame "
                + figures(between));
        Platform.exit();
      }
    }

    private static String figures(List<Double> times) {
      Collections.sort(times);
      return String.format(
          java.util.Locale.ROOT,
          "%.1f ms (median), %.1f ms (95 %%)",
          times.get(times.size() / 2),
          times.get(times.size() * 95 / 100));
    }
  }
}
