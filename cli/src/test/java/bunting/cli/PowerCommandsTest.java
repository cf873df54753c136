package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import bunting.core.show.PixelType;
import bunting.core.show.StandardCatalogue;
import bunting.core.show.Wire;
import bunting.files.DropWriter;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Power on the command line. */
@Tag("slow")
class PowerCommandsTest extends CommandDriver {
  private static final String STRIP =
      "drop --volts 5 --pixels 300 --pitch 60 --ma 50 --rail-ohms-per-m 0.06 --json ";

  private record Answer(int status, String out, String err) {
    JsonNode json() throws Exception {
      return new ObjectMapper().readTree(out);
    }
  }

  private static Answer line(String command) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ByteArrayOutputStream err = new ByteArrayOutputStream();
    int status =
        Main.run(
            command.split(" "),
            new PrintStream(out, true, StandardCharsets.UTF_8),
            new PrintStream(err, true, StandardCharsets.UTF_8));
    return new Answer(
        status, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
  }

  /** The quick sheet's command answers what the sheet says, thirds of milliamps and all. */
  @Test
  void theCommandOfTheQuickSheetAnswersTheSheet() throws Exception {
    PixelType string =
        StandardCatalogue.get().pixelTypesById().get("5v-string-10").withMeasured(100 / 3.0);
    Wire wire = Wire.parse("18AWG").orElseThrow();
    int[] at = {0, 20, 44};
    double[] metres = {2, 4, 6.4};
    String typed = DropWriter.command(string, 50, 1000 * string.amps(100), at, metres, wire);
    JsonNode answer = line(typed.replace("./bunting ", "") + " --json").json();
    double[] ohms = java.util.Arrays.stream(metres).map(wire::loopOhms).toArray();
    Line same = Line.uniform(5, 50, string.amps(100), string.load(), string.loopOhms(), at, ohms);
    LineSolution.Stands sheet = (LineSolution.Stands) LineSolver.solve(same);
    assertThat(answer.get("minVolts").asDouble())
        .isCloseTo(sheet.volts().lowest(), org.assertj.core.api.Assertions.within(1e-6));
    for (int f = 0; f < at.length; f++) {
      assertThat(answer.get("feeds").get(f).get("amps").asDouble())
          .isCloseTo(sheet.feedAmps().at(f), org.assertj.core.api.Assertions.within(1e-6));
    }
  }

  /** Every loss has every field of the contract, with names that scripts know. */
  @Test
  void lossesAreTheContractsOwn() throws Exception {
    String runs = "name,type,pixels\nWeir,5v-strip-60,300\nOwl,5v-strip-60,60\n";
    Path list = java.nio.file.Files.writeString(folder.resolve("runs.csv"), runs);
    Answer lose = line("lose " + list + " --json");
    assertThat(lose.status()).isZero();
    java.util.Set<String> kinds = new java.util.HashSet<>();
    for (JsonNode loss : lose.json().get("losses")) {
      kinds.add(loss.get("kind").asText());
      for (String field :
          java.util.List.of(
              "kind",
              "id",
              "darkPixels",
              "noDataPixels",
              "belowLeastPixels",
              "lowestVolts",
              "lowestRun",
              "lowestPixel",
              "overloaded",
              "darkInTheEnd",
              "burns")) {
        assertThat(loss.has(field)).as(field).isTrue();
      }
      for (JsonNode over : loss.get("overloaded")) {
        assertThat(over.get("amps").asDouble()).isGreaterThan(over.get("ratedAmps").asDouble());
      }
      for (JsonNode burn : loss.get("burns")) {
        assertThat(burn.get("amps").asDouble()).isGreaterThan(burn.get("allowedAmps").asDouble());
      }
    }
    assertThat(kinds)
        .containsExactlyInAnyOrder("fuse", "feed", "lead", "input-wire", "supply", "controller");
  }

  /** A trunk is rebuilt from its file: its metres from branch to branch add up, in their order. */
  @Test
  void aTrunkSaysWhereItsPairRuns() throws Exception {
    Path list =
        java.nio.file.Files.writeString(
            folder.resolve("runs.csv"),
            "name,type,pixels,x_m,y_m\nWeir,5v-strip-60,300,2,1\nOwl,5v-strip-60,300,9,3\n");
    java.nio.file.Files.writeString(
        folder.resolve("SETTINGS.json"), "{\"power\": {\"school\": \"trunk\"}}");
    Path out = folder.resolve("PLAN.json");
    assertThat(line("plan " + list + " --out " + out).status()).isLessThan(2);
    JsonNode plan = new com.fasterxml.jackson.databind.ObjectMapper().readTree(out.toFile());
    assertThat(plan.get("trunks")).isNotEmpty();
    for (JsonNode trunk : plan.get("trunks")) {
      double metres = trunk.get("headM").asDouble() + trunk.path("backM").asDouble();
      for (JsonNode span : trunk.get("spansM")) {
        metres += span.asDouble();
      }
      assertThat(trunk.get("spansM")).hasSize(trunk.get("tails").size() - 1);
      assertThat(trunk.has("backM")).isEqualTo(trunk.get("ring").asBoolean());
      assertThat(metres)
          .isCloseTo(trunk.get("lengthM").asDouble(), org.assertj.core.api.Assertions.within(1e-3));
    }
  }

  /** What --auto says of its places is what drop says of them when they are given. */
  @ParameterizedTest
  @ValueSource(strings = {"constant-current", "constant-power", "resistive", "headroom"})
  void autoAnswersWithTheSameVoltsAsItsFeedsGiven(String load) throws Exception {
    Answer auto =
        line(STRIP + "--load " + load + " --auto --min-volts 4.5 --feed-wire 14AWG --start-m 2");
    assertThat(auto.status()).isZero();
    StringBuilder given = new StringBuilder(STRIP + "--load " + load);
    for (JsonNode feed : auto.json().get("feeds")) {
      int pixel = feed.get("atPixel").asInt();
      given.append(
          String.format(Locale.ROOT, " --feed %d,%.9f,14AWG", pixel, 2 + (pixel - 1) / 60.0));
    }
    JsonNode drop = line(given.toString()).json();
    assertThat(auto.json().get("minVolts").asDouble()).isGreaterThanOrEqualTo(4.5);
    for (int i = 0; i < 300; i++) {
      assertThat(auto.json().get("volts").get(i).asDouble())
          .isCloseTo(
              drop.get("volts").get(i).asDouble(), org.assertj.core.api.Assertions.within(1e-5));
    }
  }

  /** Nobody who places the same number of feeds at random does better. */
  @Test
  void noRandomPlacingDoesBetter() throws Exception {
    JsonNode auto = line(STRIP + "--auto --min-volts 4.5 --feed-wire 14AWG --start-m 2").json();
    int count = auto.get("feeds").size();
    Random random = new Random(7);
    for (int trial = 0; trial < 60; trial++) {
      StringBuilder given = new StringBuilder(STRIP);
      for (int f = 0; f < count; f++) {
        int pixel =
            Math.clamp(
                auto.get("feeds").get(f).get("atPixel").asInt() + random.nextInt(21) - 10L, 1, 300);
        given.append(
            String.format(Locale.ROOT, "--feed %d,%.9f,14AWG ", pixel, 2 + (pixel - 1) / 60.0));
      }
      assertThat(line(given.toString().strip()).json().get("minVolts").asDouble())
          .isLessThanOrEqualTo(auto.get("minVolts").asDouble() + 1e-5);
    }
  }

  @Test
  void whatNoPlacingHoldsIsOneSentenceAndExitOne() {
    Answer none = line(STRIP + "--auto --min-volts 4.99 --feed-wire 22AWG --start-m 40");
    assertThat(none.status()).isEqualTo(1);
    assertThat(none.out()).isEmpty();
    assertThat(none.err().strip()).startsWith("No placing holds 4.99 V").doesNotContain("\n");
  }

  @Test
  void everyLossIsToldWorstFirst() throws Exception {
    String list = file("RUNS.csv", "name,type,pixels\nWeir,5v-strip-60,300\nOwl,5v-strip-60,40\n");
    assertThat(run("lose", list)).isZero();
    JsonNode losses = line("lose " + Path.of(list) + " --json").json().get("losses");
    assertThat(losses.size()).isGreaterThan(3);
    int before = Integer.MAX_VALUE;
    for (JsonNode loss : losses) {
      int touched =
          Math.max(loss.get("darkPixels").asInt(), loss.get("darkInTheEnd").asInt())
              + loss.get("noDataPixels").asInt()
              + loss.get("belowLeastPixels").asInt();
      assertThat(touched).isLessThanOrEqualTo(before);
      before = touched;
    }
  }
}
