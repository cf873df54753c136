package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("slow")
class CommandLineTest {
  private static final ObjectMapper MAPPER = new ObjectMapper();
  private static final String DROP =
      "drop --volts 5 --pixels 300 --pitch 60 --ma 50 --rail-ohms-per-m 0.06 ";

  @TempDir private Path folder = Path.of("");

  /** What a command printed and how it ended. */
  private record Answer(int status, String out, String err) {}

  private static Answer run(String... args) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ByteArrayOutputStream err = new ByteArrayOutputStream();
    int status =
        Main.run(
            args,
            new PrintStream(out, true, StandardCharsets.UTF_8),
            new PrintStream(err, true, StandardCharsets.UTF_8));
    return new Answer(
        status, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
  }

  private static Answer line(String command) {
    return run(command.split(" "));
  }

  private static void isOneSentence(Answer answer, int status) {
    assertThat(answer.status()).isEqualTo(status);
    assertThat(answer.out()).isEmpty();
    assertThat(answer.err().strip())
        .isNotEmpty()
        .doesNotContain("\n")
        .hasSizeLessThanOrEqualTo(600)
        .doesNotContain("Exception");
  }

  @Test
  void theExampleIsPlannedAndItsTwoMistakesAreFound() throws IOException {
    Path out = folder.resolve("PLAN.json");
    Answer answer =
        run(
            "plan",
            "../examples/RUNS.csv",
            "--settings",
            "../examples/SETTINGS.json",
            "--out",
            out.toString());
    assertThat(answer).isEqualTo(new Answer(1, "", ""));
    JsonNode plan = MAPPER.readTree(Files.readAllBytes(out));
    assertThat(plan.path("totals").path("runs").asInt()).isBetween(40, 70);
    assertThat(plan.path("totals").path("pixels").asInt()).isBetween(8000, 12000);
    assertThat(plan.path("findings"))
        .anyMatch(
            f ->
                f.path("severity").asText().equals("stop")
                    && f.path("subject").asText().equals("Owl"));
    assertThat(plan.path("findings"))
        .anyMatch(
            f ->
                f.path("code").asText().equals("length-mismatch")
                    && f.path("subject").asText().equals("Handrail north"));
  }

  @Test
  void dropSolvesALineFedAtBothEnds() throws IOException {
    Answer answer =
        line(DROP + "--load constant-current --feed 1,2,16AWG --feed 300,7,14AWG --json");
    assertThat(answer.status()).isZero();
    JsonNode json = MAPPER.readTree(answer.out());
    assertThat(json.path("volts")).hasSize(300);
    assertThat(json.path("totalAmps").asDouble()).isCloseTo(15, within(1e-6));
    assertThat(json.path("totalWatts").asDouble()).isCloseTo(75, within(1e-5));
    assertThat(json.path("feeds").path(1).path("atPixel").asInt()).isEqualTo(300);
    assertThat(json.path("volts").path(json.path("minAtPixel").asInt() - 1).asDouble())
        .isEqualTo(json.path("minVolts").asDouble());
  }

  @Test
  void aNetworkThatCannotStandIsASentence() {
    isOneSentence(line(DROP + "--feed 1,50,22AWG --json"), 1);
    isOneSentence(line(DROP + "--load constant-power --feed 1,50,22AWG"), 1);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "plan",
        "plan nowhere.csv --out x.json",
        "plan ../examples/RUNS.csv",
        "plan ../examples/RUNS.csv --out",
        "plan ../examples/RUNS.csv --out nowhere/x/y.json",
        "plan ../examples --out x.json",
        "plan ../examples/RUNS.csv --settings ../examples/RUNS.csv --out x.json",
        "plan ../examples/RUNS.csv --sttings x --out x.json",
        "check nowhere.bunting.json",
        "check ../examples/SETTINGS.json",
        "papers ../examples/RUNS.csv",
        "fly",
        "send plan.json --pattern white --to 127.0.0.1",
        "stand-in plan.json",
        "drop --volts 5",
        DROP,
        DROP + "--feed 0,2,16AWG",
        DROP + "--feed 301,2,16AWG",
        DROP + "--feed 1,2",
        DROP + "--feed 1,-2,16AWG",
        DROP + "--feed 1,2,rope",
        DROP + "--feed 1,2,16AWG --load heavy",
        DROP + "--feed 1,2,16AWG --volts 5",
        DROP + "--auto --feed-wire 14AWG",
        DROP + "--auto --min-volts 4.5",
        DROP + "--auto --min-volts 4.5 --feed-wire 14AWG --feed 1,2,14AWG",
        DROP + "--auto --min-volts 4.5 --feed-wire 14AWG --start-m -1",
        "drop --volts 5 --pixels 1e6 --pitch 60 --ma 50 --rail-ohms-per-m 0.06 --feed 1,2,16AWG",
        "drop --volts 0 --pixels 3 --pitch 60 --ma 50 --rail-ohms-per-m 0.06 --feed 1,2,16AWG",
        "drop --volts NaN --pixels 3 --pitch 60 --ma 50 --rail-ohms-per-m 0.06 --feed 1,2,16AWG",
      })
  void badCommandsAreOneSentence(String command) {
    isOneSentence(line(command.strip()), 2);
  }

  @Test
  void badInputLeavesAnOlderPlanAsItWas() throws IOException {
    Path old = Files.writeString(folder.resolve("PLAN.json"), "old");
    Path runs =
        Files.writeString(folder.resolve("R.csv"), "name,type,pixels\na,5v-strip-60,none\n");
    isOneSentence(run("plan", runs.toString(), "--out", old.toString()), 2);
    assertThat(Files.readString(old)).isEqualTo("old");
    try (Stream<Path> files = Files.list(folder)) {
      assertThat(files).hasSize(2);
    }
  }

  @Test
  void checkPrintsOneFindingALineAndAlsoJson() throws IOException {
    Answer text = line("check ../examples/RUNS.csv");
    Answer json = line("check ../examples/RUNS.csv --json");
    assertThat(text.status()).isEqualTo(1);
    List<String> lines = Arrays.asList(text.out().strip().split("\n"));
    assertThat(lines.getFirst()).startsWith("stop unplaced: Run Owl");
    assertThat(MAPPER.readTree(json.out()).path("findings")).hasSize(lines.size());
  }

  @Test
  void papersAreWritten() throws IOException {
    Answer answer =
        run("papers", "../examples/RUNS.csv", "--out", folder.resolve("papers").toString());
    assertThat(answer.status()).isEqualTo(1);
    try (Stream<Path> files = Files.list(folder.resolve("papers"))) {
      assertThat(files).hasSizeGreaterThan(40);
    }
  }
}
