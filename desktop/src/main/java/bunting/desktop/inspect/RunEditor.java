package bunting.desktop.inspect;

import bunting.core.assess.Reading;
import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Pin;
import bunting.core.show.PixelType;
import bunting.core.show.PlacedController;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.model.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.util.StringConverter;

/**
 * What is edited of a run: its pixels, type, lead and pin. Each edit is one step that can be
 * undone.
 */
final class RunEditor {
  private static final double CHOICE_WIDTH = 182;

  private final Session session;
  private final Reading reading;
  private final Run run;
  private final Field pixels;
  private final Field lead;
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
    pixels = new Field("Pixels", "edit-pixels", Integer.toString(run.pixels()), "px", this::pixels);
    String metres = run.leadM().isPresent() ? Texts.number(run.leadM().getAsDouble()) : "";
    lead = new Field("Lead", "edit-lead", metres, "m", this::lead);
    lead.control().setPromptText("by the rule");
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
    type.setConverter(
        new StringConverter<>() {
          @Override
          public String toString(PixelType t) {
            return t == null ? "" : t.name();
          }

          @Override
          public PixelType fromString(String text) {
            throw new UnsupportedOperationException("the list is not edited");
          }
        });
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
    pin.setConverter(
        new StringConverter<>() {
          @Override
          public String toString(Place place) {
            return place == null ? "" : place.text();
          }

          @Override
          public Place fromString(String text) {
            throw new UnsupportedOperationException("the list is not edited");
          }
        });
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
        fixed.withRun(run.withPin(place.pin())));
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

  private Optional<String> lead(String text) {
    if (text.isEmpty()) {
      session.edit(
          run.name() + ": lead by the rule.", show().withRun(run.withLead(OptionalDouble.empty())));
      return Optional.empty();
    }
    Optional<Double> value = Numbers.decimal(text).filter(v -> v <= 100_000);
    value.ifPresent(
        v ->
            session.edit(
                run.name() + ": lead of " + Texts.number(v) + " m.",
                show().withRun(run.withLead(OptionalDouble.of(v)))));
    return value.isPresent()
        ? Optional.empty()
        : Optional.of("Give metres, such as 3.5, or nothing for the rule.");
  }

  List<Node> rows() {
    return List.of(
        pixels.node(), Field.row("Type", type, ""), lead.node(), Field.row("Goes to", pin, ""));
  }

  Node firstField() {
    return pixels.control();
  }
}
