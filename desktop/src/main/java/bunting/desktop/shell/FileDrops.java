package bunting.desktop.shell;

import java.nio.file.Path;
import java.util.function.Consumer;
import javafx.scene.Scene;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;

/** Files that are dropped on the window. */
final class FileDrops {
  private FileDrops() {}

  /**
   * @param take does with a file what its name says
   */
  static void install(Scene scene, Consumer<Path> take) {
    scene.setOnDragOver(
        e -> {
          if (e.getDragboard().hasFiles()) {
            e.acceptTransferModes(TransferMode.COPY);
          }
          e.consume();
        });
    scene.setOnDragDropped(e -> drop(e, take));
  }

  private static void drop(DragEvent e, Consumer<Path> take) {
    boolean any = e.getDragboard().hasFiles();
    if (any) {
      take.accept(e.getDragboard().getFiles().getFirst().toPath());
    }
    e.setDropCompleted(any);
    e.consume();
  }
}
