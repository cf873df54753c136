package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.BenchNotes;
import bunting.core.show.Controller;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.edit.BoxEdits;
import bunting.core.show.edit.References;
import bunting.core.show.edit.RunEdits;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What was ticked and read at the bench is kept with the show. */
class BenchFilesTest {
  @TempDir private Path folder = Path.of("");

  private static final BenchNotes NOTES =
      BenchNotes.NONE
          .tick("count Weir", true)
          .tick("white", true)
          .withSupplyVolts(5, Optional.of(5.08))
          .read(new BenchNotes.Amps("port", "C1:2", 3.4, "white", 100))
          .read(new BenchNotes.Amps("feed", "F1", 1.25, "red", 40))
          .withSupplyVolts(12, Optional.of(11.9))
          .withSupplyVolts(12, Optional.empty())
          .read(new BenchNotes.Reading("Weir", 120, 4.62, "white", 100))
          .read(new BenchNotes.Reading("Weir", 1, 4.9, "red", 62.5));

  private static Show show() {
    return Show.of(List.of(Run.of("Weir", "5v-strip-60", 120))).withBench(NOTES);
  }

  @Test
  void goesIntoTheFileAndComesBack() throws Exception {
    Path file = folder.resolve("mill.bunting.json");
    ShowFiles.writeShow(file, show());
    assertThat(ShowFiles.readShow(file).bench()).isEqualTo(NOTES);
    assertThat(Files.readString(file)).contains("\"bench\"");
    ShowFiles.writeShow(file, show().withBench(BenchNotes.NONE));
    assertThat(Files.readString(file)).doesNotContain("\"bench\"");
  }

  @Test
  void aSecondReadingOfAPlaceTakesTheFirstOnesPlace() {
    BenchNotes again = NOTES.read(new BenchNotes.Reading("Weir", 120, 4.7, "white", 100));
    assertThat(again.readings()).hasSize(2);
    assertThat(again.without(new BenchNotes.Reading("Weir", 120, 0, "white", 100)).readings())
        .hasSize(1);
    assertThat(NOTES.tick("white", false).ticked()).containsExactly("count Weir");
  }

  @Test
  void ampsOfAPortFollowTheirBox() {
    Show show = show().withControllers(List.of(new Controller("C1", "box-2", 0, 0)));
    BenchNotes renamed = BoxEdits.renamed(show, "C1", "Weir box").bench();
    assertThat(renamed.amps().stream().map(BenchNotes.Amps::id))
        .containsExactly("Weir box:2", "F1");
    BenchNotes again = NOTES.read(new BenchNotes.Amps("port", "C1:2", 3.1, "white", 100));
    assertThat(again.amps()).hasSize(2);
    assertThat(again.without(new BenchNotes.Amps("port", "C1:2", 0, "white", 100)).amps())
        .hasSize(1);
  }

  @Test
  void followsARunToItsNewNameAndLosesWhatIsNotThere() {
    Show renamed = RunEdits.renamed(show(), "Weir", "Sluice");
    assertThat(renamed.bench().ticked()).contains("count Sluice");
    assertThat(renamed.bench().readings()).allMatch(r -> r.run().equals("Sluice"));
    Show shorter = RunEdits.changed(show(), "Weir", r -> r.withBuilt(OptionalInt.of(100)));
    References.Kept kept = References.keep(shorter);
    assertThat(kept.show().bench().readings()).hasSize(1);
    assertThat(kept.dropped()).anyMatch(d -> d.what().contains("reading"));
  }
}
