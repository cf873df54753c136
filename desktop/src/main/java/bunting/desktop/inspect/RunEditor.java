package bunting.desktop.inspect;

import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Pin;
import bunting.core.show.PixelType;
import bunting.core.show.PlacedController;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.edit.Names;
import bunting.core.show.edit.RunEdits;
import bunting.core.survey.Geometry;
import bunting.desktop.look.Choices;
import bunting.desktop.look.Lengths;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;

/**
 * What is edited of a run: its pixels, type, lead and pin. Each edit is one step that can be
 * undone.
 */
final class RunEditor {
  private static final double CHOICE_WIDTH = 182;

  private final Session session;
  private final Show show;
  private final Run run;
  private final Field name;
  private final Field length;
  private final Field pixels;
  private final Field built;
  private final Field group;
  private final Field lead;
  private final Lengths lengths;
  private final ComboBox<PixelType> type = new ComboBox<>();
  private final ComboBox<Place> pin = new ComboBox<>();
  private boolean listing;

  /** A choice of place; empty: the planner chooses. */
  private record Place(Optional<Pin> pin) {
    String text() {
      return pin.map(Pin::text).orElse("wherever it fits best");
    }
  }

  RunEditor(Session session, Show show, Run run) {
    this.session = session;
    this.show = show;
    this.run = run;
    lengths = new Lengths(show.survey().feet());
    name = new Field("Name", "edit-name", run.name(), "", this::name);
    length =
        new Field(
            "Length",
            "edit-length",
            run.lengthM().isPresent() ? lengths.plain(run.lengthM().getAsDouble()) : "",
            lengths.unit(),
            this::length);
    length.control().setPromptText("not measured");
    pixels =
        new Field(
            "Planned", "edit-pixels", Integer.toString(run.plannedPixels()), "px", this::pixels);
    String counted = run.built().isPresent() ? Integer.toString(run.built().getAsInt()) : "";
    built = new Field("Built", "edit-built", counted, "px", this::built);
    built.control().setPromptText("not counted");
    group = new Field("Group", "edit-group", run.group().orElse(""), "", this::group);
    group.control().setPromptText("none");
    String metres = run.leadM().isPresent() ? lengths.plain(run.leadM().getAsDouble()) : "";
    lead = new Field("Lead", "edit-lead", metres, lengths.unit(), this::lead);
    lead.control()
        .setPromptText(run.hanging().route().isEmpty() ? "by the rule" : "as it is drawn");
    types();
    places();
  }

  private void types() {
    type.setId("edit-type");
    type.setPrefWidth(CHOICE_WIDTH);
    type.getItems().setAll(show.catalogue().pixelTypes());
    Choices.named(type, t -> t.name());
    type.setValue(show.catalogue().pixelTypesById().get(run.type()));
    type.valueProperty()
        .addListener(
            (o, before, now) ->
                edit(run.name() + " is of type " + now.name() + ".", r -> r.withType(now.id())));
  }

  private void places() {
    pin.setId("edit-pin");
    pin.setPrefWidth(CHOICE_WIDTH);
    pin.setVisibleRowCount(14);
    Choices.named(pin, place -> place.text());
    planned();
    pin.valueProperty()
        .addListener(
            (o, before, now) -> {
              if (now != null && !listing) {
                pin(now);
              }
            });
  }

  /** Lists the boxes anew: where the planner chooses them, a plan has other ones. */
  void planned() {
    listing = true;
    List<Place> places = new ArrayList<>(List.of(new Place(Optional.empty())));
    Map<String, ControllerType> kinds = show.catalogue().controllerTypesById();
    for (Controller c : boxes(show)) {
      String id = c.id();
      places.add(new Place(Optional.of(new Pin(id, OptionalInt.empty()))));
      for (int port = 1; port <= kinds.get(c.type()).ports(); port++) {
        places.add(new Place(Optional.of(new Pin(id, OptionalInt.of(port)))));
      }
    }
    pin.getItems().setAll(places);
    pin.setValue(new Place(run.pin()));
    listing = false;
  }

  /** The builder's boxes, or those that the planner chose. */
  private List<Controller> boxes(Show of) {
    return of.controllers()
        .orElseGet(
            () ->
                session.assessment().get().stream()
                    .flatMap(a -> a.reading().decisions().controllers().stream())
                    .map(PlacedController::controller)
                    .toList());
  }

  /** Where the planner had chosen the boxes, a pin makes those boxes what there is. */
  private void pin(Place place) {
    session.edit(
        run.name() + " goes " + (place.pin().isPresent() ? "to " : "") + place.text() + ".",
        s -> {
          Show fixed =
              s.controllers().isPresent() || place.pin().isEmpty()
                  ? s
                  : s.withControllers(boxes(s));
          return RunEdits.changed(fixed, run.name(), r -> r.withPin(place.pin()))
              .withAllotting(fixed.allotting().released(run.name()));
        });
  }

  private void edit(String what, UnaryOperator<Run> change) {
    session.editRun(what, run.name(), change);
  }

  private Optional<String> name(String text) {
    if (!Names.sound(text)) {
      return Optional.of("Give it a name of 1 to 200 characters.");
    }
    if (Names.isLight(session.show().orElse(show), text)) {
      return Optional.of("A run, set or string has that name already.");
    }
    session.edit(
        run.name() + " is called " + text + ".", s -> RunEdits.renamed(s, run.name(), text));
    session.selection().set(new Selection.OfRun(text));
    return Optional.empty();
  }

  /** The tape overrules the drawing: the count follows it, the picture stays. */
  private Optional<String> length(String text) {
    if (text.isEmpty()) {
      edit(run.name() + " is not measured.", r -> r.withLength(OptionalDouble.empty()));
      return Optional.empty();
    }
    Optional<Double> metres = lengths.metres(text).filter(m -> m > 0 && m <= 100_000);
    if (metres.isEmpty()) {
      return Optional.of("Give a length, such as 4.35 m or 14'3\".");
    }
    PixelType kind = show.catalogue().pixelTypesById().get(run.type());
    OptionalInt count = Geometry.countOf(metres.get(), kind);
    if (count.isEmpty()) {
      return Optional.of("That makes no pixel, or more than 1000000.");
    }
    edit(
        run.name() + ": " + lengths.text(metres.get()) + " make " + count.getAsInt() + " pixels.",
        r -> r.withLength(OptionalDouble.of(metres.get())).withPixels(count.getAsInt()));
    return Optional.empty();
  }

  private Optional<String> pixels(String text) {
    Optional<Integer> value = Numbers.whole(text).filter(v -> v >= 1 && v <= Run.PIXELS_MAX);
    value.ifPresent(v -> edit(run.name() + " has " + v + " pixels.", r -> r.withPixels(v)));
    return value.isPresent()
        ? Optional.empty()
        : Optional.of("Give a whole number from 1 to 1000000.");
  }

  private Optional<String> built(String text) {
    if (text.isEmpty()) {
      edit(run.name() + " is not counted.", r -> r.withBuilt(OptionalInt.empty()));
      return Optional.empty();
    }
    Optional<Integer> value = Numbers.whole(text).filter(v -> v >= 1 && v <= Run.PIXELS_MAX);
    value.ifPresent(v -> session.count(run.name(), v));
    return value.isPresent()
        ? Optional.empty()
        : Optional.of("Give the number that was counted, or nothing.");
  }

  private Optional<String> group(String text) {
    Optional<String> to = Optional.of(text).filter(t -> !t.isEmpty());
    if (text.length() > Names.LENGTH_MAX) {
      return Optional.of("Give at most 200 characters.");
    }
    edit(
        run.name() + to.map(t -> " belongs to " + t + ".").orElse(" belongs to no group."),
        r -> r.withGroup(to));
    return Optional.empty();
  }

  private Optional<String> lead(String text) {
    if (text.isEmpty()) {
      edit(run.name() + ": lead by the rule.", r -> r.withLead(OptionalDouble.empty()));
      return Optional.empty();
    }
    Optional<Double> value = lengths.metres(text).filter(v -> v <= 100_000);
    value.ifPresent(
        v ->
            edit(
                run.name() + ": lead of " + lengths.text(v) + ".",
                r -> r.withLead(OptionalDouble.of(v))));
    return value.isPresent()
        ? Optional.empty()
        : Optional.of("Give a length, such as 3.5, or nothing for the rule.");
  }

  List<Node> rows() {
    List<Node> rows =
        new ArrayList<>(
            List.of(
                name.node(),
                Field.row("Type", type, ""),
                length.node(),
                pixels.node(),
                built.node(),
                group.node(),
                lead.node(),
                Field.row("Goes to", pin, "")));
    rows.addAll(new CourseEditor(session, show, run).rows());
    rows.addAll(new FittingEditor(session, show, run).rows());
    return rows;
  }

  Node firstField() {
    return name.control();
  }
}
