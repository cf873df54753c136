package bunting.desktop;

import bunting.desktop.frame.MainWindow;
import bunting.desktop.session.Session;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Application;
import javafx.stage.Stage;

/** The desktop application. */
public final class DesktopApplication extends Application {
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
    MainWindow window = new MainWindow(stage, session, () -> DemoShow.open(session));
    stage.show();
    if (!given.isEmpty()) {
      if (given.getFirst().equals("demo")) {
        window.openDemo();
      } else {
        session.open(Path.of(given.getFirst()));
      }
    }
  }
}
