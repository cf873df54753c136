package bunting.desktop.inspect;

import bunting.core.show.Goal;
import bunting.core.show.Planning;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.look.Choices;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;

/** What the planner of ports strives for, and what the builder has on the shelf. */
final class PlanningEditor {
  private static final Pattern OWNED = Pattern.compile("(\\d{1,4})\\s*(?:x\\s*)?(\\S+)");

  private final Session session;
  private final Show show;
  private final Planning planning;

  PlanningEditor(Session session, Show show) {
    this.session = session;
    this.show = show;
    this.planning = show.allotting().planning();
  }

  List<Node> rows() {
    Label title = new Label("Planning of ports");
    title.getStyleClass().add("heading-small");
    Label order =
        new Label(
            "Strives for: everything placed, then "
                + planning.goals().stream().map(Goal::text).collect(Collectors.joining(", "))
                + ".");
    order.setWrapText(true);
    order.getStyleClass().add("soft");
    ComboBox<Goal> first = new ComboBox<>();
    first.setId("plan-first");
    first.getItems().setAll(Goal.values());
    Choices.named(first, Goal::text);
    first.setValue(planning.goals().getFirst());
    first
        .valueProperty()
        .addListener(
            (o, was, now) -> change("First of all: " + now.text() + ".", p -> p.preferring(now)));
    List<Node> rows = new ArrayList<>(List.of(title, Field.row("First", first, ""), order));
    rows.add(
        number(
            "Spare",
            "plan-spare",
            planning.sparePorts(),
            "ports a box",
            (p, v) -> p.withSparePorts((int) Math.round(v))));
    rows.add(
        number(
            "Cable", "plan-cable", planning.cableCostPerM(), "a metre", Planning::withCableCost));
    rows.add(
        owned(
            "Own boxes",
            "plan-own-boxes",
            planning.ownedBoxes(),
            show.catalogue().controllerTypesById().keySet().stream().toList(),
            (p, l) -> p.withOwned(l, p.ownedSupplies())));
    rows.add(
        owned(
            "Supplies",
            "plan-own-supplies",
            planning.ownedSupplies(),
            show.catalogue().supplyTypesById().keySet().stream().toList(),
            (p, l) -> p.withOwned(p.ownedBoxes(), l)));
    if (show.controllers().isPresent()) {
      CheckBox add = new CheckBox("the planner may add boxes");
      add.setId("plan-add");
      add.setSelected(planning.addBoxes());
      add.selectedProperty()
          .addListener(
              (o, was, now) ->
                  change(
                      now ? "The planner may add boxes." : "The boxes are what there is.",
                      p -> p.withAddBoxes(now)));
      rows.add(add);
    }
    return rows;
  }

  private void change(String what, UnaryOperator<Planning> change) {
    session.edit(
        what, s -> s.withAllotting(s.allotting().with(change.apply(s.allotting().planning()))));
  }

  /** A change by a number. */
  private interface ByNumber {
    Planning apply(Planning before, double value);
  }

  private Node number(String label, String id, double now, String unit, ByNumber change) {
    return new Field(
            label,
            id,
            Texts.number(now),
            unit,
            text -> {
              Optional<Double> v = Numbers.decimal(text).filter(d -> d <= 10_000);
              v.ifPresent(
                  d ->
                      change(
                          label + ": " + Texts.number(d) + " " + unit + ".",
                          p -> change.apply(p, d)));
              return v.isPresent()
                  ? Optional.empty()
                  : Optional.of("Give a number from 0 to 10000.");
            })
        .node();
  }

  /** A change by a list of what is on the shelf. */
  private interface ByList {
    Planning apply(Planning before, List<Planning.Owned> list);
  }

  private Node owned(
      String label, String id, List<Planning.Owned> now, List<String> types, ByList change) {
    String shown =
        now.stream().map(o -> o.count() + " x " + o.type()).collect(Collectors.joining(", "));
    Field field =
        new Field(
            label,
            id,
            shown,
            "",
            text -> {
              List<Planning.Owned> list = new ArrayList<>();
              for (String part : text.isBlank() ? new String[0] : text.split(",", -1)) {
                Matcher m = OWNED.matcher(part.strip());
                if (!m.matches() || !types.contains(m.group(2))) {
                  return Optional.of(
                      "Give how many of which type, such as 2 x " + types.getFirst() + ".");
                }
                list.add(new Planning.Owned(m.group(2), Integer.parseInt(m.group(1))));
              }
              change("What is on the shelf is used first.", p -> change.apply(p, list));
              return Optional.empty();
            });
    field.control().setPromptText("none on the shelf");
    return field.node();
  }
}
