package bunting.files.papers;

import bunting.core.plan.Assessment;
import bunting.files.BadInputException;
import bunting.files.PatchJson;
import bunting.files.Rig;
import bunting.files.WholeFile;
import java.nio.file.Path;
import java.util.Locale;

/** The patch for whoever writes the sequences: CSV, XLSX, JSON, or the rig as MVR. */
public final class PatchFiles {
  private PatchFiles() {}

  /**
   * Writes the patch in the format of the file's ending: csv, xlsx, json or mvr.
   *
   * @param inputs files that were read for it: none of them may be what is written
   * @throws BadInputException for another ending, or where the file cannot be written
   */
  public static void write(Assessment plan, Path file, Path... inputs) throws BadInputException {
    String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
    String ending = name.substring(name.lastIndexOf('.') + 1);
    Sources from = new Sources(plan);
    byte[] bytes =
        switch (ending) {
          case "csv" -> PatchTable.table(from).csv();
          case "xlsx" -> Books.of(PaperList.patchBook(from));
          case "json" -> PatchJson.of(plan, PatchTable.table(from).all());
          case "mvr" -> Rig.mvr(plan);
          default ->
              throw BadInputException.of(
                  file, "a patch is written as .csv, .xlsx, .json or .mvr; choose one of them.");
        };
    WholeFile.write(file, bytes, inputs);
  }
}
