package bunting.desktop.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.edit.PlaceKind;
import bunting.desktop.session.Selection;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Lists, voltages, reels, types and other lights in the window. */
class SheetsWindowTest extends WindowDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  private String state(FxRobot robot) {
    return onScreen(() -> robot.lookup("#import-state").queryAs(Label.class).getText());
  }

  private void awaitState(FxRobot robot, String start) throws TimeoutException {
    wait(
        () ->
            robot.lookup("#import-state").tryQuery().isPresent() && state(robot).startsWith(start));
  }

  @Test
  void aSpreadsheetIsCorrectedAndTakenIn(FxRobot robot) throws IOException, TimeoutException {
    Path sheet =
        Files.writeString(
            folder.resolve("mine.csv"),
            "Run;Strip;How long;Nodes\nHoist;5V strip 60;5,40 m;\nHub;5V 60/m;;lots\n");
    asks(sheet);
    robot.clickOn("#start-import");
    awaitState(robot, "1 row is wrong");
    TableView<Integer> table = robot.lookup("#import-table").queryTableView();
    onScreen(
        () -> {
          table.getSelectionModel().clearAndSelect(2, table.getColumns().get(5));
          table.getFocusModel().focus(2, table.getColumns().get(5));
          table.requestFocus();
          return true;
        });
    robot.push(KeyCode.F2).push(KeyCode.CONTROL, KeyCode.A).write("48").push(KeyCode.ENTER);
    awaitState(robot, "All rows are sound: 2 runs");
    robot.clickOn("#import-replace");
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().runs()).extracting(Run::pixels).containsExactly(324, 48);
  }

  /** Six eaves in feet, as a newcomer has them: words for the strip, a title, a sum. */
  @Test
  void sixEavesInFeetGoInAtTheFirstAttempt(FxRobot robot) throws IOException, TimeoutException {
    Path sheet =
        Files.writeString(
            folder.resolve("eaves.csv"),
            "Our eaves,,\nProp,What lights,Feet\nEave 1,12V strip 60/m,22 ft 4 in\n"
                + "Eave 2,12V strip 60/m,22' 4\nEave 3,12V strip 60/m,30-2\n"
                + "Eave 4,12V strip 60/m,15 1/2\nEave 5,12V strip 60/m,18.25\n"
                + "Eave 6,12V strip 60/m,18' 3\"\nTotal,,126.83\n");
    asks(sheet);
    robot.clickOn("#start-import");
    awaitState(robot, "All rows are sound: 6 runs");
    robot.clickOn("#import-replace");
    wait(() -> session.assessment().get().isPresent());
    assertThat(show().runs()).extracting(Run::pixels).containsExactly(408, 408, 551, 283, 333, 333);
  }

  @Test
  void headingsAreChosenByTheRowAndKindsByTheirWords(FxRobot robot)
      throws IOException, TimeoutException {
    Path sheet =
        Files.writeString(
            folder.resolve("odd.csv"),
            "name,type,pixels\nStrand,Sort,Nodes\nReed,bullets,50\nLily,bullets,25\n");
    asks(sheet);
    robot.clickOn("#start-import");
    awaitState(robot, "3 rows are wrong");
    TableView<Integer> table = robot.lookup("#import-table").queryTableView();
    onScreen(
        () -> {
          table.getSelectionModel().clearAndSelect(1, table.getColumns().get(1));
          table.requestFocus();
          return true;
        });
    robot.push(KeyCode.H);
    awaitState(robot, "2 rows are wrong");
    onScreen(
        () -> {
          table.getSelectionModel().clearAndSelect(2, table.getColumns().get(1));
          return true;
        });
    ComboBox<PixelType> kind = robot.lookup("#import-kind").queryComboBox();
    onScreen(
        () -> {
          kind.getItems().stream()
              .filter(t -> t.id().equals("5v-string-10"))
              .findFirst()
              .ifPresent(kind::setValue);
          return true;
        });
    awaitState(robot, "All rows are sound: 2 runs");
    robot.clickOn("#import-replace");
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().runs()).extracting(Run::type).containsOnly("5v-string-10");
  }

  @Test
  void theListOfTypesIsGoneThroughByKeys(FxRobot robot) throws IOException, TimeoutException {
    asks(
        Files.writeString(
            folder.resolve("odd.csv"),
            "Name,Type,Nodes\nReed,glow worms,50\nLily,glow worms,25\n"));
    robot.clickOn("#start-import");
    awaitState(robot, "2 rows are wrong");
    TableView<Integer> table = robot.lookup("#import-table").queryTableView();
    does(() -> table.getSelectionModel().clearAndSelect(1, table.getColumns().get(1)));
    focus(robot, "#import-kind");
    robot.push(KeyCode.ALT, KeyCode.DOWN);
    robot.push(KeyCode.DOWN);
    robot.push(KeyCode.DOWN);
    robot.push(KeyCode.ENTER);
    awaitState(robot, "All rows are sound: 2 runs");
  }

  @Test
  void aVoltageIsTakenOver(FxRobot robot) throws TimeoutException {
    simple();
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.V);
    wait(() -> robot.lookup("#take-12").tryQuery().isPresent());
    robot.clickOn("#take-12");
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().runs()).extracting(Run::type).containsOnly("12v-strip-60");
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().runs()).extracting(Run::type).containsOnly("5v-strip-60");
  }

  @Test
  void oneRunOrItsGroupIsTakenOver(FxRobot robot) throws TimeoutException {
    onScreen(
        () -> {
          session.start(
              Show.of(
                  List.of(
                      Run.of("Arch", "5v-strip-60", 200).withGroup(Optional.of("bridge")),
                      Run.of("Rail", "5v-strip-60", 100).withGroup(Optional.of("bridge")),
                      Run.of("Sill", "5v-strip-60", 40))));
          session.selection().set(new Selection.OfRun("Rail"));
          return true;
        });
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.V);
    ComboBox<Object> scope = robot.lookup("#volts-scope").queryComboBox();
    onScreen(
        () -> {
          scope.getSelectionModel().select(1);
          return true;
        });
    wait(() -> !window().busy() && robot.lookup("#take-24").tryQuery().isPresent());
    robot.clickOn("#take-24");
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().run("Arch").orElseThrow().type()).contains("24v");
    assertThat(show().run("Rail").orElseThrow().type()).contains("24v");
    assertThat(show().run("Sill").orElseThrow().type()).isEqualTo("5v-strip-60");
  }

  @Test
  void restsGoIntoTheCutList(FxRobot robot) throws TimeoutException {
    simple();
    robot.push(KeyCode.CONTROL, KeyCode.L);
    wait(() -> robot.lookup("#rests-5v-strip-60").tryQuery().isPresent());
    enter(robot, "#rests-5v-strip-60", "45, 2×43");
    wait(() -> !window().busy());
    assertThat(show().workshop().rests()).hasSize(2);
    assertThat(
            onScreen(
                () ->
                    robot
                        .lookup((Node n) -> n instanceof Label l && l.getText().equals("rest"))
                        .queryAll()
                        .size()))
        .isEqualTo(2);
    enter(robot, "#spare-5v-strip-60", "lots");
    assertThat(show().workshop().sparePercent()).isEmpty();
    assertThat(shown(robot, "Give a number from 0 to 1000.")).isTrue();
  }

  @Test
  void measuredAmpsMoveThePlan(FxRobot robot) {
    simple();
    double before = totals().amps();
    robot.push(KeyCode.CONTROL, KeyCode.T);
    enter(robot, "#which-volts", "5");
    enter(robot, "#which-amps", "6");
    enter(robot, "#which-metres", "5");
    robot.clickOn("#which-ask");
    WaitForAsyncUtils.waitForFxEvents();
    robot.clickOn("#measure-5v-strip-60");
    WaitForAsyncUtils.waitForFxEvents();
    // 6 A over 300 pixels are 20 mA each, where the sheet says 50.
    assertThat(totals().amps()).isCloseTo(before * 20 / 50, within(0.01));
    assertThat(show().catalogue().pixelTypesById().get("5v-strip-60").measured()).isTrue();
  }

  @Test
  void setsAndStringsAreAddedAndCount(FxRobot robot) {
    simple();
    long channels = totals().channels();
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.O);
    robot.clickOn("#set-name").write("Hull");
    robot.clickOn("#set-volts").write("12");
    robot.clickOn("#set-watts").write("24").push(KeyCode.ENTER);
    robot.clickOn("#bulbs-count").write("100");
    robot.clickOn("#bulbs-watts").write("5");
    robot.clickOn("#bulbs-cord").write("7").push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(totals().channels()).isEqualTo(channels + 3);
    assertThat(totals().bulbStrings()).isEqualTo(1);
    onScreen(
        () -> {
          session.selection().set(new Selection.OfPlace(PlaceKind.SET, "Hull"));
          return true;
        });
    enter(robot, "#edit-watts", "36");
    assertThat(show().others().plainSets().getFirst().amps(100)).isEqualTo(3);
    robot.clickOn("#set-add");
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(onScreen(() -> robot.lookup("#others-problem").queryAs(Label.class).getText()))
        .contains("needs volts and watts");
  }

  @Test
  void runsAreTypedAndBoxesKeptAndChanged(FxRobot robot) {
    robot.clickOn("#start-new");
    robot.clickOn("#tape-new").write("Sill 2.4 m").push(KeyCode.ENTER);
    robot.write("Step 96 px").push(KeyCode.ENTER).write("Sill 1 m").push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().runs()).extracting(Run::name).containsExactly("Sill", "Step");
    assertThat(show().runs().getFirst().pixels()).isEqualTo(72);
    onScreen(
        () -> {
          session.selection().set(new Selection.OfBox("C1"));
          return true;
        });
    enter(robot, "#edit-name", "Cellar");
    ComboBox<Object> kind = robot.lookup("#edit-kind").queryComboBox();
    onScreen(
        () -> {
          kind.getSelectionModel().select(2);
          return true;
        });
    enter(robot, "#edit-x", "-1.5");
    var box = show().controllers().orElseThrow().getFirst();
    assertThat(box.id()).isEqualTo("Cellar");
    assertThat(box.type()).isEqualTo("box-8");
    assertThat(box.x()).isEqualTo(-1.5);
    undoAll(robot);
    assertThat(show().controllers()).isEmpty();
  }

  @Test
  void lensesColourAndFeetAreFeet(FxRobot robot) {
    simple();
    robot.push(KeyCode.F5);
    robot.push(KeyCode.DIGIT4);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(onScreen(() -> window().view(SurveyScreen.SCREEN).elevation().lens().get()))
        .isEqualTo(Lens.UNIVERSE);
    for (Lens lens : Lens.values()) {
      robot.clickOn("#lens-" + lens.name().toLowerCase(java.util.Locale.ROOT));
      WaitForAsyncUtils.waitForFxEvents();
      assertThat(onScreen(() -> window().view(SurveyScreen.SCREEN).elevation().lens().get()))
          .isEqualTo(lens);
    }
    robot.clickOn("#edit-feet");
    WaitForAsyncUtils.waitForFxEvents();
    onScreen(
        () -> {
          session.selection().set(new Selection.OfRun("Arch"));
          return true;
        });
    enter(robot, "#edit-length", "12'6\"");
    assertThat(show().run("Arch").orElseThrow().pixels()).isEqualTo(228);
    assertThat(onScreen(() -> robot.lookup("#edit-length").queryAs(TextField.class).getText()))
        .isEqualTo("12'6\"");
    ComboBox<Object> type = robot.lookup("#new-type").queryComboBox();
    onScreen(
        () -> {
          type.getSelectionModel().selectLast();
          return true;
        });
    robot.clickOn("#tool-trace").clickOn(over(1, 2)).clickOn(over(3, 2)).push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().runs().getLast().type()).isEqualTo("24v-string-8-reg");
  }
}
