package bunting.desktop.shell;

import bunting.desktop.session.Session;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableBooleanValue;
import javafx.scene.input.KeyCombination;

/**
 * One thing that can be done: the same in the menu, in the palette, on a button and by key.
 *
 * @param id for style and tests
 * @param place where the menus have it
 * @param text as people read it
 * @param keys its shortcut, where it has one
 * @param enabled whether it can be done now
 * @param work what it does
 */
public record Command(
    String id,
    Place place,
    String text,
    Optional<KeyCombination> keys,
    ObservableBooleanValue enabled,
    Runnable work) {

  /** The menus, from left to right. */
  public enum Menu {
    FILE("_File"),
    EDIT("_Edit"),
    ADD("_Add"),
    GO("_Go to"),
    VIEW("_View"),
    HELP("_Help");

    private final String text;

    Menu(String text) {
      this.text = text;
    }

    String text() {
      return text;
    }
  }

  /**
   * A place in the menus.
   *
   * @param group commands of one group stand together; a line parts one group from the next
   */
  public record Place(Menu menu, String group) {}

  /** A command with a shortcut. */
  public static Command of(
      String id,
      Place place,
      String text,
      String keys,
      ObservableBooleanValue enabled,
      Runnable work) {
    return new Command(
        id, place, text, Optional.of(KeyCombination.keyCombination(keys)), enabled, work);
  }

  /** A command without one. */
  public static Command of(
      String id, Place place, String text, ObservableBooleanValue enabled, Runnable work) {
    return new Command(id, place, text, Optional.empty(), enabled, work);
  }

  /** Whether a show is open: when most commands can be done. */
  public static ObservableBooleanValue whileOpen(Session session) {
    return Bindings.createBooleanBinding(
        () -> session.show().isPresent(), session.document().show());
  }

  /** Does it, where it can be done now. */
  public void run() {
    if (enabled.get()) {
      work.run();
    }
  }
}
