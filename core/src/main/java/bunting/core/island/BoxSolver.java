package bunting.core.island;

import bunting.core.dc.Line;
import bunting.core.dc.LineSolution;
import bunting.core.dc.StarSolver;
import bunting.core.show.Wire;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Solves the chains of a box with the input of its board as one network ({@link StarSolver}), and
 * what hangs on a trunk with that ({@link bunting.core.dc.TrunkSolver}). Where the board's input
 * has no resistance and there is no trunk, chains stay apart: one that was solved before with all
 * the same around it is taken as it was. A box that was is taken whole.
 */
public final class BoxSolver {
  private final IslandSolver solver;
  private final Map<BoxNetwork, SolvedBox> boxes = new HashMap<>();
  private final Map<Chain, SolvedChain> chains = new HashMap<>();

  /**
   * A solver.
   *
   * @param before what was solved for an earlier state of the show
   */
  public BoxSolver(Map<String, Wire> wires, Collection<SolvedBox> before) {
    this.solver = new IslandSolver(wires);
    for (SolvedBox box : before) {
      boxes.put(box.network(), box);
      if (leavesApart(box.network())) {
        box.ports().forEach(p -> p.ifPresent(c -> chains.put(c.chain(), c)));
      }
    }
  }

  private static boolean leavesApart(BoxNetwork box) {
    return box.inputOhms().loop() == 0 && box.trunks().isEmpty();
  }

  /** Solves a box. */
  public SolvedBox solve(BoxNetwork box) {
    SolvedBox known = boxes.get(box);
    if (known == null) {
      known = leavesApart(box) ? apart(box) : asOne(box);
      boxes.put(box, known);
    }
    return known;
  }

  /**
   * Solves a box some of whose chains are others than they were; ports whose chain is the very same
   * are taken as they were where the box leaves its chains apart. Not kept.
   */
  @SuppressWarnings("ReferenceEquality")
  public SolvedBox changed(SolvedBox before, BoxNetwork now) {
    if (!leavesApart(now)) {
      return asOne(now);
    }
    List<Optional<SolvedChain>> ports = new ArrayList<>();
    double amps = 0;
    for (int p = 0; p < now.chains().size(); p++) {
      Optional<Chain> chain = now.chains().get(p);
      Optional<Chain> was = before.network().chains().get(p);
      Optional<SolvedChain> one =
          chain.isPresent() && was.isPresent() && chain.get() == was.get()
              ? before.ports().get(p)
              : chain.map(this::fresh);
      ports.add(one);
      amps += one.map(SolvedChain::islands).map(BoxSolver::portAmps).orElse(0.0);
    }
    return new SolvedBox(now, ports, List.of(), now.supplyVolts(), amps, true);
  }

  private SolvedBox apart(BoxNetwork box) {
    List<Optional<SolvedChain>> ports = new ArrayList<>();
    double amps = 0;
    for (Optional<Chain> chain : box.chains()) {
      Optional<SolvedChain> one = chain.map(this::chain);
      ports.add(one);
      amps += one.map(SolvedChain::islands).map(BoxSolver::portAmps).orElse(0.0);
    }
    return new SolvedBox(box, ports, List.of(), box.supplyVolts(), amps, true);
  }

  private SolvedChain chain(Chain chain) {
    SolvedChain known = chains.get(chain);
    return known != null ? known : fresh(chain);
  }

  private SolvedChain fresh(Chain chain) {
    return IslandSolver.read(
        chain, solver.islands(chain).stream().map(IslandSolver::solved).toList());
  }

  private static double portAmps(List<Island> islands) {
    return islands.stream().mapToDouble(Island::portAmps).sum();
  }

  private SolvedBox asOne(BoxNetwork box) {
    List<List<Island>> islands = new ArrayList<>();
    List<StarSolver.Branch> branches = new ArrayList<>();
    for (Optional<Chain> chain : box.chains()) {
      List<Island> bare = chain.map(solver::islands).orElse(List.of());
      islands.add(bare);
      for (Island island : bare) {
        branch(island).ifPresent(branches::add);
      }
    }
    StarSolver.Solution star = StarSolver.solve(box.supplyVolts(), box.inputOhms(), branches);
    TrunksOfBox trunks = TrunksOfBox.solve(box, islands, solver);
    List<Optional<SolvedChain>> ports = new ArrayList<>();
    int next = 0;
    for (int p = 0; p < islands.size(); p++) {
      List<Island> solved = new ArrayList<>();
      for (Island island : islands.get(p)) {
        Optional<StarSolver.Branch> branch = branch(island);
        if (branch.isPresent()) {
          LineSolution solution = star.lines().get(next++);
          Line at = branch.get().line().withSource(branch.get().feed(), star.terminals());
          solved.add(IslandSolver.with(island.on(at), solution));
        } else {
          solved.add(trunks.taken(island).orElseGet(() -> IslandSolver.solved(island)));
        }
      }
      ports.add(box.chains().get(p).map(c -> IslandSolver.read(c, solved)));
    }
    return new SolvedBox(
        box, ports, trunks.solved(), star.terminals().across(), star.amps(), star.stands());
  }

  private static Optional<StarSolver.Branch> branch(Island island) {
    OptionalInt port = island.portFeed();
    return port.isPresent() && !island.onTrunk()
        ? Optional.of(new StarSolver.Branch(island.line(), port.getAsInt()))
        : Optional.empty();
  }
}
