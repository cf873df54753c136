package bunting.desktop.power;

import bunting.core.show.Conductors;
import bunting.core.show.InjectionSchool;
import bunting.core.show.PowerWays;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.Wire;
import bunting.desktop.kit.Choices;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;

/** How power is planned, and what is known of copper and joints. */
final class WaysEditor {
  private static final double LABEL = 76;
  private static final Pattern NUMBER = Pattern.compile("-?\\d{1,5}([.,]\\d{1,3})?");

  private final Session session;
  private final Show show;

  WaysEditor(Session session, Show show) {
    this.session = session;
    this.show = show;
  }

  List<Node> rows() {
    PowerWays w = show.wiring().ways();
    Conductors c = show.wiring().conductors();
    List<Node> rows = new ArrayList<>();
    rows.add(heading("How power is planned"));
    rows.add(row("School", school(w), ""));
    rows.add(
        number(
            "Step",
            "ways-every",
            w.everyPixels(),
            "px",
            1,
            1_000_000,
            v ->
                ways(
                    "A step of " + Math.round(v) + " px.",
                    x -> x.with(x.school(), (int) Math.round(v)))));
    rows.add(row("Headroom", headroom(w), ""));
    rows.add(
        check(
            "ways-limiter",
            "controllers limit brightness",
            w.limiter(),
            on ->
                ways(
                    on ? "Controllers limit." : "Fuses bear full white.", x -> x.withLimiter(on))));
    rows.add(
        check(
            "ways-ports",
            "boards' own outputs may feed",
            w.fromPorts(),
            on ->
                ways(
                    "Feeds " + (on ? "also from ports." : "from the distribution."),
                    x -> x.withPorts(on))));
    rows.add(
        check(
            "ways-sizes",
            "few sizes of wire",
            w.fewSizes(),
            on ->
                ways(on ? "Few sizes of wire." : "Every size of wire.", x -> x.withFewSizes(on))));
    rows.add(heading("Copper and joints"));
    rows.add(
        number(
            "Copper at",
            "copper-celsius",
            c.celsius(),
            "°C",
            -50,
            150,
            v ->
                copper(
                    k ->
                        k.with(
                            v,
                            k.fuseMilliohms(),
                            k.connectorMilliohms(),
                            k.boardMilliohms(),
                            k.inputM()))));
    rows.add(
        number(
            "Fuse",
            "copper-fuse",
            c.fuseMilliohms(),
            "mΩ",
            0,
            1000,
            v ->
                copper(
                    k ->
                        k.with(
                            k.celsius(),
                            v,
                            k.connectorMilliohms(),
                            k.boardMilliohms(),
                            k.inputM()))));
    rows.add(
        number(
            "Contact",
            "copper-contact",
            c.connectorMilliohms(),
            "mΩ each",
            0,
            1000,
            v ->
                copper(
                    k ->
                        k.with(
                            k.celsius(), k.fuseMilliohms(), v, k.boardMilliohms(), k.inputM()))));
    rows.add(
        number(
            "Board path",
            "copper-board",
            c.boardMilliohms(),
            "mΩ",
            0,
            1000,
            v ->
                copper(
                    k ->
                        k.with(
                            k.celsius(),
                            k.fuseMilliohms(),
                            k.connectorMilliohms(),
                            v,
                            k.inputM()))));
    rows.add(row("Board input", input(c), ""));
    rows.add(
        number(
            "of length",
            "copper-input-m",
            c.inputM(),
            "m",
            0,
            1000,
            v ->
                copper(
                    k ->
                        k.with(
                            k.celsius(),
                            k.fuseMilliohms(),
                            k.connectorMilliohms(),
                            k.boardMilliohms(),
                            v))));
    rows.add(
        check(
            "copper-brain",
            "boards on the pixels' supply",
            c.brainOnBank(),
            on -> copper(k -> k.withBrainOnBank(on))));
    Label other =
        new Label(
            "We cut V+ between supplies and join ground and data. Some join V+ of similar supplies;"
                + " we do not plan that: unequal ones push current into each other, and a failed"
                + " one is fed through a fuse sized for something else.");
    other.setWrapText(true);
    other.setMinHeight(javafx.scene.layout.Region.USE_PREF_SIZE);
    other.getStyleClass().add("soft");
    rows.add(other);
    return rows;
  }

  /** So many wires of a size. */
  private record Input(int wires, Optional<String> size) {
    String text() {
      return size.map(s -> wires + " x " + s).orElse("not known");
    }
  }

  private ComboBox<Input> input(Conductors c) {
    ComboBox<Input> box = new ComboBox<>();
    box.setId("copper-input");
    box.getItems().add(new Input(1, Optional.empty()));
    for (Wire wire : show.catalogue().wires()) {
      for (int n = 1; n <= 4; n++) {
        box.getItems().add(new Input(n, Optional.of(wire.id())));
      }
    }
    Choices.named(box, Input::text);
    box.setValue(new Input(c.inputWires(), c.inputWire()));
    box.valueProperty()
        .addListener((o, was, now) -> copper(k -> k.withInput(now.wires(), now.size())));
    return box;
  }

  private ComboBox<InjectionSchool> school(PowerWays w) {
    ComboBox<InjectionSchool> box = new ComboBox<>();
    box.setId("ways-school");
    box.getItems().setAll(InjectionSchool.values());
    Choices.named(box, InjectionSchool::text);
    box.setValue(w.school());
    box.valueProperty()
        .addListener(
            (o, was, now) ->
                ways("School: " + now.text() + ".", x -> x.with(now, x.everyPixels())));
    return box;
  }

  /** A school of headroom. */
  private record Headroom(double percent, boolean nextSize) {
    String text() {
      return nextSize ? "next size up" : Texts.number(percent) + " % of rating";
    }
  }

  private ComboBox<Headroom> headroom(PowerWays w) {
    ComboBox<Headroom> box = new ComboBox<>();
    box.setId("ways-headroom");
    Headroom now =
        w.nextSizeUp()
            ? new Headroom(100, true)
            : new Headroom(show.settings().supplyLoadPercentMax(), false);
    box.getItems()
        .addAll(new Headroom(75, false), new Headroom(80, false), new Headroom(100, true));
    if (!box.getItems().contains(now)) {
      box.getItems().add(now);
    }
    Choices.named(box, Headroom::text);
    box.setValue(now);
    box.valueProperty()
        .addListener(
            (o, was, chosen) -> {
              session.edit(
                  "Headroom: " + chosen.text() + ".",
                  s ->
                      s.withSettings(s.settings().withSupplyLoad(chosen.percent()))
                          .withWiring(
                              s.wiring()
                                  .with(s.wiring().ways().withNextSizeUp(chosen.nextSize()))));
            });
    return box;
  }

  private void ways(String what, UnaryOperator<PowerWays> change) {
    session.edit(what, s -> s.withWiring(s.wiring().with(change.apply(s.wiring().ways()))));
  }

  private void copper(UnaryOperator<Conductors> change) {
    session.edit(
        "What is known of copper and joints.",
        s -> s.withWiring(s.wiring().with(change.apply(s.wiring().conductors()))));
  }

  private static CheckBox check(
      String id, String text, boolean on, java.util.function.Consumer<Boolean> change) {
    CheckBox box = new CheckBox(text);
    box.setId(id);
    box.setSelected(on);
    box.selectedProperty().addListener((o, was, now) -> change.accept(now));
    return box;
  }

  private Node number(
      String label,
      String id,
      double now,
      String unit,
      double least,
      double most,
      java.util.function.DoubleConsumer take) {
    TextField field = new TextField(Texts.number(now));
    field.setId(id);
    field.setPrefColumnCount(6);
    Runnable enter =
        () -> {
          String text = field.getText().strip();
          DoubleFunction<Boolean> holds = v -> v >= least && v <= most;
          boolean good =
              NUMBER.matcher(text).matches()
                  && holds.apply(Double.parseDouble(text.replace(',', '.')));
          field.getStyleClass().remove("is-wrong");
          if (!good) {
            field.getStyleClass().add("is-wrong");
            session.say(
                label
                    + " should be a number from "
                    + Texts.number(least)
                    + " to "
                    + Texts.number(most)
                    + ".");
          } else if (Double.parseDouble(text.replace(',', '.')) != now) {
            take.accept(Double.parseDouble(text.replace(',', '.')));
          }
        };
    field.setOnAction(e -> enter.run());
    field
        .focusedProperty()
        .addListener(
            (o, was, in) -> {
              if (!in && field.getScene() != null) {
                enter.run();
              }
            });
    return row(label, field, unit);
  }

  private static HBox row(String label, Node control, String unit) {
    Label name = new Label(label);
    name.setMinWidth(LABEL);
    name.setLabelFor(control);
    Label after = new Label(unit);
    after.getStyleClass().add("soft");
    HBox row = new HBox(6, name, control, after);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private static Label heading(String text) {
    Label label = new Label(text);
    label.getStyleClass().add("heading-small");
    return label;
  }
}
