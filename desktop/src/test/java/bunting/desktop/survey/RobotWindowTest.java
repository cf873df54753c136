package bunting.desktop.survey;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.show.Show;
import bunting.desktop.session.Document;
import bunting.desktop.session.RandomEdits;
import bunting.desktop.session.Replay;
import bunting.desktop.session.Session;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/**
 * Random keys and clicks by the hundred: nothing is thrown, nothing is printed, and the show is
 * what the document's journal makes of it.
 */
class RobotWindowTest extends WindowDriver {
  /** As many as can be waited for; {@code -Dbunting.steps=2000} does more. */
  private static final int STEPS = Integer.getInteger("bunting.steps", 800);

  private static final int SEED = 11;

  /** Keys of tools, screens, fields and answers. Those that ask for files get none. */
  private static final List<KeyCode> KEYS =
      List.of(
          KeyCode.ENTER,
          KeyCode.ENTER,
          KeyCode.ESCAPE,
          KeyCode.TAB,
          KeyCode.TAB,
          KeyCode.DELETE,
          KeyCode.BACK_SPACE,
          KeyCode.SPACE,
          KeyCode.UP,
          KeyCode.DOWN,
          KeyCode.LEFT,
          KeyCode.RIGHT,
          KeyCode.HOME,
          KeyCode.PAGE_DOWN,
          KeyCode.PAGE_UP,
          KeyCode.INSERT,
          KeyCode.F2,
          KeyCode.F4,
          KeyCode.F5,
          KeyCode.F5,
          KeyCode.F6,
          KeyCode.F3,
          KeyCode.F3,
          KeyCode.F8,
          KeyCode.F7,
          KeyCode.F10,
          KeyCode.DIGIT1,
          KeyCode.DIGIT2,
          KeyCode.DIGIT7,
          KeyCode.DIGIT9,
          KeyCode.R,
          KeyCode.G,
          KeyCode.H,
          KeyCode.K,
          KeyCode.J,
          KeyCode.L,
          KeyCode.B,
          KeyCode.O,
          KeyCode.N,
          KeyCode.X,
          KeyCode.S,
          KeyCode.P,
          KeyCode.C,
          KeyCode.F,
          KeyCode.PLUS,
          KeyCode.MINUS);

  private static final List<KeyCode> WITH_CONTROL =
      List.of(
          KeyCode.Z,
          KeyCode.Z,
          KeyCode.Y,
          KeyCode.K,
          KeyCode.L,
          KeyCode.T,
          KeyCode.J,
          KeyCode.B,
          KeyCode.A,
          KeyCode.PERIOD,
          KeyCode.S,
          KeyCode.E,
          KeyCode.U,
          KeyCode.I,
          KeyCode.P);

  private final List<Document.Entry> journal = Collections.synchronizedList(new ArrayList<>());
  private final List<Throwable> thrown = Collections.synchronizedList(new ArrayList<>());

  @Start
  void start(Stage stage) {
    session = new Session();
    session.document().setJournal(journal::add);
    Thread.currentThread().setUncaughtExceptionHandler((t, e) -> thrown.add(e));
    open(stage, session);
    session.start(RandomEdits.begin());
  }

  @Test
  void nothingIsThrownPrintedOrLost(FxRobot robot) {
    Random random = new Random(SEED);
    PrintStream real = System.err;
    ByteArrayOutputStream printed = new ByteArrayOutputStream();
    System.setErr(new PrintStream(printed, true, StandardCharsets.UTF_8));
    try {
      for (int i = 0; i < STEPS; i++) {
        step(robot, random);
      }
      WaitForAsyncUtils.waitForFxEvents();
    } finally {
      System.setErr(real);
    }
    assertThat(thrown).isEmpty();
    assertThat(printed.toString(StandardCharsets.UTF_8)).isEmpty();
    // Whether a plan came before an undo or after it says nothing of the edits.
    Show now = show().withAccepted(Optional.empty());
    Show again = Replay.of(List.copyOf(journal)).withAccepted(Optional.empty());
    assertThat(now.equals(again)).isTrue();
    long edits = journal.stream().filter(e -> e instanceof Document.Entry.Done).count();
    assertThat(edits).as("it did something").isGreaterThan(STEPS / 40);
  }

  /** A dialog holds up who opened it: so nobody waits for a step, only for what it set off. */
  private void step(FxRobot robot, Random random) {
    int what = random.nextInt(10);
    Consumer<Robot> act;
    if (what == 9) {
      act = count(random);
    } else if (what < 5) {
      act = keys(List.of(KEYS.get(random.nextInt(KEYS.size()))));
    } else if (what < 7) {
      KeyCode with = WITH_CONTROL.get(random.nextInt(WITH_CONTROL.size()));
      act = keys(List.of(KeyCode.CONTROL, with));
    } else {
      act = click(robot, random);
    }
    Platform.runLater(() -> done(robot, act));
    WaitForAsyncUtils.waitForFxEvents(1);
  }

  /** The headless platform has no active window for a moment after a popup has closed. */
  private static void done(FxRobot robot, Consumer<Robot> act) {
    try {
      act.accept(new Robot());
    } catch (NullPointerException e) {
      boolean platform = e.getStackTrace()[0].getClassName().startsWith("com.sun.glass");
      if (!platform) {
        throw e;
      }
      robot.window(0).requestFocus();
    }
  }

  /** A count on the tape sheet, or a thing of the elevation moved. */
  private static Consumer<Robot> count(Random random) {
    int n = 1 + random.nextInt(99);
    List<Consumer<Robot>> all = new ArrayList<>();
    if (random.nextInt(3) == 0) {
      all.add(keys(List.of(KeyCode.F5)));
      all.add(keys(List.of(KeyCode.ALT, n % 2 == 0 ? KeyCode.LEFT : KeyCode.UP)));
    } else {
      all.add(keys(List.of(KeyCode.F3)));
      Integer.toString(n)
          .chars()
          .forEach(c -> all.add(keys(List.of(KeyCode.valueOf("DIGIT" + (char) c)))));
      all.add(keys(List.of(KeyCode.ENTER)));
    }
    return r -> all.forEach(a -> a.accept(r));
  }

  private static Consumer<Robot> keys(List<KeyCode> codes) {
    return r -> {
      codes.forEach(r::keyPress);
      codes.reversed().forEach(r::keyRelease);
    };
  }

  private Consumer<Robot> click(FxRobot robot, Random random) {
    double x = random.nextDouble();
    double y = random.nextDouble();
    boolean drags = random.nextInt(4) == 0;
    int dx = drags ? random.nextInt(120) - 60 : 0;
    int dy = drags ? random.nextInt(120) - 60 : 0;
    return r -> {
      Bounds at = bounds(robot);
      double toX = at.getMinX() + x * at.getWidth();
      double toY = at.getMinY() + y * at.getHeight();
      r.mouseMove(toX, toY);
      r.mousePress(MouseButton.PRIMARY);
      if (drags) {
        r.mouseMove(toX + dx, toY + dy);
      }
      r.mouseRelease(MouseButton.PRIMARY);
    };
  }

  private static Bounds bounds(FxRobot robot) {
    var root = robot.window(0).getScene().getRoot();
    return root.localToScreen(root.getBoundsInLocal());
  }
}
