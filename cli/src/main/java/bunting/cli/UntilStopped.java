package bunting.cli;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;

/**
 * Work that goes on until it is done or the process is told to end (SIGINT, SIGTERM). Told so, it
 * finishes what it says last, and the process ends with exit status 0.
 */
final class UntilStopped {
  /** Longest time for the last words, seconds. */
  private static final long LAST_WORDS_SECONDS = 10;

  /** Something that can fail. */
  @FunctionalInterface
  interface Work {
    void run() throws Exception;
  }

  private UntilStopped() {}

  /**
   * Runs it.
   *
   * @param stop tells the work to end; called by another thread
   */
  static void run(Work work, Runnable stop) throws Exception {
    CountDownLatch done = new CountDownLatch(1);
    Thread ending =
        new Thread(
            () -> {
              stop.run();
              try {
                if (done.await(LAST_WORDS_SECONDS, TimeUnit.SECONDS)) {
                  Runtime.getRuntime().halt(0);
                }
              } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
              }
            });
    Runtime.getRuntime().addShutdownHook(ending);
    try {
      work.run();
    } finally {
      done.countDown();
      try {
        Runtime.getRuntime().removeShutdownHook(ending);
      } catch (IllegalStateException e) {
        // It is running: the process ends there.
        ending.join();
      }
    }
  }
}
