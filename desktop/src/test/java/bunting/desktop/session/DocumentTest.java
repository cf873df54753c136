package bunting.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.edit.RunEdits;
import bunting.files.ShowFiles;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The document alone, without a plan and without a window. */
class DocumentTest {
  private static final Show TWO =
      Show.of(List.of(Run.of("Weir", "5v-strip-60", 100), Run.of("Owl", "5v-strip-60", 50)));

  @TempDir private Path folder = Path.of("");
  private final Document document = new Document();

  private static Show counted(Show show, String run, int pixels) {
    return RunEdits.changed(show, run, r -> r.withBuilt(OptionalInt.of(pixels)));
  }

  private void count(String run, int pixels) {
    document.edit(run + " " + pixels, s -> counted(s, run, pixels));
  }

  private Show now() {
    return document.show().get().orElseThrow();
  }

  @Test
  void anEditIsDoneToTheShowAsItIsNow() {
    document.begin(TWO);
    Show before = now();
    count("Weir", 99);
    count("Owl", 48);
    assertThat(now()).isEqualTo(counted(counted(before, "Weir", 99), "Owl", 48));
    assertThat(document.undoSteps()).isEqualTo(2);
  }

  @Test
  void whatWasSavedAndUndoneIsChanged() throws Exception {
    document.begin(TWO);
    assertThat(document.changed().get()).as("begun, and nothing done").isFalse();
    count("Weir", 99);
    assertThat(document.changed().get()).isTrue();
    document.save(folder.resolve("a" + ShowFiles.ENDING));
    assertThat(document.changed().get()).isFalse();
    document.undo();
    assertThat(document.changed().get()).as("the file has the edit, the window not").isTrue();
    document.redo();
    assertThat(document.changed().get()).isFalse();
  }

  @Test
  void aShowThatWasRecoveredCountsAsChangedUntilItIsSaved() throws Exception {
    Path own = folder.resolve("a" + ShowFiles.ENDING);
    ShowFiles.writeShow(own, TWO);
    document.recover(counted(TWO, "Weir", 7), Optional.of(own));
    assertThat(document.changed().get()).isTrue();
    assertThat(document.isChangedByOthers()).isFalse();
    document.save(own);
    assertThat(document.changed().get()).isFalse();
    assertThat(ShowFiles.open(own)).isEqualTo(counted(TWO, "Weir", 7));
    assertThat(ShowFiles.open(folder.resolve("a" + ShowFiles.ENDING + ".bak").toAbsolutePath()))
        .as("what was there before")
        .isEqualTo(TWO);
  }

  @Test
  void aFileThatSomebodyElseChangedIsKnown() throws Exception {
    Path own = folder.resolve("a" + ShowFiles.ENDING);
    ShowFiles.writeShow(own, TWO);
    document.open(own);
    assertThat(document.isChangedByOthers()).isFalse();
    document.save(own);
    assertThat(document.isChangedByOthers()).as("own saves are no changes of others").isFalse();
    ShowFiles.writeShow(own, counted(TWO, "Owl", 3));
    assertThat(document.isChangedByOthers()).isTrue();
    Files.delete(own);
    assertThat(document.isChangedByOthers()).as("gone is not changed").isFalse();
  }

  @Test
  void whatCouldNotBeOpenedAgainIsNotDone() {
    document.begin(TWO);
    Document.Outcome outcome =
        document.edit(
            "far",
            s ->
                RunEdits.changed(
                    s, "Weir", r -> r.withName("x").withHanging(r.hanging().moved(1e9, 0, 0))));
    assertThat(outcome).isInstanceOf(Document.Outcome.Refused.class);
    assertThat(((Document.Outcome.Refused) outcome).why())
        .contains("Weir")
        .contains("from -100000 to 100000");
    assertThat(now()).isEqualTo(TWO);
    assertThat(document.undoSteps()).isZero();
  }

  @Test
  void anEditOfWhatIsNotThereIsNoStep() {
    document.begin(TWO);
    assertThat(document.edit("gone", s -> RunEdits.removed(s, "Nobody")))
        .isInstanceOf(Document.Outcome.Same.class);
    assertThat(document.undoSteps()).isZero();
  }
}
