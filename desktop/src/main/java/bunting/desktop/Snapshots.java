package bunting.desktop;

import bunting.core.show.Show;
import bunting.desktop.line.PortsScreen;
import bunting.desktop.session.Preferences;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import bunting.desktop.shell.MainWindow;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.ScreenView;
import bunting.files.BadInputException;
import bunting.files.WholeFile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.function.Consumer;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import javax.imageio.stream.MemoryCacheImageOutputStream;

/**
 * Pictures of the real window. Each is taken of a window of its own, of the show as it was begun:
 * none depends on another.
 */
final class Snapshots {
  private static final int FRAMES_A_VIEW = 4;

  private Snapshots() {}

  /**
   * A picture: its file name and how a window with the show on it gets there.
   *
   * @param open whether a show is open
   * @param go leads to the screen
   * @param pose brings it, once it has laid itself out, into the state to be seen
   */
  record Shot(
      String name,
      boolean night,
      boolean open,
      Consumer<MainWindow> go,
      Consumer<MainWindow> pose) {}

  /** All pictures, in the order of the work. */
  static List<Shot> all() {
    List<Shot> shots = new ArrayList<>();
    shots.add(new Shot("start", false, false, window -> {}, window -> {}));
    Screens.ALL.forEach(s -> shots.addAll(of(s)));
    shots.add(
        new Shot(
            "findings",
            false,
            true,
            window -> {
              window.go(PortsScreen.SCREEN);
              window.toggleFindings();
            },
            window -> window.chooseFinding(f -> !f.details().isEmpty())));
    return shots;
  }

  /** The pictures of a screen. */
  private static <V extends ScreenView> List<Shot> of(ScreenDefinition<V> screen) {
    return screen.pictures().stream()
        .map(
            p ->
                new Shot(
                    p.name(),
                    p.night(),
                    true,
                    window -> window.go(screen),
                    window -> p.pose().accept(window.desk(), window.view(screen))))
        .toList();
  }

  /** The first picture of a screen, or one by its own name; empty where there is neither. */
  static Optional<Shot> of(String screen) {
    return Screens.ALL.stream()
        .filter(s -> s.id().equals(screen))
        .flatMap(s -> of(s).stream())
        .findFirst()
        .or(() -> all().stream().filter(s -> s.name().equals(screen)).findFirst());
  }

  /** Writes pictures; returns the files. Starts the toolkit if it does not run yet. */
  static List<Path> write(Show show, List<Shot> shots, Path folder, int width, int height) {
    CompletableFuture<List<Path>> done = new CompletableFuture<>();
    Runnable work =
        () -> {
          try {
            new Taker(show, shots.iterator(), folder, width, height, done).start();
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

  /** Takes one picture after the other, each when its view has come to rest. */
  private static final class Taker extends AnimationTimer {
    private final Show show;
    private final Iterator<Shot> shots;
    private final Path folder;
    private final CompletableFuture<List<Path>> done;
    private final List<Path> files = new ArrayList<>();
    private final Stage stage = new Stage();
    private final Session session = new Session();
    private Optional<Shot> now = Optional.empty();
    private Optional<MainWindow> window = Optional.empty();
    private int step;
    private int frames;

    Taker(
        Show show,
        Iterator<Shot> shots,
        Path folder,
        int width,
        int height,
        CompletableFuture<List<Path>> done) {
      this.show = show;
      this.shots = shots;
      this.folder = folder;
      this.done = done;
      session.setPatience(Duration.ofMinutes(5));
      stage.setWidth(width);
      stage.setHeight(height);
      next();
      stage.show();
    }

    /** A few frames to lay itself out, and a big show the time to be planned. */
    @Override
    public void handle(long time) {
      try {
        boolean busy = session.planning().get() || window.filter(MainWindow::busy).isPresent();
        if (busy || ++frames < FRAMES_A_VIEW) {
          return;
        }
        frames = 0;
        switch (step++) {
          case 0 -> now.ifPresent(shot -> window.ifPresent(shot.go()));
          case 1 -> now.ifPresent(shot -> window.ifPresent(shot.pose()));
          default -> {
            now.ifPresent(shot -> files.add(picture(stage, folder, shot.name())));
            next();
          }
        }
      } catch (RuntimeException e) {
        done.completeExceptionally(e);
      }
      if (now.isEmpty() || done.isDone()) {
        stop();
        stage.hide();
        done.complete(files);
      }
    }

    private void next() {
      now = shots.hasNext() ? Optional.of(shots.next()) : Optional.empty();
      step = 0;
      now.ifPresent(
          shot -> {
            boolean open = session.show().isPresent();
            while (session.undoSteps() > 0) {
              session.undo();
            }
            session.selection().set(new Selection.Nothing());
            session.say("");
            Preferences preferences = Preferences.unkept();
            preferences.change(p -> p.withNight(shot.night()));
            double width = stage.getWidth();
            double height = stage.getHeight();
            window =
                Optional.of(
                    new MainWindow(
                        stage, session, preferences, Screens.plan(() -> session.start(show))));
            stage.setWidth(width);
            stage.setHeight(height);
            if (shot.open() && !open) {
              session.start(show);
            }
          });
    }
  }

  private static Path picture(Stage stage, Path folder, String name) {
    WritableImage image = stage.getScene().snapshot(null);
    Path file = folder.resolve(name + ".png");
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    try {
      ImageIO.write(
          SwingFXUtils.fromFXImage(image, null), "png", new MemoryCacheImageOutputStream(png));
      WholeFile.write(file, png.toByteArray());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (BadInputException e) {
      throw new UncheckedIOException(new IOException(e));
    }
    return file;
  }
}
