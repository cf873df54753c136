package bunting.files;

import bunting.files.sheet.Grid;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;

/** Files of cells: CSV, TSV and workbooks, each sheet a {@link Grid}. */
final class SheetFile {
  private static final int BYTES_MAX = 40_000_000;
  private static final int ROWS_MAX = 50_000;
  private static final int COLUMNS_MAX = 500;

  /** So many sheets of a workbook are looked into. */
  private static final int SHEETS_MAX = 20;

  /** Most digits of a number that is written out. */
  private static final int DIGITS_MAX = 60;

  /** Most bytes of a workbook unpacked, all its parts together. */
  private static final long UNPACKED_MAX = 150_000_000;

  private static final int UTF_16_MARK = 0xFEFF;
  private static final int UTF_16_MARK_BACK = 0xFFFE;

  private static final XMLInputFactory XML = xml();

  private SheetFile() {}

  private static XMLInputFactory xml() {
    XMLInputFactory factory = XMLInputFactory.newInstance();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    return factory;
  }

  /** The sheets of a file by name, those that are empty left out; a text file has one. */
  static Map<String, Grid> read(Path file) throws BadInputException {
    byte[] bytes = TextFiles.bytes(file, BYTES_MAX);
    boolean workbook = bytes.length > 1 && bytes[0] == 'P' && bytes[1] == 'K';
    return workbook ? workbook(file, bytes) : Map.of("", text(file, bytes));
  }

  private static Grid text(Path file, byte[] bytes) throws BadInputException {
    String text = decoded(bytes);
    char delimiter = RunsReader.delimiter(fullestLine(text));
    CSVFormat format =
        CSVFormat.DEFAULT.builder().setDelimiter(delimiter).setIgnoreEmptyLines(false).get();
    try {
      return parsed(file, text, format, delimiter == ';');
    } catch (CSVException | UncheckedIOException | IllegalStateException e) {
      // Inch marks in bare cells look like quotes: then quotes mean nothing in this file.
      return unquoted(file, text, format, delimiter == ';');
    } catch (IOException e) {
      throw BadInputException.of(file, "it cannot be read; try a copy of it.");
    }
  }

  private static Grid parsed(Path file, String text, CSVFormat format, boolean semicolons)
      throws BadInputException, IOException {
    List<List<Grid.Cell>> rows = new ArrayList<>();
    List<Integer> lines = new ArrayList<>();
    long line = 1;
    try (CSVParser parser = CSVParser.parse(text, format)) {
      for (CSVRecord record : parser) {
        guardColumns(file, record);
        rows.add(record.stream().map(c -> new Grid.Cell(c.strip(), false)).toList());
        lines.add(Math.toIntExact(line));
        line = parser.getCurrentLineNumber() + 1;
        guard(file, rows.size());
      }
    }
    return new Grid(rows, lines, semicolons);
  }

  private static Grid unquoted(Path file, String text, CSVFormat format, boolean semicolons)
      throws BadInputException {
    try {
      return parsed(file, text, format.builder().setQuote(null).get(), semicolons);
    } catch (IOException | UncheckedIOException e) {
      throw BadInputException.of(file, "it cannot be read; try a copy of it.");
    }
  }

  /** The line with the most separators among the first: titles have none. */
  private static String fullestLine(String text) {
    return text.lines()
        .limit(30)
        .max(
            java.util.Comparator.comparingLong(
                l -> l.chars().filter(c -> c == ',' || c == ';' || c == '\t').count()))
        .orElse("");
  }

  private static int pair(byte[] bytes) {
    return ((bytes[0] & 0xFF) << 8) | (bytes[1] & 0xFF);
  }

  private static String decoded(byte[] bytes) {
    if (bytes.length > 1 && Set.of(UTF_16_MARK, UTF_16_MARK_BACK).contains(pair(bytes))) {
      // "Unicode text" of some spreadsheets; the mark says which byte comes first.
      return new String(bytes, StandardCharsets.UTF_16);
    }
    String text;
    try {
      text = StandardCharsets.UTF_8.newDecoder().decode(java.nio.ByteBuffer.wrap(bytes)).toString();
    } catch (CharacterCodingException e) {
      // What old spreadsheets write.
      text = new String(bytes, Charset.forName("windows-1252"));
    }
    return text.startsWith("\uFEFF") ? text.substring(1) : text;
  }

  private static void guardColumns(Path file, CSVRecord row) throws BadInputException {
    if (row.size() > COLUMNS_MAX) {
      throw BadInputException.of(
          file,
          "row "
              + row.getRecordNumber()
              + " has over "
              + COLUMNS_MAX
              + " columns; save the list alone.");
    }
  }

  private static void guard(Path file, int rows) throws BadInputException {
    if (rows > ROWS_MAX) {
      throw BadInputException.of(
          file, "it has over " + ROWS_MAX + " rows; save the list of runs alone.");
    }
  }

  /** Unpacked, a workbook can be thousands of times as large: that is measured first. */
  private static void guardUnpacked(Path file) throws BadInputException, IOException {
    long unpacked = 0;
    byte[] part = new byte[1 << 16];
    // By the central directory: some writers leave the sizes out of the entries themselves.
    try (ZipFile zip = new ZipFile(file.toFile())) {
      for (ZipEntry entry : zip.stream().map(e -> (ZipEntry) e).toList()) {
        InputStream in = zip.getInputStream(entry);
        for (int n = in.read(part); n >= 0; n = in.read(part)) {
          unpacked += n;
          if (unpacked > UNPACKED_MAX) {
            throw BadInputException.of(
                file,
                "unpacked it has over " + UNPACKED_MAX / 1_000_000 + " MB; save the list alone.");
          }
        }
      }
    }
  }

  /** A reader of workbooks makes room for all cells up to the last one, so that is found first. */
  private static void guardFarCells(Path file) throws BadInputException, IOException {
    try (ZipFile zip = new ZipFile(file.toFile())) {
      for (ZipEntry entry : zip.stream().map(e -> (ZipEntry) e).toList()) {
        if (entry.getName().endsWith(".xml")) {
          guardFarCells(file, zip.getInputStream(entry));
        }
      }
    }
  }

  private static void guardFarCells(Path file, InputStream part) throws BadInputException {
    try {
      XMLStreamReader xml = XML.createXMLStreamReader(part);
      while (xml.hasNext()) {
        boolean cell =
            xml.next() == XMLStreamConstants.START_ELEMENT && xml.getLocalName().equals("c");
        String at = cell ? xml.getAttributeValue(null, "r") : null;
        if (at != null && column(at) > COLUMNS_MAX) {
          throw BadInputException.of(
              file, "it has a cell beyond column " + COLUMNS_MAX + "; save the list alone.");
        }
      }
    } catch (XMLStreamException | RuntimeException e) {
      // Whether a part that is not well-formed matters is for the reader of workbooks to say.
      return;
    }
  }

  /** Returns the number of the column of a cell such as {@code AB7}: 28. */
  private static long column(String cell) {
    long column = 0;
    for (int i = 0; i < cell.length() && column <= COLUMNS_MAX; i++) {
      int letter = Character.toUpperCase(cell.charAt(i)) - 'A' + 1;
      if (letter < 1 || letter > 26) {
        return column;
      }
      column = column * 26 + letter;
    }
    return column;
  }

  private static Map<String, Grid> workbook(Path file, byte[] bytes) throws BadInputException {
    try {
      guardUnpacked(file);
      guardFarCells(file);
    } catch (IOException e) {
      throw BadInputException.of(
          file, "it is no sound XLSX workbook; save it again, or save the list as CSV.");
    }
    Map<String, Grid> sheets = new LinkedHashMap<>();
    try (InputStream in = new ByteArrayInputStream(bytes);
        ReadableWorkbook book = new ReadableWorkbook(in)) {
      for (Sheet sheet : book.getSheets().limit(SHEETS_MAX).toList()) {
        Grid grid = sheet(file, sheet);
        if (!grid.rows().isEmpty()) {
          sheets.put(sheet.getName(), grid);
        }
      }
    } catch (BadInputException e) {
      throw e;
    } catch (IOException | RuntimeException e) {
      throw BadInputException.of(
          file, "it is no sound XLSX workbook; save it again, or save the list as CSV.");
    }
    return sheets;
  }

  private static Grid sheet(Path file, Sheet sheet) throws BadInputException, IOException {
    List<List<Grid.Cell>> rows = new ArrayList<>();
    try (Stream<Row> stream = sheet.openStream()) {
      for (Row row : (Iterable<Row>) stream::iterator) {
        while (rows.size() < row.getRowNum() - 1) {
          rows.add(List.of());
          guard(file, rows.size());
        }
        if (row.getCellCount() > COLUMNS_MAX) {
          throw BadInputException.of(
              file,
              "row "
                  + row.getRowNum()
                  + " has over "
                  + COLUMNS_MAX
                  + " columns; save the list alone.");
        }
        List<Grid.Cell> cells = new ArrayList<>();
        for (int c = 0; c < row.getCellCount(); c++) {
          cells.add(
              row.getOptionalCell(c)
                  .map(cell -> new Grid.Cell(text(cell), cell.getType() == CellType.NUMBER))
                  .orElse(new Grid.Cell("", false)));
        }
        rows.add(cells);
        guard(file, rows.size());
      }
    }
    return new Grid(rows, IntStream.rangeClosed(1, rows.size()).boxed().toList(), false);
  }

  private static String text(Cell cell) {
    if (cell.getType() == CellType.NUMBER) {
      BigDecimal number = cell.asNumber().stripTrailingZeros();
      // Written out, 1E+999999999 has a thousand million digits.
      return Math.abs((long) number.scale()) + number.precision() > DIGITS_MAX
          ? number.toString()
          : number.toPlainString();
    }
    if (cell.getType() == CellType.BOOLEAN) {
      return cell.asBoolean() ? "yes" : "no";
    }
    String text = cell.getText();
    return text == null ? "" : text.replaceAll("\\s+", " ").strip();
  }
}
