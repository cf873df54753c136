package bunting.desktop.shell;

import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;

/** The menu Add as a button, for screens on which something is added. */
public final class AddButton extends MenuButton {
  /** A button on a screen. */
  public AddButton(Desk desk) {
    super("Add");
    setId("add");
    getStyleClass().add("add-button");
    setMinWidth(USE_PREF_SIZE);
    // Filled when it opens: the screens know one another only through the desk.
    setOnShowing(
        e ->
            getItems()
                .setAll(desk.commands(Command.Menu.ADD).stream().map(AddButton::item).toList()));
    getItems().add(new MenuItem());
  }

  private static MenuItem item(Command command) {
    MenuItem item = new MenuItem(command.text());
    item.setId("add-" + command.id());
    item.setOnAction(e -> command.run());
    return item;
  }
}
