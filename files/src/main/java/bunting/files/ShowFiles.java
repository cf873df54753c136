package bunting.files;

import bunting.core.show.Show;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;

/** Shows in and out: a run list with settings, or a show file. */
public final class ShowFiles {
  /** Ending of a show file. */
  public static final String ENDING = ".bunting.json";

  private ShowFiles() {}

  /** A show from a run list, with settings where a file of them is given. */
  public static Show readRuns(Path runs, Optional<Path> settings) throws BadInputException {
    Show bare = readSettings(settings);
    return RunsReader.read(runs, TextFiles.read(runs), bare);
  }

  /** A show without runs: from settings, where a file of them is given. */
  public static Show readSettings(Optional<Path> settings) throws BadInputException {
    return settings.isPresent()
        ? SettingsReader.read(JsonFields.parse(settings.get(), TextFiles.read(settings.get())))
        : Show.of(java.util.List.of());
  }

  /**
   * A show file, or a run list if the name ends in csv, tsv or txt; a SETTINGS.json beside a list
   * is read with it.
   */
  public static Show open(Path file) throws BadInputException {
    String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
    if (name.endsWith(".csv") || name.endsWith(".tsv") || name.endsWith(".txt")) {
      Path beside = file.resolveSibling("SETTINGS.json");
      boolean there = java.nio.file.Files.isRegularFile(beside);
      return readRuns(file, there ? Optional.of(beside) : Optional.empty());
    }
    return readShow(file);
  }

  /** A show file. */
  public static Show readShow(Path file) throws BadInputException {
    return ShowDocument.read(JsonFields.parse(file, TextFiles.read(file)));
  }

  /** Writes a show file, whole or not at all. */
  public static void writeShow(Path file, Show show) throws BadInputException {
    TextFiles.write(file, ShowDocument.write(show));
  }
}
