package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.show.Show;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
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

  @Test
  void thePapersSayWhatThePlanSaysAndAreTheSameTwice() throws BadInputException, IOException {
    Assessment plan = Assessor.plan(fair());
    var first = Papers.write(plan, folder.resolve("a"));
    var second = Papers.write(plan, folder.resolve("b"));
    assertThat(first).hasSize(25);
    for (int i = 0; i < first.size(); i++) {
      assertThat(Files.readAllBytes(first.get(i)))
          .as(first.get(i).toString())
          .isEqualTo(Files.readAllBytes(second.get(i)));
    }
    try (PDDocument card = Loader.loadPDF(folder.resolve("a/box-lid-cards.pdf").toFile())) {
      String text = new PDFTextStripper().getText(card);
      assertThat(card.getNumberOfPages()).isGreaterThanOrEqualTo(8);
      assertThat(text)
          .contains("Wheel house")
          .contains("10.20.0.11")
          .contains("Switch off before any plug");
    }
    String patch = Files.readString(folder.resolve("a/patch-table.csv"), StandardCharsets.UTF_8);
    int rows = plan.reading().segments().stream().mapToInt(s -> s.slots().size()).sum();
    int sets = plan.reading().others().sets().size();
    assertThat(patch.lines()).hasSize(rows + sets + 1);
  }

  @Test
  void namesCannotBreakThePapers() throws BadInputException {
    Show show = fair();
    Show odd =
        show.withRuns(
            java.util.List.of(
                bunting.core.show.Run.of("<b>&\"\u0007 \uD83C\uDF84 Mühle", "5v-strip-60", 10)));
    assertThat(Papers.write(Assessor.plan(odd), folder.resolve("odd"))).hasSize(25);
  }
}
