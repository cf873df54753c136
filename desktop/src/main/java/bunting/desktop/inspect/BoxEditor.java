package bunting.desktop.inspect;

import bunting.core.limits.Range;
import bunting.core.plan.HandOuts;
import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.edit.BoxEdits;
import bunting.core.show.edit.Names;
import bunting.core.units.Lengths;
import bunting.desktop.kit.Form;
import bunting.desktop.session.Document;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What is edited of a box: name, kind and place; or that the planner's boxes are to be kept. */
final class BoxEditor {
  private final Session session;
  private final Show show;
  private final String id;

  private BoxEditor(Session session, Show show, String id) {
    this.session = session;
    this.show = show;
    this.id = id;
  }

  static Form form(Session session, Show show, String id) {
    Form form = new Form();
    BoxEditor editor = new BoxEditor(session, show, id);
    editor
        .box(show)
        .ifPresentOrElse(
            c -> editor.fill(form, c),
            () -> form.button("edit-keep", "Keep the boxes as they are planned", editor::keep));
    return form;
  }

  private Optional<Controller> box(Show of) {
    return of.controllers().stream()
        .flatMap(c -> c.stream())
        .filter(c -> c.id().equals(id))
        .findFirst();
  }

  private void fill(Form form, Controller c) {
    Lengths lengths = Lengths.of(show);
    form.text("Name", "edit-name", id, "", this::name);
    form.choice(
        "Kind",
        "edit-kind",
        show.catalogue().controllerTypes(),
        ControllerType::name,
        Objects.requireNonNull(show.catalogue().controllerTypesById().get(c.type())),
        this::retype);
    form.length(
        "Across", "edit-x", c.x(), lengths, Range.PLACE, v -> move(at -> new Point(v, at.y())));
    form.length("Up", "edit-y", c.y(), lengths, Range.PLACE, v -> move(at -> new Point(at.x(), v)));
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

  private void move(UnaryOperator<Point> to) {
    session.edit(
        "The box was moved.",
        s -> box(s).map(c -> BoxEdits.movedTo(s, id, to.apply(c.at()))).orElse(s));
  }

  private void retype(ControllerType kind) {
    session.edit(
        id + " is of the kind " + kind.name() + ".", s -> BoxEdits.retyped(s, id, kind.id()));
  }

  private Optional<String> name(String text) {
    if (!Names.sound(text)) {
      return Optional.of(Names.WANTED);
    }
    Document.Outcome outcome =
        session.edit("The box is called " + text + ".", s -> BoxEdits.renamed(s, id, text));
    if (outcome instanceof Document.Outcome.Same) {
      return Optional.of("A box has that name already.");
    }
    session.selection().set(new Selection.OfBox(text));
    return Optional.empty();
  }
}
