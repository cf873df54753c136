package bunting.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import bunting.core.show.Picture;
import bunting.core.show.Show;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Files that ask for more than any machine has, or that are cut off: a sentence, and soon. */
@Tag("slow")
class HostileFilesTest {
  private static final Show EMPTY = Show.of(List.of());

  @TempDir private Path folder = Path.of("");

  private static void said(BadInputException e) {
    assertThat(e.getMessage()).endsWith(".").doesNotContain("\n").hasSizeLessThanOrEqualTo(600);
  }

  private Path workbook(String rows) throws IOException {
    Path file = folder.resolve("list.xlsx");
    try (OutputStream out = Files.newOutputStream(file);
        ZipOutputStream zip = new ZipOutputStream(out)) {
      part(
          zip,
          "[Content_Types].xml",
          "<Types xmlns='http://schemas.openxmlformats.org/package/2006/content-types'/>");
      part(
          zip,
          "xl/workbook.xml",
          "<workbook xmlns='http://schemas.openxmlformats.org/spreadsheetml/2006/main'"
              + " xmlns:r='http://schemas.openxmlformats.org/officeDocument/2006/relationships'>"
              + "<sheets><sheet name='s' sheetId='1' r:id='rId1'/></sheets></workbook>");
      part(
          zip,
          "xl/_rels/workbook.xml.rels",
          "<Relationships xmlns='http://schemas.openxmlformats.org/package/2006/relationships'>"
              + "<Relationship Id='rId1' Type='http://schemas.openxmlformats.org/officeDocument/"
              + "2006/relationships/worksheet' Target='worksheets/sheet1.xml'/></Relationships>");
      part(
          zip,
          "xl/worksheets/sheet1.xml",
          "<worksheet xmlns='http://schemas.openxmlformats.org/spreadsheetml/2006/main'><sheetData>"
              + "<row r='1'><c r='A1' t='inlineStr'><is><t>Name</t></is></c>"
              + "<c r='B1' t='inlineStr'><is><t>Pixels</t></is></c></row>"
              + rows
              + "</sheetData></worksheet>");
    }
    return file;
  }

  private static void part(ZipOutputStream zip, String name, String text) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(text.getBytes(StandardCharsets.UTF_8));
    zip.closeEntry();
  }

  @Test
  void aNumberWithAThousandMillionDigitsIsNotWrittenOut() throws Exception {
    Path file =
        workbook(
            "<row r='2'><c r='A2' t='inlineStr'><is><t>Weir</t></is></c>"
                + "<c r='B2'><v>1E+999999999</v></c></row>");
    SheetImport read = SheetImport.read(file, EMPTY);
    assertThat(read.sheet().grid().text(1, 1)).isEqualTo("1E+999999999");
    assertThat(read.preview().getFirst().sound()).isFalse();
  }

  @Test
  void farColumnsAndEndlessRowsAreSaid() throws Exception {
    Path far = workbook("<row r='2'><c r='XFD2'><v>1</v></c></row>");
    said(catchThrowableOfType(BadInputException.class, () -> SheetImport.read(far, EMPTY)));
    Path beyond = workbook("<row r='2'><c r='ZZZZZZ2'><v>1</v></c></row>");
    BadInputException e =
        catchThrowableOfType(BadInputException.class, () -> SheetImport.read(beyond, EMPTY));
    said(e);
    assertThat(e.getMessage()).contains("beyond column 500");
    Path low = workbook("<row r='1048576'><c r='A1048576'><v>1</v></c></row>");
    said(catchThrowableOfType(BadInputException.class, () -> SheetImport.read(low, EMPTY)));
    Path wide = Files.writeString(folder.resolve("wide.csv"), "name,pixels\n" + ",".repeat(9000));
    said(catchThrowableOfType(BadInputException.class, () -> SheetImport.read(wide, EMPTY)));
  }

  @Test
  void whatUnpacksToMoreThanItMayIsNotUnpacked() throws Exception {
    Path file = folder.resolve("bomb.xlsx");
    byte[] zeros = new byte[1 << 20];
    try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
      zip.putNextEntry(new ZipEntry("xl/worksheets/sheet1.xml"));
      for (int i = 0; i < 400; i++) {
        zip.write(zeros);
      }
      zip.closeEntry();
    }
    assertThat(Files.size(file)).isLessThan(1_000_000);
    BadInputException e =
        catchThrowableOfType(BadInputException.class, () -> SheetImport.read(file, EMPTY));
    said(e);
    assertThat(e.getMessage()).contains("unpacked");
  }

  private static String many(int count, String entry) {
    return IntStream.rangeClosed(1, count)
        .mapToObj(i -> entry.replace("#", Integer.toString(i)))
        .collect(Collectors.joining(", ", "[", "]"));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '~',
      value = {
        "controllers|60000|{'id': 'C#', 'type': 'box-4'}",
        "sites|20000|{'id': 's#', 'x': 1, 'y': 1}",
        "circuits|300|{'id': 'c#', 'volts': 230, 'breakerAmps': 16}",
        "supplyTypes|300|{'id': 'p#', 'volts': 5, 'watts': 100}"
      })
  void tooManyOfAThingAreRefused(String list, int count, String entry) {
    String settings = "{\"" + list + "\": " + many(count, entry).replace('\'', '"') + "}";
    BadInputException e =
        catchThrowableOfType(
            BadInputException.class,
            () -> ShowFiles.ofTexts("name,type,pixels\nOwl,5v-strip-60,60\n", settings));
    said(e);
    assertThat(e.getMessage()).contains("$." + list, "entries; at most");
  }

  @Test
  void aListWithTooManyRunsOrPixelsIsRefused() {
    String head = "name,type,pixels\n";
    String rows = many(100_000, "r#,5v-strip-60,6\n").replaceAll("[\\[\\]]|, ", "");
    BadInputException runs =
        catchThrowableOfType(BadInputException.class, () -> ShowFiles.ofTexts(head + rows, "{}"));
    said(runs);
    assertThat(runs.getMessage()).contains("line 5002", "5000");
    String wide = many(200, "r#,5v-strip-60,1000000\n").replaceAll("[\\[\\]]|, ", "");
    BadInputException pixels =
        catchThrowableOfType(BadInputException.class, () -> ShowFiles.ofTexts(head + wide, "{}"));
    said(pixels);
    assertThat(pixels.getMessage()).contains("200,000,000 pixels together", "2,000,000");
  }

  @Test
  void aCourseWithTooManyCornersOrLinesIsRefused() {
    for (String course :
        List.of(
            "0 0" + "; 1 0; 0 0".repeat(1000),
            "grid 0 0 1001 1 1 0",
            "back ".repeat(9_999),
            "facing 1 1 ".repeat(9_999),
            "back facing 1 1 ".repeat(9_999))) {
      BadInputException e =
          catchThrowableOfType(
              BadInputException.class,
              () ->
                  ShowFiles.ofTexts(
                      "name,type,pixels,course_m\nOwl,5v-strip-60,60," + course + "\n", "{}"));
      said(e);
      assertThat(e.getMessage()).contains("course_m", "at most 2,000 corners");
    }
  }

  private static byte[] png(int width, int height) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", bytes);
    return bytes.toByteArray();
  }

  @Test
  void aPhotoWithoutItsEndIsSaidAtEveryLength() throws Exception {
    byte[] whole = png(60, 40);
    assertThat(Pictures.of("p", whole).kind()).isEqualTo(Picture.Kind.PNG);
    for (int length = 9; length < whole.length; length++) {
      byte[] cut = Arrays.copyOf(whole, length);
      assertThatThrownBy(() -> Pictures.of("p", cut)).isInstanceOf(BadInputException.class);
    }
    byte[] turned = whole.clone();
    turned[whole.length / 2] ^= 0x10;
    assertThatThrownBy(() -> Pictures.of("p", turned)).hasMessageContaining("damaged");
    ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), "jpg", jpeg);
    byte[] photo = jpeg.toByteArray();
    assertThat(Pictures.of("p", photo).width()).isEqualTo(60);
    assertThatThrownBy(() -> Pictures.of("p", Arrays.copyOf(photo, photo.length / 2)))
        .hasMessageContaining("its end is missing");
  }

  /** A few hundred bytes that say they are 30,000 by 30,000. */
  private static byte[] giant() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'});
    chunk(out, "IHDR", new byte[] {0, 0, 0x75, 0x30, 0, 0, 0x75, 0x30, 1, 0, 0, 0, 0});
    ByteArrayOutputStream data = new ByteArrayOutputStream();
    try (DeflaterOutputStream deflated = new DeflaterOutputStream(data)) {
      deflated.write(new byte[3751]);
    }
    chunk(out, "IDAT", data.toByteArray());
    chunk(out, "IEND", new byte[0]);
    return out.toByteArray();
  }

  private static void chunk(ByteArrayOutputStream out, String kind, byte[] data)
      throws IOException {
    byte[] name = kind.getBytes(StandardCharsets.US_ASCII);
    CRC32 crc = new CRC32();
    crc.update(name);
    crc.update(data);
    out.write(java.nio.ByteBuffer.allocate(4).putInt(data.length).array());
    out.write(name);
    out.write(data);
    out.write(java.nio.ByteBuffer.allocate(4).putInt((int) crc.getValue()).array());
  }

  private static String svg(String body) {
    return "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 100 100'>" + body + "</svg>";
  }

  @Test
  void giantPhotosAreSaidAloneAndInsideADrawing() throws Exception {
    assertThatThrownBy(() -> Pictures.of("p", giant())).hasMessageContaining("100 million pixels");
    String inside =
        svg(
            "<image width='9' height='9' href='data:image/png;base64,"
                + Base64.getEncoder().encodeToString(giant())
                + "'/>");
    assertThatThrownBy(() -> Pictures.of("p", inside.getBytes(StandardCharsets.UTF_8)))
        .hasMessageContaining("50 million pixels");
  }

  @Test
  void aDrawingThatUsesItselfOverAndOverIsCountedAndNotDrawn() {
    StringBuilder body = new StringBuilder("<g id='a0'><rect width='1' height='1'/></g>");
    for (int i = 1; i <= 12; i++) {
      body.append("<g id='a").append(i).append("'>");
      body.append(("<use href='#a" + (i - 1) + "'/>").repeat(10)).append("</g>");
    }
    assertThatThrownBy(
            () -> Pictures.of("p", svg(body.toString()).getBytes(StandardCharsets.UTF_8)))
        .hasMessageContaining("draws over");
    String ring = svg("<g id='a'><use href='#b'/></g><g id='b'><use href='#a'/></g>");
    assertThatThrownBy(() -> Pictures.of("p", ring.getBytes(StandardCharsets.UTF_8)))
        .hasMessageContaining("without end");
    String deep = svg("<g>".repeat(5000) + "</g>".repeat(5000));
    assertThatThrownBy(() -> Pictures.of("p", deep.getBytes(StandardCharsets.UTF_8)))
        .hasMessageContaining("inside each other");
  }

  @Test
  void aDrawingThatUsesALittleIsFine() throws Exception {
    String fair = svg("<g id='a'><rect width='1' height='1'/></g>" + "<use href='#a'/>".repeat(50));
    assertThat(Pictures.of("p", fair.getBytes(StandardCharsets.UTF_8)).kind())
        .isEqualTo(Picture.Kind.SVG);
  }

  @Test
  void aPictureOfThirtyMegabytesIsSavedAndOpenedAgain() throws Exception {
    byte[] noise = new byte[30_000_000];
    new Random(3).nextBytes(noise);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'});
    chunk(out, "IHDR", new byte[] {0, 0, 0, 1, 0, 0, 0, 1, 8, 2, 0, 0, 0});
    chunk(out, "noIs", noise);
    chunk(out, "IEND", new byte[0]);
    Picture picture = Pictures.of("big.png", out.toByteArray());
    Show show =
        EMPTY.withSurvey(
            EMPTY
                .survey()
                .withUnderlay(
                    java.util.Optional.of(bunting.core.show.Underlay.fresh(picture, 20))));
    Path file = folder.resolve("big" + ShowFiles.ENDING);
    ShowFiles.writeShow(file, show);
    assertThat(ShowFiles.open(file)).isEqualTo(show);
  }

  @Test
  void theScaleOfADrawingOfTenMillionUnitsIsExact() throws Exception {
    byte[] bytes =
        "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 10000000 5000000'/>"
            .getBytes(StandardCharsets.UTF_8);
    Picture picture = Pictures.of("wide.svg", bytes);
    Show show =
        EMPTY.withSurvey(
            EMPTY
                .survey()
                .withUnderlay(
                    java.util.Optional.of(bunting.core.show.Underlay.fresh(picture, 27.4))));
    Path file = folder.resolve("wide" + ShowFiles.ENDING);
    ShowFiles.writeShow(file, show);
    assertThat(ShowFiles.open(file).survey().underlay().orElseThrow().metresPerUnit())
        .isEqualTo(27.4 / 10_000_000);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "{\"formatVersion\": 1e999999999, \"settings\": {}, \"runs\": []}",
        "{\"formatVersion\": 1, \"settings\": {\"show\": {\"targetFps\": 1e-999999999}}, \"runs\":"
            + " []}",
        "[[[[",
        "{\"formatVersion\": 1, \"settings\": {\"pixelTypes\": [{\"id\": \"p\", \"volts\": 5,"
            + " \"channels\": 3, \"pitchPerM\": 1e-300, \"milliampsFull\": 5, \"railOhmsPerM\":"
            + " 0}]}, \"runs\": []}"
      })
  void numbersThatAreNoneOfOursAreSaid(String text) throws Exception {
    Path file = Files.writeString(folder.resolve("x" + ShowFiles.ENDING), text);
    said(catchThrowableOfType(BadInputException.class, () -> ShowFiles.open(file)));
    Path nested =
        Files.writeString(folder.resolve("n" + ShowFiles.ENDING), "{\"a\":" + "[".repeat(100_000));
    said(catchThrowableOfType(BadInputException.class, () -> ShowFiles.open(nested)));
  }
}
