package bunting.desktop.inspect;

import bunting.core.plan.HandOuts;
import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.edit.BoxEdits;
import bunting.core.show.edit.Names;
import bunting.desktop.look.Choices;
import bunting.desktop.session.Document;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;

/** What is edited of a box: name, kind and place; or that the planner's boxes are to be kept. */
final class BoxEditor {
  private static final double CHOICE_WIDTH = 182;

  private final Session session;
  private final Show show;
  private final Optional<Controller> box;
  private final Field name;
  private final Button keep = new Button("Keep the boxes as they are planned");

  BoxEditor(Session session, Show show, String id) {
    this.session = session;
    this.show = show;
    this.box =
        show.controllers().orElse(List.of()).stream().filter(c -> c.id().equals(id)).findFirst();
    this.name = new Field("Name", "edit-name", id, "", this::name);
    keep.setId("edit-keep");
    keep.setOnAction(e -> keep());
  }

  /** The planner chose the boxes so far; now they are what there is, and can be edited. */
  private void keep() {
    session
        .assessment()
        .get()
        .map(a -> a.reading())
        .ifPresent(
            r ->
                session.edit(
                    "The boxes are kept as they are planned.", s -> HandOuts.withBoxes(s, r)));
  }

  List<Node> rows() {
    if (box.isEmpty()) {
      return List.of(keep);
    }
    Controller c = box.get();
    return List.of(
        name.node(),
        Field.row("Kind", kinds(c), ""),
        place("Across", "edit-x", c.x(), (now, v) -> new Point(v, now.y())),
        place("Up", "edit-y", c.y(), (now, v) -> new Point(now.x(), v)));
  }

  Node firstField() {
    return box.isEmpty() ? keep : name.control();
  }

  /** Where a box is when one of its measures is another. */
  private interface Moved {
    Point apply(Controller now, double metres);
  }

  private Node place(String label, String id, double now, Moved moved) {
    return new Field(
            label,
            id,
            Texts.number(now),
            "m",
            text -> {
              Optional<Double> v = Numbers.signed(text).filter(d -> Math.abs(d) <= 100_000);
              v.ifPresent(d -> session.edit("The box was moved.", s -> movedTo(s, moved, d)));
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

  private Show movedTo(Show now, Moved moved, double metres) {
    return now.controllers().orElse(List.of()).stream()
        .filter(c -> c.id().equals(box.orElseThrow().id()))
        .findFirst()
        .map(c -> BoxEdits.movedTo(now, c.id(), moved.apply(c, metres)))
        .orElse(now);
  }

  private void retype(ControllerType kind) {
    String id = box.orElseThrow().id();
    session.edit(
        id + " is of the kind " + kind.name() + ".", s -> BoxEdits.retyped(s, id, kind.id()));
  }

  private Optional<String> name(String text) {
    if (!Names.sound(text)) {
      return Optional.of("Give it a name of 1 to 200 characters.");
    }
    Document.Outcome outcome =
        session.edit(
            "The box is called " + text + ".",
            s -> BoxEdits.renamed(s, box.orElseThrow().id(), text));
    if (outcome instanceof Document.Outcome.Same) {
      return Optional.of("A box has that name already.");
    }
    session.selection().set(new Selection.OfBox(text));
    return Optional.empty();
  }
}
