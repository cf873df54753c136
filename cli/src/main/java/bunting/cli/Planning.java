package bunting.cli;

import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.ports.SearchWatch;
import bunting.core.show.Show;
import java.io.Console;
import java.io.PrintStream;
import java.time.Duration;
import java.util.Optional;

/**
 * Plans a show for a command. Where a person looks on and it takes more than ten seconds, standard
 * error says what is being done; Ctrl C ends it with nothing written.
 */
final class Planning {
  private static final Duration PATIENCE = Duration.ofSeconds(10);

  private Planning() {}

  /** Returns the plan of a show, as the window would have it. */
  static Assessment of(Show show) {
    return Optional.ofNullable(System.console()).filter(Console::isTerminal).isPresent()
        ? of(show, System.err, PATIENCE)
        : Assessor.plan(show);
  }

  /** Returns the plan, and says each time it took so long what is being done. */
  static Assessment of(Show show, PrintStream to, Duration patience) {
    Reporter reporter = new Reporter(to, patience);
    Thread thread = Thread.ofVirtual().start(reporter);
    try {
      return Assessor.plan(show, reporter);
    } finally {
      thread.interrupt();
    }
  }

  /** Keeps the last step of the search and prints it each time the patience is over. */
  private static final class Reporter implements SearchWatch, Runnable {
    private final PrintStream to;
    private final Duration patience;
    private volatile String doing = "first fits";

    Reporter(PrintStream to, Duration patience) {
      this.to = to;
      this.patience = patience;
    }

    @Override
    public boolean stopped() {
      return false;
    }

    @Override
    public void step(int part, int parts, String what) {
      doing = parts > 1 ? what + " (part " + part + " of " + parts + ")" : what;
    }

    @Override
    public void run() {
      try {
        while (true) {
          Thread.sleep(patience);
          to.println("Planning: " + doing + ". Press Ctrl C to stop; nothing is written then.");
        }
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      }
    }
  }
}
