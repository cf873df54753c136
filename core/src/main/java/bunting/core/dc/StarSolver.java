package bunting.core.dc;

import bunting.core.show.PairOhms;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The DC solve of a box: a supply, the resistance of the board's input, and behind it the lines
 * that hang on the board's terminals, each over one feed, solved as one.
 *
 * <p><b>Method.</b> The lines meet at the terminals alone, so the network is reduced to two
 * unknowns, what the terminals' plus and ground are at: F = T - supply + ohms x amps(T) = 0 for
 * each. Each line is solved at T by {@link LineSolver}, which also says how its amps answer to T:
 * that is the Schur complement of the whole network's Jacobian, and the step is Newton's of all of
 * it.
 *
 * <p><b>Cannot stand is proven.</b> Begun at the supply's poles, above every solution (plus is
 * never higher, ground never lower). A line's volts are concave in T (see there), so the amps of
 * its feeds are convex and so is F: iterates close in monotonically on the solution of the highest
 * volts. A line that cannot stand at T cannot with less; and where the matrix of the step is not
 * positive definite there is no solution at all. Where pixels lose headroom F is monotone instead,
 * and a step that makes |F| grow is halved.
 *
 * <p><b>Cost.</b> Some 3 to 6 solves of each line, more close to the limit.
 */
public final class StarSolver {
  /** At rest, volts: far below the 0.1 mV that is shown. */
  private static final double TOLERANCE_VOLTS = 1e-8;

  /** Stands in for a feed of no length, whose amps would be lost in rounding, ohms. */
  private static final double LEAST_FEED_OHMS = 5e-7;

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
   * @param terminals what the board has; no volts where the box cannot stand
   * @param amps over the V+ of the input
   * @param lines one a branch; where the box cannot stand each says so
   * @param stands whether all of it stands
   */
  public record Solution(Poles terminals, double amps, List<LineSolution> lines, boolean stands) {
    public Solution {
      lines = List.copyOf(lines);
    }
  }

  private StarSolver() {}

  /**
   * Solves a box. Deterministic.
   *
   * @param supplyVolts what the supply holds
   * @param ohms of the input
   */
  public static Solution solve(double supplyVolts, PairOhms ohms, List<Branch> asGiven) {
    List<Branch> branches = asGiven.stream().map(StarSolver::sound).toList();
    Poles at = Poles.supply(supplyVolts);
    double last = Double.MAX_VALUE;
    Poles step = new Poles(0, 0);
    for (int pass = 0; pass < PASSES_MAX; pass++) {
      List<LineSolution> lines = new ArrayList<>();
      double out = 0;
      double back = 0;
      double plus = 1;
      double between = 0;
      double ground = 1;
      for (Branch b : branches) {
        Line line = b.line().withSource(b.feed(), at);
        if (!(LineSolver.solve(line) instanceof LineSolution.Stands s)) {
          return fallen(supplyVolts, ohms, branches);
        }
        lines.add(s);
        out += s.feedAmps().at(b.feed());
        back += s.returnAmps().at(b.feed());
        if (ohms.loop() > 0) {
          LineSolver.Answer answer = LineSolver.answer(line, s, b.feed());
          plus += ohms.plus() * answer.plus();
          between += answer.between();
          ground += ohms.ground() * answer.ground();
        }
      }
      double missPlus = at.plus() - supplyVolts + ohms.plus() * out;
      double missGround = at.ground() - ohms.ground() * back;
      double miss = Math.max(Math.abs(missPlus), Math.abs(missGround));
      if (miss <= TOLERANCE_VOLTS) {
        return new Solution(at, out, lines, true);
      }
      if (miss > last) {
        step = new Poles(step.plus() / 2, step.ground() / 2);
        at = new Poles(at.plus() + step.plus(), at.ground() + step.ground());
        continue;
      }
      double det = plus * ground - ohms.plus() * ohms.ground() * between * between;
      if (plus <= 0 || det <= 0) {
        return fallen(supplyVolts, ohms, branches);
      }
      last = miss;
      step =
          new Poles(
              (ground * missPlus - ohms.plus() * between * missGround) / det,
              (plus * missGround - ohms.ground() * between * missPlus) / det);
      at = new Poles(at.plus() - step.plus(), at.ground() - step.ground());
    }
    return fallen(supplyVolts, ohms, branches);
  }

  private static Branch sound(Branch b) {
    Line.Feed feed = b.line().feeds().get(b.feed());
    PairOhms ohms =
        new PairOhms(
            Math.max(feed.ohms().plus(), LEAST_FEED_OHMS),
            Math.max(feed.ohms().ground(), LEAST_FEED_OHMS));
    Line.Feed sound = new Line.Feed(feed.at(), ohms, feed.source());
    return new Branch(b.line().withFeed(b.feed(), sound), b.feed());
  }

  /** Where pixels shed load the box settles; else it is told that it cannot stand. */
  private static Solution fallen(double supplyVolts, PairOhms ohms, List<Branch> branches) {
    if (branches.stream().allMatch(b -> b.line().sheds)) {
      Mesh mesh = new Mesh();
      Laid.Pair terminals = Laid.pair(mesh);
      Laid.Pair supply = Laid.source(mesh, Poles.supply(supplyVolts));
      Laid.Pair input = Laid.conductors(mesh, supply, terminals, ohms);
      List<Laid> laid =
          branches.stream()
              .map(
                  b ->
                      Laid.in(
                          mesh,
                          b.line(),
                          f -> f == b.feed() ? Optional.of(terminals) : Optional.empty()))
              .toList();
      MeshSolution settled = MeshSolver.settle(mesh);
      if (settled instanceof MeshSolution.Stands s) {
        return new Solution(
            new Poles(s.volts().at(terminals.plus()), s.volts().at(terminals.ground())),
            s.amps().at(input.plus()),
            laid.stream().map(l -> l.read(s)).toList(),
            true);
      }
    }
    return new Solution(
        Poles.supply(0),
        0,
        branches.stream().map(b -> (LineSolution) new LineSolution.Falls(0, false)).toList(),
        false);
  }
}
