package bunting.desktop.others;

import bunting.core.limits.Range;
import bunting.core.show.BulbString;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.edit.Names;
import bunting.core.show.edit.PlaceEdits;
import bunting.core.show.edit.PlaceKind;
import bunting.core.units.Lengths;
import bunting.desktop.kit.Numbers;
import bunting.desktop.session.Document;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;

/** One line each to add a plain set or a bulb string. */
final class LightForms {
  private final Session session;
  private final Label problem;

  LightForms(Session session, Label problem) {
    this.session = session;
    this.problem = problem;
  }

  private static TextField input(String id, String prompt, int columns) {
    TextField field = new TextField();
    field.setId(id);
    field.setPromptText(prompt);
    field.setAccessibleText(prompt);
    field.setPrefColumnCount(columns);
    return field;
  }

  /** A form for a plain set. */
  HBox set() {
    TextField name = input("set-name", "name", 12);
    TextField volts = input("set-volts", "volts", 5);
    TextField watts = input("set-watts", "watts", 6);
    TextField channels = input("set-channels", "colours: 3", 7);
    Button add = new Button("Add a set");
    add.setId("set-add");
    Runnable work =
        () -> {
          Optional<Double> v = number(volts, Range.SET_VOLTS);
          Optional<Double> w = number(watts, Range.SET_WATTS);
          int colours =
              channels.getText().isBlank()
                  ? 3
                  : Numbers.wholeIn(Range.SET_CHANNELS, channels.getText()).orElse(0);
          if (v.isEmpty() || w.isEmpty() || colours < 1) {
            problem.setText("A set needs volts and watts over 0, and 1 to 12 colours (3 for RGB).");
            return;
          }
          Show show = session.show().orElseThrow();
          PlainSet set =
              new PlainSet(
                  named(show, name, "Set"),
                  v.get(),
                  colours,
                  w.get(),
                  new Point(0, 0),
                  OptionalDouble.empty(),
                  Optional.empty());
          add(set.name(), s -> PlaceEdits.withSet(s, set), PlaceKind.SET);
          clear(name, volts, watts, channels);
        };
    add.setOnAction(e -> work.run());
    watts.setOnAction(e -> work.run());
    channels.setOnAction(e -> work.run());
    return row(name, volts, watts, channels, add);
  }

  /** A form for a bulb string. */
  HBox string() {
    TextField name = input("bulbs-name", "name", 12);
    TextField bulbs = input("bulbs-count", "bulbs", 5);
    TextField watts = input("bulbs-watts", "watts each", 7);
    TextField cord = input("bulbs-cord", "amps of the cord", 10);
    TextField length = input("bulbs-length", "length", 6);
    Button add = new Button("Add a string");
    add.setId("bulbs-add");
    Runnable work =
        () -> {
          Optional<Integer> n = Numbers.wholeIn(Range.PIXELS, bulbs.getText());
          Optional<Double> w = number(watts, Range.BULB_WATTS);
          Optional<Double> a = number(cord, Range.CORD_AMPS);
          if (n.isEmpty() || w.isEmpty() || a.isEmpty()) {
            problem.setText(
                "A string needs its bulbs, the watts of each, and the amps that its cord (or the"
                    + " fuse in its plug) bears.");
            return;
          }
          Show show = session.show().orElseThrow();
          BulbString string =
              new BulbString(
                  named(show, name, "Bulbs"),
                  n.get(),
                  w.get(),
                  a.get(),
                  Lengths.of(show).metres(length.getText()).filter(Range.LENGTH::holds).orElse(0.0),
                  new Point(0, 0));
          add(string.name(), s -> PlaceEdits.withString(s, string), PlaceKind.BULBS);
          clear(name, bulbs, watts, cord, length);
        };
    add.setOnAction(e -> work.run());
    cord.setOnAction(e -> work.run());
    length.setOnAction(e -> work.run());
    return row(name, bulbs, watts, cord, length, add);
  }

  private static HBox row(Node... nodes) {
    HBox row = new HBox(8, nodes);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private static void clear(TextField... fields) {
    for (TextField field : fields) {
      field.clear();
    }
    fields[0].requestFocus();
  }

  private static String named(Show show, TextField field, String stem) {
    String text = field.getText().strip();
    boolean free = Names.sound(text) && !Names.isLight(show, text);
    return free ? text : Names.free(show, text.isEmpty() ? stem : text);
  }

  private static Optional<Double> number(TextField field, Range range) {
    return Numbers.in(range, field.getText());
  }

  private void add(String name, UnaryOperator<Show> change, PlaceKind kind) {
    problem.setText("");
    Document.Outcome outcome =
        session.edit(name + " was added; drag it to its place on the elevation.", change);
    switch (outcome) {
      case Document.Outcome.Refused r -> problem.setText(r.why());
      case Document.Outcome.Done d -> session.selection().set(new Selection.OfPlace(kind, name));
      case Document.Outcome.Same s -> {}
    }
  }
}
