package bunting.desktop;

import bunting.core.plan.HandOuts;
import bunting.core.show.Show;
import bunting.core.show.edit.RunEdits;
import bunting.desktop.frame.MainWindow;
import bunting.desktop.frame.Screen;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import bunting.desktop.survey.Lens;
import bunting.desktop.survey.Viewport;
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
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import javax.imageio.stream.MemoryCacheImageOutputStream;

/** Pictures of the real window, one of each main view. */
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
    session.setPatience(Duration.ofMinutes(5));
    MainWindow window = new MainWindow(stage, session, () -> session.start(show));
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
          if (session.planning().get() || window.busy() || ++frames < FRAMES_A_VIEW) {
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
            "survey",
            () -> {
              window.toggleFindings();
              window.go(Screen.ELEVATION);
              session.selection().set(new Selection.OfRun("Sluice gate"));
              window.elevation().show(new Viewport.Box(0, -1, 17, 10));
            }),
        new View(
            "survey-ports",
            () -> {
              session.selection().set(new Selection.Nothing());
              window.elevation().lens().set(Lens.PORT);
              window.elevation().show(new Viewport.Box(18, -2, 58, 10));
            }),
        new View(
            "ports-drag",
            () -> {
              window.go(Screen.PORTS);
              session.selection().set(new Selection.OfRun("Sack hoist"));
              window.board().beginDrag("Sack hoist", 1);
              window.board().carryTo(150, 353);
            }),
        new View(
            "addresses",
            () -> {
              window.board().letGo();
              window.go(Screen.TAPE);
              handOutAndGoOn(session);
            }),
        new View("network", () -> window.go(Screen.NETWORK)),
        new View(
            "power-day",
            () -> {
              session.undo();
              session.undo();
              session.selection().set(new Selection.OfRun("Wheel rim upper"));
              window.go(Screen.POWER);
            }),
        new View("power-post", () -> window.power().carryPost(1, 430)),
        new View(
            "power-fuse",
            () -> {
              window.power().reset();
              window.power().blow(2);
            }),
        new View("losses", () -> window.go(Screen.LOSSES)),
        new View("quick-sheet", () -> window.go(Screen.QUICK)),
        new View(
            "cut-list",
            () -> {
              window.power().reset();
              session.selection().set(new Selection.Nothing());
              window.go(Screen.CUT);
            }),
        new View("voltages", () -> window.go(Screen.VOLTS)),
        new View("other-lights", () -> window.go(Screen.OTHERS)),
        new View(
            "survey-white-test",
            () -> {
              window.go(Screen.ELEVATION);
              window.elevation().lens().set(Lens.WHITE);
              window.elevation().show(new Viewport.Box(60, -2, 88, 10));
              window.toggleTheme();
            }),
        new View("ports-night", () -> window.go(Screen.PORTS)),
        new View("power-night", () -> window.go(Screen.POWER)));
  }

  /** The addresses are handed out; then a boat and a longer gate come. */
  private static void handOutAndGoOn(Session session) {
    session
        .assessment()
        .get()
        .ifPresent(
            plan -> {
              session.edit(
                  "Handed out.",
                  s -> HandOuts.handOut(s, plan.reading(), "2026-11-03", "the sequencer"));
              session
                  .show()
                  .flatMap(s -> s.run("Boat 5"))
                  .ifPresent(
                      boat ->
                          session.edit(
                              "A boat more, and a longer gate.",
                              s ->
                                  RunEdits.added(
                                      RunEdits.changed(s, "Sluice gate", r -> r.withPixels(260)),
                                      boat.withName("Boat 6"))));
              session.selection().set(new Selection.OfRun("Boat 6"));
            });
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
