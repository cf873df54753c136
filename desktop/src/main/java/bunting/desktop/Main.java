package bunting.desktop;

import java.util.List;
import javafx.application.Application;

/** Entry of the desktop application, and of the commands that need its window. */
public final class Main {
  private Main() {}

  /** Starts the window; {@code demo}, {@code snapshot}, or a file to open may be given. */
  public static void main(String[] args) {
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
