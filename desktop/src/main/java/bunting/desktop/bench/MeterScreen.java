package bunting.desktop.bench;

import bunting.core.faults.Observed;
import bunting.core.limits.Range;
import bunting.core.meter.Judgement;
import bunting.core.meter.Meter;
import bunting.core.meter.MeterSetting;
import bunting.core.meter.MeterSheet;
import bunting.core.show.BenchNotes;
import bunting.core.show.Texts;
import bunting.desktop.kit.Columns;
import bunting.desktop.kit.Newest;
import bunting.desktop.kit.Numbers;
import bunting.desktop.kit.Words;
import bunting.desktop.session.Selection;
import bunting.desktop.session.Session;
import bunting.desktop.shell.Desk;
import bunting.desktop.shell.ScreenDefinition;
import bunting.desktop.shell.StackedView;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The sheet to take along: what a meter should read where, what it read, and what that tells. */
public final class MeterScreen extends StackedView {
  /** The screen as the shell knows it. */
  public static final ScreenDefinition<MeterScreen> SCREEN =
      ScreenDefinition.of("meter", "Bench", "Meter", MeterScreen::new)
          .reachedBy("Shortcut+Shift+J", "Bench: what a meter should read")
          .pictured("meter", (desk, view) -> view.example());

  private final Session session;
  private final BenchModel bench;
  private final MeterSide side;
  private final MeterHead head;
  private final MeterVerdict verdict;
  private final AmpsSheet amps;
  private final TextField entry = new TextField();
  private final Label whose = new Label();
  private final Label problem = Words.styled("", "problem");
  private final ObservableList<MeterSheet.Volts> rows = FXCollections.observableArrayList();
  private final TableView<MeterSheet.Volts> table =
      new Columns<MeterSheet.Volts>("meter-table", "No plan yet: nothing to measure.")
          .add("Run", 170, MeterSheet.Volts::run)
          .add("pixel", 58, v -> Integer.toString(v.pixel()))
          .add("why there", 168, MeterSheet.Volts::why)
          .add("expected", 82, v -> Texts.fixed(v.volts(), 2) + " V")
          .add("read", 72, v -> read(v).map(r -> Texts.fixed(r, 2) + " V").orElse(""))
          .add("that is", 130, this::judged)
          .table();
  private final Newest working;
  private Map<String, Double> read = new HashMap<>();
  private Optional<MeterSetting> setting = Optional.empty();

  private MeterScreen(Desk desk) {
    super(8);
    this.session = desk.session();
    this.bench = desk.view(FloorScreen.SCREEN).model();
    this.side = new MeterSide(bench);
    this.working = new Newest(session.background());
    this.head = new MeterHead(session, this::refresh);
    this.verdict = new MeterVerdict(session);
    this.amps = new AmpsSheet(session);
    getStyleClass().add("sheet");
    table.setItems(rows);
    VBox.setVgrow(table, Priority.ALWAYS);
    table.getSelectionModel().selectedItemProperty().addListener((o, was, now) -> chosen(now));
    entry.setId("meter-entry");
    entry.setPrefColumnCount(6);
    entry.setOnAction(e -> enter());
    whose.setLabelFor(entry);
    whose.setMinWidth(0);
    HBox type = new HBox(8, whose, entry, new Label("V, Enter goes on"), problem);
    type.setAlignment(Pos.CENTER_LEFT);
    VBox volts = new VBox(8, table, type, verdict);
    for (VBox sheet : new VBox[] {volts, amps}) {
      VBox.setVgrow(sheet, Priority.ALWAYS);
      sheet.managedProperty().bind(sheet.visibleProperty());
    }
    amps.visibleProperty().bind(head.amps());
    volts.visibleProperty().bind(head.amps().not());
    getChildren().addAll(head, volts, amps);
    bench.rig().addListener(o -> refresh());
    session.document().show().addListener(o -> noted());
    sceneProperty()
        .addListener(
            (o, was, now) -> {
              if (now != null) {
                bench.wake();
                refresh();
              }
            });
    refresh();
  }

  private void refresh() {
    Optional<Rig> rig = bench.rig().get();
    if (rig.isEmpty() || getScene() == null) {
      rows.clear();
      whose.setText("");
      entry.clear();
      amps.forget();
      side.forget();
      return;
    }
    MeterSetting now = head.setting(rig.get());
    setting = Optional.of(now);
    side.setting(now);
    working.ask(
        "working out the meter sheet",
        job -> new Meter(rig.get().reading()).read(now),
        sheet -> {
          int at = Math.max(0, table.getSelectionModel().getSelectedIndex());
          rows.setAll(sheet.volts());
          amps.show(rig.get(), sheet);
          readings();
          table.getSelectionModel().select(Math.min(at, rows.size() - 1));
        },
        session::say);
  }

  private static String key(String run, int pixel) {
    return run + "\0" + pixel;
  }

  /** Readings changed, or what the supplies read and so what is expected. */
  private void noted() {
    Map<Double, Double> held = session.show().map(s -> s.bench().supplyVolts()).orElse(Map.of());
    if (setting.filter(s -> !s.trims().equals(held)).isPresent()) {
      refresh();
    } else {
      readings();
      amps.noted();
    }
  }

  private void readings() {
    read = new HashMap<>();
    for (BenchNotes.Reading r : session.show().map(s -> s.bench().readings()).orElse(List.of())) {
      if (setting.filter(s -> of(r, s)).isPresent()) {
        read.put(key(r.run(), r.pixel()), r.volts());
      }
    }
    table.refresh();
    tell();
  }

  private static boolean of(BenchNotes.Reading r, MeterSetting s) {
    return r.pattern().equals(s.pattern().id()) && r.brightnessPercent() == s.brightnessPercent();
  }

  private Optional<Double> read(MeterSheet.Volts v) {
    return Optional.ofNullable(read.get(key(v.run(), v.pixel())));
  }

  private String judged(MeterSheet.Volts v) {
    return read(v)
        .map(
            r ->
                (Judgement.of(v.volts(), v.nominalVolts(), r) == Judgement.RIGHT ? "" : "! ")
                    + Judgement.text(v.volts(), v.nominalVolts(), r))
        .orElse("");
  }

  private void chosen(MeterSheet.Volts row) {
    if (row != null) {
      whose.setText(row.run() + ", pixel " + row.pixel() + ":");
      entry.setText(read(row).map(r -> Texts.fixed(r, 2)).orElse(""));
      session.selection().set(new Selection.OfRun(row.run()));
      side.at(row);
    }
  }

  private void enter() {
    MeterSheet.Volts row = table.getSelectionModel().getSelectedItem();
    Optional<Double> volts = Numbers.in(Range.READ_VOLTS, entry.getText());
    boolean empty = entry.getText().isBlank();
    problem.setText(
        empty || volts.isPresent() ? "" : "Volts are " + Range.READ_VOLTS.text() + ", like 4.62.");
    if (row == null || setting.isEmpty() || (!empty && volts.isEmpty())) {
      return;
    }
    BenchNotes.Reading note =
        new BenchNotes.Reading(
            row.run(),
            row.pixel(),
            volts.orElse(0.0),
            setting.get().pattern().id(),
            setting.get().brightnessPercent());
    session.edit(
        empty
            ? "The reading of " + row.run() + " at " + row.pixel() + " is taken away."
            : row.run() + " at " + row.pixel() + " reads " + Texts.fixed(volts.get(), 2) + " V.",
        s -> s.withBench(empty ? s.bench().without(note) : s.bench().read(note)));
    int at = table.getSelectionModel().getSelectedIndex();
    table.getSelectionModel().select(Math.min(at + 1, rows.size() - 1));
    table.scrollTo(Math.max(0, at - 4));
    entry.requestFocus();
    entry.selectAll();
  }

  /** What all readings together tell. */
  private void tell() {
    Optional<Rig> rig = bench.rig().get();
    if (rig.isEmpty() || setting.isEmpty() || read.isEmpty()) {
      verdict.say("Choose a row and type what the meter reads: each reading is judged at once.");
      return;
    }
    Observed.Sending sending =
        new Observed.Sending(setting.get().pattern(), setting.get().brightnessPercent());
    Observed observed = Observed.NOTHING;
    boolean wrong = false;
    for (MeterSheet.Volts v : rows) {
      Optional<Double> r = read(v);
      if (r.isPresent()) {
        observed = observed.with(new Observed.Reading(sending, v.run(), v.pixel(), r.get()));
        wrong |= Judgement.of(v.volts(), v.nominalVolts(), r.get()) != Judgement.RIGHT;
      }
    }
    if (wrong) {
      verdict.judge(rig.get(), setting.get(), observed);
    } else {
      verdict.say("All that was read is right.");
    }
  }

  /** Readings of a feed with a bad joint, for the picture of this screen. */
  private void example() {
    bench
        .rig()
        .get()
        .ifPresent(
            rig -> {
              MeterSetting now = head.setting(rig);
              session.edit(
                  "Readings of the weir.",
                  s -> s.withBench(MeterExample.readings(rig, now, rows, s.bench())));
              rows.stream()
                  .filter(v -> v.run().equals(MeterExample.RUN))
                  .findFirst()
                  .ifPresent(
                      v -> {
                        table.getSelectionModel().select(v);
                        table.scrollTo(Math.max(0, rows.indexOf(v) - 6));
                      });
            });
  }

  @Override
  public List<Region> side(Region inspector) {
    return List.of(side);
  }

  @Override
  public void takeKeyboard() {
    if (amps.isVisible()) {
      amps.takeKeyboard();
    } else {
      entry.requestFocus();
    }
  }

  @Override
  public boolean busy() {
    return working.busy().get() || verdict.busy() || amps.busy() || side.busy();
  }
}
