package bunting.benchmarks;

import bunting.core.plan.Assessment;
import bunting.core.plan.Assessor;
import bunting.core.plan.Planner;
import bunting.core.show.Decisions;
import bunting.core.show.Show;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/** A whole show: what follows from its decisions, and the decisions themselves. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class PlanBenchmark {
  /** Pixels of the show. */
  @Param({"10000", "100000", "1000000"})
  public int pixels = 10_000;

  private Show show = Shows.of(10_000);
  private Decisions decisions = Planner.propose(show);

  /** Builds the show and decides it once. */
  @Setup
  public void build() {
    show = Shows.of(pixels);
    decisions = Planner.propose(show);
  }

  /** Slots, volts, amps, loads and findings. */
  @Benchmark
  public Assessment assess() {
    return Assessor.assess(show, decisions);
  }

  /** Ports, feeds, wires, fuses, supplies. */
  @Benchmark
  public Decisions propose() {
    return Planner.propose(show);
  }
}
