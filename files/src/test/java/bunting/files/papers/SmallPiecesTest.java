package bunting.files.papers;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Point;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Tables, texts and drawings of papers. */
class SmallPiecesTest {
  private static final Table TABLE =
      Table.of(
          List.of("007", "=1+1", "plain"),
          List.of(
              Table.<String>col("name", "Name", Table.Kind.MAIN, s -> s),
              Table.<String>count("letters", "Letters", String::length),
              Table.<String>col("hidden", "", Table.Kind.FILE, s -> "-" + s.length()),
              Table.<String>text("shown", "Shown", s -> "1.5").shown(t -> t + " m")));

  private static Page page(Map<String, Set<List<String>>> before) {
    return new Page(
        new Print("Mill & \"Fair\"", 2, LocalDate.of(2026, 11, 28), PageSize.A4, before), "p", "T");
  }

  @Test
  void aTableIsSaidOnceForFileAndPage() {
    String csv = new String(TABLE.csv(), StandardCharsets.UTF_8);
    assertThat(csv.lines())
        .containsExactly(
            "name,letters,hidden,shown", "007,3,-3,1.5", "'=1+1,4,-4,1.5", "plain,5,-5,1.5");
    String html = page(Map.of()).table(TABLE).html("Paper");
    assertThat(html).contains(">Letters<", ">=1+1<", "1.5\u00A0m").doesNotContain("hidden", ">-3<");
  }

  @Test
  void onlyRowsThatWereNotThereAreMarked() {
    Set<List<String>> before = Set.of(TABLE.rows().get(0), TABLE.rows().get(2));
    String html = page(Map.of("p", before)).table(TABLE).html("Paper");
    assertThat(html.split("class=\"mark\">\u25CF<", -1)).hasSize(2);
    assertThat(page(Map.of("other", before)).table(TABLE).html("Paper"))
        .as("never printed before: nothing is new")
        .doesNotContain("class=\"mark\">\u25CF<");
  }

  @Test
  void textsCannotLeaveTheirPlace() {
    assertThat(Html.text("<a href=\"x\">&\u0000\uD800b"))
        .isEqualTo("&lt;a href=&quot;x&quot;&gt;&amp;  b");
    assertThat(Html.text("\uD83C\uDF84")).as("a whole pair stays").isEqualTo("\uD83C\uDF84");
    assertThat(Html.css("a\"\\;}<\u6C34"))
        .isEqualTo("a\\000022 \\00005c \\00003b \\00007d \\00003c \\006c34 ");
    assertThat(Html.attribute("a\nb")).isEqualTo("a&#10;b");
    assertThat(Html.fitted("\uD83C\uDF84\uD83C\uDF84\uD83C\uDF84", 2))
        .isEqualTo("\uD83C\uDF84\u2026");
  }

  @Test
  void sizesAreNotParted() {
    assertThat(Html.sizes("16AWG, 1.31 mm\u00B2, 4 A at 90 px"))
        .isEqualTo("16AWG, 1.31\u00A0mm\u00B2, 4\u00A0A at 90\u00A0px");
    assertThat(Html.sizes("box 3 Arch")).isEqualTo("box 3 Arch");
  }

  @Test
  void aDrawingIsSvg() {
    Drawing drawing =
        new Drawing(
            100,
            50,
            List.of(new Drawing.Stroke(List.of(new Point(1, 2), new Point(3, 4)), 0x0B5FA5, 1, 2)),
            List.of(new Drawing.Label(5, 6, 12, "<Weir>")));
    assertThat(new String(Svg.of(drawing, "A & B"), StandardCharsets.UTF_8))
        .contains("viewBox=\"0 0 100.00 50.00\"", "points=\"1.00,2.00 3.00,4.00\"")
        .contains("stroke=\"#0b5fa5\"", "stroke-dasharray=\"2.00\"", "&lt;Weir&gt;", "A &amp; B");
  }

  @Test
  void sizesOfPaperAreKnownByName() {
    assertThat(PageSize.of("letter")).contains(PageSize.LETTER);
    assertThat(PageSize.of("A5")).isEmpty();
  }
}
