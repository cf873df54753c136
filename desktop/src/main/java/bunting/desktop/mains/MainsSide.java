package bunting.desktop.mains;

import bunting.core.hookup.Cords;
import bunting.core.hookup.MainsSheet;
import bunting.core.hookup.MainsWords;
import bunting.core.show.Circuit;
import bunting.core.show.PlaceRules;
import bunting.core.show.Show;
import bunting.core.units.Lengths;
import bunting.desktop.kit.Form;
import bunting.desktop.kit.SidePanel;
import bunting.desktop.kit.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** Beside the circuits: the one at hand with its sums, small things, and bulbs both ways round. */
final class MainsSide extends SidePanel {
  private final MainsModel model;
  private final VBox form = new VBox(6);
  private final VBox sums = new VBox(3);
  private final VBox devices = new VBox(6);
  private final VBox bulbs = new VBox(6);
  private final VBox rules = new VBox(5);
  private Optional<PlaceRules> rulesOf = Optional.empty();
  private Optional<Circuit> shown = Optional.empty();
  private List<Object> bulbsOf = List.of();
  private List<Object> devicesOf = List.of();

  MainsSide(MainsModel model) {
    super("mains-side", 16);
    this.model = model;
    sums.setId("circuit-sums");
    content().getChildren().addAll(form, sums, devices, bulbs, rules);
    model.circuit().addListener(o -> refresh());
    model.sheet().addListener(o -> refresh());
    model.session().document().show().addListener(o -> refresh());
    refresh();
  }

  private void refresh() {
    keepingFocus(
        () -> {
          Optional<Show> show = model.session().show();
          Optional<Circuit> now = show.flatMap(this::circuit);
          if (!now.equals(shown) || form.getChildren().isEmpty()) {
            shown = now;
            form.getChildren().setAll(show.map(s -> form(s, now)).orElse(List.of()));
          }
          sums.getChildren().setAll(now.map(this::sums).orElse(List.of()));
          show.ifPresent(this::devices);
          show.ifPresent(this::bulbs);
          show.map(s -> s.mains().rules()).ifPresent(this::rules);
        });
  }

  /** Made anew only where it would differ: what is being typed stays. */
  private void devices(Show show) {
    List<String> boxes =
        model.session().assessment().get().stream()
            .flatMap(a -> a.reading().decisions().controllers().stream())
            .map(c -> c.controller().id())
            .toList();
    List<String> circuits = show.circuits().orElse(List.of()).stream().map(Circuit::id).toList();
    List<Object> of = List.of(show.mains().devices(), circuits, boxes);
    if (!of.equals(devicesOf)) {
      devicesOf = of;
      devices.getChildren().setAll(DeviceRows.of(model.session(), show));
    }
  }

  private void bulbs(Show show) {
    List<Object> of = List.of(show.settings().mainsVolts(), show.survey().feet());
    if (!of.equals(bulbsOf)) {
      bulbsOf = of;
      bulbs.getChildren().setAll(BulbForm.of(show.settings().mainsVolts(), Lengths.of(show)));
    }
  }

  private void rules(PlaceRules now) {
    if (rulesOf.filter(now::equals).isEmpty()) {
      rulesOf = Optional.of(now);
      rules.getChildren().setAll(RulesForm.of(model.session(), now));
    }
  }

  private Optional<Circuit> circuit(Show show) {
    List<Circuit> all = show.circuits().orElse(List.of());
    return all.stream()
        .filter(c -> model.circuit().get().filter(c.id()::equals).isPresent())
        .findFirst()
        .or(() -> all.stream().findFirst());
  }

  private List<Node> form(Show show, Optional<Circuit> circuit) {
    List<Node> rows = new ArrayList<>();
    if (circuit.isEmpty()) {
      rows.add(
          Words.softLines(
              "Add the circuit that the show is plugged into: what its breaker says, and what else"
                  + " runs on it."));
      return rows;
    }
    rows.add(Words.subheading("Circuit " + circuit.get().id()));
    Form form = CircuitForm.of(model, show, circuit.get());
    rows.addAll(form.rows());
    return rows;
  }

  private List<Node> sums(Circuit circuit) {
    Optional<MainsSheet> sheet = model.sheet().get();
    Optional<MainsSheet.OnCircuit> on =
        sheet.stream()
            .flatMap(s -> s.circuits().stream())
            .filter(c -> c.circuit().equals(circuit))
            .findFirst();
    List<Node> rows = new ArrayList<>();
    if (on.isEmpty()) {
      return rows;
    }
    rows.add(Words.subheading("What it has for the show"));
    MainsWords.circuit(on.get()).forEach(l -> rows.add(Words.lines(l, "arithmetic")));
    if (on.get().used()) {
      rows.add(Words.subheading("Starting cold"));
      rows.add(Words.lines(MainsWords.breaker(circuit), "arithmetic"));
      MainsWords.starting(on.get()).forEach(l -> rows.add(Words.lines(l, "arithmetic")));
      rows.add(Words.lines(MainsWords.switchgear(on.get()), "arithmetic"));
      rows.add(Words.subheading("Cords"));
      Lengths lengths = model.session().show().map(Lengths::of).orElse(new Lengths(false));
      for (Cords.Cord c : sheet.orElseThrow().cords()) {
        if (c.circuit().equals(circuit.id())) {
          rows.add(Words.lines(MainsWords.cord(c, circuit.volts(), lengths), "arithmetic"));
        }
      }
    }
    return rows;
  }
}
