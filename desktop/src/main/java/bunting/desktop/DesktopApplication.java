package bunting.desktop;

import bunting.desktop.session.Preferences;
import bunting.desktop.session.Recovery;
import bunting.desktop.session.Session;
import bunting.desktop.shell.MainWindow;
import bunting.files.BugLog;
import bunting.files.UserFolders;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import javafx.util.Duration;

/** The desktop application. */
public final class DesktopApplication extends Application {
  /** What is not saved is kept so often, besides with each tenth edit. */
  private static final Duration BETWEEN = Duration.seconds(30);

  private static final AtomicReference<Runnable> STARTED = new AtomicReference<>(() -> {});

  /** Told once when the toolkit has started; the toolkit makes the application itself. */
  static void whenStarted(Runnable told) {
    STARTED.set(told);
  }

  @Override
  public void start(Stage stage) {
    STARTED.get().run();
    open(stage, getParameters().getUnnamed());
  }

  /** Shows the window on a stage; {@code given} may hold {@code demo} or a file to open. */
  public void open(Stage stage, List<String> given) {
    Session session = new Session();
    heedFaults(session);
    Path state = UserFolders.here().state();
    Preferences preferences = Preferences.in(state.resolve("window.properties"));
    MainWindow window = new MainWindow(stage, session, preferences, Screens.plan(session));
    Recovery recovery =
        new Recovery(state.resolve("recovery"), session.document(), session.background());
    window.keepBy(recovery);
    Timeline often = new Timeline(new KeyFrame(BETWEEN, e -> recovery.tick()));
    often.setCycleCount(Animation.INDEFINITE);
    often.play();
    stage.show();
    if (!given.isEmpty()) {
      if (given.getFirst().equals("demo")) {
        window.openDemo();
      } else {
        session.open(Path.of(given.getFirst()));
      }
    }
  }

  /** What nobody catches is noted and told; the window goes on. */
  static void heedFaults(Session session) {
    Thread.UncaughtExceptionHandler heed =
        (thread, fault) -> {
          String sentence = BugLog.note("working in the window", fault);
          Platform.runLater(() -> session.say(sentence));
        };
    Thread.currentThread().setUncaughtExceptionHandler(heed);
    Thread.setDefaultUncaughtExceptionHandler(heed);
  }
}
