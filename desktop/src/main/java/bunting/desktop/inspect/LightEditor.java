package bunting.desktop.inspect;

import bunting.core.limits.Range;
import bunting.core.show.BulbString;
import bunting.core.show.PlainSet;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.edit.PlaceEdits;
import bunting.core.show.edit.PlaceKind;
import bunting.core.units.Lengths;
import bunting.desktop.kit.Form;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.function.UnaryOperator;

/** The figures of a plain set or a bulb string. */
final class LightEditor {
  private final Session session;
  private final Show show;
  private final Form form;

  private LightEditor(Session session, Show show, Form form) {
    this.session = session;
    this.show = show;
    this.form = form;
  }

  /** Adds the rows of a set or a string; none for anything else. */
  static void addTo(Form form, Session session, Show show, Selection.OfPlace key) {
    LightEditor editor = new LightEditor(session, show, form);
    if (key.kind() == PlaceKind.SET) {
      show.others().plainSets().stream()
          .filter(s -> s.name().equals(key.id()))
          .findFirst()
          .ifPresent(editor::set);
    } else if (key.kind() == PlaceKind.BULBS) {
      show.others().bulbStrings().stream()
          .filter(b -> b.name().equals(key.id()))
          .findFirst()
          .ifPresent(editor::bulbs);
    }
  }

  private void set(PlainSet s) {
    form.number(
        "Volts",
        "edit-volts",
        s.volts(),
        "V",
        Range.SET_VOLTS,
        v -> set(s, "Volts: " + Texts.number(v), x -> x.with(v, x.channels(), x.watts())));
    form.number(
        "Watts",
        "edit-watts",
        s.watts(),
        "W",
        Range.SET_WATTS,
        v -> set(s, "Watts: " + Texts.number(v), x -> x.with(x.volts(), x.channels(), v)));
    form.whole(
        "Colours",
        "edit-channels",
        s.channels(),
        "outputs",
        Range.SET_CHANNELS,
        n -> set(s, "Colours: " + n, x -> x.with(x.volts(), n, x.watts())));
  }

  private void set(PlainSet of, String what, UnaryOperator<PlainSet> change) {
    session.edit(
        of.name() + ": " + what + ".", now -> PlaceEdits.setChanged(now, of.name(), change));
  }

  private void bulbs(BulbString b) {
    form.whole(
        "Bulbs",
        "edit-bulbs",
        b.bulbs(),
        "of it",
        Range.PIXELS,
        n ->
            string(
                b, "Bulbs: " + n, x -> x.with(n, x.wattsPerBulb(), x.cordAmpsMax(), x.lengthM())));
    form.number(
        "Each",
        "edit-watts",
        b.wattsPerBulb(),
        "W",
        Range.BULB_WATTS,
        v ->
            string(
                b,
                "Each " + Texts.number(v) + " W",
                x -> x.with(x.bulbs(), v, x.cordAmpsMax(), x.lengthM())));
    form.number(
        "Cord",
        "edit-cord",
        b.cordAmpsMax(),
        "A at most",
        Range.CORD_AMPS,
        v ->
            string(
                b,
                "Cord: " + Texts.number(v) + " A",
                x -> x.with(x.bulbs(), x.wattsPerBulb(), v, x.lengthM())));
    Lengths lengths = Lengths.of(show);
    form.length(
        "Line",
        "edit-line",
        b.lengthM(),
        lengths,
        Range.LENGTH,
        v ->
            string(
                b,
                "Line: " + lengths.text(v),
                x -> x.with(x.bulbs(), x.wattsPerBulb(), x.cordAmpsMax(), v)));
  }

  private void string(BulbString of, String what, UnaryOperator<BulbString> change) {
    session.edit(
        of.name() + ": " + what + ".", now -> PlaceEdits.stringChanged(now, of.name(), change));
  }
}
