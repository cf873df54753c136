package bunting.desktop.frame;

import bunting.core.compare.RunDifference;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** Asks for files and folders, and whose version of a file holds. */
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

  /** Shows two versions of a show side by side. */
  void compare(List<RunDifference> differences);

  /** By the machine's own dialogs. */
  static Asker natively(Window owner) {
    return new Asker() {
      @Override
      public Optional<Path> open(String title, String kinds, List<String> patterns) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(kinds, patterns));
        return Optional.ofNullable(chooser.showOpenDialog(owner)).map(File::toPath);
      }

      @Override
      public Optional<Path> save(String title, String name) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.setInitialFileName(name);
        return Optional.ofNullable(chooser.showSaveDialog(owner)).map(File::toPath);
      }

      @Override
      public Optional<Path> folder(String title) {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(title);
        return Optional.ofNullable(chooser.showDialog(owner)).map(File::toPath);
      }

      @Override
      public Whose changedByOthers(Path file) {
        return ConflictDialog.ask(owner, file);
      }

      @Override
      public void compare(List<RunDifference> differences) {
        ConflictDialog.show(owner, differences);
      }
    };
  }
}
