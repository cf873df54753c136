package bunting.core.dc;

import bunting.core.show.LoadKind;
import java.util.ArrayList;
import java.util.List;

/**
 * Any network of conductors, sources and pixels. Nodes count from 0; node 0 is ground, at 0 V. A
 * mesh is filled once and then solved.
 */
public final class Mesh {
  /** Ground. */
  public static final int GROUND = 0;

  /** Stands in for a conductor of no length, ohms: 30 A across it lose 30 uV. */
  private static final double LEAST_OHMS = 1e-6;

  record Conductor(int a, int b, double ohms) {}

  record Load(int plus, int minus, Line like, int index) {}

  final List<Conductor> conductors = new ArrayList<>();
  final List<Load> loads = new ArrayList<>();
  private final List<Double> held = new ArrayList<>();

  /** A mesh of ground alone. */
  public Mesh() {
    held.add(0.0);
  }

  /** A new node; its number. */
  public int node() {
    held.add(Double.NaN);
    return held.size() - 1;
  }

  /** A new node that a source holds at some volts above ground; its number. */
  public int source(double volts) {
    held.add(volts);
    return held.size() - 1;
  }

  /** A conductor between two nodes; its number, from 0. */
  public int conductor(int a, int b, double ohms) {
    conductors.add(new Conductor(a, b, Math.max(ohms, LEAST_OHMS)));
    return conductors.size() - 1;
  }

  /** A pixel between two nodes. */
  public void pixel(int plus, int minus, LoadKind kind, double nominalVolts, double amps) {
    Line one = Line.uniform(nominalVolts, 1, amps, kind, 0, new int[] {0}, new double[] {0});
    loads.add(new Load(plus, minus, one, 0));
  }

  /** The pixel of a line between two nodes. */
  void pixel(int plus, int minus, Line line, int index) {
    loads.add(new Load(plus, minus, line, index));
  }

  int size() {
    return held.size();
  }

  boolean isHeld(int node) {
    return !Double.isNaN(held.get(node));
  }

  double heldVolts(int node) {
    return held.get(node);
  }

  double highestVolts() {
    return held.stream().filter(v -> !v.isNaN()).mapToDouble(v -> v).max().orElse(0);
  }
}
