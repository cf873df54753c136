package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is remembered comes back; what cannot be read is as if it had never been said. */
class UserPreferencesTest {
  @TempDir private Path folder = Path.of("");

  private Path file() {
    return folder.resolve("state").resolve("window.properties");
  }

  @Test
  void allOfItComesBack() {
    UserPreferences some =
        UserPreferences.NONE
            .withRecent(folder.resolve("a.bunting.json"))
            .withRecent(folder.resolve("b.bunting.json"))
            .withPlace(new UserPreferences.Place(-40, 12, 1100, 700.5, true))
            .withNight(true)
            .withFeet(true)
            .withCurrency("CHF")
            .withFolder(folder);
    assertThat(some.write(file())).isTrue();
    assertThat(UserPreferences.read(file())).isEqualTo(some);
  }

  @Test
  void theLastFileIsTheFirstAndOnlySoManyAreKept() {
    UserPreferences p = UserPreferences.NONE;
    for (int i : IntStream.rangeClosed(1, 12).toArray()) {
      p = p.withRecent(Path.of("f" + i));
    }
    assertThat(p.recent()).hasSize(UserPreferences.RECENT_MAX).startsWith(Path.of("f12"));
    p = p.withRecent(Path.of("f8"));
    assertThat(p.recent())
        .hasSize(UserPreferences.RECENT_MAX)
        .startsWith(Path.of("f8"), Path.of("f12"));
    assertThat(p.recent()).doesNotHaveDuplicates();
    assertThat(p.withoutRecent(Path.of("f12")).recent()).doesNotContain(Path.of("f12"));
  }

  @Test
  void whatIsNotThereIsNothing() {
    assertThat(UserPreferences.read(file())).isEqualTo(UserPreferences.NONE);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "{not=keys",
        "recent.1=\\u0000\nnight=perhaps",
        "window=1e300 0 100 100 free",
        "window=0 0 0 100 free",
        "window=a b c d e",
        "window=NaN 0 100 100 free",
        "window=1 2 3",
        "currency=a whole sentence",
        "folder=\\u0000",
        "folder=\\uZZZZ"
      })
  void nonsenseIsNothing(String text) throws Exception {
    Files.createDirectories(file().getParent());
    Files.writeString(file(), text);
    UserPreferences read = UserPreferences.read(file());
    assertThat(read.place()).isEqualTo(Optional.empty());
    assertThat(read.currency()).isEmpty();
    assertThat(read.folder()).isEmpty();
    assertThat(read.night()).isFalse();
  }

  @Test
  void aPlaceThatCannotBeWrittenIsNoHarm() throws Exception {
    Path blocked = Files.writeString(folder.resolve("state"), "a file where a folder should be");
    assertThat(UserPreferences.NONE.write(blocked.resolve("window.properties"))).isFalse();
  }
}
