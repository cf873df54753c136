package bunting.files.log;

import bunting.core.assess.Reading;
import bunting.core.log.LogEntry;
import bunting.core.log.ShowLog;
import bunting.core.season.NextSeason;
import bunting.core.show.Show;
import bunting.files.BadInputException;
import bunting.files.ShowFiles;
import bunting.files.WholeFile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.time.LocalDate;

/**
 * Shows that begin where another ended: a file of their own, with the log of all years beside it.
 */
public final class SeasonFiles {
  private SeasonFiles() {}

  /**
   * Writes a show that begins, where no file is yet.
   *
   * @param inputs files that were read for it
   */
  public static void begin(Path out, Show show, Path... inputs) throws BadInputException {
    free(out);
    free(LogFile.beside(out).path());
    ShowFiles.writeShow(out, show, inputs);
  }

  /**
   * Writes the next season of a plan, and its log: all lines of the one before and what is new. The
   * log is written first; a show without its past is never there.
   *
   * @param before the file of the season that ends
   */
  public static NextSeason next(
      Reading plan, Path before, Path out, String name, LocalDate day, Path... inputs)
      throws BadInputException {
    LogFile old = LogFile.beside(before);
    LogFile log = LogFile.beside(out);
    free(out);
    free(log.path());
    ShowLog known = old.read();
    NextSeason next = NextSeason.of(plan, known, name, day);
    WholeFile.write(log.path(), lines(old, next), old.path());
    ShowFiles.writeShow(out, next.show(), inputs);
    return next;
  }

  private static byte[] lines(LogFile old, NextSeason next) throws BadInputException {
    ByteArrayOutputStream all = new ByteArrayOutputStream();
    try {
      if (Files.exists(old.path())) {
        byte[] before = Files.readAllBytes(old.path());
        all.write(before);
        if (before.length > 0 && before[before.length - 1] != '\n') {
          all.write('\n');
        }
      }
      for (LogEntry e : next.entries()) {
        all.write(LogFile.bytes(e));
      }
    } catch (IOException e) {
      throw BadInputException.of(old.path(), "it cannot be read; check who may read it.");
    }
    return all.toByteArray();
  }

  private static void free(Path file) throws BadInputException {
    if (Files.exists(file, LinkOption.NOFOLLOW_LINKS)) {
      throw BadInputException.of(
          file, "it is there already, and a season begins in a new file; choose another name.");
    }
  }
}
