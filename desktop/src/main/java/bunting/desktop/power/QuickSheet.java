package bunting.desktop.power;

import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.injection.FeedPlaces;
import bunting.core.injection.Sites;
import bunting.core.show.PixelType;
import bunting.core.show.StandardCatalogue;
import bunting.core.show.Texts;
import bunting.core.show.Wire;
import bunting.desktop.kit.Choices;
import bunting.desktop.look.Palette;
import bunting.desktop.session.Background;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** How far can I go with this strip and this wire? One run, without a show. */
public final class QuickSheet extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<QuickSheet> SCREEN =
      ScreenDefinition.of("quick-sheet", "Power", "Quick sheet", QuickSheet::new)
          .reachedBy("Shortcut+J", "Power: how far with this strip and this wire")
          .pictured("quick-sheet", (desk, view) -> {});

  private static final double LABEL = 128;
  private static final int PIXELS_MAX = 5000;

  private final Background background;
  private final ObservableValue<Palette> palette;
  private final ComboBox<PixelType> type = new ComboBox<>();
  private final ComboBox<Wire> wire = new ComboBox<>();
  private final List<TextField> fields = new ArrayList<>();
  private final Label answer = new Label();
  private final Label farthest = new Label();
  private final Label command = new Label();
  private final Canvas canvas = new Canvas();
  private int pixels = 300;
  private double brightness = 100;
  private double leastPercent = 90;
  private double startM = 2;
  private Optional<FeedPlaces.Found> found = Optional.empty();
  private int asked;
  private boolean busy;

  /** A sheet with a 5 m strip on it. */
  private QuickSheet(Desk desk) {
    super(10);
    this.background = desk.session().background();
    this.palette = desk.palette();
    getStyleClass().add("sheet");
    Label title = new Label("Quick sheet: how far can I go with this strip and this wire?");
    title.getStyleClass().add("heading");
    Choices.named(type, PixelType::name);
    type.setId("quick-type");
    type.getItems().setAll(StandardCatalogue.get().pixelTypes());
    type.setValue(
        type.getItems().stream()
            .filter(t -> t.id().equals("5v-strip-60"))
            .findFirst()
            .orElseThrow());
    Choices.named(wire, w -> w.id() + " · bears " + Texts.number(w.fuseAmpsMax()) + " A");
    wire.setId("quick-wire");
    for (String id :
        List.of(
            "18AWG", "16AWG", "14AWG", "12AWG", "10AWG", "1.5mm2", "2.5mm2", "4.0mm2", "6.0mm2")) {
      Wire.parse(id).ifPresent(wire.getItems()::add);
    }
    wire.setValue(wire.getItems().get(2));
    type.valueProperty().addListener(o -> solve());
    wire.valueProperty().addListener(o -> solve());
    VBox form =
        new VBox(
            6,
            row("Pixel", type),
            row("Pixels", number("quick-pixels", pixels, 1, PIXELS_MAX, v -> pixels = (int) v)),
            row(
                "Brightness, %",
                number("quick-brightness", brightness, 1, 100, v -> brightness = v)),
            row(
                "Least volts, %",
                number("quick-least", leastPercent, 1, 99.9, v -> leastPercent = v)),
            row("Feed wire", wire),
            row("Supply to pixel 1, m", number("quick-start", startM, 0, 1000, v -> startM = v)));
    form.setMinWidth(330);
    for (Label l : List.of(answer, farthest, command)) {
      l.setWrapText(true);
      l.setMinHeight(Region.USE_PREF_SIZE);
    }
    answer.setId("quick-answer");
    answer.getStyleClass().add("heading-small");
    farthest.setId("quick-farthest");
    command.getStyleClass().add("soft");
    VBox said = new VBox(8, answer, farthest, command);
    HBox.setHgrow(said, Priority.ALWAYS);
    Pane picture = new Pane(canvas);
    picture.setMinHeight(240);
    canvas.widthProperty().bind(picture.widthProperty());
    canvas.heightProperty().bind(picture.heightProperty());
    canvas.widthProperty().addListener(o -> paint());
    canvas.heightProperty().addListener(o -> paint());
    VBox.setVgrow(picture, Priority.ALWAYS);
    Label note =
        new Label(
            "Feed cables run along the run, all from one supply: length = supply to pixel 1 and the"
                + " way along. The fewest feeds are proven for lines of up to 700 pixels. Fuse each"
                + " feed: 1.25 x its amps, next size up, and no more than the wire bears.");
    note.setWrapText(true);
    note.setMinHeight(Region.USE_PREF_SIZE);
    note.getStyleClass().add("soft");
    HBox top = new HBox(28, form, said);
    getChildren().addAll(title, top, picture, note);
    palette.addListener(o -> paint());
    sceneProperty().addListener(o -> solve());
  }

  private static HBox row(String label, Node control) {
    Label name = new Label(label);
    name.setMinWidth(LABEL);
    name.setLabelFor(control);
    HBox row = new HBox(6, name, control);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private TextField number(String id, double now, double least, double most, DoubleConsumer take) {
    TextField field = new TextField(Texts.number(now));
    field.setId(id);
    field.setPrefColumnCount(7);
    fields.add(field);
    field
        .textProperty()
        .addListener(
            (o, was, text) -> {
              Optional<Double> value = parsed(text).filter(v -> v >= least && v <= most);
              field.getStyleClass().remove("is-wrong");
              if (value.isPresent()) {
                take.accept(value.get());
                solve();
              } else {
                field.getStyleClass().add("is-wrong");
                answer.setText(
                    "Give a number from "
                        + Texts.number(least)
                        + " to "
                        + Texts.number(most)
                        + ".");
              }
            });
    return field;
  }

  private static Optional<Double> parsed(String text) {
    return text.strip().matches("\\d{1,6}([.,]\\d{1,3})?")
        ? Optional.of(Double.valueOf(text.strip().replace(',', '.')))
        : Optional.empty();
  }

  private Sites sites(PixelType t, Wire w, int n) {
    double[] ohms = new double[n];
    double[] most = new double[n];
    for (int i = 0; i < n; i++) {
      ohms[i] = w.loopOhms(startM + i / t.pitchPerM());
      most[i] = w.fuseAmpsMax() / 1.25;
    }
    Line bare =
        Line.uniform(
            t.volts(), n, t.amps(brightness), t.load(), t.loopOhms(), new int[0], new double[0]);
    return new Sites(bare, t.volts(), ohms, most, false);
  }

  /** Long lines take a second: they are solved beside the interface. */
  private void solve() {
    if (getScene() == null) {
      return;
    }
    PixelType t = type.getValue();
    Wire w = wire.getValue();
    int n = pixels;
    double least = t.volts() * leastPercent / 100;
    int number = ++asked;
    busy = true;
    answer.setText("Solving…");
    background.run(
        "solving a line",
        job ->
            new Solved(
                FeedPlaces.fewest(sites(t, w, n), least, n),
                farthest(t, w, least, false),
                farthest(t, w, least, true)),
        solved -> {
          if (number == asked) {
            take(t, w, solved.best(), solved.one(), solved.both());
          }
        },
        why -> {
          if (number == asked) {
            busy = false;
            answer.setText(why);
          }
        });
  }

  /** The fewest feeds, and how far one end alone and both ends reach. */
  private record Solved(Optional<FeedPlaces.Found> best, int one, int both) {}

  /** The most pixels that hold when they are fed at the front alone, or at both ends. */
  private int farthest(PixelType t, Wire w, double least, boolean bothEnds) {
    int low = 0;
    int high = PIXELS_MAX;
    while (low < high) {
      int middle = (low + high + 1) >>> 1;
      int[] at = bothEnds && middle > 1 ? new int[] {0, middle - 1} : new int[] {0};
      boolean holds =
          bunting.core.dc.LineSolver.solve(sites(t, w, middle).with(at))
                  instanceof LineSolution.Stands s
              && s.volts().lowest() >= least
              && s.feedAmps().at(0) * 1.25 <= w.fuseAmpsMax();
      low = holds ? middle : low;
      high = holds ? high : middle - 1;
    }
    return low;
  }

  private void take(PixelType t, Wire w, Optional<FeedPlaces.Found> best, int one, int both) {
    busy = false;
    found = best;
    answer.setText(
        best.map(
                f ->
                    (f.count() == 1 ? "One feed holds" : f.count() + " feeds hold")
                        + " every pixel at "
                        + Texts.fixed(f.lowest(), 2)
                        + " V or more: at "
                        + places(f)
                        + ".")
            .orElse("No placing holds that limit with this wire: take a thicker one."));
    farthest.setText(
        "Fed at the front alone this wire takes you "
            + far(one, t)
            + "; fed at both ends "
            + far(both, t)
            + ".");
    command.setText(
        "./bunting drop --volts "
            + Texts.number(t.volts())
            + " --pixels "
            + pixels
            + " --pitch "
            + Texts.number(t.pitchPerM())
            + " --ma "
            + Texts.number(1000 * t.amps(brightness))
            + " --load "
            + t.load().id()
            + " --rail-ohms-per-m "
            + Texts.number(t.railOhmsPerM())
            + " --auto --min-volts "
            + Texts.number(t.volts() * leastPercent / 100)
            + " --feed-wire "
            + w.id()
            + " --start-m "
            + Texts.number(startM));
    paint();
  }

  private static String far(int n, PixelType t) {
    return n >= PIXELS_MAX
        ? "over " + PIXELS_MAX + " pixels"
        : n + " pixels, " + Texts.fixed(n / t.pitchPerM(), 1) + " m";
  }

  private static String places(FeedPlaces.Found f) {
    List<String> list = new ArrayList<>();
    int[] at = f.places();
    for (int k = 0; k < Math.min(12, at.length); k++) {
      list.add((at[k] + 1) + " (" + Texts.fixed(f.solution().feedAmps().at(k), 1) + " A)");
    }
    return (at.length == 1 ? "pixel " : "pixels ")
        + String.join(", ", list)
        + (at.length > 12 ? " and more" : "");
  }

  private void paint() {
    double least = type.getValue().volts() * leastPercent / 100;
    new QuickPainter(canvas.getGraphicsContext2D(), palette.getValue())
        .paint(type.getValue(), found, least);
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of();
  }

  @Override
  public void takeKeyboard() {
    fields.getFirst().requestFocus();
  }

  @Override
  public boolean busy() {
    return getScene() != null && busy;
  }
}
