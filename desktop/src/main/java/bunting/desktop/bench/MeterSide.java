package bunting.desktop.bench;

import bunting.core.assess.FeedReading;
import bunting.core.faults.Layout;
import bunting.core.limits.Range;
import bunting.core.meter.Meter;
import bunting.core.meter.MeterSetting;
import bunting.core.meter.MeterSheet;
import bunting.core.meter.StripTest;
import bunting.core.show.LoadKind;
import bunting.core.show.PixelType;
import bunting.core.show.Texts;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Newest;
import bunting.desktop.kit.Numbers;
import bunting.desktop.kit.SidePanel;
import bunting.desktop.kit.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Beside the meter's sheet: what each extra feed is worth, and a strip measured. */
final class MeterSide extends SidePanel {
  private static final double NOTHING_VOLTS = 0.05;

  private final BenchModel bench;
  private final VBox worth = new VBox(5);
  private final VBox strip = new VBox(6);
  private final Label found = Words.lines("");
  private final VBox take = new VBox();
  private final TextField pixels = field("strip-pixels", "100");
  private final TextField start = field("strip-start", "5.0");
  private final TextField end = field("strip-end", "4.2");
  private final TextField amps = field("strip-amps", "3.1");
  private final TextField start2 = field("strip-start-2", "4.5");
  private final TextField amps2 = field("strip-amps-2", "3.1");
  private final Newest working;
  private final Newest solving;
  private Optional<MeterSetting> setting = Optional.empty();
  private Optional<MeterSheet.Volts> at = Optional.empty();

  MeterSide(BenchModel bench) {
    super("meter-side", 14);
    this.bench = bench;
    this.working = new Newest(bench.session().background());
    this.solving = new Newest(bench.session().background());
    found.setId("strip-found");
    strip();
    content().getChildren().addAll(worth, strip);
    refresh();
  }

  private static TextField field(String id, String example) {
    TextField field = new TextField();
    field.setId(id);
    field.setPromptText(example);
    field.setPrefColumnCount(5);
    field.setMinWidth(56);
    return field;
  }

  boolean busy() {
    return working.busy().get() || solving.busy().get();
  }

  void setting(MeterSetting now) {
    setting = Optional.of(now);
    refresh();
  }

  /** There is no plan, or another. */
  void forget() {
    at = Optional.empty();
    found.setText("");
    take.getChildren().clear();
    refresh();
  }

  void at(MeterSheet.Volts row) {
    boolean same = at.filter(a -> a.segment().equals(row.segment())).isPresent();
    at = Optional.of(row);
    if (!same) {
      refresh();
    }
  }

  private void refresh() {
    Optional<Rig> rig = bench.rig().get();
    if (rig.isEmpty() || at.isEmpty() || setting.isEmpty()) {
      working.stop();
      worth
          .getChildren()
          .setAll(
              Words.subheading("What each feed is worth"),
              Words.softLines("Choose a row: the feeds of its run, with and without."));
      return;
    }
    String segment = at.get().segment();
    MeterSetting now = setting.get();
    working.ask(
        "pulling feeds",
        job -> {
          Meter meter = new Meter(rig.get().reading());
          List<Meter.FeedWorth> all = new ArrayList<>();
          for (FeedReading f : rig.get().reading().feedsOf(segment)) {
            all.add(meter.worth(now, f));
          }
          return all;
        },
        this::show,
        bench.session()::say);
  }

  private void show(List<Meter.FeedWorth> all) {
    List<Node> rows = new ArrayList<>();
    rows.add(Words.subheading("What each feed is worth"));
    rows.add(Words.softLines(at.map(MeterSheet.Volts::run).orElse("") + ", with it and without:"));
    for (Meter.FeedWorth w : all) {
      boolean nothing = w.lowestWith() - w.lowestWithout() < NOTHING_VOLTS;
      VBox box =
          new VBox(
              1,
              Words.styled("Feed " + w.feed(), "figure"),
              Words.lines(
                  "There "
                      + Texts.fixed(w.withVolts(), 2)
                      + " V, without "
                      + Texts.fixed(w.withoutVolts(), 2)
                      + " V; lowest "
                      + Texts.fixed(w.lowestWith(), 2)
                      + " V, without "
                      + Texts.fixed(w.lowestWithout(), 2)
                      + " V."));
      if (nothing) {
        box.getChildren().add(Words.softLines("It changes nothing here: it may be left off."));
      }
      box.getStyleClass().add("figure-row");
      rows.add(box);
    }
    if (all.isEmpty()) {
      rows.add(Words.softLines("It is fed through the run before it alone."));
    }
    worth.getChildren().setAll(rows);
  }

  private void strip() {
    GridPane grid = new GridPane(8, 6);
    Object[][] rows = {
      {"pixels", pixels},
      {"volts at the start", start},
      {"volts at the end", end},
      {"amps", amps},
      {"trimmed: volts at the start", start2},
      {"trimmed: amps", amps2}
    };
    for (int r = 0; r < rows.length; r++) {
      Label name = new Label((String) rows[r][0]);
      name.setMinWidth(USE_PREF_SIZE);
      name.setLabelFor((TextField) rows[r][1]);
      grid.addRow(r, name, (TextField) rows[r][1]);
    }
    HBox solve = new HBox(6, Buttons.small("strip-solve", "Know it", this::solve));
    solve.setAlignment(Pos.CENTER_LEFT);
    strip
        .getChildren()
        .addAll(
            Words.subheading("Know your strip"),
            Words.softLines(
                "Feed one end, white, a meter at both ends and one in the cable. A second row with"
                    + " the supply trimmed lower tells the kind of load."),
            grid,
            solve,
            found,
            take);
  }

  private Optional<PixelType> type() {
    Optional<Rig> rig = bench.rig().get();
    return at.flatMap(v -> rig.map(r -> r.layout().part(v.segment())))
        .or(() -> bench.hand().chain().flatMap(c -> first(c)))
        .map(p -> p.segment().type());
  }

  private Optional<Layout.Part> first(Layout.Chain chain) {
    return bench.rig().get().map(r -> r.layout().part(chain.segments().getFirst().segment().id()));
  }

  private void solve() {
    take.getChildren().clear();
    Optional<PixelType> type = type();
    Optional<Integer> n = Numbers.wholeIn(Range.PIXELS, pixels.getText());
    Optional<StripTest.Row> row = row(start, end, amps);
    if (type.isEmpty() || n.isEmpty() || n.get() < 2 || row.isEmpty()) {
      found.setText("Two pixels and more, volts at both ends, and amps: numbers like 4.62.");
      return;
    }
    Optional<StripTest.Row> second = row(start2, start2, amps2);
    PixelType t = type.get();
    found.setText("");
    solving.ask(
        "solving a strip",
        job -> StripTest.solve(t.volts(), n.get(), t.pitchPerM(), t.load(), row.get(), second),
        outcome -> {
          switch (outcome) {
            case StripTest.Outcome.Contradiction c -> found.setText(c.why());
            case StripTest.Outcome.Strip s -> known(t, s.found());
          }
        },
        bench.session()::say);
  }

  private static Optional<StripTest.Row> row(TextField from, TextField to, TextField through) {
    Optional<Double> a = Numbers.in(Range.READ_VOLTS, from.getText());
    Optional<Double> b = Numbers.in(Range.READ_VOLTS, to.getText());
    Optional<Double> c = Numbers.in(Range.AMPS, through.getText());
    return a.isPresent() && b.isPresent() && c.isPresent()
        ? Optional.of(new StripTest.Row(a.get(), b.get(), c.get()))
        : Optional.empty();
  }

  private void known(PixelType t, StripTest.Found f) {
    found.setText(
        Texts.fixed(f.milliamps(), 1)
            + " mA a pixel (sheet "
            + Texts.number(t.milliampsFull())
            + "), "
            + Texts.fixed(f.railOhmsPerM(), 3)
            + " ohm a metre of rail (sheet "
            + Texts.number(t.railOhmsPerM())
            + "), "
            + words(f.kind())
            + (f.kindKnown() ? "." : " as its sheet says; a second row would tell."));
    take.getChildren()
        .setAll(
            Buttons.small(
                "strip-take",
                "Plan " + t.name() + " by this",
                () ->
                    bench
                        .session()
                        .edit(
                            t.name() + " is planned as it was measured.",
                            s -> s.withCatalogue(s.catalogue().withPixelType(measured(t, f))))));
  }

  private static PixelType measured(PixelType t, StripTest.Found f) {
    return t.withMeasured(Math.round(10 * f.milliamps()) / 10.0)
        .withRailOhms(Math.round(10_000 * f.railOhmsPerM()) / 10_000.0)
        .withLoad(f.kindKnown() ? f.kind() : t.load());
  }

  private static String words(LoadKind kind) {
    return switch (kind) {
      case CONSTANT_CURRENT -> "constant current";
      case CONSTANT_POWER -> "constant power";
      case RESISTIVE -> "resistive";
      case HEADROOM -> "a sink that loses headroom";
    };
  }
}
