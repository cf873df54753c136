package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.plan.Assessor;
import bunting.core.show.Show;
import bunting.files.ShowFiles;
import bunting.testkit.RandomShows;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.junit.jupiter.api.Test;

/** A plan that somebody watches is the plan that nobody watches. */
class PlanningTest {
  @Test
  void whoLooksOnChangesNothingAndIsToldWhatIsDone() throws Exception {
    RandomShows random = new RandomShows(7);
    Show show = ShowFiles.ofTexts(random.csv(), random.settings().toString());
    ByteArrayOutputStream said = new ByteArrayOutputStream();
    PrintStream to = new PrintStream(said, true, StandardCharsets.UTF_8);
    try (Waiting waiting =
        Waiting.told(to, Duration.ofMillis(1), Planning.FIRST, Planning.AFTER_STOP)) {
      assertThat(Planning.of(show, waiting).reading().decisions())
          .isEqualTo(Assessor.plan(show).reading().decisions());
    }
    assertThat(said.toString(StandardCharsets.UTF_8).lines())
        .isNotEmpty()
        .allSatisfy(
            line -> assertThat(line).startsWith("Planning: ").endsWith("nothing is written then."));
  }
}
