package bunting.desktop.bench;

import bunting.core.limits.Range;
import bunting.core.meter.MeterSetting;
import bunting.core.pattern.Pattern;
import bunting.core.show.BenchNotes;
import bunting.core.show.Texts;
import bunting.desktop.kit.Choices;
import bunting.desktop.kit.Numbers;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Session;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * Over the meter's sheet: what is sent while one measures, and what the supplies themselves read.
 */
final class MeterHead extends VBox {
  private static final List<Pattern> PATTERNS =
      List.of(Pattern.WHITE, Pattern.RED, Pattern.GREEN, Pattern.BLUE, Pattern.BLACK);

  private final Session session;
  private final Runnable changed;
  private final ComboBox<Pattern> pattern = new ComboBox<>();
  private final TextField bright = new TextField();
  private final FlowPane supplies = new FlowPane(8, 5);
  private final ToggleButton volts = toggle("Volts");
  private final ToggleButton amps = toggle("Amps");
  private final Label problem = Words.styled("", "problem");
  private final Map<Double, TextField> fields = new TreeMap<>();

  MeterHead(Session session, Runnable changed) {
    super(6);
    this.session = session;
    this.changed = changed;
    pattern.setId("meter-pattern");
    pattern.getItems().setAll(PATTERNS);
    Choices.named(pattern, Pattern::id);
    pattern.setValue(Pattern.WHITE);
    pattern.valueProperty().addListener(o -> changed.run());
    bright.setId("meter-brightness");
    bright.setPrefColumnCount(4);
    bright.setOnAction(e -> changed.run());
    ToggleGroup which = new ToggleGroup();
    which.getToggles().setAll(volts, amps);
    volts.setSelected(true);
    which
        .selectedToggleProperty()
        .addListener(
            (o, was, now) -> {
              if (now == null) {
                which.selectToggle(was);
              }
            });
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    HBox sent =
        new HBox(
            8,
            Words.heading("What a meter should read"),
            volts,
            amps,
            gap,
            new Label("while"),
            pattern,
            new Label("is sent at"),
            bright,
            new Label("%"));
    sent.setAlignment(Pos.CENTER_LEFT);
    supplies.setRowValignment(VPos.CENTER);
    problem.managedProperty().bind(problem.textProperty().isNotEmpty());
    getChildren().addAll(sent, supplies, problem);
  }

  private static ToggleButton toggle(String text) {
    ToggleButton button = new ToggleButton(text);
    button.setId("meter-" + text.toLowerCase(Locale.ROOT));
    button.getStyleClass().add("lens");
    button.setMinWidth(USE_PREF_SIZE);
    return button;
  }

  /** Whether amps are asked for; else volts are. */
  ReadOnlyBooleanProperty amps() {
    return amps.selectedProperty();
  }

  /** What is lit and what the supplies hold, for a plan. */
  MeterSetting setting(Rig rig) {
    supplies(rig);
    double usual = rig.hold().percent();
    double percent = Numbers.in(Range.PERCENT, bright.getText()).orElse(usual);
    if (bright.getText().isBlank()) {
      bright.setText(Texts.number(usual));
    }
    return new MeterSetting(pattern.getValue(), percent, notes().supplyVolts(), Set.of());
  }

  private BenchNotes notes() {
    return session.show().map(s -> s.bench()).orElse(BenchNotes.NONE);
  }

  /** One field for each voltage that the plan's supplies have. */
  private void supplies(Rig rig) {
    Set<Double> volts = new TreeSet<>();
    rig.reading().segments().forEach(s -> volts.add(s.type().volts()));
    if (!volts.equals(fields.keySet())) {
      fields.clear();
      supplies.getChildren().setAll(new Label("The meter at the supplies themselves:"));
      volts.forEach(v -> supplies.getChildren().add(ofSupply(v)));
      supplies.getChildren().addAll(new Label("(empty: as planned)"));
      problem.setText("");
    }
    for (Map.Entry<Double, TextField> e : fields.entrySet()) {
      double v = e.getKey();
      TextField field = e.getValue();
      field.setPromptText(
          Texts.fixed(rig.reading().show().wiring().conductors().supplyVolts(v), 2));
      if (!field.isFocused()) {
        field.setText(
            Optional.ofNullable(notes().supplyVolts().get(v))
                .map(r -> Texts.fixed(r, 2))
                .orElse(""));
      }
    }
  }

  private HBox ofSupply(double nominal) {
    TextField field = new TextField();
    fields.put(nominal, field);
    field.setId("meter-supply-" + Texts.number(nominal).replace('.', '-'));
    field.setPrefColumnCount(4);
    Label name = new Label("of " + Texts.number(nominal) + " V");
    name.setLabelFor(field);
    field.setOnAction(e -> measured(nominal, field));
    field
        .focusedProperty()
        .addListener(
            (o, was, now) -> {
              if (!now) {
                measured(nominal, field);
              }
            });
    HBox both = new HBox(5, name, field, new Label("V"));
    both.setAlignment(Pos.CENTER_LEFT);
    return both;
  }

  private void measured(double nominal, TextField field) {
    boolean empty = field.getText().isBlank();
    Optional<Double> volts =
        Numbers.in(Range.READ_VOLTS, field.getText()).filter(v -> plausible(v, nominal));
    problem.setText(
        empty || volts.isPresent()
            ? ""
            : "A supply of "
                + Texts.number(nominal)
                + " V holds between "
                + Texts.number(nominal / 2)
                + " and "
                + Texts.number(2 * nominal)
                + " V.");
    if ((empty || volts.isPresent())
        && !volts.equals(Optional.ofNullable(notes().supplyVolts().get(nominal)))) {
      session.edit(
          volts
              .map(v -> "Supplies of " + Texts.number(nominal) + " V read " + v + " V.")
              .orElse("Supplies of " + Texts.number(nominal) + " V read as planned."),
          s -> s.withBench(s.bench().withSupplyVolts(nominal, volts)));
      changed.run();
    }
  }

  private static boolean plausible(double volts, double nominal) {
    return volts >= nominal / 2 && volts <= 2 * nominal;
  }
}
