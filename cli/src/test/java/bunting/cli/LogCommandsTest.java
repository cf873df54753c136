package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The log by command, as an outsider uses it. */
class LogCommandsTest {
  @TempDir private Path folder = Path.of("");

  private Path runs = Path.of("");
  private String out = "";
  private String err = "";

  @BeforeEach
  void list() throws Exception {
    runs =
        Files.writeString(folder.resolve("FAIR.csv"), "name,type,pixels\nArch,12v-strip-60,120\n");
  }

  private int log(String... words) {
    List<String> all = new ArrayList<>(List.of("log", runs.toString()));
    all.addAll(List.of(words));
    ByteArrayOutputStream o = new ByteArrayOutputStream();
    ByteArrayOutputStream e = new ByteArrayOutputStream();
    int status =
        Main.run(
            all.toArray(String[]::new),
            new PrintStream(o, true, StandardCharsets.UTF_8),
            new PrintStream(e, true, StandardCharsets.UTF_8));
    out = o.toString(StandardCharsets.UTF_8);
    err = e.toString(StandardCharsets.UTF_8);
    return status;
  }

  @Test
  void entriesAreAddedAndTold() throws Exception {
    byte[] before = Files.readAllBytes(runs);
    assertThat(log("--add", "season", "--date", "2025-11-20", "--text", "2025")).isZero();
    assertThat(out.strip()).isEqualTo("added 1");
    String[][] readings = {
      {"2025-11-25", "11.6"}, {"2025-12-10", "11.5"}, {"2025-12-28", "11.3"}, {"2026-01-05", "11.2"}
    };
    for (String[] r : readings) {
      assertThat(
              log(
                  "--add", "reading", "--run", "Arch", "--pixel", "120", "--volts", r[1], "--date",
                  r[0]))
          .isZero();
    }
    assertThat(log("--add", "part", "--part", "007", "--count", "-2")).isZero();
    assertThat(out.strip()).isEqualTo("added 6");
    assertThat(log()).isZero();
    assertThat(out).contains("season 2025", "falls: Arch pixel 120", "on the shelf: -2 x 007");
    assertThat(log("--json")).isZero();
    JsonNode json = new ObjectMapper().readTree(out);
    assertThat(json.get("entries")).hasSize(6);
    assertThat(json.get("entries").get(1).get("volts").doubleValue()).isEqualTo(11.6);
    assertThat(json.get("drift").get(0).get("flagged").booleanValue()).isTrue();
    assertThat(Files.readAllBytes(runs)).as("the show is not changed").isEqualTo(before);
    assertThat(Files.readAllLines(folder.resolve("FAIR.log.jsonl"))).hasSize(6);
  }

  @Test
  void aHalfLineIsToldOnce() throws Exception {
    assertThat(log("--add", "note", "--text", "a")).isZero();
    Files.writeString(folder.resolve("FAIR.log.jsonl"), "{\"date", StandardOpenOption.APPEND);
    assertThat(log("--add", "note", "--text", "b")).isZero();
    assertThat(out.strip()).isEqualTo("added 3");
    assertThat(err).contains("line 2").contains("kept");
    assertThat(err.strip().lines()).hasSize(1);
    assertThat(log("--add", "note", "--text", "c")).isZero();
    assertThat(err).isEmpty();
  }

  @Test
  void whatIsWrongIsOneSentenceAndWritesNothing() {
    for (String[] words :
        new String[][] {
          {"--add", "sung"},
          {"--add", "note"},
          {"--add", "count", "--run", "Arch"},
          {"--add", "reading", "--run", "No such run", "--volts", "5"},
          {"--add", "reading", "--volts", "5", "--date", "2026-02-30"},
          {"--run", "Arch"}
        }) {
      assertThat(log(words)).as(String.join(" ", words)).isEqualTo(2);
      assertThat(err.strip().lines()).hasSize(1);
      assertThat(out).isEmpty();
    }
    assertThat(folder.resolve("FAIR.log.jsonl")).doesNotExist();
  }

  @Test
  void twoSeasonsAreCompared() throws Exception {
    Path next =
        Files.writeString(
            folder.resolve("NEXT.csv"),
            "name,type,pixels\nArch,12v-strip-60,150\nOwl,12v-strip-60,20\n");
    ByteArrayOutputStream o = new ByteArrayOutputStream();
    int status =
        Main.run(
            new String[] {"compare", next.toString(), "--with", runs.toString()},
            new PrintStream(o, true, StandardCharsets.UTF_8),
            new PrintStream(new ByteArrayOutputStream(), true, StandardCharsets.UTF_8));
    assertThat(status).isZero();
    assertThat(o.toString(StandardCharsets.UTF_8))
        .contains("changed  Arch", "pixels: 120 -> 150", "new  Owl", "pixels: 120.0 -> 170.0");
  }

  private int status(String... words) {
    ByteArrayOutputStream e = new ByteArrayOutputStream();
    int status =
        Main.run(
            words,
            new PrintStream(new ByteArrayOutputStream(), true, StandardCharsets.UTF_8),
            new PrintStream(e, true, StandardCharsets.UTF_8));
    err = e.toString(StandardCharsets.UTF_8);
    return status;
  }

  @Test
  void papersThatAreNoneAreNamedInOneSentence() {
    String to = folder.resolve("papers").toString();
    String show = runs.toString();
    assertThat(status("papers", show, "--out", to, "--only", "labels,songs")).isEqualTo(2);
    assertThat(err).contains("--only: \"songs\" is no paper", "box-cards, labels");
    assertThat(status("papers", show, "--out", to, "--page", "A5")).isEqualTo(2);
    assertThat(err).contains("--page: \"A5\" should be A4 or Letter");
    assertThat(status("papers", show, "--out", to, "--date", "tomorrow")).isEqualTo(2);
    assertThat(err).contains("--date").contains("2026-11-28");
    assertThat(folder.resolve("papers")).doesNotExist();
  }

  @Test
  void onlyWhatIsAskedForIsPrintedAndTheShelfComesOff() throws Exception {
    String to = folder.resolve("papers").toString();
    assertThat(status("papers", runs.toString(), "--out", to, "--only", "shopping-list")).isZero();
    Path list = folder.resolve("papers").resolve("shopping-list.csv");
    String[] fuse =
        Files.readAllLines(list).stream()
            .filter(l -> l.startsWith("Fuses,blade fuse"))
            .findFirst()
            .orElseThrow()
            .split(",");
    assertThat(log("--add", "part", "--part", fuse[1] + " " + fuse[2], "--count", "2")).isZero();
    assertThat(status("papers", runs.toString(), "--out", to, "--only", "shopping-list")).isZero();
    assertThat(Files.readAllLines(list))
        .anyMatch(l -> l.startsWith("Fuses,blade fuse," + fuse[2]) && l.split(",")[5].equals("2"));
    try (var files = Files.list(folder.resolve("papers"))) {
      assertThat(files.map(f -> f.getFileName().toString()))
          .containsExactlyInAnyOrder(
              "index.json", "shopping-list.pdf", "shopping-list.csv", "shopping-list.xlsx");
    }
  }

  @Test
  void aNameThatASpreadsheetWouldRunComesBackFromTheList() throws Exception {
    Path list =
        Files.writeString(
            folder.resolve("ODD.csv"),
            "name,type,pixels\n"
                + "\"=HYPERLINK(1)\",12v-strip-60,40\n"
                + "'quoted,12v-strip-60,40\n"
                + "-5,12v-strip-60,40\n");
    Path once = folder.resolve("ONCE.csv");
    Path twice = folder.resolve("TWICE.csv");
    assertThat(status("export", list.toString(), "--out", once.toString())).isZero();
    assertThat(Files.readAllLines(once)).anyMatch(l -> l.startsWith("'=HYPERLINK(1)"));
    assertThat(status("export", once.toString(), "--out", twice.toString())).isZero();
    assertThat(Files.readAllBytes(twice)).isEqualTo(Files.readAllBytes(once));
  }
}
