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
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Small things of the show on the mains: boards' own supplies, players, network switches. */
final class DeviceRows {
  private static final List<String> USUAL =
      List.of("Board supply", "Player", "Network switch", "Wi-Fi point");
  private static final List<Double> WATTS = List.of(3.0, 8.0, 6.0, 8.0);

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
    HBox add = new HBox(4);
    for (int i = 0; i < 3; i++) {
      String what = USUAL.get(i);
      double watts = WATTS.get(i);
      add.getChildren()
          .add(Buttons.small("device-add-" + i, "+ " + what, () -> rows.add(what, watts)));
    }
    VBox buttons = new VBox(4);
    add.getChildren().stream().toList().forEach(buttons.getChildren()::add);
    box.getChildren().add(buttons);
    return box;
  }

  private void add(String what, double watts) {
    session.edit(
        what + " was added.",
        s ->
            MainsEdits.withDevice(
                s,
                new MainsDevice(
                    MainsEdits.freeDevice(s, what),
                    watts,
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
    HBox first =
        new HBox(
            6,
            Words.soft(d.id()),
            watts,
            Words.soft("W"),
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
      put(new MainsDevice(d.id(), v.get(), d.at(), d.circuit(), d.keeps()));
    }
  }

  private void put(MainsDevice device) {
    session.edit(device.id() + " was changed.", s -> MainsEdits.withDevice(s, device));
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
            new MainsDevice(
                d.id(), d.watts(), d.at(), Optional.of(c).filter(x -> !x.isEmpty()), d.keeps()));
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
        b -> b.isEmpty() ? "keeps no board" : "keeps " + b,
        d.keeps().orElse(""),
        b ->
            new MainsDevice(
                d.id(), d.watts(), d.at(), d.circuit(), Optional.of(b).filter(x -> !x.isEmpty())));
  }

  private ComboBox<String> choice(
      String id,
      List<String> of,
      java.util.function.Function<String, String> name,
      String now,
      java.util.function.Function<String, MainsDevice> change) {
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
                put(change.apply(next));
              }
            });
    return box;
  }
}
