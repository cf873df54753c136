package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** No cell begins as a formula does, and each comes back as it was. */
class CsvTest {
  @ParameterizedTest
  @ValueSource(
      strings = {
        "=1+1",
        "+A1",
        "-A1",
        "@x",
        "\tx",
        "\rx",
        " =1+1",
        "  @x",
        "\u00a0=1",
        "\uff1d1",
        "\uff0bA1",
        "\uff0dA1",
        "\uff20x",
        " \uff1d1",
        "\n=1",
        "\ufeff=1",
        "'=1"
      })
  void whatASpreadsheetWouldRunIsText(String cell) {
    assertThat(Csv.harmless(cell)).isEqualTo("'" + cell);
    assertThat(Csv.plain(Csv.harmless(cell))).isEqualTo(cell);
  }

  @Test
  void numbersAndPlainTextStayAsTheyAre() {
    for (String cell : new String[] {"-4.5", "+3", "1e-3", "Weir = west", " x", "", "'x"}) {
      assertThat(Csv.harmless(cell)).isEqualTo(cell);
    }
  }
}
