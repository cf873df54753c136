package bunting.benchmarks;

import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.LineSolver;
import bunting.core.show.LoadKind;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/** One line of 1,000 pixels with three feeds. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class SolveBenchmark {
  /** How the pixels draw. */
  @Param({"CONSTANT_CURRENT", "RESISTIVE", "CONSTANT_POWER"})
  public LoadKind kind = LoadKind.CONSTANT_CURRENT;

  private Line line = Line.uniform(1, 1, 0, kind, 0, new int[] {0}, new double[] {0});

  /** Builds the line. */
  @Setup
  public void build() {
    line =
        Line.uniform(
            12, 1000, 0.012, kind, 0.001, new int[] {0, 500, 999}, new double[] {0.05, 0.08, 0.12});
  }

  /** The solve. */
  @Benchmark
  public LineSolution solve() {
    return LineSolver.solve(line);
  }
}
