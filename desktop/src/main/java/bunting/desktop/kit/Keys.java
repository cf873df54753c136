package bunting.desktop.kit;

import java.util.HashMap;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** The keys of a picture, one readable table; keys with Ctrl belong to the window. */
public final class Keys {
  private final Map<KeyCode, Runnable> plain = new HashMap<>();

  /** A key, and what it does. */
  public Keys on(KeyCode key, Runnable work) {
    plain.put(key, work);
    return this;
  }

  /** Heeds them on a node. */
  public void install(Node node) {
    node.addEventHandler(KeyEvent.KEY_PRESSED, this::press);
  }

  private void press(KeyEvent e) {
    Runnable work = plain.get(e.getCode());
    if (work != null && !e.isShortcutDown() && !e.isAltDown()) {
      work.run();
      e.consume();
    }
  }
}
