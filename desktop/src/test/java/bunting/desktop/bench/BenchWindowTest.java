package bunting.desktop.bench;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.faults.Fault;
import bunting.core.faults.FaultKind;
import bunting.core.faults.Whereabouts;
import bunting.core.pattern.Pattern;
import bunting.core.show.Network;
import bunting.desktop.session.Selection;
import bunting.desktop.survey.Lens;
import bunting.desktop.survey.SurveyScreen;
import bunting.wire.packet.Packet;
import bunting.wire.packet.Sacn;
import java.io.IOException;
import java.net.DatagramPacket;
import java.net.DatagramSocket;
import java.net.InetAddress;
import java.util.Arrays;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.stage.Window;
import javafx.stage.WindowEvent;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The bench in the real window: its stand-ins hear over this machine's loopback. */
class BenchWindowTest extends BenchDriver {
  @Start
  void start(Stage stage) {
    open(stage);
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
