package bunting.desktop.frame;

import java.util.Optional;
import javafx.beans.value.ObservableBooleanValue;
import javafx.scene.input.KeyCombination;

/**
 * One thing that can be done: the same in the palette, on a button and by key.
 *
 * @param id for style and tests
 * @param text as people read it
 * @param keys its shortcut, where it has one
 * @param enabled whether it can be done now
 * @param work what it does
 */
record Command(
    String id,
    String text,
    Optional<KeyCombination> keys,
    ObservableBooleanValue enabled,
    Runnable work) {
  void run() {
    if (enabled.get()) {
      work.run();
    }
  }
}
