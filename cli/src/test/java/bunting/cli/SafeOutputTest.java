package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** No command writes over what it reads, and no number makes one answer with a stack trace. */
@Tag("slow")
class SafeOutputTest extends CommandDriver {
  private static final ObjectMapper MAPPER = new ObjectMapper();
  private static final String RUNS =
      "name,type,pixels,x_m,y_m\nWeir,5v-strip-60,120,0,1\nOwl,12v-string-10,30,4,2\n";

  private void refusedIn(String input, String before, String... command) throws Exception {
    assertThat(run(command)).as(String.join(" ", command)).isEqualTo(2);
    assertThat(err.strip().lines()).hasSize(1);
    assertThat(err).contains("is read for what is to be written");
    assertThat(Files.readString(Path.of(input))).isEqualTo(before);
  }

  @Test
  void noInputIsAnOutput() throws Exception {
    String runs = file("r.csv", RUNS);
    String settings = file("S.json", "{\"show\": {\"name\": \"Fair\"}}");
    refusedIn(runs, RUNS, "plan", runs, "--out", runs);
    refusedIn(runs, RUNS, "plan", runs, "--settings", settings, "--out", runs);
    String text = Files.readString(Path.of(settings));
    refusedIn(settings, text, "plan", runs, "--settings", settings, "--out", settings);
    refusedIn(runs, RUNS, "export", runs, "--out", runs);
    refusedIn(runs, RUNS, "import", runs, "--out", runs);
    String link = Files.createSymbolicLink(folder.resolve("l.csv"), Path.of("r.csv")).toString();
    refusedIn(runs, RUNS, "plan", runs, "--out", link);
    String show = folder.resolve("x.bunting.json").toString();
    assertThat(run("addresses", runs, "--hand-out", "--out", show)).isZero();
    String written = Files.readString(Path.of(show));
    refusedIn(show, written, "export", show, "--out", show);
    refusedIn(show, written, "addresses", show, "--take-back", "--out", show);
    String beside = file("SETTINGS.json", "{}");
    refusedIn(beside, "{}", "export", runs, "--out", beside);
    Path papers = Files.createDirectory(folder.resolve("papers"));
    Path list = Files.writeString(papers.resolve("cut-list.csv"), RUNS);
    refusedIn(list.toString(), RUNS, "papers", list.toString(), "--out", papers.toString());
  }

  @Test
  void devicesPipesAndFixedFilesAreNoOutput() throws Exception {
    String runs = file("r.csv", RUNS);
    assertThat(run("plan", runs, "--out", "/dev/null")).isEqualTo(2);
    assertThat(err).contains("no regular file");
    String pipe = folder.resolve("pipe").toString();
    assertThat(new ProcessBuilder("mkfifo", pipe).start().waitFor()).isZero();
    assertThat(run("plan", pipe, "--out", folder.resolve("p.json").toString())).isEqualTo(2);
    assertThat(err).contains("no regular file");
    assertThat(run("check", "/dev/zero")).isEqualTo(2);
    assertThat(folder.resolve("p.json")).doesNotExist();
  }

  /** Every number of a full settings file, one after the other, at the ends of what can be. */
  @Test
  void everyNumberAtItsWorstIsASentenceOrAPlan() throws Exception {
    String runs = file("r.csv", RUNS);
    String show = folder.resolve("x.bunting.json").toString();
    assertThat(run("addresses", runs, "--hand-out", "--out", show)).isZero();
    JsonNode whole = MAPPER.readTree(Files.readString(Path.of(show)));
    trim((ObjectNode) whole.path("settings"));
    // What is looked for here is no better plan.
    ((ObjectNode) whole.path("settings")).putObject("planning").put("effort", 0.0);
    List<String> numbers = new ArrayList<>();
    numbers(whole, "", numbers);
    assertThat(numbers).hasSizeGreaterThan(60);
    List<String> bad = new ArrayList<>();
    for (String at : numbers) {
      for (String value : List.of("1e-300", "1e300", "-1", "1e9")) {
        ObjectNode changed = whole.deepCopy();
        int slash = at.lastIndexOf('/');
        JsonNode parent = changed.at(at.substring(0, slash));
        JsonNode number = MAPPER.readTree(value);
        if (parent instanceof ObjectNode object) {
          object.set(at.substring(slash + 1), number);
        } else {
          ((ArrayNode) parent).set(Integer.parseInt(at.substring(slash + 1)), number);
        }
        String file = file("odd.bunting.json", MAPPER.writeValueAsString(changed));
        int status = run("check", file);
        boolean sentence =
            status == 2 && err.strip().lines().count() == 1 && !err.contains("inside Bunting");
        if (!sentence && (status > 1 || !err.isEmpty())) {
          bad.add(at + " = " + value + ": " + status + " " + err.lines().findFirst().orElse(""));
        }
      }
    }
    assertThat(bad).isEmpty();
  }

  /** One or two of each kind suffice. */
  private static void trim(ObjectNode settings) {
    for (Map.Entry<String, JsonNode> e : settings.properties()) {
      if (e.getValue() instanceof ArrayNode list && !e.getKey().equals("pixelTypes")) {
        while (list.size() > (e.getKey().equals("wires") ? 9 : 3)) {
          list.remove(list.size() - 1);
        }
      }
    }
    ArrayNode types = (ArrayNode) settings.path("pixelTypes");
    for (int i = types.size() - 1; i >= 0; i--) {
      String id = types.get(i).path("id").asText();
      if (!id.equals("5v-strip-60") && !id.equals("12v-string-10")) {
        types.remove(i);
      }
    }
  }

  private static void numbers(JsonNode node, String at, List<String> into) {
    if (node.isNumber()) {
      into.add(at);
    } else if (node.isObject()) {
      node.properties().forEach(e -> numbers(e.getValue(), at + "/" + e.getKey(), into));
    } else if (node.isArray()) {
      for (int i = 0; i < node.size(); i++) {
        numbers(node.get(i), at + "/" + i, into);
      }
    }
  }
}
