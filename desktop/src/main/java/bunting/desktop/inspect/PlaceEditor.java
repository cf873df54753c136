package bunting.desktop.inspect;

import bunting.core.assess.OtherReading;
import bunting.core.assess.Reading;
import bunting.core.explain.LightExplanations;
import bunting.core.show.Circuit;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Survey;
import bunting.core.show.Texts;
import bunting.core.show.edit.Names;
import bunting.core.show.edit.PlaceEdits;
import bunting.core.show.edit.PlaceKind;
import bunting.desktop.session.Document;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;

/** What is edited of an outlet, a network point, a note, a place for a box, a set or a string. */
final class PlaceEditor {
  private static final String NO_CIRCUIT = "not known";

  private final Session session;
  private final Show show;
  private final Selection.OfPlace key;
  private final Optional<PlaceEdits.Place> place;
  private final List<Node> rows = new ArrayList<>();
  private Optional<Field> name = Optional.empty();

  PlaceEditor(Session session, Show show, Selection.OfPlace key) {
    this.session = session;
    this.show = show;
    this.key = key;
    this.place = PlaceEdits.find(show, key.kind(), key.id());
    place.ifPresent(
        p -> {
          boolean note = key.kind() == PlaceKind.NOTE;
          Field field =
              new Field(
                  note ? "Words" : "Name", "edit-name", note ? p.text() : key.id(), "", this::name);
          name = Optional.of(field);
          rows.add(field.node());
          rows.add(
              new Field("Across", "edit-x", Texts.number(p.at().x()), "m", t -> move(t, true))
                  .node());
          rows.add(
              new Field("Up", "edit-y", Texts.number(p.at().y()), "m", t -> move(t, false)).node());
          if (key.kind() == PlaceKind.OUTLET) {
            rows.add(Field.row("Circuit", circuits(), ""));
          }
          rows.addAll(new LightEditor(session, show, key).rows());
        });
  }

  private static Label words(String text) {
    Label label = new Label(text);
    label.setWrapText(true);
    label.setMinHeight(javafx.scene.layout.Region.USE_PREF_SIZE);
    return label;
  }

  /** What a plan says of it. */
  List<Node> facts(Reading reading) {
    return said(reading).stream().<Node>map(PlaceEditor::words).toList();
  }

  private List<String> said(Reading reading) {
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

  private ComboBox<String> circuits() {
    ComboBox<String> box = new ComboBox<>();
    box.setId("edit-circuit");
    box.getItems().add(NO_CIRCUIT);
    show.circuits().orElse(List.of()).stream().map(Circuit::id).forEach(box.getItems()::add);
    Survey survey = show.survey();
    box.setValue(
        survey.outlets().stream()
            .filter(o -> o.id().equals(key.id()))
            .findFirst()
            .flatMap(Survey.Outlet::circuit)
            .orElse(NO_CIRCUIT));
    box.valueProperty()
        .addListener(
            (o, before, now) ->
                session.edit(
                    key.id() + " is on " + now + ".",
                    s ->
                        PlaceEdits.onCircuit(
                            s, key.id(), Optional.of(now).filter(c -> !c.equals(NO_CIRCUIT)))));
    return box;
  }

  private Optional<String> name(String text) {
    boolean note = key.kind() == PlaceKind.NOTE;
    if (!Names.sound(text)) {
      return Optional.of("Give it a name of 1 to 200 characters.");
    }
    Document.Outcome outcome =
        session.edit(
            text + " has its name.", s -> PlaceEdits.renamed(s, key.kind(), key.id(), text));
    if (outcome instanceof Document.Outcome.Same && !note) {
      return Optional.of("Something has that name already.");
    }
    if (!note) {
      session.selection().set(new Selection.OfPlace(key.kind(), text));
    }
    return Optional.empty();
  }

  private Optional<String> move(String text, boolean across) {
    Optional<Double> value = Numbers.signed(text).filter(v -> Math.abs(v) <= 100_000);
    value.ifPresent(v -> session.edit(key.id() + " was moved.", s -> movedTo(s, v, across)));
    return value.isPresent() ? Optional.empty() : Optional.of("Give metres, such as 3.5.");
  }

  private Show movedTo(Show now, double metres, boolean across) {
    return PlaceEdits.find(now, key.kind(), key.id())
        .map(p -> across ? new Point(metres, p.at().y()) : new Point(p.at().x(), metres))
        .map(to -> PlaceEdits.movedTo(now, key.kind(), key.id(), to))
        .orElse(now);
  }

  boolean isThere() {
    return place.isPresent();
  }

  String text() {
    return place.map(PlaceEdits.Place::text).orElse("");
  }

  List<Node> rows() {
    return rows;
  }

  Node firstField() {
    return name.orElseThrow().control();
  }
}
