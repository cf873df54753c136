package bunting.desktop.inspect;

import bunting.core.show.BulbString;
import bunting.core.show.PlainSet;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.edit.PlaceEdits;
import bunting.core.show.edit.PlaceKind;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;

/** The figures of a plain set or a bulb string. */
final class LightEditor {
  private final Session session;
  private final List<Node> rows = new ArrayList<>();

  LightEditor(Session session, Show show, Selection.OfPlace key) {
    this.session = session;
    if (key.kind() == PlaceKind.SET) {
      show.others().plainSets().stream()
          .filter(s -> s.name().equals(key.id()))
          .findFirst()
          .ifPresent(this::set);
    } else if (key.kind() == PlaceKind.BULBS) {
      show.others().bulbStrings().stream()
          .filter(b -> b.name().equals(key.id()))
          .findFirst()
          .ifPresent(this::bulbs);
    }
  }

  List<Node> rows() {
    return rows;
  }

  private void set(PlainSet s) {
    set(s, "Volts", "edit-volts", s.volts(), "V", 60, (x, v) -> x.with(v, x.channels(), x.watts()));
    set(
        s,
        "Watts",
        "edit-watts",
        s.watts(),
        "W",
        100_000,
        (x, v) -> x.with(x.volts(), x.channels(), v));
    set(
        s,
        "Colours",
        "edit-channels",
        s.channels(),
        "outputs",
        12,
        (x, v) -> x.with(x.volts(), (int) Math.max(1, v), x.watts()));
  }

  /** A change of a set by a number. */
  private interface OfSet {
    PlainSet apply(PlainSet now, double value);
  }

  private void set(
      PlainSet of, String label, String id, double now, String unit, double most, OfSet change) {
    figure(
        label,
        id,
        now,
        unit,
        most,
        (show, v) -> PlaceEdits.setChanged(show, of.name(), x -> change.apply(x, v)));
  }

  private void bulbs(BulbString b) {
    string(
        b,
        "Bulbs",
        "edit-bulbs",
        b.bulbs(),
        "",
        1_000_000,
        (x, v) -> x.with((int) Math.max(1, v), x.wattsPerBulb(), x.cordAmpsMax(), x.lengthM()));
    string(
        b,
        "Each",
        "edit-watts",
        b.wattsPerBulb(),
        "W",
        10_000,
        (x, v) -> x.with(x.bulbs(), v, x.cordAmpsMax(), x.lengthM()));
    string(
        b,
        "Cord",
        "edit-cord",
        b.cordAmpsMax(),
        "A at most",
        100,
        (x, v) -> x.with(x.bulbs(), x.wattsPerBulb(), v, x.lengthM()));
    string(
        b,
        "Line",
        "edit-line",
        b.lengthM(),
        "m",
        100_000,
        (x, v) -> x.with(x.bulbs(), x.wattsPerBulb(), x.cordAmpsMax(), v));
  }

  /** A change of a string by a number. */
  private interface OfString {
    BulbString apply(BulbString now, double value);
  }

  private void string(
      BulbString of,
      String label,
      String id,
      double now,
      String unit,
      double most,
      OfString change) {
    figure(
        label,
        id,
        now,
        unit,
        most,
        (show, v) -> PlaceEdits.stringChanged(show, of.name(), x -> change.apply(x, v)));
  }

  /** A change of the show by a number. */
  private interface ByNumber {
    Show apply(Show now, double value);
  }

  private void figure(
      String label, String id, double value, String unit, double most, ByNumber change) {
    rows.add(
        new Field(
                label,
                id,
                Texts.number(value),
                unit.isEmpty() ? " " : unit,
                text -> {
                  Optional<Double> v = Numbers.decimal(text).filter(d -> d > 0 && d <= most);
                  v.ifPresent(
                      d -> session.edit(label + ": " + text + ".", now -> change.apply(now, d)));
                  return v.isPresent()
                      ? Optional.empty()
                      : Optional.of("Give a number over 0, to " + Texts.number(most) + ".");
                })
            .node());
  }
}
