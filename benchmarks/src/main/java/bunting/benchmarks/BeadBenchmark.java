package bunting.benchmarks;

import bunting.core.assess.Reading;
import bunting.core.plan.Assessor;
import bunting.desktop.survey.BeadRaster;
import bunting.desktop.survey.Beads;
import bunting.desktop.survey.Lens;
import bunting.desktop.survey.LensColours;
import bunting.desktop.survey.Viewport;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;

/** Painting the beads of 100,000 pixels into a block of 820 x 610. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class BeadBenchmark {
  private final Reading reading = Assessor.plan(Shows.of(100_000)).reading();
  private final Beads beads = new Beads(reading.show(), Optional.of(reading));
  private final LensColours colours =
      new LensColours(beads, Lens.WHITE, 0, false, java.util.Optional.empty());
  private final BeadRaster raster = new BeadRaster(820, 610, new int[820 * 610]);

  /** Pixels of the screen a metre: all of it, a part, near by. */
  @Param({"3", "40", "400"})
  public double pxPerM = 3;

  /** Paints one frame. */
  @Benchmark
  public int paint() {
    return raster.paint(beads, colours::rgb, new Viewport(pxPerM, 0, 8), 0x8A8271);
  }
}
