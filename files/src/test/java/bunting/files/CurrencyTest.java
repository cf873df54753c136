package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bunting.core.show.Run;
import bunting.core.show.Show;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The currency of a show is read from its settings, kept in its file, and no longer than a sign.
 */
class CurrencyTest {
  private static final String RUNS = "name,type,pixels\nWeir,5v-strip-60,30\n";

  @TempDir private Path folder = Path.of("");

  private static Show of(String prices) throws BadInputException {
    return ShowFiles.ofTexts(RUNS, "{\"prices\": " + prices + "}");
  }

  @Test
  void itIsReadWithTheSettings() throws BadInputException {
    assertThat(of("{\"currency\": \"CHF\"}").settings().currency()).isEqualTo("CHF");
    assertThat(of("{}").settings().currency()).isEmpty();
    assertThat(ShowFiles.ofTexts(RUNS, "{}").settings().currency()).isEmpty();
  }

  @Test
  void itIsKeptInTheShowsFile() throws Exception {
    Show show = Show.of(List.of(Run.of("Weir", "5v-strip-60", 30)));
    Path file = folder.resolve("fair" + ShowFiles.ENDING);
    ShowFiles.writeShow(file, show.withSettings(show.settings().withCurrency("£")));
    assertThat(ShowFiles.open(file).settings().currency()).isEqualTo("£");
    ShowFiles.writeShow(file, show);
    assertThat(Files.readString(file, StandardCharsets.UTF_8)).doesNotContain("currency");
    assertThat(ShowFiles.open(file)).isEqualTo(show);
  }

  /** What a later version says of prices is not lost. */
  @Test
  void whatElseIsSaidOfPricesIsKept() throws Exception {
    Show show = of("{\"currency\": \"EUR\", \"minuteRate\": 0.75}");
    Path file = folder.resolve("fair" + ShowFiles.ENDING);
    ShowFiles.writeShow(file, show);
    assertThat(Files.readString(file, StandardCharsets.UTF_8))
        .contains("\"currency\"")
        .contains("\"minuteRate\"");
  }

  @Test
  void aSentenceIsNoCurrency() {
    assertThatThrownBy(() -> of("{\"currency\": \"pounds sterling\"}"))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("$.prices.currency")
        .hasMessageContaining("8 characters");
    assertThatThrownBy(() -> of("{\"currency\": 7}")).hasMessageContaining("text in quotes");
  }
}
