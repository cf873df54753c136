package bunting.core.dc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bunting.core.show.LoadKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.junit.jupiter.api.Test;

/** Meshes against Kirchhoff's laws and a dense solve by EJML. */
class MeshSolverTest {
  private record Wire(int a, int b, double ohms) {}

  private record Pixel(int plus, int minus, LoadKind kind, double volts, double amps) {
    double ampsAt(double v) {
      return Line.uniform(volts, 1, amps, kind, 0, new int[] {0}, new double[] {0}).ampsAt(0, v);
    }
  }

  private final List<Wire> wires = new ArrayList<>();
  private final List<Pixel> pixels = new ArrayList<>();
  private final Mesh mesh = new Mesh();

  private void wire(int a, int b, double ohms) {
    wires.add(new Wire(a, b, ohms));
    mesh.conductor(a, b, ohms);
  }

  private void pixel(int plus, int minus, LoadKind kind, double volts, double amps) {
    pixels.add(new Pixel(plus, minus, kind, volts, amps));
    mesh.pixel(plus, minus, kind, volts, amps);
  }

  /** A random mesh: two rails, cross wires that close loops, one or two sources, all kinds. */
  private int random(Random random) {
    int n = 2 + random.nextInt(25);
    int source = mesh.source(5);
    int other = mesh.source(4.9 + random.nextDouble() / 5);
    int[] plus = new int[n];
    int[] minus = new int[n];
    for (int i = 0; i < n; i++) {
      plus[i] = mesh.node();
      minus[i] = mesh.node();
      int back = random.nextInt(Math.max(1, i));
      wire(i == 0 ? source : plus[back], plus[i], 0.001 + random.nextDouble() / 50);
      wire(i == 0 ? Mesh.GROUND : minus[back], minus[i], 0.001 + random.nextDouble() / 50);
    }
    for (int extra = random.nextInt(8); extra > 0; extra--) {
      int a = random.nextInt(n);
      int b = random.nextInt(n);
      if (a != b) {
        wire(plus[a], plus[b], 0.001 + random.nextDouble() / 20);
        wire(minus[a], random.nextBoolean() ? minus[b] : Mesh.GROUND, 0.002);
      }
    }
    if (random.nextBoolean()) {
      wire(other, plus[n - 1], 0.05);
    }
    for (int i = 0; i < n; i++) {
      LoadKind kind = List.of(LoadKind.values()).get(random.nextInt(4));
      pixel(plus[i], minus[i], kind, 5, random.nextDouble() / 10);
    }
    return n;
  }

  @Property(tries = 300, seed = "5")
  void kirchhoffHoldsAtEveryNodeAndPowersBalance(@ForAll long seed) {
    MeshSolverTest it = new MeshSolverTest();
    it.random(new Random(seed));
    MeshSolution.Stands s = (MeshSolution.Stands) MeshSolver.solve(it.mesh);
    double[] into = new double[it.mesh.size()];
    double heat = 0;
    double used = 0;
    for (int w = 0; w < it.wires.size(); w++) {
      Wire wire = it.wires.get(w);
      double amps = s.amps().at(w);
      assertThat(s.volts().at(wire.a()) - s.volts().at(wire.b()))
          .isCloseTo(amps * wire.ohms(), within(1e-9));
      into[wire.a()] -= amps;
      into[wire.b()] += amps;
      heat += amps * amps * wire.ohms();
    }
    for (Pixel p : it.pixels) {
      double v = s.volts().at(p.plus()) - s.volts().at(p.minus());
      into[p.plus()] -= p.ampsAt(v);
      into[p.minus()] += p.ampsAt(v);
      used += v * p.ampsAt(v);
    }
    double in = 0;
    for (int node = 0; node < it.mesh.size(); node++) {
      if (it.mesh.isHeld(node)) {
        in -= into[node] * it.mesh.heldVolts(node);
      } else {
        assertThat(into[node]).as("node " + node).isCloseTo(0, within(1e-6));
      }
    }
    assertThat(in).isCloseTo(used + heat, within(1e-5));
  }

  /** At the volts found every pixel is a fixed current: the rest is one dense solve by EJML. */
  @Property(tries = 200, seed = "6")
  void agreesWithADenseSolve(@ForAll long seed) {
    MeshSolverTest it = new MeshSolverTest();
    it.random(new Random(seed));
    MeshSolution.Stands s = (MeshSolution.Stands) MeshSolver.solve(it.mesh);
    int n = it.mesh.size();
    DMatrixRMaj a = new DMatrixRMaj(n, n);
    DMatrixRMaj b = new DMatrixRMaj(n, 1);
    for (Wire w : it.wires) {
      double g = 1 / w.ohms();
      a.add(w.a(), w.a(), g);
      a.add(w.b(), w.b(), g);
      a.add(w.a(), w.b(), -g);
      a.add(w.b(), w.a(), -g);
    }
    for (Pixel p : it.pixels) {
      double amps = p.ampsAt(s.volts().at(p.plus()) - s.volts().at(p.minus()));
      b.add(p.plus(), 0, -amps);
      b.add(p.minus(), 0, amps);
    }
    for (int node = 0; node < n; node++) {
      if (it.mesh.isHeld(node)) {
        for (int k = 0; k < n; k++) {
          a.set(node, k, k == node ? 1 : 0);
        }
        b.set(node, 0, it.mesh.heldVolts(node));
      }
    }
    DMatrixRMaj x = new DMatrixRMaj(n, 1);
    assertThat(CommonOps_DDRM.solve(a, b, x)).isTrue();
    for (int node = 0; node < n; node++) {
      assertThat(s.volts().at(node)).isCloseTo(x.get(node, 0), within(1e-7));
    }
  }

  /** Two rails of their own and one rail of twice the resistance are the same to a pixel. */
  @Property(tries = 100, seed = "7")
  void twoRailsAreOneLoop(@ForAll long seed) {
    Random random = new Random(seed);
    int n = 2 + random.nextInt(60);
    LoadKind kind = List.of(LoadKind.values()).get(random.nextInt(4));
    int second = random.nextInt(n);
    Mesh both = new Mesh();
    int source = both.source(5);
    int[] plus = new int[n];
    int[] minus = new int[n];
    for (int i = 0; i < n; i++) {
      plus[i] = both.node();
      minus[i] = both.node();
      both.pixel(plus[i], minus[i], kind, 5, 0.04);
      if (i > 0) {
        both.conductor(plus[i - 1], plus[i], 0.002);
        both.conductor(minus[i - 1], minus[i], 0.002);
      }
    }
    for (int at : new int[] {0, second}) {
      both.conductor(source, plus[at], 0.03);
      both.conductor(minus[at], Mesh.GROUND, 0.03);
    }
    Line line =
        Line.uniform(5, n, 0.04, kind, 0.004, new int[] {0, second}, new double[] {0.06, 0.06});
    LineSolution.Stands one = (LineSolution.Stands) LineSolver.solve(line);
    MeshSolution.Stands two = (MeshSolution.Stands) MeshSolver.solve(both);
    for (int i = 0; i < n; i++) {
      assertThat(two.volts().at(plus[i]) - two.volts().at(minus[i]))
          .isCloseTo(one.volts().at(i), within(1e-8));
    }
  }

  /** P over R of one pixel has no answer above V squared over 4 R (arithmetic). */
  @Test
  void powerBeyondTheLimitFalls() {
    Mesh one = new Mesh();
    int node = one.node();
    one.conductor(one.source(12), node, 1);
    one.pixel(node, Mesh.GROUND, LoadKind.CONSTANT_POWER, 12, 36.1 / 12);
    assertThat(MeshSolver.solve(one)).isInstanceOf(MeshSolution.Falls.class);
  }
}
