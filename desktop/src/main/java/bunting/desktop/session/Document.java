package bunting.desktop.session;

import bunting.core.limits.ShowLimits;
import bunting.core.show.Accepted;
import bunting.core.show.Show;
import bunting.core.show.edit.References;
import bunting.files.BadInputException;
import bunting.files.FileStamp;
import bunting.files.ShowFiles;
import bunting.files.log.SeasonFiles;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * The truth of the window: the show as it is now, how it came about, and the file that it is kept
 * in. Its accepted plan is a part of it, and is brought up to date after every edit. An edit is a
 * function of the show as it is now; nobody writes back a show that he took away earlier.
 */
public final class Document {
  private final ReadOnlyObjectWrapper<Optional<Show>> show =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ReadOnlyObjectWrapper<Optional<Path>> file =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ReadOnlyBooleanWrapper changed = new ReadOnlyBooleanWrapper();
  private final ReadOnlyIntegerWrapper opened = new ReadOnlyIntegerWrapper();
  private final History history = new History();
  private Optional<Show> kept = Optional.empty();
  private Optional<FileStamp> stamp = Optional.empty();
  private Consumer<Entry> journal = e -> {};

  /** What happened to the document, in order: enough to make the show again. */
  public sealed interface Entry {
    /** A show was opened or begun. */
    record Begun(Show show) implements Entry {}

    /** An edit was done. */
    record Done(String what, UnaryOperator<Show> change) implements Entry {}

    /** A plan of the show went into it. */
    record Settled(Accepted plan) implements Entry {}

    /** The last step was taken back. */
    record Undone() implements Entry {}

    /** A step was done again. */
    record Redone() implements Entry {}
  }

  /** What came of an edit. */
  public sealed interface Outcome {
    /** The show is another. */
    record Done() implements Outcome {}

    /** The show is as it was: there was nothing to do. */
    record Same() implements Outcome {}

    /** The edit would break a limit; the show is as it was. */
    record Refused(String why) implements Outcome {}
  }

  /** The show; empty while none is open. */
  public ReadOnlyObjectProperty<Optional<Show>> show() {
    return show.getReadOnlyProperty();
  }

  /** The show file, where there is one. */
  public ReadOnlyObjectProperty<Optional<Path>> file() {
    return file.getReadOnlyProperty();
  }

  /** Whether the show differs from its file, or, where it has none, from how it was begun. */
  public ReadOnlyBooleanProperty changed() {
    return changed.getReadOnlyProperty();
  }

  /** Goes up with every show that is opened or begun, just before it is there. */
  public ReadOnlyIntegerProperty opened() {
    return opened.getReadOnlyProperty();
  }

  /** Told of everything that happens from now on. */
  public void setJournal(Consumer<Entry> listener) {
    journal = listener;
  }

  /** Reads a show file or a run list and begins with it; on bad input all stays as it was. */
  public void open(Path path) throws BadInputException {
    if (path.toString().endsWith(ShowFiles.ENDING)) {
      ShowFiles.Stamped read = ShowFiles.readStamped(path);
      begin(read.show(), Optional.of(path), Optional.of(read.stamp()), true);
    } else {
      begin(ShowFiles.open(path));
    }
  }

  /** Begins with a show that has no file. */
  public void begin(Show fresh) {
    begin(fresh, Optional.empty(), Optional.empty(), true);
  }

  /** Begins with what an earlier Bunting left unsaved: it counts as changed until it is saved. */
  void recover(Show lost, Optional<Path> own) {
    Optional<FileStamp> now = own.flatMap(FileStamp::ofFile);
    begin(lost, own, now, false);
  }

  private void begin(Show fresh, Optional<Path> from, Optional<FileStamp> print, boolean saved) {
    history.clear();
    file.set(from);
    stamp = print;
    kept = saved ? Optional.of(fresh) : Optional.empty();
    journal.accept(new Entry.Begun(fresh));
    opened.set(opened.get() + 1);
    set(Optional.of(fresh));
  }

  private void set(Optional<Show> now) {
    changed.set(now.isPresent() && !now.equals(kept.map(k -> withPlan(k, now.get()))));
    show.set(now);
  }

  /** A file from before there were plans is not changed by its first one. */
  private static Show withPlan(Show saved, Show now) {
    return saved.accepted().isPresent()
        ? saved
        : now.accepted().map(saved::accepting).orElse(saved);
  }

  /**
   * Takes a plan into the show that it was made of; that is no step of its own, and undoing the
   * edit before it takes both back. A plan of another version is left.
   */
  void settle(Show planned) {
    Accepted plan = planned.accepted().orElseThrow();
    Optional<Show> now = show.get().map(s -> s.accepting(plan));
    if (now.filter(planned::equals).isPresent() && !show.get().equals(now)) {
      journal.accept(new Entry.Settled(plan));
      set(now);
    }
  }

  /**
   * Changes the show as one step that can be undone. What would refer to nothing afterwards is left
   * out; what could not be read back from a file is refused.
   *
   * @param what a sentence for people
   */
  public Outcome edit(String what, UnaryOperator<Show> change) {
    if (show.get().isEmpty()) {
      return new Outcome.Same();
    }
    Show before = show.get().get();
    Show next = References.keep(change.apply(before)).show();
    if (next.equals(before)) {
      return new Outcome.Same();
    }
    Optional<String> problem = ShowLimits.problem(next);
    if (problem.isPresent() && ShowLimits.problem(before).isEmpty()) {
      return new Outcome.Refused(problem.get());
    }
    history.done(what, before);
    journal.accept(new Entry.Done(what, change));
    set(Optional.of(next));
    return new Outcome.Done();
  }

  /** Takes the last step back; says what it was. */
  public Optional<String> undo() {
    Optional<History.Step> step = show.get().flatMap(history::undo);
    step.ifPresent(
        s -> {
          journal.accept(new Entry.Undone());
          set(Optional.of(s.show()));
        });
    return step.map(History.Step::edit);
  }

  /** Does again what was taken back; says what it was. */
  public Optional<String> redo() {
    Optional<History.Step> step = show.get().flatMap(history::redo);
    step.ifPresent(
        s -> {
          journal.accept(new Entry.Redone());
          set(Optional.of(s.show()));
        });
    return step.map(History.Step::edit);
  }

  /** How many steps can be undone. */
  public int undoSteps() {
    return history.pastSteps();
  }

  /** Whether somebody else changed the file since it was read or written here. */
  public boolean isChangedByOthers() {
    return file.get().isPresent() && stamp.filter(s -> s.isOtherIn(file.get().get())).isPresent();
  }

  /** Writes the show as it is now, whole or not at all; from then on the file is its own. */
  public void save(Path path) throws BadInputException {
    Show now = show.get().orElseThrow();
    FileStamp written = SeasonFiles.save(path, now);
    file.set(Optional.of(path));
    stamp = Optional.of(written);
    kept = Optional.of(now);
    changed.set(false);
  }
}
