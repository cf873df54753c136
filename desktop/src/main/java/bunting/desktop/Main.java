package bunting.desktop;

import java.util.List;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.application.Application;

/** Entry of the desktop application, and of the commands that need its window. */
public final class Main {
  /** JavaFX warns at every start that it was found on the class path, which is on purpose. */
  private static final Logger TOOLKIT = Logger.getLogger("javafx");

  private Main() {}

  /** Starts the window; {@code demo}, {@code snapshot}, or a file to open may be given. */
  public static void main(String[] args) {
    TOOLKIT.setLevel(Level.SEVERE);
    List<String> given = List.of(args);
    boolean headless = "Headless".equals(System.getProperty("glass.platform"));
    if (!given.isEmpty() && given.getFirst().equals("snapshot")) {
      System.exit(SnapshotCommand.run(given.subList(1, given.size())));
    }
    if (headless && given.equals(List.of("demo"))) {
      System.exit(DemoCommand.run());
    }
    if (headless) {
      System.err.println(
          "There is no display here; try ./bunting demo, ./bunting snapshot --out DIR or ./bunting"
              + " --help.");
      System.exit(2);
    }
    Application.launch(DesktopApplication.class, args);
  }
}
