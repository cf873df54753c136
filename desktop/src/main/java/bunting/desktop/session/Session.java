package bunting.desktop.session;

import bunting.core.plan.Assessment;
import bunting.core.plan.Kept;
import bunting.core.plan.Moves;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.ShowSettings;
import bunting.core.show.Texts;
import bunting.core.show.edit.RunEdits;
import bunting.files.BadInputException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.BooleanBinding;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;

/**
 * What the window works on: a document, the planning of its newest version, the selection and the
 * message line. All methods are called on the interface thread.
 */
public final class Session {
  private final Document document = new Document();
  private final Background background;
  private final Planning planning;
  private final Proposals proposals;
  private final ObjectProperty<Selection> selection =
      new SimpleObjectProperty<>(new Selection.Nothing());
  private final ObjectProperty<Optional<OnTheWire>> wire =
      new SimpleObjectProperty<>(Optional.empty());
  private final ReadOnlyObjectWrapper<String> message = new ReadOnlyObjectWrapper<>("");
  private final ReadOnlyObjectWrapper<String> moved = new ReadOnlyObjectWrapper<>("");
  private final BooleanBinding working;
  private Optional<Counting> counting = Optional.empty();

  /** The edit whose plan is not there yet. */
  private Optional<String> edited = Optional.empty();

  /** A count on its way into the plan, and the plan before it. */
  private record Counting(String what, Assessment before) {}

  /** A session with the planner of the core, on threads of its own. */
  public Session() {
    this(Planning.Engine.CORE, Background.ofWindow());
  }

  /**
   * @param engine makes the plans
   * @param background where they are made
   */
  public Session(Planning.Engine engine, Background background) {
    this.background = background;
    planning = new Planning(document, engine, background);
    proposals = new Proposals(document, planning, engine, background);
    proposals.setOnTrouble(message::set);
    planning.setOnFound(this::found);
    planning.setOnTrouble(message::set);
    planning.setOnKept(this::kept);
    planning.assessment().addListener(o -> planning.assessment().get().ifPresent(this::planned));
    planning.state().addListener(o -> toldIfFailed());
    working =
        Bindings.createBooleanBinding(
            () -> planning.state().get() instanceof Planning.State.Working, planning.state());
    document
        .opened()
        .addListener(
            o -> {
              moved.set("");
              message.set("");
              counting = Optional.empty();
              edited = Optional.empty();
              selection.set(new Selection.Nothing());
            });
  }

  private void toldIfFailed() {
    if (planning.state().get() instanceof Planning.State.Failed failed) {
      message.set(failed.why());
    }
  }

  /** The show, its history and its file. */
  public Document document() {
    return document;
  }

  /** The planning of the newest version. */
  public Planning plans() {
    return planning;
  }

  /** Better plans beside the accepted one. */
  public Proposals proposals() {
    return proposals;
  }

  /** Accepts another plan of the show, whole or in part, as one step that can be undone. */
  public void accept(String what, Assessment plan) {
    edit(what, s -> s.accepting(plan.reading().show().accepted().orElseThrow()));
    edited = Optional.empty();
    message.set(what);
  }

  /** The door for work beside the interface. */
  public Background background() {
    return background;
  }

  /**
   * The last plan with its consequences, of the show as it is now or of an earlier version; empty
   * until a show that was opened has its first.
   */
  public ReadOnlyObjectProperty<Optional<Assessment>> assessment() {
    return planning.assessment();
  }

  /** What is selected. */
  public ObjectProperty<Selection> selection() {
    return selection;
  }

  /** What comes over the wire; empty while the bench is dark. */
  public ObjectProperty<Optional<OnTheWire>> wire() {
    return wire;
  }

  /** Goes up with every show that is opened or begun. */
  public ReadOnlyIntegerProperty opened() {
    return document.opened();
  }

  /** The show file, where there is one. */
  public ReadOnlyObjectProperty<Optional<Path>> file() {
    return document.file();
  }

  /** One sentence about what last went wrong or was done; empty when there is nothing to say. */
  public ReadOnlyObjectProperty<String> message() {
    return message.getReadOnlyProperty();
  }

  /** Whether a plan is being made beside the interface. */
  public BooleanBinding planning() {
    return working;
  }

  /** Whether the show differs from its file. */
  public ReadOnlyBooleanProperty changed() {
    return document.changed();
  }

  /** The show as it is now, planned or not. */
  public Optional<Show> show() {
    return document.show().get();
  }

  /** Opens a show file or a run list; on bad input says so and keeps what is open. */
  public void open(Path path) {
    try {
      document.open(path);
    } catch (BadInputException e) {
      boolean list = !path.toString().endsWith(".json");
      message.set(e.getMessage() + (list ? " Ctrl I takes in lists with any headings." : ""));
    }
  }

  /** Begins with a show that has no file. */
  public void start(Show show) {
    document.begin(show);
  }

  /**
   * Changes the show as it is now, as one step that can be undone; says what was done, or why not.
   */
  public Document.Outcome edit(String what, UnaryOperator<Show> change) {
    String said = message.get();
    Optional<String> waiting = edited;
    boolean counts = counting.isPresent();
    // Before the edit: its plan may be there at once, and says what else changed.
    edited = Optional.of(what);
    message.set(what);
    Document.Outcome outcome = document.edit(what, change);
    if (outcome instanceof Document.Outcome.Done && !counts) {
      moved.set("");
    } else if (!(outcome instanceof Document.Outcome.Done)) {
      edited = waiting;
      message.set(
          outcome instanceof Document.Outcome.Refused r ? "That cannot be: " + r.why() : said);
    }
    return outcome;
  }

  /** Changes a run of the show as it is now. */
  public Document.Outcome editRun(String what, String run, UnaryOperator<Run> change) {
    return edit(what, s -> RunEdits.changed(s, run, change));
  }

  /** Enters a built count, and says what moves downstream once that is planned. */
  public void count(String name, int pixels) {
    Optional<Run> run = show().flatMap(s -> s.run(name));
    if (run.isEmpty()) {
      return;
    }
    int planned = run.get().plannedPixels();
    int gap = pixels - planned;
    String counts =
        name
            + ": built "
            + pixels
            + ", planned "
            + planned
            + (gap == 0
                ? ", as planned. "
                : gap < 0 ? ", " + -gap + " less. " : ", " + gap + " more. ");
    Optional<Assessment> before = counting.map(Counting::before).or(assessment()::get);
    counting = before.map(b -> new Counting(counts, b));
    Document.Outcome outcome =
        editRun(counts.strip(), name, r -> r.withBuilt(OptionalInt.of(pixels)));
    if (!(outcome instanceof Document.Outcome.Done)) {
      counting = Optional.empty();
    }
  }

  /** What was counted last and what that moved, in a sentence; empty before anything was. */
  public ReadOnlyObjectProperty<String> moved() {
    return moved.getReadOnlyProperty();
  }

  /** Deletes what is selected; says what was deleted, or why that cannot be. */
  public void deleteSelected() {
    Selection what = selection.get();
    Document.Outcome outcome =
        edit("Deleted " + SelectionEdits.name(what) + ".", s -> SelectionEdits.without(s, what));
    if (outcome instanceof Document.Outcome.Done) {
      selection.set(new Selection.Nothing());
    } else if (what instanceof Selection.OfBox b) {
      message.set(
          b.controller()
              + " was chosen by Bunting for the runs on it. Move the runs, or add a controller of"
              + " your own; then it is not needed.");
    } else {
      message.set("Select a run, a controller or something else on the elevation first.");
    }
  }

  /** Takes the last step back. */
  public void undo() {
    countedNothing();
    document.undo().ifPresent(what -> message.set("Undone: " + what));
  }

  /** Does again what was taken back. */
  public void redo() {
    countedNothing();
    document.redo().ifPresent(what -> message.set("Done again: " + what));
  }

  private void countedNothing() {
    edited = Optional.empty();
    counting = Optional.empty();
    moved.set("");
  }

  /** How many steps can be undone. */
  public int undoSteps() {
    return document.undoSteps();
  }

  /** Saves the show as it is now, planned or not; false and a message where that failed. */
  public boolean save(Path path) {
    try {
      document.save(path);
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

  /** Stops making the plan of the newest version; the show stays as it is. */
  public void cancelPlanning() {
    planning.stop();
    message.set("Planning stopped. The show keeps every edit; what is planned is older.");
  }

  /** Stops improving the first plan: the one that is shown stays. */
  public void keepThisOne() {
    planning.keepThisOne();
    message.set("This plan stays. Nothing moves that you do not touch.");
  }

  /** Stops the search with the best so far. */
  public void stopSearching() {
    planning.stopSearching();
  }

  /** How long the window waits for a plan before it goes on and says that one is being made. */
  public void setPatience(Duration patience) {
    planning.setPatience(patience);
  }

  /** Whether a search follows every plan; without it the first fit stands. */
  public void setSearchesAlong(boolean on) {
    planning.setSearchesAlong(on);
    proposals.setAlong(on);
  }

  /** Whether better plans are searched for in the background. */
  public void setOffersAlong(boolean on) {
    proposals.setAlong(on);
  }

  /** What is being searched, for people; empty while nothing is. */
  public ReadOnlyObjectProperty<String> searching() {
    return planning.searching();
  }

  private void found(Assessment before, Assessment after) {
    double was = before.reading().totals().buildCost();
    double is = after.reading().totals().buildCost();
    ShowSettings settings = after.reading().show().settings();
    if (is < was) {
      message.set(
          "First plan improved: build cost "
              + settings.price(Math.rint(was))
              + " → "
              + settings.price(Math.rint(is))
              + ".");
    }
  }

  /** Says what else an edit changed; of a file that was edited elsewhere, what that changed. */
  private void kept(Kept kept) {
    List<String> because = edited.isPresent() ? kept.otherwise() : kept.because();
    int others = because.size() - 2;
    String more = others > 0 ? " " + Texts.count(others, "more change", "more changes") + "." : "";
    String rest =
        because.isEmpty()
            ? "Nothing else changed."
            : String.join(" ", because.subList(0, Math.min(2, because.size()))) + more;
    if (edited.isPresent()) {
      String what = edited.get();
      message.set(what + (what.matches(".*[.!?]") ? " " : ". ") + rest);
    } else if (!because.isEmpty()) {
      message.set(rest);
    }
    edited = Optional.empty();
  }

  private void planned(Assessment plan) {
    if (planning.isCurrent()) {
      counting.ifPresent(c -> moved.set(c.what() + Moves.between(c.before(), plan).text()));
      counting = Optional.empty();
    }
  }
}
