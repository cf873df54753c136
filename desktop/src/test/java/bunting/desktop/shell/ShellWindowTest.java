package bunting.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.desktop.Screens;
import bunting.desktop.session.Preferences;
import bunting.desktop.survey.SurveyScreen;
import bunting.desktop.survey.WindowDriver;
import bunting.files.ShowFiles;
import bunting.files.UserPreferences;
import bunting.testkit.Shows;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The manners of the window: menus, leaving, what it remembers, and one screen more. */
class ShellWindowTest extends WindowDriver {
  /** A room of its own; with the list below it is all that a screen takes. */
  private static final class LanternsRoom extends StackedView {
    static final ScreenDefinition<LanternsRoom> SCREEN =
        ScreenDefinition.of("lanterns", "Lanterns", "Lanterns", LanternsRoom::new)
            .reachedBy("F12", "Bench: lanterns")
            .pictured("lanterns", (desk, view) -> {});

    LanternsRoom(Desk desk) {
      super(4);
      setId("lanterns");
      setFocusTraversable(true);
      getChildren().add(new Label(desk.session().show().map(s -> s.runs().size()).orElse(0) + ""));
    }

    @Override
    public List<Region> side(Region inspector) {
      return List.of();
    }
  }

  private Optional<Stage> stage = Optional.empty();

  @Start
  void start(Stage on) {
    stage = Optional.of(on);
    preferences = Preferences.in(folder.resolve("window.properties"));
    List<ScreenDefinition<?>> screens = new ArrayList<>(Screens.ALL);
    screens.add(LanternsRoom.SCREEN);
    session = new bunting.desktop.session.Session();
    session.setSearchesAlong(false);
    session.setPatience(java.time.Duration.ofMinutes(2));
    open(
        on,
        session,
        new MainWindow.Plan(screens, Screens.plan(session).first(), SurveyScreen.SCREEN, () -> {}));
  }

  private static List<MenuItem> items(Menu menu) {
    return menu.getItems().stream().filter(i -> i.getId() != null).toList();
  }

  private List<MenuItem> allItems(FxRobot robot) {
    MenuBar bar = robot.lookup("#menus").queryAs(MenuBar.class);
    return bar.getMenus().stream().flatMap(m -> items(m).stream()).toList();
  }

  @Test
  void aScreenMoreIsInTheRailTheMenuAndUnderItsKey(FxRobot robot) {
    simple();
    assertThat(shown(robot, "#step-lanterns")).isTrue();
    assertThat(allItems(robot)).extracting(MenuItem::getId).contains("do-go-lanterns");
    robot.push(KeyCode.F12);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(shown(robot, "#lanterns")).isTrue();
    assertThat(onScreen(() -> robot.lookup("#lanterns").query().isFocused())).isTrue();
    robot.push(KeyCode.F6);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(shown(robot, "#lanterns")).isFalse();
    robot.clickOn("#step-lanterns");
    assertThat(shown(robot, "#lanterns")).isTrue();
  }

  @Test
  void everyCommandHasItsPlaceInAMenuAndNoKeyIsGivenTwice(FxRobot robot) {
    List<MenuItem> all = allItems(robot);
    assertThat(all).extracting(MenuItem::getId).doesNotHaveDuplicates();
    assertThat(all)
        .extracting(MenuItem::getId)
        .contains(
            "do-open",
            "do-save",
            "do-save-as",
            "do-undo",
            "do-redo",
            "do-close",
            "do-theme",
            "do-keys",
            "do-import",
            "do-go-power");
    List<String> keys =
        all.stream()
            .filter(i -> i.getAccelerator() != null)
            .map(i -> i.getAccelerator().getName())
            .collect(Collectors.toList());
    assertThat(keys).doesNotHaveDuplicates().hasSizeGreaterThan(30);
    MenuBar bar = robot.lookup("#menus").queryAs(MenuBar.class);
    assertThat(bar.getMenus().getFirst().getItems().getLast().getId())
        .as("leaving stands last, whatever screens add")
        .isEqualTo("do-close");
    assertThat(keys).as("F10 belongs to the menus").doesNotContain("F10");
    MenuItem save = all.stream().filter(i -> "do-save".equals(i.getId())).findFirst().orElseThrow();
    assertThat(onScreen(save::isDisable)).as("nothing is open").isTrue();
    simple();
    assertThat(onScreen(save::isDisable)).isFalse();
  }

  private boolean closes() {
    return onScreen(
        () -> {
          Stage shown = stage.orElseThrow();
          shown.fireEvent(new WindowEvent(shown, WindowEvent.WINDOW_CLOSE_REQUEST));
          return !shown.isShowing();
        });
  }

  private void edited() {
    simple();
    does(() -> session.editRun("Longer.", "Sill", r -> r.withPixels(41)));
  }

  @Test
  void stayingKeepsTheWindowAndTheEdits() {
    edited();
    when(asker.leaving(any())).thenReturn(Asker.Leaving.STAY);
    assertThat(closes()).isFalse();
    assertThat(show().run("Sill").orElseThrow().pixels()).isEqualTo(41);
  }

  @Test
  void savingOnLeavingWritesTheLastEditsAndThenCloses() throws Exception {
    edited();
    Path file = folder.resolve("fair" + ShowFiles.ENDING);
    when(asker.leaving(any())).thenReturn(Asker.Leaving.SAVE);
    when(asker.save(any(), any())).thenReturn(Optional.of(file));
    assertThat(closes()).isTrue();
    assertThat(ShowFiles.open(file).run("Sill").orElseThrow().pixels()).isEqualTo(41);
    assertThat(UserPreferences.read(folder.resolve("window.properties")).recent())
        .containsExactly(file);
    assertThat(UserPreferences.read(folder.resolve("window.properties")).place()).isPresent();
  }

  @Test
  void aSaveThatIsCalledOffKeepsTheWindow() {
    edited();
    when(asker.leaving(any())).thenReturn(Asker.Leaving.SAVE);
    when(asker.save(any(), any())).thenReturn(Optional.empty());
    assertThat(closes()).isFalse();
    assertThat(onScreen(() -> session.changed().get())).isTrue();
  }

  @Test
  void leavingLeavesTheEditsBehind() throws Exception {
    edited();
    when(asker.leaving(any())).thenReturn(Asker.Leaving.LEAVE);
    assertThat(closes()).isTrue();
    try (var files = Files.list(folder)) {
      assertThat(files.filter(f -> f.toString().endsWith(ShowFiles.ENDING))).isEmpty();
    }
  }

  @Test
  void filesThatWereOpenAreOfferedAgainUntilTheyAreGone(FxRobot robot) throws Exception {
    Path file = folder.resolve("weir" + ShowFiles.ENDING);
    ShowFiles.writeShow(file, Shows.strip("Weir", 30));
    does(() -> session.open(file));
    Menu recent = recent(robot);
    assertThat(recent.getItems()).hasSize(1);
    simple();
    does(() -> recent.getItems().getFirst().fire());
    assertThat(show().run("Weir")).isPresent();
    Files.delete(file);
    does(() -> recent.getItems().getFirst().fire());
    assertThat(onScreen(() -> session.message().get())).contains("not there any more");
    assertThat(onScreen(() -> List.copyOf(recent.getItems()))).isEmpty();
  }

  private static Menu recent(FxRobot robot) {
    MenuBar bar = robot.lookup("#menus").queryAs(MenuBar.class);
    return bar.getMenus().getFirst().getItems().stream()
        .filter(i -> "menu-recent".equals(i.getId()))
        .map(i -> (Menu) i)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void themeUnitsAndCurrencyAreRememberedForTheNextShow(FxRobot robot) {
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.D);
    WaitForAsyncUtils.waitForFxEvents();
    simple();
    enter(robot, "#edit-currency", "CHF");
    robot.clickOn("#edit-feet");
    WaitForAsyncUtils.waitForFxEvents();
    UserPreferences kept = UserPreferences.read(folder.resolve("window.properties"));
    assertThat(kept.night()).isTrue();
    assertThat(kept.currency()).isEqualTo("CHF");
    assertThat(kept.feet()).isTrue();
    when(asker.leaving(any())).thenReturn(Asker.Leaving.LEAVE);
    robot.push(KeyCode.CONTROL, KeyCode.N);
    WaitForAsyncUtils.waitForFxEvents();
    Show fresh = show();
    assertThat(fresh.runs()).isEmpty();
    assertThat(fresh.survey().feet()).isTrue();
    assertThat(fresh.settings().currency()).isEqualTo("CHF");
  }

  @Test
  void aPictureThatIsDroppedIsLaidUnderAndAListIsOpened() throws Exception {
    simple();
    Path picture = photo();
    does(() -> window().take(picture));
    assertThat(show().survey().underlay()).isPresent();
    Path list =
        Files.writeString(folder.resolve("runs.csv"), "name,type,pixels\nWeir,5v-strip-60,12\n");
    when(asker.leaving(any())).thenReturn(Asker.Leaving.LEAVE);
    does(() -> window().take(list));
    assertThat(show().runs()).extracting(Run::name).containsExactly("Weir");
  }
}
