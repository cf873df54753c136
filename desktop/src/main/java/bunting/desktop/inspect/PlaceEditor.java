package bunting.desktop.inspect;

import bunting.core.assess.OtherReading;
import bunting.core.assess.Reading;
import bunting.core.explain.LightExplanations;
import bunting.core.limits.Range;
import bunting.core.show.Circuit;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Survey;
import bunting.core.show.edit.Names;
import bunting.core.show.edit.PlaceEdits;
import bunting.core.show.edit.PlaceKind;
import bunting.core.units.Lengths;
import bunting.desktop.kit.Form;
import bunting.desktop.session.Document;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What is edited of an outlet, a network point, a note, a place for a box, a set or a string. */
final class PlaceEditor {
  private static final String NO_CIRCUIT = "not known";

  private final Session session;
  private final Show show;
  private final Selection.OfPlace key;

  private PlaceEditor(Session session, Show show, Selection.OfPlace key) {
    this.session = session;
    this.show = show;
    this.key = key;
  }

  static Form form(Session session, Show show, Selection.OfPlace key, PlaceEdits.Place place) {
    Form form = new Form();
    new PlaceEditor(session, show, key).fill(form, place);
    return form;
  }

  private boolean isNote() {
    return key.kind() == PlaceKind.NOTE;
  }

  private void fill(Form form, PlaceEdits.Place place) {
    Lengths lengths = Lengths.of(show);
    form.text(
        isNote() ? "Words" : "Name",
        "edit-name",
        isNote() ? place.text() : key.id(),
        "",
        this::name);
    form.length(
        "Across",
        "edit-x",
        place.at().x(),
        lengths,
        Range.PLACE,
        v -> move(at -> new Point(v, at.y())));
    form.length(
        "Up",
        "edit-y",
        place.at().y(),
        lengths,
        Range.PLACE,
        v -> move(at -> new Point(at.x(), v)));
    if (key.kind() == PlaceKind.OUTLET) {
      circuits(form);
    }
    LightEditor.addTo(form, session, show, key);
  }

  /** What a plan says of it. */
  static List<String> facts(Reading reading, Selection.OfPlace key) {
    List<String> facts = new ArrayList<>();
    for (OtherReading.Set s : reading.others().sets()) {
      if (key.kind() == PlaceKind.SET && s.set().name().equals(key.id())) {
        facts.add(LightExplanations.amps(s));
        facts.add("Board " + s.output().dimmer() + ", " + LightExplanations.place(s));
      }
    }
    for (OtherReading.Chain c : reading.others().chains()) {
      if (key.kind() == PlaceKind.BULBS && c.chain().strings().contains(key.id())) {
        facts.add("Chain " + c.chain().id() + ": " + String.join(", ", c.chain().strings()));
        facts.add(LightExplanations.amps(c));
      }
    }
    return facts;
  }

  private void circuits(Form form) {
    List<String> circuits = new ArrayList<>(List.of(NO_CIRCUIT));
    show.circuits().orElse(List.of()).stream().map(Circuit::id).forEach(circuits::add);
    String now =
        show.survey().outlets().stream()
            .filter(o -> o.id().equals(key.id()))
            .findFirst()
            .flatMap(Survey.Outlet::circuit)
            .orElse(NO_CIRCUIT);
    form.choice(
        "Circuit",
        "edit-circuit",
        circuits,
        c -> c,
        now,
        chosen ->
            session.edit(
                key.id() + " is on " + chosen + ".",
                s ->
                    PlaceEdits.onCircuit(
                        s, key.id(), Optional.of(chosen).filter(c -> !c.equals(NO_CIRCUIT)))));
  }

  private Optional<String> name(String text) {
    if (!Names.sound(text)) {
      return Optional.of(Names.WANTED);
    }
    Document.Outcome outcome =
        session.edit(
            text + " has its name.", s -> PlaceEdits.renamed(s, key.kind(), key.id(), text));
    if (outcome instanceof Document.Outcome.Same && !isNote()) {
      return Optional.of("Something has that name already.");
    }
    if (!isNote()) {
      session.selection().set(new Selection.OfPlace(key.kind(), text));
    }
    return Optional.empty();
  }

  private void move(UnaryOperator<Point> to) {
    session.edit(
        key.id() + " was moved.",
        s ->
            PlaceEdits.find(s, key.kind(), key.id())
                .map(p -> PlaceEdits.movedTo(s, key.kind(), key.id(), to.apply(p.at())))
                .orElse(s));
  }
}
