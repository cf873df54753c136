package bunting.desktop.shell;

import bunting.desktop.session.Preferences;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableBooleanValue;

/** All commands of the window in one table: its own, the way to each screen, and theirs. */
final class Commands {
  private static final Command.Place OPEN = new Command.Place(Command.Menu.FILE, "open");
  private static final Command.Place SAVE = new Command.Place(Command.Menu.FILE, "save");
  private static final Command.Place WRITE = new Command.Place(Command.Menu.FILE, "write");
  private static final Command.Place CLOSE = new Command.Place(Command.Menu.FILE, "close");
  private static final Command.Place BACK = new Command.Place(Command.Menu.EDIT, "back");
  private static final Command.Place FIND = new Command.Place(Command.Menu.EDIT, "find");
  private static final Command.Place LOOK = new Command.Place(Command.Menu.VIEW, "look");
  private static final Command.Place STOP = new Command.Place(Command.Menu.VIEW, "stop");
  private static final Command.Place HELP = new Command.Place(Command.Menu.HELP, "help");

  private final Session session;
  private final ObservableBooleanValue always = Bindings.createBooleanBinding(() -> true);
  private final ObservableBooleanValue open;
  private final List<Command> all = new ArrayList<>();

  Commands(Session session) {
    this.session = session;
    open = Command.whileOpen(session);
  }

  /** What is done with files. */
  void addFiles(MainWindow window, Saving saving, Asker asker) {
    Exports exports = new Exports(session);
    add("new", OPEN, "Begin a new show", "Shortcut+N", always, window::begin);
    add(
        "open",
        OPEN,
        "Open a show or a run list…",
        "Shortcut+O",
        always,
        () -> {
          if (saving.mayLeave()) {
            asker
                .open(
                    "Open a show or a run list",
                    "Shows and run lists",
                    List.of("*.bunting.json", "*.csv", "*.tsv", "*.txt"))
                .ifPresent(session::open);
          }
        });
    add(
        "demo",
        OPEN,
        "Open the Sallow Mill Lantern Fair (demo)",
        "Shortcut+D",
        always,
        window::openDemo);
    add("save", SAVE, "Save", "Shortcut+S", open, () -> saving.save(false));
    add("save-as", SAVE, "Save as…", "Shortcut+Shift+S", open, () -> saving.save(true));
    add(
        "export",
        WRITE,
        "Write the run list as CSV…",
        "Shortcut+E",
        open,
        () -> asker.save("Write the run list", "RUNS.csv").ifPresent(exports::runs));
    add(
        "patch",
        WRITE,
        "Write the patch for the sequences (csv, xlsx, json) or the rig (mvr)…",
        "Shortcut+Shift+E",
        open,
        () -> asker.save("Write the patch", "patch.xlsx").ifPresent(exports::patch));
    add("close", CLOSE, "Leave Bunting", "Shortcut+Q", always, window::close);
  }

  /** What is done to the show, and how one finds one's way in it. */
  void addEdits(Workbench bench, Runnable palette) {
    add("undo", BACK, "Undo", "Shortcut+Z", open, session::undo);
    add("redo", BACK, "Redo", "Shortcut+Shift+Z", open, session::redo);
    add("delete", BACK, "Delete what is selected", "Delete", open, session::deleteSelected);
    add("edit", FIND, "Edit what is selected", "F2", open, bench::focusInspector);
    add("find", FIND, "Find or do…", "Shortcut+K", always, palette);
  }

  /** The way to each screen of the work, and what the screens add. */
  void addScreens(Workbench bench) {
    for (ScreenDefinition<?> s : bench.screens()) {
      s.step()
          .ifPresent(
              step ->
                  all.add(
                      new Command(
                          "go-" + s.id(),
                          new Command.Place(Command.Menu.GO, step),
                          s.command(),
                          s.keys(),
                          open,
                          () -> bench.go(s))));
    }
    all.addAll(bench.additions());
  }

  /** How the window looks, and what it is doing. */
  void addViews(Workbench bench, Preferences preferences) {
    add("findings", LOOK, "Show or hide the findings", "F4", open, bench::toggleFindings);
    add(
        "theme",
        LOOK,
        "Day or night",
        "Shortcut+Shift+D",
        always,
        () -> preferences.change(p -> p.withNight(!p.night())));
    add(
        "stop",
        STOP,
        "Stop the search with the best so far, or a picture that is being drawn",
        "Shortcut+Period",
        open,
        bench::stop);
  }

  /** What helps. */
  void addHelp(javafx.stage.Window owner) {
    add("keys", HELP, "All keys", "F1", always, () -> Questions.keys(owner, all));
    all.add(
        Command.of("caution", HELP, "Before you climb", always, () -> Questions.caution(owner)));
  }

  private void add(
      String id,
      Command.Place place,
      String text,
      String keys,
      ObservableBooleanValue enabled,
      Runnable work) {
    all.add(Command.of(id, place, text, keys, enabled, work));
  }

  List<Command> all() {
    return all;
  }

  Command get(String id) {
    return all.stream().filter(c -> c.id().equals(id)).findFirst().orElseThrow();
  }
}
