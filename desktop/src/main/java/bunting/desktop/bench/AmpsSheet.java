package bunting.desktop.bench;

import bunting.core.limits.Range;
import bunting.core.meter.Judgement;
import bunting.core.meter.MeasuredAmps;
import bunting.core.meter.MeterSetting;
import bunting.core.meter.MeterSheet;
import bunting.core.show.BenchNotes;
import bunting.core.show.PixelType;
import bunting.core.show.Texts;
import bunting.desktop.kit.Buttons;
import bunting.desktop.kit.Columns;
import bunting.desktop.kit.Newest;
import bunting.desktop.kit.Numbers;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What a clamp should read in each cable, what it read, and what the plan may take of it. */
final class AmpsSheet extends VBox {
  /** Whole ports and supplies first: of the others one measures what those make doubtful. */
  private static final List<MeterSheet.Kind> ORDER =
      List.of(
          MeterSheet.Kind.PORT,
          MeterSheet.Kind.SUPPLY,
          MeterSheet.Kind.FEED,
          MeterSheet.Kind.CIRCUIT);

  private static final String ASK =
      "Choose a row, put the clamp round one conductor there and type what it reads.";

  private final Session session;
  private final TextField entry = new TextField();
  private final Label whose = new Label();
  private final Label tells = Words.lines(ASK);
  private final Label problem = Words.styled("", "problem");
  private final VBox take = new VBox(5);
  private final ObservableList<MeterSheet.Amps> rows = FXCollections.observableArrayList();
  private final TableView<MeterSheet.Amps> table =
      new Columns<MeterSheet.Amps>("amps-table", "No plan yet: nothing to measure.")
          .add("Where", 190, a -> where(a))
          .add("carries", 190, this::carries)
          .add("expected", 90, a -> Texts.fixed(a.amps(), 2) + " A")
          .add("read", 80, a -> read(a).map(r -> Texts.fixed(r, 2) + " A").orElse(""))
          .add("that is", 130, this::judged)
          .table();
  private final Newest solving;
  private Optional<Rig> rig = Optional.empty();
  private Optional<MeterSetting> setting = Optional.empty();

  AmpsSheet(Session session) {
    super(8);
    this.session = session;
    this.solving = new Newest(session.background());
    table.setItems(rows);
    VBox.setVgrow(table, Priority.ALWAYS);
    table.getSelectionModel().selectedItemProperty().addListener((o, was, now) -> chosen(now));
    entry.setId("amps-entry");
    entry.setPrefColumnCount(6);
    entry.setOnAction(e -> enter());
    whose.setLabelFor(entry);
    whose.setMinWidth(0);
    tells.setId("amps-tells");
    HBox type = new HBox(8, whose, entry, new Label("A, then Enter"), problem);
    type.setAlignment(Pos.CENTER_LEFT);
    getChildren().addAll(table, type, tells, take);
  }

  boolean busy() {
    return solving.busy().get();
  }

  /** Another sheet, of a plan or of another setting. */
  void show(Rig of, MeterSheet sheet) {
    rig = Optional.of(of);
    setting = Optional.of(sheet.setting());
    int at = Math.max(0, table.getSelectionModel().getSelectedIndex());
    rows.setAll(
        sheet.amps().stream().sorted(Comparator.comparing(a -> ORDER.indexOf(a.kind()))).toList());
    table.getSelectionModel().select(Math.min(at, rows.size() - 1));
  }

  /** There is no plan. */
  void forget() {
    rig = Optional.empty();
    rows.clear();
    whose.setText("");
    entry.clear();
  }

  /** Readings were typed, taken away or undone. */
  void noted() {
    table.refresh();
    chosen(table.getSelectionModel().getSelectedItem());
  }

  private static String where(MeterSheet.Amps a) {
    return switch (a.kind()) {
      case FEED -> "Feed " + a.id();
      case PORT -> "Port " + a.id().replaceFirst(":(\\d+)$", " · $1");
      case SUPPLY -> "Supply " + a.id();
      case CIRCUIT -> "Circuit " + a.id();
    };
  }

  /** The run that a feed or a port begins with, or how many feeds a supply has. */
  private String carries(MeterSheet.Amps a) {
    return rig.map(
            r ->
                switch (a.kind()) {
                  case FEED ->
                      r.layout().part(r.layout().feed(a.id()).segment()).segment().run().name();
                  case PORT -> run(r, a).orElse("");
                  case SUPPLY -> r.layout().ofSupply(a.id()).size() + " feeds";
                  case CIRCUIT -> r.layout().onCircuit(a.id()).size() + " supplies, at the mains";
                })
        .orElse("");
  }

  private static Optional<String> run(Rig rig, MeterSheet.Amps port) {
    return rig.layout().chains().stream()
        .filter(c -> port.id().equals(c.controller() + ":" + c.port()))
        .map(c -> c.segments().getFirst().run().name())
        .findFirst();
  }

  private Optional<Double> read(MeterSheet.Amps a) {
    return setting.flatMap(
        s ->
            session.show().map(x -> x.bench().amps()).stream()
                .flatMap(all -> all.stream())
                .filter(n -> n.kind().equals(a.kind().id()) && n.id().equals(a.id()))
                .filter(n -> n.pattern().equals(s.pattern().id()))
                .filter(n -> n.brightnessPercent() == s.brightnessPercent())
                .map(BenchNotes.Amps::amps)
                .findFirst());
  }

  private String judged(MeterSheet.Amps a) {
    return read(a)
        .map(
            r ->
                (Judgement.ofAmps(a.amps(), r) == Judgement.RIGHT ? "" : "! ")
                    + Judgement.ampsText(a.amps(), r))
        .orElse("");
  }

  private void chosen(MeterSheet.Amps row) {
    solving.stop();
    take.getChildren().clear();
    tells.setText(ASK);
    if (row == null || rig.isEmpty()) {
      return;
    }
    whose.setText(where(row) + ":");
    entry.setText(read(row).map(r -> Texts.fixed(r, 2)).orElse(""));
    if (row.kind() == MeterSheet.Kind.PORT) {
      run(rig.get(), row).ifPresent(r -> session.selection().set(new Selection.OfRun(r)));
    }
    read(row).ifPresent(r -> judge(row, r));
  }

  private void judge(MeterSheet.Amps row, double amps) {
    Judgement is = Judgement.ofAmps(row.amps(), amps);
    tells.setText(words(row, is, amps));
    Rig now = rig.orElseThrow();
    MeterSetting under = setting.orElseThrow();
    if (is != Judgement.RIGHT) {
      solving.ask(
          "working out milliamps",
          job -> MeasuredAmps.milliamps(now.reading(), under, row, amps),
          found -> found.ifPresent(this::offer),
          session::say);
    }
  }

  private static String words(MeterSheet.Amps row, Judgement is, double amps) {
    boolean nothing = amps < 0.1 * row.amps();
    return switch (is) {
      case RIGHT -> "Right.";
      case LOW ->
          nothing
              ? "Hardly any current: its fuse first, then its joints."
              : row.kind() == MeterSheet.Kind.FEED
                  ? "It carries too little: a joint or a cable with too much resistance, and its"
                      + " neighbours carry the rest. Measure the volts at its pixel."
                  : "Less than planned: some of it is dark or dim, or pixels draw less than their"
                      + " sheet says.";
      case HIGH ->
          row.kind() == MeterSheet.Kind.FEED
              ? "It carries too much: a neighbour carries too little, or pixels draw more than"
                  + " their sheet says. Mind its fuse."
              : "More than planned: pixels draw more than their sheet says. Mind the fuses.";
    };
  }

  /** What the pixels draw, if it is these and nothing else. */
  private void offer(MeasuredAmps.Drawn drawn) {
    PixelType t = drawn.type();
    String each = Texts.number(drawn.milliamps()) + " mA";
    take.getChildren()
        .setAll(
            Words.softLines(
                "If all of it is lit and the volts are right, a pixel of "
                    + t.name()
                    + " draws "
                    + each
                    + " (planned "
                    + Texts.number(t.milliampsFull())
                    + ")."),
            Buttons.small(
                "amps-take",
                "Plan " + t.name() + " with " + each + " a pixel",
                () ->
                    session.edit(
                        t.name() + " is planned as it was measured, " + each + " a pixel.",
                        s ->
                            s.withCatalogue(
                                s.catalogue().withPixelType(t.withMeasured(drawn.milliamps()))))));
  }

  private void enter() {
    MeterSheet.Amps row = table.getSelectionModel().getSelectedItem();
    Optional<Double> amps = Numbers.in(Range.AMPS, entry.getText());
    boolean empty = entry.getText().isBlank();
    problem.setText(
        empty || amps.isPresent() ? "" : "Amps are " + Range.AMPS.text() + ", like 3.4.");
    if (row == null || setting.isEmpty() || (!empty && amps.isEmpty())) {
      return;
    }
    MeterSetting s = setting.get();
    BenchNotes.Amps note =
        new BenchNotes.Amps(
            row.kind().id(), row.id(), amps.orElse(0.0), s.pattern().id(), s.brightnessPercent());
    session.edit(
        empty
            ? "The amps of " + where(row) + " are taken away."
            : where(row) + " carries " + Texts.fixed(amps.get(), 2) + " A.",
        x -> x.withBench(empty ? x.bench().without(note) : x.bench().read(note)));
    if (empty || Judgement.ofAmps(row.amps(), amps.get()) == Judgement.RIGHT) {
      int at = table.getSelectionModel().getSelectedIndex();
      table.getSelectionModel().select(Math.min(at + 1, rows.size() - 1));
      table.scrollTo(Math.max(0, at - 4));
    }
    entry.requestFocus();
    entry.selectAll();
  }

  /** Takes the keyboard. */
  void takeKeyboard() {
    entry.requestFocus();
  }
}
