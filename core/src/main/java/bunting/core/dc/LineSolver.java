package bunting.core.dc;

import bunting.core.show.LoadKind;

/**
 * The DC solve of one island.
 *
 * <p><b>Model.</b> Each pixel has two nodes, V+ and ground, and hangs between them. The rails
 * between neighbours are alike. A supply holds its volts, so each feed is a resistance from either
 * node to a fixed source, and the network is a ladder: the matrix is tridiagonal in blocks of two.
 * Where no more than one feed brings power, or all feeds have as much resistance in V+ as in the
 * return and the same source, both rails carry the same amps and the difference between them obeys
 * the equations of one rail with twice the resistance. A fuse is in V+ alone, so islands with
 * several fused feeds are reckoned with both ({@link Ladder}).
 *
 * <p><b>Elimination.</b> From left to right, all that lies left of a pixel is kept as its Norton
 * equivalent, I = J - G v. A rail of R ohms turns it into J/(1+GR), G/(1+GR): Thomas's elimination
 * written in resistances, which also holds for R = 0 and for feeds of almost no resistance, where
 * conductances would overflow. Then back from right to left.
 *
 * <p><b>Loads.</b> Constant current enters J, a resistance enters G: one pass is exact. Constant
 * power i = P/v and lost headroom are linearised and iterated (Newton). Seen from the pixels, the
 * volts across them are v = v0 - Z i: amps drawn at one pixel lower V+ everywhere and raise ground
 * everywhere, so no entry of Z is negative. v - v0 + Z P/v is convex in each v and its Jacobian has
 * no positive off-diagonal terms. Begun above every solution (all pixels at the supply's volts) the
 * iterates fall monotonically to the highest solution, the one that a rising supply reaches; and if
 * the Jacobian is no M-matrix on the way, there is no solution at all. That is so just when the
 * matrix of the ladder is not positive definite, when a pivot is not positive. So "cannot stand" is
 * a proof, not a lack of patience. (Resistances among constant power enter Z, which keeps its signs
 * in one rail; in both it is the rule, not a proof.) A pixel that loses headroom draws less with
 * less volts, in straight pieces: there is exactly one solution, and a step that is longer than the
 * one before it is halved, so that Newton does not swing about a corner for ever. Where pixels shed
 * load ({@link Shedding}) and this finds no rest, {@link MeshSolver} lets the line settle.
 *
 * <p><b>Cost.</b> A few operations a pixel and pass; constant power takes some 3 to 8 passes, more
 * close to the limit.
 *
 * <p>Sources: Matrix Computations, sec. 4.3 and 4.5; Iterative Solution of Nonlinear Equations in
 * Several Variables, 1970, sec. 13.3 (monotone Newton); from memory.
 */
public final class LineSolver {
  /** Newton stops when no pixel moved by more, volts: far below the 0.1 mV that is shown. */
  private static final double STEP_TOLERANCE_VOLTS = 1e-10;

  /**
   * At the very limit Newton halves the error in each pass; from 48 V to the tolerance takes under
   * 40.
   */
  private static final int PASSES_MAX = 100;

  private final Line line;
  private final double[] volts;
  private final Ladder ladder;
  private boolean swings;

  private LineSolver(Line line) {
    this.line = line;
    volts = new double[line.size()];
    ladder = new Ladder(line);
  }

  /** Solves the line. Deterministic; never throws for a line that was built. */
  public static LineSolution solve(Line line) {
    return new LineSolver(line).run();
  }

  private LineSolution run() {
    java.util.Arrays.fill(volts, line.highestVolts());
    boolean linear = true;
    for (int i = 0; i < line.size(); i++) {
      linear &= line.linearAt(i);
      swings |= line.kinds[i] == LoadKind.HEADROOM || line.sheds;
    }
    double before = Double.MAX_VALUE;
    for (int pass = 0; pass < PASSES_MAX; pass++) {
      int pivot = ladder.eliminate(volts);
      if (pivot >= 0) {
        return line.sheds ? MeshSolver.settle(line) : new LineSolution.Falls(pivot, false);
      }
      double[] old = swings ? volts.clone() : volts;
      double step = ladder.substitute(volts);
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
   * How a feed's amps answer to its source while everything else on the line answers.
   *
   * @param plus more amps out of its plus for each volt that plus is higher, siemens
   * @param between more amps out of its plus for each volt that its ground is higher, and out of
   *     its ground for each volt of plus
   * @param ground more amps out of its ground for each volt that ground is higher
   */
  record Answer(double plus, double between, double ground) {}

  /** The same of the line as it stands: the way's own siemens, less what the line gives way. */
  static Answer answer(Line line, LineSolution.Stands solved, int feed) {
    int at = line.feeds().get(feed).at();
    double[] sources = Norton.sources(line, 0, line.size() - 1);
    Norton left = side(line, solved, sources, 0, at);
    Norton here = side(line, solved, sources, line.size() - 1, at);
    here.load(line.slopeAt(at, solved.volts().at(at)), 0);
    here.feeds(sources, at);
    double pp = left.pp + here.pp;
    double pm = left.pm + here.pm;
    double mm = left.mm + here.mm;
    double det = pp * mm - pm * pm;
    double plus = Norton.plusSiemens(line.feeds().get(feed));
    double ground = Norton.groundSiemens(line.feeds().get(feed));
    return new Answer(
        plus - plus * plus * mm / det,
        plus * ground * pm / det,
        ground - ground * ground * pp / det);
  }

  /** All that lies on one side of a pixel, from the end of the line on. */
  private static Norton side(
      Line line, LineSolution.Stands solved, double[] sources, int end, int at) {
    Norton all = new Norton();
    for (int i = end; i != at; i += end < at ? 1 : -1) {
      all.load(line.slopeAt(i, solved.volts().at(i)), 0);
      all.feeds(sources, i);
      all.over(line.loopOhms[end < at ? i : i - 1] / 2);
    }
    return all;
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
    int n = line.feeds().size();
    double[] amps = new double[n];
    double[] back = new double[n];
    double total = 0;
    for (int f = 0; f < n; f++) {
      amps[f] = ladder.amps(line.feeds().get(f), volts);
      back[f] = ladder.returnAmps(line.feeds().get(f), volts);
      total += amps[f];
    }
    return new LineSolution.Stands(
        new VoltProfile(volts, 0, volts.length),
        new VoltProfile(amps, 0, n),
        new VoltProfile(back, 0, n),
        total);
  }
}
