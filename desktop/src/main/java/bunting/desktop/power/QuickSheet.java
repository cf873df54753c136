package bunting.desktop.power;

import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import bunting.core.injection.FeedPlaces;
import bunting.core.injection.Sites;
import bunting.core.limits.Range;
import bunting.core.show.PixelType;
import bunting.core.show.StandardCatalogue;
import bunting.core.show.Texts;
import bunting.core.show.Wire;
import bunting.desktop.kit.Form;
import bunting.desktop.kit.Newest;
import bunting.desktop.look.Palette;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import bunting.files.DropWriter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
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
          .reachedBy("Shortcut+J", "Power: how far with this strip and this wire");

  private static final int FEEDS_TYPED = 12;
  private static final double LABEL = 128;
  private static final int PIXELS_MAX = 5000;
  private static final String FIRST_TYPE = "5v-strip-60";
  private static final Range PIXELS = Range.between(1, PIXELS_MAX);
  private static final Range SHARE = Range.between(1, 100);

  private final Newest solving;
  private final ObservableValue<Palette> palette;
  private final ComboBox<PixelType> type;
  private final ComboBox<Wire> wire;
  private final Node first;
  private final Label answer = new Label();
  private final Label farthest = new Label();
  private final Label command = new Label();
  private final Canvas canvas = new Canvas();
  private int pixels = 300;
  private double brightness = 100;
  private double leastPercent = 90;
  private double startM = 2;
  private Optional<FeedPlaces.Found> found = Optional.empty();

  /** A sheet with a 5 m strip on it. */
  private QuickSheet(Desk desk) {
    super(10);
    this.solving = new Newest(desk.session().background());
    this.palette = desk.palette();
    getStyleClass().add("sheet");
    Label title = new Label("Quick sheet: how far can I go with this strip and this wire?");
    title.getStyleClass().add("heading");
    Form form = new Form(LABEL);
    type =
        form.choice(
            "Pixel",
            "quick-type",
            StandardCatalogue.get().pixelTypes(),
            PixelType::name,
            Objects.requireNonNull(StandardCatalogue.get().pixelTypesById().get(FIRST_TYPE)),
            t -> solve());
    form.whole("Pixels", "quick-pixels", pixels, "", PIXELS, this::setPixels).atOnce();
    form.number("Brightness", "quick-brightness", brightness, "%", SHARE, this::setBrightness)
        .atOnce();
    form.number("Least volts", "quick-least", leastPercent, "%", SHARE, this::setLeast).atOnce();
    wire =
        form.choice(
            "Feed wire",
            "quick-wire",
            wires(),
            w -> w.id() + " · bears " + Texts.number(w.fuseAmpsMax()) + " A",
            wires().get(2),
            w -> solve());
    form.number("Supply to pixel 1", "quick-start", startM, "m", Range.INPUT_LENGTH, this::setStart)
        .atOnce();
    first = form.first().orElseThrow();
    VBox rows = new VBox(6);
    rows.getChildren().setAll(form.rows());
    rows.setMinWidth(330);
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
    HBox top = new HBox(28, rows, said);
    getChildren().addAll(title, top, picture, note);
    palette.addListener(o -> paint());
    sceneProperty().addListener(o -> solve());
  }

  private static List<Wire> wires() {
    return Stream.of(
            "18AWG", "16AWG", "14AWG", "12AWG", "10AWG", "1.5mm2", "2.5mm2", "4.0mm2", "6.0mm2")
        .flatMap(id -> Wire.parse(id).stream())
        .toList();
  }

  private void setPixels(int n) {
    pixels = n;
    solve();
  }

  private void setBrightness(double percent) {
    brightness = percent;
    solve();
  }

  private void setLeast(double percent) {
    leastPercent = percent;
    solve();
  }

  private void setStart(double metres) {
    startM = metres;
    solve();
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
    answer.setText("Solving…");
    solving.ask(
        "solving a line",
        job ->
            new Solved(
                FeedPlaces.fewest(sites(t, w, n), least, n),
                farthest(t, w, least, false),
                farthest(t, w, least, true)),
        solved -> take(t, w, solved.best(), solved.one(), solved.both()),
        answer::setText);
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
          LineSolver.solve(sites(t, w, middle).with(at)) instanceof LineSolution.Stands s
              && s.volts().lowest() >= least
              && s.feedAmps().at(0) * 1.25 <= w.fuseAmpsMax();
      low = holds ? middle : low;
      high = holds ? high : middle - 1;
    }
    return low;
  }

  private void take(PixelType t, Wire w, Optional<FeedPlaces.Found> best, int one, int both) {
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
    command.setText(best.map(f -> command(t, w, f.places())).orElse(""));
    paint();
  }

  /** What to type for the same answer; of many feeds it would be too long to read. */
  private String command(PixelType t, Wire w, int[] at) {
    double[] metres = Arrays.stream(at).mapToDouble(i -> startM + i / t.pitchPerM()).toArray();
    return at.length > FEEDS_TYPED
        ? ""
        : DropWriter.command(t, pixels, 1000 * t.amps(brightness), at, metres, w);
  }

  private static String far(int n, PixelType t) {
    return n >= PIXELS_MAX
        ? "over " + PIXELS_MAX + " pixels"
        : Texts.count(n, "pixel", "pixels") + ", " + Texts.fixed(n / t.pitchPerM(), 1) + " m";
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
    first.requestFocus();
  }

  @Override
  public boolean busy() {
    return getScene() != null && solving.busy().get();
  }
}
