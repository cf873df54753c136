package bunting.desktop.inspect;

import bunting.core.assess.Reading;
import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Pin;
import bunting.core.show.PixelType;
import bunting.core.show.PlacedController;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.survey.Geometry;
import bunting.desktop.look.Choices;
import bunting.desktop.look.Lengths;
import bunting.desktop.model.Selection;
import bunting.desktop.model.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;

/**
 * What is edited of a run: its pixels, type, lead and pin. Each edit is one step that can be
 * undone.
 */
final class RunEditor {
  private static final double CHOICE_WIDTH = 182;

  private final Session session;
  private final Reading reading;
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

  /** A choice of place; empty: the planner chooses. */
  private record Place(Optional<Pin> pin) {
    String text() {
      return pin.map(Pin::text).orElse("wherever it fits best");
    }
  }

  RunEditor(Session session, Reading reading, Run run) {
    this.session = session;
    this.reading = reading;
    this.run = run;
    lengths = new Lengths(show().survey().feet());
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

  private Show show() {
    return reading.show();
  }

  private void types() {
    type.setId("edit-type");
    type.setPrefWidth(CHOICE_WIDTH);
    type.getItems().setAll(show().catalogue().pixelTypes());
    Choices.named(type, t -> t.name());
    type.setValue(show().catalogue().pixelTypesById().get(run.type()));
    type.valueProperty()
        .addListener(
            (o, before, now) ->
                session.edit(
                    run.name() + " is of type " + now.name() + ".",
                    show().withRun(run.withType(now.id()))));
  }

  private void places() {
    pin.setId("edit-pin");
    pin.setPrefWidth(CHOICE_WIDTH);
    pin.setVisibleRowCount(14);
    List<Place> places = new ArrayList<>(List.of(new Place(Optional.empty())));
    Map<String, ControllerType> kinds = show().catalogue().controllerTypesById();
    for (PlacedController c : reading.decisions().controllers()) {
      String id = c.controller().id();
      places.add(new Place(Optional.of(new Pin(id, OptionalInt.empty()))));
      for (int port = 1; port <= kinds.get(c.controller().type()).ports(); port++) {
        places.add(new Place(Optional.of(new Pin(id, OptionalInt.of(port)))));
      }
    }
    pin.getItems().setAll(places);
    Choices.named(pin, place -> place.text());
    pin.setValue(new Place(run.pin()));
    pin.valueProperty().addListener((o, before, now) -> pin(now));
  }

  private void pin(Place place) {
    List<Controller> boxes =
        reading.decisions().controllers().stream().map(PlacedController::controller).toList();
    // Where the planner had chosen the boxes, a pin makes those boxes what there is.
    Show fixed =
        show().controllers().isPresent() || place.pin().isEmpty()
            ? show()
            : show().withControllers(boxes);
    session.edit(
        run.name() + " goes " + (place.pin().isPresent() ? "to " : "") + place.text() + ".",
        fixed
            .withRun(run.withPin(place.pin()))
            .withAllotting(fixed.allotting().released(run.name())));
  }

  private Optional<String> name(String text) {
    if (text.isEmpty() || text.length() > 200) {
      return Optional.of("Give it a name of 1 to 200 characters.");
    }
    if (show().run(text).isPresent()) {
      return Optional.of("A run has that name already.");
    }
    session.selection().set(new Selection.OfRun(text));
    session.edit(
        run.name() + " is called " + text + ".", show().withRun(run.name(), run.withName(text)));
    return Optional.empty();
  }

  /** The tape overrules the drawing: the count follows it, the picture stays. */
  private Optional<String> length(String text) {
    if (text.isEmpty()) {
      session.edit(
          run.name() + " is not measured.", show().withRun(run.withLength(OptionalDouble.empty())));
      return Optional.empty();
    }
    Optional<Double> metres = lengths.metres(text).filter(m -> m > 0 && m <= 100_000);
    if (metres.isEmpty()) {
      return Optional.of("Give a length, such as 4.35 m or 14'3\".");
    }
    PixelType kind = show().catalogue().pixelTypesById().get(run.type());
    OptionalInt count = Geometry.countOf(metres.get(), kind);
    if (count.isEmpty()) {
      return Optional.of("That makes no pixel, or more than 1000000.");
    }
    session.edit(
        run.name() + ": " + lengths.text(metres.get()) + " make " + count.getAsInt() + " pixels.",
        show()
            .withRun(run.withLength(OptionalDouble.of(metres.get())).withPixels(count.getAsInt())));
    return Optional.empty();
  }

  private Optional<String> pixels(String text) {
    Optional<Integer> value = Numbers.whole(text).filter(v -> v >= 1 && v <= Run.PIXELS_MAX);
    value.ifPresent(
        v ->
            session.edit(run.name() + " has " + v + " pixels.", show().withRun(run.withPixels(v))));
    return value.isPresent()
        ? Optional.empty()
        : Optional.of("Give a whole number from 1 to 1000000.");
  }

  private Optional<String> built(String text) {
    if (text.isEmpty()) {
      session.edit(
          run.name() + " is not counted.", show().withRun(run.withBuilt(OptionalInt.empty())));
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
    if (text.length() > 200) {
      return Optional.of("Give at most 200 characters.");
    }
    session.edit(
        run.name() + to.map(t -> " belongs to " + t + ".").orElse(" belongs to no group."),
        show().withRun(run.withGroup(to)));
    return Optional.empty();
  }

  private Optional<String> lead(String text) {
    if (text.isEmpty()) {
      session.edit(
          run.name() + ": lead by the rule.", show().withRun(run.withLead(OptionalDouble.empty())));
      return Optional.empty();
    }
    Optional<Double> value = lengths.metres(text).filter(v -> v <= 100_000);
    value.ifPresent(
        v ->
            session.edit(
                run.name() + ": lead of " + lengths.text(v) + ".",
                show().withRun(run.withLead(OptionalDouble.of(v)))));
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
    rows.addAll(new CourseEditor(session, show(), run).rows());
    rows.addAll(new FittingEditor(session, show(), run).rows());
    return rows;
  }

  Node firstField() {
    return name.control();
  }
}
