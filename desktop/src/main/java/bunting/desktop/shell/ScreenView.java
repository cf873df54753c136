package bunting.desktop.shell;

import java.util.List;
import java.util.Optional;
import javafx.scene.layout.Region;

/** What a screen shows and does, as far as the shell has to know it. */
public interface ScreenView {
  /** What stands in the middle of the window. */
  Region middle();

  /**
   * What stands at the right, from top to bottom; empty where the screen needs the whole width.
   *
   * @param inspector the inspector of what is selected, for screens that have no side of their own
   */
  default List<Region> side(Region inspector) {
    return List.of(inspector);
  }

  /** What stands in the rail under the steps while the screen is shown. */
  default Optional<Region> rail() {
    return Optional.empty();
  }

  /** Takes the keyboard. */
  void takeKeyboard();

  /** Whether something of it is being worked out beside the interface. */
  default boolean busy() {
    return false;
  }

  /** Gives up what it works out, or ends it with the best so far. */
  default void stop() {}

  /** The window is closed: what it sends beyond this machine comes to its end now. */
  default void leave() {}

  /** Whether it has something to show while no show is open. */
  default boolean standsAlone() {
    return false;
  }
}
