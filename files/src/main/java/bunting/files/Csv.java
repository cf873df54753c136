package bunting.files;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Tables as CSV: commas, CRLF as RFC 4180 has it, UTF-8. */
final class Csv {
  private Csv() {}

  static byte[] table(List<List<String>> rows) {
    StringBuilder out = new StringBuilder();
    try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
      for (List<String> row : rows) {
        printer.printRecord(row);
      }
    } catch (IOException e) {
      throw new UncheckedIOException("memory does not fail to be written", e);
    }
    return out.toString().getBytes(StandardCharsets.UTF_8);
  }
}
