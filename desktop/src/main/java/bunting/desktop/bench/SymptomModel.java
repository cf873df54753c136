package bunting.desktop.bench;

import bunting.core.faults.Diagnosis;
import bunting.core.faults.Fault;
import bunting.core.faults.Live;
import bunting.core.faults.Looks;
import bunting.core.faults.Observed;
import bunting.core.pattern.Painter;
import bunting.core.pattern.Pattern;
import bunting.desktop.kit.Newest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;

/** What somebody tells of a fault, what it may be, and how the site would look with it. */
final class SymptomModel {
  private static final Diagnosis.Answer NOTHING = new Diagnosis.Answer(List.of(), List.of());

  private final BenchModel bench;
  private final ReadOnlyObjectWrapper<Observed> told =
      new ReadOnlyObjectWrapper<>(Observed.NOTHING);
  private final ReadOnlyObjectWrapper<Diagnosis.Answer> answer =
      new ReadOnlyObjectWrapper<>(NOTHING);
  private final ObjectProperty<Pattern> pattern = new SimpleObjectProperty<>(Pattern.WHITE);
  private final ObjectProperty<Optional<Fault>> chosen =
      new SimpleObjectProperty<>(Optional.empty());
  private final ReadOnlyObjectWrapper<Optional<Live.Frame>> picture =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final Newest asking;
  private final Newest painting;
  private boolean stopped;

  SymptomModel(BenchModel bench) {
    this.bench = bench;
    this.asking = new Newest(bench.session().background());
    this.painting = new Newest(bench.session().background());
    bench.rig().addListener(o -> forget());
    chosen.addListener(o -> paint());
    pattern.addListener(o -> paint());
  }

  BenchModel bench() {
    return bench;
  }

  ReadOnlyObjectProperty<Observed> told() {
    return told.getReadOnlyProperty();
  }

  ReadOnlyObjectProperty<Diagnosis.Answer> answer() {
    return answer.getReadOnlyProperty();
  }

  /** What is sent while one looks. */
  ObjectProperty<Pattern> pattern() {
    return pattern;
  }

  /** The fault whose picture is shown; none: as planned. */
  ObjectProperty<Optional<Fault>> chosen() {
    return chosen;
  }

  /** That picture. */
  ReadOnlyObjectProperty<Optional<Live.Frame>> picture() {
    return picture.getReadOnlyProperty();
  }

  boolean busy() {
    return asking.busy().get() || painting.busy().get();
  }

  /** Whether the cause is looked for. */
  ReadOnlyBooleanProperty looking() {
    return asking.busy();
  }

  /** Whether somebody stopped the search for what is told now. */
  boolean stopped() {
    return stopped;
  }

  /** Looks no further; what is told stays told. */
  void stop() {
    stopped = true;
    asking.stop();
    painting.stop();
  }

  /** What is sent under a pattern: white as bright as it is held. */
  Observed.Sending sending(Pattern of) {
    double percent =
        of == Pattern.WHITE ? bench.rig().get().map(r -> r.hold().percent()).orElse(100.0) : 100;
    return new Observed.Sending(of, percent);
  }

  /** Somebody tells how pixels look. */
  void tell(String run, int first, int last, Looks looks) {
    ask(told.get().with(new Observed.Seen(sending(pattern.get()), run, first, last, looks)));
  }

  /** Somebody tells what a meter reads. */
  void tell(String run, int pixel, double volts) {
    ask(told.get().with(new Observed.Reading(sending(pattern.get()), run, pixel, volts)));
  }

  /** Takes back the n-th thing told, what was seen first. */
  void takeBack(int n) {
    List<Observed.Seen> seen = new ArrayList<>(told.get().seen());
    List<Observed.Reading> readings = new ArrayList<>(told.get().readings());
    if (n < seen.size()) {
      seen.remove(n);
    } else {
      readings.remove(n - seen.size());
    }
    ask(new Observed(seen, readings));
  }

  /** Begins anew. */
  void forget() {
    chosen.set(Optional.empty());
    ask(Observed.NOTHING);
    paint();
  }

  private void ask(Observed now) {
    stopped = false;
    told.set(now);
    Optional<Rig> rig = bench.rig().get();
    if (now.isEmpty() || rig.isEmpty()) {
      asking.stop();
      answer.set(NOTHING);
      return;
    }
    Diagnosis diagnosis = rig.get().diagnosis(supplyVolts());
    asking.ask(
        "looking for the cause",
        job -> diagnosis.of(now, job::stopped),
        found -> {
          answer.set(found);
          chosen.set(found.causes().stream().findFirst().map(c -> c.fault()));
        },
        bench.session()::say);
  }

  /** What the meter reads at the supplies, as it was noted on its sheet. */
  private Map<Double, Double> supplyVolts() {
    return bench.session().show().map(s -> s.bench().supplyVolts()).orElse(Map.of());
  }

  private void paint() {
    Optional<Rig> rig = bench.rig().get();
    if (rig.isEmpty()) {
      painting.stop();
      picture.set(Optional.empty());
      return;
    }
    Rig r = rig.get();
    Optional<Fault> fault = chosen.get();
    Observed.Sending what = sending(pattern.get());
    painting.ask(
        "painting a fault",
        job -> {
          byte[] frame = new byte[r.map().frameBytes()];
          new Painter(
                  r.map(),
                  what.pattern(),
                  bunting.core.pattern.Scope.SHOW,
                  1,
                  what.brightnessPercent() / 100,
                  1)
              .paint(0, frame);
          Live live = new Live(r.layout());
          live.plant(fault, new byte[frame.length]);
          return live.of(frame, 0);
        },
        done -> picture.set(Optional.of(done)),
        bench.session()::say);
  }
}
