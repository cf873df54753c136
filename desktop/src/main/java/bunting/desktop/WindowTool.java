package bunting.desktop;

import bunting.files.BugLog;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.spi.ToolProvider;
import javafx.application.Application;

/**
 * The window as a tool that the command line finds by its name: without words or with a file it is
 * opened; {@code demo} and {@code snapshot} do without a display.
 */
public final class WindowTool implements ToolProvider {
  private static final int DONE = 0;
  private static final int CANNOT = 2;

  /** JavaFX warns at every start that it was found on the class path, which is on purpose. */
  private static final Logger TOOLKIT = Logger.getLogger("javafx");

  @Override
  public String name() {
    return "bunting-window";
  }

  @Override
  public int run(PrintWriter out, PrintWriter err, String... args) {
    TOOLKIT.setLevel(Level.SEVERE);
    List<String> words = List.of(args);
    String first = words.isEmpty() ? "" : words.getFirst();
    if (first.equals("snapshot")) {
      headless();
      return SnapshotCommand.run(words.subList(1, words.size()), out, err);
    }
    if (!Displays.any(System.getenv(), System.getProperty("os.name", ""))) {
      if (words.equals(List.of("demo"))) {
        headless();
        return DemoCommand.run(out, err);
      }
      err.println(
          "There is no display here; try ./bunting demo, ./bunting snapshot --out DIR or ./bunting"
              + " --help.");
      return CANNOT;
    }
    Optional<String> problem = Displays.problem(System.getenv(), System.getProperty("os.name", ""));
    if (problem.isPresent()) {
      err.println(problem.get());
      return CANNOT;
    }
    return opened(err, args);
  }

  private static void headless() {
    System.setProperty("glass.platform", "Headless");
    System.setProperty("prism.order", "sw");
  }

  /** What the toolkit prints while it starts is kept for the log: a start that fails is a line. */
  private static int opened(PrintWriter err, String... args) {
    PrintStream real = System.err;
    ByteArrayOutputStream printed = new ByteArrayOutputStream();
    System.setErr(new PrintStream(printed, true, StandardCharsets.UTF_8));
    DesktopApplication.whenStarted(() -> System.setErr(real));
    try {
      Application.launch(DesktopApplication.class, args);
      return DONE;
    } catch (RuntimeException | LinkageError e) {
      System.setErr(real);
      e.addSuppressed(new IllegalStateException(printed.toString(StandardCharsets.UTF_8)));
      err.println("The window cannot be opened. " + BugLog.note("opening the window", e));
      return CANNOT;
    }
  }
}
