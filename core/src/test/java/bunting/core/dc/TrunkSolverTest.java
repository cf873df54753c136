package bunting.core.dc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.LoadKind;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.junit.jupiter.api.Test;

/** Trunks past lines, open and closed, against ngspice, a dense solve by EJML and arithmetic. */
class TrunkSolverTest {
  private static Line line(
      int pixels, double volts, double amps, double ohms, int[] at, double tail) {
    double[] ohmsOf = new double[at.length];
    java.util.Arrays.fill(ohmsOf, tail);
    return Line.uniform(volts, pixels, amps, LoadKind.CONSTANT_CURRENT, ohms, at, ohmsOf);
  }

  private static TrunkSolver.Trunk trunk(
      double volts, double head, OptionalDouble back, double... spans) {
    return new TrunkSolver.Trunk(
        volts, 0, head, java.util.Arrays.stream(spans).boxed().toList(), back);
  }

  private static Optional<TrunkSolver.Tail> tail(int line, int feed) {
    return Optional.of(new TrunkSolver.Tail(line, feed));
  }

  private static LineSolution.Stands stands(TrunkSolver.Solution s, int line) {
    return (LineSolution.Stands) s.lines().get(line);
  }

  /** One open pair with three tails to one strip; ohms are those of a loop. */
  @Test
  void agreesWithNgspiceWithinAMicrovolt() throws IOException {
    Line strip = line(240, 5, 0.04, 0.002, new int[] {0, 80, 160}, 0.004);
    TrunkSolver.Solution s =
        TrunkSolver.solve(
            trunk(5, 0.04, OptionalDouble.empty(), 0.016, 0.016),
            List.of(strip),
            List.of(tail(0, 0), tail(0, 1), tail(0, 2)));
    LineSolverTest.agrees("strip-5v-trunk", stands(s, 0));
    assertThat(s.headAmps()).isCloseTo(240 * 0.04, within(1e-9));
  }

  /** The same closed to a ring behind one fuse, which is in V+ alone. */
  @Test
  void aFusedRingAgreesWithNgspice() throws IOException {
    Line strip = line(240, 5, 0.04, 0.002, new int[] {0, 80, 160}, 0.004);
    TrunkSolver.Solution s =
        TrunkSolver.solve(
            new TrunkSolver.Trunk(5, 0.009, 0.04, List.of(0.016, 0.016), OptionalDouble.of(0.06)),
            List.of(strip),
            List.of(tail(0, 0), tail(0, 1), tail(0, 2)));
    LineSolverTest.agrees("strip-5v-ring", stands(s, 0));
  }

  /** With one tail it is a feed with the resistances in series (arithmetic). */
  @Test
  void withOneTailItIsAFeed() {
    Line strip = line(80, 12, 0.03, 0.004, new int[] {40}, 0.02);
    TrunkSolver.Solution s =
        TrunkSolver.solve(
            trunk(12, 0.05, OptionalDouble.empty()), List.of(strip), List.of(tail(0, 0)));
    Line feed = line(80, 12, 0.03, 0.004, new int[] {40}, 0.07);
    LineSolution.Stands one = (LineSolution.Stands) LineSolver.solve(feed);
    assertThat(stands(s, 0).volts().at(79)).isCloseTo(one.volts().at(79), within(1e-9));
  }

  /** A ring with one tail is a feed behind both of its ways side by side (arithmetic). */
  @Test
  void aRingFeedsFromBothEnds() {
    Line strip = line(80, 12, 0.03, 0.004, new int[] {40}, 0.02);
    TrunkSolver.Solution s =
        TrunkSolver.solve(
            trunk(12, 0.06, OptionalDouble.of(0.03)), List.of(strip), List.of(tail(0, 0)));
    LineSolution.Stands one =
        (LineSolution.Stands) LineSolver.solve(line(80, 12, 0.03, 0.004, new int[] {40}, 0.04));
    assertThat(stands(s, 0).volts().at(0)).isCloseTo(one.volts().at(0), within(1e-9));
    assertThat(s.headAmps()).isCloseTo(0.8, within(1e-9));
    assertThat(s.backAmps()).isCloseTo(1.6, within(1e-9));
    assertThat(s.mostAmps()).isCloseTo(1.6, within(1e-9));
  }

  /** Both ways of a ring go through its one fuse: 2.4 A lose 12 mV in 5 mOhm (arithmetic). */
  @Test
  void aRingHasOneFuse() {
    Line strip = line(80, 12, 0.03, 0.004, new int[] {40}, 0.02);
    List<Optional<TrunkSolver.Tail>> tails = List.of(tail(0, 0));
    for (OptionalDouble back : List.of(OptionalDouble.of(0.03), OptionalDouble.empty())) {
      TrunkSolver.Solution bare = TrunkSolver.solve(trunk(12, 0.06, back), List.of(strip), tails);
      TrunkSolver.Solution fused =
          TrunkSolver.solve(
              new TrunkSolver.Trunk(12, 0.005, 0.06, List.of(), back), List.of(strip), tails);
      assertThat(stands(bare, 0).volts().at(79) - stands(fused, 0).volts().at(79))
          .isCloseTo(2.4 * 0.005, within(1e-9));
    }
  }

  /**
   * Random trunks past one to four lines of constant current, each with one or two tails: node
   * volts by a dense solve (EJML), amps of the pair by Kirchhoff's current law.
   */
  @Property(tries = 60, seed = "7")
  void agreesWithADenseSolve(@ForAll long seed) {
    Random random = new Random(seed);
    List<Line> lines = new ArrayList<>();
    List<Optional<TrunkSolver.Tail>> tails = new ArrayList<>();
    List<int[]> ends = new ArrayList<>();
    int nodes = 0;
    List<Integer> first = new ArrayList<>();
    double drawn = 0;
    int count = 1 + random.nextInt(4);
    for (int l = 0; l < count; l++) {
      int n = 2 + random.nextInt(12);
      int[] at = random.nextBoolean() ? new int[] {0} : new int[] {0, n - 1};
      lines.add(line(n, 12, 0.05, 0.01, at, 0.02));
      first.add(nodes);
      for (int f = 0; f < at.length; f++) {
        tails.add(tail(l, f));
        ends.add(new int[] {l, at[f]});
      }
      nodes += n;
      drawn += n * 0.05;
    }
    double[] spans = random.doubles(tails.size() - 1, 0.001, 0.05).toArray();
    boolean ring = random.nextBoolean();
    TrunkSolver.Solution s =
        TrunkSolver.solve(
            trunk(12, 0.03, ring ? OptionalDouble.of(0.04) : OptionalDouble.empty(), spans),
            lines,
            tails);
    DMatrixRMaj g = new DMatrixRMaj(nodes + tails.size(), nodes + tails.size());
    DMatrixRMaj j = new DMatrixRMaj(nodes + tails.size(), 1);
    for (int l = 0; l < count; l++) {
      for (int i = 0; i < lines.get(l).size(); i++) {
        j.add(first.get(l) + i, 0, -0.05);
        if (i > 0) {
          between(g, first.get(l) + i - 1, first.get(l) + i, 0.01);
        }
      }
    }
    for (int k = 0; k < tails.size(); k++) {
      between(g, nodes + k, first.get(ends.get(k)[0]) + ends.get(k)[1], 0.02);
      if (k > 0) {
        between(g, nodes + k - 1, nodes + k, spans[k - 1]);
      }
    }
    held(g, j, nodes, 0.03);
    if (ring) {
      held(g, j, nodes + tails.size() - 1, 0.04);
    }
    DMatrixRMaj v = new DMatrixRMaj(nodes + tails.size(), 1);
    assertThat(CommonOps_DDRM.solve(g, j, v)).isTrue();
    for (int l = 0; l < count; l++) {
      for (int i = 0; i < lines.get(l).size(); i++) {
        assertThat(stands(s, l).volts().at(i)).isCloseTo(v.get(first.get(l) + i), within(1e-8));
      }
    }
    assertThat(s.headAmps() + s.backAmps()).isCloseTo(drawn, within(1e-7));
    for (int k = 1; k < tails.size(); k++) {
      double amps = (v.get(nodes + k - 1) - v.get(nodes + k)) / spans[k - 1];
      assertThat(s.spanAmps().get(k - 1)).isCloseTo(amps, within(1e-6));
    }
  }

  private static void between(DMatrixRMaj g, int a, int b, double ohms) {
    g.add(a, a, 1 / ohms);
    g.add(b, b, 1 / ohms);
    g.add(a, b, -1 / ohms);
    g.add(b, a, -1 / ohms);
  }

  private static void held(DMatrixRMaj g, DMatrixRMaj j, int node, double ohms) {
    g.add(node, node, 1 / ohms);
    j.add(node, 0, 12 / ohms);
  }

  /** More power than the pair can carry (V squared over 4 R, arithmetic) is told, of every line. */
  @Test
  void whatCannotStandIsTold() {
    Line greedy =
        Line.uniform(12, 1, 40, LoadKind.CONSTANT_POWER, 0, new int[] {0}, new double[] {0.01});
    TrunkSolver.Solution s =
        TrunkSolver.solve(
            trunk(12, 1, OptionalDouble.empty()), List.of(greedy), List.of(tail(0, 0)));
    assertThat(s.stands()).isFalse();
    assertThat(s.mostAmps()).isZero();
    TrunkSolver.Solution shed =
        TrunkSolver.solve(
            trunk(12, 1, OptionalDouble.empty()), List.of(greedy.shedding()), List.of(tail(0, 0)));
    assertThat(shed.stands()).isTrue();
  }

  @Test
  void aBranchThatLostItsTailStays() {
    Line strip = line(10, 12, 0.1, 0.01, new int[] {0}, 0.02);
    TrunkSolver.Solution s =
        TrunkSolver.solve(
            trunk(12, 0.05, OptionalDouble.empty(), 0.03),
            List.of(strip),
            List.of(Optional.empty(), tail(0, 0)));
    assertThat(stands(s, 0).volts().at(0)).isCloseTo(12 - 1 * (0.05 + 0.03 + 0.02), within(1e-9));
    assertThatThrownBy(
            () -> TrunkSolver.solve(trunk(12, 1, OptionalDouble.empty()), List.of(), List.of()))
        .hasMessageContaining("branches");
  }
}
