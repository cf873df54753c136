package bunting.desktop.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import bunting.core.assess.Reading;
import bunting.core.show.Controller;
import bunting.core.show.Held;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.edit.RunEdits;
import bunting.desktop.line.BoardView;
import bunting.desktop.line.PortsScreen;
import bunting.desktop.session.Selection;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import java.util.stream.IntStream;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Ports, addresses and network in the window. */
class PortsWindowTest extends WindowDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  private void mill() {
    begin(millShow());
  }

  /** Three of its runs are one chain: by itself the planner would rather use free ports. */
  private void chainedMill() {
    List<Held> chain =
        List.of(
            new Held("rim", 1, 300, "Mill", 1, 1),
            new Held("hub", 1, 60, "Mill", 1, 2),
            new Held("gate", 1, 240, "Mill", 1, 3),
            new Held("boat", 1, 100, "Weir", 1, 1));
    begin(millShow().withAllotting(millShow().allotting().withByHand(chain)));
  }

  private static Show millShow() {
    return Show.of(
            List.of(
                Run.of("rim", "12v-strip-60", 300),
                Run.of("hub", "12v-strip-60", 60),
                Run.of("gate", "12v-strip-60", 240),
                Run.of("boat", "5v-strip-60", 100),
                Run.of("owl", "24v-string-8-reg", 84)))
        .withControllers(
            List.of(new Controller("Mill", "box-4", 0, 0), new Controller("Weir", "box-4", 9, 0)));
  }

  private void begin(Show show) {
    onScreen(
        () -> {
          session.start(show);
          window().go(PortsScreen.SCREEN);
          return true;
        });
  }

  private Reading reading() {
    return onScreen(() -> session.assessment().get().orElseThrow().reading());
  }

  private List<String> chain(String box, int port) {
    return reading().port(box, port).orElseThrow().segments().stream()
        .map(s -> s.run().name())
        .toList();
  }

  private Point2D onBoard(double x, double y) {
    return onScreen(
        () -> {
          BoardView board = window().view(PortsScreen.SCREEN).board();
          Bounds at = board.localToScreen(board.getBoundsInLocal());
          return new Point2D(at.getMinX() + x, at.getMinY() + y);
        });
  }

  private void select(String run) {
    onScreen(
        () -> {
          session.selection().set(new Selection.OfRun(run));
          window().view(PortsScreen.SCREEN).board().requestFocus();
          return true;
        });
  }

  @Test
  void aPennantIsDraggedToASparePegAndUndone(FxRobot robot) {
    chainedMill();
    onScreen(
        () -> session.edit("No pins.", s -> s.withAllotting(s.allotting().withByHand(List.of()))));
    assertThat(chain("Mill", 1)).as("the plan is kept").containsExactly("rim", "hub", "gate");
    // The rim's cloth, then the row of spare pegs below it.
    robot.drag(onBoard(150, 80), MouseButton.PRIMARY);
    robot.moveTo(onBoard(180, 110)).moveTo(onBoard(60, 176)).moveTo(onBoard(58, 176));
    robot.drop();
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().allotting().byHand()).extracting(Held::run).containsExactly("rim");
    assertThat(chain("Mill", 1)).containsExactly("hub", "gate");
    assertThat(message())
        .matches("rim moved to Mill port \\d and pinned there\\. Nothing else changed\\.");
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(chain("Mill", 1)).containsExactly("rim", "hub", "gate");
    assertThat(show().allotting().byHand()).isEmpty();
  }

  @Test
  void aPennantIsDraggedAlongItsOwnLine(FxRobot robot) {
    chainedMill();
    double y = 80;
    robot.drag(onBoard(150, y), MouseButton.PRIMARY);
    double end = onScreen(() -> window().view(PortsScreen.SCREEN).board().getWidth()) - 60;
    robot.moveTo(onBoard(200, y)).moveTo(onBoard(end, y)).moveTo(onBoard(end - 2, y));
    robot.drop();
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(chain("Mill", 1)).containsExactly("hub", "gate", "rim");
  }

  @Test
  void whatAPegRefusesItExplains(FxRobot robot) {
    chainedMill();
    onScreen(
        () -> {
          window().view(PortsScreen.SCREEN).board().beginDrag("boat", 1);
          return true;
        });
    select("boat");
    robot.push(KeyCode.ALT, KeyCode.UP);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(message()).contains("12 V").contains("boat");
  }

  @Test
  void keysMoveARunAlongItsLineAndToThePegBelow(FxRobot robot) {
    chainedMill();
    select("gate");
    robot.push(KeyCode.ALT, KeyCode.LEFT);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(chain("Mill", 1)).containsExactly("rim", "gate", "hub");
    robot.push(KeyCode.ALT, KeyCode.DOWN);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(chain("Mill", 1)).containsExactly("rim", "hub");
    assertThat(chain("Mill", 2)).containsExactly("gate");
  }

  @Test
  void theInspectorHoldsCutsJoinsAndLetsGo(FxRobot robot) {
    mill();
    select("rim");
    onScreen(() -> robot.lookup("#hand-hold").queryButton().isVisible());
    fire(robot, "#hand-hold");
    assertThat(show().allotting().byHand()).hasSize(1);
    enter(robot, "#hand-split", "120");
    assertThat(show().allotting().byHand()).extracting(Held::firstPixel).contains(121);
    enter(robot, "#hand-split", "4000");
    assertThat(robot.lookup(".problem").queryAllAs(Label.class))
        .anyMatch(l -> l.getText().contains("pixel from 1 to 299"));
    fire(robot, "#hand-release");
    assertThat(show().allotting().byHand()).extracting(Held::run).doesNotContain("rim");
  }

  @Test
  void anUnplacedRunLearnsWhatWouldPlaceIt(FxRobot robot) throws TimeoutException {
    mill();
    select("owl");
    fire(robot, "#smallest-change");
    wait(() -> robot.lookup("#smallest-do").tryQuery().isPresent());
    fire(robot, "#smallest-do");
    assertThat(reading().decisions().unplaced()).isEmpty();
  }

  @Test
  void aRunLearnsWhatAnotherBoxWouldCostAndGoesThere(FxRobot robot) throws TimeoutException {
    mill();
    select("rim");
    fire(robot, "#next-best");
    wait(() -> robot.lookup("#next-answer").tryQuery().isPresent());
    assertThat(robot.lookup("#next-do").tryQuery()).isEmpty();
    begin(millShow().withRuns(millShow().runs().subList(0, 3)));
    select("rim");
    String here = reading().segmentsOf("rim").getFirst().segment().controller();
    fire(robot, "#next-best");
    wait(() -> robot.lookup("#next-do").tryQuery().isPresent());
    fire(robot, "#next-do");
    wait(() -> !reading().segmentsOf("rim").getFirst().segment().controller().equals(here));
    assertThat(show().run("rim").orElseThrow().pin()).isPresent();
  }

  @Test
  void aBoxLearnsWhatATrunkWouldCost(FxRobot robot) throws TimeoutException {
    mill();
    onScreen(
        () -> {
          session.selection().set(new Selection.OfBox("Mill"));
          return true;
        });
    fire(robot, "#trunk-offer");
    wait(() -> robot.lookup("#trunk-answer").tryQuery().isPresent());
  }

  @Test
  void theSearchGoesOnBesideTheWindow(FxRobot robot) throws TimeoutException {
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      runs.add(Run.of("r" + i, "12v-strip-60", 420 - 10 * i).withSplit(false));
    }
    onScreen(
        () -> {
          session.setSearchesAlong(true);
          session.start(Show.of(runs));
          return true;
        });
    wait(() -> session.searching().get().isEmpty());
    assertThat(reading().decisions().report().searched()).isTrue();
    assertThat(robot.lookup("#keep-plan").tryQuery()).isEmpty();
  }

  @Test
  void addressesAreHandedOutKeptAndTakenBack(FxRobot robot) {
    mill();
    robot.push(KeyCode.F7);
    WaitForAsyncUtils.waitForFxEvents();
    enterText(robot, "#hand-to", "the sequencer");
    fire(robot, "#hand-out");
    assertThat(show().allotting().handOut().orElseThrow().to()).isEqualTo("the sequencer");
    int first = reading().segmentsOf("gate").getFirst().slots().getFirst().firstSlot();
    onScreen(
        () -> {
          session.edit(
              "less",
              s -> RunEdits.added(RunEdits.removed(s, "rim"), Run.of("star", "12v-strip-60", 50)));
          return true;
        });
    assertThat(reading().segmentsOf("gate").getFirst().slots().getFirst().firstSlot())
        .isEqualTo(first);
    assertThat(pills(robot)).contains("new", "gone").doesNotContain("moves");
    fire(robot, "#take-back");
    assertThat(show().allotting().handOut()).isPresent();
    fire(robot, "#take-back-sure");
    assertThat(show().allotting().handOut()).isEmpty();
  }

  private List<String> pills(FxRobot robot) {
    return onScreen(
        () -> robot.lookup(".pill").queryAllAs(Label.class).stream().map(Label::getText).toList());
  }

  private void enterText(FxRobot robot, String id, String text) {
    focus(robot, id);
    robot.write(text);
    WaitForAsyncUtils.waitForFxEvents();
  }

  @Test
  void thePolicyIsChangedAndWrongInputSaysWhatIsRight(FxRobot robot) {
    mill();
    robot.push(KeyCode.F7);
    WaitForAsyncUtils.waitForFxEvents();
    enter(robot, "#policy-start", "0");
    assertThat(onScreen(() -> show().addressing().startUniverse())).isEqualTo(1);
    enter(robot, "#policy-start", "7");
    enter(robot, "#policy-every", "10");
    enter(robot, "#policy-reserved", "10-12 the desk");
    // The other box stays at 20: what has to leave 10 goes to the next such universe that is free.
    assertThat(reading().segments().getFirst().slots().getFirst().universe()).isEqualTo(30);
    assertThat(show().addressing().reserved().getFirst().owner()).isEqualTo("the desk");
    enter(robot, "#tape-find", "gate");
    assertThat(onScreen(() -> session.selection().get())).isEqualTo(new Selection.OfRun("gate"));
    enter(robot, "#tape-find", "nowhere");
    assertThat(message()).contains("nowhere");
  }

  @Test
  void theNetworkSheetTakesAddressesAndSendsToGroups(FxRobot robot) throws Exception {
    mill();
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.N);
    WaitForAsyncUtils.waitForFxEvents();
    ListView<?> links = robot.lookup("#network-links").queryListView();
    assertThat(links.getItems()).hasSize(2);
    enter(robot, "#address-Mill", "10.20.0.77");
    assertThat(show().network().addresses()).containsEntry("Mill", "10.20.0.77");
    enter(robot, "#address-Mill", "mill");
    assertThat(message()).contains("IPv4");
    onScreen(
        () -> {
          robot.lookup("#network-multicast").queryAs(CheckBox.class).fire();
          return true;
        });
    assertThat(show().network().multicast()).isTrue();
    Path file = folder.resolve("rig.mvr");
    when(asker.save(any(), any())).thenReturn(Optional.of(file));
    robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.E);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(Files.size(file)).isPositive();
  }

  @Test
  void twoHundredBoxesAreFoldedAndFound(FxRobot robot) {
    List<Controller> boxes =
        IntStream.rangeClosed(1, 200)
            .mapToObj(i -> new Controller("Box " + i, "box-2", i, 0))
            .toList();
    List<Run> runs =
        IntStream.rangeClosed(1, 200)
            .mapToObj(
                i ->
                    Run.of("run " + i, "12v-strip-60", 40)
                        .withHanging(
                            bunting.core.show.Hanging.straight(
                                new bunting.core.show.Point(i, 1), Optional.empty())))
            .toList();
    begin(Show.of(runs).withControllers(boxes));
    robot.push(KeyCode.CONTROL, KeyCode.B);
    WaitForAsyncUtils.waitForFxEvents();
    enterText(robot, "#box-filter", "box 117");
    ListView<?> rail = robot.lookup("#boxes").queryListView();
    assertThat(rail.getItems()).hasSize(1);
    onScreen(
        () -> {
          rail.getSelectionModel().select(0);
          return true;
        });
    assertThat(onScreen(() -> session.selection().get())).isEqualTo(new Selection.OfBox("Box 117"));
  }
}
