package bunting.core.whatif;

import bunting.core.assess.SegmentReading;
import bunting.core.island.BoxNetwork;
import bunting.core.island.BoxSolver;
import bunting.core.island.Chain;
import bunting.core.island.Island;
import bunting.core.island.SolvedBox;
import bunting.core.island.SolvedChain;
import bunting.core.island.SolvedTrunk;
import bunting.core.show.Input;
import bunting.core.show.PairOhms;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Boxes as they are in a failure case, at the most that can be sent, solved whole with what is left
 * of their inputs; pixels far below their volts draw what their chips still can ({@link
 * bunting.core.dc.Line#shedding}). Ports that a case leaves alone are taken from the plan as it is.
 */
final class CaseSolver {
  private final Wired wired;
  private final BoxSolver solver;
  private final List<SolvedBox> sound = new ArrayList<>();
  private final Map<String, Double> soundAmps = new HashMap<>();

  CaseSolver(Wired wired) {
    this.wired = wired;
    var wires = wired.reading.show().catalogue().wiresById();
    BoxSolver first = new BoxSolver(wires, List.of());
    for (SolvedBox box : wired.worst().boxes()) {
      SolvedBox solved = first.solve(shedding(box.network()));
      sound.add(solved);
      solved.ports().forEach(p -> p.ifPresent(c -> note(c, soundAmps)));
    }
    solver = new BoxSolver(wires, List.of());
  }

  private static BoxNetwork shedding(BoxNetwork box) {
    return new BoxNetwork(
        box.supplyVolts(),
        box.inputOhms(),
        box.chains().stream()
            .map(
                c ->
                    c.map(
                        k ->
                            new Chain(
                                k.links(),
                                k.cables(),
                                k.cutAfter(),
                                k.brightness(),
                                k.copper(),
                                true)))
            .toList(),
        box.trunks());
  }

  static void note(SolvedChain chain, Map<String, Double> amps) {
    for (Island island : chain.islands()) {
      for (int f = 0; f < island.feeds().size(); f++) {
        amps.put(
            island.feeds().get(f).id(),
            island.solution().isPresent() ? island.solution().get().feedAmps().at(f) : 0.0);
      }
    }
  }

  /** Whether a port is the very one of the sound plan; to compare them whole would cost a solve. */
  @SuppressWarnings("ReferenceEquality")
  static boolean untouched(SolvedChain now, SolvedChain before) {
    return now == before;
  }

  /** A box before anything is lost. */
  SolvedBox sound(String box) {
    return sound.get(wired.boxIndex.get(box));
  }

  /** What a trunk carried at the most before anything was lost. */
  double soundTrunkAmps(String box, SolvedTrunk trunk) {
    return sound(box).trunks().stream()
        .filter(t -> t.laid().equals(trunk.laid()))
        .mapToDouble(SolvedTrunk::mostAmps)
        .sum();
  }

  double soundAmps(String feed) {
    return soundAmps.getOrDefault(feed, 0.0);
  }

  /** The boxes that a case touches, as they are then. */
  Map<String, SolvedBox> solve(Case gone) {
    Map<String, SolvedBox> boxes = new LinkedHashMap<>();
    for (String id : wired.touched(gone)) {
      BoxNetwork network = sound(id).network();
      List<Optional<Chain>> chains =
          network.chains().stream().map(c -> c.map(k -> left(k, gone))).toList();
      boxes.put(
          id,
          solver.changed(
              sound(id),
              new BoxNetwork(network.supplyVolts(), ohms(id, gone), chains, network.trunks())));
    }
    return boxes;
  }

  private PairOhms ohms(String box, Case gone) {
    PairOhms all = sound(box).network().inputOhms();
    Input input = wired.inputs.get(box);
    int left = input == null ? 1 : input.wires() - gone.inputsLost(box);
    return input == null || left <= 0 ? all : all.times((double) input.wires() / left);
  }

  /** A chain without what is gone. */
  private static Chain left(Chain chain, Case gone) {
    boolean cutHere =
        gone.cutLead().isPresent()
            && chain.links().stream().anyMatch(l -> l.segment().id().equals(gone.cutLead().get()));
    boolean less = chain.cables().stream().anyMatch(c -> gone.feeds().contains(c.feed().id()));
    if (!cutHere && !less) {
      return chain;
    }
    List<Integer> cuts = new ArrayList<>(chain.cutAfter());
    int from = 0;
    for (Chain.Link link : chain.links()) {
      boolean before = gone.cutLead().filter(link.segment().id()::equals).isPresent();
      if (before && from > 0 && !cuts.contains(from - 1)) {
        cuts.add(from - 1);
      }
      from += link.segment().pixels();
    }
    cuts.sort(Integer::compare);
    return new Chain(
        chain.links(),
        chain.cables().stream().filter(c -> !gone.feeds().contains(c.feed().id())).toList(),
        cuts,
        chain.brightness(),
        chain.copper(),
        true);
  }

  /** The controller of a board. */
  String controllerOf(String board) {
    return wired.boards.get(board).controller().id();
  }

  SegmentReading segment(String id) {
    return wired.segments.get(id);
  }
}
