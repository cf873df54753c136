package bunting.testkit;

import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.event.Event;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/**
 * Drives a real window. Hurried, nobody has patience for a plan: so before anything is looked at,
 * what was set off before is waited for; nothing is ever waited for by the clock.
 */
public abstract class ScreenDriver {
  private static final int SECONDS = 60;

  /** Whether the windows are tried with the search on and no patience. */
  protected static final boolean HURRIED = Boolean.getBoolean("bunting.hurried");

  /** Whether nothing is under way; asked on the interface thread. */
  protected abstract boolean isQuiet();

  /** Asks or does something on the interface thread. */
  protected final <T> T onScreen(Callable<T> work) {
    if (HURRIED) {
      settle();
    }
    return now(work);
  }

  /** Does something on the interface thread. */
  protected final void does(Runnable work) {
    onScreen(
        () -> {
          work.run();
          return true;
        });
  }

  /** Waits until nothing is under way. */
  protected final void settle() {
    drain();
    waitUntil(() -> now(this::isQuiet));
  }

  private static <T> T now(Callable<T> work) {
    try {
      T value = WaitForAsyncUtils.asyncFx(work).get(SECONDS, TimeUnit.SECONDS);
      drain();
      return value;
    } catch (Exception e) {
      throw new AssertionError(e);
    }
  }

  /** Waits until something holds; asked on the interface thread. */
  protected final void wait(Callable<Boolean> until) {
    waitUntil(() -> onScreen(until));
  }

  /** Lets what was set off run, and what that sets off in turn. */
  private static void drain() {
    WaitForAsyncUtils.waitForFxEvents(2);
  }

  private static void waitUntil(Callable<Boolean> until) {
    try {
      WaitForAsyncUtils.waitFor(SECONDS, TimeUnit.SECONDS, until);
    } catch (TimeoutException e) {
      throw new AssertionError(e);
    }
  }

  /** Whether something is there to be seen. */
  protected final boolean shown(FxRobot robot, String query) {
    return onScreen(() -> robot.lookup(query).tryQuery().filter(Node::isVisible).isPresent());
  }

  /** The words on a label or a button. */
  protected final String text(FxRobot robot, String query) {
    return onScreen(() -> robot.lookup(query).queryAs(Labeled.class).getText());
  }

  /** Presses a button, wherever it is. */
  protected final void fire(FxRobot robot, String query) {
    does(() -> robot.lookup(query).queryButton().fire());
  }

  /** The point of the screen so far right and down of a part's corner. */
  protected final Point2D in(FxRobot robot, String query, double x, double y) {
    return onScreen(
        () -> {
          Node node = robot.lookup(query).query();
          Bounds at = node.localToScreen(node.getBoundsInLocal());
          return new Point2D(at.getMinX() + x, at.getMinY() + y);
        });
  }

  /** Presses a key so many times. */
  protected final void push(FxRobot robot, KeyCode key, int times) {
    for (int i = 0; i < times; i++) {
      robot.push(key);
    }
    drain();
  }

  /** Types a text into a field in place of what is there, and Enter. */
  protected final void enter(FxRobot robot, String field, String text) {
    focus(robot, field);
    robot.push(KeyCode.CONTROL, KeyCode.A);
    now(
        () -> {
          type(robot.lookup(field).query(), text);
          return true;
        });
    robot.push(KeyCode.ENTER);
    drain();
  }

  /** What the keyboard sends for letters, without the pauses between them. */
  private static void type(Node into, String text) {
    for (String letter : text.split("")) {
      Event.fireEvent(
          into,
          new KeyEvent(
              KeyEvent.KEY_TYPED, letter, letter, KeyCode.UNDEFINED, false, false, false, false));
    }
  }

  /** As Tab would: what has the keyboard is scrolled into sight. */
  protected final void focus(FxRobot robot, String query) {
    does(() -> robot.lookup(query).query().requestFocus());
  }
}
