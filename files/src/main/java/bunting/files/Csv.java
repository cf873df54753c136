package bunting.files;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * Tables as CSV: commas, CRLF as RFC 4180 has it, UTF-8. No cell begins as a formula does, blanks
 * aside and in full-width signs too: what a spreadsheet would run gets an apostrophe before it,
 * which a spreadsheet takes for "this is text", and which is taken off where such a list is read
 * again.
 */
public final class Csv {
  private static final Pattern RUNS =
      Pattern.compile(
          "'*(?:[\\t\\r]|[\\p{Z}\\p{Cntrl}\\uFEFF]*[=+\\-@\\uFF1D\\uFF0B\\uFF0D\\uFF20]).*",
          Pattern.DOTALL);
  private static final Pattern NUMBER = Pattern.compile("[+-]?\\d+(\\.\\d+)?([eE][+-]?\\d+)?");

  private Csv() {}

  /** The bytes of a table, its head first. */
  public static byte[] table(List<List<String>> rows) {
    StringBuilder out = new StringBuilder();
    try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
      for (List<String> row : rows) {
        printer.printRecord(row.stream().map(Csv::harmless).toList());
      }
    } catch (IOException e) {
      throw new UncheckedIOException("memory does not fail to be written", e);
    }
    return out.toString().getBytes(StandardCharsets.UTF_8);
  }

  /** A cell that no spreadsheet runs; numbers stay as they are. */
  public static String harmless(String cell) {
    return RUNS.matcher(cell).matches() && !NUMBER.matcher(cell).matches() ? "'" + cell : cell;
  }

  /** A cell as it was before it was made harmless. */
  static String plain(String cell) {
    return cell.startsWith("'") && RUNS.matcher(cell).matches() ? cell.substring(1) : cell;
  }
}
