package bunting.desktop.kit;

import bunting.desktop.session.Background;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;

/**
 * What a screen works out beside the interface: only the answer to the newest question counts (its
 * lane sees to that), and whether one is awaited can be seen.
 */
public final class Newest {
  private final Background.Lane lane;
  private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper();

  /** For one screen. */
  public Newest(Background background) {
    lane = background.lane();
  }

  /** Whether an answer is awaited. */
  public ReadOnlyBooleanProperty busy() {
    return busy.getReadOnlyProperty();
  }

  /**
   * Asks; what was asked before is not waited for any more.
   *
   * @param doing what it is, for the log, such as "cutting reels"
   * @param done takes the answer
   * @param failed takes a sentence where there is none
   */
  public <T> void ask(
      String doing, Function<Background.Job, T> work, Consumer<T> done, Consumer<String> failed) {
    busy.set(true);
    lane.submit(
        doing,
        work,
        answer -> {
          busy.set(false);
          done.accept(answer);
        },
        why -> {
          busy.set(false);
          failed.accept(why);
        });
  }

  /** Waits for nothing any more. */
  public void stop() {
    lane.abandon();
    busy.set(false);
  }
}
