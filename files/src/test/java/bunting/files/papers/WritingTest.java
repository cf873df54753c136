package bunting.files.papers;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;

/** Scripts from right to left, by where their letters stand on the page. */
class WritingTest {
  /** A letter and how far right it is. */
  private record Letter(String text, float x) {}

  private static List<Letter> letters(String says) throws IOException {
    Print print = new Print("show", 1, LocalDate.of(2026, 11, 28), PageSize.A4, Map.of());
    Page page = new Page(print, "summary", "Summary").says(says);
    List<Letter> letters = new ArrayList<>();
    PDFTextStripper stripper =
        new PDFTextStripper() {
          @Override
          protected void processTextPosition(TextPosition at) {
            letters.add(new Letter(at.getUnicode(), at.getXDirAdj()));
          }
        };
    try (PDDocument document = Loader.loadPDF(Pdf.of(page).bytes())) {
      stripper.getText(document);
    }
    return letters;
  }

  private static float x(List<Letter> letters, String letter) {
    return letters.stream()
        .filter(l -> l.text().equals(letter))
        .findFirst()
        .orElseThrow(() -> new AssertionError(letter + " of " + letters))
        .x();
  }

  /** Alef, bet, gimel: the first letter stands at the right. */
  @Test
  void hebrewRunsFromRightToLeftWithinALineThatDoesNot() throws IOException {
    List<Letter> letters = letters("Q \u05D0\u05D1\u05D2 Z");
    assertThat(x(letters, "\u05D0")).isGreaterThan(x(letters, "\u05D1"));
    assertThat(x(letters, "\u05D1")).isGreaterThan(x(letters, "\u05D2"));
    assertThat(x(letters, "Q")).isLessThan(x(letters, "\u05D2"));
    assertThat(x(letters, "\u05D0")).isLessThan(x(letters, "Z"));
  }

  /** Noon, waw, reh: noon begins, waw ends, reh stands alone (Unicode, forms B). */
  @Test
  void arabicLettersAreJoined() throws IOException {
    List<Letter> letters = letters("\u0646\u0648\u0631");
    List<String> word =
        letters.stream().map(Letter::text).filter(t -> t.codePointAt(0) > 0x600).toList();
    assertThat(word).containsExactly("\uFEAD", "\uFEEE", "\uFEE7");
  }

  @Test
  void numbersInItStayAsTheyAre() throws IOException {
    List<Letter> letters = letters("\u05D0 79 \u05D1");
    assertThat(x(letters, "7")).isLessThan(x(letters, "9"));
  }
}
