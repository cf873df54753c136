package bunting.files;

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
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;

/**
 * A spreadsheet as text: its headings, and the rows below them with their numbers in the sheet.
 *
 * @param headings of the columns
 * @param rows cells, each row as long as the headings
 * @param numbers of the rows in the sheet, from 1
 */
record SheetTable(List<String> headings, List<List<String>> rows, List<Integer> numbers) {
  private static final int BYTES_MAX = 40_000_000;
  private static final int ROWS_MAX = 50_000;
  private static final int COLUMNS_MAX = 500;

  /** Most digits of a number that is written out. */
  private static final int DIGITS_MAX = 60;

  /** Most bytes of a workbook unpacked, all its parts together. */
  private static final long UNPACKED_MAX = 150_000_000;

  SheetTable {
    headings = List.copyOf(headings);
    rows = rows.stream().map(List::copyOf).toList();
    numbers = List.copyOf(numbers);
  }

  /** Reads CSV, TSV or the first sheet of an XLSX workbook. */
  static SheetTable read(Path file) throws BadInputException {
    byte[] bytes = TextFiles.bytes(file, BYTES_MAX);
    boolean workbook = bytes.length > 1 && bytes[0] == 'P' && bytes[1] == 'K';
    List<List<String>> raw = workbook ? workbook(file, bytes) : text(file, bytes);
    return table(file, raw);
  }

  private static SheetTable table(Path file, List<List<String>> raw) throws BadInputException {
    int head = heading(raw);
    if (head < 0) {
      throw BadInputException.of(
          file, "no row looks like headings; give the columns names, such as name, type, length.");
    }
    int columns = raw.get(head).size();
    List<List<String>> rows = new ArrayList<>();
    List<Integer> numbers = new ArrayList<>();
    for (int r = head + 1; r < raw.size(); r++) {
      List<String> row = raw.get(r);
      if (row.stream().anyMatch(c -> !c.isBlank())) {
        List<String> cells = new ArrayList<>();
        for (int c = 0; c < columns; c++) {
          cells.add(c < row.size() ? row.get(c).strip() : "");
        }
        rows.add(cells);
        numbers.add(r + 1);
      }
    }
    if (rows.isEmpty()) {
      throw BadInputException.of(file, "there are no rows below the headings; give one row a run.");
    }
    return new SheetTable(raw.get(head).stream().map(String::strip).toList(), rows, numbers);
  }

  /** The first row with at least two texts that mean something; titles above it are passed over. */
  private static int heading(List<List<String>> raw) {
    for (int r = 0; r < Math.min(raw.size(), 30); r++) {
      long known =
          raw.get(r).stream()
              .filter(h -> !h.isBlank() && SheetField.guess(h) != SheetField.NOTE)
              .count();
      if (known >= 2) {
        return r;
      }
    }
    return -1;
  }

  private static List<List<String>> text(Path file, byte[] bytes) throws BadInputException {
    String text = decoded(bytes);
    CSVFormat format =
        CSVFormat.DEFAULT
            .builder()
            .setDelimiter(RunsReader.delimiter(fullestLine(text)))
            .setIgnoreEmptyLines(false)
            .get();
    List<List<String>> rows = new ArrayList<>();
    try (CSVParser parser = CSVParser.parse(text, format)) {
      for (CSVRecord record : parser) {
        guardColumns(file, record);
        rows.add(record.stream().toList());
        guard(file, rows.size());
      }
    } catch (CSVException | UncheckedIOException | IllegalStateException e) {
      // Inch marks in bare cells look like quotes: then quotes mean nothing in this file.
      return unquoted(file, text, format);
    } catch (IOException e) {
      throw BadInputException.of(file, "it cannot be read; try a copy of it.");
    }
    return rows;
  }

  private static List<List<String>> unquoted(Path file, String text, CSVFormat format)
      throws BadInputException {
    List<List<String>> rows = new ArrayList<>();
    try (CSVParser parser = CSVParser.parse(text, format.builder().setQuote(null).get())) {
      for (CSVRecord record : parser) {
        guardColumns(file, record);
        rows.add(record.stream().toList());
        guard(file, rows.size());
      }
    } catch (IOException | UncheckedIOException e) {
      throw BadInputException.of(file, "it cannot be read; try a copy of it.");
    }
    return rows;
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

  private static String decoded(byte[] bytes) {
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

  private static List<List<String>> workbook(Path file, byte[] bytes) throws BadInputException {
    List<List<String>> rows = new ArrayList<>();
    try {
      guardUnpacked(file);
    } catch (IOException e) {
      throw BadInputException.of(
          file, "it is no sound XLSX workbook; save it again, or save the list as CSV.");
    }
    try (InputStream in = new ByteArrayInputStream(bytes);
        ReadableWorkbook book = new ReadableWorkbook(in);
        Stream<Row> stream = book.getFirstSheet().openStream()) {
      for (Row row : (Iterable<Row>) stream::iterator) {
        while (rows.size() < row.getRowNum() - 1) {
          rows.add(List.of());
          guard(file, rows.size());
        }
        List<String> cells = new ArrayList<>();
        if (row.getCellCount() > COLUMNS_MAX) {
          throw BadInputException.of(
              file,
              "row "
                  + row.getRowNum()
                  + " has over "
                  + COLUMNS_MAX
                  + " columns; save the list alone.");
        }
        for (int c = 0; c < row.getCellCount(); c++) {
          cells.add(row.getOptionalCell(c).map(SheetTable::text).orElse(""));
        }
        rows.add(cells);
        guard(file, rows.size());
      }
    } catch (BadInputException e) {
      throw e;
    } catch (IOException | RuntimeException e) {
      throw BadInputException.of(
          file, "it is no sound XLSX workbook; save it again, or save the list as CSV.");
    }
    return rows;
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
