package bunting.desktop.frame;

import bunting.core.compare.RunDifference;
import bunting.core.plan.Assessment;
import bunting.core.show.Show;
import bunting.desktop.session.Session;
import bunting.desktop.survey.UnderlayEdits;
import bunting.files.BadInputException;
import bunting.files.Papers;
import bunting.files.PatchExports;
import bunting.files.ShowFiles;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableBooleanValue;
import javafx.scene.input.KeyCombination;

/** All commands of the window in one table. */
final class Commands {
  private final Session session;
  private final Asker asker;
  private final List<Command> all = new ArrayList<>();

  Commands(Session session, MainWindow window, Asker asker) {
    this.session = session;
    this.asker = asker;
    ObservableBooleanValue always = Bindings.createBooleanBinding(() -> true);
    ObservableBooleanValue open =
        Bindings.createBooleanBinding(() -> session.show().isPresent(), session.document().show());
    add(
        "new",
        "Begin a new show",
        "Shortcut+N",
        always,
        () -> {
          if (window.mayLeave()) {
            session.start(Show.of(List.of()));
            window.go(Screen.ELEVATION);
          }
        });
    add(
        "open",
        "Open a show or a run list…",
        "Shortcut+O",
        always,
        () -> {
          if (window.mayLeave()) {
            asker
                .open(
                    "Open a show or a run list",
                    "Shows and run lists",
                    List.of("*.bunting.json", "*.csv", "*.tsv", "*.txt"))
                .ifPresent(session::open);
          }
        });
    add("demo", "Open the Sallow Mill Lantern Fair (demo)", "Shortcut+D", always, window::openDemo);
    add(
        "import",
        "Take in a spreadsheet with any headings…",
        "Shortcut+I",
        always,
        () ->
            asker
                .open("Take in a spreadsheet", "Spreadsheets", List.of("*.csv", "*.tsv", "*.xlsx"))
                .ifPresent(window::importSheet));
    add(
        "export",
        "Write the run list as CSV…",
        "Shortcut+E",
        open,
        () -> asker.save("Write the run list", "RUNS.csv").ifPresent(this::export));
    add(
        "patch",
        "Write the patch for the sequences (csv, xlsx, json) or the rig (mvr)…",
        "Shortcut+Shift+E",
        open,
        () -> asker.save("Write the patch", "patch.xlsx").ifPresent(this::patch));
    add(
        "underlay",
        "Lay a photo or a drawing under the elevation…",
        "Shortcut+U",
        open,
        () ->
            asker
                .open(
                    "Lay a picture under", "Pictures", List.of("*.png", "*.jpg", "*.jpeg", "*.svg"))
                .ifPresent(
                    f -> {
                      window.go(Screen.ELEVATION);
                      UnderlayEdits.lay(session, f);
                      window.fitElevation();
                    }));
    add(
        "underlay-away",
        "Take the picture away",
        "Shortcut+Shift+U",
        open,
        () -> UnderlayEdits.remove(session));
    add("save", "Save", "Shortcut+S", open, () -> save(false));
    add("save-as", "Save as…", "Shortcut+Shift+S", open, () -> save(true));
    add("undo", "Undo", "Shortcut+Z", open, session::undo);
    add("redo", "Redo", "Shortcut+Shift+Z", open, session::redo);
    add("survey", "Go to the elevation", "F5", open, () -> window.go(Screen.ELEVATION));
    add("board", "Go to the lines", "F6", open, () -> window.go(Screen.PORTS));
    add("addresses", "Go to the universe tape", "F9", open, () -> window.go(Screen.TAPE));
    add("network", "Network sheet", "Shortcut+Shift+N", open, () -> window.go(Screen.NETWORK));
    add("power", "Go to the river and the line", "F10", open, () -> window.go(Screen.POWER));
    add(
        "losses",
        "Lose any one part: every case, worst first",
        "Shortcut+Shift+L",
        open,
        () -> window.go(Screen.LOSSES));
    add(
        "quick",
        "Quick sheet: how far with this strip and this wire",
        "Shortcut+J",
        open,
        () -> window.go(Screen.QUICK));
    add("fold", "Fold or open all boxes", "Shortcut+B", open, () -> window.board().foldAll());
    add(
        "stop",
        "Stop the search with the best so far, or a picture that is being drawn",
        "Shortcut+Period",
        open,
        () -> {
          session.stopSearching();
          window.elevation().stopDrawing();
        });
    add("cut", "Cut list", "Shortcut+L", open, () -> window.go(Screen.CUT));
    add("volts", "Compare voltages", "Shortcut+Shift+V", open, () -> window.go(Screen.VOLTS));
    add(
        "others",
        "Plain sets and bulb strings",
        "Shortcut+Shift+O",
        open,
        () -> window.go(Screen.OTHERS));
    add("which", "Which pixel type is mine?", "Shortcut+T", open, () -> window.go(Screen.WHICH));
    add("tape", "Enter built counts", "F7", open, window::focusTape);
    add("findings", "Show or hide the findings", "F4", open, window::toggleFindings);
    add("edit", "Edit what is selected", "F2", open, window::focusInspector);
    add(
        "papers",
        "Write the papers (cards, patch table, count sheet, cut and order lists)…",
        "Shortcut+P",
        open,
        () -> asker.folder("Folder for the papers").ifPresent(this::papers));
    add("theme", "Day or night", "F8", always, window::toggleTheme);
    add("find", "Find or do…", "Shortcut+K", always, window::openPalette);
  }

  private void add(
      String id, String text, String keys, ObservableBooleanValue enabled, Runnable work) {
    all.add(new Command(id, text, Optional.of(KeyCombination.keyCombination(keys)), enabled, work));
  }

  List<Command> all() {
    return all;
  }

  Command get(String id) {
    return all.stream().filter(c -> c.id().equals(id)).findFirst().orElseThrow();
  }

  private void save(boolean elsewhere) {
    Optional<Path> own = elsewhere ? Optional.empty() : session.file().get();
    if (own.isPresent() && session.document().isChangedByOthers()) {
      settle(own.get());
    } else {
      own.or(() -> asker.save("Save the show", "show" + ShowFiles.ENDING)).ifPresent(session::save);
    }
  }

  /** Another program changed the file since it was read or written here. */
  private void settle(Path file) {
    Asker.Whose whose = asker.changedByOthers(file);
    while (whose == Asker.Whose.COMPARE) {
      try {
        asker.compare(RunDifference.between(session.show().orElseThrow(), ShowFiles.open(file)));
        whose = asker.changedByOthers(file);
      } catch (BadInputException e) {
        session.say("The file cannot be compared: " + e.getMessage());
        return;
      }
    }
    switch (whose) {
      case MINE -> session.save(file);
      case THEIRS -> session.open(file);
      case NEITHER, COMPARE -> session.say("Nothing was saved; the file is as the other left it.");
    }
  }

  /** A plan of the show as it is now; empty, and a message, while there is none. */
  private Optional<Assessment> newest() {
    if (session.plans().isCurrent()) {
      return session.assessment().get();
    }
    session.say("The plan of the last edit is not made yet; write it when it is.");
    return Optional.empty();
  }

  private void export(Path file) {
    try {
      ShowFiles.writeRuns(file, session.show().orElseThrow(), own());
      session.say("The run list is in " + file.getFileName() + ".");
    } catch (BadInputException e) {
      session.say(String.valueOf(e.getMessage()));
    }
  }

  private void patch(Path file) {
    try {
      Optional<Assessment> plan = newest();
      if (plan.isPresent()) {
        PatchExports.write(plan.get(), file, own());
        session.say("The patch is in " + file.getFileName() + ".");
      }
    } catch (BadInputException e) {
      session.say(String.valueOf(e.getMessage()));
    }
  }

  /** Cutting and typesetting take seconds: they are done beside the interface. */
  private void papers(Path folder) {
    newest()
        .ifPresent(
            plan -> {
              session.say("The papers are being written…");
              Path[] own = own();
              session
                  .background()
                  .run(
                      "writing the papers",
                      job -> written(plan, folder, own),
                      session::say,
                      session::say);
            });
  }

  /** What no export may write over: the show's own file. */
  private Path[] own() {
    return session.file().get().stream().toArray(Path[]::new);
  }

  private static String written(Assessment plan, Path folder, Path[] own) {
    try {
      return Papers.write(plan, folder, own).size()
          + " papers are in "
          + folder.getFileName()
          + ".";
    } catch (BadInputException e) {
      return String.valueOf(e.getMessage());
    }
  }
}
