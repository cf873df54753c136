package bunting.files;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
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

  SheetTable {
    headings = List.copyOf(headings);
    rows = rows.stream().map(List::copyOf).toList();
    numbers = List.copyOf(numbers);
  }

  /** Reads CSV, TSV or the first sheet of an XLSX workbook. */
  static SheetTable read(Path file) throws BadInputException {
    byte[] bytes;
    try {
      if (Files.size(file) > BYTES_MAX) {
        throw BadInputException.of(file, "it has over 40 MB; save the list alone.");
      }
      bytes = Files.readAllBytes(file);
    } catch (IOException e) {
      throw BadInputException.of(file, "it cannot be read; check its name, or try a copy of it.");
    }
    boolean workbook = bytes.length > 1 && bytes[0] == 'P' && bytes[1] == 'K';
    List<List<String>> raw = workbook ? workbook(file) : text(file, bytes);
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

  private static void guard(Path file, int rows) throws BadInputException {
    if (rows > ROWS_MAX) {
      throw BadInputException.of(
          file, "it has over " + ROWS_MAX + " rows; save the list of runs alone.");
    }
  }

  private static List<List<String>> workbook(Path file) throws BadInputException {
    List<List<String>> rows = new ArrayList<>();
    try (InputStream in = Files.newInputStream(file);
        ReadableWorkbook book = new ReadableWorkbook(in);
        Stream<Row> stream = book.getFirstSheet().openStream()) {
      for (Row row : (Iterable<Row>) stream::iterator) {
        while (rows.size() < row.getRowNum() - 1) {
          rows.add(List.of());
          guard(file, rows.size());
        }
        List<String> cells = new ArrayList<>();
        for (int c = 0; c < row.getCellCount(); c++) {
          cells.add(row.getOptionalCell(c).map(SheetTable::text).orElse(""));
        }
        rows.add(cells);
        guard(file, rows.size());
      }
    } catch (IOException | RuntimeException e) {
      throw BadInputException.of(
          file, "it is no sound XLSX workbook; save it again, or save the list as CSV.");
    }
    return rows;
  }

  private static String text(Cell cell) {
    if (cell.getType() == CellType.NUMBER) {
      return cell.asNumber().stripTrailingZeros().toPlainString();
    }
    if (cell.getType() == CellType.BOOLEAN) {
      return cell.asBoolean() ? "yes" : "no";
    }
    String text = cell.getText();
    return text == null ? "" : text.replaceAll("\\s+", " ").strip();
  }
}
