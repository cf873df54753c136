package bunting.core.dc;

import bunting.core.show.PairOhms;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The DC solve of a trunk: a heavy pair from a supply past lines, open or closed to a ring, with a
 * tail to a pixel at each of its branches. All lines are laid in one mesh and solved as one ({@link
 * MeshSolver}).
 */
public final class TrunkSolver {
  /**
   * A trunk. Resistances are those of the loop (go and return), which is even but for the fuse.
   *
   * @param volts what its supply holds
   * @param fuseOhms of its one fuse, which all of its V+ goes through
   * @param headOhms from the fuse to the first branch
   * @param spanOhms between each branch and the next
   * @param backOhms from the last branch back to the fuse; empty: open
   */
  public record Trunk(
      double volts,
      double fuseOhms,
      double headOhms,
      List<Double> spanOhms,
      OptionalDouble backOhms) {
    public Trunk {
      spanOhms = List.copyOf(spanOhms);
    }
  }

  /**
   * What a branch goes to.
   *
   * @param line by its place
   * @param feed of that line, whose ohms are those of the tail
   */
  public record Tail(int line, int feed) {}

  /**
   * What was found.
   *
   * @param lines in the order given
   * @param headAmps over V+ of the way out
   * @param spanAmps between branches, away from the head
   * @param backAmps over the way back; 0 of an open one
   */
  public record Solution(
      List<LineSolution> lines, double headAmps, List<Double> spanAmps, double backAmps) {
    public Solution {
      lines = List.copyOf(lines);
      spanAmps = List.copyOf(spanAmps);
    }

    /** Whether all of it stands. */
    public boolean stands() {
      return lines.stream().allMatch(l -> l instanceof LineSolution.Stands);
    }

    /** The most over any of it, amps. */
    public double mostAmps() {
      double spans = spanAmps.stream().mapToDouble(Math::abs).max().orElse(0);
      return Math.max(Math.max(Math.abs(headAmps), Math.abs(backAmps)), spans);
    }
  }

  private TrunkSolver() {}

  /**
   * Solves a trunk. Deterministic.
   *
   * @param lines each hangs on the trunk by one feed at least; further feeds have their own source
   * @param tails one a branch; empty: nothing hangs there
   */
  public static Solution solve(Trunk trunk, List<Line> lines, List<Optional<Tail>> tails) {
    if (tails.isEmpty() || trunk.spanOhms().size() != tails.size() - 1) {
      throw new IllegalArgumentException("a trunk wants branches, and spans between them");
    }
    Mesh mesh = new Mesh();
    Laid.Pair source = Laid.source(mesh, Poles.supply(trunk.volts()));
    // A conductor of no length would cost microvolts; an open one has its fuse in its head.
    boolean parts = trunk.backOhms().isPresent() && trunk.fuseOhms() > 0;
    Laid.Pair from = parts ? new Laid.Pair(mesh.node(), source.ground()) : source;
    if (parts) {
      mesh.conductor(source.plus(), from.plus(), trunk.fuseOhms());
    }
    Laid.Pair branch = Laid.pair(mesh);
    PairOhms way = PairOhms.even(trunk.headOhms()).withFuse(parts ? 0 : trunk.fuseOhms());
    Laid.Pair head = Laid.conductors(mesh, from, branch, way);
    List<Laid.Pair> spans = new ArrayList<>();
    Map<Tail, Laid.Pair> on = new HashMap<>();
    for (int k = 0; k < tails.size(); k++) {
      if (tails.get(k).isPresent()) {
        on.put(tails.get(k).get(), branch);
      }
      if (k + 1 < tails.size()) {
        Laid.Pair next = Laid.pair(mesh);
        spans.add(Laid.conductors(mesh, branch, next, PairOhms.even(trunk.spanOhms().get(k))));
        branch = next;
      }
    }
    Laid.Pair end = branch;
    Optional<Laid.Pair> back =
        trunk.backOhms().stream()
            .mapToObj(ohms -> Laid.conductors(mesh, from, end, PairOhms.even(ohms)))
            .findFirst();
    List<Laid> laid = new ArrayList<>();
    for (int l = 0; l < lines.size(); l++) {
      int line = l;
      laid.add(Laid.in(mesh, lines.get(l), f -> Optional.ofNullable(on.get(new Tail(line, f)))));
    }
    MeshSolution found = MeshSolver.solve(mesh);
    if (found instanceof MeshSolution.Falls && lines.stream().allMatch(l -> l.sheds)) {
      found = MeshSolver.settle(mesh);
    }
    MeshSolution solved = found;
    List<LineSolution> read = laid.stream().map(l -> l.read(solved)).toList();
    return solved instanceof MeshSolution.Stands s
        ? new Solution(
            read,
            s.amps().at(head.plus()),
            spans.stream().map(c -> s.amps().at(c.plus())).toList(),
            back.map(c -> s.amps().at(c.plus())).orElse(0.0))
        : new Solution(read, 0, spans.stream().map(c -> 0.0).toList(), 0);
  }
}
