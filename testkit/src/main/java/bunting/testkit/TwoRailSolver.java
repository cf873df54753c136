package bunting.testkit;

import java.util.ArrayList;
import java.util.List;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.factory.LinearSolverFactory_DDRM;
import org.ejml.interfaces.linsol.LinearSolverDense;

/**
 * A second, independent way to the volts of a network: every conductor between nodes of its own,
 * the dense matrix of all of them, one LU factorisation (EJML), and for constant power a fixed
 * point in place of Newton. Slow and plain on purpose.
 */
final class TwoRailSolver {
  /** A lead of no length, ohms. */
  private static final double LEAST_OHMS = 1e-7;

  private static final double SETTLED_VOLTS = 1e-9;
  private static final int PASSES_MAX = 2000;

  private record Resistor(int a, int b, double siemens) {}

  private record Held(int node, double siemens, double volts) {}

  private record Pixel(int plus, int minus, double nominalVolts, double amps, String load) {}

  private final List<Resistor> resistors = new ArrayList<>();
  private final List<Held> held = new ArrayList<>();
  private final List<Pixel> pixels = new ArrayList<>();
  private int nodes;
  private DMatrixRMaj potentials = new DMatrixRMaj(0, 1);

  int node() {
    return nodes++;
  }

  /** A conductor between two nodes. */
  void conductor(int a, int b, double ohms) {
    resistors.add(new Resistor(a, b, 1 / Math.max(ohms, LEAST_OHMS)));
  }

  /** A conductor from a source of some volts; its number. */
  int source(int node, double ohms, double volts) {
    held.add(new Held(node, 1 / Math.max(ohms, LEAST_OHMS), volts));
    return held.size() - 1;
  }

  /** A pixel between two nodes; its number. */
  int pixel(int plus, int minus, double nominalVolts, double amps, String load) {
    pixels.add(new Pixel(plus, minus, nominalVolts, amps, load));
    return pixels.size() - 1;
  }

  /** Volts across each pixel. */
  double[] volts() {
    DMatrixRMaj a = new DMatrixRMaj(nodes, nodes);
    for (Resistor r : resistors) {
      between(a, r.a(), r.b(), r.siemens());
    }
    held.forEach(h -> a.add(h.node(), h.node(), h.siemens()));
    for (Pixel p : pixels) {
      if (p.load().equals("resistive")) {
        between(a, p.plus(), p.minus(), p.amps() / p.nominalVolts());
      }
    }
    LinearSolverDense<DMatrixRMaj> lu = LinearSolverFactory_DDRM.lu(nodes);
    if (!lu.setA(a)) {
      throw new AssertionError("a network without a way to a source");
    }
    double[] v = pixels.stream().mapToDouble(Pixel::nominalVolts).toArray();
    DMatrixRMaj right = new DMatrixRMaj(nodes, 1);
    potentials = new DMatrixRMaj(nodes, 1);
    for (int pass = 0; pass < PASSES_MAX; pass++) {
      right.zero();
      held.forEach(h -> right.add(h.node(), 0, h.siemens() * h.volts()));
      for (int i = 0; i < v.length; i++) {
        double amps = draws(pixels.get(i), v[i]);
        right.add(pixels.get(i).plus(), 0, -amps);
        right.add(pixels.get(i).minus(), 0, amps);
      }
      lu.solve(right, potentials);
      double change = 0;
      for (int i = 0; i < v.length; i++) {
        double next = potentials.get(pixels.get(i).plus()) - potentials.get(pixels.get(i).minus());
        change = Math.max(change, Math.abs(next - v[i]));
        v[i] = next;
      }
      if (change < SETTLED_VOLTS) {
        return v;
      }
    }
    throw new AssertionError("the reference solver does not settle");
  }

  /** What a pixel draws beyond what stands in the matrix. */
  private static double draws(Pixel p, double volts) {
    return switch (p.load()) {
      case "constant-current" -> p.amps();
      case "constant-power" -> p.amps() * p.nominalVolts() / volts;
      default -> 0;
    };
  }

  /** Amps from one node to another over so many ohms, after they were solved. */
  double amps(int from, int to, double ohms) {
    return (potentials.get(from) - potentials.get(to)) / Math.max(ohms, LEAST_OHMS);
  }

  /** Amps out of a source. */
  double sourceAmps(int source) {
    Held h = held.get(source);
    return (h.volts() - potentials.get(h.node())) * h.siemens();
  }

  private static void between(DMatrixRMaj a, int p, int q, double siemens) {
    a.add(p, p, siemens);
    a.add(q, q, siemens);
    a.add(p, q, -siemens);
    a.add(q, p, -siemens);
  }
}
