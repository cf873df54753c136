package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import bunting.core.show.Show;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

@Tag("slow")
class ShowFilesTest {
  private static final Path EXAMPLES = Path.of("..", "examples");

  @TempDir private Path folder = Path.of("");

  private static Show fair() throws BadInputException {
    return ShowFiles.readRuns(
        EXAMPLES.resolve("RUNS.csv"), Optional.of(EXAMPLES.resolve("SETTINGS.json")));
  }

  @Test
  void aShowComesBackAsItWasSaved() throws BadInputException {
    Path file = folder.resolve("fair.bunting.json");
    ShowFiles.writeShow(file, fair());
    assertThat(ShowFiles.open(file)).isEqualTo(fair());
  }

  @Test
  void theExampleIsOpenedWithTheSettingsBesideIt() throws BadInputException {
    assertThat(ShowFiles.open(EXAMPLES.resolve("RUNS.csv"))).isEqualTo(fair());
  }

  @Test
  void aNewerFormatAndAMissingPartAreSaid() throws IOException {
    for (String text :
        new String[] {
          "{\"formatVersion\":2}",
          "{\"formatVersion\":1}",
          "{\"formatVersion\":1,\"settings\":{}}",
          "{}"
        }) {
      Path file = Files.writeString(folder.resolve("x.bunting.json"), text);
      BadInputException e =
          catchThrowableOfType(BadInputException.class, () -> ShowFiles.open(file));
      assertThat(e.getMessage()).contains("$.");
    }
  }

  @Test
  void bytesThatAreNoTextAreNamedByLine() throws IOException {
    Path file = Files.write(folder.resolve("r.csv"), new byte[] {'n', '\n', 'a', (byte) 0xC3, '('});
    BadInputException e = catchThrowableOfType(BadInputException.class, () -> ShowFiles.open(file));
    assertThat(e.getMessage()).contains("line 2").contains("UTF-8");
  }

  @Test
  void aFileThatCannotBeWrittenIsLeftAsItWas() throws IOException {
    Path nowhere = folder.resolve("not-there").resolve("plan.json");
    assertThat(
            catchThrowableOfType(
                BadInputException.class, () -> WholeFile.write(nowhere, new byte[1])))
        .isNotNull();
    assertThat(
            catchThrowableOfType(
                BadInputException.class, () -> WholeFile.write(folder, new byte[1])))
        .isNotNull();
    try (Stream<Path> left = Files.list(folder)) {
      assertThat(left).isEmpty();
    }
  }
}
