package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.plan.Assessor;
import bunting.core.show.Show;
import bunting.files.ShowFiles;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Files that are damaged or that nobody would write: every command answers with a plan or with one
 * sentence, never with a fault of its own.
 */
@Tag("slow")
class FuzzTest extends CommandDriver {
  private static final ObjectMapper MAPPER = new ObjectMapper();
  private static final int FLIPS = 200;
  private static final int VALUES = 300;
  private static final List<String> COMMANDS =
      List.of("check", "lose", "meter", "mains", "guesses", "hours", "addresses", "log", "cut");

  private static final String LIST =
      "name,type,pixels,x_m,y_m,group,course_m\n"
          + "Owl,5v-strip-60,60,1,2,Trees,\n"
          + "Weir,12v-strip-60,90,4,1,,0 0; 1 0; 1 1\n"
          + "Paddle,12v-string-10,20,2,2,,ring 2 2 0.5 0 360\n";

  /** Every part of the settings is there, so that each is damaged. */
  private static final String SETTINGS =
      """
      {"show": {"name": "Mill", "targetFps": 40, "brightnessPercent": 60},
       "sites": [{"id": "mill", "x": 0, "y": 0}],
       "addressing": {"protocol": "sacn", "startUniverse": 3, "reserved": ["7-9"]},
       "planning": {"sparePorts": 1, "goals": ["boxes"], "effort": 0.01,
                    "ownedBoxes": [{"type": "box-4", "count": 1}]},
       "network": {"base": "10.20", "pool": ["10.20.0.100-10.20.0.199"],
                   "addresses": {"C1": "10.20.0.40"}, "taken": {"10.20.0.11": "desk"}},
       "conductors": {"celsius": 40, "fuseMilliohms": 5, "trims": [{"volts": 5, "to": 5.1}]},
       "power": {"school": "port-first", "fuses": "few", "marginPercent": 2},
       "circuits": [{"id": "A", "volts": 230, "breakerAmps": 16, "existingAmps": 1, "phase": 1}],
       "hours": {"from": "2026-11-27", "to": "2026-12-06", "latitude": 51.5, "longitude": 0,
                 "zone": "Europe/London", "on": "sunset", "off": "22:30", "averagePercent": 30},
       "prices": {"currency": "EUR", "boxExtra": 40}}
      """;

  private byte[] show = new byte[0];

  @BeforeEach
  void write() throws Exception {
    Show read = ShowFiles.ofTexts(LIST, SETTINGS);
    Path file = folder.resolve("sound.bunting.json");
    ShowFiles.writeShow(file, read);
    ObjectNode node = (ObjectNode) MAPPER.readTree(file.toFile());
    node.set(
        "handOut",
        MAPPER.readTree(
            "{\"date\": \"2026-11-03\", \"to\": \"Ann\", \"addresses\": {\"C1\": \"10.20.0.40\"},"
                + " \"nails\": [{\"run\": \"Owl\", \"firstPixel\": 1, \"lastPixel\": 60,"
                + " \"controller\": \"C1\", \"port\": 1, \"position\": 1, \"channels\": 3,"
                + " \"slots\": [{\"universe\": 3, \"firstSlot\": 1, \"lastSlot\": 180}]}]}"));
    node.set(
        "byHand",
        MAPPER.readTree(
            "[{\"run\": \"Weir\", \"firstPixel\": 1, \"lastPixel\": 90, \"controller\": \"C1\","
                + " \"port\": 1, \"position\": 1}]"));
    node.set(
        "posts", MAPPER.readTree("[{\"run\": \"Owl\", \"atPixel\": 60, \"wire\": \"18AWG\"}]"));
    show = MAPPER.writeValueAsBytes(node);
    assertThat(Assessor.plan(read).reading().totals().runs()).isEqualTo(3);
  }

  private void answers(String what, String... args) {
    int status = run(args);
    String said = what + ": " + err;
    assertThat(status).as(said).isBetween(0, 2);
    assertThat(err.strip()).as(said).doesNotContain("\n").doesNotContain("inside Bunting");
    assertThat(err.length()).as(said).isLessThanOrEqualTo(601);
    assertThat(out).as(said).doesNotContain("Exception").doesNotContain("\tat ");
    if (status == 2) {
      assertThat(err).as(said).isNotBlank();
    }
  }

  private void opened(String what, byte[] content, String command) throws Exception {
    Path file = folder.resolve("odd.bunting.json");
    Files.write(file, content);
    answers(what, command, file.toString());
  }

  @Test
  void flippedBytesAreAnswered() throws Exception {
    Random random = new Random(2026);
    for (int i = 0; i < FLIPS; i++) {
      byte[] odd = show.clone();
      for (int n = random.nextInt(3); n >= 0; n--) {
        odd[random.nextInt(odd.length)] ^= (byte) (1 << random.nextInt(8));
      }
      opened("flip " + i, odd, COMMANDS.get(i % COMMANDS.size()));
    }
  }

  @Test
  void wrongValuesAreAnswered() throws Exception {
    Random random = new Random(32);
    JsonNode sound = MAPPER.readTree(show);
    int places = places(sound).size();
    for (int i = 0; i < VALUES; i++) {
      JsonNode odd = sound.deepCopy();
      Place place = places(odd).get(random.nextInt(places));
      JsonNode value = odd(random);
      place.set(value);
      String what = place.name() + " = " + value;
      opened(what, MAPPER.writeValueAsBytes(odd), COMMANDS.get(i % COMMANDS.size()));
    }
  }

  /** A value's place in its object or list. */
  private record Place(JsonNode parent, String key, int index) {
    void set(JsonNode value) {
      if (parent instanceof ObjectNode object) {
        object.set(key, value);
      } else if (parent instanceof ArrayNode list) {
        list.set(index, value);
      }
    }

    String name() {
      return key.isEmpty() ? "[" + index + "]" : key;
    }
  }

  private static List<Place> places(JsonNode node) {
    List<Place> all = new ArrayList<>();
    node.properties()
        .forEach(
            e -> {
              all.add(new Place(node, e.getKey(), 0));
              all.addAll(places(e.getValue()));
            });
    for (int i = 0; node.isArray() && i < node.size(); i++) {
      all.add(new Place(node, "", i));
      all.addAll(places(node.get(i)));
    }
    return all;
  }

  private static JsonNode odd(Random random) throws Exception {
    String[] values = {
      "null",
      "true",
      "0",
      "-1",
      "1",
      "0.5",
      "1e308",
      "-1e308",
      "1e-308",
      "2147483648",
      "63999",
      "999999",
      "\"\"",
      "\" \"",
      "\"gone\"",
      "\"C1\"",
      "\"=1+1\"",
      "\"\\u0000\"",
      "\"\\ud800\"",
      "\"2026-02-30\"",
      "\"24:00\"",
      "\"0.0.0.0\"",
      "\"22AWG\"",
      "[]",
      "{}",
      "[[]]",
      "[1]",
      "[\"a\", \"a\"]",
      "{\"id\": \"A\"}",
      "\"" + "x".repeat(5000) + "\""
    };
    return MAPPER.readTree(values[random.nextInt(values.length)]);
  }

  @Test
  void specialFilesAreAnswered() throws Exception {
    List<byte[]> files = new ArrayList<>();
    for (String text :
        List.of(
            "",
            " ",
            "\n",
            "\ufeff",
            "{",
            "}",
            "[",
            "[]",
            "{}",
            "null",
            "true",
            "1",
            "\"\"",
            "{\"a\"",
            "{\"formatVersion\": 1}",
            "{\"formatVersion\": 2}",
            "{\"formatVersion\": 1e99}",
            "{\"formatVersion\": 1, \"settings\": {}}",
            "{\"formatVersion\": 1, \"runs\": []}",
            "{\"formatVersion\": 1, \"settings\": {}, \"runs\": []}",
            "{\"formatVersion\": 1, \"settings\": {}, \"runs\": {}}",
            "[".repeat(100_000),
            "{\"a\":".repeat(100_000),
            "9".repeat(100_000),
            "\"" + "a".repeat(100_000),
            "// x",
            "/* x",
            "<html>",
            "PK\u0003\u0004",
            "name,type",
            "name,type,pixels\n",
            "name,type,pixels\n,,\n",
            "name,type,pixels\na,b,c\n",
            "name,type,pixels\n\"a",
            ",".repeat(100_000),
            "\u0000\u0000",
            "\r\r\r",
            "%PDF-1.7")) {
      files.add(text.getBytes(StandardCharsets.UTF_8));
    }
    for (int length : new int[] {1, 2, 10, 100, 1000}) {
      files.add(java.util.Arrays.copyOf(show, length));
    }
    files.add("name,type,pixels\nOwl,5v-strip-60,60\n".getBytes(StandardCharsets.UTF_16));
    files.add(new byte[] {(byte) 0xFF, (byte) 0xFE, (byte) 0xFD});
    for (byte[] content : files) {
      for (String name : new String[] {"odd.bunting.json", "odd.csv"}) {
        Path file = Files.write(folder.resolve(name), content);
        answers(name + " " + content.length, "check", file.toString());
      }
      Path sheet = Files.write(folder.resolve("odd.xlsx"), content);
      Path to = folder.resolve("imported.csv");
      answers("import", "import", sheet.toString(), "--out", to.toString());
    }
    for (String path : new String[] {"/dev/null", folder.toString(), "gone.csv", "\u0000", ""}) {
      answers(path, "check", path);
    }
  }
}
