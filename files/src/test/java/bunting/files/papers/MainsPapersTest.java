package bunting.files.papers;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.hookup.SingleLine;
import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.show.Show;
import bunting.files.BadInputException;
import bunting.files.ShowFiles;
import java.io.IOException;
import java.nio.file.Path;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The electrician's pages and the settings cards of the fair. */
class MainsPapersTest {
  private static Assessment plan = Assessor.plan(Show.of(java.util.List.of()));

  @BeforeAll
  static void fair() throws BadInputException {
    Path examples = Path.of("..", "examples");
    plan =
        Assessor.plan(
            ShowFiles.readRuns(
                examples.resolve("RUNS.csv"),
                java.util.Optional.of(examples.resolve("SETTINGS.json"))));
  }

  private static PDDocument pdf(String id) throws IOException {
    return Loader.loadPDF(
        Papers.preview(plan, id, Papers.Order.all(java.time.LocalDate.of(2026, 11, 28))).bytes());
  }

  @Test
  void theSingleLineHoldsEveryThingAndIsInLandscape() throws IOException {
    try (PDDocument document = pdf("mains")) {
      PDRectangle page = document.getPage(0).getMediaBox();
      assertThat(page.getWidth()).isGreaterThan(page.getHeight());
      String text = new PDFTextStripper().getText(document);
      Reading reading = plan.reading();
      assertThat(text).contains("Green pillar", "Mill kitchen", "RCD 30 mA", "licensed person");
      reading.supplies().forEach(s -> assertThat(text).contains(s.supply().id() + " "));
      int rows = SingleLine.of(reading).rows();
      assertThat(rows).isGreaterThan(11);
      assertThat(document.getNumberOfPages()).isGreaterThanOrEqualTo(3);
    }
  }

  @Test
  void theListOfCircuitsAddsUp() {
    String csv =
        new String(
            MainsPaper.table(new Sources(plan)).csv(), java.nio.charset.StandardCharsets.UTF_8);
    assertThat(csv.lines()).hasSize(3);
    assertThat(csv.lines().skip(1).findFirst().orElseThrow())
        .startsWith("Mill kitchen,1,230,16,C,30,4.80,")
        .contains(",12.80,");
  }

  @Test
  void eachBoxHasACardOfItsOwn() throws IOException {
    try (PDDocument document = pdf("settings-cards")) {
      assertThat(document.getNumberOfPages()).isGreaterThanOrEqualTo(8);
      PDFTextStripper first = new PDFTextStripper();
      first.setStartPage(1);
      first.setEndPage(1);
      assertThat(first.getText(document))
          .contains("Wheel house", "10.20.0.11", "255.255.255.0", "u21 / 1", "Limiter");
    }
    String csv =
        new String(
            SettingsCards.table(new Sources(plan)).csv(), java.nio.charset.StandardCharsets.UTF_8);
    assertThat(csv.lines()).hasSize(plan.reading().segments().size() + 1);
  }
}
