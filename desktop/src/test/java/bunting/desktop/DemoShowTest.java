package bunting.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.plan.Keeping;
import bunting.core.plan.Kept;
import bunting.core.show.Show;
import bunting.core.show.Survey;
import bunting.files.BadInputException;
import bunting.files.ShowFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class DemoShowTest {
  private static final Path EXAMPLES = Path.of("..", "examples");

  @Test
  void theDemoIsTheRunListTheSettingsAndTheDrawingBesideIt() throws Exception {
    Show demo = DemoShow.read();
    assertThat(demo.withSurvey(Survey.EMPTY).withAccepted(Optional.empty()))
        .isEqualTo(ShowFiles.open(EXAMPLES.resolve("RUNS.csv")));
    byte[] drawing = Files.readAllBytes(EXAMPLES.resolve("mill.svg"));
    assertThat(demo.survey().underlay().orElseThrow().picture().bytes()).isEqualTo(drawing);
  }

  @Test
  void thePlannerKeepsItsPlanWhole() {
    Show demo = DemoShow.read();
    Assessment plan = Assessor.sketch(demo);
    Kept kept = Kept.of(plan.reading()).orElseThrow();
    assertThat(kept.because()).isEmpty();
    assertThat(Keeping.accept(plan.reading())).isEqualTo(demo);
  }

  @Test
  void itIsSavedAsItShips() throws IOException, BadInputException {
    Path copy = Files.createTempDirectory("demo").resolve("copy.bunting.json");
    ShowFiles.writeShow(copy, DemoShow.read());
    assertThat(copy).hasSameBinaryContentAs(EXAMPLES.resolve("sallow-mill.bunting.json"));
  }
}
