package bunting.desktop.survey;

import bunting.core.limits.Range;
import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import bunting.core.show.edit.RunEdits;
import bunting.core.survey.PixelFinder;
import bunting.core.survey.PixelFinder.Measured;
import bunting.core.survey.PixelFinder.Seen;
import bunting.core.survey.PixelFinder.Wires;
import bunting.desktop.kit.Form;
import bunting.desktop.kit.Numbers;
import bunting.desktop.session.Document;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
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
  private static final double QUESTION = 220;
  private static final Range SEEN = Range.aboveTo(0, 100_000);

  private final Session session;
  private final Consumer<String> newRuns;
  private double volts = 12;
  private Wires wires = Wires.THREE;
  private int colours = 3;
  private double leds = 60;
  private double together = 1;
  private double cuts = 1;
  private Optional<Double> amps = Optional.empty();
  private Optional<Double> metres = Optional.empty();
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
    VBox questions = new VBox(7);
    questions.getChildren().setAll(questions().rows());
    answer.setId("which-answer");
    getChildren().addAll(title, how, questions, answer);
  }

  private Form questions() {
    Form form = new Form(QUESTION);
    form.number("Volts on the label", "which-volts", volts, "V", SEEN, v -> volts = v);
    form.choice(
        "Wires, by the marks beside them",
        "which-wires",
        List.of(Wires.values()),
        Wires::text,
        wires,
        w -> wires = w);
    form.choice(
        "Colours in one light",
        "which-colours",
        List.of(3, 4),
        n -> n == 4 ? "red, green, blue and a white of its own" : "red, green, blue",
        colours,
        n -> colours = n);
    form.number("LEDs or bulbs a metre", "which-leds", leds, "a metre", SEEN, v -> leds = v);
    form.number(
        "LEDs that only light together",
        "which-together",
        together,
        "LEDs (1: each by itself)",
        SEEN,
        v -> together = v);
    form.number("LEDs from cut mark to cut mark", "which-cuts", cuts, "LEDs", SEEN, v -> cuts = v);
    form.text(
        "Amps by the meter, all white",
        "which-amps",
        "",
        "A, measured ...",
        text -> measured(text, v -> amps = v));
    form.text(
        "... on a piece of", "which-metres", "", "m", text -> measured(text, v -> metres = v));
    form.button("which-ask", "Find it", this::ask).setDefaultButton(true);
    return form;
  }

  /** What was measured may be left out. */
  private static Optional<String> measured(String text, Consumer<Optional<Double>> take) {
    Optional<Double> value = Numbers.in(SEEN, text);
    if (value.isEmpty() && !text.isEmpty()) {
      return Optional.of(Numbers.wanted(SEEN));
    }
    take.accept(value);
    return Optional.empty();
  }

  private void ask() {
    answer.getChildren().clear();
    Optional<Measured> measured = amps.flatMap(i -> metres.map(m -> new Measured(i, m)));
    Seen seen = new Seen(volts, wires, colours, leds, (int) together, (int) cuts, measured);
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
