package bunting.files.papers;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.log.LogEntry;
import bunting.core.log.LogKind;
import bunting.core.log.ShowLog;
import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.show.Guess;
import bunting.core.show.Hanging;
import bunting.core.show.Lasting;
import bunting.core.show.Point;
import bunting.core.show.Preparation;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.TypePlug;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What the papers say of offers and days, of what is done, of totes, plugs and years. */
class PreparationPapersTest {
  private static final LocalDate DAY = LocalDate.of(2026, 9, 1);
  private static final Preparation.Done HUNG =
      new Preparation.Done(Preparation.Work.HANG, "Weir", 1);

  @TempDir private static Path folder = Path.of("");

  @BeforeAll
  static void print() throws Exception {
    Run weir =
        Run.of("Weir", "12v-strip-60", 300)
            .withGuess(Guess.NONE.withLength(40))
            .withHanging(Hanging.straight(new Point(2, 1), Optional.empty()));
    Run owl =
        Run.of("Owl", "5v-strip-60", 120)
            .withHanging(Hanging.straight(new Point(9, 4), Optional.empty()));
    Show bare = Show.of(List.of(Lasting.WEATHER.with(weir, "IP67, potted"), owl));
    String fuse = fuse(bare);
    Preparation preparation =
        Preparation.NONE
            .withOpening(Optional.of(LocalDate.of(2026, 12, 1)))
            .withReadyDays(10)
            .withOffers(
                fuse,
                List.of(
                    new Preparation.Offer(fuse, "village shop", 5, 1, 1),
                    new Preparation.Offer(fuse, "by post", 2, 1, 30)))
            .withPlug(new TypePlug("12v-strip-60", "white ring", true, false, TypePlug.Side.RIGHT))
            .with(HUNG, true);
    Assessment plan = Assessor.plan(bare.withPreparation(preparation));
    LogEntry built =
        new LogEntry(
            LogKind.BUILT,
            DAY,
            Optional.of("Weir"),
            OptionalInt.empty(),
            Optional.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalInt.empty(),
            OptionalDouble.of(400),
            Optional.empty(),
            Optional.empty());
    ShowLog log = new ShowLog(List.of(new ShowLog.Line(1, built)), List.of());
    Papers.write(plan, folder, new Papers.Order(Set.of(), PageSize.A4, DAY, log));
  }

  private static String fuse(Show show) {
    Sources from = new Sources(Assessor.plan(show));
    return from.needs().stream()
        .map(n -> n.part())
        .filter(p -> p.startsWith("blade fuse"))
        .findFirst()
        .orElseThrow();
  }

  private static List<CSVRecord> rows(String file) throws Exception {
    String text = Files.readString(folder.resolve(file), StandardCharsets.UTF_8);
    try (CSVParser parser =
        CSVParser.parse(
            text, CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).get())) {
      return parser.getRecords();
    }
  }

  private static String text(String pdf) throws Exception {
    try (PDDocument document = Loader.loadPDF(folder.resolve(pdf).toFile())) {
      return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
    }
  }

  @Test
  void theShoppingListSaysFromWhomAndByWhen() throws Exception {
    CSVRecord fuse =
        rows("shopping-list.csv").stream()
            .filter(r -> r.get("from").equals("by post"))
            .findFirst()
            .orElseThrow();
    // 1 December less 10 days less 30 days, by a calendar.
    assertThat(fuse.get("order_by")).isEqualTo("2026-10-22");
    assertThat(Double.parseDouble(fuse.get("cost")))
        .isEqualTo(2.0 * Integer.parseInt(fuse.get("buy")));
    for (CSVRecord r : rows("shopping-list.csv")) {
      boolean buys = Integer.parseInt(r.get("buy")) > 0;
      assertThat(r.get("order_by").isEmpty()).as(r.toString()).isNotEqualTo(buys);
    }
    assertThat(text("shopping-list.pdf"))
        .contains("Offers side by side")
        .contains("village shop")
        .contains("to be ordered by 2026-10-22");
  }

  @Test
  void whatIsDoneIsTickedAndMinutesAreTheCrews() throws Exception {
    List<CSVRecord> done =
        rows("work-list.csv").stream().filter(r -> r.get("done").equals("yes")).toList();
    assertThat(done).hasSize(1);
    assertThat(done.getFirst().get("what")).startsWith("Hang Weir");
    double weir =
        rows("work-list.csv").stream()
            .filter(r -> r.get("what").contains(" Weir"))
            .mapToDouble(r -> Double.parseDouble(r.get("minutes")))
            .sum();
    assertThat(weir).isBetween(396.0, 404.0);
    assertThat(text("work-list.pdf")).contains("as the log knows this crew").contains("[x]");
  }

  /** What comes down has the labels that it went up with, each in a tote. */
  @Test
  void everyCoilHasTheLabelsOfItsEnds() throws Exception {
    Set<String> pairs = new HashSet<>();
    for (CSVRecord r : rows("labels.csv")) {
      if (r.get("end").equals("near")) {
        pairs.add(r.get("line_1") + " \u2013 " + r.get("line_2").substring("to ".length()));
      }
    }
    int coils = 0;
    try (ReadableWorkbook book = new ReadableWorkbook(folder.resolve("work-list.xlsx").toFile())) {
      for (Row row : book.findSheet("Taking down").orElseThrow().read()) {
        if (row.getCellText(3).startsWith("coil")) {
          assertThat(pairs).contains(row.getCellText(4));
          assertThat(row.getCellText(1)).matches("[1-9][0-9.]*");
          coils++;
        }
      }
    }
    assertThat(coils).isPositive();
    assertThat(text("work-list.pdf")).contains("putting it away");
  }

  @Test
  void plugsAndYearsAreTold() throws Exception {
    String first =
        rows("cable-schedule.csv").stream()
            .filter(r -> r.get("to").equals("Weir pixel 1"))
            .map(r -> r.get("plug"))
            .findFirst()
            .orElseThrow();
    assertThat(first).contains("white ring").contains("backup data to ground");
    assertThat(text("count-sheet.pdf"))
        .contains("Measure again before you order")
        .contains("guessed, give or take 40");
    assertThat(text("count-sheet.pdf")).contains("For the years").contains("IP67, potted");
  }
}
