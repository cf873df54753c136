package bunting.desktop.bench;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.faults.Fault;
import bunting.core.faults.FaultKind;
import bunting.core.faults.Whereabouts;
import bunting.core.meter.MeterSheet;
import bunting.core.pattern.Pattern;
import bunting.core.show.BenchNotes;
import bunting.core.show.Controller;
import bunting.core.show.Held;
import bunting.core.show.Network;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.session.Selection;
import bunting.desktop.survey.Lens;
import bunting.desktop.survey.SurveyScreen;
import bunting.desktop.survey.WindowDriver;
import bunting.files.ShowFiles;
import bunting.wire.packet.Packet;
import bunting.wire.packet.Sacn;
import java.io.IOException;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.stage.Window;
import javafx.stage.WindowEvent;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The bench in the real window: its stand-ins hear over this machine's loopback. */
class BenchWindowTest extends WindowDriver {
  @Start
  void start(Stage stage) {
    open(stage);
  }

  private static Show mill() {
    return Show.of(List.of(Run.of("Weir", "5v-strip-60", 120), Run.of("Owl", "5v-strip-60", 40)));
  }

  private void floor() {
    does(
        () -> {
          session.start(mill());
          session.selection().set(new Selection.OfRun("Weir"));
          window().go(FloorScreen.SCREEN);
        });
    wait(() -> model().rig().get().isPresent());
  }

  private BenchModel model() {
    return window().view(FloorScreen.SCREEN).model();
  }

  /** Colours of the chain of a run, once what was sent is to be seen. */
  private int[] colours(String run) {
    wait(() -> !model().awaiting());
    return onScreen(
        () -> {
          var part = model().rig().get().orElseThrow().layout().parts(run).getFirst();
          int[] all = model().shown().get().orElseThrow().rgb()[part.chain().index()];
          return Arrays.copyOfRange(
              all, part.start(), part.start() + part.segment().segment().pixels());
        });
  }

  private static boolean all(int[] colours, int colour) {
    return Arrays.stream(colours).allMatch(c -> c == colour);
  }

  @Test
  void patternsByLetterAndByButtonLightTheStandIns(FxRobot robot) {
    floor();
    focus(robot, "#live-elevation");
    robot.push(KeyCode.R);
    wait(() -> model().pattern().get().equals(Optional.of(Pattern.RED)));
    assertThat(all(colours("Weir"), 0xFF0000)).isTrue();
    assertThat(all(colours("Owl"), 0xFF0000)).isTrue();
    robot.clickOn("#pattern-black");
    wait(() -> model().pattern().get().equals(Optional.of(Pattern.BLACK)));
    assertThat(all(colours("Weir"), 0)).isTrue();
  }

  @Test
  void onlyTheRunAtHandIsLitAndWhiteIsHeld(FxRobot robot) {
    floor();
    does(() -> model().reach().set(AtHand.Reach.RUN));
    robot.clickOn("#pattern-green");
    wait(() -> model().pattern().get().equals(Optional.of(Pattern.GREEN)));
    assertThat(all(colours("Weir"), 0x00FF00)).isTrue();
    assertThat(all(colours("Owl"), 0)).isTrue();
    assertThat(text(robot, "#bench-state")).contains("green").contains("Weir");
    assertThat(text(robot, "#bench-hold")).contains("White is sent in full");
    does(() -> session.selection().set(new Selection.OfRun("Owl")));
    assertThat(all(colours("Weir"), 0)).isTrue();
    assertThat(all(colours("Owl"), 0x00FF00)).isTrue();
  }

  @Test
  void aMeterIsHeldToWhatIsClicked(FxRobot robot) {
    floor();
    robot.clickOn("#pattern-white");
    colours("Weir");
    robot.clickOn(in(robot, "#live-line", 300, 40));
    wait(() -> text(robot, "#bench-told").contains("V of 5 V now"));
    assertThat(text(robot, "#bench-told")).startsWith("Weir, pixel ");
  }

  @Test
  void theLensOnSurveyShowsTheWire(FxRobot robot) {
    floor();
    robot.clickOn("#pattern-blue");
    colours("Weir");
    does(
        () -> {
          window().go(SurveyScreen.SCREEN).elevation().lens().set(Lens.WIRE);
        });
    wait(() -> session.wire().get().isPresent());
    int[] seen = onScreen(() -> session.wire().get().orElseThrow().rgb().get("Weir"));
    assertThat(all(seen, 0x0000FF)).isTrue();
  }

  @Test
  void theCountIsFoundByFiveAnswersAndEntered(FxRobot robot) {
    floor();
    robot.clickOn("#aid-count");
    for (int i = 0; i < 5; i++) {
      int mark =
          Integer.parseInt(
              text(robot, "#aid-question").replaceAll(".*white from (\\d+) on.*", "$1"));
      robot.clickOn(117 >= mark ? "#aid-yes" : "#aid-no");
    }
    assertThat(text(robot, "#aid-question")).contains("Weir has 117 pixels");
    robot.clickOn("#aid-enter");
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().run("Weir").orElseThrow().pixels()).isEqualTo(117);
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().run("Weir").orElseThrow().pixels()).isEqualTo(120);
  }

  @Test
  void threeColoursTellTheOrder(FxRobot robot) {
    floor();
    String planned =
        onScreen(
            () ->
                model()
                    .rig()
                    .get()
                    .orElseThrow()
                    .layout()
                    .parts("Weir")
                    .getFirst()
                    .segment()
                    .order());
    assertThat(planned).isEqualTo("GRB");
    robot.clickOn("#aid-order");
    robot.clickOn("#aid-see-green").clickOn("#aid-see-red").clickOn("#aid-see-blue");
    assertThat(text(robot, "#aid-question")).contains("Weir is RGB, planned GRB");
    robot.clickOn("#aid-take");
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().run("Weir").orElseThrow().fitting().order()).contains("RGB");
  }

  @Test
  void nothingLeavesThisMachineUntilItIsArmed(FxRobot robot) {
    does(
        () -> {
          // Planned addresses within this machine: nobody else can be meant.
          Network here = Network.DEFAULT.withAddress("C1", "127.0.0.77");
          session.start(mill().withNetwork(here));
          window().go(FloorScreen.SCREEN);
        });
    wait(() -> model().rig().get().isPresent());
    assertThat(onScreen(() -> model().real().armed().get())).isEmpty();
    does(() -> robot.lookup("#bench-arm").queryAs(CheckBox.class).fire());
    wait(() -> model().real().armed().get().isPresent());
    assertThat(text(robot, "#bench-armed"))
        .startsWith("ARMED: patterns go to 1 real box at 127.0.0.77");
    focus(robot, "#live-elevation");
    robot.push(KeyCode.ESCAPE);
    wait(() -> model().real().armed().get().isEmpty());
    does(() -> robot.lookup("#bench-arm").queryAs(CheckBox.class).fire());
    wait(() -> model().real().armed().get().isPresent());
    does(() -> window().go(SurveyScreen.SCREEN));
    assertThat(onScreen(() -> model().real().armed().get())).isEmpty();
  }

  @Test
  void aWindowThatIsClosedSaysGoodByeToRealBoxes(FxRobot robot) throws Exception {
    InetAddress box = InetAddress.getByName("127.0.0.78");
    try (DatagramSocket there = new DatagramSocket(Sacn.PORT, box)) {
      there.setSoTimeout(10_000);
      does(
          () -> {
            session.start(
                mill().withNetwork(Network.DEFAULT.withAddress("C1", box.getHostAddress())));
            window().go(FloorScreen.SCREEN);
          });
      wait(() -> model().rig().get().isPresent());
      does(() -> model().choose(Pattern.WHITE));
      does(() -> robot.lookup("#bench-arm").queryAs(CheckBox.class).fire());
      assertThat(heard(there).terminated()).isFalse();
      does(() -> session.save(folder.resolve("mill.bunting.json")));
      does(
          () -> {
            Window own = robot.lookup("#bench-arm").queryAs(CheckBox.class).getScene().getWindow();
            own.fireEvent(new WindowEvent(own, WindowEvent.WINDOW_CLOSE_REQUEST));
          });
      // All that it sent before is on its way already: the good-bye is the last.
      Packet.Universe last = heard(there);
      while (!last.terminated()) {
        last = heard(there);
      }
      assertThat(last.universe()).isEqualTo(1);
    }
  }

  private static Packet.Universe heard(DatagramSocket socket) throws IOException {
    byte[] room = new byte[1500];
    DatagramPacket packet = new DatagramPacket(room, room.length);
    socket.receive(packet);
    return (Packet.Universe) Sacn.read(room, packet.getLength());
  }

  @Test
  void whatIsToldIsExplainedAndTakenBack(FxRobot robot) {
    floor();
    does(() -> window().go(SymptomScreen.SCREEN));
    enter(robot, "#symptom-from", "1");
    enter(robot, "#symptom-to", "49");
    robot.clickOn("#looks-right");
    enter(robot, "#symptom-from", "50");
    enter(robot, "#symptom-to", "500");
    robot.clickOn("#looks-dark");
    assertThat(
            onScreen(
                () ->
                    robot.lookup(".problem").queryAllAs(Label.class).stream()
                        .anyMatch(l -> l.getText().contains("go from 1 to 120"))))
        .isTrue();
    enter(robot, "#symptom-to", "120");
    robot.clickOn("#looks-dark");
    wait(() -> robot.lookup("#cause-dead-pixel").tryQuery().isPresent());
    wait(() -> !window().view(SymptomScreen.SCREEN).busy());
    assertThat(shown(robot, "#cause-data-open")).isTrue();
    robot.clickOn("#cause-data-open");
    wait(() -> !window().view(SymptomScreen.SCREEN).busy());
    robot.clickOn("#told-away-1");
    wait(() -> !window().view(SymptomScreen.SCREEN).busy());
    assertThat(shown(robot, "#told-away-1")).isFalse();
    robot.clickOn("#symptom-anew");
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(shown(robot, "#told-away-0")).isFalse();
  }

  @Test
  void theLineIsPointedAtAsTheSiteIs(FxRobot robot) {
    floor();
    does(() -> window().go(SymptomScreen.SCREEN));
    wait(() -> !window().view(SymptomScreen.SCREEN).busy());
    assertThat(fieldText(robot, "#symptom-from")).isEqualTo("1");
    robot.clickOn("#live-line");
    // The middle of the line, which begins right of the scale of volts: a pixel before the middle.
    int pixel = Integer.parseInt(onScreen(() -> fieldText(robot, "#symptom-from")));
    assertThat(pixel).isBetween(40, 120);
    robot.clickOn("#looks-dark");
    wait(() -> !window().view(SymptomScreen.SCREEN).busy());
    robot.clickOn("#live-line");
    assertThat(onScreen(() -> fieldText(robot, "#symptom-from"))).isEqualTo("" + pixel);
  }

  @Test
  void theRunBehindAnotherIsPointedAtOnTheirLine(FxRobot robot) {
    Show bare = mill();
    does(
        () -> {
          session.start(
              bare.withControllers(List.of(new Controller("C1", "box-2", 0, 0)))
                  .withAllotting(
                      bare.allotting()
                          .withByHand(
                              List.of(
                                  new Held("Weir", 1, 120, "C1", 1, 1),
                                  new Held("Owl", 1, 40, "C1", 1, 2)))));
          session.selection().set(new Selection.OfRun("Weir"));
          window().go(SymptomScreen.SCREEN);
        });
    wait(() -> model().rig().get().isPresent() && !window().busy());
    double wide = onScreen(() -> robot.lookup("#live-line").query().getBoundsInLocal().getWidth());
    robot.clickOn(in(robot, "#live-line", wide - 60, 40));
    assertThat(onScreen(() -> robot.lookup("#symptom-run").queryAs(Label.class).getText()))
        .isEqualTo("Owl");
    assertThat(Integer.parseInt(onScreen(() -> fieldText(robot, "#symptom-from"))))
        .isBetween(20, 40);
  }

  private static String fieldText(FxRobot robot, String query) {
    return robot.lookup(query).queryAs(TextField.class).getText();
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

  @Test
  void whatTheSuppliesReadCountsForWhatIsToldToo(FxRobot robot) {
    floor();
    double planned =
        onScreen(
            () -> {
              var part = model().rig().get().orElseThrow().layout().parts("Weir").getFirst();
              return part.segment().volts().at(0);
            });
    does(
        () -> {
          session.edit(
              "Supplies read more.",
              s -> s.withBench(s.bench().withSupplyVolts(5, Optional.of(5.4))));
          window().go(SymptomScreen.SCREEN);
        });
    enter(robot, "#symptom-from", "1");
    enter(robot, "#symptom-volts", Texts.fixed(planned, 2));
    wait(() -> !window().view(SymptomScreen.SCREEN).busy());
    // What would be right at 5 V is too little at 5.4.
    wait(
        () ->
            robot.lookup("#cause-thin-lead").tryQuery().isPresent()
                || robot.lookup("#cause-supply-low").tryQuery().isPresent());
  }

  private static double expected(FxRobot robot) {
    return ((MeterSheet.Volts) rows(robot).getItems().getFirst()).volts();
  }

  @Test
  void aLeadThatMeasuresTooMuchIsPlannedAsItIs(FxRobot robot) {
    floor();
    does(() -> window().go(MeterScreen.SCREEN));
    wait(() -> !rows(robot).getItems().isEmpty());
    MeterSheet.Volts low = start(robot, "Weir");
    MeterSheet.Volts right = start(robot, "Owl");
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

  private MeterSheet.Volts start(FxRobot robot, String run) {
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

  @Test
  void aPlantedFaultIsFoundByKindAndPlace(FxRobot robot) {
    floor();
    does(() -> window().go(PracticeScreen.SCREEN));
    focus(robot, "#practice-seed");
    robot.push(KeyCode.CONTROL, KeyCode.A).push(KeyCode.W).push(KeyCode.ENTER);
    assertThat(onScreen(() -> model().pattern().get())).as("a letter that is typed").isEmpty();
    robot.clickOn("#practice-begin");
    assertThat(text(robot, "#practice-verdict")).contains("whole number");
    enter(robot, "#practice-seed", "3");
    robot.clickOn("#practice-begin");
    wait(() -> model().planted().get().isPresent());
    Fault fault = onScreen(() -> model().planted().get().orElseThrow());
    assertThat(shown(robot, "#practice-sound")).isFalse();
    robot.clickOn("#pattern-white");
    assertThat(text(robot, "#practice-score")).startsWith("1 test, 0 guesses");
    String place =
        onScreen(
            () ->
                Whereabouts.of(model().rig().get().orElseThrow().pictures(), fault)
                    .places()
                    .stream()
                    .findFirst()
                    .orElseThrow());
    FaultKind wrong = fault.kind() == FaultKind.NOISE ? FaultKind.DATA_OPEN : FaultKind.NOISE;
    guess(robot, wrong, place);
    assertThat(text(robot, "#practice-verdict")).isEqualTo("The place is right, the kind is not.");
    guess(robot, fault.kind(), place);
    assertThat(text(robot, "#practice-verdict")).startsWith("Found.");
    assertThat(text(robot, "#practice-score")).contains("1 test, 2 guesses, 1 min, Easy");
    wait(() -> shown(robot, "#practice-sound"));
    AsPlanned planned = window().view(PracticeScreen.SCREEN).asPlanned();
    wait(
        () ->
            planned.shown().get().isPresent()
                && !model().awaiting()
                && !Arrays.deepEquals(
                    planned.shown().get().get().rgb(), model().shown().get().orElseThrow().rgb()));
    does(() -> window().go(FloorScreen.SCREEN));
    assertThat(onScreen(() -> model().planted().get())).isEmpty();
  }

  @SuppressWarnings("unchecked")
  private void guess(FxRobot robot, FaultKind kind, String place) {
    does(
        () -> {
          robot.lookup("#practice-kind").queryAs(ComboBox.class).setValue(kind);
          robot.lookup("#practice-place").queryAs(ComboBox.class).setValue(place);
          robot.lookup("#practice-guess").queryButton().fire();
        });
  }

  @Test
  void ticksAreKeptWithTheShow(FxRobot robot) {
    floor();
    does(() -> window().go(LadderScreen.SCREEN));
    wait(() -> robot.lookup("#tick-count-Weir").tryQuery().isPresent());
    does(() -> robot.lookup("#tick-count-Weir").queryAs(CheckBox.class).fire());
    assertThat(show().bench().ticked()).containsExactly("count Weir");
    assertThat(text(robot, "#ladder-done")).startsWith("1 of ");
    robot.push(KeyCode.CONTROL, KeyCode.Z);
    WaitForAsyncUtils.waitForFxEvents();
    assertThat(show().bench().ticked()).isEmpty();
    assertThat(text(robot, "#ladder-done")).startsWith("0 of ");
  }
}
