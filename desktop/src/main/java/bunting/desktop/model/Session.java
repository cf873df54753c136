package bunting.desktop.model;

import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.plan.Moves;
import bunting.core.ports.SearchWatch;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.files.BadInputException;
import bunting.files.ShowFiles;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;

/** What the window works on. All methods are called on the interface thread. */
public final class Session {
  /** A plan that is there within so many milliseconds is shown without a word about planning. */
  private static final long PATIENCE_MILLIS = 200;

  private final ReadOnlyObjectWrapper<Optional<Assessment>> assessment =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ObjectProperty<Selection> selection =
      new SimpleObjectProperty<>(new Selection.Nothing());
  private final ReadOnlyObjectWrapper<Optional<Path>> file =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ReadOnlyObjectWrapper<String> message = new ReadOnlyObjectWrapper<>("");
  private final ReadOnlyBooleanWrapper planning = new ReadOnlyBooleanWrapper();
  private final ReadOnlyBooleanWrapper changed = new ReadOnlyBooleanWrapper();
  private final History history = new History();
  private final ExecutorService worker = daemon("searcher");
  private final ExecutorService sketcher = daemon("planner");
  private long patienceMillis = PATIENCE_MILLIS;
  private final ReadOnlyObjectWrapper<String> moved = new ReadOnlyObjectWrapper<>("");
  private final ReadOnlyIntegerWrapper opened = new ReadOnlyIntegerWrapper();
  private Optional<Counting> counting = Optional.empty();
  private Optional<Show> saved = Optional.empty();
  private final AtomicInteger planNumber = new AtomicInteger();
  private volatile boolean stopSearch;
  private boolean searchesAlong = true;
  private final ReadOnlyObjectWrapper<String> searching = new ReadOnlyObjectWrapper<>("");

  /** A count on its way into the plan. */
  private record Counting(String what, Assessment before) {}

  private Runnable takeBack = () -> {};

  private static ExecutorService daemon(String name) {
    return Executors.newSingleThreadExecutor(
        r -> {
          Thread thread = new Thread(r, name);
          thread.setDaemon(true);
          return thread;
        });
  }

  /** The show with its consequences; empty while no show is open. */
  public ReadOnlyObjectProperty<Optional<Assessment>> assessment() {
    return assessment.getReadOnlyProperty();
  }

  /** What is selected. */
  public ObjectProperty<Selection> selection() {
    return selection;
  }

  /** Goes up with every show that is opened or begun. */
  public ReadOnlyIntegerProperty opened() {
    return opened.getReadOnlyProperty();
  }

  /** The show file, where there is one. */
  public ReadOnlyObjectProperty<Optional<Path>> file() {
    return file.getReadOnlyProperty();
  }

  /** One sentence about what last went wrong or was done; empty when there is nothing to say. */
  public ReadOnlyObjectProperty<String> message() {
    return message.getReadOnlyProperty();
  }

  /** Whether a plan is being made beside the interface. */
  public ReadOnlyBooleanProperty planning() {
    return planning.getReadOnlyProperty();
  }

  /** Whether the show differs from its file. */
  public ReadOnlyBooleanProperty changed() {
    return changed.getReadOnlyProperty();
  }

  /** The show that is open. */
  public Optional<Show> show() {
    return assessment.get().map(a -> a.reading().show());
  }

  /** Opens a show file or a run list; on bad input says so and keeps what is open. */
  public void open(Path path) {
    try {
      Show show = ShowFiles.open(path);
      boolean isShow = path.toString().endsWith(ShowFiles.ENDING);
      start(show, isShow ? Optional.of(path) : Optional.empty());
    } catch (BadInputException e) {
      boolean list = !path.toString().endsWith(".json");
      message.set(e.getMessage() + (list ? " Ctrl I takes in lists with any headings." : ""));
    }
  }

  /** Begins with a show that has no file. */
  public void start(Show show, Optional<Path> from) {
    history.clear();
    takeBack = () -> {};
    file.set(from);
    saved = from.map(p -> show);
    message.set("");
    moved.set("");
    counting = Optional.empty();
    selection.set(new Selection.Nothing());
    plan(show);
    opened.set(opened.get() + 1);
  }

  /** Replaces the show as one step that can be undone. */
  public void edit(String what, Show next) {
    Show before = show().orElseThrow();
    if (next.equals(before)) {
      counting = Optional.empty();
    } else {
      history.done(what, before);
      takeBack = history::forgetLast;
      message.set(what);
      plan(next);
    }
  }

  /** Enters a built count, and says what moves downstream. */
  public void count(String run, int pixels) {
    Assessment before = assessment.get().orElseThrow();
    Show show = before.reading().show();
    Run counted = show.run(run).orElseThrow().withBuilt(OptionalInt.of(pixels));
    int gap = pixels - counted.plannedPixels();
    String counts =
        run
            + ": built "
            + pixels
            + ", planned "
            + counted.plannedPixels()
            + (gap == 0
                ? ", as planned. "
                : gap < 0 ? ", " + -gap + " less. " : ", " + gap + " more. ");
    counting = Optional.of(new Counting(counts, before));
    edit(counts.strip(), show.withRun(counted));
  }

  /** What was counted last and what that moved, in a sentence; empty before anything was. */
  public ReadOnlyObjectProperty<String> moved() {
    return moved.getReadOnlyProperty();
  }

  /** Takes the last step back. */
  public void undo() {
    show()
        .flatMap(history::undo)
        .ifPresent(
            step -> {
              takeBack = () -> keepOnlyHistory(history.redo(step.show()));
              restore("Undone: ", step);
            });
  }

  /** Does again what was taken back. */
  public void redo() {
    show()
        .flatMap(history::redo)
        .ifPresent(
            step -> {
              takeBack = () -> keepOnlyHistory(history.undo(step.show()));
              restore("Done again: ", step);
            });
  }

  /** The show on the screen never changed; only the history moved back. */
  private void keepOnlyHistory(Optional<History.Step> moved) {
    moved.ifPresent(step -> message.set("Planning stopped: " + step.edit()));
  }

  private void restore(String what, History.Step step) {
    message.set(what + step.edit());
    plan(step.show());
  }

  /** How many steps can be undone. */
  public int undoSteps() {
    return history.pastSteps();
  }

  /** Saves to a file, whole or not at all; false and a message where that failed. */
  public boolean save(Path path) {
    try {
      Show show = show().orElseThrow();
      ShowFiles.writeShow(path, show);
      file.set(Optional.of(path));
      saved = Optional.of(show);
      changed.set(false);
      message.set("Saved as " + path.getFileName() + ".");
      return true;
    } catch (BadInputException e) {
      message.set(e.getMessage());
      return false;
    }
  }

  /** Says something in the message line. */
  public void say(String sentence) {
    message.set(sentence);
  }

  /** Drops a plan that is being made; the show stays as it was before that edit. */
  public void cancelPlanning() {
    counting = Optional.empty();
    planNumber.incrementAndGet();
    planning.set(false);
    message.set("Planning stopped; the last step was taken back.");
    takeBack.run();
  }

  private void plan(Show show) {
    int number = planNumber.incrementAndGet();
    searching.set("");
    stopSearch = false;
    CompletableFuture<Assessment> sketch =
        CompletableFuture.supplyAsync(() -> Assessor.sketch(show), sketcher);
    try {
      Assessment result = sketch.get(patienceMillis, TimeUnit.MILLISECONDS);
      planning.set(false);
      take(result);
      search(show, number);
    } catch (TimeoutException e) {
      planning.set(true);
      var unused =
          sketch.thenAccept(result -> Platform.runLater(() -> takeLate(show, result, number)));
    } catch (ExecutionException e) {
      throw new IllegalStateException(e.getCause());
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private void takeLate(Show show, Assessment result, int number) {
    if (number == planNumber.get()) {
      planning.set(false);
      take(result);
      search(show, number);
    }
  }

  /** Looks for better places beside the interface; only what is better is taken. */
  private void search(Show show, int number) {
    if (!searchesAlong) {
      return;
    }
    searching.set("Searching for better places…");
    SearchWatch watch =
        new SearchWatch() {
          @Override
          public boolean stopped() {
            return number != planNumber.get() || stopSearch;
          }

          @Override
          public void step(int part, int parts, String doing) {
            String text = "Searching " + part + " of " + parts + ": " + doing + "…";
            Platform.runLater(
                () -> {
                  if (number == planNumber.get()) {
                    searching.set(text);
                  }
                });
          }
        };
    worker.execute(
        () -> {
          if (number != planNumber.get()) {
            return;
          }
          Assessment found = Assessor.plan(show, watch);
          Platform.runLater(
              () -> {
                if (number == planNumber.get()) {
                  searching.set("");
                  takeFound(found);
                }
              });
        });
  }

  private void takeFound(Assessment found) {
    Assessment before = assessment.get().orElseThrow();
    Moves moves = Moves.between(before, found);
    if (!moves.moved().isEmpty()) {
      message.set("The search found better places. " + moves.text());
    }
    assessment.set(Optional.of(found));
  }

  /** Stops the search with the best so far. */
  public void stopSearching() {
    stopSearch = true;
  }

  /** How long the window waits for a plan before it goes on and says that one is being made. */
  public void setPatience(Duration patience) {
    patienceMillis = patience.toMillis();
  }

  /** Whether a search follows every plan; without it the first fit stands. */
  public void setSearchesAlong(boolean on) {
    searchesAlong = on;
  }

  /** What is being searched, for people; empty while nothing is. */
  public ReadOnlyObjectProperty<String> searching() {
    return searching.getReadOnlyProperty();
  }

  private void take(Assessment result) {
    moved.set(counting.map(c -> c.what() + Moves.between(c.before(), result).text()).orElse(""));
    counting = Optional.empty();
    changed.set(!saved.equals(Optional.of(result.reading().show())));
    assessment.set(Optional.of(result));
  }
}
