package bunting.files.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bunting.core.log.LogEntry;
import bunting.core.log.ShowLog;
import bunting.files.BadInputException;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The log as a file: kept whatever happens. */
class LogFileTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 28);

  @TempDir private Path folder = Path.of("");

  private static LogEntry note(String text) throws BadInputException {
    return LogFields.parse(Map.of("kind", "note", "text", text), DAY);
  }

  private LogFile log() {
    return LogFile.beside(folder.resolve("fair.bunting.json"));
  }

  @Test
  void itStandsBesideTheShow() {
    assertThat(log().path()).isEqualTo(folder.resolve("fair.log.jsonl"));
    assertThat(LogFile.beside(Path.of("a/RUNS.csv")).path()).isEqualTo(Path.of("a/RUNS.log.jsonl"));
  }

  @Test
  void everyFieldComesBack() throws Exception {
    Map<String, String> typed = new HashMap<>();
    typed.put("kind", "reading");
    typed.put("date", "2024-02-29");
    typed.put("run", "Paddle \"9\"\n\u6C34");
    typed.put("pixel", "90");
    typed.put("box", "Wheel house");
    typed.put("volts", "4.67");
    typed.put("amps", "0.125");
    typed.put("count", "-3");
    typed.put("minutes", "12.5");
    typed.put("part", "007");
    typed.put("text", "=wet, again");
    LogEntry entry = LogFields.parse(typed, DAY);
    assertThat(log().add(entry).line()).isEqualTo(1);
    assertThat(log().add(note("two")).line()).isEqualTo(2);
    ShowLog back = log().read();
    assertThat(back.lines().getFirst().entry()).isEqualTo(entry);
    assertThat(back.broken()).isEmpty();
  }

  @Test
  void aHalfLineIsKeptToldOnceAndJoinedToNothing() throws Exception {
    log().add(note("whole"));
    String half = "{\"date\":\"2026-11-28\",\"kind\":\"count\",\"run\":\"Arch\",\"count\":1";
    Files.writeString(log().path(), half, StandardOpenOption.APPEND);
    assertThat(log().read().lines()).hasSize(1);
    assertThat(log().read().broken()).containsExactly(2);
    LogFile.Added added = log().add(note("after"));
    assertThat(added).isEqualTo(new LogFile.Added(3, 2));
    assertThat(log().add(note("later"))).isEqualTo(new LogFile.Added(4, 0));
    assertThat(Files.readAllLines(log().path()).get(1)).isEqualTo(half);
    assertThat(log().read().lines()).extracting(ShowLog.Line::number).containsExactly(1, 3, 4);
  }

  @Test
  void whatOnlyLooksWholeWithoutItsLineEndIsNotBelieved() throws Exception {
    log().add(note("whole"));
    byte[] all = Files.readAllBytes(log().path());
    Files.write(log().path(), java.util.Arrays.copyOf(all, all.length - 1));
    assertThat(log().read().broken()).containsExactly(1);
    assertThat(log().add(note("next"))).isEqualTo(new LogFile.Added(2, 1));
    assertThat(log().read().lines()).hasSize(2);
  }

  @Test
  void whatIsNoValueIsRefusedInOneSentence() {
    assertThatThrownBy(() -> LogFields.parse(Map.of("kind", "sung"), DAY))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("--add")
        .hasMessageContaining("one of built, count, reading");
    assertThatThrownBy(() -> LogFields.parse(Map.of("kind", "reading", "volts", "4,7"), DAY))
        .hasMessageContaining("--volts: \"4,7\" should be a number from 0 to 1000");
    assertThatThrownBy(() -> LogFields.parse(Map.of("kind", "reading"), DAY))
        .hasMessageContaining("give volts or amps");
    assertThatThrownBy(
            () -> LogFields.parse(Map.of("kind", "note", "text", "a", "date", "28.11."), DAY))
        .hasMessageContaining("2026-11-28");
    assertThatThrownBy(
            () -> LogFields.parse(Map.of("kind", "count", "run", "A", "count", "1.5"), DAY))
        .hasMessageContaining("whole number");
  }

  @Test
  void aFolderInItsPlaceIsNamed() throws Exception {
    Files.createDirectory(log().path());
    assertThatThrownBy(() -> log().add(note("x")))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("regular file");
  }

  @Test
  void theDocumentationIsTheFieldsOwn() throws IOException {
    String docs = Files.readString(Path.of("..", "docs", "files.md"));
    LogFields.documentation().forEach(row -> assertThat(docs).contains(row));
  }

  /** One process that was started and what it told. */
  private record Child(Process process, Thread reader, List<String> told) {}

  private Child child(String name) throws IOException {
    Process process =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-Xshare:auto",
                "-cp",
                System.getProperty("java.class.path"),
                LogChild.class.getName(),
                folder.resolve("fair.bunting.json").toString(),
                name)
            .redirectError(ProcessBuilder.Redirect.DISCARD)
            .start();
    List<String> told = java.util.Collections.synchronizedList(new ArrayList<>());
    BufferedReader out = process.inputReader(StandardCharsets.UTF_8);
    Thread reader = Thread.ofPlatform().start(() -> out.lines().forEach(told::add));
    return new Child(process, reader, told);
  }

  /**
   * Processes that write at once, four by four, each killed in the middle of its writing; {@code
   * -Dbunting.kills=200} kills so many.
   */
  @Test
  @Tag("slow")
  void whatWasAcknowledgedOutlivesKills() throws Exception {
    Random random = new Random(20261128);
    List<String> told = new ArrayList<>();
    int kills = Integer.getInteger("bunting.kills", 40);
    for (int round = 0; round < kills / 4; round++) {
      List<Child> four = new ArrayList<>();
      for (int k = 0; k < 4; k++) {
        four.add(child(round + "." + k));
      }
      for (Child c : four) {
        int enough = 1 + random.nextInt(12);
        while (c.told().size() < enough && c.process().isAlive()) {
          Thread.onSpinWait();
        }
        c.process().destroyForcibly().waitFor();
        c.reader().join();
        // The last line may have been cut off on its way here: then it was not acknowledged.
        told.addAll(c.told().stream().filter(t -> t.contains(" ")).toList());
      }
    }
    Map<Integer, String> kept = new HashMap<>();
    ShowLog log = log().read();
    log.lines().forEach(l -> kept.put(l.number(), l.entry().text().orElseThrow()));
    assertThat(told).hasSizeGreaterThanOrEqualTo(kills);
    for (String line : told) {
      int blank = line.indexOf(' ');
      assertThat(kept.get(Integer.valueOf(line.substring(0, blank))))
          .isNotNull()
          .startsWith(line.substring(blank + 1).stripTrailing());
    }
    List<String> raw = Files.readAllLines(log().path());
    assertThat(raw).allMatch(l -> l.indexOf("{\"date\"", 1) < 0);
    assertThat(raw.size() - log.broken().size()).isEqualTo(log.lines().size());
  }
}
