package bunting.desktop.shell;

import bunting.desktop.session.Preferences;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.beans.binding.Bindings;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** The menu bar: every command in its customary place, and the files that were open lately. */
final class Menus extends MenuBar {
  /**
   * @param open opens one of the files that were open lately
   */
  Menus(List<Command> commands, Preferences preferences, Consumer<Path> open) {
    setUseSystemMenuBar(true);
    setId("menus");
    Map<Command.Menu, Menu> menus = new EnumMap<>(Command.Menu.class);
    for (Command.Menu m : Command.Menu.values()) {
      Menu menu = new Menu(m.text());
      menu.setId("menu-" + m.name().toLowerCase(java.util.Locale.ROOT));
      menus.put(m, menu);
      getMenus().add(menu);
      // What a screen adds stands with its group, wherever the screen comes in the list.
      Map<String, List<MenuItem>> groups = new LinkedHashMap<>();
      for (Command c : commands) {
        if (c.place().menu() == m) {
          groups.computeIfAbsent(c.place().group(), g -> new ArrayList<>()).add(item(c));
        }
      }
      for (List<MenuItem> group : groups.values()) {
        if (!menu.getItems().isEmpty()) {
          menu.getItems().add(new SeparatorMenuItem());
        }
        menu.getItems().addAll(group);
      }
    }
    Menu recent = new Menu("Open _recent");
    recent.setId("menu-recent");
    Menu file = menus.get(Command.Menu.FILE);
    file.getItems().add(Math.min(2, file.getItems().size()), recent);
    Runnable fill = () -> recent(recent, preferences.get().recent(), open);
    preferences.now().addListener(o -> fill.run());
    fill.run();
  }

  private static MenuItem item(Command command) {
    MenuItem item = new MenuItem(command.text());
    item.setId("do-" + command.id());
    item.setMnemonicParsing(false);
    command.keys().ifPresent(item::setAccelerator);
    item.disableProperty().bind(Bindings.not(command.enabled()));
    item.setOnAction(e -> command.run());
    return item;
  }

  private static void recent(Menu menu, List<Path> files, Consumer<Path> open) {
    menu.getItems().clear();
    for (Path file : files) {
      Path folder = file.getParent();
      MenuItem item = new MenuItem(file.getFileName() + (folder == null ? "" : "   in " + folder));
      item.setMnemonicParsing(false);
      item.setOnAction(e -> open.accept(file));
      menu.getItems().add(item);
    }
    menu.setDisable(files.isEmpty());
  }
}
