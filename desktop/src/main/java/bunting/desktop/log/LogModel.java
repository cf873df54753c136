package bunting.desktop.log;

import bunting.core.log.LogEntry;
import bunting.core.log.ShowLog;
import bunting.desktop.kit.Newest;
import bunting.desktop.session.Session;
import bunting.files.BadInputException;
import bunting.files.log.LogFields;
import bunting.files.log.LogFile;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** The log beside the open show. */
final class LogModel {
  private final Session session;
  private final Newest working;
  private final ReadOnlyObjectWrapper<ShowLog> log = new ReadOnlyObjectWrapper<>(ShowLog.empty());

  LogModel(Session session) {
    this.session = session;
    this.working = new Newest(session.background());
  }

  ReadOnlyObjectProperty<ShowLog> log() {
    return log.getReadOnlyProperty();
  }

  boolean busy() {
    return working.busy().get();
  }

  /** The file; empty: the show is in no file yet. */
  Optional<LogFile> file() {
    return session.file().get().map(LogFile::beside);
  }

  /** Where a picture of an entry is: beside the log, or below; empty: nowhere that is its own. */
  Optional<Path> picture(String name) {
    try {
      return file()
          .map(f -> f.path().toAbsolutePath().getParent())
          .flatMap(
              folder ->
                  Optional.of(folder.resolve(name).normalize())
                      .filter(f -> f.startsWith(folder.normalize())));
    } catch (InvalidPathException e) {
      return Optional.empty();
    }
  }

  /** Reads it again. */
  void refresh() {
    Optional<LogFile> file = file();
    if (file.isEmpty()) {
      working.stop();
      log.set(ShowLog.empty());
      return;
    }
    working.ask(
        "reading the log",
        job -> {
          try {
            return new Answer(file.get().read(), "");
          } catch (BadInputException e) {
            return new Answer(ShowLog.empty(), String.valueOf(e.getMessage()));
          }
        },
        this::take,
        session::say);
  }

  private record Answer(ShowLog log, String says) {}

  private void take(Answer answer) {
    log.set(answer.log());
    if (!answer.says().isEmpty()) {
      session.say(answer.says());
    }
  }

  /** Shows three seasons of the fair, which no show has beside it. */
  void showFair() {
    try (InputStream in =
        Objects.requireNonNull(LogModel.class.getResourceAsStream("fair.log.jsonl"))) {
      log.set(LogFile.parse(in.readAllBytes()));
    } catch (IOException e) {
      throw new UncheckedIOException("the fair ships with the application", e);
    }
  }

  /**
   * Adds an entry of typed texts.
   *
   * @return what is wrong with them; empty: it is being written
   */
  Optional<String> add(Map<String, String> typed) {
    Optional<LogFile> file = file();
    if (file.isEmpty()) {
      return Optional.of("Save the show first (Ctrl S): its log stands beside its file.");
    }
    LogEntry entry;
    try {
      entry = LogFields.parse(typed, LocalDate.now(ZoneId.systemDefault()));
    } catch (BadInputException e) {
      return Optional.of(String.valueOf(e.getMessage()).replaceAll("--(add )?", ""));
    }
    if (entry.run().filter(r -> session.show().flatMap(s -> s.run(r)).isEmpty()).isPresent()) {
      return Optional.of("There is no run of that name; choose one of the list.");
    }
    working.ask(
        "writing the log",
        job -> {
          try {
            LogFile.Added added = file.get().add(entry);
            String half =
                added.half() > 0
                    ? " Line " + added.half() + " was left half by a crash; it is kept."
                    : "";
            return new Answer(file.get().read(), "Logged as line " + added.line() + "." + half);
          } catch (BadInputException e) {
            return new Answer(log.get(), String.valueOf(e.getMessage()));
          }
        },
        this::take,
        session::say);
    return Optional.empty();
  }
}
