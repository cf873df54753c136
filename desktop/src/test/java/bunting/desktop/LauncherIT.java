package bunting.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The launcher itself, as it is started from a shell, on what this build made. */
class LauncherIT {
  private static final Path TOP = Path.of("..").toAbsolutePath().normalize();
  private static final int LONGEST_SECONDS = 240;

  @TempDir private Path folder = Path.of("");
  private final Map<String, String> environment = new LinkedHashMap<>();
  private Path at = Path.of(".");

  /** What came of a start. */
  private record End(int status, String out, String err) {
    void isOneSentence(String part) {
      assertThat(status).as(err).isEqualTo(2);
      assertThat(err.strip().lines()).hasSize(1);
      assertThat(err.strip()).endsWith(err.contains("?") ? "?" : ".").contains(part);
      assertThat(out).isEmpty();
    }

    End isDone() {
      assertThat(status).as(err).isZero();
      assertThat(err).isEmpty();
      return this;
    }
  }

  @BeforeEach
  void begin() throws IOException {
    at = folder;
    environment.put("XDG_STATE_HOME", folder.resolve("state").toString());
    Files.writeString(folder.resolve("RUNS.csv"), "name,type,pixels\nWeir,5v-strip-60,120\n");
  }

  private End start(String... words) throws Exception {
    return start(TOP.resolve("bunting"), words);
  }

  private End start(Path launcher, String... words) throws Exception {
    List<String> all = new ArrayList<>(List.of(launcher.toString()));
    all.addAll(List.of(words));
    ProcessBuilder builder = new ProcessBuilder(all).directory(at.toFile());
    builder.environment().keySet().removeAll(Set.of("DISPLAY", "WAYLAND_DISPLAY"));
    builder.environment().putAll(environment);
    Path out = Files.createTempFile(folder, "out", "");
    Path err = Files.createTempFile(folder, "err", "");
    builder.redirectOutput(out.toFile()).redirectError(err.toFile());
    Process process = builder.start();
    boolean ended = process.waitFor(LONGEST_SECONDS, TimeUnit.SECONDS);
    process.destroyForcibly();
    assertThat(ended).as("it ends: " + String.join(" ", words)).isTrue();
    return new End(process.exitValue(), Files.readString(out), Files.readString(err));
  }

  /** A command that starts fast and prints a little. */
  private End which() throws Exception {
    return start(
        "which", "--volts", "12", "--leds-per-m", "60", "--together", "3", "--between-cuts", "3");
  }

  private static List<String> words(String first, String rest) {
    return List.of((first + " " + rest).split(" "));
  }

  private String seen() throws IOException {
    String json = "{\"seen\": [{\"run\": \"Weir\", \"firstPixel\": 60, \"looks\": \"dark\"}]}";
    return Files.writeString(folder.resolve("SEEN.json"), json).toString();
  }

  /** A way to start each command of the README, by its word. */
  private Map<String, List<String>> starts() throws IOException {
    String runs = folder.resolve("RUNS.csv").toString();
    String examples = TOP.resolve("examples/RUNS.csv").toString();
    Map<String, List<String>> starts = new LinkedHashMap<>();
    starts.put("plan", List.of("plan", runs, "--out", folder.resolve("PLAN.json").toString()));
    starts.put("propose", List.of("propose", runs, "--json"));
    starts.put("check", List.of("check", runs, "--json"));
    starts.put(
        "drop",
        List.of(
            ("drop --volts 5 --pixels 300 --pitch 60 --ma 50 --rail-ohms-per-m 0.06 --feed"
                    + " 1,2,16AWG --feed 300,7,14AWG --json")
                .split(" ")));
    starts.put("guesses", List.of("guesses", runs, "--json"));
    starts.put("lose", List.of("lose", runs, "--json"));
    String plan = folder.resolve("PLAN.json").toString();
    String send = "--pattern chase --seconds 0.2 --to 127.0.0.1:9";
    starts.put("send", words("send " + plan, send));
    starts.put("stand-in", words("stand-in " + plan, "--protocol ddp --port 0 --seconds 0.2"));
    starts.put("meter", List.of("meter", runs, "--json"));
    starts.put("mains", List.of("mains", runs, "--json"));
    starts.put("hours", List.of("hours", examples, "--json"));
    starts.put("diagnose", List.of("diagnose", runs, "--json", "--seen", seen()));
    starts.put("papers", List.of("papers", runs, "--out", folder.resolve("papers").toString()));
    starts.put("log", List.of("log", runs, "--json"));
    starts.put(
        "next", List.of("next", runs, "--out", folder.resolve("next.bunting.json").toString()));
    starts.put("import", List.of("import", runs, "--out", folder.resolve("in.csv").toString()));
    starts.put("export", List.of("export", runs, "--out", folder.resolve("out.csv").toString()));
    starts.put("why", List.of("why", runs, "--run", "Weir"));
    starts.put("addresses", List.of("addresses", runs));
    starts.put("compare", List.of("compare", runs));
    starts.put("cut", List.of("cut", runs));
    starts.put(
        "which",
        List.of("which --volts 12 --leds-per-m 60 --together 3 --between-cuts 3".split(" ")));
    starts.put(
        "snapshot",
        List.of(
            "snapshot",
            "--show",
            runs,
            "--size",
            "1280x800",
            "--screen",
            "ports",
            "--out",
            folder.resolve("pictures").toString()));
    starts.put("demo", List.of("demo"));
    return starts;
  }

  @Test
  void everyCommandOfTheReadmeRuns() throws Exception {
    Set<String> named = new TreeSet<>();
    Matcher m =
        Pattern.compile("(?m)^    \\./bunting ([a-z-]+)")
            .matcher(Files.readString(TOP.resolve("README.md"), StandardCharsets.UTF_8));
    while (m.find()) {
      named.add(m.group(1));
    }
    Map<String, List<String>> starts = starts();
    assertThat(starts.keySet()).containsExactlyInAnyOrderElementsOf(named);
    environment.put("TMPDIR", Files.createDirectory(folder.resolve("tmp")).toString());
    for (Map.Entry<String, List<String>> e : starts.entrySet()) {
      End end = start(e.getValue().toArray(String[]::new));
      assertThat(end.status()).as(e.getKey() + ": " + end.err()).isZero();
      assertThat(end.err()).as(e.getKey()).isEmpty();
    }
    try (Stream<Path> pictures = Files.list(folder.resolve("pictures"))) {
      assertThat(pictures).hasSize(1);
    }
    try (Stream<Path> left = Files.list(folder.resolve("tmp"))) {
      assertThat(left.map(p -> p.getFileName().toString()))
          .as("nothing but the demo's own folder is left")
          .allMatch(n -> n.startsWith("bunting-demo-"));
    }
  }

  @Test
  void optionsForEveryJavaChangeNothing() throws Exception {
    String plain = which().isDone().out();
    environment.put("JAVA_TOOL_OPTIONS", "-Dx=1 -Xmx16m");
    environment.put("JDK_JAVA_OPTIONS", "-Dy=1");
    environment.put("_JAVA_OPTIONS", "-XX:NoSuchOption=1");
    assertThat(which().isDone().out()).isEqualTo(plain);
  }

  @Test
  void aLinkAnotherFolderAndAnyLocaleChangeNothing() throws Exception {
    String plain = which().isDone().out();
    Path first = Files.createSymbolicLink(folder.resolve("first"), TOP.resolve("bunting"));
    Path second = Files.createSymbolicLink(folder.resolve("second link"), first.getFileName());
    at = Files.createDirectory(folder.resolve("an other folder"));
    String[] words = "which --volts 12 --leds-per-m 60 --together 3 --between-cuts 3".split(" ");
    assertThat(start(second, words).isDone().out()).isEqualTo(plain);
    for (String locale : List.of("C", "POSIX", "tr_TR.UTF-8", "xx_YY")) {
      environment.put("LC_ALL", locale);
      assertThat(start(second, words).isDone().out()).as(locale).isEqualTo(plain);
    }
  }

  @Test
  void namesBeyondAsciiWorkWithoutAUtf8Locale() throws Exception {
    environment.put("LC_ALL", "C");
    environment.put("LANG", "");
    Path mill = Files.createDirectory(folder.resolve("Mühle"));
    Path runs = mill.resolve("Läufe.csv");
    Files.writeString(runs, "name,type,pixels\nRad,5v-strip-60,120\n");
    start("plan", runs.toString(), "--out", mill.resolve("Plän.json").toString()).isDone();
    assertThat(mill.resolve("Plän.json")).isRegularFile();
  }

  @Test
  void unknownWordsAndFilesAreNamedInASentence() throws Exception {
    start("loose").isOneSentence("did you mean lose?");
    start("weir").isOneSentence("there is no command \"weir\"");
    start("nowhere.bunting.json").isOneSentence("there is no such file");
    start("plan").isOneSentence("Missing required");
    start("a", "b").isOneSentence("there is no command \"a\"");
  }

  @Test
  void withoutADisplayOrToolkitTheWindowIsASentence() throws Exception {
    start().isOneSentence("no display");
    environment.put("DISPLAY", ":987");
    End end = start();
    end.isOneSentence("install");
    assertThat(end.err()).doesNotContain("Exception");
    start("demo").isOneSentence("install");
    which().isDone();
  }

  @Test
  void aFolderThatMayNotBeWrittenIsASentence() throws Exception {
    Path file = Files.writeString(folder.resolve("file"), "");
    start("snapshot", "--out", file.resolve("x").toString()).isOneSentence("cannot be written");
  }

  @Test
  void theSolverIsUnpackedOnceAndFallsBackWhereItCannotBe() throws Exception {
    Path cache = folder.resolve("cache");
    Path tmp = Files.createDirectory(folder.resolve("tmp"));
    environment.put("XDG_CACHE_HOME", cache.toString());
    environment.put("TMPDIR", tmp.toString());
    String runs = folder.resolve("RUNS.csv").toString();
    start("check", runs).isDone();
    Path kept = cache.resolve("bunting/native");
    List<Path> first = files(kept);
    assertThat(first).isNotEmpty();
    start("check", runs).isDone();
    assertThat(files(kept)).isEqualTo(first);
    assertThat(files(tmp)).isEmpty();
    Path blocked = Files.writeString(folder.resolve("blocked"), "");
    environment.put("XDG_CACHE_HOME", blocked.resolve("x").toString());
    environment.put("TMPDIR", folder.resolve("no such folder").toString());
    End end = start("check", runs);
    assertThat(end.status()).as(end.err()).isZero();
    assertThat(end.out()).contains("warn").contains("exact solver does not load");
  }

  private static List<Path> files(Path in) throws IOException {
    try (Stream<Path> all = Files.walk(in)) {
      return all.filter(Files::isRegularFile).sorted().toList();
    }
  }

  /** Only what was built is on the class path, and only this platform's library. */
  @Test
  void oldJarsAndForeignLibrariesAreNotStarted() throws Exception {
    List<String> jars = Files.readAllLines(TOP.resolve("desktop/target/lib/.jars"));
    assertThat(jars.stream().filter(j -> j.matches(".*ortools-(linux|darwin|win32).*"))).hasSize(1);
    Path old = Files.writeString(TOP.resolve("desktop/target/lib/old-9.9.jar"), "no jar");
    try {
      which().isDone();
    } finally {
      Files.delete(old);
    }
  }

  @Test
  void aReadOnlyCheckoutWithSpacesInItsPathRuns() throws Exception {
    Path copy = folder.resolve("a check out");
    for (String part : List.of("bunting", ".ci", "pom.xml", "examples")) {
      copy(TOP.resolve(part), copy.resolve(part));
    }
    for (String module : List.of("core", "files", "wire", "cli", "desktop")) {
      copy(TOP.resolve(module).resolve("pom.xml"), copy.resolve(module).resolve("pom.xml"));
      Files.createDirectories(copy.resolve(module).resolve("src/main"));
    }
    copy(TOP.resolve("desktop/target/lib"), copy.resolve("desktop/target/lib"));
    copy(TOP.resolve("desktop/target/desktop.jar"), copy.resolve("desktop/target/desktop.jar"));
    // Copied last, the stamp is the newest, as after a build.
    Files.setLastModifiedTime(
        copy.resolve("desktop/target/lib/.built"),
        java.nio.file.attribute.FileTime.from(java.time.Instant.now().plusSeconds(5)));
    assertThat(new ProcessBuilder("chmod", "-R", "a-w", copy.toString()).start().waitFor())
        .isZero();
    try {
      String[] words = "which --volts 12 --leds-per-m 60 --together 3 --between-cuts 3".split(" ");
      assertThat(start(copy.resolve("bunting"), words).isDone().out())
          .isEqualTo(which().isDone().out());
    } finally {
      new ProcessBuilder("chmod", "-R", "u+w", copy.toString()).start().waitFor();
    }
  }

  private static void copy(Path from, Path to) throws IOException {
    try (Stream<Path> all = Files.walk(from)) {
      for (Path path : all.toList()) {
        Path target = to.resolve(from.relativize(path).toString());
        Files.createDirectories(target.toAbsolutePath().getParent());
        if (Files.isRegularFile(path)) {
          Files.copy(
              path,
              target,
              java.nio.file.StandardCopyOption.COPY_ATTRIBUTES,
              java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        }
      }
    }
  }
}
