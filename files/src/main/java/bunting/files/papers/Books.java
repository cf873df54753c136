package bunting.files.papers;

import bunting.files.Archive;
import bunting.files.Csv;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/** Tables as a workbook (Office Open XML), the same bytes for the same tables. */
final class Books {
  private Books() {}

  /** A workbook of sheets by name. */
  static byte[] of(Map<String, Table> sheets) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (Workbook book = new Workbook(bytes, "Bunting", "1.0")) {
      sheets.forEach((name, table) -> sheet(book.newWorksheet(name), table));
    } catch (IOException e) {
      throw new UncheckedIOException("memory does not fail to be written", e);
    }
    Map<String, byte[]> files = Archive.read(bytes.toByteArray());
    files.computeIfPresent(
        "docProps/core.xml",
        (k, xml) ->
            new String(xml, StandardCharsets.UTF_8)
                .replaceAll("(<dcterms:created[^>]*>)[^<]*", "$11980-01-01T00:00:00Z")
                .getBytes(StandardCharsets.UTF_8));
    return Archive.of(files);
  }

  private static void sheet(Worksheet sheet, Table table) {
    List<List<String>> rows = table.all();
    for (int r = 0; r < rows.size(); r++) {
      for (int c = 0; c < rows.get(r).size(); c++) {
        String text = rows.get(r).get(c);
        boolean number = r > 0 && table.columns().get(c).kind().number();
        if (number && text.matches("-?\\d{1,12}(\\.\\d+)?")) {
          sheet.value(r, c, Double.valueOf(text));
        } else {
          sheet.value(r, c, Csv.harmless(text));
        }
      }
    }
    sheet.freezePane(0, 1);
  }
}
