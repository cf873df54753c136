package bunting.desktop;

import bunting.core.show.Show;
import bunting.desktop.frame.MainWindow;
import bunting.desktop.model.Selection;
import bunting.desktop.model.Session;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javax.imageio.ImageIO;

/** Pictures of the real window: start, ports by day and night, findings. */
final class Snapshots {
  private static final int FRAMES_A_VIEW = 4;

  private Snapshots() {}

  /** A view: its file name and how the window gets there from the view before. */
  private record View(String name, Runnable arrange) {}

  /** Writes one PNG a main view; returns the files. Starts the toolkit if it does not run yet. */
  static List<Path> write(Show show, Path folder, int width, int height) {
    CompletableFuture<List<Path>> done = new CompletableFuture<>();
    Runnable work =
        () -> {
          try {
            take(show, folder, width, height, done);
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

  private static void take(
      Show show, Path folder, int width, int height, CompletableFuture<List<Path>> done) {
    Stage stage = new Stage();
    Session session = new Session();
    MainWindow window = new MainWindow(stage, session, () -> session.start(show, Optional.empty()));
    stage.setWidth(width);
    stage.setHeight(height);
    stage.show();
    Iterator<View> views = views(window, session).iterator();
    List<Path> files = new ArrayList<>();
    new AnimationTimer() {
      private Optional<View> now = Optional.empty();
      private int frames;

      /** Each view gets a few frames to lay itself out, and a big show the time to be planned. */
      @Override
      public void handle(long time) {
        try {
          if (session.planning().get() || ++frames < FRAMES_A_VIEW) {
            return;
          }
          frames = 0;
          now.ifPresent(view -> files.add(picture(stage, folder, view.name())));
          now = views.hasNext() ? Optional.of(views.next()) : Optional.empty();
          now.ifPresent(view -> view.arrange().run());
        } catch (RuntimeException e) {
          done.completeExceptionally(e);
        }
        if (now.isEmpty() || done.isDone()) {
          stop();
          stage.hide();
          done.complete(files);
        }
      }
    }.start();
  }

  private static List<View> views(MainWindow window, Session session) {
    return List.of(
        new View("start", () -> {}),
        new View(
            "ports-day",
            () -> {
              window.openDemo();
              session.selection().set(new Selection.OfPort(firstBox(session), 1));
            }),
        new View(
            "findings",
            () -> {
              window.toggleFindings();
              toTheMistake(session);
            }),
        new View(
            "ports-night",
            () -> {
              window.toggleFindings();
              window.toggleTheme();
            }));
  }

  private static void toTheMistake(Session session) {
    session
        .assessment()
        .get()
        .flatMap(
            a -> a.findings().stream().filter(f -> f.code().equals("length-mismatch")).findFirst())
        .ifPresent(f -> session.selection().set(new Selection.OfRun(f.subject().id())));
  }

  private static String firstBox(Session session) {
    return session.assessment().get().stream()
        .flatMap(a -> a.reading().segments().stream())
        .findFirst()
        .map(s -> s.segment().controller())
        .orElse("");
  }

  private static Path picture(Stage stage, Path folder, String name) {
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
