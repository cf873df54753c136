package bunting.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.files.ShowFiles;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is kept while it is not saved, and what a crash leaves. */
@Tag("slow")
class RecoveryTest {
  /** 200 take two and a half minutes; {@code -Dbunting.kills=200} does them. */
  private static final int KILLS = Integer.getInteger("bunting.kills", 40);

  private static final Show SHOW = Show.of(List.of(Run.of("Weir", "5v-strip-60", 100)));

  @TempDir private Path folder = Path.of("");
  private final Document document = new Document();

  private Recovery recovery() {
    return new Recovery(
        folder.resolve("recovery"), document, new Background(Runnable::run, Runnable::run));
  }

  private List<Path> kept() throws IOException {
    Path in = folder.resolve("recovery");
    if (!Files.isDirectory(in)) {
      return List.of();
    }
    try (Stream<Path> all = Files.list(in)) {
      return all.toList();
    }
  }

  private void count(int pixels) {
    document.edit("count", s -> s.withRuns(List.of(Run.of("Weir", "5v-strip-60", pixels))));
  }

  @Test
  void whatIsKeptIsForItsOwnerAlone() throws Exception {
    Recovery recovery = recovery();
    document.begin(SHOW);
    count(7);
    recovery.tick();
    assertThat(kept()).hasSize(1);
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(kept().getFirst())))
        .isEqualTo("rw-------");
    assertThat(
            PosixFilePermissions.toString(
                Files.getPosixFilePermissions(kept().getFirst().getParent())))
        .isEqualTo("rwx------");
  }

  @Test
  void everyTenthEditAndEveryTickIsKeptUntilItIsSaved() throws Exception {
    Recovery recovery = recovery();
    document.begin(SHOW);
    recovery.tick();
    assertThat(kept()).as("nothing was edited").isEmpty();
    for (int i = 1; i <= 9; i++) {
      count(i);
    }
    assertThat(kept()).isEmpty();
    count(10);
    assertThat(kept()).hasSize(1);
    assertThat(ShowFiles.readShow(kept().getFirst())).isEqualTo(document.show().get().get());
    count(11);
    recovery.tick();
    assertThat(ShowFiles.readShow(kept().getFirst()).runs().getFirst().pixels()).isEqualTo(11);
    document.save(folder.resolve("weir" + ShowFiles.ENDING));
    assertThat(kept()).as("what is saved needs no keeping").isEmpty();
    document.undo();
    recovery.tick();
    assertThat(kept()).as("the file has another version than the window").hasSize(1);
    recovery.leave();
    assertThat(kept()).as("left on purpose").isEmpty();
  }

  @Test
  void ownFilesOfAProcessThatLivesAreNotOffered() {
    Recovery recovery = recovery();
    document.begin(SHOW);
    count(3);
    recovery.tick();
    assertThat(recovery.lost()).isEmpty();
  }

  @Test
  void whatACrashLeftIsOfferedOpenedAndSavedOverItsOwnFile() throws Exception {
    Path own = folder.resolve("weir" + ShowFiles.ENDING);
    ShowFiles.writeShow(own, SHOW);
    Show lost = SHOW.withRuns(List.of(Run.of("Weir", "5v-strip-60", 77)));
    Process gone = new ProcessBuilder("true").start();
    assertThat(gone.waitFor(20, TimeUnit.SECONDS)).isTrue();
    Files.createDirectories(folder.resolve("recovery"));
    Path left = folder.resolve("recovery").resolve(gone.pid() + "-12345" + ShowFiles.ENDING);
    ShowFiles.writeRecovery(left, lost, Optional.of(own));
    Files.writeString(folder.resolve("recovery/1-1" + ShowFiles.ENDING + ".part"), "litter");
    Recovery recovery = recovery();
    List<Recovery.Lost> offered = recovery.lost();
    assertThat(offered).hasSize(1);
    assertThat(offered.getFirst().own()).contains(own);
    recovery.open(offered.getFirst());
    assertThat(document.show().get()).contains(lost);
    assertThat(document.changed().get()).isTrue();
    assertThat(document.file().get()).contains(own);
    assertThat(left).as("this process keeps it now").doesNotExist();
    assertThat(recovery.lost()).isEmpty();
    document.save(own);
    assertThat(ShowFiles.readShow(own)).isEqualTo(lost);
    assertThat(kept()).allMatch(p -> p.toString().endsWith(".part"));
  }

  @Test
  void killsLeaveTheOldOrTheNewAndNoLitter() throws Exception {
    Random random = new Random(KILLS);
    Path file = folder.resolve("weir" + ShowFiles.ENDING);
    int recovered = 0;
    int saved = 0;
    for (int kill = 0; kill < KILLS; kill += 2) {
      Process one = child(folder);
      Process two = child(Files.createDirectories(folder.resolve("two")));
      kill(one, random);
      kill(two, random);
      for (Path in : List.of(folder, folder.resolve("two"))) {
        Path own = in.resolve(file.getFileName());
        if (Files.exists(own)) {
          assertThat(weir(ShowFiles.readShow(own))).isBetween(1, 1000);
          saved++;
        }
        Path backup = in.resolve(own.getFileName() + ".bak");
        if (Files.exists(backup)) {
          assertThat(weir(ShowFiles.readShow(backup))).isBetween(1, 1000);
        }
        Recovery recovery =
            new Recovery(
                in.resolve("recovery"), document, new Background(Runnable::run, Runnable::run));
        List<Recovery.Lost> lost = recovery.lost();
        assertThat(litter(in)).as("after the next start").isEmpty();
        try (Stream<Path> all = Files.list(in.resolve("recovery"))) {
          assertThat(lost).as("every recovery file opens").hasSize((int) all.count());
        }
        recovered += lost.size();
        lost.forEach(recovery::forget);
      }
    }
    assertThat(saved).isGreaterThan(KILLS / 2);
    assertThat(recovered).isGreaterThan(KILLS / 4);
  }

  private static int weir(Show show) {
    return show.run("Weir").orElseThrow().pixels();
  }

  private static List<Path> litter(Path in) throws IOException {
    try (Stream<Path> here = Files.list(in);
        Stream<Path> kept = Files.list(in.resolve("recovery"))) {
      return Stream.concat(here, kept).filter(p -> p.toString().endsWith(".part")).toList();
    }
  }

  private static Process child(Path in) throws IOException {
    String path =
        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
    return new ProcessBuilder(
            Path.of(System.getProperty("java.home"), "bin", "java").toString(),
            "-XX:TieredStopAtLevel=1",
            "-XX:+UseSerialGC",
            "-cp",
            path,
            SavesUntilKilled.class.getName(),
            in.toString())
        .redirectErrorStream(true)
        .start();
  }

  /** After some of its lines, which come in the midst of its work. */
  private static void kill(Process process, Random random) throws Exception {
    int lines = 1 + random.nextInt(12);
    try (BufferedReader out = process.inputReader(StandardCharsets.UTF_8)) {
      for (int i = 0; i < lines; i++) {
        String line = out.readLine();
        assertThat(line).matches("\\d+|saved");
      }
      process.destroyForcibly();
      assertThat(process.waitFor(20, TimeUnit.SECONDS)).isTrue();
    }
  }
}
