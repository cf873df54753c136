package bunting.desktop.shell;

import bunting.core.compare.RunDifference;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Asks for files and folders, whose version of a file holds, and whether to save. */
public interface Asker {
  /** A file to read; patterns such as {@code *.csv}. */
  Optional<Path> open(String title, String kinds, List<String> patterns);

  /** A file to write. */
  Optional<Path> save(String title, String name);

  /** A folder. */
  Optional<Path> folder(String title);

  /** Whose version of a show is to hold. */
  enum Whose {
    MINE,
    THEIRS,
    COMPARE,
    NEITHER
  }

  /** Asks whose version holds where another program changed the show's file. */
  Whose changedByOthers(Path file);

  /** What becomes of edits that are not saved when the show is left. */
  enum Leaving {
    SAVE,
    LEAVE,
    STAY
  }

  /** Asks what becomes of the last edits of a show. */
  Leaving leaving(String show);

  /** Shows two versions of a show side by side. */
  void compare(List<RunDifference> differences);
}
