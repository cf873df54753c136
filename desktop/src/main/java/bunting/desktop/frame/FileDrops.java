package bunting.desktop.frame;

import bunting.desktop.session.Session;
import bunting.desktop.survey.UnderlayEdits;
import java.nio.file.Path;
import java.util.Locale;
import javafx.scene.Scene;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;

/** Files that are dropped on the window: shows and lists are opened, pictures laid under. */
final class FileDrops {
  private final Session session;
  private final MainWindow window;

  FileDrops(Session session, MainWindow window) {
    this.session = session;
    this.window = window;
  }

  void install(Scene scene) {
    scene.setOnDragOver(
        e -> {
          if (e.getDragboard().hasFiles()) {
            e.acceptTransferModes(TransferMode.COPY);
          }
          e.consume();
        });
    scene.setOnDragDropped(this::drop);
  }

  private void drop(DragEvent e) {
    boolean any = e.getDragboard().hasFiles();
    if (any) {
      take(e.getDragboard().getFiles().getFirst().toPath());
    }
    e.setDropCompleted(any);
    e.consume();
  }

  /** Does with a file what its name says. */
  void take(Path file) {
    String name = file.toString().toLowerCase(Locale.ROOT);
    if (name.endsWith(".xlsx")) {
      window.importSheet(file);
    } else if (name.matches(".*\\.(png|jpe?g|svg)") && session.show().isPresent()) {
      window.go(Screen.ELEVATION);
      UnderlayEdits.lay(session, file);
      window.fitElevation();
    } else if (window.mayLeave()) {
      session.open(file);
    }
  }
}
