package bunting.desktop.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import bunting.core.assess.Totals;
import bunting.core.show.Course;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Underlay;
import bunting.desktop.frame.Asker;
import bunting.desktop.frame.MainWindow;
import bunting.desktop.model.Selection;
import bunting.desktop.model.Session;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** From a photo to a plan, as a builder does it in the window. */
@ExtendWith(ApplicationExtension.class)
class SurveyWindowTest {
  @TempDir private Path folder = Path.of("");
  private final Asker asker = mock(Asker.class);
  private Session session = new Session();
  private Optional<MainWindow> window = Optional.empty();

  @Start
  void start(Stage stage) {
    session = new Session();
    window = Optional.of(new MainWindow(stage, session, () -> {}, asker));
    stage.show();
  }

  private static <T> T onScreen(Callable<T> work) {
    try {
      T value = WaitForAsyncUtils.asyncFx(work).get(20, TimeUnit.SECONDS);
      WaitForAsyncUtils.waitForFxEvents();
      return value;
    } catch (Exception e) {
      throw new AssertionError(e);
    }
  }

  private Show show() {
    return onScreen(() -> session.show().orElseThrow());
  }

  private Totals totals() {
    return onScreen(() -> session.assessment().get().orElseThrow().reading().totals());
  }

  private Path photo() throws IOException {
    Path file = folder.resolve("mill.png");
    BufferedImage image = new BufferedImage(400, 200, BufferedImage.TYPE_INT_RGB);
    javax.imageio.ImageIO.write(image, "png", file.toFile());
    return file;
  }

  private void asks(Path file) {
    when(asker.open(any(), any(), any())).thenReturn(Optional.of(file));
  }

  /** The point of the screen over a place of the elevation. */
  private Point2D over(double x, double y) {
    return onScreen(
        () -> {
          ElevationView view = window.orElseThrow().elevation();
          Viewport port = view.viewport().orElseThrow();
          Bounds at = view.localToScreen(view.getBoundsInLocal());
          return new Point2D(at.getMinX() + port.x(x), at.getMinY() + port.y(y));
        });
  }

  private void push(FxRobot robot, KeyCode key, int times) {
    for (int i = 0; i < times; i++) {
      robot.push(key);
    }
    WaitForAsyncUtils.waitForFxEvents();
  }

  private void enter(FxRobot robot, String field, String text) {
    focus(robot, field);
    robot.push(KeyCode.CONTROL, KeyCode.A).write(text).push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
  }

  /** As Tab would: what has the keyboard is scrolled into sight. */
  private void focus(FxRobot robot, String node) {
    onScreen(
        () -> {
          robot.lookup(node).query().requestFocus();
          return true;
        });
  }

  private void undoAll(FxRobot robot) {
    int steps = onScreen(() -> session.undoSteps());
    for (int i = 0; i < steps; i++) {
      robot.push(KeyCode.CONTROL, KeyCode.Z);
    }
    WaitForAsyncUtils.waitForFxEvents();
  }

  @Test
  void fromAPhotoToAPlanByMouse(FxRobot robot) throws IOException {
    robot.clickOn("#start-new");
    asks(photo());
    robot.push(KeyCode.CONTROL, KeyCode.U);
    WaitForAsyncUtils.waitForFxEvents();
    Underlay fresh = show().survey().underlay().orElseThrow();
    assertThat(fresh.scaled()).isFalse();

    robot.clickOn("#tool-scale");
    robot.clickOn(over(2, 2)).clickOn(over(12, 2)).write("5").push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    Underlay scaled = show().survey().underlay().orElseThrow();
    assertThat(scaled.scaled()).isTrue();
    assertThat(scaled.metresPerUnit()).isCloseTo(fresh.metresPerUnit() / 2, within(0.002));

    robot.clickOn("#tool-trace");
    robot.clickOn(over(1, 1)).clickOn(over(5, 1.05)).moveTo(over(5.02, 3)).write("2.5");
    robot.push(KeyCode.ENTER).push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    Run run = show().runs().getFirst();
    Course.Traced trace = (Course.Traced) run.hanging().course().orElseThrow();
    assertThat(trace.corners()).hasSize(3);
    Point a = trace.corners().get(1);
    Point b = trace.corners().get(2);
    assertThat(a.y()).as("the first leg was led level").isEqualTo(trace.corners().getFirst().y());
    assertThat(b.x()).as("the second was led plumb").isEqualTo(a.x());
    assertThat(a.distanceTo(b)).as("the typed length overrules the hand").isEqualTo(2.5);
    assertThat(run.pixels()).isEqualTo((int) Math.floor(trace.lengthM() * 30 + 0.003));
    assertThat(onScreen(() -> session.selection().get()))
        .isEqualTo(new Selection.OfRun(run.name()));
    assertThat(totals().portsUsed()).isEqualTo(1);
    assertThat(totals().universes()).isPositive();
    double amps = totals().amps();
    assertThat(amps).isCloseTo(run.pixels() * 0.05, within(1e-6));

    enter(robot, "#edit-length", "4");
    assertThat(show().runs().getFirst().pixels()).isEqualTo(120);
    enter(robot, "#tape-built", "118");
    assertThat(show().runs().getFirst().pixels()).isEqualTo(118);
    assertThat(show().runs().getFirst().plannedPixels()).isEqualTo(120);
    assertThat(totals().amps()).isCloseTo(5.9, within(1e-6));
    assertThat(onScreen(() -> robot.lookup("#tape-moved").queryAs(Label.class).getText()))
        .contains("built 118, planned 120, 2 less");

    undoAll(robot);
    assertThat(show().runs()).isEmpty();
    assertThat(show().survey().underlay()).isEmpty();
  }

  @Test
  void fromAPhotoToAPlanByKeyboardAlone(FxRobot robot) throws IOException {
    robot.push(KeyCode.CONTROL, KeyCode.N);
    asks(photo());
    robot.push(KeyCode.CONTROL, KeyCode.U).push(KeyCode.F5).push(KeyCode.S);
    robot.push(KeyCode.ENTER);
    for (int i = 0; i < 4; i++) {
      robot.push(KeyCode.SHIFT, KeyCode.RIGHT);
    }
    robot.push(KeyCode.ENTER).write("8").push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().survey().underlay().orElseThrow().metresPerUnit())
        .isCloseTo(0.1, within(1e-9));

    robot.push(KeyCode.R).push(KeyCode.ENTER);
    push(robot, KeyCode.RIGHT, 12);
    robot.write("4.35").push(KeyCode.ENTER);
    push(robot, KeyCode.UP, 20);
    robot.push(KeyCode.ENTER).push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    Run run = show().runs().getFirst();
    assertThat(run.lengthM().orElse(0)).isEqualTo(6.35);
    assertThat(run.pixels()).isEqualTo(190);
    assertThat(totals().pixels()).isEqualTo(190);
    assertThat(totals().universes()).isEqualTo(2);

    robot.push(KeyCode.F2).push(KeyCode.CONTROL, KeyCode.A).write("Sluice").push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().run("Sluice")).isPresent();
    robot.push(KeyCode.F7).write("188").push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(totals().pixels()).isEqualTo(188);

    robot.push(KeyCode.F5).push(KeyCode.ALT, KeyCode.RIGHT);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().run("Sluice").orElseThrow().start().x()).isCloseTo(4.1, within(1e-9));
    robot.push(KeyCode.DELETE);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().runs()).isEmpty();
    undoAll(robot);
    assertThat(show().survey().underlay()).isEmpty();
  }

  @Test
  void shapesBoxesAndPlacesAreSetAndMeasured(FxRobot robot) {
    robot.clickOn("#start-new");
    robot.clickOn("#tool-ring").clickOn(over(4, 4));
    WaitForAsyncUtils.waitForFxEvents();
    enter(robot, "#edit-radius", "2");
    Run ring = show().runs().getFirst();
    assertThat(ring.pixels()).isEqualTo((int) Math.floor(4 * Math.PI * 30));
    robot.clickOn("#tool-verticals").clickOn(over(10, 6));
    WaitForAsyncUtils.waitForFxEvents();
    enter(robot, "#edit-lines", "12");
    assertThat(show().runs().get(1).pixels()).isEqualTo(12 * 60);
    robot.clickOn("#tool-box").clickOn(over(8, 1));
    robot.clickOn("#tool-outlet").clickOn(over(1, 1));
    robot.clickOn("#tool-network").clickOn(over(2, 8));
    robot.clickOn("#tool-note").clickOn(over(14, 8));
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(Places.of(show())).hasSize(4);
    assertThat(
            onScreen(
                () ->
                    session
                        .assessment()
                        .get()
                        .orElseThrow()
                        .reading()
                        .decisions()
                        .controllers()
                        .getFirst()
                        .controller()
                        .x()))
        .as("boxes stand where one may stand")
        .isCloseTo(8, within(0.1));
    Point2D note = over(14, 8);
    robot.moveTo(note).press(MouseButton.PRIMARY).moveTo(over(15, 9)).release(MouseButton.PRIMARY);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().survey().notes().getFirst().at().x()).isCloseTo(15, within(0.15));
    enter(robot, "#edit-name", "ivy, do not drill");
    assertThat(show().survey().notes().getFirst().text()).isEqualTo("ivy, do not drill");
    undoAll(robot);
    assertThat(Places.of(show())).isEmpty();
  }

  @Test
  void aDrawnLeadIsMeasured(FxRobot robot) {
    robot.clickOn("#start-new");
    robot.clickOn("#tool-box").clickOn(over(2, 1));
    robot.clickOn("#tool-trace").clickOn(over(8, 1)).clickOn(over(12, 1)).push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    robot.clickOn("#tool-lead").clickOn(over(2, 5)).clickOn(over(8, 5)).push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().runs().getFirst().hanging().route()).hasSize(2);
    double lead =
        onScreen(
            () -> session.assessment().get().orElseThrow().reading().segments().getFirst().leadM());
    assertThat(lead).isCloseTo(4 + 6 + 4 + 1, within(0.3));
  }

  @Test
  void fittingReachesSlots(FxRobot robot) {
    robot.clickOn("#start-new");
    robot.clickOn("#tool-trace").clickOn(over(2, 1)).clickOn(over(12, 1)).push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    int pixels = show().runs().getFirst().pixels();
    enter(robot, "#edit-grouping", "5");
    enter(robot, "#edit-order", "bgr");
    assertThat(show().runs().getFirst().fitting().order()).contains("BGR");
    assertThat(totals().channels()).isEqualTo((pixels + 4) / 5 * 3L);
    focus(robot, "#edit-reversed");
    robot.push(KeyCode.SPACE);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().runs().getFirst().fitting().reversed()).isTrue();
    Point start = show().runs().getFirst().start();
    focus(robot, "#edit-swap");
    robot.push(KeyCode.SPACE);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().runs().getFirst().start()).isNotEqualTo(start);
  }

  @Test
  void aSpreadsheetIsCorrectedAndTakenIn(FxRobot robot) throws IOException {
    Path sheet =
        Files.writeString(
            folder.resolve("mine.csv"),
            "Run;Strip;How long;Nodes\nHoist;5V strip 60;5,40 m;\nHub;5V 60/m;;lots\n");
    asks(sheet);
    robot.clickOn("#start-import");
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(onScreen(() -> robot.lookup("#import-state").queryAs(Label.class).getText()))
        .startsWith("1 row is wrong");
    TableView<Integer> table = robot.lookup("#import-table").queryTableView();
    onScreen(
        () -> {
          table.getSelectionModel().clearAndSelect(1, table.getColumns().get(4));
          table.getFocusModel().focus(1, table.getColumns().get(4));
          table.requestFocus();
          return true;
        });
    robot.push(KeyCode.F2).push(KeyCode.CONTROL, KeyCode.A).write("48").push(KeyCode.ENTER);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(onScreen(() -> robot.lookup("#import-state").queryAs(Label.class).getText()))
        .startsWith("All 2 rows are sound");
    robot.clickOn("#import-replace");
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().runs()).extracting(Run::pixels).containsExactly(324, 48);
  }

  private void simple() {
    onScreen(
        () -> {
          session.start(
              Show.of(
                  List.of(Run.of("Arch", "5v-strip-60", 643), Run.of("Sill", "5v-strip-60", 40))),
              Optional.empty());
          return true;
        });
  }

  private void wait(Callable<Boolean> until) throws TimeoutException {
    WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> onScreen(until));
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
  void restsGoIntoTheCutList(FxRobot robot) throws TimeoutException {
    simple();
    robot.push(KeyCode.CONTROL, KeyCode.L);
    wait(() -> robot.lookup("#rests-5v-strip-60").tryQuery().isPresent());
    enter(robot, "#rests-5v-strip-60", "45, 2×43");
    wait(() -> !window.orElseThrow().busy());
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
          session.selection().set(new Selection.OfPlace(Selection.Kind.SET, "Hull"));
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
    robot.clickOn("#edit-keep");
    WaitForAsyncUtils.waitForFxEvents();
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
    assertThat(onScreen(() -> window.orElseThrow().elevation().lens().get()))
        .isEqualTo(Lens.UNIVERSE);
    for (Lens lens : Lens.values()) {
      robot.clickOn("#lens-" + lens.name().toLowerCase(java.util.Locale.ROOT));
      WaitForAsyncUtils.waitForFxEvents();
      assertThat(onScreen(() -> window.orElseThrow().elevation().lens().get())).isEqualTo(lens);
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
