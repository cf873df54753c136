package bunting.desktop.mains;

import bunting.core.limits.Range;
import bunting.core.mains.UsualLoads;
import bunting.core.show.BreakerKind;
import bunting.core.show.Circuit;
import bunting.core.show.CircuitFacts;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.WallSwitch;
import bunting.core.show.edit.MainsEdits;
import bunting.core.show.edit.Names;
import bunting.core.units.Lengths;
import bunting.desktop.kit.Form;
import bunting.desktop.kit.Numbers;
import bunting.desktop.session.Document;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;

/** What is edited of a circuit. */
final class CircuitForm {
  private final MainsModel model;
  private final Circuit circuit;
  private final Lengths lengths;

  private CircuitForm(MainsModel model, Show show, Circuit circuit) {
    this.model = model;
    this.circuit = circuit;
    this.lengths = Lengths.of(show);
  }

  static Form of(MainsModel model, Show show, Circuit circuit) {
    CircuitForm editor = new CircuitForm(model, show, circuit);
    Form form = new Form();
    editor.breaker(form);
    editor.others(form);
    editor.safety(form);
    editor.place(form);
    form.button("circuit-remove", "Take this circuit away", editor::remove);
    return form;
  }

  private void breaker(Form form) {
    form.text("Name", "circuit-name", circuit.id(), "", this::name);
    form.number(
        "Breaker",
        "circuit-breaker",
        circuit.breakerAmps(),
        "A",
        Range.BREAKER,
        v -> edit(c -> new Circuit(c.id(), c.volts(), v, c.restAmps(), c.facts())));
    form.choice(
        "Its kind",
        "circuit-kind",
        List.of(BreakerKind.values()),
        CircuitForm::kind,
        circuit.facts().breaker(),
        k -> facts(f -> f.withBreaker(k)));
    form.number(
        "Volts",
        "circuit-volts",
        circuit.volts(),
        "V",
        Range.VOLTS,
        v -> edit(c -> new Circuit(c.id(), v, c.breakerAmps(), c.restAmps(), c.facts())));
    form.choice(
        "Phase",
        "circuit-phase",
        List.of(0, 1, 2, 3),
        p -> p == 0 ? "not said, or one alone" : "phase or leg " + p,
        circuit.facts().phase().orElse(0),
        p -> facts(f -> f.onPhase(p == 0 ? OptionalInt.empty() : OptionalInt.of(p))));
  }

  private static String kind(BreakerKind kind) {
    return kind == BreakerKind.UNKNOWN
        ? "not looked at"
        : kind.id() + ", " + Texts.number(kind.least()) + " x";
  }

  private void others(Form form) {
    form.text(
            "Also on it",
            "circuit-also",
            UsualLoads.text(circuit.facts().also()),
            "",
            text -> {
              Optional<List<CircuitFacts.Appliance>> read = UsualLoads.read(text);
              read.ifPresent(list -> facts(f -> f.withAlso(list)));
              return read.isPresent()
                  ? Optional.empty()
                  : Optional.of("Each with its amps: freezer 1.3, pump 2.4");
            })
        .prompting("freezer 1.3, pump 2.4");
    MenuButton usual = new MenuButton("Add what is usual");
    usual.setId("circuit-usual");
    for (UsualLoads u : UsualLoads.all()) {
      MenuItem item =
          new MenuItem(u.what() + ", " + Texts.fixed(u.amps(circuit.volts()), 1) + " A");
      item.setOnAction(e -> add(u));
      usual.getItems().add(item);
    }
    form.add(usual);
    form.number(
        "And more",
        "circuit-rest",
        circuit.restAmps(),
        "A",
        Range.AMPS,
        v -> edit(c -> new Circuit(c.id(), c.volts(), c.breakerAmps(), v, c.facts())));
  }

  private void safety(Form form) {
    form.text(
            "RCD, GFCI",
            "circuit-rcd",
            circuit.facts().rcdMilliamps().isPresent()
                ? Texts.number(circuit.facts().rcdMilliamps().getAsDouble())
                : "",
            "mA",
            this::rcd)
        .prompting("none");
    form.text(
            "opens too",
            "circuit-rcd-with",
            circuit.facts().rcdWith(),
            "",
            text -> {
              facts(f -> f.withRcdWith(text));
              return Optional.empty();
            })
        .prompting("nothing else");
    form.choice(
        "Wall switch",
        "circuit-switch",
        List.of(WallSwitch.values()),
        WallSwitch::words,
        circuit.facts().wallSwitch(),
        w -> facts(f -> f.withWallSwitch(w)));
    form.text(
            "Socket",
            "circuit-socket",
            circuit.facts().socket(),
            "",
            text -> {
              facts(f -> f.withSocket(text));
              return Optional.empty();
            })
        .prompting("blue 16 A, three pins");
  }

  private void place(Form form) {
    Optional<Point> at = circuit.facts().at();
    form.length(
        "Across",
        "circuit-x",
        at.map(p -> OptionalDouble.of(p.x())).orElse(OptionalDouble.empty()),
        lengths,
        Range.PLACE,
        v -> move(v, p -> new Point(v.orElse(0), p.y())));
    form.length(
        "Up",
        "circuit-y",
        at.map(p -> OptionalDouble.of(p.y())).orElse(OptionalDouble.empty()),
        lengths,
        Range.PLACE,
        v -> move(v, p -> new Point(p.x(), v.orElse(0))));
  }

  private Optional<String> move(OptionalDouble value, UnaryOperator<Point> to) {
    facts(
        f ->
            value.isEmpty()
                ? f.withAt(Optional.empty())
                : f.at(to.apply(f.at().orElse(new Point(0, 0)))));
    return Optional.empty();
  }

  private Optional<String> rcd(String text) {
    Optional<Double> v = Numbers.in(Range.MILLIAMPS, text);
    if (v.isEmpty() && !text.isEmpty() && !text.toLowerCase(Locale.ROOT).equals("none")) {
      return Optional.of(Numbers.wanted(Range.MILLIAMPS) + ", or nothing where there is none");
    }
    facts(f -> f.withRcd(v.map(OptionalDouble::of).orElse(OptionalDouble.empty())));
    return Optional.empty();
  }

  private void add(UsualLoads usual) {
    facts(
        f -> {
          List<CircuitFacts.Appliance> more = new ArrayList<>(f.also());
          double amps = Math.round(usual.amps(circuit.volts()) * 10) / 10.0;
          more.add(new CircuitFacts.Appliance(usual.what(), amps));
          return f.withAlso(more);
        });
  }

  private void facts(UnaryOperator<CircuitFacts> change) {
    edit(c -> c.with(change.apply(c.facts())));
  }

  private void edit(UnaryOperator<Circuit> change) {
    model
        .session()
        .edit(
            "Circuit " + circuit.id() + " was changed.",
            s -> MainsEdits.changed(s, circuit.id(), change));
  }

  private Optional<String> name(String text) {
    if (!Names.sound(text)) {
      return Optional.of(Names.WANTED);
    }
    Document.Outcome outcome =
        model
            .session()
            .edit(
                "The circuit is called " + text + ".",
                s -> MainsEdits.renamed(s, circuit.id(), text));
    if (outcome instanceof Document.Outcome.Same) {
      return Optional.of("A circuit has that name already.");
    }
    model.circuit().set(Optional.of(text));
    return Optional.empty();
  }

  private void remove() {
    model
        .session()
        .edit(
            "Circuit " + circuit.id() + " was taken away.",
            s -> MainsEdits.removed(s, circuit.id()));
  }
}
