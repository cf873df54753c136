package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** {@code send}, {@code stand-in}, {@code meter} and {@code diagnose} as the contract has them. */
@Timeout(120)
class BenchCommandsTest extends CommandDriver {
  private static final ObjectMapper MAPPER = new ObjectMapper();
  private String show = "";
  private String plan = "";

  @BeforeEach
  void planned() throws Exception {
    show = file("RUNS.csv", "name,type,pixels\nWeir,5v-strip-60,300\nOwl,5v-strip-60,40\n");
    plan = folder.resolve("PLAN.json").toString();
    run("plan", show, "--out", plan);
    assertThat(err).isEmpty();
  }

  private JsonNode said() throws Exception {
    return MAPPER.readTree(out);
  }

  @ParameterizedTest
  @ValueSource(strings = {"sacn", "artnet", "ddp"})
  void whatIsSentArrivesWhole(String protocol) throws Exception {
    try (DatagramSocket here = new DatagramSocket(0, InetAddress.getLoopbackAddress())) {
      String to = "127.0.0.1:" + here.getLocalPort();
      List<Integer> sizes = new ArrayList<>();
      CompletableFuture<Void> sent =
          CompletableFuture.runAsync(
              () ->
                  run(
                      "send",
                      plan,
                      "--pattern",
                      "white",
                      "--to",
                      to,
                      "--protocol",
                      protocol,
                      "--fps",
                      "20",
                      "--seconds",
                      "0.5"));
      here.setSoTimeout(20_000);
      DatagramPacket packet = new DatagramPacket(new byte[2000], 2000);
      here.receive(packet);
      sizes.add(packet.getLength());
      sent.join();
      JsonNode last = said();
      assertThat(last.path("protocol").asText()).isEqualTo(protocol);
      assertThat(last.path("universes").asInt()).isEqualTo(2);
      assertThat(last.path("frames").asInt()).isEqualTo(10);
      int rest = last.path("packets").asInt() - 1;
      for (int i = 0; i < rest; i++) {
        here.receive(packet);
        sizes.add(packet.getLength());
      }
      TreeSet<Integer> kinds = new TreeSet<>(sizes);
      switch (protocol) {
        case "sacn" -> {
          assertThat(kinds).containsExactly(638);
          assertThat(sizes).hasSize(10 * 2 + 3 * 2);
        }
        case "artnet" -> {
          assertThat(kinds).containsExactly(530);
          assertThat(sizes).hasSize(11 * 2);
        }
        default -> assertThat(sizes).hasSize(11);
      }
    }
    assertThat(err).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "'--pattern nope --to 127.0.0.1', --pattern should be one of",
    "'--pattern white --to 239.255.0.1', one machine",
    "'--pattern white --to 255.255.255.255', one machine",
    "'--pattern white --to 0.0.0.0', one machine",
    "'--pattern white --to 127.0.0.1:99999', the port",
    "'--pattern white --to 127.0.0.1:', the port",
    "'--pattern white --to :5568', names no machine",
    "'--pattern white --to 127.0.0.1 --protocol dmx', --protocol should be one of",
    "'--pattern white --to 127.0.0.1 --fps 0', --fps",
    "'--pattern white --to 127.0.0.1 --seconds -1', --seconds",
  })
  void whatCannotBeSentIsSaidInOneSentence(String options, String words) {
    List<String> args = new ArrayList<>(List.of("send", plan));
    args.addAll(List.of(options.split(" ")));
    assertThat(run(args.toArray(String[]::new))).isEqualTo(2);
    assertThat(err.lines()).hasSize(1);
    assertThat(err).contains(words);
    assertThat(out).isEmpty();
  }

  @Test
  void aPlanThatIsNoneIsSaidSo() throws Exception {
    String bad = file("BAD.json", "{\"segments\": []}");
    assertThat(run("send", bad, "--pattern", "white", "--to", "127.0.0.1")).isEqualTo(2);
    assertThat(err).contains("$.controllers is missing");
    String twice =
        Files.readString(folder.resolve("PLAN.json"))
            .replaceFirst("\"lastSlot\" : 510", "\"lastSlot\" : 512");
    String more = file("MORE.json", twice);
    assertThat(run("stand-in", more, "--seconds", "1")).isEqualTo(2);
    assertThat(err).contains("segments[0]").contains("slots").contains("more slots");
  }

  @Test
  void standInsHearWhatIsSentAndCountIt() throws Exception {
    ByteArrayOutputStream heard = new ByteArrayOutputStream();
    CompletableFuture<Integer> standIn =
        CompletableFuture.supplyAsync(
            () ->
                Main.run(
                    new String[] {
                      "stand-in", plan, "--protocol", "sacn", "--port", "0", "--seconds", "3"
                    },
                    new PrintStream(heard, true, StandardCharsets.UTF_8),
                    System.err));
    while (!heard.toString(StandardCharsets.UTF_8).contains("\n")) {
      Thread.onSpinWait();
    }
    JsonNode listening =
        MAPPER.readTree(heard.toString(StandardCharsets.UTF_8).lines().findFirst().orElseThrow());
    assertThat(listening.path("event").asText()).isEqualTo("listening");
    assertThat(listening.path("host").asText()).isEqualTo("127.0.0.1");
    String to = "127.0.0.1:" + listening.path("port").asInt();
    assertThat(run("send", plan, "--pattern", "red", "--to", to, "--fps", "30", "--seconds", "0.3"))
        .isZero();
    int packets = said().path("packets").asInt();
    assertThat(standIn.join()).isZero();
    List<JsonNode> lines = new ArrayList<>();
    for (String line : heard.toString(StandardCharsets.UTF_8).lines().toList()) {
      lines.add(MAPPER.readTree(line));
    }
    JsonNode stopped = lines.getLast();
    assertThat(stopped.path("event").asText()).isEqualTo("stopped");
    assertThat(stopped.path("packets").asInt()).isEqualTo(packets);
    assertThat(stopped.path("accepted").asInt()).isEqualTo(packets);
    JsonNode status =
        lines.stream()
            .filter(l -> l.path("event").asText().equals("status"))
            .reduce((a, b) -> b)
            .orElseThrow();
    assertThat(status.path("pixels").asInt()).isEqualTo(340);
    assertThat(status.path("pixelsLit").asInt()).isEqualTo(340);
    assertThat(status.path("frames").asInt()).isEqualTo(9);
    assertThat(status.path("lastUniverse").isInt()).isTrue();
  }

  @Test
  void aPortWantsItsProtocol() {
    assertThat(run("stand-in", plan, "--port", "0", "--seconds", "1")).isEqualTo(2);
    assertThat(err).contains("--port wants --protocol");
  }

  @Test
  void meterHasEveryPlaceThatIsPromised() throws Exception {
    assertThat(run("meter", show, "--json")).isZero();
    JsonNode sheet = said();
    JsonNode planned = MAPPER.readTree(folder.resolve("PLAN.json").toFile());
    for (JsonNode s : planned.path("segments")) {
      assertThat(pixels(sheet, s.path("id").asText()))
          .contains(s.path("firstPixel").asInt(), s.path("lastPixel").asInt());
    }
    for (JsonNode f : planned.path("feeds")) {
      assertThat(pixels(sheet, f.path("segment").asText())).contains(f.path("atPixel").asInt());
    }
    for (JsonNode v : planned.path("segmentVolts")) {
      assertThat(pixels(sheet, v.path("segment").asText())).contains(v.path("minAtPixel").asInt());
    }
    TreeSet<String> kinds = new TreeSet<>();
    sheet.path("amps").forEach(a -> kinds.add(a.path("kind").asText()));
    assertThat(kinds).containsExactly("feed", "port", "supply");
  }

  private static List<Integer> pixels(JsonNode sheet, String segment) {
    List<Integer> all = new ArrayList<>();
    for (JsonNode v : sheet.path("volts")) {
      if (v.path("segment").asText().equals(segment)) {
        all.add(v.path("pixel").asInt());
      }
    }
    return all;
  }

  @Test
  void aFeedThatIsPulledAndASupplyThatIsTrimmedChangeTheSheet() throws Exception {
    run("meter", show, "--json");
    double whole = said().path("volts").path(0).path("volts").asDouble();
    String feed = said().path("amps").path(0).path("id").asText();
    run("meter", show, "--trim", "5=5.2", "--json");
    assertThat(said().path("volts").path(0).path("volts").asDouble()).isGreaterThan(whole + 0.15);
    run("meter", show, "--without", feed, "--json");
    assertThat(said().path("volts").path(0).path("volts").asDouble()).isLessThan(whole - 0.1);
    assertThat(run("meter", show, "--without", "F999")).isEqualTo(2);
    assertThat(err).contains("--without names a feed that the plan has not");
    assertThat(run("meter", show, "--trim", "5")).isEqualTo(2);
    assertThat(run("meter", show, "--brightness", "101")).isEqualTo(2);
    run("meter", show);
    assertThat(out).contains("white at 100 %").contains("Weir").contains("V of 5");
  }

  @Test
  void aDeadStretchIsExplainedAndTheSharesAddUp() throws Exception {
    String seen =
        file(
            "SEEN.json",
            "{\"seen\":[{\"pattern\":\"white\",\"run\":\"Weir\",\"firstPixel\":1,\"lastPixel\":119,"
                + "\"looks\":\"right\"},{\"pattern\":\"white\",\"run\":\"Weir\",\"firstPixel\":120,"
                + "\"lastPixel\":300,\"looks\":\"dark\"}]}");
    assertThat(run("diagnose", show, "--seen", seen, "--json")).isZero();
    JsonNode answer = said();
    double sum = 0;
    boolean found = false;
    for (JsonNode c : answer.path("causes")) {
      sum += c.path("share").asDouble();
      found |= c.path("kind").asText().equals("dead-pixel") && c.path("pixel").asInt() == 120;
    }
    assertThat(found).isTrue();
    assertThat(sum).isLessThanOrEqualTo(1);
    assertThat(answer.path("next").path(0).path("do").asText()).isNotEmpty();
    run("diagnose", show, "--seen", seen);
    assertThat(out).contains("Pixel 120 of Weir is dead").contains("Next:");
  }

  @ParameterizedTest
  @CsvSource({
    "'{}', $.seen is empty",
    "'{\"seen\":[{\"pattern\":\"white\",\"run\":\"Nobody\",\"looks\":\"dark\"}]}', $.seen[0].run",
    "'{\"seen\":[{\"pattern\":\"odd\",\"run\":\"Weir\",\"looks\":\"dark\"}]}', $.seen[0].pattern",
    "'{\"seen\":[{\"run\":\"Weir\",\"looks\":\"blue\"}]}', $.seen[0].looks",
    "'{\"seen\":[{\"run\":\"Weir\",\"firstPixel\":0,\"looks\":\"dark\"}]}', $.seen[0].firstPixel",
    "'{\"readings\":[{\"run\":\"Weir\",\"pixel\":301,\"volts\":4}]}', $.readings[0].pixel",
    "'{\"readings\":[{\"run\":\"Weir\",\"pixel\":3,\"volts\":\"4\"}]}', $.readings[0].volts",
  })
  void whatNobodyCanHaveSeenIsBadInput(String json, String where) throws Exception {
    assertThat(run("diagnose", show, "--seen", file("SEEN.json", json))).isEqualTo(2);
    assertThat(err.lines()).hasSize(1);
    assertThat(err).contains(where);
  }
}
