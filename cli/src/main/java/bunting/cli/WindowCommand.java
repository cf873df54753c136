package bunting.cli;

import java.io.PrintStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.spi.ToolProvider;
import picocli.CommandLine.Command;
import picocli.CommandLine.Unmatched;

/**
 * Words that need the window. The command line does not know it: it is found as a tool of the name
 * {@value #TOOL} on the class path, and only then is the toolkit loaded.
 */
abstract class WindowCommand implements Callable<Integer> {
  static final String TOOL = "bunting-window";

  private final String word;

  @Unmatched private List<String> rest = new ArrayList<>();

  private WindowCommand(String word) {
    this.word = word;
  }

  @Override
  public Integer call() {
    List<String> words = new ArrayList<>(List.of(word));
    words.addAll(rest);
    return window(words, System.out, System.err);
  }

  /** Hands words to the window; 2 and a sentence where there is none. */
  static int window(List<String> words, PrintStream out, PrintStream err) {
    Optional<ToolProvider> window = ToolProvider.findFirst(TOOL);
    if (window.isEmpty()) {
      err.println("The window is not on the class path; start Bunting by ./bunting.");
      return Main.BAD_INPUT;
    }
    return window.get().run(out, err, words.toArray(String[]::new));
  }

  @Command(
      name = "demo",
      mixinStandardHelpOptions = true,
      description = "The demo show; without a display: pictures, papers and a summary.")
  static final class Demo extends WindowCommand {
    Demo() {
      super("demo");
    }
  }

  @Command(
      name = "snapshot",
      mixinStandardHelpOptions = true,
      description =
          "A PNG of every main view: --out DIR [--show SHOW] [--size 1280x800]; needs no display.")
  static final class Snapshot extends WindowCommand {
    Snapshot() {
      super("snapshot");
    }
  }
}
