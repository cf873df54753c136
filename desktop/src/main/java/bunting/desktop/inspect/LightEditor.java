package bunting.desktop.inspect;

import bunting.core.show.BulbString;
import bunting.core.show.OtherLoads;
import bunting.core.show.PlainSet;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.desktop.model.Selection;
import bunting.desktop.model.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import javafx.scene.Node;

/** The figures of a plain set or a bulb string. */
final class LightEditor {
  private final Session session;
  private final Show show;
  private final List<Node> rows = new ArrayList<>();

  LightEditor(Session session, Show show, Selection.OfPlace key) {
    this.session = session;
    this.show = show;
    if (key.kind() == Selection.Kind.SET) {
      show.others().plainSets().stream()
          .filter(s -> s.name().equals(key.id()))
          .findFirst()
          .ifPresent(this::set);
    } else if (key.kind() == Selection.Kind.BULBS) {
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
    figure("Volts", "edit-volts", s.volts(), "V", 60, v -> set(s, v, s.channels(), s.watts()));
    figure("Watts", "edit-watts", s.watts(), "W", 100_000, v -> set(s, s.volts(), s.channels(), v));
    figure(
        "Colours",
        "edit-channels",
        s.channels(),
        "outputs",
        12,
        v -> set(s, s.volts(), (int) Math.max(1, v), s.watts()));
  }

  private OtherLoads set(PlainSet s, double volts, int channels, double watts) {
    PlainSet next = new PlainSet(s.name(), volts, channels, watts, s.at(), s.leadM(), s.group());
    List<PlainSet> sets = new ArrayList<>(show.others().plainSets());
    sets.replaceAll(x -> x.equals(s) ? next : x);
    return new OtherLoads(sets, show.others().bulbStrings());
  }

  private void bulbs(BulbString b) {
    figure(
        "Bulbs",
        "edit-bulbs",
        b.bulbs(),
        "",
        1_000_000,
        v -> bulbs(b, (int) Math.max(1, v), b.wattsPerBulb(), b.cordAmpsMax(), b.lengthM()));
    figure(
        "Each",
        "edit-watts",
        b.wattsPerBulb(),
        "W",
        10_000,
        v -> bulbs(b, b.bulbs(), v, b.cordAmpsMax(), b.lengthM()));
    figure(
        "Cord",
        "edit-cord",
        b.cordAmpsMax(),
        "A at most",
        100,
        v -> bulbs(b, b.bulbs(), b.wattsPerBulb(), v, b.lengthM()));
    figure(
        "Line",
        "edit-line",
        b.lengthM(),
        "m",
        100_000,
        v -> bulbs(b, b.bulbs(), b.wattsPerBulb(), b.cordAmpsMax(), v));
  }

  private OtherLoads bulbs(BulbString b, int count, double watts, double cord, double metres) {
    BulbString next = new BulbString(b.name(), count, watts, cord, metres, b.at());
    List<BulbString> strings = new ArrayList<>(show.others().bulbStrings());
    strings.replaceAll(x -> x.equals(b) ? next : x);
    return new OtherLoads(show.others().plainSets(), strings);
  }

  private void figure(
      String label,
      String id,
      double now,
      String unit,
      double most,
      DoubleFunction<OtherLoads> change) {
    rows.add(
        new Field(
                label,
                id,
                Texts.number(now),
                unit.isEmpty() ? " " : unit,
                text -> {
                  Optional<Double> v = Numbers.decimal(text).filter(d -> d > 0 && d <= most);
                  v.ifPresent(
                      d ->
                          session.edit(
                              label + ": " + text + ".", show.withOthers(change.apply(d))));
                  return v.isPresent()
                      ? Optional.empty()
                      : Optional.of("Give a number over 0, to " + Texts.number(most) + ".");
                })
            .node());
  }
}
