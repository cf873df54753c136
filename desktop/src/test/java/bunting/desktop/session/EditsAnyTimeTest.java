package bunting.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.limits.ShowLimits;
import bunting.core.show.Show;
import bunting.files.ShowFiles;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Random edits of all parts of a show, in random order, at random moments of planning: the show is
 * what the same edits make one by one, and what is written is read back and equal.
 */
@Tag("slow")
class EditsAnyTimeTest {
  private static final int SHOWS = 16;
  private static final int EDITS = 50;

  @TempDir private Path folder = Path.of("");

  @Test
  void theShowIsWhatItsEditsMakeOfIt() throws Exception {
    int undone = 0;
    int refused = 0;
    for (int seed = 0; seed < SHOWS; seed++) {
      Random random = new Random(seed);
      RandomEdits edits = new RandomEdits(random);
      ByHand hand = new ByHand();
      Session session = hand.session();
      List<Document.Entry> journal = new ArrayList<>();
      session.document().setJournal(journal::add);
      session.start(RandomEdits.begin());
      for (int i = 0; i < EDITS; i++) {
        while (random.nextInt(3) == 0 && hand.step(random)) {
          // Some of what is going on beside the interface comes in between.
        }
        switch (random.nextInt(12)) {
          case 0 -> session.undo();
          case 1 -> session.redo();
          case 2 -> session.cancelPlanning();
          default -> {
            RandomEdits.Edit edit = edits.next(session.show().orElseThrow(), session.assessment());
            Document.Outcome outcome = session.edit(edit.what(), edit.change());
            refused += outcome instanceof Document.Outcome.Refused ? 1 : 0;
          }
        }
        undone += journal.getLast() instanceof Document.Entry.Undone ? 1 : 0;
      }
      hand.settle();
      Show now = session.show().orElseThrow();
      // Its plan is no edit: what the edits make is the show without it.
      assertThat(now.withAccepted(Optional.empty()))
          .as("seed " + seed)
          .isEqualTo(Replay.of(journal).withAccepted(Optional.empty()));
      assertThat(ShowLimits.problem(now)).as("seed " + seed).isEmpty();
      Path file = folder.resolve(seed + ShowFiles.ENDING);
      ShowFiles.writeShow(file, now);
      assertThat(ShowFiles.open(file)).as("seed " + seed).isEqualTo(now);
      session.plans().again();
      hand.settle();
      Show after = session.show().orElseThrow();
      assertThat(after.withAccepted(now.accepted())).as("seed " + seed).isEqualTo(now);
      assertThat(session.assessment().get().map(a -> a.reading().show()))
          .as("seed " + seed)
          .isEqualTo(Optional.of(after));
    }
    assertThat(undone).as("steps were taken back").isGreaterThan(SHOWS);
    assertThat(refused).as("some edits would have broken a limit").isPositive();
  }
}
