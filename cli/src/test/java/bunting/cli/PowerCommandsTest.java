package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;

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
