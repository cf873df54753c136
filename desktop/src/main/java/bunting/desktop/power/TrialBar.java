package bunting.desktop.power;

import bunting.core.assess.FeedReading;
import bunting.core.assess.Reading;
import bunting.core.plan.Posts;
import bunting.core.show.Texts;
import bunting.core.show.Wire;
import bunting.core.units.Lengths;
import bunting.desktop.kit.Choices;
import bunting.desktop.session.Session;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.FlowPane;

/** Sliders for brightness, trim and the chosen feed's cable. The cord moves with them at once. */
final class TrialBar extends FlowPane {
  private static final double TRIM_SHARE = 0.1;
  private static final double LEAD_MOST = 40;

  private final Session session;
  private final PowerModel model;
  private final Slider brightness = new Slider(0, 100, 100);
  private final Slider trim = new Slider(0, 1, 0);
  private final Slider lead = new Slider(0.5, LEAD_MOST, 1);
  private final Label brightnessText = new Label();
  private final Label trimText = new Label();
  private final Label leadText = new Label();
  private final ComboBox<Wire> wire = new ComboBox<>();
  private final Button decide = new Button("Plan for this");
  private boolean setting;

  TrialBar(Session session, PowerModel model) {
    super(7, 4);
    this.session = session;
    this.model = model;
    setAlignment(Pos.CENTER_LEFT);
    slider(brightness, "trial-brightness", "Brightness in percent", 5, 78);
    slider(trim, "trial-trim", "Volts that the supplies are trimmed to", 0.05, 78);
    slider(lead, "trial-lead", "Length of the chosen feed's cable", 0.5, 78);
    wire.setId("trial-wire");
    wire.setAccessibleText("Wire of the chosen feed");
    wire.setPrefWidth(96);
    wire.setMinWidth(96);
    Choices.named(wire, Wire::id);
    decide.setId("trial-decide");
    decide.getStyleClass().add("small");
    decide.setMinWidth(USE_PREF_SIZE);
    decide.setOnAction(e -> model.decideTrial());
    brightness
        .valueProperty()
        .addListener((o, was, now) -> unlessSetting(() -> tryBrightness(now.doubleValue())));
    trim.valueProperty()
        .addListener((o, was, now) -> unlessSetting(() -> tryTrim(now.doubleValue())));
    lead.valueProperty()
        .addListener(
            (o, was, now) ->
                unlessSetting(() -> stretch(now.doubleValue(), lead.isValueChanging())));
    lead.valueChangingProperty()
        .addListener((o, was, now) -> unlessSetting(() -> stretch(lead.getValue(), now)));
    wire.valueProperty().addListener((o, was, now) -> unlessSetting(() -> rewire(now)));
    getChildren()
        .addAll(
            name("Brightness"),
            brightness,
            fixed(brightnessText, 40),
            name("Trim"),
            trim,
            fixed(trimText, 50),
            name("Lead"),
            lead,
            fixed(leadText, 46),
            wire,
            decide);
    model.shown().addListener(o -> refresh());
    model.feed().addListener(o -> refresh());
    refresh();
  }

  private static void slider(Slider s, String id, String what, double step, double width) {
    s.setId(id);
    s.setAccessibleText(what);
    s.setBlockIncrement(step);
    s.setPrefWidth(width);
    s.setMinWidth(width);
  }

  private static Label name(String text) {
    Label label = new Label(text);
    label.getStyleClass().add("soft");
    label.setMinWidth(USE_PREF_SIZE);
    return label;
  }

  private static Label fixed(Label label, double width) {
    label.setMinWidth(width);
    return label;
  }

  private void unlessSetting(Runnable work) {
    if (!setting) {
      work.run();
    }
  }

  private void tryBrightness(double value) {
    model.tryBrightness(Math.rint(value));
  }

  private void tryTrim(double value) {
    model.tryTrim(Math.round(value * 20) / 20.0);
  }

  private void stretch(double value, boolean moving) {
    double metres = Math.round(value * 10) / 10.0;
    model
        .feedReading()
        .ifPresent(
            f -> {
              model.carry(d -> Posts.stretched(d, f.feed().id(), metres));
              if (!moving) {
                keep(f, "The lead is " + lengths().rough(metres) + ".");
              }
            });
  }

  private void rewire(Wire chosen) {
    model
        .feedReading()
        .filter(f -> chosen != null && !chosen.id().equals(f.feed().wire()))
        .ifPresent(
            f -> {
              model.carry(d -> Posts.rewired(d, f.feed().id(), chosen.id()));
              keep(f, "The lead is of " + chosen.id() + ".");
            });
  }

  private void keep(FeedReading f, String what) {
    model.byHand().keep(what, f.feed().segment(), f.feed().atPixel(), Optional.of(f.feed().id()));
  }

  private void refresh() {
    setting = true;
    Optional<Reading> shown = model.shown().get();
    shown.ifPresent(
        r -> {
          double percent = r.show().settings().brightnessPercent();
          brightness.setValue(percent);
          brightnessText.setText(Math.round(percent) + " %");
          model
              .port()
              .ifPresent(
                  p -> {
                    double nominal = p.box().volts();
                    double volts = r.show().wiring().conductors().supplyVolts(nominal);
                    trim.setMin(nominal * (1 - TRIM_SHARE));
                    trim.setMax(nominal * (1 + TRIM_SHARE));
                    trim.setValue(volts);
                    trimText.setText(Texts.fixed(volts, 2) + " V");
                  });
          wire.getItems().setAll(r.show().catalogue().wires());
          Optional<FeedReading> f = model.feedReading();
          lead.setDisable(f.isEmpty());
          wire.setDisable(f.isEmpty());
          leadText.setText(f.map(x -> lengths().rough(x.lengthM())).orElse("no feed"));
          f.ifPresent(x -> lead.setValue(x.lengthM()));
          wire.setValue(
              f.map(x -> r.show().catalogue().wiresById().get(x.feed().wire())).orElse(null));
        });
    boolean differs =
        shown.isPresent() && session.show().filter(s -> s.equals(shown.get().show())).isEmpty();
    decide.setVisible(differs);
    decide.setManaged(differs);
    setting = false;
  }

  private Lengths lengths() {
    return new Lengths(session.show().map(s -> s.survey().feet()).orElse(false));
  }
}
