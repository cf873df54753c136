package bunting.desktop.session;

import bunting.files.SheetMemory;
import bunting.files.UserPreferences;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** What the window remembers of its user, kept in a small file where there is one. */
public final class Preferences {
  private final Optional<Path> file;
  private final ReadOnlyObjectWrapper<UserPreferences> now;

  private Preferences(Optional<Path> file, UserPreferences first) {
    this.file = file;
    this.now = new ReadOnlyObjectWrapper<>(first);
  }

  /** Those of a file; from then on every change is written there. */
  public static Preferences in(Path file) {
    return new Preferences(Optional.of(file), UserPreferences.read(file));
  }

  /** Those of nobody, for pictures and tests: nothing is written. */
  public static Preferences unkept() {
    return new Preferences(Optional.empty(), UserPreferences.NONE);
  }

  /** What was said of lists, kept beside them. */
  public SheetMemory lists() {
    return file.map(f -> f.toAbsolutePath().getParent())
        .map(SheetMemory::in)
        .orElseGet(SheetMemory::none);
  }

  /** As they are. */
  public UserPreferences get() {
    return now.get();
  }

  /** As they are, to follow. */
  public ReadOnlyObjectProperty<UserPreferences> now() {
    return now.getReadOnlyProperty();
  }

  /** Changes them. */
  public void change(UnaryOperator<UserPreferences> change) {
    UserPreferences next = change.apply(now.get());
    if (!next.equals(now.get())) {
      now.set(next);
      file.ifPresent(next::write);
    }
  }
}
