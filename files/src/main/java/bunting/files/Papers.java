package bunting.files;

import bunting.core.plan.Assessment;
import bunting.core.show.Show;
import bunting.core.stock.CutList;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The paperwork, each as PDF and CSV: box-lid cards, patch table (also XLSX, JSON and, with the
 * rig, MVR), network sheet, settings cards, mains with the single line, power kit, count sheet, cut
 * list, order list, custom lengths, and plain sets and bulb strings where there are any.
 */
public final class Papers {
  private Papers() {}

  /**
   * Writes all papers into a folder, which is made if it is not there; returns the files.
   *
   * @param inputs files that were read for it: none of them may be what is written
   */
  public static List<Path> write(Assessment plan, Path folder, Path... inputs)
      throws BadInputException {
    Map<String, byte[]> papers = new LinkedHashMap<>();
    papers.put("box-lid-cards.pdf", Pdf.render(BoxLidCards.html(plan)));
    papers.put("box-lid-cards.csv", BoxLidCards.csv(plan));
    papers.put("patch-table.pdf", Pdf.render(PatchTable.html(plan)));
    papers.put("patch-table.csv", PatchTable.csv(plan));
    papers.put("patch-table.xlsx", PatchExports.xlsx(plan));
    papers.put("patch-table.json", PatchExports.json(plan));
    papers.put("rig.mvr", Rig.mvr(plan));
    papers.put("network-sheet.pdf", Pdf.render(NetworkTable.html(plan)));
    papers.put("network-sheet.csv", NetworkTable.csv(plan));
    papers.put("settings-cards.pdf", Pdf.render(SettingsCards.html(plan)));
    papers.put("settings-cards.csv", SettingsCards.csv(plan));
    papers.put("mains.pdf", Pdf.render(MainsPaper.html(plan)));
    papers.put("mains.csv", MainsPaper.csv(plan));
    papers.put("power-kit.pdf", Pdf.render(PowerKit.html(plan)));
    papers.put("power-kit.csv", PowerKit.csv(plan));
    Show show = plan.reading().show();
    CutList cuts = CutList.of(show);
    papers.put("count-sheet.pdf", Pdf.render(CountSheet.html(plan)));
    papers.put("count-sheet.csv", CountSheet.csv(plan));
    papers.put("cut-list.pdf", Pdf.render(CutSheets.cutHtml(show, cuts)));
    papers.put("cut-list.csv", CutSheets.cutCsv(cuts));
    papers.put("order-list.pdf", Pdf.render(CutSheets.orderHtml(show, cuts)));
    papers.put("order-list.csv", CutSheets.orderCsv(cuts));
    papers.put("custom-lengths.pdf", Pdf.render(CutSheets.customHtml(show)));
    papers.put("custom-lengths.csv", CutSheets.customCsv(show));
    if (!show.others().isEmpty()) {
      papers.put("sets-and-strings.pdf", Pdf.render(OtherSheet.html(plan)));
      papers.put("sets-and-strings.csv", OtherSheet.csv(plan));
    }
    try {
      Files.createDirectories(folder);
    } catch (IOException e) {
      throw BadInputException.of(
          folder, "this folder cannot be made; choose one that you may write to.");
    }
    List<Path> written = new ArrayList<>();
    for (Map.Entry<String, byte[]> paper : papers.entrySet()) {
      Path file = folder.resolve(paper.getKey());
      WholeFile.write(file, paper.getValue(), inputs);
      written.add(file);
    }
    return written;
  }
}
