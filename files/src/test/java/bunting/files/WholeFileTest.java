package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import bunting.core.show.Run;
import bunting.core.show.Show;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whole or not at all, and only where it was meant to be. */
class WholeFileTest {
  private static final byte[] NEW = "new".getBytes(StandardCharsets.UTF_8);

  @TempDir private Path folder = Path.of("");

  private Path old(String name) throws IOException {
    return Files.writeString(folder.resolve(name), "old");
  }

  private List<String> names() throws IOException {
    try (Stream<Path> all = Files.list(folder)) {
      return all.map(p -> p.getFileName().toString()).sorted().toList();
    }
  }

  private static void mode(Path file, String text) throws IOException {
    Files.setPosixFilePermissions(file, PosixFilePermissions.fromString(text));
  }

  private static String mode(Path file) throws IOException {
    return PosixFilePermissions.toString(Files.getPosixFilePermissions(file));
  }

  @Test
  void aLinkIsFollowedAndStaysALink() throws Exception {
    Path real = old("real.json");
    Path middle = Files.createSymbolicLink(folder.resolve("middle"), Path.of("real.json"));
    Path link = Files.createSymbolicLink(folder.resolve("link"), middle.getFileName());
    WholeFile.write(link, NEW);
    assertThat(Files.isSymbolicLink(link)).isTrue();
    assertThat(Files.readString(real)).isEqualTo("new");
    Path dangling = Files.createSymbolicLink(folder.resolve("dangling"), Path.of("fresh.json"));
    WholeFile.write(dangling, NEW);
    assertThat(Files.readString(folder.resolve("fresh.json"))).isEqualTo("new");
    Files.createSymbolicLink(folder.resolve("round"), Path.of("round"));
    assertThatThrownBy(() -> WholeFile.write(folder.resolve("round"), NEW))
        .isInstanceOf(BadInputException.class);
  }

  @Test
  void theModeOfWhatWasThereIsKeptElseItIsTheUmasks() throws Exception {
    Path secret = old("secret.json");
    mode(secret, "rw-------");
    WholeFile.write(secret, NEW);
    assertThat(mode(secret)).isEqualTo("rw-------");
    Path wide = old("wide.json");
    mode(wide, "rw-rw-rw-");
    WholeFile.write(wide, NEW);
    assertThat(mode(wide)).isEqualTo("rw-rw-rw-");
    WholeFile.write(folder.resolve("fresh.json"), NEW);
    assertThat(mode(folder.resolve("fresh.json")))
        .as("as any other file that is made here")
        .isEqualTo(mode(Files.createFile(folder.resolve("other"))));
  }

  /** The file is looked at while it is being created: its attributes are those of creation. */
  @Test
  void whatIsPrivateIsPrivateFromItsFirstByte() throws Exception {
    Path secret = old("secret.json");
    mode(secret, "rw-------");
    for (FileRights rights : List.of(FileRights.of(secret), FileRights.PRIVATE)) {
      Path draft = folder.resolve("draft");
      Files.createFile(draft, rights.atCreation());
      assertThat(mode(draft)).isEqualTo("rw-------");
      Files.delete(draft);
    }
    WholeFile.write(folder.resolve("mine"), NEW, FileRights.PRIVATE);
    assertThat(mode(folder.resolve("mine"))).isEqualTo("rw-------");
    Path state = folder.resolve("state");
    FileRights.makePrivate(state.resolve("bunting"));
    assertThat(mode(state)).isEqualTo("rwx------");
    mode(state.resolve("bunting"), "rwxr-xr-x");
    FileRights.makePrivate(state.resolve("bunting"));
    assertThat(mode(state.resolve("bunting"))).as("closed again").isEqualTo("rwx------");
  }

  @Test
  void theSystemsMasterDoesNotTakeAFileOver() throws Exception {
    assumeTrue(System.getProperty("user.name").equals("root"), "only the master gives files away");
    Path theirs = old("theirs.json");
    Files.setOwner(
        theirs,
        theirs.getFileSystem().getUserPrincipalLookupService().lookupPrincipalByName("1234"));
    WholeFile.write(theirs, NEW);
    assertThat(Files.readString(theirs)).isEqualTo("new");
    assertThat(Files.getOwner(theirs).getName()).isEqualTo("1234");
  }

  @Test
  void whatMayNotBeWrittenIsLeftAlone() throws Exception {
    Path fixed = old("fixed.json");
    mode(fixed, "r--r--r--");
    assertThatThrownBy(() -> WholeFile.write(fixed, NEW))
        .hasMessageContaining("may not be changed");
    assertThat(Files.readString(fixed)).isEqualTo("old");
    assertThat(mode(fixed)).isEqualTo("r--r--r--");
  }

  @Test
  void devicesAndPipesAreNoPlacesForAFile() throws Exception {
    assertThatThrownBy(() -> WholeFile.write(Path.of("/dev/null"), NEW))
        .hasMessageContaining("no regular file");
    assertThat(Files.isRegularFile(Path.of("/dev/null"))).isFalse();
    Path pipe = folder.resolve("pipe");
    assertThat(new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor()).isZero();
    assertThatThrownBy(() -> WholeFile.write(pipe, NEW)).hasMessageContaining("no regular file");
    assertThatThrownBy(() -> TextFiles.read(pipe)).hasMessageContaining("no regular file");
    assertThatThrownBy(() -> TextFiles.read(Path.of("/dev/zero")))
        .hasMessageContaining("no regular file");
    assertThat(names()).containsExactly("pipe");
  }

  @Test
  void noInputIsWrittenOverByWhateverName() throws Exception {
    Path runs = old("runs.csv");
    Path other = Files.createLink(folder.resolve("other.csv"), runs);
    Path link = Files.createSymbolicLink(folder.resolve("link.csv"), runs);
    for (Path out : List.of(runs, other, link, folder.resolve("./runs.csv"))) {
      assertThatThrownBy(() -> WholeFile.write(out, NEW, folder.resolve("s.json"), runs))
          .isInstanceOf(BadInputException.class)
          .hasMessageContaining("is read for what is to be written");
    }
    assertThat(Files.readString(runs)).isEqualTo("old");
  }

  @Test
  void whatWasThereStaysAsABackupOfAShow() throws Exception {
    Path file = folder.resolve("weir" + ShowFiles.ENDING);
    Show first = Show.of(List.of(Run.of("Weir", "5v-strip-60", 1)));
    Show second = Show.of(List.of(Run.of("Weir", "5v-strip-60", 2)));
    ShowFiles.writeShow(file, first);
    assertThat(names()).containsExactly("weir.bunting.json");
    ShowFiles.writeShow(file, second);
    Path backup = folder.resolve("weir" + ShowFiles.ENDING + ".bak");
    assertThat(ShowFiles.readShow(backup)).isEqualTo(first);
    ShowFiles.writeShow(file, second);
    assertThat(ShowFiles.readShow(backup)).isEqualTo(second);
    assertThat(names()).containsExactly("weir.bunting.json", "weir.bunting.json.bak");
  }

  @Test
  void draftsOfProcessesThatAreGoneAreSwept() throws Exception {
    Process gone = new ProcessBuilder("true").start();
    assertThat(gone.waitFor(20, TimeUnit.SECONDS)).isTrue();
    WholeFile.write(folder.resolve("a.json"), NEW);
    String mine = machineOfADraft();
    Path litter = old(".bunting-" + mine + "-" + gone.pid() + "-1.part");
    Path living = old(".bunting-" + mine + "-" + ProcessHandle.current().pid() + "-9.part");
    Path elsewhere = old(".bunting-0123abcd-" + gone.pid() + "-1.part");
    Path foreign = old(".bunting-notes.part");
    WholeFile.sweep(folder.resolve("a.json"));
    assertThat(litter).doesNotExist();
    assertThat(List.of(living, elsewhere, foreign)).allMatch(Files::exists);
  }

  /** As the machine is named in a draft's name. */
  private static String machineOfADraft() {
    return WholeFile.draft(Path.of("/x/y")).getFileName().toString().split("-", -1)[1];
  }
}
