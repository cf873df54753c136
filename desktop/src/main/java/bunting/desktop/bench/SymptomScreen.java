package bunting.desktop.bench;

import bunting.core.faults.Layout;
import bunting.core.faults.Looks;
import bunting.core.limits.Range;
import bunting.core.pattern.Pattern;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Choices;
import bunting.desktop.kit.Numbers;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Selection;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** From what looks wrong to what is wrong: point at it, say how it looks. */
public final class SymptomScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<SymptomScreen> SCREEN =
      ScreenDefinition.of("symptom", "Bench", "What is wrong?", SymptomScreen::new)
          .reachedBy("Shortcut+Shift+W", "Bench: from symptom to cause")
          .pictured("symptom", (desk, view) -> view.example());

  private static final List<Pattern> PATTERNS =
      List.of(
          Pattern.WHITE,
          Pattern.CHASE,
          Pattern.PORTS,
          Pattern.RED,
          Pattern.GREEN,
          Pattern.BLUE,
          Pattern.BLACK);

  private final SymptomModel model;
  private final Sight sight;
  private final SymptomSide side;
  private final Label what = Words.styled("", "heading-small");
  private final TextField from = new TextField();
  private final TextField to = new TextField();
  private final TextField volts = new TextField();
  private final Label problem = Words.styled("", "problem");
  private String run = "";
  private boolean second;

  private SymptomScreen(Desk desk) {
    super(6);
    BenchModel bench = desk.view(FloorScreen.SCREEN).model();
    this.model = new SymptomModel(bench);
    getStyleClass().add("survey");
    sight = new Sight(bench, desk.palette(), model.picture(), "", this::pointed);
    side = new SymptomSide(model);
    VBox.setVgrow(sight, Priority.ALWAYS);
    Label hint =
        Words.soft(
            "Click the first pixel that looks wrong, on the site or on its line, then the last."
                + " Both show how it would look with the cause that is chosen at the right.");
    hint.setWrapText(true);
    hint.setMinHeight(USE_PREF_SIZE);
    HBox head = new HBox(10, Words.heading("What is wrong?"), hint);
    head.setAlignment(Pos.CENTER_LEFT);
    HBox.setHgrow(hint, Priority.ALWAYS);
    VBox tell = new VBox(7, where(), looks(), meter(), problem);
    tell.getStyleClass().add("power-card");
    problem.managedProperty().bind(problem.textProperty().isNotEmpty());
    getChildren().addAll(head, sight, tell);
    bench.session().selection().addListener(o -> choose());
    bench.rig().addListener(o -> choose());
    sceneProperty()
        .addListener(
            (o, was, now) -> {
              if (now != null) {
                bench.wake();
                choose();
              }
            });
    choose();
  }

  private FlowPane where() {
    ComboBox<Pattern> sent = new ComboBox<>();
    sent.setId("symptom-pattern");
    sent.getItems().setAll(PATTERNS);
    Choices.named(sent, Pattern::id);
    sent.setValue(model.pattern().get());
    sent.valueProperty()
        .addListener(
            (o, was, now) -> {
              if (now != null) {
                model.pattern().set(now);
              }
            });
    model.pattern().addListener((o, was, now) -> sent.setValue(now));
    for (TextField f : new TextField[] {from, to, volts}) {
      f.setPrefColumnCount(4);
      f.setMinWidth(58);
    }
    from.setId("symptom-from");
    to.setId("symptom-to");
    volts.setId("symptom-volts");
    volts.setPromptText("4.62");
    what.setId("symptom-run");
    volts.setOnAction(e -> measured());
    FlowPane row =
        new FlowPane(
            8,
            6,
            new Label("While"),
            sent,
            new Label("is sent,"),
            what,
            new Label("from pixel"),
            from,
            new Label("to"),
            to,
            new Label("looks:"));
    row.setRowValignment(javafx.geometry.VPos.CENTER);
    return row;
  }

  private HBox meter() {
    Label of = new Label("or a meter at the first of them reads");
    of.setLabelFor(volts);
    HBox row =
        new HBox(
            8,
            of,
            volts,
            new Label("V"),
            Buttons.small("symptom-measured", "Tell it", this::measured));
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private FlowPane looks() {
    FlowPane row = new FlowPane(6, 6);
    for (Looks l : Looks.values()) {
      Button b = Buttons.of("looks-" + l.id(), label(l), () -> tell(l));
      b.getStyleClass().add("pattern-key");
      b.setMinHeight(34);
      b.setAccessibleText("These pixels look " + l.text());
      row.getChildren().add(b);
    }
    return row;
  }

  private static String label(Looks l) {
    return switch (l) {
      case RIGHT -> "Right";
      case DARK -> "Dark";
      case ORANGE -> "Orange";
      case WRONG_COLOUR -> "Another colour";
      case SHIFTED -> "Shifted";
      case BACKWARDS -> "Backwards";
      case FROZEN -> "Frozen";
      case SPARKLING -> "Sparkling";
      case DIM -> "Dim";
      case LIT -> "Lit at black";
    };
  }

  private int pixels() {
    return model.bench().session().show().flatMap(s -> s.run(run)).map(r -> r.pixels()).orElse(0);
  }

  /** The run at hand, all of it. */
  private void choose() {
    String now = model.bench().hand().run().orElse("");
    if (!now.equals(run)) {
      run = now;
      second = false;
      what.setText(run);
      from.setText(run.isEmpty() ? "" : "1");
      to.setText(run.isEmpty() ? "" : Integer.toString(pixels()));
      problem.setText("");
      mark();
    }
  }

  /** The first click is where it begins, the second where it ends. */
  private void pointed(String name, int pixel) {
    choose();
    if (second) {
      int first = Numbers.wholeIn(Range.PIXELS, from.getText()).orElse(pixel);
      from.setText(Integer.toString(Math.min(first, pixel)));
      to.setText(Integer.toString(Math.max(first, pixel)));
    } else {
      from.setText(Integer.toString(pixel));
      to.setText(Integer.toString(pixels()));
    }
    second = !second;
    mark();
  }

  private void mark() {
    Optional<Integer> first = Numbers.wholeIn(Range.PIXELS, from.getText());
    Optional<Integer> last = Numbers.wholeIn(Range.PIXELS, to.getText());
    sight.mark(
        first.isPresent() && last.isPresent() && pixels() > 0
            ? Optional.of(new LiveElevation.Mark(run, first.get(), last.get()))
            : Optional.empty());
  }

  private Optional<int[]> range() {
    Optional<Integer> first = Numbers.wholeIn(Range.PIXELS, from.getText());
    Optional<Integer> last = Numbers.wholeIn(Range.PIXELS, to.getText());
    boolean sound =
        first.isPresent()
            && last.isPresent()
            && first.get() >= 1
            && first.get() <= last.get()
            && last.get() <= pixels();
    problem.setText(
        sound
            ? ""
            : pixels() == 0
                ? "Choose a run first: click it."
                : "Pixels of "
                    + run
                    + " go from 1 to "
                    + pixels()
                    + ", the first before the last.");
    return sound ? Optional.of(new int[] {first.get(), last.get()}) : Optional.empty();
  }

  private void tell(Looks looks) {
    range().ifPresent(r -> model.tell(run, r[0], r[1], looks));
    second = false;
    mark();
  }

  private void measured() {
    Optional<Double> v = Numbers.in(Range.READ_VOLTS, volts.getText());
    if (v.isEmpty()) {
      problem.setText("Volts are a number like 4.62, from 0 to 1000.");
      return;
    }
    range()
        .ifPresent(
            r -> {
              model.tell(run, r[0], v.get());
              volts.clear();
            });
  }

  /** Something that is wrong, for the picture of this screen. */
  void example() {
    model
        .bench()
        .rig()
        .get()
        .flatMap(r -> r.layout().parts("Weir curtain west").stream().findFirst())
        .ifPresent(this::exampleOf);
  }

  private void exampleOf(Layout.Part part) {
    String name = part.segment().run().name();
    model.bench().session().selection().set(new Selection.OfRun(name));
    int last = part.segment().segment().lastPixel();
    int first = last * 2 / 3;
    model.tell(name, 1, first - 1, Looks.RIGHT);
    model.tell(name, first, last, Looks.DARK);
    from.setText(Integer.toString(first));
    mark();
    sight.elevation().fitBox();
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of(side);
  }

  @Override
  public void takeKeyboard() {
    sight.elevation().requestFocus();
  }

  @Override
  public void stop() {
    model.stop();
  }

  @Override
  public boolean busy() {
    return model.busy();
  }
}
