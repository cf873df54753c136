package bunting.benchmarks;

import bunting.core.assess.Reading;
import bunting.core.bench.WhiteHold;
import bunting.core.faults.Diagnosis;
import bunting.core.faults.Fault;
import bunting.core.faults.FaultKind;
import bunting.core.faults.Layout;
import bunting.core.faults.Live;
import bunting.core.faults.Looks;
import bunting.core.faults.Observed;
import bunting.core.faults.Pictures;
import bunting.core.faults.Planting;
import bunting.core.faults.Whereabouts;
import bunting.core.meter.Meter;
import bunting.core.meter.MeterSetting;
import bunting.core.pattern.Painter;
import bunting.core.pattern.Pattern;
import bunting.core.plan.Planner;
import bunting.core.show.Show;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The bench of a large show: frames of the live picture, the meter's sheet, faults and causes. */
public final class BenchTable {
  private static final int PIXELS = 100_000;
  private static final int FRAMES = 40;

  private BenchTable() {}

  /** Prints the table. */
  public static void main(String[] arguments) {
    Show show = Shows.of(PIXELS);
    Reading reading = Reading.of(show, Planner.sketch(show));
    long start = System.nanoTime();
    Layout layout = new Layout(reading);
    Live live = new Live(layout);
    WhiteHold.of(reading);
    said("made ready: " + reading.segments().size() + " segments", start);
    for (Pattern pattern : new Pattern[] {Pattern.WHITE, Pattern.CHASE, Pattern.RAMP}) {
      frames(layout, live, pattern);
    }
    start = System.nanoTime();
    new Meter(reading).read(MeterSetting.white(reading));
    said("meter sheet", start);
    for (FaultKind kind : FaultKind.values()) {
      Pictures pictures = new Pictures(layout);
      start = System.nanoTime();
      Optional<Fault> fault = new Planting(pictures, 7).plant(kind);
      fault.ifPresent(f -> Whereabouts.of(pictures, f));
      double planted = millis(start);
      if (fault.isEmpty()) {
        continue;
      }
      Planting.Notice notice = Whereabouts.of(pictures, fault.get()).first().orElseThrow();
      Observed told = told(pictures, fault.get(), notice);
      start = System.nanoTime();
      var answer = new Diagnosis(new Pictures(layout)).of(told);
      System.out.printf(
          Locale.ROOT,
          "%-16s planted %7.1f ms, explained %7.1f ms, %d causes%n",
          kind.id(),
          planted,
          millis(start),
          answer.causes().size());
    }
  }

  private static Observed told(Pictures pictures, Fault fault, Planting.Notice n) {
    String run = n.part().segment().run().name();
    var picture = pictures.of(fault, n.sending(), n.part().chain());
    int at = n.part().indexOf(n.pixel());
    return n.byMeter()
        ? Observed.NOTHING.with(
            new Observed.Reading(n.sending(), run, n.pixel(), picture.volts()[at]))
        : Observed.NOTHING.with(
            new Observed.Seen(
                n.sending(), run, n.pixel(), n.pixel(), picture.looks()[at].orElse(Looks.RIGHT)));
  }

  private static void frames(Layout layout, Live live, Pattern pattern) {
    Painter painter = new Painter(layout.map(), pattern, 1);
    byte[] slots = new byte[layout.map().frameBytes()];
    double[] times = new double[FRAMES];
    for (int f = 0; f < FRAMES; f++) {
      painter.paint(f, slots);
      long start = System.nanoTime();
      live.of(slots, f);
      times[f] = millis(start);
    }
    double first = times[0];
    Arrays.sort(times);
    System.out.printf(
        Locale.ROOT,
        "%s: first frame %.1f ms, then median %.1f ms, worst %.1f ms%n",
        pattern.id(),
        first,
        times[FRAMES / 2],
        times[FRAMES - 1]);
  }

  private static double millis(long since) {
    return (System.nanoTime() - since) / 1e6;
  }

  private static void said(String what, long since) {
    System.out.printf(Locale.ROOT, "%s: %.1f ms%n", what, millis(since));
  }
}
