package bunting.files.log;

import bunting.core.assess.Reading;
import bunting.core.log.LogEntry;
import bunting.core.season.NextSeason;
import bunting.core.show.Show;
import bunting.files.BadInputException;
import bunting.files.FileRights;
import bunting.files.FileStamp;
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
    LogFile.beside(out).forgetStaged();
    ShowFiles.writeNewShow(out, show, inputs.length > 0 ? inputs[0] : out, inputs);
  }

  /**
   * Writes a show as {@link ShowFiles#writeShow} does. Where no file was, a log that was staged for
   * a season which never began there is taken away: it is not this show's.
   */
  public static FileStamp save(Path file, Show show, Path... inputs) throws BadInputException {
    if (!Files.exists(file)) {
      LogFile.beside(file).forgetStaged();
    }
    return ShowFiles.writeShow(file, show, inputs);
  }

  /**
   * Writes the next season of a plan, and its log: all lines of the one before and what is new.
   *
   * <p>First the log is staged beside its place, then the show is written, then the log is moved
   * into place; the show is the moment at which the season has begun. Killed before it, there is no
   * season, and the same call begins it. Killed after it, the log is moved by whoever reads it
   * next, and the same call finds the season begun and says what it says otherwise.
   */
  public static NextSeason next(
      Reading plan, Path before, Path out, String name, LocalDate day, Path... inputs)
      throws BadInputException {
    LogFile old = LogFile.beside(before);
    LogFile log = LogFile.beside(out);
    NextSeason next = NextSeason.of(plan, old.read(), name, day);
    if (Files.exists(log.staged()) && begun(out, name)) {
      log.settle();
      return next;
    }
    free(out);
    free(log.path());
    Path like = Files.exists(old.path()) ? old.path() : before;
    WholeFile.write(log.staged(), lines(old, next), FileRights.like(like), old.path());
    ShowFiles.writeNewShow(out, next.show(), before, inputs);
    log.settle();
    return next;
  }

  /** Whether a season of that name was begun in a file; the log beside it still waits. */
  private static boolean begun(Path out, String name) throws BadInputException {
    return Files.exists(out) && ShowFiles.open(out).settings().name().equals(name);
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
