package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.units.Mark;
import bunting.core.units.Measures;
import bunting.files.sheet.Meaning;
import bunting.files.sheet.SheetField;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lists as people keep them. */
class SheetImportTest {
  private static final Show EMPTY = Show.of(List.of());

  @TempDir private Path folder = Path.of("");

  private SheetImport read(String name, String text) throws Exception {
    return SheetImport.read(Files.writeString(folder.resolve(name), text), EMPTY);
  }

  private static Meaning means(String key) {
    return Meaning.named(key).orElseThrow();
  }

  private static List<SheetField> fields(SheetImport sheet) {
    return sheet.mapping().stream().map(Meaning::field).toList();
  }

  /** An inch is 25.4 mm and a foot twelve of them, exactly (international yard, 1959). */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '~',
      value = {
        "12'6\"|3.81",
        "12' 6|3.81",
        "12 ft 6 in|3.81",
        "12.5 ft|3.81",
        "150\"|3.81",
        "12'6 1/2\"|3.8227",
        "12′6″|3.81",
        "3,81 m|3.81",
        "381 cm|3.81",
        "3810mm|3.81",
        "3 m 81 cm|3.81",
        "4 m 5 cm|4.05",
        "3.81|3.81",
        "3,81|3.81"
      })
  void lengthsAreReadHoweverTheyAreWritten(String text, String metres) {
    assertThat(Measures.metres(text, Measures.Unit.METRES).orElseThrow())
        .isEqualByComparingTo(new BigDecimal(metres));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"", "long", "12'6'", "3 m 2", "-4", "1/0\"", "6 1/0\"", "12'14\"", "20-13"})
  void whatIsNoLengthIsNone(String text) {
    assertThat(Measures.metres(text, Measures.Unit.METRES)).isEmpty();
  }

  @Property
  void feetAndInchesComeBack(@ForAll @IntRange(min = 1, max = 40_000) int eighths) {
    double metres = eighths / 8.0 * 0.0254;
    String text = Measures.feetInches(metres);
    assertThat(Measures.metres(text, Measures.Unit.METRES).orElseThrow().doubleValue())
        .isCloseTo(metres, org.assertj.core.api.Assertions.within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"150,150", "'1,250',1250", "1.250,1250", "150 px,150", "150.0,150", "1 250,1250"})
  void countsAreReadWithMarksBetweenThousands(String text, int count) {
    assertThat(Measures.count(text)).hasValue(count);
  }

  @Test
  void headingsAreGuessedAndTitlesPassedOver() throws Exception {
    SheetImport sheet =
        read(
            "plan.csv",
            "Lantern fair 2026\n\nRun;Strip type;Measured length;Node count;Area;Who climbs\n"
                + "Sack hoist;5V strip 60;5,40 m;;mill;the tall one\n"
                + "Willow 1;12V-string-10;;60;willow;\n");
    assertThat(fields(sheet))
        .containsExactly(
            SheetField.NAME,
            SheetField.TYPE,
            SheetField.LENGTH,
            SheetField.PIXELS,
            SheetField.GROUP,
            SheetField.NOTE);
    List<Run> runs = sheet.taken(EMPTY).runs();
    assertThat(runs).extracting(Run::pixels).containsExactly(324, 60);
    assertThat(runs.getFirst().type()).isEqualTo("5v-strip-60");
    assertThat(runs.getFirst().notes()).containsEntry("Who climbs", "the tall one");
    assertThat(sheet.preview().getFirst().number()).isEqualTo(4);
  }

  @Test
  void feetAreKnownByTheirMarks() throws Exception {
    SheetImport sheet =
        read("feet.tsv", "Item\tLength\nHandrail\t12'6\"\nLintel\t7' 2 1/2\"\nStep\t3\n")
            .withOnlyType("5v-strip-60");
    assertThat(sheet.mapping().get(1).key()).isEqualTo("length_ft");
    assertThat(sheet.taken(EMPTY).runs()).extracting(Run::pixels).containsExactly(228, 131, 54);
  }

  @Test
  void errorsAreMarkedByCellAndCorrectedInPlace() throws Exception {
    SheetImport sheet =
        read(
            "bad.csv",
            "name,type,pixels\nHub,5v-strip-60,lots\nOwl,glitter,10\nHub,5v-strip-60,48\n");
    List<SheetImport.Row> rows = sheet.preview();
    assertThat(rows.get(0).errors().getFirst().column()).isEqualTo(2);
    assertThat(rows.get(1).errors().getFirst().what()).contains("no pixel type");
    assertThat(rows.get(2).run()).isPresent();
    SheetImport better = sheet.withCell(1, 2, "48").withCell(2, 1, "5v-string-10");
    assertThat(better.preview().get(2).errors().getFirst().what()).contains("row 2");
    SheetImport best = better.withCell(3, 0, "Axle");
    assertThat(best.preview()).allMatch(SheetImport.Row::sound);
    assertThat(best.taken(EMPTY).runs()).hasSize(3);
  }

  @Test
  void columnsWithUnitsInThemAreLengths() throws Exception {
    SheetImport sheet = read("u.csv", "Run,Strip,How far\nHoist,5v-strip-60,\"5,40 m\"\n");
    assertThat(sheet.mapping().get(2).key()).isEqualTo("length_m");
    assertThat(sheet.taken(EMPTY).runs().getFirst().pixels()).isEqualTo(324);
  }

  @Test
  void aColumnCanMeanSomethingElse() throws Exception {
    SheetImport sheet =
        read("c.csv", "Strand,Count,Built\nWillow,60,58\n").withOnlyType("5v-string-10");
    SheetImport mapped = sheet.withMapping(0, means("name"));
    Run run = mapped.taken(EMPTY).runs().getFirst();
    assertThat(run.plannedPixels()).isEqualTo(60);
    assertThat(run.built()).hasValue(58);
    SheetImport moved = mapped.withMapping(2, means("pixels"));
    assertThat(moved.mapping().get(1).field()).isEqualTo(SheetField.NOTE);
  }

  @Test
  void rowsOfKnownRunsReplaceThem() throws Exception {
    Show show = Show.of(List.of(Run.of("Hub", "5v-strip-60", 10), Run.of("Owl", "5v-strip-60", 5)));
    Path file =
        Files.writeString(folder.resolve("n.csv"), "name,type,pixels\nHub,5v-strip-60,48\n");
    Show added = SheetImport.read(file, show).added(show);
    assertThat(added.runs()).extracting(Run::pixels).containsExactly(48, 5);
    assertThat(SheetImport.read(file, show).taken(show).runs()).hasSize(1);
  }

  @Test
  void aWorkbookIsRead() throws Exception {
    Path file = folder.resolve("plan.xlsx");
    try (OutputStream out = Files.newOutputStream(file);
        Workbook book = new Workbook(out, "test", "1.0")) {
      Worksheet sheet = book.newWorksheet("runs");
      String[] head = {"Name", "Type", "Length m", "Pixels"};
      for (int c = 0; c < head.length; c++) {
        sheet.value(2, c, head[c]);
      }
      sheet.value(3, 0, "Sluice gate");
      sheet.value(3, 1, "5v-strip-60");
      sheet.value(3, 2, 4.35);
      sheet.value(4, 0, "Owl");
      sheet.value(4, 1, "24v-string-8-reg");
      sheet.value(4, 3, 84);
    }
    SheetImport read = SheetImport.read(file, EMPTY);
    assertThat(read.taken(EMPTY).runs()).extracting(Run::pixels).containsExactly(261, 84);
    assertThat(read.preview().getFirst().number()).isEqualTo(4);
  }

  @Test
  void oldEncodingsAndDamagedFiles() throws Exception {
    Path old = folder.resolve("old.csv");
    Files.write(
        old, "name;type;pixels\nMühle;5v-strip-60;3\n".getBytes(Charset.forName("windows-1252")));
    assertThat(SheetImport.read(old, EMPTY).taken(EMPTY).runs().getFirst().name())
        .isEqualTo("Mühle");
    Path wide = folder.resolve("wide.txt");
    Files.write(
        wide,
        "\uFEFFname\ttype\tpixels\nM\u00fchle\t5v-strip-60\t3\n"
            .getBytes(StandardCharsets.UTF_16LE));
    assertThat(SheetImport.read(wide, EMPTY).taken(EMPTY).runs().getFirst().name())
        .isEqualTo("M\u00fchle");
    Path broken = Files.write(folder.resolve("b.xlsx"), new byte[] {'P', 'K', 3, 4, 0, 0});
    assertThatThrownBy(() -> SheetImport.read(broken, EMPTY))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("XLSX");
    Path none = Files.writeString(folder.resolve("n.csv"), "1,2,3\n4,5,6\n");
    assertThatThrownBy(() -> SheetImport.read(none, EMPTY))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("headings");
  }

  @Test
  void ourOwnListComesBackTheSame() throws Exception {
    Show show = ShowFiles.open(Path.of("../examples/RUNS.csv"));
    Path list = Files.write(folder.resolve("again.csv"), RunsWriter.write(show));
    SheetImport sheet = SheetImport.read(list, show);
    assertThat(sheet.preview()).allMatch(SheetImport.Row::sound);
    assertThat(sheet.taken(show).runs()).isEqualTo(show.runs());
    assertThat(sheet.taken(show).others()).isEqualTo(show.others());
  }

  @Test
  void twoRowsOfHeadingsInAWorkbookAndNumbersThatAreNumbers() throws Exception {
    Path file = folder.resolve("two.xlsx");
    try (OutputStream out = Files.newOutputStream(file);
        Workbook book = new Workbook(out, "test", "1.0")) {
      Worksheet cover = book.newWorksheet("cover");
      cover.value(0, 0, "Lantern fair");
      Worksheet sheet = book.newWorksheet("runs");
      sheet.value(0, 0, "Item");
      sheet.value(0, 1, "Strip");
      sheet.value(0, 2, "Length");
      sheet.value(0, 4, "Lead");
      sheet.range(0, 2, 0, 3).merge();
      sheet.value(1, 2, "ft");
      sheet.value(1, 3, "in");
      sheet.value(1, 4, "m");
      sheet.value(2, 0, 7);
      sheet.value(2, 1, "5v-strip-60");
      sheet.value(2, 2, 12);
      sheet.value(2, 3, 6);
      sheet.value(2, 4, 4.125);
      sheet.value(3, 0, "Owl");
      sheet.value(3, 1, "5v-strip-60");
      sheet.value(3, 2, 9);
      sheet.value(3, 4, 2.5);
    }
    SheetImport read = SheetImport.read(file, EMPTY);
    assertThat(read.sheet().headingsAt()).isEqualTo("rows 1 and 2");
    List<Run> runs = read.taken(EMPTY).runs();
    assertThat(runs).extracting(Run::name).containsExactly("7", "Owl");
    assertThat(runs).extracting(Run::pixels).containsExactly(228, 164);
    assertThat(runs.getFirst().leadM()).hasValue(4.125);
  }

  @Test
  void aRowIsChosenForHeadings() throws Exception {
    Path file =
        Files.writeString(
            folder.resolve("rows.csv"),
            "name,type,pixels\nnot these,nor these,nor\nTing,Slags,Antal\nTag,5v-strip-60,60\n");
    SheetImport read =
        SheetImport.read(file, EMPTY, 3)
            .withMapping(0, means("name"))
            .withMapping(2, means("pixels"));
    assertThat(read.headings()).containsExactly("Ting", "Slags", "Antal");
    assertThat(read.taken(EMPTY).runs()).extracting(Run::pixels).containsExactly(60);
    SheetImport none = SheetImport.read(file, EMPTY, 0);
    assertThat(none.headings()).containsExactly("A", "B", "C");
    assertThat(none.sheet().column("B")).isEqualTo(1);
    assertThatThrownBy(() -> SheetImport.read(file, EMPTY, 9))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("line 9");
  }

  @Test
  void wordsThatCanMeanSeveralKindsAreAsked() throws Exception {
    SheetImport read = read("k.csv", "Item,What lights,Nodes\nArch,bullets,50\nMoon,glow,20\n");
    assertThat(read.preview().getFirst().errors().getFirst().what())
        .contains("5v-string-10")
        .contains("12v-string-10");
    SheetImport told = read.withKind("Bullets", "12v-string-10").withKind("glow", "5v-strip-60");
    assertThat(told.taken(EMPTY).runs())
        .extracting(Run::type)
        .containsExactly("12v-string-10", "5v-strip-60");
    assertThat(read.withOnlyType("5v-string-10").taken(EMPTY).runs())
        .extracting(Run::type)
        .containsExactly("5v-string-10");
  }

  @Test
  void wordsThatSayOtherVoltsCannotMeanAType() throws Exception {
    SheetImport read = read("v.csv", "Item,What lights,Nodes\nArch,12V strip,50\n");
    SheetImport told = read.withKind("12V strip", "5v-strip-60");
    assertThat(told.preview().getFirst().errors().getFirst().what())
        .contains("says 12 V, but 5v-strip-60 is 5 V");
    assertThat(read.withKind("12V strip", "12v-strip-60").preview().getFirst().sound()).isTrue();
  }

  @Test
  void aMarkThatNothingDecidesIsDoubted() throws Exception {
    SheetImport read = read("m.csv", "Name,Type,Length m\nA,5v-strip-60,\"2,500\"\n");
    assertThat(read.taken(EMPTY).runs().getFirst().lengthM()).hasValue(2.5);
    assertThat(read.told(read.preview())).anyMatch(t -> t.contains("2,500 is 2.5"));
    SheetImport small = read("s.csv", "Name,Type,L\nA,5v-strip-60,\"2,500 mm\"\n");
    assertThat(small.taken(EMPTY).runs().getFirst().lengthM()).hasValue(2.5);
    SheetImport decided =
        read("n.csv", "Name,Type,Length mm\nA,5v-strip-60,\"2,500\"\nB,5v-strip-60,800.5\n");
    assertThat(decided.taken(EMPTY).runs().getFirst().lengthM()).hasValue(2.5);
    assertThat(decided.told(decided.preview())).noneMatch(t -> t.contains("2,500 is 2.5"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "1.234,5|COMMA|1234.5",
        "1,234.5|POINT|1234.5",
        "1,234|POINT|1234",
        "1.234|COMMA|1234",
        "1,234|EITHER|1.234",
        "1'234|POINT|1234",
        "1 234,5|COMMA|1234.5",
        "1.234,5|EITHER|1234.5"
      })
  void marksDecideNumbers(String text, Mark mark, String value) {
    assertThat(Measures.number(text, mark).orElseThrow())
        .isEqualByComparingTo(new BigDecimal(value));
  }

  @Test
  void allErrorsAreSaidAtOnce() throws Exception {
    SheetImport read =
        read(
            "e.csv",
            "Name,Type,Length m,Lead,Box\n"
                + "A,5v-strip-60,far,near,\n"
                + "B,glitter,2,1,\n"
                + ",5v-strip-60,3,1,\n");
    List<SheetImport.Row> rows = read.preview();
    assertThat(rows.get(0).errors()).hasSize(2);
    assertThat(rows.get(1).errors()).hasSize(1);
    assertThat(rows.get(2).errors().getFirst().what()).contains("name is empty");
  }

  @Test
  void whatWasSaidIsRememberedForTheSameHeadings() throws Exception {
    SheetMemory memory = SheetMemory.in(folder.resolve("state"));
    String head = "Strand zz,Sort,How much\n";
    SheetImport first = read("a.csv", head + "A,bullets,50 px\n");
    assertThat(memory.knows(first)).isFalse();
    memory.remember(
        first
            .withMapping(1, means("type"))
            .withMapping(2, means("pixels"))
            .withKind("bullets", "12v-string-10"));
    SheetImport next = read("b.csv", head + "B,Bullets,70 px\nC,bullets,20\n");
    assertThat(memory.knows(next)).isTrue();
    assertThat(memory.recall(next).taken(EMPTY).runs())
        .extracting(Run::pixels)
        .containsExactly(70, 20);
    Files.writeString(folder.resolve("state/lists.json"), "{\"lists\": 3");
    assertThat(memory.knows(next)).isFalse();
    memory.remember(next);
    assertThat(memory.knows(next)).isTrue();
  }
}
