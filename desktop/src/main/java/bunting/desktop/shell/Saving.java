package bunting.desktop.shell;

import bunting.core.compare.RunDifference;
import bunting.desktop.session.Preferences;
import bunting.desktop.session.Session;
import bunting.files.BadInputException;
import bunting.files.ShowFiles;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** Saves and opens shows, and sees to it that no edit is left behind unasked. */
public final class Saving {
  private final Session session;
  private final Asker asker;
  private final Preferences preferences;

  Saving(Session session, Asker asker, Preferences preferences) {
    this.session = session;
    this.asker = asker;
    this.preferences = preferences;
    session
        .file()
        .addListener(
            (o, was, now) -> now.ifPresent(f -> preferences.change(p -> p.withRecent(whole(f)))));
  }

  private static Path whole(Path file) {
    return file.toAbsolutePath().normalize();
  }

  /** Opens a file, unless there are edits that the user wants to keep. */
  void open(Path file) {
    if (mayLeave()) {
      session.open(file);
    }
  }

  /** Opens a file that was open lately; one that is gone is not offered again. */
  void openAgain(Path file) {
    if (!Files.exists(file)) {
      preferences.change(p -> p.withoutRecent(file));
      session.say(file.getFileName() + " is not there any more.");
    } else {
      open(file);
    }
  }

  /**
   * Whether the open show may be left: nothing was edited since it was saved, or it is saved now,
   * or the user leaves its edits behind.
   */
  public boolean mayLeave() {
    if (!session.changed().get()) {
      return true;
    }
    String name = session.show().map(s -> s.settings().name()).orElse("");
    return switch (asker.leaving(name)) {
      case SAVE -> save(false);
      case LEAVE -> true;
      case STAY -> false;
    };
  }

  /** Saves, if need be elsewhere; whether it is saved now. */
  boolean save(boolean elsewhere) {
    Optional<Path> own = elsewhere ? Optional.empty() : session.file().get();
    if (own.isPresent() && session.document().isChangedByOthers()) {
      return settle(own.get());
    }
    return own.or(() -> asker.save("Save the show", "show" + ShowFiles.ENDING))
        .filter(session::save)
        .isPresent();
  }

  /** Another program changed the file since it was read or written here. */
  private boolean settle(Path file) {
    Asker.Whose whose = asker.changedByOthers(file);
    while (whose == Asker.Whose.COMPARE) {
      try {
        asker.compare(RunDifference.between(session.show().orElseThrow(), ShowFiles.open(file)));
        whose = asker.changedByOthers(file);
      } catch (BadInputException e) {
        session.say("The file cannot be compared: " + e.getMessage());
        return false;
      }
    }
    switch (whose) {
      case MINE -> {
        return session.save(file);
      }
      case THEIRS -> session.open(file);
      case NEITHER, COMPARE -> session.say("Nothing was saved; the file is as the other left it.");
    }
    return false;
  }
}
