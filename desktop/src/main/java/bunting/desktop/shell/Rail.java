package bunting.desktop.shell;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The steps of the work, with the screens of the one at hand. */
final class Rail extends VBox {
  private final Map<String, Button> steps = new LinkedHashMap<>();
  private final Map<String, VBox> groups = new LinkedHashMap<>();
  private final Map<ScreenDefinition<?>, Button> sheets = new LinkedHashMap<>();
  private final VBox more = new VBox();

  Rail(List<ScreenDefinition<?>> screens, Consumer<ScreenDefinition<?>> go) {
    getStyleClass().add("box-rail");
    VBox.setVgrow(more, Priority.ALWAYS);
    Set<String> names = new LinkedHashSet<>();
    screens.forEach(s -> s.step().ifPresent(names::add));
    for (String name : names) {
      List<ScreenDefinition<?>> own =
          screens.stream().filter(s -> s.step().filter(name::equals).isPresent()).toList();
      steps.put(name, button(name, "step-" + name.toLowerCase(Locale.ROOT), own.getFirst(), go));
      VBox group = new VBox(2);
      groups.put(name, group);
      getChildren().addAll(steps.get(name), group);
      // A step of one screen needs no list of it.
      for (ScreenDefinition<?> s : own.size() > 1 ? own : List.<ScreenDefinition<?>>of()) {
        Button sheet = button(s.title(), "sheet-" + s.id(), s, go);
        sheets.put(s, sheet);
        group.getChildren().add(sheet);
      }
    }
    getChildren().add(more);
  }

  private static Button button(
      String text, String id, ScreenDefinition<?> to, Consumer<ScreenDefinition<?>> go) {
    Button button = new Button(text);
    button.setId(id);
    button.setMaxWidth(Double.MAX_VALUE);
    button.setOnAction(e -> go.accept(to));
    return button;
  }

  /** Marks the screen at hand, with what it has for the rail. */
  void show(ScreenDefinition<?> screen, Optional<Region> its) {
    String now = screen.step().orElse("");
    steps.forEach(
        (name, button) ->
            button.getStyleClass().setAll("button", name.equals(now) ? "step" : "step-other"));
    groups.forEach(
        (name, group) -> {
          boolean on = name.equals(now) && !group.getChildren().isEmpty();
          group.setVisible(on);
          group.setManaged(on);
        });
    sheets.forEach(
        (s, button) ->
            button.getStyleClass().setAll("button", s.id().equals(screen.id()) ? "sub-on" : "sub"));
    its.ifPresent(part -> VBox.setVgrow(part, Priority.ALWAYS));
    List<Region> part = its.map(List::of).orElse(List.of());
    if (!more.getChildren().equals(part)) {
      more.getChildren().setAll(part);
    }
  }
}
