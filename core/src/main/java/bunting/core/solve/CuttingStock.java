package bunting.core.solve;

import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * The one-dimensional cutting-stock problem: pieces from bars, at the least cost. Every way to fill
 * a bar to the brim is a pattern (Operations Research 9, 1961); CP-SAT chooses how often each is
 * cut. Where there are too many patterns, or the solver is not through in its (deterministic) time,
 * the longest first goes into the fullest bar that takes it, and the answer is not called proven.
 */
public final class CuttingStock {
  private static final int PATTERNS_MAX = 20_000;

  /** Steps of the search for patterns; with more, they are too many. */
  private static final int STEPS_MAX = 2_000_000;

  private static final double DETERMINISTIC_SECONDS = 6;

  /**
   * A kind of bar.
   *
   * @param length in any unit
   * @param cost of cutting one open, whole, 0 or more
   * @param count how many there are
   */
  public record Bar(int length, long cost, int count) {
    /** Bars without end. */
    public static Bar endless(int length, long cost) {
      return new Bar(length, cost, Integer.MAX_VALUE);
    }
  }

  /** A bar that is cut: its kind, and the pieces (indexes into the demand) in it. */
  public record Cut(int bar, List<Integer> pieces) {}

  /** The bars that are cut, and whether no other way costs less. */
  public record Result(List<Cut> cuts, long cost, boolean proven) {}

  /** A way to fill a bar: how many pieces of each length. */
  private static final class Pattern {
    private final int bar;
    private final int[] counts;

    Pattern(int bar, int[] counts) {
      this.bar = bar;
      this.counts = counts.clone();
    }

    int bar() {
      return bar;
    }

    int count(int kind) {
      return counts[kind];
    }
  }

  private final List<Bar> bars;
  private final int[] lengths;
  private final int[] demand;
  private final List<List<Integer>> piecesOf = new ArrayList<>();
  private final List<Pattern> patterns = new ArrayList<>();
  private final long[] shorter;
  private final double effort;
  private int steps;

  private CuttingStock(List<Integer> pieces, List<Bar> bars, double effort) {
    this.effort = effort;
    this.bars = bars;
    this.lengths =
        pieces.stream().distinct().sorted(Comparator.reverseOrder()).mapToInt(i -> i).toArray();
    this.demand = new int[lengths.length];
    for (int kind = 0; kind < lengths.length; kind++) {
      List<Integer> own = new ArrayList<>();
      for (int i = 0; i < pieces.size(); i++) {
        if (pieces.get(i) == lengths[kind]) {
          own.add(i);
        }
      }
      piecesOf.add(own);
      demand[kind] = own.size();
    }
    this.shorter = new long[lengths.length + 1];
    for (int kind = lengths.length - 1; kind >= 0; kind--) {
      shorter[kind] = shorter[kind + 1] + (long) lengths[kind] * demand[kind];
    }
  }

  /**
   * Cuts the pieces from the bars.
   *
   * @param pieces their lengths, each over 0 and not over the longest endless bar
   * @param bars at least one of them endless
   * @throws IllegalArgumentException if a piece is longer than every endless bar
   */
  public static Result solve(List<Integer> pieces, List<Bar> bars) {
    return solve(pieces, bars, DETERMINISTIC_SECONDS);
  }

  /**
   * The same within a limit of search.
   *
   * @param effort most deterministic seconds
   */
  public static Result solve(List<Integer> pieces, List<Bar> bars, double effort) {
    int longest =
        bars.stream()
            .filter(b -> b.count() == Integer.MAX_VALUE)
            .mapToInt(Bar::length)
            .max()
            .orElse(0);
    if (pieces.stream().anyMatch(p -> p < 1 || p > longest)) {
      throw new IllegalArgumentException("a piece does not fit the longest endless bar");
    }
    if (pieces.isEmpty()) {
      return new Result(List.of(), 0, true);
    }
    return new CuttingStock(pieces, bars, effort).go();
  }

  private Result go() {
    Result greedy = greedy();
    for (int bar = 0; bar < bars.size() && !tooMany(); bar++) {
      fill(bar, 0, bars.get(bar).length(), new int[lengths.length]);
    }
    return tooMany() || !ExactSolver.available() ? greedy : exact(greedy);
  }

  private boolean tooMany() {
    return patterns.size() > PATTERNS_MAX || steps > STEPS_MAX;
  }

  /** All fillings of a bar to which no further piece can be added. */
  private void fill(int bar, int kind, int left, int[] counts) {
    steps++;
    if (tooMany()) {
      return;
    }
    if (kind == lengths.length) {
      for (int k = 0; k < lengths.length; k++) {
        if (lengths[k] <= left && counts[k] < demand[k]) {
          return;
        }
      }
      if (Arrays.stream(counts).sum() > 0) {
        patterns.add(new Pattern(bar, counts));
      }
      return;
    }
    int most = Math.min(demand[kind], left / lengths[kind]);
    for (int n = most; n >= 0; n--) {
      int rest = left - n * lengths[kind];
      if (n < most && rest - shorter[kind + 1] >= lengths[kind]) {
        // Whatever follows, one more of these would fit: no such filling is to the brim.
        break;
      }
      counts[kind] = n;
      fill(bar, kind + 1, rest, counts);
    }
    counts[kind] = 0;
  }

  private Result exact(Result greedy) {
    CpModel model = new CpModel();
    int total = Arrays.stream(demand).sum();
    List<IntVar> times = new ArrayList<>();
    LinearExprBuilder cost = LinearExpr.newBuilder();
    for (int p = 0; p < patterns.size(); p++) {
      Bar bar = bars.get(patterns.get(p).bar());
      IntVar n = model.newIntVar(0, Math.min(bar.count(), total), "p" + p);
      times.add(n);
      cost.addTerm(n, bar.cost());
    }
    for (int kind = 0; kind < lengths.length; kind++) {
      LinearExprBuilder cut = LinearExpr.newBuilder();
      for (int p = 0; p < patterns.size(); p++) {
        cut.addTerm(times.get(p), patterns.get(p).count(kind));
      }
      model.addGreaterOrEqual(cut, demand[kind]);
    }
    for (int b = 0; b < bars.size(); b++) {
      if (bars.get(b).count() < Integer.MAX_VALUE) {
        LinearExprBuilder used = LinearExpr.newBuilder();
        for (int p = 0; p < patterns.size(); p++) {
          used.addTerm(times.get(p), patterns.get(p).bar() == b ? 1 : 0);
        }
        model.addLessOrEqual(used, bars.get(b).count());
      }
    }
    model.minimize(cost);
    CpSolver solver = ExactSolver.within(effort);
    boolean found = ExactSolver.found(solver, model);
    boolean proven = found && solver.response().getStatus() == CpSolverStatus.OPTIMAL;
    if (!found || Math.round(solver.objectiveValue()) > greedy.cost()) {
      return greedy;
    }
    return cuts(times.stream().mapToInt(n -> Math.toIntExact(solver.value(n))).toArray(), proven);
  }

  /** Deals the pieces out to the patterns; what a pattern has too much of stays a rest. */
  private Result cuts(int[] times, boolean proven) {
    int[] dealt = new int[lengths.length];
    List<Cut> cuts = new ArrayList<>();
    long cost = 0;
    for (int p = 0; p < times.length; p++) {
      for (int n = 0; n < times[p]; n++) {
        List<Integer> own = new ArrayList<>();
        for (int kind = 0; kind < lengths.length; kind++) {
          for (int i = 0; i < patterns.get(p).count(kind) && dealt[kind] < demand[kind]; i++) {
            own.add(piecesOf.get(kind).get(dealt[kind]++));
          }
        }
        if (!own.isEmpty()) {
          cuts.add(new Cut(patterns.get(p).bar(), own));
          cost += bars.get(patterns.get(p).bar()).cost();
        }
      }
    }
    return new Result(cuts, cost, proven);
  }

  /** Best fit, the longest piece first; rests before fresh bars, the shortest that takes it. */
  private Result greedy() {
    List<Integer> free = new ArrayList<>();
    List<Cut> cuts = new ArrayList<>();
    int[] used = new int[bars.size()];
    long cost = 0;
    for (int kind = 0; kind < lengths.length; kind++) {
      for (int piece : piecesOf.get(kind)) {
        int best = -1;
        for (int c = 0; c < cuts.size(); c++) {
          boolean fits = free.get(c) >= lengths[kind];
          best = fits && (best < 0 || free.get(c) < free.get(best)) ? c : best;
        }
        if (best < 0) {
          int bar = cheapest(used, lengths[kind]);
          used[bar]++;
          cost += bars.get(bar).cost();
          best = cuts.size();
          cuts.add(new Cut(bar, new ArrayList<>()));
          free.add(bars.get(bar).length());
        }
        cuts.get(best).pieces().add(piece);
        free.set(best, free.get(best) - lengths[kind]);
      }
    }
    return new Result(cuts, cost, false);
  }

  private int cheapest(int[] used, int length) {
    int best = -1;
    for (int b = 0; b < used.length; b++) {
      Bar bar = bars.get(b);
      boolean fits = bar.length() >= length && used[b] < bar.count();
      best = fits && (best < 0 || bar.cost() < bars.get(best).cost()) ? b : best;
    }
    return best;
  }
}
