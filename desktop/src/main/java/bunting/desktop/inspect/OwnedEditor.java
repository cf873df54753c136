package bunting.desktop.inspect;

import bunting.core.limits.Range;
import bunting.core.show.Accepted;
import bunting.core.show.Catalogue;
import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.DimmerType;
import bunting.core.show.OtherDecisions;
import bunting.core.show.PlacedController;
import bunting.core.show.Planning;
import bunting.core.show.Show;
import bunting.core.show.Supply;
import bunting.core.show.SupplyType;
import bunting.core.show.Texts;
import bunting.desktop.kit.Form;
import bunting.desktop.session.Session;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.scene.Scene;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;

/**
 * What you own of each type, beside what the plan needs of it. What is owned is used first and
 * costs nothing; the rest is to buy.
 */
final class OwnedEditor {
  private final Session session;
  private final Show show;

  OwnedEditor(Session session, Show show) {
    this.session = session;
    this.show = show;
  }

  void addTo(Form form) {
    Catalogue parts = show.catalogue();
    Set<String> owned = show.ownedControllers();
    form.heading("What you own");
    rows(
        form,
        Planning.Shelf.CONTROLLERS,
        "Add controllers you own",
        names(parts.controllerTypes().stream(), ControllerType::id, ControllerType::name),
        planned(
            a ->
                a.decisions().controllers().stream()
                    .map(PlacedController::controller)
                    .filter(c -> !owned.contains(c.id()))
                    .map(Controller::type)));
    rows(
        form,
        Planning.Shelf.SUPPLIES,
        "Add supplies you own",
        names(parts.supplyTypes().stream(), SupplyType::id, OwnedEditor::name),
        planned(a -> a.decisions().supplies().stream().map(Supply::type)));
    rows(
        form,
        Planning.Shelf.PWM_BOARDS,
        "Add PWM boards you own",
        names(parts.dimmerTypes().stream(), DimmerType::id, DimmerType::name),
        planned(a -> a.decisions().others().dimmers().stream().map(OtherDecisions.Dimmer::type)));
  }

  /** Returns the id of the button that adds to a kind. */
  static String button(Planning.Shelf kind) {
    return "own-add-" + kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private static String name(SupplyType type) {
    return Texts.number(type.volts()) + " V, " + Texts.number(type.watts()) + " W supply";
  }

  private static <T> Map<String, String> names(
      Stream<T> types, Function<T, String> id, Function<T, String> name) {
    Map<String, String> names = new LinkedHashMap<>();
    types.forEach(t -> names.put(id.apply(t), name.apply(t)));
    return names;
  }

  private Map<String, Integer> planned(Function<Accepted, Stream<String>> types) {
    Map<String, Integer> count = new TreeMap<>();
    show.accepted().stream().flatMap(types).forEach(t -> count.merge(t, 1, Integer::sum));
    return count;
  }

  private void rows(
      Form form,
      Planning.Shelf kind,
      String adds,
      Map<String, String> names,
      Map<String, Integer> planned) {
    Map<String, Integer> owned = new LinkedHashMap<>();
    planned.keySet().forEach(t -> owned.put(t, 0));
    show.allotting().planning().owned(kind).forEach(o -> owned.put(o.type(), o.count()));
    owned.forEach(
        (type, n) -> {
          String name = names.getOrDefault(type, type);
          form.words(name + ": " + text(planned.getOrDefault(type, 0), n));
          form.whole(
              "You own",
              field(kind, type),
              n,
              "",
              Range.SPARE_PORTS,
              now -> own(kind, type, name, now));
        });
    MenuButton more = new MenuButton(adds);
    more.setId(button(kind));
    more.getStyleClass().add("add-button");
    names.forEach(
        (type, name) -> {
          MenuItem item = new MenuItem(name);
          item.setOnAction(
              e -> {
                Scene scene = more.getScene();
                own(kind, type, name, owned.getOrDefault(type, 0) + 1);
                // Laid out first: what gets the keyboard is scrolled to by where it is.
                scene.getRoot().applyCss();
                scene.getRoot().layout();
                scene.lookup("#" + field(kind, type)).requestFocus();
              });
          more.getItems().add(item);
        });
    form.add(more);
  }

  private static String text(int planned, int owned) {
    int buy = Math.max(0, planned - owned);
    return planned == 0 ? "none planned" : planned + " planned, " + buy + " to buy";
  }

  private static String field(Planning.Shelf kind, String type) {
    return button(kind).replace("own-add", "own") + "-" + type.replaceAll("[^A-Za-z0-9-]", "-");
  }

  private void own(Planning.Shelf kind, String type, String name, int count) {
    session.edit(
        "You own " + count + " \u00d7 " + name + ".",
        s ->
            s.withAllotting(
                s.allotting().with(s.allotting().planning().owning(kind, type, count))));
  }
}
