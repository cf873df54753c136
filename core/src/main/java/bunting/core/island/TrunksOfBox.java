package bunting.core.island;

import bunting.core.dc.Line;
import bunting.core.dc.TrunkSolver;
import bunting.core.show.Conductors;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The trunks of a box, each solved as one with the islands that hang on it. */
final class TrunksOfBox {
  private final IdentityHashMap<Island, Island> taken = new IdentityHashMap<>();
  private final List<SolvedTrunk> solved = new ArrayList<>();

  private TrunksOfBox() {}

  /**
   * Solves them; a trunk without any tail is left out.
   *
   * @param islands of the box's ports, not solved
   */
  static TrunksOfBox solve(BoxNetwork box, List<List<Island>> islands, IslandSolver wires) {
    TrunksOfBox all = new TrunksOfBox();
    List<Island> flat = islands.stream().flatMap(List::stream).filter(Island::onTrunk).toList();
    for (TrunkLaid laid : box.trunks()) {
      Conductors copper =
          box.chains().stream().flatMap(Optional::stream).findFirst().orElseThrow().copper();
      double volts = box.trunkVolts(laid);
      all.solve(laid, flat, laid.ohms(wires.wire(laid.trunk().wire()), copper, volts));
    }
    return all;
  }

  private void solve(TrunkLaid laid, List<Island> islands, TrunkSolver.Trunk ohms) {
    List<Island> on = new ArrayList<>();
    List<Line> lines = new ArrayList<>();
    List<Optional<TrunkSolver.Tail>> tails = new ArrayList<>();
    Map<String, TrunkSolver.Tail> byFeed = new HashMap<>();
    for (Island island : islands) {
      boolean here = false;
      for (int f = 0; f < island.feeds().size(); f++) {
        if (island.feeds().get(f).trunk().filter(laid.trunk().id()::equals).isPresent()) {
          byFeed.put(island.feeds().get(f).id(), new TrunkSolver.Tail(on.size(), f));
          here = true;
        }
      }
      if (here) {
        on.add(island);
        lines.add(island.line());
      }
    }
    for (String id : laid.trunk().tails()) {
      tails.add(Optional.ofNullable(byFeed.get(id)));
    }
    if (on.isEmpty()) {
      return;
    }
    TrunkSolver.Solution found = TrunkSolver.solve(ohms, lines, tails);
    for (int i = 0; i < on.size(); i++) {
      taken.put(on.get(i), IslandSolver.with(on.get(i), found.lines().get(i)));
    }
    solved.add(new SolvedTrunk(laid, found.mostAmps()));
  }

  /** An island as it was solved with its trunk; empty: it hangs on none. */
  Optional<Island> taken(Island island) {
    return Optional.ofNullable(taken.get(island));
  }

  List<SolvedTrunk> solved() {
    return solved;
  }
}
