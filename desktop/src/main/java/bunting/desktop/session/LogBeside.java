package bunting.desktop.session;

import bunting.core.log.ShowLog;
import bunting.files.BadInputException;
import bunting.files.log.LogFile;
import java.nio.file.Path;
import java.util.Optional;

/** The log beside an open show, for screens that only read it. */
public final class LogBeside {
  private LogBeside() {}

  /** What it holds; one that is not there, or cannot be read, knows nothing. */
  public static ShowLog of(Optional<Path> show) {
    try {
      return show.isPresent() ? LogFile.beside(show.get()).read() : ShowLog.empty();
    } catch (BadInputException e) {
      return ShowLog.empty();
    }
  }
}
