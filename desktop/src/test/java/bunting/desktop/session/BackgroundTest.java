package bunting.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Work beside the interface: done, failed, stopped, or overtaken by newer work. */
class BackgroundTest {
  private final List<Runnable> workers = new ArrayList<>();
  private final List<Runnable> arrivals = new ArrayList<>();
  private final Background background = new Background(workers::add, arrivals::add);
  private final List<Object> done = new ArrayList<>();
  private final List<String> failed = new ArrayList<>();

  private void goOn() {
    while (!workers.isEmpty() || !arrivals.isEmpty()) {
      (workers.isEmpty() ? arrivals : workers).removeFirst().run();
    }
  }

  @Test
  void whateverIsThrownArrivesAsOneSentence() {
    for (Throwable fault :
        List.of(
            new IllegalStateException("x"),
            new StackOverflowError(),
            new OutOfMemoryError("y"),
            new NoClassDefFoundError("z"))) {
      failed.clear();
      background.run(
          "cutting reels",
          job -> {
            if (fault instanceof Error e) {
              throw e;
            }
            throw (RuntimeException) fault;
          },
          done::add,
          failed::add);
      goOn();
      assertThat(failed).hasSize(1);
      assertThat(failed.getFirst()).contains("cutting reels").endsWith(".").doesNotContain("\n");
    }
    assertThat(done).isEmpty();
  }

  @Test
  void ofWorkThatWasStoppedNothingArrives() {
    Background.Job job = background.run("solving", j -> 7, done::add, failed::add);
    job.stop();
    goOn();
    background
        .run(
            "solving",
            j -> {
              throw new IllegalStateException();
            },
            done::add,
            failed::add)
        .stop();
    goOn();
    assertThat(done).isEmpty();
    assertThat(failed).isEmpty();
  }

  @Test
  void inALaneOnlyTheNewestCounts() {
    Background.Lane lane = background.lane();
    List<Boolean> told = new ArrayList<>();
    for (int i = 1; i <= 5; i++) {
      int n = i;
      lane.submit(
          "planning",
          job -> {
            told.add(job.stopped());
            return n;
          },
          done::add,
          failed::add);
    }
    goOn();
    assertThat(done).as("of five, the last arrives").containsExactly(5);
    assertThat(told)
        .as("the first is told to stop, three never begin")
        .containsExactly(true, false);
    assertThat(lane.busy()).isFalse();
  }

  @Test
  void workThatNeverEndsIsAbandonedAndTheLaneGoesOn() {
    Background.Lane lane = background.lane();
    lane.submit("planning", job -> 1, done::add, failed::add);
    Runnable stuck = workers.removeFirst();
    lane.abandon();
    assertThat(lane.busy()).isFalse();
    lane.submit("planning", job -> 2, done::add, failed::add);
    goOn();
    stuck.run();
    goOn();
    assertThat(done).containsExactly(2);
  }
}
