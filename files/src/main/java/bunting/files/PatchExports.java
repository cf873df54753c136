package bunting.files;

import bunting.core.network.NetworkPlan;
import bunting.core.network.WireFigures;
import bunting.core.plan.Assessment;
import bunting.core.show.Protocol;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/** The patch for whoever writes the sequences: CSV, XLSX, JSON, or the rig as MVR. */
public final class PatchExports {
  private PatchExports() {}

  /**
   * Writes the patch in the format of the file's ending: csv, xlsx, json or mvr.
   *
   * @param inputs files that were read for it: none of them may be what is written
   * @throws BadInputException for another ending, or where the file cannot be written
   */
  public static void write(Assessment plan, Path file, Path... inputs) throws BadInputException {
    String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
    String ending = name.substring(name.lastIndexOf('.') + 1);
    byte[] bytes =
        switch (ending) {
          case "csv" -> PatchTable.csv(plan);
          case "xlsx" -> xlsx(plan);
          case "json" -> json(plan);
          case "mvr" -> Rig.mvr(plan);
          default ->
              throw BadInputException.of(
                  file, "a patch is written as .csv, .xlsx, .json or .mvr; choose one of them.");
        };
    WholeFile.write(file, bytes, inputs);
  }

  static byte[] xlsx(Assessment plan) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (Workbook book = new Workbook(bytes, "Bunting", "1.0")) {
      sheet(book.newWorksheet("Patch"), PatchTable.table(plan));
      sheet(book.newWorksheet("Network"), NetworkTable.table(plan));
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

  private static void sheet(Worksheet sheet, List<List<String>> rows) {
    for (int r = 0; r < rows.size(); r++) {
      for (int c = 0; c < rows.get(r).size(); c++) {
        String text = rows.get(r).get(c);
        if (r > 0 && text.matches("-?\\d{1,9}(\\.\\d+)?")) {
          sheet.value(r, c, Double.valueOf(text));
        } else {
          sheet.value(r, c, text);
        }
      }
    }
    sheet.freezePane(0, 1);
  }

  static byte[] json(Assessment plan) {
    var show = plan.reading().show();
    Protocol protocol = show.addressing().protocol();
    NetworkPlan network = NetworkPlan.of(plan.reading());
    List<String> head = PatchTable.table(plan).getFirst();
    return Json.document(
        json -> {
          json.put("formatVersion", 1)
              .put("show", show.settings().name())
              .put("protocol", protocol.id())
              .put("delivery", show.network().multicast() ? "multicast" : "unicast");
          json.list(
              "controllers",
              network.links(),
              (j, l) -> {
                j.put("id", l.box()).put("address", l.address()).put("bytes", l.bytes());
                j.list(
                    "universes",
                    l.universes(),
                    (k, u) -> {
                      k.put("universe", u);
                      if (protocol == Protocol.SACN) {
                        k.put("multicast", WireFigures.multicast(u));
                      } else if (protocol == Protocol.ARTNET) {
                        k.put("portAddress", WireFigures.portAddress(u));
                      }
                    });
              });
          List<List<String>> rows = PatchTable.table(plan);
          json.list(
              "patch",
              rows.subList(1, rows.size()),
              (j, row) -> {
                for (int i = 0; i < head.size(); i++) {
                  String text = row.get(i);
                  if (text.matches("\\d{1,9}")) {
                    j.put(head.get(i), Long.parseLong(text));
                  } else {
                    j.put(head.get(i), text);
                  }
                }
              });
        });
  }
}
