package bunting.desktop.inspect;

import bunting.core.limits.Range;
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
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What is edited of a controller: name, type, cost and place. */
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
    BoxEdits.find(show, id).ifPresent(c -> editor.fill(form, c));
    return form;
  }

  private void fill(Form form, Controller c) {
    Lengths lengths = Lengths.of(show);
    form.text("Name", "edit-name", id, "", this::name);
    form.choice(
        "Type",
        "edit-kind",
        show.catalogue().controllerTypes(),
        ControllerType::name,
        Objects.requireNonNull(show.catalogue().controllerTypesById().get(c.type())),
        this::retype);
    form.choice(
        "Cost",
        "edit-owned",
        List.of(true, false),
        owned -> owned ? "I own this" : "To buy",
        show.ownedControllers().contains(id),
        owned ->
            session.edit(
                owned ? "You own " + id + ": it costs nothing." : id + " is to be bought.",
                s -> BoxEdits.owned(s, id, owned)));
    form.length(
        "Across", "edit-x", c.x(), lengths, Range.PLACE, v -> move(at -> new Point(v, at.y())));
    form.length("Up", "edit-y", c.y(), lengths, Range.PLACE, v -> move(at -> new Point(at.x(), v)));
  }

  private void move(UnaryOperator<Point> to) {
    session.edit(
        id + " moved.",
        s -> BoxEdits.find(s, id).map(c -> BoxEdits.movedTo(s, id, to.apply(c.at()))).orElse(s));
  }

  private void retype(ControllerType kind) {
    session.edit(id + " is now: " + kind.name() + ".", s -> BoxEdits.retyped(s, id, kind.id()));
  }

  private Optional<String> name(String text) {
    if (!Names.sound(text)) {
      return Optional.of(Names.WANTED);
    }
    Document.Outcome outcome =
        session.edit("Renamed " + id + " to " + text + ".", s -> BoxEdits.renamed(s, id, text));
    if (outcome instanceof Document.Outcome.Same) {
      return Optional.of("A controller has that name already.");
    }
    session.selection().set(new Selection.OfBox(text));
    return Optional.empty();
  }
}
