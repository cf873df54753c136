package bunting.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.List;
import org.junit.jupiter.api.Test;

class HistoryTest {
  private static Show show(int pixels) {
    return Show.of(List.of(Run.of("Hub", "5v-strip-60", pixels)));
  }

  @Test
  void undoAndRedoGoBackAndForth() {
    History history = new History();
    history.done("to 2", show(1));
    history.done("to 3", show(2));
    assertThat(history.undo(show(3)))
        .hasValueSatisfying(s -> assertThat(s.show()).isEqualTo(show(2)));
    assertThat(history.undo(show(2)))
        .hasValueSatisfying(s -> assertThat(s.show()).isEqualTo(show(1)));
    assertThat(history.undo(show(1))).isEmpty();
    assertThat(history.redo(show(1)))
        .hasValueSatisfying(s -> assertThat(s.show()).isEqualTo(show(2)));
    assertThat(history.redo(show(2)))
        .hasValueSatisfying(s -> assertThat(s.show()).isEqualTo(show(3)));
    assertThat(history.redo(show(3))).isEmpty();
  }

  @Test
  void anEditForgetsWhatWasTakenBack() {
    History history = new History();
    history.done("to 2", show(1));
    assertThat(history.undo(show(2))).isPresent();
    history.done("to 9", show(1));
    assertThat(history.redo(show(9))).isEmpty();
    assertThat(history.pastSteps()).isEqualTo(1);
  }

  @Test
  void itDoesNotGrowForEver() {
    History history = new History();
    for (int i = 0; i < 500; i++) {
      history.done("step", show(i + 1));
    }
    assertThat(history.pastSteps()).isEqualTo(200);
  }
}
