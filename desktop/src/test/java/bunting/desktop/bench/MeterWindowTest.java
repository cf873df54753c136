package bunting.desktop.bench;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.meter.MeterSheet;
import bunting.core.show.BenchNotes;
import bunting.core.show.Texts;
import bunting.files.ShowFiles;
import java.nio.file.Path;
import java.util.Map;
import javafx.scene.control.TableView;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The meter in the real window: what it should read, what it read, what is planned by it. */
class MeterWindowTest extends BenchDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  @Test
  void readingsAreJudgedKeptWithTheShowAndUndone(FxRobot robot) throws Exception {
    floor();
    does(() -> window().go(MeterScreen.SCREEN));
    wait(() -> !rows(robot).getItems().isEmpty());
    does(() -> rows(robot).getSelectionModel().select(0));
    enter(robot, "#meter-entry", "3.9");
    assertThat(onScreen(() -> show().bench().readings())).hasSize(1);
    wait(() -> !window().view(MeterScreen.SCREEN).busy());
    assertThat(text(robot, "#meter-tells")).doesNotContain("All that was read is right");
    enter(robot, "#meter-entry", "volts");
    assertThat(show().bench().readings()).hasSize(1);
    Path file = folder.resolve("mill.bunting.json");
    does(() -> session.save(file));
    assertThat(ShowFiles.readShow(file).bench()).isEqualTo(show().bench());
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    focus(robot, "#meter-table");
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().bench().readings()).isEmpty();
  }

  @Test
  void theSuppliesOwnReadingMovesWhatIsExpected(FxRobot robot) {
    floor();
    does(() -> window().go(MeterScreen.SCREEN));
    wait(() -> !rows(robot).getItems().isEmpty());
    double before = expected(robot);
    enter(robot, "#meter-supply-5", "5.3");
    wait(() -> !window().view(MeterScreen.SCREEN).busy());
    assertThat(onScreen(() -> show().bench().supplyVolts())).containsExactly(Map.entry(5.0, 5.3));
    assertThat(onScreen(() -> expected(robot))).isBetween(before + 0.1, before + 0.4);
    enter(robot, "#meter-supply-5", "53");
    assertThat(onScreen(() -> show().bench().supplyVolts())).containsExactly(Map.entry(5.0, 5.3));
    focus(robot, "#meter-table");
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    wait(() -> expected(robot) == before);
    assertThat(onScreen(() -> show().bench().supplyVolts())).isEmpty();
  }

  private static double expected(FxRobot robot) {
    return ((MeterSheet.Volts) rows(robot).getItems().getFirst()).volts();
  }

  @Test
  void aLeadThatMeasuresTooMuchIsPlannedAsItIs(FxRobot robot) {
    floor();
    does(() -> window().go(MeterScreen.SCREEN));
    wait(() -> !rows(robot).getItems().isEmpty());
    MeterSheet.Volts low = startOf(robot, "Weir");
    MeterSheet.Volts right = startOf(robot, "Owl");
    does(
        () ->
            session.edit(
                "Readings.",
                s ->
                    s.withBench(
                        s.bench()
                            .read(
                                new BenchNotes.Reading("Weir", 1, low.volts() - 0.4, "white", 100))
                            .read(new BenchNotes.Reading("Owl", 1, right.volts(), "white", 100)))));
    wait(() -> shown(robot, "#meter-take-lead"));
    double lead = lead("Weir");
    robot.clickOn("#meter-take-lead");
    wait(() -> lead("Weir") > lead);
    wait(() -> text(robot, "#meter-tells").equals("All that was read is right."));
  }

  @Test
  void ampsOfAPortTellWhatAPixelDraws(FxRobot robot) {
    floor();
    does(() -> window().go(MeterScreen.SCREEN));
    wait(() -> !rows(robot).getItems().isEmpty());
    robot.clickOn("#meter-amps");
    TableView<?> table = robot.lookup("#amps-table").queryAs(TableView.class);
    MeterSheet.Amps port =
        onScreen(
            () -> {
              MeterSheet.Amps first =
                  table.getItems().stream()
                      .map(MeterSheet.Amps.class::cast)
                      .filter(a -> a.kind() == MeterSheet.Kind.PORT)
                      .findFirst()
                      .orElseThrow();
              table.getSelectionModel().select(table.getItems().indexOf(first));
              return first;
            });
    enter(robot, "#amps-entry", "lots");
    assertThat(onScreen(() -> show().bench().amps())).isEmpty();
    enter(robot, "#amps-entry", Texts.fixed(0.8 * port.amps(), 2));
    assertThat(text(robot, "#amps-tells")).startsWith("Less than planned");
    wait(() -> shown(robot, "#amps-take"));
    robot.clickOn("#amps-take");
    wait(() -> show().catalogue().pixelTypesById().get("5v-strip-60").measured());
    assertThat(show().catalogue().pixelTypesById().get("5v-strip-60").milliampsFull())
        .isBetween(39.0, 41.0);
    wait(() -> !window().busy());
    assertThat(onScreen(() -> show().bench().amps())).hasSize(1);
  }

  private MeterSheet.Volts startOf(FxRobot robot, String run) {
    return onScreen(
        () ->
            rows(robot).getItems().stream()
                .map(MeterSheet.Volts.class::cast)
                .filter(v -> v.run().equals(run) && v.why().contains("start"))
                .findFirst()
                .orElseThrow());
  }

  private double lead(String run) {
    return onScreen(
        () ->
            model()
                .rig()
                .get()
                .map(
                    r ->
                        r.reading()
                            .feedsOf(r.layout().parts(run).getFirst().segment().segment().id())
                            .getFirst()
                            .lengthM())
                .orElse(0.0));
  }

  private static TableView<?> rows(FxRobot robot) {
    return robot.lookup("#meter-table").queryAs(TableView.class);
  }

  @Test
  void aStripIsKnownAndPlannedBy(FxRobot robot) {
    floor();
    does(() -> window().go(MeterScreen.SCREEN));
    wait(() -> !rows(robot).getItems().isEmpty());
    enter(robot, "#strip-pixels", "60");
    enter(robot, "#strip-start", "5");
    enter(robot, "#strip-end", "4.5");
    enter(robot, "#strip-amps", "1.8");
    robot.clickOn("#strip-solve");
    wait(() -> text(robot, "#strip-found").contains("30.0 mA a pixel"));
    robot.clickOn("#strip-take");
    wait(() -> show().catalogue().pixelTypesById().get("5v-strip-60").milliampsFull() == 30);
    assertThat(show().catalogue().pixelTypesById().get("5v-strip-60").measured()).isTrue();
  }
}
