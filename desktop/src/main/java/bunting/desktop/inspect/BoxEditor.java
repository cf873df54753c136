package bunting.desktop.inspect;

import bunting.core.assess.Reading;
import bunting.core.plan.HandOuts;
import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Pin;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.look.Choices;
import bunting.desktop.model.Selection;
import bunting.desktop.model.Session;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;

/** What is edited of a box: name, kind and place; or that the planner's boxes are to be kept. */
final class BoxEditor {
  private static final double CHOICE_WIDTH = 182;

  private final Session session;
  private final Reading reading;
  private final Show show;
  private final Optional<Controller> box;
  private final Field name;
  private final Button keep = new Button("Keep the boxes as they are planned");

  BoxEditor(Session session, Reading reading, String id) {
    this.session = session;
    this.reading = reading;
    this.show = reading.show();
    this.box =
        show.controllers().orElse(List.of()).stream().filter(c -> c.id().equals(id)).findFirst();
    this.name = new Field("Name", "edit-name", id, "", this::name);
    keep.setId("edit-keep");
    keep.setOnAction(e -> keep());
  }

  /** The planner chose the boxes so far; now they are what there is, and can be edited. */
  private void keep() {
    session.edit("The boxes are kept as they are planned.", HandOuts.withBoxes(reading));
  }

  List<Node> rows() {
    if (box.isEmpty()) {
      return List.of(keep);
    }
    Controller c = box.get();
    return List.of(
        name.node(),
        Field.row("Kind", kinds(c), ""),
        place("Across", "edit-x", c.x(), v -> new Controller(c.id(), c.type(), v, c.y())),
        place("Up", "edit-y", c.y(), v -> new Controller(c.id(), c.type(), c.x(), v)));
  }

  Node firstField() {
    return box.isEmpty() ? keep : name.control();
  }

  private Node place(
      String label, String id, double now, java.util.function.DoubleFunction<Controller> moved) {
    return new Field(
            label,
            id,
            Texts.number(now),
            "m",
            text -> {
              Optional<Double> v = Numbers.signed(text).filter(d -> Math.abs(d) <= 100_000);
              v.ifPresent(d -> replace("The box was moved.", c -> moved.apply(d)));
              return v.isPresent() ? Optional.empty() : Optional.of("Give metres, such as 3.5.");
            })
        .node();
  }

  private ComboBox<ControllerType> kinds(Controller c) {
    ComboBox<ControllerType> kinds = new ComboBox<>();
    kinds.setId("edit-kind");
    kinds.setPrefWidth(CHOICE_WIDTH);
    kinds.getItems().setAll(show.catalogue().controllerTypes());
    Choices.named(kinds, t -> t.name());
    kinds.setValue(show.catalogue().controllerTypesById().get(c.type()));
    kinds.valueProperty().addListener((o, was, now) -> retype(now));
    return kinds;
  }

  /** Pins to ports that the new kind has not become pins to the box. */
  private void retype(ControllerType kind) {
    Show next =
        replaced(c -> new Controller(c.id(), kind.id(), c.x(), c.y()))
            .withRuns(
                show.runs().stream()
                    .map(
                        r ->
                            pinnedHere(r) && port(r) > kind.ports()
                                ? r.withPin(
                                    Optional.of(
                                        new Pin(
                                            box.orElseThrow().id(), java.util.OptionalInt.empty())))
                                : r)
                    .toList());
    session.edit(box.orElseThrow().id() + " is of the kind " + kind.name() + ".", next);
  }

  private boolean pinnedHere(Run run) {
    return run.pin().filter(p -> p.controller().equals(box.orElseThrow().id())).isPresent();
  }

  private static int port(Run run) {
    return run.pin().orElseThrow().port().orElse(0);
  }

  private Show replaced(UnaryOperator<Controller> change) {
    return show.withControllers(
        show.controllers().orElseThrow().stream()
            .map(c -> c.equals(box.orElseThrow()) ? change.apply(c) : c)
            .toList());
  }

  private void replace(String what, UnaryOperator<Controller> change) {
    session.edit(what, replaced(change));
  }

  private Optional<String> name(String text) {
    if (text.isEmpty() || text.length() > 200) {
      return Optional.of("Give it a name of 1 to 200 characters.");
    }
    if (show.controllers().orElseThrow().stream().anyMatch(c -> c.id().equals(text))) {
      return Optional.of("A box has that name already.");
    }
    Show next =
        replaced(c -> new Controller(text, c.type(), c.x(), c.y()))
            .withRuns(
                show.runs().stream()
                    .map(
                        r ->
                            pinnedHere(r)
                                ? r.withPin(
                                    Optional.of(new Pin(text, r.pin().orElseThrow().port())))
                                : r)
                    .toList())
            .withAllotting(show.allotting().boxRenamed(box.orElseThrow().id(), text))
            .withNetwork(show.network().boxRenamed(box.orElseThrow().id(), text));
    session.selection().set(new Selection.OfBox(text));
    session.edit("The box is called " + text + ".", next);
    return Optional.empty();
  }
}
