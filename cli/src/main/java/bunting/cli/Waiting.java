package bunting.cli;

import java.io.Console;
import java.io.PrintStream;
import java.time.Duration;
import java.util.Optional;

/**
 * Where a person looks on and something takes more than ten seconds, standard error says what is
 * being done; Ctrl C ends it.
 */
final class Waiting implements AutoCloseable {
  private static final Duration PATIENCE = Duration.ofSeconds(10);

  private final Optional<Thread> thread;
  private volatile String doing;

  private Waiting(Optional<PrintStream> to, Duration patience, String first, String afterStop) {
    doing = first;
    thread = to.map(t -> Thread.ofVirtual().start(() -> tell(t, patience, afterStop)));
  }

  /**
   * Waits with the person at the terminal, if there is one.
   *
   * @param first what is done first
   * @param afterStop a sentence on what Ctrl C leaves
   */
  static Waiting atTerminal(String first, String afterStop) {
    return new Waiting(
        Optional.ofNullable(System.console()).filter(Console::isTerminal).map(c -> System.err),
        PATIENCE,
        first,
        afterStop);
  }

  /** The same, told each time so long is over. */
  static Waiting told(PrintStream to, Duration patience, String first, String afterStop) {
    return new Waiting(Optional.of(to), patience, first, afterStop);
  }

  /** What is done from now on. */
  void doing(String what) {
    doing = what;
  }

  private void tell(PrintStream to, Duration patience, String afterStop) {
    try {
      while (true) {
        Thread.sleep(patience);
        to.println(doing + ". Press Ctrl C to stop; " + afterStop);
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  @Override
  public void close() {
    thread.ifPresent(Thread::interrupt);
  }
}
