package bunting.core.dc;

import bunting.core.show.LoadKind;

/**
 * The DC solve of one island.
 *
 * <p><b>Model.</b> Go and return rail are alike and carry the same currents, so the difference
 * between them obeys the equations of one rail with twice the resistance. A supply holds its volts,
 * so each feed is a resistance to a fixed source and the network is a line: the matrix is
 * tridiagonal.
 *
 * <p><b>Elimination.</b> From left to right, all that lies left of a pixel is kept as its Norton
 * equivalent, I = J - G v. A rail of R ohms turns it into J/(1+GR), G/(1+GR): Thomas's elimination
 * written in resistances, which also holds for R = 0 and for feeds of almost no resistance, where
 * conductances would overflow. Then back from right to left.
 *
 * <p><b>Loads.</b> Constant current enters J, a resistance enters G: one pass is exact. Constant
 * power i = P/v and lost headroom are linearised and iterated (Newton). v -> Gv + P/v - J is convex
 * in each v and its Jacobian has no positive off-diagonal terms. Begun above every solution (all
 * pixels at the supply's volts) the iterates fall monotonically to the highest solution, the one
 * that a rising supply reaches; and if a pivot is not positive on the way, there is no solution at
 * all. So "cannot stand" is a proof, not a lack of patience. A pixel that loses headroom draws less
 * with less volts, in straight pieces: there is exactly one solution, and a step that is longer
 * than the one before it is halved, so that Newton does not swing about a corner for ever. Where
 * pixels shed load ({@link Shedding}) and this finds no rest, {@link MeshSolver} lets the line
 * settle.
 *
 * <p><b>Cost.</b> A few operations a pixel and pass; constant power takes some 3 to 8 passes, more
 * close to the limit.
 *
 * <p>Sources: Matrix Computations, sec. 4.3; Iterative Solution of Nonlinear Equations in Several
 * Variables, 1970, sec. 13.3 (monotone Newton); from memory.
 */
public final class LineSolver {
  /** Newton stops when no pixel moved by more, volts: far below the 0.1 mV that is shown. */
  private static final double STEP_TOLERANCE_VOLTS = 1e-10;

  /**
   * At the very limit Newton halves the error in each pass; from 48 V to the tolerance takes under
   * 40.
   */
  private static final int PASSES_MAX = 100;

  /** Stands in for a cable of no length, ohms: 30 A across it lose 30 nV. */
  private static final double LEAST_FEED_OHMS = 1e-9;

  private final Line line;
  private final double[] volts;
  private final double[] leftG;
  private final double[] leftJ;
  private final double[] sourceG;
  private final double[] sourceJ;
  private boolean swings;

  private LineSolver(Line line) {
    this.line = line;
    int n = line.size();
    volts = new double[n];
    leftG = new double[n];
    leftJ = new double[n];
    sourceG = new double[n];
    sourceJ = new double[n];
  }

  /** Solves the line. Deterministic; never throws for a line that was built. */
  public static LineSolution solve(Line line) {
    return new LineSolver(line).run();
  }

  private LineSolution run() {
    for (int f = 0; f < line.feedAt.length; f++) {
      double conductance = 1 / Math.max(line.feedOhms[f], LEAST_FEED_OHMS);
      sourceG[line.feedAt[f]] += conductance;
      sourceJ[line.feedAt[f]] += conductance * line.feedVolts[f];
    }
    java.util.Arrays.fill(volts, line.highestVolts());
    boolean linear = true;
    for (int i = 0; i < line.size(); i++) {
      linear &= line.linearAt(i);
      swings |= line.kinds[i] == LoadKind.HEADROOM || line.sheds;
    }
    double before = Double.MAX_VALUE;
    for (int pass = 0; pass < PASSES_MAX; pass++) {
      int pivot = eliminate();
      if (pivot >= 0) {
        return line.sheds ? MeshSolver.settle(line) : new LineSolution.Falls(pivot, false);
      }
      double[] old = swings ? volts.clone() : volts;
      double step = substitute();
      if (swings && step > before) {
        step = halveStep(old);
      }
      before = step;
      int low = lowest();
      if (volts[low] <= 0 && !line.sheds) {
        return new LineSolution.Falls(low, linear);
      }
      if (linear || step <= STEP_TOLERANCE_VOLTS) {
        return stands();
      }
    }
    return line.sheds ? MeshSolver.settle(line) : new LineSolution.Falls(lowest(), false);
  }

  /**
   * How fast a feed's amps grow with the volts of its source while everything else on the line
   * answers, siemens: its conductance, less what the line gives way. The line as it stands.
   */
  static double sourceSlope(Line line, LineSolution.Stands solved, int feed) {
    int at = line.feedAt[feed];
    double[] own = new double[line.size()];
    for (int i = 0; i < own.length; i++) {
      own[i] = line.slopeAt(i, solved.volts().at(i));
    }
    for (int f = 0; f < line.feedAt.length; f++) {
      own[line.feedAt[f]] += 1 / Math.max(line.feedOhms[f], LEAST_FEED_OHMS);
    }
    double left = 0;
    for (int i = 0; i < at; i++) {
      left += own[i];
      left /= 1 + left * line.loopOhms[i];
    }
    double right = 0;
    for (int i = own.length - 1; i > at; i--) {
      right += own[i];
      right /= 1 + right * line.loopOhms[i - 1];
    }
    double conductance = 1 / Math.max(line.feedOhms[feed], LEAST_FEED_OHMS);
    return conductance - conductance * conductance / (left + own[at] + right);
  }

  /** One sweep to the right; the index of a pivot that is not positive, or -1. */
  private int eliminate() {
    double g = 0;
    double j = 0;
    for (int i = 0; i < volts.length; i++) {
      if (i > 0) {
        double pivot = 1 + g * line.loopOhms[i - 1];
        if (pivot <= 0) {
          return i - 1;
        }
        g /= pivot;
        j /= pivot;
      }
      g += sourceG[i];
      j += sourceJ[i];
      double slope = line.slopeAt(i, volts[i]);
      g += slope;
      j -= line.ampsAt(i, volts[i]) - slope * volts[i];
      leftG[i] = g;
      leftJ[i] = j;
    }
    return g > 0 ? -1 : volts.length - 1;
  }

  /** One sweep to the left; the largest change of any pixel's volts. */
  private double substitute() {
    int last = volts.length - 1;
    double v = leftJ[last] / leftG[last];
    double step = Math.abs(v - volts[last]);
    volts[last] = v;
    for (int i = last - 1; i >= 0; i--) {
      double ohms = line.loopOhms[i];
      v += ohms * (leftJ[i] - leftG[i] * v) / (1 + leftG[i] * ohms);
      step = Math.max(step, Math.abs(v - volts[i]));
      volts[i] = v;
    }
    return step;
  }

  private double halveStep(double[] old) {
    double step = 0;
    for (int i = 0; i < volts.length; i++) {
      double half = (volts[i] - old[i]) / 2;
      volts[i] = old[i] + half;
      step = Math.max(step, Math.abs(half));
    }
    return step;
  }

  private int lowest() {
    int low = 0;
    for (int i = 1; i < volts.length; i++) {
      low = volts[i] < volts[low] ? i : low;
    }
    return low;
  }

  private LineSolution stands() {
    double[] amps = new double[line.feedAt.length];
    double total = 0;
    for (int f = 0; f < amps.length; f++) {
      double drop = line.feedVolts[f] - volts[line.feedAt[f]];
      amps[f] = drop / Math.max(line.feedOhms[f], LEAST_FEED_OHMS);
      total += amps[f];
    }
    return new LineSolution.Stands(
        new VoltProfile(volts, 0, volts.length), new VoltProfile(amps, 0, amps.length), total);
  }
}
