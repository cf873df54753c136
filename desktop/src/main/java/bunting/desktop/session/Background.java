package bunting.desktop.session;

import bunting.files.BugLog;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;

/**
 * The one door for work beside the interface: it can fail and says so, and it can be stopped. What
 * comes of it, be it a result or a sentence, arrives on the interface thread; of work that was
 * stopped nothing arrives.
 */
public final class Background {
  private final Executor workers;
  private final Executor screen;

  /**
   * @param workers what the work runs on
   * @param screen what its results arrive on, and where all methods here are called
   */
  public Background(Executor workers, Executor screen) {
    this.workers = workers;
    this.screen = screen;
  }

  /** Threads that end with the application, and the toolkit's own thread. */
  public static Background ofWindow() {
    return new Background(
        work -> Thread.ofPlatform().daemon().name("background").start(work), Platform::runLater);
  }

  /** Work under way. */
  public static final class Job {
    private volatile boolean stopped;

    private Job() {}

    /** Nothing of it arrives any more; work that asks {@link #stopped} ends soon. */
    public void stop() {
      stopped = true;
    }

    /** Whether nobody waits for it any more. */
    public boolean stopped() {
      return stopped;
    }
  }

  /**
   * Begins work.
   *
   * @param doing what it is, for the log, such as "cutting reels"
   * @param work is told its job, to ask whether it was stopped
   * @param done takes what came of it
   * @param failed takes a sentence where it threw
   */
  public <T> Job run(
      String doing, Function<Job, T> work, Consumer<T> done, Consumer<String> failed) {
    Job job = new Job();
    run(job, doing, work, done, failed, () -> {});
    return job;
  }

  private <T> void run(
      Job job,
      String doing,
      Function<Job, T> work,
      Consumer<T> done,
      Consumer<String> failed,
      Runnable ended) {
    workers.execute(
        () -> {
          Runnable arrival = arrival(doing, job, work, done, failed);
          screen.execute(
              () -> {
                try {
                  arrival.run();
                } finally {
                  ended.run();
                }
              });
        });
  }

  /** Whatever is thrown, also an error, ends as a sentence: a spinner for ever is no answer. */
  private static <T> Runnable arrival(
      String doing, Job job, Function<Job, T> work, Consumer<T> done, Consumer<String> failed) {
    try {
      T result = work.apply(job);
      return () -> {
        if (!job.stopped()) {
          done.accept(result);
        }
      };
    } catch (CancellationException e) {
      // It heard that nobody waits for it.
      return () -> {};
    } catch (Throwable e) {
      String sentence = BugLog.note(doing, e);
      return () -> {
        if (!job.stopped()) {
          failed.accept(sentence);
        }
      };
    }
  }

  /** What the work itself has to tell as it goes on. */
  public void tell(Job job, Runnable news) {
    screen.execute(
        () -> {
          if (!job.stopped()) {
            news.run();
          }
        });
  }

  /** A lane of its own. */
  public Lane lane() {
    return new Lane();
  }

  /**
   * Work of which only the newest counts: one runs, one waits. Newer work takes the place of what
   * waits, and tells what runs to stop.
   */
  public final class Lane {
    private Optional<Job> running = Optional.empty();
    private Optional<Runnable> waiting = Optional.empty();

    private Lane() {}

    /** Whether something runs. */
    public boolean busy() {
      return running.isPresent();
    }

    /** Begins work, or lets it wait until what runs has ended. */
    public <T> void submit(
        String doing, Function<Job, T> work, Consumer<T> done, Consumer<String> failed) {
      Runnable begin =
          () -> {
            Job job = new Job();
            running = Optional.of(job);
            run(job, doing, work, done, failed, () -> ended(job));
          };
      if (running.isEmpty()) {
        begin.run();
      } else {
        running.get().stop();
        waiting = Optional.of(begin);
      }
    }

    private void ended(Job job) {
      if (running.isPresent() && running.get() == job) {
        running = Optional.empty();
        Optional<Runnable> next = waiting;
        waiting = Optional.empty();
        next.ifPresent(Runnable::run);
      }
    }

    /** Tells what runs to stop and forgets what waits; newer work waits until it has ended. */
    public void stop() {
      running.ifPresent(Job::stop);
      waiting = Optional.empty();
    }

    /** Waits for nothing any more: what runs is left to itself, what waits is forgotten. */
    public void abandon() {
      running.ifPresent(Job::stop);
      running = Optional.empty();
      waiting = Optional.empty();
    }
  }
}
