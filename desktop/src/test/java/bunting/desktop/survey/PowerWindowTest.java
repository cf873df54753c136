package bunting.desktop.survey;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import bunting.core.checks.Finding;
import bunting.core.show.InjectionSchool;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.whatif.Loss;
import bunting.core.whatif.Outcome;
import bunting.core.whatif.WhatIf;
import bunting.desktop.power.PowerScreen;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.Slider;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The river, the line, every loss and the quick sheet in the real window. */
class PowerWindowTest extends WindowDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  private void weir() {
    begin(Run.of("Weir", "5v-strip-60", 300));
  }

  /** The owl hangs on the port alone: its board has an input, however the weir is fed. */
  private void weirAndOwl() {
    begin(Run.of("Weir", "5v-strip-60", 300), Run.of("Owl", "5v-strip-60", 60));
  }

  private void begin(Run... runs) {
    onScreen(
        () -> {
          session.start(Show.of(List.of(runs)));
          window().go(PowerScreen.SCREEN);
          return true;
        });
  }

  private Reading reading() {
    return onScreen(() -> session.assessment().get().orElseThrow().reading());
  }

  private List<Integer> posts() {
    return reading().feeds().stream()
        .filter(f -> f.feed().segment().startsWith("Weir"))
        .map(f -> f.feed().atPixel())
        .toList();
  }

  private double postX(FxRobot robot, int pixel) {
    double width = onScreen(() -> robot.lookup("#cord").query().getBoundsInLocal().getWidth());
    return 52 + (pixel - 0.5) * (width - 52 - 18) / 300;
  }

  @Test
  void aPostIsDraggedPlantedAndPulled(FxRobot robot) {
    weir();
    List<Integer> before = posts();
    int last = before.getLast();
    robot.drag(in(robot, "#cord", postX(robot, last), 120), MouseButton.PRIMARY);
    robot.moveTo(in(robot, "#cord", postX(robot, last) - 12, 120));
    robot.moveTo(in(robot, "#cord", postX(robot, last - 30), 120));
    assertThat(posts()).as("nothing is decided while it is in the hand").isEqualTo(before);
    robot.drop();
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(posts()).hasSameSizeAs(before);
    assertThat(posts().getLast()).isBetween(last - 32, last - 28);
    assertThat(message()).contains("A feed of Weir stands at");
    focus(robot, "#cord");
    robot.push(KeyCode.INSERT);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(posts()).hasSize(before.size() + 1);
    robot.push(KeyCode.N).push(KeyCode.N).push(KeyCode.DELETE);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(posts()).hasSize(before.size());
    undoAll(robot);
    assertThat(posts()).isEqualTo(before);
  }

  @Test
  void theKeysMoveAPostByAPixel(FxRobot robot) {
    weir();
    focus(robot, "#cord");
    push(robot, KeyCode.N, 2);
    int at = posts().get(1);
    robot.push(KeyCode.RIGHT);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(posts().get(1)).isEqualTo(at + 1);
    robot.push(KeyCode.SHIFT, KeyCode.LEFT);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(posts().get(1)).isEqualTo(at - 9);
    robot.clickOn("#power-release");
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(posts().get(1)).isEqualTo(at);
  }

  @Test
  void aFuseIsBlownAndComesBack(FxRobot robot) {
    weir();
    focus(robot, "#river");
    robot.push(KeyCode.DOWN).push(KeyCode.SPACE);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(message()).startsWith("Without fuse ").contains("px");
    assertThat(reading().feeds()).as("the plan itself is whole").allMatch(f -> f.amps() > 0);
    robot.push(KeyCode.SPACE);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(message()).isEqualTo("All is whole again.");
  }

  @Test
  void slidersTryAndTheButtonDecides(FxRobot robot) {
    weir();
    double full = totals().amps();
    onScreen(
        () -> {
          robot.lookup("#trial-brightness").queryAs(Slider.class).setValue(40);
          return true;
        });
    assertThat(totals().amps()).isEqualTo(full);
    robot.clickOn("#trial-decide");
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().settings().brightnessPercent()).isEqualTo(40);
    assertThat(totals().amps()).isLessThan(0.5 * full);
    undoAll(robot);
    onScreen(
        () -> {
          robot.lookup("#trial-trim").queryAs(Slider.class).setValue(5.3);
          return true;
        });
    robot.clickOn("#trial-decide");
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().wiring().conductors().supplyVolts(5)).isEqualTo(5.3);
  }

  @Test
  void aLeadIsStretchedByHand(FxRobot robot) {
    weir();
    focus(robot, "#cord");
    push(robot, KeyCode.N, 2);
    FeedReading before =
        reading().feeds().stream()
            .filter(f -> f.feed().segment().startsWith("Weir"))
            .toList()
            .get(1);
    onScreen(
        () -> {
          robot.lookup("#trial-lead").queryAs(Slider.class).setValue(before.lengthM() + 3);
          return true;
        });
    assertThat(reading().feeds())
        .anyMatch(f -> Math.abs(f.lengthM() - before.lengthM() - 3) < 0.11);
  }

  /** Without patience every plan is made beside the window; the show arrives all the same. */
  @Test
  void aLongPlanIsMadeBesideTheWindow(FxRobot robot) throws Exception {
    onScreen(
        () -> {
          session.setPatience(java.time.Duration.ZERO);
          return true;
        });
    weir();
    wait(() -> session.assessment().get().isPresent() && !session.planning().get());
    assertThat(totals().pixels()).isEqualTo(300);
    assertThat(onScreen(() -> robot.lookup("#cord").query().isVisible())).isTrue();
    onScreen(
        () -> {
          session.edit("Longer.", s -> longer(s, 360));
          return true;
        });
    wait(() -> session.assessment().get().orElseThrow().reading().totals().pixels() == 360);
    wait(() -> !session.planning().get());
    assertThat(message()).startsWith("Longer. ");
  }

  private static Show longer(Show show, int pixels) {
    return show.withRun(show.runs().getFirst().withPixels(pixels));
  }

  @Test
  void aSchoolIsChosen(FxRobot robot) {
    weir();
    onScreen(
        () -> {
          robot
              .lookup("#ways-school")
              .<ComboBox<InjectionSchool>>query()
              .setValue(InjectionSchool.FRONT);
          return true;
        });
    assertThat(posts()).containsExactly(1);
    assertThat(onScreen(() -> session.assessment().get().orElseThrow().findings()))
        .anyMatch(f -> f.code().equals("low-volts"));
  }

  /** A trunk past both runs of the box; its tails are chosen, told of, and not dragged. */
  @Test
  void aTrunkPassesTheRuns(FxRobot robot) {
    weirAndOwl();
    onScreen(
        () -> {
          robot
              .lookup("#ways-school")
              .<ComboBox<InjectionSchool>>query()
              .setValue(InjectionSchool.TRUNK);
          return true;
        });
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(reading().trunks()).isNotEmpty();
    assertThat(reading().feeds()).allMatch(f -> f.feed().trunk().isPresent());
    assertThat(onScreen(() -> robot.lookup("#cord-about").queryAs(Label.class).getText()))
        .contains("tails of a trunk")
        .doesNotContain("drag");
    focus(robot, "#cord");
    robot.push(KeyCode.N);
    robot.push(KeyCode.RIGHT);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().wiring().posts()).isEmpty();
  }

  @Test
  void everyLossIsListedAndShownOnTheRiver(FxRobot robot) throws Exception {
    weirAndOwl();
    robot.clickOn("#power-losses");
    wait(() -> !robot.lookup("#loss-table").<TableView<Outcome>>query().getItems().isEmpty());
    List<Outcome> rows =
        onScreen(
            () -> List.copyOf(robot.lookup("#loss-table").<TableView<Outcome>>query().getItems()));
    assertThat(rows).hasSameSizeAs(new WhatIf(reading()).forPeople());
    assertThat(rows)
        .extracting(o -> o.loss().kind())
        .contains(Loss.Kind.FUSE, Loss.Kind.INPUT, Loss.Kind.SUPPLY, Loss.Kind.CONTROLLER);
    assertThat(onScreen(() -> robot.lookup("#loss-summary").queryAs(Label.class).getText()))
        .startsWith(rows.size() + " losses tried");
    focus(robot, "#loss-table");
    robot.push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(message()).startsWith("Without " + rows.getFirst().loss().text());
  }

  /** The first row of the river is the board's input; space takes a wire out of it. */
  @Test
  void aBoardsInputIsLostFromTheRiver(FxRobot robot) {
    weirAndOwl();
    focus(robot, "#river");
    robot.push(KeyCode.HOME);
    robot.push(KeyCode.SPACE);
    WaitForAsyncUtils.waitForFxEvents();
    String board = reading().decisions().inputs().getFirst().board();
    assertThat(message()).startsWith("Without input wire " + board + ":");
    robot.push(KeyCode.SPACE);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(message()).isEqualTo("All is whole again.");
  }

  /** What full white would exceed is one finding; chosen, it lists each thing with its setting. */
  @Test
  void whatFullWhiteWouldExceedIsListedLineByLine(FxRobot robot) {
    weir();
    onScreen(
        () -> {
          session.edit(
              "Dimmer.",
              s -> s.withSettings(s.settings().withBrightness(25)).withAccepted(Optional.empty()));
          return true;
        });
    robot.push(KeyCode.F4);
    WaitForAsyncUtils.waitForFxEvents();
    onScreen(
        () -> {
          ListView<Finding> list = robot.lookup("#findings").<ListView<Finding>>query();
          list.getItems().stream()
              .filter(f -> f.code().equals("full-white"))
              .findFirst()
              .ifPresent(list.getSelectionModel()::select);
          return true;
        });
    ListView<String> details = robot.lookup("#finding-details").<ListView<String>>query();
    assertThat(onScreen(details::isVisible)).isTrue();
    assertThat(onScreen(() -> List.copyOf(details.getItems())))
        .isNotEmpty()
        .allSatisfy(line -> assertThat(line).contains("kept by"));
  }

  @Test
  void theQuickSheetAnswersWithoutAShow(FxRobot robot) throws Exception {
    weir();
    robot.push(KeyCode.CONTROL, KeyCode.J);
    wait(() -> answer(robot).contains("4 feeds hold"));
    enter(robot, "#quick-pixels", "60");
    wait(() -> answer(robot).startsWith("One feed holds"));
    enter(robot, "#quick-pixels", "nothing");
    assertThat(shown(robot, "Give a whole number from 1 to 5000.")).isTrue();
  }

  private static String answer(FxRobot robot) {
    return robot.lookup("#quick-answer").queryAs(Label.class).getText();
  }
}
