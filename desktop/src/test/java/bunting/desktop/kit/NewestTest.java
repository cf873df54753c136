package bunting.desktop.kit;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.desktop.session.Background;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import org.junit.jupiter.api.Test;

/** Only the answer to the newest question counts; work is done here when the test says so. */
class NewestTest {
  private final Queue<Runnable> work = new ArrayDeque<>();
  private final Newest newest = new Newest(new Background(work::add, Runnable::run));
  private final List<String> told = new ArrayList<>();

  private void ask(String answer) {
    newest.ask("answering", job -> answer, told::add, why -> told.add("! " + why));
  }

  private void workOff() {
    while (!work.isEmpty()) {
      work.remove().run();
    }
  }

  @Test
  void anAnswerArrivesAndThenNothingIsAwaited() {
    ask("a");
    assertThat(newest.busy().get()).isTrue();
    workOff();
    assertThat(told).containsExactly("a");
    assertThat(newest.busy().get()).isFalse();
  }

  @Test
  void ofManyQuestionsTheLastIsAnswered() {
    ask("a");
    ask("b");
    ask("c");
    workOff();
    assertThat(told).containsExactly("c");
    assertThat(newest.busy().get()).isFalse();
  }

  @Test
  void whatWasStoppedArrivesNoMore() {
    ask("a");
    newest.stop();
    assertThat(newest.busy().get()).isFalse();
    workOff();
    assertThat(told).isEmpty();
    ask("b");
    workOff();
    assertThat(told).containsExactly("b");
  }

  @Test
  void whatThrowsEndsAsASentence() {
    newest.<String>ask(
        "answering",
        job -> {
          throw new IllegalStateException("a fault of our own");
        },
        told::add,
        why -> told.add("! " + why));
    workOff();
    assertThat(told).hasSize(1);
    assertThat(told.getFirst()).startsWith("! ").endsWith(".");
    assertThat(newest.busy().get()).isFalse();
  }
}
