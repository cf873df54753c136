package bunting.files;

import bunting.core.plan.Assessment;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The paperwork: box-lid cards and patch table, each as PDF and CSV. */
public final class Papers {
  private Papers() {}

  /** Writes all papers into a folder, which is made if it is not there; returns the files. */
  public static List<Path> write(Assessment plan, Path folder) throws BadInputException {
    Map<String, byte[]> papers = new LinkedHashMap<>();
    papers.put("box-lid-cards.pdf", Pdf.render(BoxLidCards.html(plan)));
    papers.put("box-lid-cards.csv", BoxLidCards.csv(plan));
    papers.put("patch-table.pdf", Pdf.render(PatchTable.html(plan)));
    papers.put("patch-table.csv", PatchTable.csv(plan));
    try {
      Files.createDirectories(folder);
    } catch (IOException e) {
      throw BadInputException.of(
          folder, "this folder cannot be made; choose one that you may write to.");
    }
    List<Path> written = new ArrayList<>();
    for (Map.Entry<String, byte[]> paper : papers.entrySet()) {
      Path file = folder.resolve(paper.getKey());
      TextFiles.write(file, paper.getValue());
      written.add(file);
    }
    return written;
  }
}
