package bunting.desktop.inspect;

import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Pin;
import bunting.core.show.PlacedController;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.edit.RunEdits;
import bunting.desktop.kit.Form;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.scene.control.ComboBox;

/** Where a run goes: wherever it fits best, to a box, or to a port. */
final class PinChoice {
  private static final int ROWS = 14;

  private final Session session;
  private final Show show;
  private final Run run;
  private final ComboBox<Place> choice;
  private boolean listing;

  /** A choice of place; empty: the planner chooses. */
  private record Place(Optional<Pin> pin) {
    String text() {
      return pin.map(Pin::text).orElse("wherever it fits best");
    }
  }

  PinChoice(Session session, Show show, Run run, Form form) {
    this.session = session;
    this.show = show;
    this.run = run;
    choice =
        form.choice(
            "Goes to",
            "edit-pin",
            places(),
            Place::text,
            new Place(run.pin()),
            place -> {
              if (!listing) {
                pin(place);
              }
            });
    choice.setVisibleRowCount(ROWS);
  }

  /** Lists the boxes anew. */
  void list() {
    listing = true;
    choice.getItems().setAll(places());
    choice.setValue(new Place(run.pin()));
    listing = false;
  }

  private List<Place> places() {
    List<Place> places = new ArrayList<>(List.of(new Place(Optional.empty())));
    Map<String, ControllerType> kinds = show.catalogue().controllerTypesById();
    for (Controller c : boxes(session, show)) {
      String id = c.id();
      places.add(new Place(Optional.of(new Pin(id, OptionalInt.empty()))));
      int ports = Objects.requireNonNull(kinds.get(c.type())).ports();
      for (int port = 1; port <= ports; port++) {
        places.add(new Place(Optional.of(new Pin(id, OptionalInt.of(port)))));
      }
    }
    return places;
  }

  /** The builder's boxes, or those that the planner chose. */
  static List<Controller> boxes(Session session, Show of) {
    return of.controllers()
        .orElseGet(
            () ->
                session.assessment().get().stream()
                    .flatMap(a -> a.reading().decisions().controllers().stream())
                    .map(PlacedController::controller)
                    .toList());
  }

  private void pin(Place place) {
    session.edit(
        run.name() + " goes " + (place.pin().isPresent() ? "to " : "") + place.text() + ".",
        s -> RunEdits.pinned(s, List.of(run.name()), place.pin(), boxes(session, s)));
  }
}
