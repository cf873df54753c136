package bunting.files.papers;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.network.NetworkPlan;
import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.show.PlacedController;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.files.ShowFiles;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.NotFoundException;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.Result;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.multi.qrcode.QRCodeMultiReader;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** The papers of the fair, read as others read them. */
@Tag("slow")
class PapersTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 28);

  private static Assessment plan = Assessor.plan(Show.of(List.of()));

  @TempDir private static Path folder = Path.of("");

  @BeforeAll
  static void fair() throws Exception {
    Path examples = Path.of("..", "examples");
    plan =
        Assessor.plan(
            ShowFiles.readRuns(
                examples.resolve("RUNS.csv"), Optional.of(examples.resolve("SETTINGS.json"))));
    Papers.write(plan, folder, Papers.Order.all(DAY));
  }

  private static JsonNode index(Path of) throws IOException {
    return new ObjectMapper().readTree(of.resolve("index.json").toFile()).get("papers");
  }

  private static String text(Path pdf) throws IOException {
    try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
      return new PDFTextStripper().getText(document);
    }
  }

  @Test
  void theIndexTellsWhatLiesThereAndHowLongItIs() throws IOException {
    Set<String> told = new TreeSet<>(Set.of("index.json"));
    Set<String> ids = new HashSet<>();
    for (JsonNode p : index(folder)) {
      told.add(p.get("file").asText());
      ids.add(p.get("id").asText());
      assertThat(p.get("file").asText()).endsWith("." + p.get("format").asText());
      if (p.get("format").asText().equals("pdf")) {
        try (PDDocument pdf = Loader.loadPDF(folder.resolve(p.get("file").asText()).toFile())) {
          assertThat(pdf.getNumberOfPages()).isEqualTo(p.get("pages").asInt()).isPositive();
          assertThat(
                  pdf.getPage(0).getMediaBox().getWidth()
                      + pdf.getPage(0).getMediaBox().getHeight())
              .as("A4, either way")
              .isBetween(1436f, 1438f);
        }
      }
    }
    Set<String> there = new TreeSet<>();
    try (var files = Files.list(folder)) {
      files.forEach(f -> there.add(f.getFileName().toString()));
    }
    assertThat(told).isEqualTo(there);
    assertThat(ids)
        .contains(
            "box-cards", "labels", "settings-cards", "cable-schedule", "shopping-list", "cut-list")
        .contains("custom-lengths", "patch", "network", "meter-sheet", "count-sheet", "power-kit")
        .contains("mains", "poster", "summary", "work-list", "rig");
  }

  /** Points of every letter of a page. */
  private static final class Sizes extends PDFTextStripper {
    private final List<Float> points = new ArrayList<>();

    @Override
    protected void processTextPosition(TextPosition letter) {
      points.add(letter.getFontSizeInPt());
    }
  }

  @Test
  void nothingIsSmallerThanNinePointsAndEachPageSaysWhatItIs() throws IOException {
    for (JsonNode p : index(folder)) {
      if (!p.get("format").asText().equals("pdf")) {
        continue;
      }
      try (PDDocument pdf = Loader.loadPDF(folder.resolve(p.get("file").asText()).toFile())) {
        for (int page = 1; page <= pdf.getNumberOfPages(); page++) {
          Sizes sizes = new Sizes();
          sizes.setStartPage(page);
          sizes.setEndPage(page);
          sizes.getText(pdf);
          assertThat(sizes.points).as(p.get("id") + " " + page).allMatch(s -> s >= 8.99f);
          PDFTextStripper words = new PDFTextStripper();
          words.setStartPage(page);
          words.setEndPage(page);
          assertThat(words.getText(pdf))
              .contains("Sallow Mill Lantern Fair \u00B7", "revision 1 \u00B7 2026-11-28")
              .contains(page + " / " + pdf.getNumberOfPages());
        }
      }
    }
  }

  private static Set<String> codes(Path pdf, int dpi) throws IOException {
    Set<String> codes = new HashSet<>();
    try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
      PDFRenderer renderer = new PDFRenderer(document);
      for (int page = 0; page < document.getNumberOfPages(); page++) {
        BufferedImage image = renderer.renderImageWithDPI(page, dpi);
        int[] dots =
            image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        BinaryBitmap map =
            new BinaryBitmap(
                new HybridBinarizer(
                    new RGBLuminanceSource(image.getWidth(), image.getHeight(), dots)));
        try {
          for (Result r :
              new QRCodeMultiReader()
                  .decodeMultiple(map, Map.of(DecodeHintType.TRY_HARDER, true))) {
            codes.add(r.getText());
          }
        } catch (NotFoundException e) {
          // A page without codes.
        }
      }
    }
    return codes;
  }

  @Test
  void theCodesOnCardsAndLabelsAreReadBack() throws IOException {
    Set<String> cards = codes(folder.resolve("box-cards.pdf"), 120);
    Set<String> labels = codes(folder.resolve("labels.pdf"), 120);
    Map<String, NetworkPlan.Link> links = new java.util.HashMap<>();
    NetworkPlan.of(plan.reading()).links().forEach(l -> links.put(l.box(), l));
    for (PlacedController c : plan.reading().decisions().controllers()) {
      NetworkPlan.Link link = links.get(c.controller().id());
      String expected =
          String.join(
              "\n",
              "box " + c.controller().id(),
              "address " + link.address(),
              "universes " + link.universeText(),
              "supply " + c.supply().orElseThrow() + " " + Texts.number(c.volts()) + " V");
      assertThat(cards).contains(expected);
      assertThat(labels).contains(expected);
    }
  }

  @Test
  void cardsShowTheBoxAndItsTable() throws IOException {
    assertThat(text(folder.resolve("box-cards.pdf")))
        .contains("Wheel house", "10.20.0.11", "Switch off before any plug", "Paddle 9", "u21 / 1");
    try (PDDocument pdf = Loader.loadPDF(folder.resolve("box-cards.pdf").toFile())) {
      Sizes sizes = new Sizes();
      sizes.setEndPage(1);
      sizes.getText(pdf);
      assertThat(sizes.points.stream().filter(s -> s >= 14).count())
          .as("what is looked for is large")
          .isGreaterThan(sizes.points.size() * 2L / 3);
    }
  }

  private static Show hostile() {
    List<Run> runs = new ArrayList<>();
    List<String> names =
        List.of(
            "=1+1",
            "@SUM(A1)",
            "+49",
            "-2+3",
            "007",
            "<b>&\"\u0007 \uD83C\uDF84 M\u00FChle",
            "\u6C34\u8ECA\u306E\u7FBD\u6839",
            "\u03A4\u03C1\u03BF\u03C7\u03CC\u03C2",
            "Averyveryverylongnamewithoutanyblankinit".repeat(4));
    for (String name : names) {
      runs.add(Run.of(name, "12v-strip-60", 40));
    }
    return Show.of(runs);
  }

  @Test
  void hostileNamesDoNoHarmInAnyPaper(@TempDir Path odd) throws Exception {
    Assessment strange = Assessor.plan(hostile());
    Papers.write(strange, odd, new Papers.Order(Set.of(), PageSize.LETTER, DAY));
    for (JsonNode p : index(odd)) {
      Path file = odd.resolve(p.get("file").asText());
      if (p.get("format").asText().equals("csv")) {
        try (CSVParser csv = CSVParser.parse(Files.newBufferedReader(file), CSVFormat.RFC4180)) {
          for (CSVRecord row : csv) {
            assertThat(row.toList())
                .as(file.toString())
                .noneMatch(c -> c.matches("(?s)[=+\\-@\\t\\r].*") && !c.matches("[+-]?[\\d.]+"));
          }
        }
      } else if (p.get("format").asText().equals("pdf")) {
        try (PDDocument pdf = Loader.loadPDF(file.toFile())) {
          var box = pdf.getPage(0).getMediaBox();
          assertThat(box.getWidth() + box.getHeight()).as("Letter").isBetween(1403f, 1405f);
        }
      }
    }
    assertThat(text(odd.resolve("count-sheet.pdf")))
        .contains("=1+1", "007", "M\u00FChle")
        .contains("\u6C34\u8ECA\u306E\u7FBD\u6839", "\u03A4\u03C1\u03BF\u03C7\u03CC\u03C2");
    try (ReadableWorkbook book = new ReadableWorkbook(odd.resolve("patch.xlsx").toFile())) {
      var cell =
          book.getFirstSheet().read().stream()
              .map(r -> r.getCell(3))
              .filter(c -> "007".equals(c.getRawValue()) || "007".equals(c.getText()))
              .findFirst()
              .orElseThrow();
      assertThat(cell.getType()).isEqualTo(CellType.STRING);
    }
    JsonNode json = new ObjectMapper().readTree(odd.resolve("patch.json").toFile());
    assertThat(json.get("patch"))
        .anyMatch(r -> r.get("run").isTextual() && r.get("run").asText().equals("007"));
  }

  @Test
  void whatHasChangedSinceTheLastPrintIsMarked(@TempDir Path here) throws Exception {
    Set<String> counts = Set.of("count-sheet");
    Show show = hostile();
    Papers.Order order = new Papers.Order(counts, PageSize.A4, DAY);
    Papers.write(Assessor.plan(show), here, order);
    byte[] first = Files.readAllBytes(here.resolve("count-sheet.pdf"));
    Papers.write(Assessor.plan(show), here, order);
    assertThat(Files.readAllBytes(here.resolve("count-sheet.pdf")))
        .as("nothing changed: the same bytes")
        .isEqualTo(first);
    List<Run> other = new ArrayList<>(show.runs());
    other.set(4, Run.of("007", "12v-strip-60", 41));
    Papers.write(Assessor.plan(show.withRuns(other)), here, order);
    String text = text(here.resolve("count-sheet.pdf"));
    assertThat(text).contains("revision 2").contains("not so on the last print");
    assertThat(text.lines().filter(l -> l.startsWith("\u25CF"))).hasSize(1);
    assertThat(text.lines().filter(l -> l.startsWith("\u25CF")).findFirst().orElseThrow())
        .contains("007")
        .contains("41");
  }

  @Test
  void theSameShowPrintsTheSameBytes(@TempDir Path again) throws Exception {
    Papers.write(plan, again, Papers.Order.all(DAY));
    for (JsonNode p : index(again)) {
      String file = p.get("file").asText();
      assertThat(Files.readAllBytes(again.resolve(file)))
          .as(file)
          .isEqualTo(Files.readAllBytes(folder.resolve(file)));
    }
  }

  @Test
  void aStoppedPrintingWritesNothing(@TempDir Path here) throws Exception {
    assertThat(Papers.write(plan, here, Papers.Order.all(DAY), (title, done, all) -> done < 2))
        .isEmpty();
    try (var files = Files.list(here)) {
      assertThat(files).isEmpty();
    }
  }

  /** SVG 1.1: one root of its namespace, and all that is drawn lies on the page. */
  @Test
  void thePosterIsSoundSvg() throws Exception {
    DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
    factory.setNamespaceAware(true);
    for (String by : List.of("box", "type", "universe", "port")) {
      Element root =
          factory
              .newDocumentBuilder()
              .parse(folder.resolve("poster-" + by + ".svg").toFile())
              .getDocumentElement();
      assertThat(root.getNamespaceURI()).isEqualTo("http://www.w3.org/2000/svg");
      String[] box = root.getAttribute("viewBox").split(" ");
      NodeList lines = root.getElementsByTagName("polyline");
      assertThat(lines.getLength()).isGreaterThanOrEqualTo(plan.reading().segments().size());
      for (int i = 0; i < lines.getLength(); i++) {
        for (String point : ((Element) lines.item(i)).getAttribute("points").split(" ")) {
          assertThat(Double.parseDouble(point.split(",")[0]))
              .isBetween(-5.0, Double.parseDouble(box[2]));
          assertThat(Double.parseDouble(point.split(",")[1]))
              .isBetween(0.0, Double.parseDouble(box[3]));
        }
      }
    }
  }

  @Test
  void anEmptyShowAndOneInFeetPrintToo(@TempDir Path here) throws Exception {
    Path empty = here.resolve("empty");
    Papers.write(Assessor.plan(Show.of(List.of())), empty, Papers.Order.all(DAY));
    assertThat(text(empty.resolve("box-cards.pdf"))).contains("No box is planned yet");
    assertThat(index(empty)).isNotEmpty();
    Show show = hostile();
    Show feet = show.withSurvey(show.survey().withFeet(true));
    Path inFeet = here.resolve("feet");
    Papers.write(
        Assessor.plan(feet),
        inFeet,
        new Papers.Order(
            Set.of("count-sheet", "cable-schedule", "power-kit"), PageSize.LETTER, DAY));
    assertThat(text(inFeet.resolve("count-sheet.pdf"))).contains("2'2");
    assertThat(Files.readString(inFeet.resolve("count-sheet.csv"))).contains("0.67");
  }
}
