package bunting.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.plan.Keeping;
import bunting.core.ports.SearchWatch;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.edit.RunEdits;
import bunting.desktop.Screens;
import bunting.desktop.line.PortsScreen;
import bunting.desktop.session.Background;
import bunting.desktop.session.Planning;
import bunting.desktop.session.Session;
import bunting.desktop.survey.WindowDriver;
import bunting.files.ShowFiles;
import bunting.testkit.Shows;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ListView;
import javafx.scene.control.TableView;
import javafx.scene.image.PixelReader;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Of a show that was left nothing is to be seen, although the next one has no plan yet. */
class OpenedShowWindowTest extends WindowDriver {
  private final AtomicInteger searches = new AtomicInteger();
  private CountDownLatch gate = new CountDownLatch(0);
  private Optional<Stage> stage = Optional.empty();

  @Start
  void start(Stage on) {
    stage = Optional.of(on);
    Planning.Engine engine =
        new Planning.Engine() {
          @Override
          public Assessment sketch(Show show, SearchWatch watch) {
            try {
              gate.await();
            } catch (InterruptedException e) {
              Thread.currentThread().interrupt();
            }
            return Assessor.sketch(show, watch);
          }

          @Override
          public Assessment search(Show show, SearchWatch watch) {
            searches.incrementAndGet();
            return Assessor.sketch(show);
          }
        };
    Session held = new Session(engine, Background.ofWindow());
    held.setPatience(Duration.ZERO);
    open(on, held);
  }

  @AfterEach
  void letGo() {
    gate.countDown();
  }

  private static List<String> texts(Node node) {
    List<String> all = new ArrayList<>();
    if (node instanceof Text t && node.isVisible()) {
      all.add(t.getText());
    }
    if (node instanceof ListView<?> l) {
      l.getItems().forEach(i -> all.add(i.toString()));
    }
    if (node instanceof TableView<?> t) {
      t.getItems().forEach(i -> all.add(i.toString()));
    }
    if (node instanceof Parent p && node.isVisible()) {
      p.getChildrenUnmodifiable().forEach(c -> all.addAll(texts(c)));
    }
    return all;
  }

  private void visit(ScreenDefinition<?> screen) {
    does(() -> window().go(screen));
    WaitForAsyncUtils.waitForFxEvents();
  }

  @Test
  void nothingOfTheShowBeforeIsLeftOnAnyScreen() {
    does(
        () ->
            session.start(
                Shows.of(
                    Run.of("Alpha one", Shows.STRIP, 300), Run.of("Alpha two", Shows.STRIP, 90))));
    wait(() -> session.plans().isCurrent());
    List<ScreenDefinition<?>> work =
        Screens.ALL.stream().filter(s -> s.step().isPresent()).toList();
    for (ScreenDefinition<?> s : work) {
      visit(s);
      wait(() -> !window().busy());
    }
    does(window()::toggleFindings);
    gate = new CountDownLatch(1);
    does(() -> session.start(Shows.strip("Beta", 40)));
    for (ScreenDefinition<?> s : work) {
      visit(s);
      List<String> old =
          onScreen(
              () ->
                  texts(stage.orElseThrow().getScene().getRoot()).stream()
                      .filter(t -> t.contains("Alpha"))
                      .toList());
      assertThat(old).as(s.id()).isEmpty();
    }
    gate.countDown();
    wait(() -> session.plans().isCurrent());
    visit(work.getFirst());
    assertThat(onScreen(() -> texts(stage.orElseThrow().getScene().getRoot())))
        .anyMatch(t -> t.contains("Beta"));
  }

  @Test
  void aFirstPlanIsSeenComing() {
    gate = new CountDownLatch(1);
    does(() -> session.start(Shows.strip("Beta", 40)));
    visit(PortsScreen.SCREEN);
    assertThat(colours()).as("the run, waiting for its port").hasSizeGreaterThan(2);
    gate.countDown();
    wait(() -> session.plans().isCurrent());
    assertThat(onScreen(() -> session.plans().progress().get()))
        .isEqualTo(new Planning.Progress(1, 1));
  }

  private Set<Integer> colours() {
    return onScreen(
        () -> {
          Region board = window().view(PortsScreen.SCREEN).board();
          PixelReader image = board.snapshot(null, null).getPixelReader();
          Set<Integer> all = new HashSet<>();
          for (int x = 10; x < board.getWidth() - 10; x++) {
            for (int y = 60; y < board.getHeight() - 10; y++) {
              all.add(image.getArgb(x, y));
            }
          }
          return all;
        });
  }

  /** The planner is held back: what is drawn is what the file has. */
  @Test
  void aBigShowIsDrawnAsItWasSaved() throws Exception {
    List<Run> runs =
        IntStream.rangeClosed(1, 1500).mapToObj(i -> Run.of("Run " + i, Shows.STRIP, 50)).toList();
    Show saved = Keeping.accept(Assessor.sketch(Show.of(runs)).reading());
    Path file = Files.createTempDirectory("big").resolve("big" + ShowFiles.ENDING);
    ShowFiles.writeShow(file, saved);
    visit(PortsScreen.SCREEN);
    gate = new CountDownLatch(1);
    int controllers =
        onScreen(
            () -> {
              session.open(file);
              Parent root = stage.orElseThrow().getScene().getRoot();
              root.applyCss();
              root.layout();
              return ((ListView<?>) root.lookup("#boxes")).getItems().size();
            });
    assertThat(controllers)
        .isEqualTo(saved.accepted().orElseThrow().decisions().controllers().size());
    assertThat(onScreen(() -> session.plans().isCurrent())).isTrue();
    assertThat(colours()).as("lines of ports").hasSizeGreaterThan(2);
    gate.countDown();
    does(() -> session.edit("Renamed.", s -> RunEdits.renamed(s, "Run 1", "First")));
    wait(() -> session.plans().isCurrent());
    assertThat(message()).isEqualTo("Renamed. Nothing else changed.");
  }

  /** A show without runs has nothing to search for. */
  @Test
  void aNewShowIsNotSearched() {
    does(() -> session.start(Show.of(List.of())));
    wait(() -> session.plans().isCurrent());
    assertThat(onScreen(() -> session.searching().get())).isEmpty();
    assertThat(searches.get()).isZero();
    does(() -> session.start(Shows.strip("Beta", 40)));
    wait(() -> searches.get() > 0);
  }
}
