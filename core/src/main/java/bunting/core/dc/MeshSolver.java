package bunting.core.dc;

import java.util.Arrays;

/**
 * The DC solve of a network with loops: a trunk with tails, two rails that differ, several sources.
 *
 * <p><b>Method.</b> Node potentials; pixels are linearised and iterated as in {@link LineSolver}.
 * The matrix is symmetric and is factored as L D L' without exchanges, in the order of {@link
 * Elimination} (least degree first). Lights are strung in lines, so eliminating one pixel joins its
 * few neighbours and hardly fills: the cost is some tens of operations a node and pass.
 *
 * <p><b>Limits.</b> A pivot that is not positive means that the network asks for more power than
 * its conductors carry. Unlike for a line, that is the rule of all practical networks and not a
 * proof.
 *
 * <p>Sources: Matrix Computations, sec. 4.1; Computer Solution of Large Sparse Positive Definite
 * Systems, 1981, ch. 5; from memory.
 */
public final class MeshSolver {
  /** Newton stops when no pixel moved by more, volts. */
  private static final double STEP_TOLERANCE_VOLTS = 1e-9;

  private static final int PASSES_MAX = 100;

  /** Settling: the first hold is so many times what a pixel could pull. */
  private static final double HOLD_FIRST = 4;

  /** Each calm step lets go by this, each wild one holds on by that. */
  private static final double HOLD_LESS = 1.6;

  private static final double HOLD_MORE = 3;

  /** Share of the first hold that stays: it keeps the matrix sound and costs a few passes. */
  private static final double LEAST_HOLD = 1e-4;

  /** What holds a pixel at rest carries less, amps. */
  private static final double REST_AMPS = 1e-9;

  private static final int SETTLE_PASSES_MAX = 2000;

  private final Mesh mesh;
  private final Elimination plan;
  private final double[] potential;
  private final double[] right;
  private final double[] across;

  private MeshSolver(Mesh mesh) {
    this.mesh = mesh;
    this.plan = new Elimination(mesh);
    this.potential = new double[mesh.size()];
    this.right = new double[mesh.size()];
    this.across = new double[mesh.loads.size()];
  }

  /** Solves a mesh. Deterministic. Every node must hang, over conductors, on a source or ground. */
  public static MeshSolution solve(Mesh mesh) {
    return new MeshSolver(mesh).run();
  }

  /** A line whose pixels shed load, let settle. */
  static LineSolution settle(Line line) {
    Mesh mesh = new Mesh();
    Laid laid = Laid.in(mesh, line);
    return laid.read(settle(mesh));
  }

  /**
   * A mesh whose pixels shed load, let settle from the state in which all pixels have the highest
   * volts of any source: as if each pixel had a capacitor, in time steps that grow while the mesh
   * comes to rest (implicit Euler; pseudo-transient continuation). It ends in a state that is
   * stable, the one that the lights would fall into.
   */
  public static MeshSolution settle(Mesh mesh) {
    return new MeshSolver(mesh).fall();
  }

  private void begin() {
    for (int v = 0; v < mesh.size(); v++) {
      potential[v] = mesh.isHeld(v) ? mesh.heldVolts(v) : 0;
    }
    Arrays.fill(across, mesh.highestVolts());
  }

  private MeshSolution run() {
    begin();
    double before = Double.MAX_VALUE;
    for (int pass = 0; pass < PASSES_MAX; pass++) {
      load(0);
      int pivot = plan.solve(right, potential);
      if (pivot >= 0) {
        return new MeshSolution.Falls(pivot, false);
      }
      double step = take(before);
      for (int i = 0; i < across.length; i++) {
        if (across[i] <= 0) {
          return new MeshSolution.Falls(mesh.loads.get(i).plus(), pass == 0);
        }
      }
      if (step <= STEP_TOLERANCE_VOLTS) {
        return stands();
      }
      before = step;
    }
    return new MeshSolution.Falls(Mesh.GROUND, false);
  }

  private MeshSolution fall() {
    begin();
    double least = LEAST_HOLD * hold();
    double hold = hold();
    double before = Double.MAX_VALUE;
    for (int pass = 0; pass < SETTLE_PASSES_MAX; pass++) {
      load(hold);
      if (plan.solve(right, potential) >= 0) {
        hold *= HOLD_MORE;
        continue;
      }
      double step = take(Double.MAX_VALUE);
      if (step <= STEP_TOLERANCE_VOLTS && hold * step <= REST_AMPS) {
        return stands();
      }
      hold = step <= before ? Math.max(least, hold / HOLD_LESS) : hold * HOLD_MORE;
      before = step;
    }
    return new MeshSolution.Falls(Mesh.GROUND, false);
  }

  /** The conductance that holds every pixel at first: what all would draw, and more. */
  private double hold() {
    double most = 0;
    for (int i = 0; i < across.length; i++) {
      Mesh.Load l = mesh.loads.get(i);
      most = Math.max(most, Math.abs(l.like().slopeAt(l.index(), across[i])));
      most = Math.max(most, l.like().ampsAt(l.index(), across[i]) / across[i]);
    }
    return HOLD_FIRST * most;
  }

  /**
   * Fills matrix and right side with conductors and the pixels as they are at {@code across}.
   *
   * @param hold siemens that hold each pixel where it is
   */
  private void load(double hold) {
    plan.clear();
    Arrays.fill(right, 0);
    for (Mesh.Conductor c : mesh.conductors) {
      stamp(c.a(), c.b(), 1 / c.ohms());
    }
    for (int i = 0; i < across.length; i++) {
      Mesh.Load l = mesh.loads.get(i);
      double slope = l.like().slopeAt(l.index(), across[i]) + hold;
      double fixed = l.like().ampsAt(l.index(), across[i]) - slope * across[i];
      stamp(l.plus(), l.minus(), slope);
      right[l.plus()] -= fixed;
      right[l.minus()] += fixed;
    }
  }

  private void stamp(int a, int b, double siemens) {
    boolean heldA = mesh.isHeld(a);
    boolean heldB = mesh.isHeld(b);
    if (!heldA) {
      plan.addDiagonal(a, siemens);
      right[a] += heldB ? siemens * mesh.heldVolts(b) : 0;
    }
    if (!heldB) {
      plan.addDiagonal(b, siemens);
      right[b] += heldA ? siemens * mesh.heldVolts(a) : 0;
    }
    if (!heldA && !heldB) {
      plan.addBetween(a, b, -siemens);
    }
  }

  /** Takes the new volts across the pixels, half the way where the step grew; the largest step. */
  private double take(double before) {
    double step = 0;
    double[] next = new double[across.length];
    for (int i = 0; i < across.length; i++) {
      Mesh.Load l = mesh.loads.get(i);
      next[i] = potential[l.plus()] - potential[l.minus()];
      step = Math.max(step, Math.abs(next[i] - across[i]));
    }
    double share = step > before ? 0.5 : 1;
    for (int i = 0; i < across.length; i++) {
      across[i] += share * (next[i] - across[i]);
    }
    return share * step;
  }

  private MeshSolution stands() {
    double[] amps = new double[mesh.conductors.size()];
    for (int c = 0; c < amps.length; c++) {
      Mesh.Conductor one = mesh.conductors.get(c);
      amps[c] = (potential[one.a()] - potential[one.b()]) / one.ohms();
    }
    return new MeshSolution.Stands(VoltProfile.of(potential), VoltProfile.of(amps));
  }
}
