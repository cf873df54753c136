package bunting.cli;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.log.LogKind;
import bunting.core.log.ShowLog;
import bunting.core.show.Show;
import bunting.files.ShowFiles;
import bunting.files.log.LogFile;
import bunting.files.log.SeasonFiles;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A season after a season, and another show at the same place, on the command line. */
class NextCommandTest {
  @TempDir private Path folder = Path.of("");
  private Path show = Path.of("");
  private String said = "";

  @BeforeEach
  void lists() throws Exception {
    Path runs = folder.resolve("RUNS.csv");
    Files.writeString(
        runs, "name,type,pixels,x_m\nWeir,12v-strip-60,120,1\nOwl,5v-strip-60,60,4\n");
    Show read = ShowFiles.open(runs);
    show = folder.resolve("fair.bunting.json");
    ShowFiles.writeShow(show, read.withSettings(read.settings().withName("Fair 2026")));
  }

  private int run(String... args) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PrintStream to = new PrintStream(out, true, StandardCharsets.UTF_8);
    int status = Main.run(args, to, to);
    said = out.toString(StandardCharsets.UTF_8);
    return status;
  }

  @Test
  void aSeasonBeginsWithTheLogOfAllYears() throws Exception {
    assertThat(run("log", show.toString(), "--add", "note", "--text", "dry")).isZero();
    Path next = folder.resolve("fair 2027.bunting.json");
    assertThat(run("next", show.toString(), "--out", next.toString(), "--date", "2027-01-07"))
        .as(said)
        .isZero();
    Show now = ShowFiles.open(next);
    assertThat(now.settings().name()).isEqualTo("Fair 2027");
    assertThat(now.allotting().handOut()).isPresent();
    ShowLog log = LogFile.beside(next).read();
    assertThat(log.lines().getFirst().entry().kind()).isEqualTo(LogKind.NOTE);
    assertThat(log.lines().getLast().entry().text()).contains("Fair 2027");
    assertThat(log.broken()).isEmpty();
    assertThat(run("check", next.toString())).as(said).isZero();
    assertThat(run("compare", next.toString(), "--with", show.toString())).isZero();
    assertThat(said).as("what stands, stands").doesNotContain("changed");
  }

  @Test
  void nothingIsOverwritten() throws Exception {
    Path next = folder.resolve("next.bunting.json");
    Files.writeString(LogFile.beside(next).path(), "{}\n");
    assertThat(run("next", show.toString(), "--out", next.toString())).isEqualTo(2);
    assertThat(said).contains("it is there already");
    assertThat(next).doesNotExist();
    assertThat(Files.readString(LogFile.beside(next).path())).isEqualTo("{}\n");
    Files.delete(LogFile.beside(next).path());
    assertThat(run("next", show.toString(), "--out", show.toString())).isEqualTo(2);
    assertThat(run("next", show.toString(), "--out", next.toString(), "--date", "soon"))
        .isEqualTo(2);
    assertThat(run("next", show.toString(), "--out", next.toString(), "--date", "9999-01-01"))
        .as("the log could not read it again")
        .isEqualTo(2);
    assertThat(run("next", show.toString(), "--out", next.toString(), "--name", " ")).isEqualTo(2);
  }

  private String begin(Path next) {
    assertThat(run("next", show.toString(), "--out", next.toString(), "--date", "2027-01-07"))
        .as(said)
        .isZero();
    return said;
  }

  private static Path staged(Path next) {
    return next.resolveSibling(LogFile.beside(next).path().getFileName() + ".next");
  }

  /** Killed after its log was staged: there is no season yet, and the same command begins it. */
  @Test
  void aSeasonThatWasKilledBeforeItsShowIsBegunAgain() throws Exception {
    assertThat(run("log", show.toString(), "--add", "note", "--text", "dry")).isZero();
    Path next = folder.resolve("next.bunting.json");
    begin(next);
    byte[] log = Files.readAllBytes(LogFile.beside(next).path());
    byte[] whole = Files.readAllBytes(next);
    Files.delete(next);
    Files.move(LogFile.beside(next).path(), staged(next));
    begin(next);
    assertThat(Files.readAllBytes(next)).isEqualTo(whole);
    assertThat(Files.readAllBytes(LogFile.beside(next).path())).isEqualTo(log);
    assertThat(staged(next)).doesNotExist();
  }

  /** Another show saved under the name of a season that was killed has no part in its log. */
  @Test
  void aShowSavedInItsPlaceLeavesTheStagedLog() throws Exception {
    Path next = folder.resolve("next.bunting.json");
    begin(next);
    Files.delete(next);
    Files.move(LogFile.beside(next).path(), staged(next));
    SeasonFiles.save(next, ShowFiles.open(show));
    assertThat(staged(next)).doesNotExist();
    assertThat(LogFile.beside(next).read().lines()).isEmpty();
  }

  /** Killed before its log was moved: the season has begun, with its log, for whoever looks. */
  @Test
  void aSeasonThatWasKilledAfterItsShowIsWhole() throws Exception {
    assertThat(run("log", show.toString(), "--add", "note", "--text", "dry")).isZero();
    Path next = folder.resolve("next.bunting.json");
    String first = begin(next);
    byte[] log = Files.readAllBytes(LogFile.beside(next).path());
    Files.move(LogFile.beside(next).path(), staged(next));
    assertThat(LogFile.beside(next).read().lines()).isNotEmpty();
    assertThat(Files.readAllBytes(LogFile.beside(next).path())).isEqualTo(log);
    Files.move(LogFile.beside(next).path(), staged(next));
    assertThat(begin(next)).as("the same command says the same").isEqualTo(first);
    assertThat(Files.readAllBytes(LogFile.beside(next).path())).isEqualTo(log);
    assertThat(run("next", show.toString(), "--out", next.toString()))
        .as("a season that is whole is not begun again")
        .isEqualTo(2);
  }

  /** A log that waits for a season that never began is no other show's log. */
  @Test
  void aStagedLogIsNotTakenByAnotherShow() throws Exception {
    Path next = folder.resolve("next.bunting.json");
    begin(next);
    Files.delete(next);
    Files.move(LogFile.beside(next).path(), staged(next));
    assertThat(run("next", show.toString(), "--place", "--out", next.toString())).as(said).isZero();
    assertThat(LogFile.beside(next).read().lines()).isEmpty();
    assertThat(staged(next)).doesNotExist();
  }

  @Test
  void aPrivateShowHasAPrivateLogAndANextSeasonOfItsKind() throws Exception {
    Set<PosixFilePermission> own = PosixFilePermissions.fromString("rw-------");
    Files.setPosixFilePermissions(show, own);
    assertThat(run("log", show.toString(), "--add", "note", "--text", "dry")).isZero();
    assertThat(Files.getPosixFilePermissions(LogFile.beside(show).path())).isEqualTo(own);
    Path next = folder.resolve("next.bunting.json");
    begin(next);
    assertThat(Files.getPosixFilePermissions(next)).isEqualTo(own);
    assertThat(Files.getPosixFilePermissions(LogFile.beside(next).path())).isEqualTo(own);
  }

  @Test
  void aHalfLineOfTheOldLogIsKeptAndNotJoined() throws Exception {
    Files.writeString(
        LogFile.beside(show).path(),
        "{\"date\":\"2026-12-01\",\"kind\":\"note\",\"text\":\"dry\"}\n{\"date\":\"20");
    Path next = folder.resolve("next.bunting.json");
    assertThat(run("next", show.toString(), "--out", next.toString())).as(said).isZero();
    ShowLog log = LogFile.beside(next).read();
    assertThat(log.broken()).containsExactly(2);
    assertThat(log.lines().get(1).number()).isEqualTo(3);
  }

  @Test
  void aPlaceIsKeptForAnotherShow() throws Exception {
    Path next = folder.resolve("market.bunting.json");
    assertThat(
            run("next", show.toString(), "--place", "--out", next.toString(), "--name", "Market"))
        .as(said)
        .isZero();
    assertThat(ShowFiles.open(next).runs()).isEmpty();
    assertThat(ShowFiles.open(next).settings().name()).isEqualTo("Market");
    assertThat(LogFile.beside(next).path()).doesNotExist();
  }
}
