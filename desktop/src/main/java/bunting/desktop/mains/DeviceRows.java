package bunting.desktop.mains;

import bunting.core.limits.Range;
import bunting.core.show.Circuit;
import bunting.core.show.MainsDevice;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.edit.MainsEdits;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Choices;
import bunting.desktop.kit.Numbers;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Small things of the show on the mains: boards' own supplies, players, network switches. */
final class DeviceRows {
  /** What there often is, and the watts that it takes (common practice, no source). */
  private record Usual(String what, double watts) {}

  private static final List<Usual> USUAL =
      List.of(new Usual("Board supply", 3), new Usual("Player", 8), new Usual("Network switch", 6));

  private final Session session;
  private final Show show;

  private DeviceRows(Session session, Show show) {
    this.session = session;
    this.show = show;
  }

  static Node of(Session session, Show show) {
    DeviceRows rows = new DeviceRows(session, show);
    VBox box = new VBox(6, Words.subheading("Small things on the mains"));
    show.mains().devices().forEach(d -> box.getChildren().add(rows.row(d)));
    if (show.mains().devices().isEmpty()) {
      box.getChildren()
          .add(Words.softLines("None yet: boards' own small supplies, players, switches."));
    }
    VBox add = new VBox(4);
    for (Usual u : USUAL) {
      String id = "device-add-" + u.what().replace(' ', '-');
      add.getChildren().add(Buttons.small(id, "+ " + u.what(), () -> rows.add(u)));
    }
    box.getChildren().add(add);
    return box;
  }

  private void add(Usual usual) {
    session.edit(
        usual.what() + " was added.",
        s ->
            MainsEdits.withDevice(
                s,
                new MainsDevice(
                    MainsEdits.freeDevice(s, usual.what()),
                    usual.watts(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty())));
  }

  private Node row(MainsDevice d) {
    String id = d.id().replaceAll("\\W+", "-");
    TextField watts = new TextField(Texts.number(d.watts()));
    watts.setId("device-watts-" + id);
    watts.setPrefColumnCount(4);
    watts.setOnAction(e -> watts(d, watts));
    watts
        .focusedProperty()
        .addListener(
            (o, was, now) -> {
              if (!now) {
                watts(d, watts);
              }
            });
    Label name = Words.soft(d.id());
    name.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(name, Priority.ALWAYS);
    watts.setMinWidth(52);
    Label unit = Words.soft("W");
    unit.setMinWidth(Region.USE_PREF_SIZE);
    HBox first =
        new HBox(
            6,
            name,
            watts,
            unit,
            Buttons.small(
                "device-remove-" + id,
                "Remove",
                () ->
                    session.edit(
                        d.id() + " was taken away.", s -> MainsEdits.withoutDevice(s, d.id()))));
    first.setAlignment(Pos.CENTER_LEFT);
    HBox second = new HBox(6, circuit(d, id), keeps(d, id));
    second.setAlignment(Pos.CENTER_LEFT);
    return new VBox(3, first, second);
  }

  private void watts(MainsDevice d, TextField field) {
    Optional<Double> v = Numbers.in(Range.WATTS, field.getText().strip());
    if (v.isEmpty()) {
      session.say("The watts of " + d.id() + ": " + Numbers.wanted(Range.WATTS));
    } else if (v.get() != d.watts()) {
      put(d.id(), x -> new MainsDevice(x.id(), v.get(), x.at(), x.circuit(), x.keeps()));
    }
  }

  private void put(String id, UnaryOperator<MainsDevice> change) {
    session.edit(id + " was changed.", s -> MainsEdits.deviceChanged(s, id, change));
  }

  private ComboBox<String> circuit(MainsDevice d, String id) {
    List<String> all = new ArrayList<>(List.of(""));
    show.circuits().orElse(List.of()).stream().map(Circuit::id).forEach(all::add);
    return choice(
        "device-circuit-" + id,
        all,
        c -> c.isEmpty() ? "any circuit" : "on " + c,
        d.circuit().orElse(""),
        c ->
            put(
                d.id(),
                x ->
                    new MainsDevice(
                        x.id(),
                        x.watts(),
                        x.at(),
                        Optional.of(c).filter(y -> !y.isEmpty()),
                        x.keeps())));
  }

  private ComboBox<String> keeps(MainsDevice d, String id) {
    List<String> all = new ArrayList<>(List.of(""));
    session
        .assessment()
        .get()
        .ifPresent(
            a -> a.reading().decisions().controllers().forEach(c -> all.add(c.controller().id())));
    d.keeps().filter(k -> !all.contains(k)).ifPresent(all::add);
    return choice(
        "device-keeps-" + id,
        all,
        b -> b.isEmpty() ? "keeps none" : "keeps " + b,
        d.keeps().orElse(""),
        b ->
            put(
                d.id(),
                x ->
                    new MainsDevice(
                        x.id(),
                        x.watts(),
                        x.at(),
                        x.circuit(),
                        Optional.of(b).filter(y -> !y.isEmpty()))));
  }

  private ComboBox<String> choice(
      String id,
      List<String> of,
      Function<String, String> name,
      String now,
      Consumer<String> take) {
    ComboBox<String> box = new ComboBox<>();
    box.setId(id);
    box.setPrefWidth(126);
    box.getItems().setAll(of);
    Choices.named(box, name);
    box.setValue(now);
    box.valueProperty()
        .addListener(
            (o, was, next) -> {
              if (next != null) {
                take.accept(next);
              }
            });
    return box;
  }
}
