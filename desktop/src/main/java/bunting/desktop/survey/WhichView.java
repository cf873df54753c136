package bunting.desktop.survey;

import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.edit.RunEdits;
import bunting.core.survey.PixelFinder;
import bunting.core.survey.PixelFinder.Measured;
import bunting.core.survey.PixelFinder.Seen;
import bunting.core.survey.PixelFinder.Wires;
import bunting.desktop.kit.Choices;
import bunting.desktop.session.Document;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Which pixel type is mine? Asks what can be seen and measured. */
public final class WhichView extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<WhichView> SCREEN =
      ScreenDefinition.of("which", "Survey", "Which is mine?", WhichView::new)
          .reachedBy("Shortcut+T", "Survey: which pixel type is mine?");

  private static final int MATCHES_SHOWN = 4;

  private final Session session;
  private final Consumer<String> newRuns;
  private final TextField volts = field("which-volts", "12");
  private final ComboBox<Wires> wires = new ComboBox<>();
  private final ComboBox<Integer> colours = new ComboBox<>();
  private final TextField leds = field("which-leds", "60");
  private final TextField together = field("which-together", "1");
  private final TextField cuts = field("which-cuts", "1");
  private final TextField amps = field("which-amps", "");
  private final TextField metres = field("which-metres", "");
  private final VBox answer = new VBox(8);

  private WhichView(Desk desk) {
    super(10);
    this.session = desk.session();
    this.newRuns = id -> desk.view(SurveyScreen.SCREEN).elevation().drafting().setNewType(id);
    setId("which");
    getStyleClass().add("sheet");
    setFocusTraversable(true);
    Label title = new Label("Which is mine?");
    title.getStyleClass().add("heading");
    Label how =
        new Label("Look at the strip or string, and measure one piece with a meter if you can.");
    how.getStyleClass().add("soft");
    wires.setId("which-wires");
    wires.getItems().setAll(Wires.values());
    Choices.named(wires, w -> w.text());
    wires.setValue(Wires.THREE);
    colours.setId("which-colours");
    colours.getItems().setAll(3, 4);
    Choices.named(
        colours, n -> n == 4 ? "red, green, blue and a white of its own" : "red, green, blue");
    colours.setValue(3);
    Button ask = new Button("Find it");
    ask.setId("which-ask");
    ask.setDefaultButton(true);
    ask.setOnAction(e -> ask());
    VBox questions =
        new VBox(
            7,
            row("Volts on the label", volts, "V"),
            row("Wires, by the marks beside them", wires, ""),
            row("Colours in one light", colours, ""),
            row("LEDs or bulbs a metre", leds, "a metre"),
            row("LEDs that only light together", together, "LEDs (1: each by itself)"),
            row("LEDs from cut mark to cut mark", cuts, "LEDs"),
            row("Amps by the meter, all white", amps, "A, measured ..."),
            row("... on a piece of", metres, "m"),
            ask);
    answer.setId("which-answer");
    getChildren().addAll(title, how, questions, answer);
  }

  private static TextField field(String id, String value) {
    TextField field = new TextField(value);
    field.setId(id);
    field.setPrefColumnCount(6);
    return field;
  }

  private static HBox row(String question, Node control, String unit) {
    Label label = new Label(question);
    label.setMinWidth(220);
    label.setLabelFor(control);
    Label after = new Label(unit);
    after.getStyleClass().add("soft");
    HBox row = new HBox(8, label, control, after);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private static Optional<Double> number(TextField field) {
    String text = field.getText().strip().replace(',', '.');
    return text.matches("\\d{1,5}(\\.\\d{1,4})?")
        ? Optional.of(Double.valueOf(text)).filter(v -> v > 0)
        : Optional.empty();
  }

  private void ask() {
    answer.getChildren().clear();
    Optional<Double> v = number(volts);
    Optional<Double> a = number(leds);
    Optional<Double> t = number(together);
    Optional<Double> c = number(cuts);
    if (v.isEmpty() || a.isEmpty() || t.isEmpty() || c.isEmpty()) {
      say("Volts, LEDs a metre, LEDs together and LEDs between cuts are numbers over 0.");
      return;
    }
    Optional<Measured> measured =
        number(amps).flatMap(i -> number(metres).map(m -> new Measured(i, m)));
    Seen seen =
        new Seen(
            v.get(),
            wires.getValue(),
            colours.getValue(),
            a.get(),
            t.get().intValue(),
            c.get().intValue(),
            measured);
    show(PixelFinder.find(session.show().orElseThrow().catalogue(), seen), seen);
  }

  private void show(PixelFinder.Found found, Seen seen) {
    if (found.plainSet()) {
      say(
          "There is no chip in it: the whole set is one colour at a time. It goes on PWM outputs;"
              + " add it under Other lights.");
      return;
    }
    int shown = 0;
    for (PixelFinder.Match m : found.matches()) {
      if (shown++ < MATCHES_SHOWN) {
        match(m, seen);
      }
    }
    PixelType made = found.made();
    Button make = new Button("Make a type of just this");
    make.setId("which-make");
    make.setOnAction(e -> adopt(made));
    Label facts =
        words(
            made.name()
                + ", "
                + Texts.number(made.milliampsFull())
                + " mA a pixel "
                + (made.measured() ? "by your meter" : "(0.3 W assumed: measure it)"));
    answer.getChildren().add(line(make, facts));
  }

  private void match(PixelFinder.Match match, Seen seen) {
    Button use = new Button(match.fits() ? "This is it" : "Take this one");
    use.setId("which-" + match.type().id());
    use.setOnAction(e -> adopt(match.type()));
    Label facts =
        words(
            match.type().name()
                + (match.fits() ? ": fits" : ": " + String.join("; ", match.differences())));
    HBox row = line(use, facts);
    use.setMinWidth(Region.USE_PREF_SIZE);
    boolean ampsAlone = match.differences().stream().allMatch(d -> d.contains(" mA a pixel"));
    seen.milliamps()
        .filter(ma -> ampsAlone && Math.abs(ma - match.type().milliampsFull()) > 0.05)
        .ifPresent(
            ma -> {
              Button measure = new Button("Take its amps from my meter");
              measure.setId("measure-" + match.type().id());
              measure.setMinWidth(Region.USE_PREF_SIZE);
              measure.setOnAction(e -> adopt(match.type().withMeasured(ma)));
              row.getChildren().add(measure);
            });
    answer.getChildren().add(row);
  }

  private static Label words(String text) {
    Label label = new Label(text);
    label.setWrapText(true);
    label.setMaxWidth(560);
    label.setMinHeight(Region.USE_PREF_SIZE);
    return label;
  }

  private static HBox line(Node... nodes) {
    HBox row = new HBox(10, nodes);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private void say(String text) {
    answer.getChildren().setAll(words(text));
  }

  /** The type goes into the catalogue as it is now; a chosen run becomes of it. */
  private void adopt(PixelType type) {
    Show show = session.show().orElseThrow();
    Optional<Run> run =
        session.selection().get() instanceof Selection.OfRun r
            ? show.run(r.name())
            : Optional.empty();
    String amps =
        type.measured()
            ? " at " + Texts.fixed(type.milliampsFull(), 1) + " mA a pixel, measured"
            : "";
    newRuns.accept(type.id());
    Document.Outcome outcome =
        session.edit(
            type.name() + amps + run.map(r -> "; " + r.name() + " is of it").orElse("") + ".",
            s -> {
              Show with = s.withCatalogue(s.catalogue().withPixelType(type));
              return run.map(r -> RunEdits.changed(with, r.name(), x -> x.withType(type.id())))
                  .orElse(with);
            });
    if (outcome instanceof Document.Outcome.Same) {
      say(type.name() + ": new runs are of it. Choose a run first to make that one of it too.");
      return;
    }
    say(
        type.name()
            + amps
            + run.map(r -> ": " + r.name() + " is of it now.")
                .orElse(": the plan follows, and new runs are of it."));
  }
}
