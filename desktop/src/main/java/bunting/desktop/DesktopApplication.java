package bunting.desktop;

import bunting.desktop.frame.MainWindow;
import bunting.desktop.model.Session;
import java.nio.file.Path;
import java.util.List;
import javafx.application.Application;
import javafx.stage.Stage;

/** The desktop application. */
public final class DesktopApplication extends Application {
  @Override
  public void start(Stage stage) {
    Session session = new Session();
    MainWindow window = new MainWindow(stage, session, () -> DemoShow.open(session));
    stage.show();
    List<String> given = getParameters().getUnnamed();
    if (!given.isEmpty()) {
      if (given.getFirst().equals("demo")) {
        window.openDemo();
      } else {
        session.open(Path.of(given.getFirst()));
      }
    }
  }
}
