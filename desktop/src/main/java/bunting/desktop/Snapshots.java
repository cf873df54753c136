package bunting.desktop;

import bunting.core.show.Show;
import bunting.desktop.frame.MainWindow;
import bunting.desktop.model.Selection;
import bunting.desktop.model.Session;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javax.imageio.ImageIO;

/** Pictures of the real window: start, ports by day and night, findings. */
final class Snapshots {
  private Snapshots() {}

  /** Writes one PNG a main view; returns the files. Starts the toolkit if it does not run yet. */
  static List<Path> write(Show show, Path folder, int width, int height) {
    CompletableFuture<List<Path>> done = new CompletableFuture<>();
    Runnable work =
        () -> {
          try {
            done.complete(take(show, folder, width, height));
          } catch (RuntimeException e) {
            done.completeExceptionally(e);
          }
        };
    try {
      Platform.startup(work);
    } catch (IllegalStateException running) {
      Platform.runLater(work);
    }
    try {
      return done.join();
    } catch (CompletionException e) {
      throw e.getCause() instanceof RuntimeException cause ? cause : e;
    }
  }

  private static List<Path> take(Show show, Path folder, int width, int height) {
    Stage stage = new Stage();
    Session session = new Session();
    MainWindow window = new MainWindow(stage, session, () -> session.start(show, Optional.empty()));
    stage.setWidth(width);
    stage.setHeight(height);
    stage.show();
    List<Path> files = new ArrayList<>();
    files.add(picture(stage, folder, "start"));
    window.openDemo();
    session.selection().set(new Selection.OfPort(firstBox(session), 1));
    files.add(picture(stage, folder, "ports-day"));
    window.toggleFindings();
    session
        .assessment()
        .get()
        .flatMap(
            a -> a.findings().stream().filter(f -> f.code().equals("length-mismatch")).findFirst())
        .ifPresent(f -> session.selection().set(new Selection.OfRun(f.subject().id())));
    files.add(picture(stage, folder, "findings"));
    window.toggleFindings();
    window.toggleTheme();
    files.add(picture(stage, folder, "ports-night"));
    stage.hide();
    return files;
  }

  private static String firstBox(Session session) {
    return session.assessment().get().orElseThrow().reading().segments().stream()
        .findFirst()
        .map(s -> s.segment().controller())
        .orElse("");
  }

  private static Path picture(Stage stage, Path folder, String name) {
    stage.getScene().getRoot().applyCss();
    stage.getScene().getRoot().layout();
    WritableImage image = stage.getScene().snapshot(null);
    Path file = folder.resolve(name + ".png");
    try {
      ImageIO.write(SwingFXUtils.fromFXImage(image, null), "png", file.toFile());
    } catch (IOException e) {
      throw new UncheckedIOException("the folder can be written to", e);
    }
    return file;
  }
}
