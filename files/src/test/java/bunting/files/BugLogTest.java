package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Properties;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Faults of our own: a sentence for the user, the rest in a file where the platform has them. */
class BugLogTest {
  @TempDir private Path folder = Path.of("");

  @Test
  void aFaultIsASentenceThatNamesTheLog() throws Exception {
    Path state = folder.resolve("state/bunting");
    String said = BugLog.in(state).noted("planning", new IllegalStateException("two\nlines of it"));
    Path log = state.resolve("bunting.log");
    assertThat(said)
        .contains("while planning")
        .contains("IllegalStateException")
        .contains(log.toString())
        .endsWith(".")
        .doesNotContain("\n");
    assertThat(Files.readString(log)).contains("two").contains("at bunting.files.BugLogTest");
    BugLog.in(state).noted("cutting", new OutOfMemoryError());
    assertThat(Files.readString(log)).as("both are there").contains("planning").contains("cutting");
  }

  @Test
  void itDoesNotGrowForEver() throws Exception {
    String much = "x".repeat(300_000);
    for (int i = 0; i < 12; i++) {
      BugLog.in(folder).noted("planning", new IllegalStateException(much));
    }
    long all = 0;
    try (var files = Files.list(folder)) {
      for (Path file : files.toList()) {
        all += Files.size(file);
      }
    }
    assertThat(all).isBetween(300_000L, 4_000_000L);
  }

  @Test
  void whereNothingCanBeNotedTheSentenceComesAllTheSame() throws Exception {
    Path file = Files.writeString(folder.resolve("file"), "");
    String said = BugLog.in(file.resolve("x")).noted("planning", new IllegalStateException());
    assertThat(said).contains("while planning").endsWith(".").doesNotContain("bunting.log");
  }

  private static UserFolders on(String os, Map<String, String> environment) {
    Properties system = new Properties();
    system.setProperty("os.name", os);
    system.setProperty("user.home", "/home/miller");
    return UserFolders.of(environment, system);
  }

  /** XDG Base Directory Specification 0.8; Apple's and Microsoft's conventions from memory. */
  @Test
  void foldersFollowThePlatform() {
    assertThat(on("Linux", Map.of()).state())
        .isEqualTo(Path.of("/home/miller/.local/state/bunting"));
    assertThat(on("Linux", Map.of()).cache()).isEqualTo(Path.of("/home/miller/.cache/bunting"));
    assertThat(on("Linux", Map.of("XDG_STATE_HOME", "/s", "XDG_CACHE_HOME", "/c")).state())
        .isEqualTo(Path.of("/s/bunting"));
    assertThat(on("Linux", Map.of("XDG_CACHE_HOME", "relative")).cache())
        .as("relative paths are to be ignored")
        .isEqualTo(Path.of("/home/miller/.cache/bunting"));
    assertThat(on("Mac OS X", Map.of()).state())
        .isEqualTo(Path.of("/home/miller/Library/Application Support/Bunting"));
    assertThat(on("Windows 11", Map.of()).cache())
        .isEqualTo(Path.of("/home/miller/AppData/Local/Bunting/Cache"));
  }
}
