package bunting.desktop.frame;

import bunting.core.plan.Assessment;
import bunting.desktop.model.Session;
import bunting.files.BadInputException;
import bunting.files.Papers;
import bunting.files.ShowFiles;
import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableBooleanValue;
import javafx.scene.input.KeyCombination;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** All commands of the window in one table. */
final class Commands {
  private final Session session;
  private final List<Command> all = new ArrayList<>();

  Commands(Session session, MainWindow window) {
    this.session = session;
    ObservableBooleanValue always = Bindings.createBooleanBinding(() -> true);
    ObservableBooleanValue open =
        Bindings.createBooleanBinding(
            () -> session.assessment().get().isPresent(), session.assessment());
    add(
        "open",
        "Open a show or a run list…",
        "Shortcut+O",
        always,
        () -> {
          if (window.mayLeave()) {
            chooseAndOpen(window.owner());
          }
        });
    add("demo", "Open the Sallow Mill Lantern Fair (demo)", "Shortcut+D", always, window::openDemo);
    add("save", "Save", "Shortcut+S", open, () -> save(window.owner(), false));
    add("save-as", "Save as…", "Shortcut+Shift+S", open, () -> save(window.owner(), true));
    add("undo", "Undo", "Shortcut+Z", open, session::undo);
    add("redo", "Redo", "Shortcut+Shift+Z", open, session::redo);
    add("findings", "Show or hide the findings", "F4", open, window::toggleFindings);
    add("board", "Go to the lines", "F6", open, window::focusBoard);
    add("edit", "Edit what is selected", "F2", open, window::focusInspector);
    add(
        "papers",
        "Write the papers (box-lid cards, patch table)…",
        "Shortcut+P",
        open,
        () -> papers(window.owner()));
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

  private void chooseAndOpen(Window owner) {
    FileChooser chooser = new FileChooser();
    chooser.setTitle("Open a show or a run list");
    chooser
        .getExtensionFilters()
        .add(
            new FileChooser.ExtensionFilter(
                "Shows and run lists", "*.bunting.json", "*.csv", "*.tsv", "*.txt"));
    File file = chooser.showOpenDialog(owner);
    if (file != null) {
      session.open(file.toPath());
    }
  }

  private void save(Window owner, boolean elsewhere) {
    Optional<Path> target = elsewhere ? Optional.empty() : session.file().get();
    if (target.isEmpty()) {
      FileChooser chooser = new FileChooser();
      chooser.setTitle("Save the show");
      chooser.setInitialFileName("show" + ShowFiles.ENDING);
      target = Optional.ofNullable(chooser.showSaveDialog(owner)).map(File::toPath);
    }
    target.ifPresent(session::save);
  }

  private void papers(Window owner) {
    DirectoryChooser chooser = new DirectoryChooser();
    chooser.setTitle("Folder for the papers");
    File folder = chooser.showDialog(owner);
    if (folder == null) {
      return;
    }
    try {
      Assessment plan = session.assessment().get().orElseThrow();
      int count = Papers.write(plan, folder.toPath()).size();
      session.say(count + " papers are in " + folder.getName() + ".");
    } catch (BadInputException e) {
      session.say(e.getMessage());
    }
  }
}
