package bunting.files;

import bunting.core.show.Leftovers;
import bunting.core.show.Show;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
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

  /** A show from the texts of a run list and its settings, which need be in no file. */
  public static Show ofTexts(String runs, String settings) throws BadInputException {
    return RunsReader.read(
        Path.of("RUNS.csv"), runs, settingsOf(Path.of("SETTINGS.json"), settings));
  }

  private static Show settingsOf(Path file, String text) throws BadInputException {
    Show show = SettingsReader.read(JsonFields.parse(file, text));
    return show.withLeftovers(show.leftovers().below("settings"));
  }

  /** A show without runs: from settings, where a file of them is given. */
  public static Show readSettings(Optional<Path> settings) throws BadInputException {
    return settings.isPresent()
        ? settingsOf(settings.get(), TextFiles.read(settings.get()))
        : Show.of(List.of());
  }

  /**
   * A show file, or a run list if the name ends in csv, tsv or txt; a SETTINGS.json beside a list
   * is read with it.
   */
  public static Show open(Path file) throws BadInputException {
    return isList(file) ? readRuns(file, settingsBeside(file)) : readShow(file);
  }

  /**
   * What is planned: a show file, or any other file as a run list with these settings, or those
   * beside it.
   */
  public static Show planned(Path file, Optional<Path> settings) throws BadInputException {
    String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
    boolean show = name.endsWith(".json");
    if (show && settings.isPresent()) {
      throw BadInputException.of(
          file, "a show has its own settings; leave --settings out, or give a run list.");
    }
    return show ? readShow(file) : readRuns(file, settings.or(() -> settingsBeside(file)));
  }

  /** The files that {@link #planned} reads. */
  public static Path[] inputs(Path file, Optional<Path> settings) {
    return settings.isPresent() ? new Path[] {file, settings.get()} : inputs(file);
  }

  /** The files that {@link #open} reads: the one that is named, and settings beside a list. */
  public static Path[] inputs(Path file) {
    return isList(file) && settingsBeside(file).isPresent()
        ? new Path[] {file, settingsBeside(file).get()}
        : new Path[] {file};
  }

  private static boolean isList(Path file) {
    String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
    return name.endsWith(".csv") || name.endsWith(".tsv") || name.endsWith(".txt");
  }

  private static Optional<Path> settingsBeside(Path list) {
    Path beside = list.resolveSibling("SETTINGS.json");
    return Optional.of(beside).filter(Files::isRegularFile);
  }

  /** A show file. */
  public static Show readShow(Path file) throws BadInputException {
    return readStamped(file).show();
  }

  /** A show file and what its bytes were, to tell later whether somebody changed it. */
  public static Stamped readStamped(Path file) throws BadInputException {
    WholeFile.sweep(file);
    byte[] bytes = TextFiles.bytes(file, TextFiles.BYTES_MAX);
    return new Stamped(readShow(file, bytes), FileStamp.of(bytes));
  }

  /**
   * Returns the show of a show file's bytes.
   *
   * @param file its name, for the sentences about bad input; it need not exist
   */
  public static Show readShow(Path file, byte[] bytes) throws BadInputException {
    return ShowDocument.read(JsonFields.parse(file, TextFiles.text(file, bytes)));
  }

  /** A show and the stamp of its file. */
  public record Stamped(Show show, FileStamp stamp) {}

  /**
   * Writes a show file, whole or not at all; what was there before stays as {@code NAME.bak}. A
   * show that could not be opened again is not written.
   *
   * @param inputs files that are read for it: none of them may be what is written
   */
  public static FileStamp writeShow(Path file, Show show, Path... inputs) throws BadInputException {
    byte[] bytes = sound(file, show);
    WholeFile.writeWithBackup(file, bytes, List.of(inputs));
    return FileStamp.of(bytes);
  }

  /** Writes a show file where none is yet, with the mode of another file. */
  public static void writeNewShow(Path file, Show show, Path like, Path... inputs)
      throws BadInputException {
    WholeFile.write(file, sound(file, show), FileRights.like(like), inputs);
  }

  /** The bytes of a show, once they have been read back and make the same show. */
  private static byte[] sound(Path file, Show show) throws BadInputException {
    byte[] bytes;
    try {
      bytes = ShowDocument.write(show);
    } catch (UncheckedIOException e) {
      throw BadInputException.of(
          file, "it is not written: a name in the show holds half a character; type it again.");
    }
    if (bytes.length > TextFiles.BYTES_MAX) {
      throw BadInputException.of(
          file,
          "it is not written: with over "
              + TextFiles.BYTES_MAX / 1_000_000
              + " MB it could not be opened again; lay a smaller picture under.");
    }
    Show back;
    try {
      back = readShow(file, bytes);
    } catch (BadInputException e) {
      throw new BadInputException(
          "It is not written, for it could not be opened again. " + e.getMessage());
    }
    if (!back.leftovers().dropped().isEmpty() || !Arrays.equals(plain(show), plain(back))) {
      String lost =
          back.leftovers().dropped().stream().findFirst().map(Leftovers.Dropped::what).orElse("");
      throw BadInputException.of(
          file, ("it is not written, for not all of it could be read again. " + lost).strip());
    }
    return bytes;
  }

  /** What is ours of a show; what other versions wrote goes when its object does. */
  private static byte[] plain(Show show) {
    return ShowDocument.write(show.withLeftovers(Leftovers.NONE));
  }

  /**
   * Writes a recovery file: a show file that says which file it would have become.
   *
   * @param of the show's own file; empty: it has none yet
   */
  public static void writeRecovery(Path file, Show show, Optional<Path> of)
      throws BadInputException {
    String own = of.map(p -> p.toAbsolutePath().toString()).orElse("");
    WholeFile.write(file, ShowDocument.writeRecovery(show, own), FileRights.PRIVATE);
  }

  /** The file that a recovery file would have become; empty: it had none. */
  public static Optional<Path> recoveryOf(Path recovery) throws BadInputException {
    JsonFields fields = JsonFields.parse(recovery, TextFiles.read(recovery));
    String own =
        fields.has(ShowDocument.RECOVERY_OF) ? fields.longText(ShowDocument.RECOVERY_OF) : "";
    return own.isEmpty() ? Optional.empty() : Optional.of(Path.of(own));
  }

  /** Writes the run list of a show, once it has been read back. */
  public static void writeRuns(Path file, Show show, Path... inputs) throws BadInputException {
    byte[] bytes = RunsWriter.write(show);
    try {
      RunsReader.read(file, TextFiles.text(file, bytes), show.withRuns(List.of()));
    } catch (BadInputException e) {
      throw new BadInputException(
          "It is not written, for it could not be read again. " + e.getMessage());
    }
    WholeFile.write(file, bytes, inputs);
  }
}
