package bunting.core.dc;

import java.util.ArrayList;
import java.util.List;

/**
 * The DC solve of a box: a supply, the resistance of the board's input, and behind it the lines
 * that hang on the board's terminals, each over one feed, solved as one.
 *
 * <p><b>Method.</b> The lines meet at the terminals alone, so the network is reduced to one
 * unknown, the terminals' volts V, with F(V) = V - supply + ohms x amps(V) = 0. Each line is solved
 * at V by {@link LineSolver}, which also says how its amps answer to V: that is the Schur
 * complement of the whole network's Jacobian, and the step is Newton's of all of it.
 *
 * <p><b>Cannot stand is proven.</b> Begun at the supply's volts, above every solution. A line's
 * volts are concave in V (see there), so its amps through a feed are convex and so is F: iterates
 * fall monotonically to the highest solution. A line that cannot stand at V cannot at less; and
 * where F is over 0 and does not fall to the left, it is over 0 all the way: there is no solution.
 * Where pixels lose headroom F is monotone instead, and a step that makes |F| grow is halved.
 *
 * <p><b>Cost.</b> Some 3 to 6 solves of each line, more close to the limit.
 */
public final class StarSolver {
  /** At rest, volts: far below the 0.1 mV that is shown. */
  private static final double TOLERANCE_VOLTS = 1e-8;

  /** Stands in for a feed of no length, whose amps would be lost in rounding, ohms. */
  private static final double LEAST_FEED_OHMS = 1e-6;

  private static final int PASSES_MAX = 60;

  /**
   * A line that hangs on the terminals.
   *
   * @param feed which of its feeds goes there
   */
  public record Branch(Line line, int feed) {}

  /**
   * What was found.
   *
   * @param terminalVolts what the board has; 0 where the box cannot stand
   * @param amps over the input
   * @param lines one a branch; where the box cannot stand each says so
   * @param stands whether all of it stands
   */
  public record Solution(
      double terminalVolts, double amps, List<LineSolution> lines, boolean stands) {
    public Solution {
      lines = List.copyOf(lines);
    }
  }

  private StarSolver() {}

  /**
   * Solves a box. Deterministic.
   *
   * @param supplyVolts what the supply holds
   * @param ohms loop resistance of the input, 0 or more
   */
  public static Solution solve(double supplyVolts, double ohms, List<Branch> asGiven) {
    List<Branch> branches = asGiven.stream().map(StarSolver::sound).toList();
    double volts = supplyVolts;
    double last = Double.MAX_VALUE;
    double step = 0;
    for (int pass = 0; pass < PASSES_MAX; pass++) {
      List<LineSolution> lines = new ArrayList<>();
      double amps = 0;
      double slope = 0;
      for (Branch b : branches) {
        LineSolution one = LineSolver.solve(b.line().withFeedVolts(b.feed(), volts));
        if (one instanceof LineSolution.Stands s) {
          lines.add(s);
          amps += s.feedAmps().at(b.feed());
          slope += ohms > 0 ? LineSolver.sourceSlope(b.line(), s, b.feed()) : 0;
        } else {
          return fallen(supplyVolts, ohms, branches);
        }
      }
      double miss = volts - supplyVolts + ohms * amps;
      if (Math.abs(miss) <= TOLERANCE_VOLTS) {
        return new Solution(volts, amps, lines, true);
      }
      if (Math.abs(miss) > Math.abs(last)) {
        step /= 2;
        volts += step;
        continue;
      }
      double rise = 1 + ohms * slope;
      if (rise <= 0) {
        return fallen(supplyVolts, ohms, branches);
      }
      last = miss;
      step = miss / rise;
      volts -= step;
    }
    return fallen(supplyVolts, ohms, branches);
  }

  private static Branch sound(Branch b) {
    if (b.line().feedOhms[b.feed()] >= LEAST_FEED_OHMS) {
      return b;
    }
    double[] ohms = b.line().feedOhms.clone();
    ohms[b.feed()] = LEAST_FEED_OHMS;
    return new Branch(b.line().withFeeds(b.line().feedAt, ohms, b.line().feedVolts), b.feed());
  }

  /** Where pixels shed load the box settles; else it is told that it cannot stand. */
  private static Solution fallen(double supplyVolts, double ohms, List<Branch> branches) {
    if (branches.stream().allMatch(b -> b.line().sheds)) {
      Mesh mesh = new Mesh();
      int terminals = mesh.node();
      int input = mesh.conductor(mesh.source(supplyVolts), terminals, ohms);
      List<Laid> laid =
          branches.stream()
              .map(b -> Laid.in(mesh, b.line(), f -> f == b.feed() ? terminals : Laid.OWN))
              .toList();
      MeshSolution settled = MeshSolver.settle(mesh);
      if (settled instanceof MeshSolution.Stands s) {
        return new Solution(
            s.volts().at(terminals),
            s.amps().at(input),
            laid.stream().map(l -> l.read(s)).toList(),
            true);
      }
    }
    return new Solution(
        0,
        0,
        branches.stream().map(b -> (LineSolution) new LineSolution.Falls(0, false)).toList(),
        false);
  }
}
