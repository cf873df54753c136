package bunting.desktop.shell;

import bunting.core.compare.RunDifference;
import bunting.desktop.session.Preferences;
import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** Asks by the machine's own dialogs, which begin where the last one ended. */
final class NativeAsker implements Asker {
  private final Window owner;
  private final Preferences preferences;

  NativeAsker(Window owner, Preferences preferences) {
    this.owner = owner;
    this.preferences = preferences;
  }

  @Override
  public Optional<Path> open(String title, String kinds, List<String> patterns) {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(title);
    chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(kinds, patterns));
    begin(chooser::setInitialDirectory);
    return file(chooser.showOpenDialog(owner));
  }

  @Override
  public Optional<Path> save(String title, String name) {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(title);
    chooser.setInitialFileName(name);
    begin(chooser::setInitialDirectory);
    return file(chooser.showSaveDialog(owner));
  }

  @Override
  public Optional<Path> folder(String title) {
    DirectoryChooser chooser = new DirectoryChooser();
    chooser.setTitle(title);
    begin(chooser::setInitialDirectory);
    Optional<Path> chosen = Optional.ofNullable(chooser.showDialog(owner)).map(File::toPath);
    chosen.ifPresent(f -> preferences.change(p -> p.withFolder(f)));
    return chosen;
  }

  private Optional<Path> file(@org.jspecify.annotations.Nullable File chosen) {
    Optional<Path> file = Optional.ofNullable(chosen).map(File::toPath);
    file.map(Path::getParent).ifPresent(f -> preferences.change(p -> p.withFolder(f)));
    return file;
  }

  private void begin(Consumer<File> setter) {
    preferences.get().folder().filter(Files::isDirectory).map(Path::toFile).ifPresent(setter);
  }

  @Override
  public Whose changedByOthers(Path file) {
    return Questions.changedByOthers(owner, file);
  }

  @Override
  public Leaving leaving(String show) {
    return Questions.leaving(owner, show);
  }

  @Override
  public void compare(List<RunDifference> differences) {
    Questions.compare(owner, differences);
  }
}
