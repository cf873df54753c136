package bunting.core.assess;

import bunting.core.island.BoxSolver;
import bunting.core.island.Island;
import bunting.core.island.Networks;
import bunting.core.island.SolvedBox;
import bunting.core.island.SolvedChain;
import bunting.core.show.Circuit;
import bunting.core.show.Decisions;
import bunting.core.show.Feed;
import bunting.core.show.Input;
import bunting.core.show.MainsDevice;
import bunting.core.show.PlacedBoard;
import bunting.core.show.Show;
import bunting.core.show.SupplyType;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** From a show and its decisions to what follows electrically, at any brightness. */
final class Electrics {
  private final Show show;
  private final Decisions decisions;
  private final Networks networks;
  private final BoxSolver solver;
  private final Map<Double, List<SolvedBox>> solved = new HashMap<>();

  /**
   * @param before what was solved for an earlier state of the show
   * @param failed whether something has failed ({@link bunting.core.dc.Line#shedding})
   */
  Electrics(Show show, Decisions decisions, Collection<SolvedBox> before, boolean failed) {
    this.show = show;
    this.decisions = decisions;
    this.networks =
        new Networks(
            show,
            decisions.controllers(),
            decisions.segments(),
            decisions.feeds(),
            decisions.trunks(),
            decisions.breaks(),
            decisions.inputs(),
            failed);
    this.solver = new BoxSolver(show.catalogue().wiresById(), before);
  }

  Networks networks() {
    return networks;
  }

  /** A board alone at a brightness, by its place among the boards. */
  SolvedBox box(int index, double percent) {
    return solver.solve(networks.of(decisions.boards().get(index), percent));
  }

  /**
   * What follows at a brightness.
   *
   * @param others at any brightness
   */
  Consequence at(double percent, OtherReading others) {
    List<SolvedBox> boxes = solved.computeIfAbsent(percent, this::solve);
    return of(
        percent, boxes, OtherReader.at(show, decisions.inputs(), others, s -> percent), Map.of());
  }

  /**
   * What follows of boxes as they were solved.
   *
   * @param dimmed what plain sets and strings do then
   * @param supplyVolts what a supply of that id holds, where it is otherwise than trimmed
   */
  Consequence of(
      double percent, List<SolvedBox> boxes, OtherReading dimmed, Map<String, Double> supplyVolts) {
    Map<String, SolvedBox> byId = new HashMap<>();
    List<PlacedBoard> boards = decisions.boards();
    for (int b = 0; b < boxes.size(); b++) {
      byId.put(boards.get(b).id(), boxes.get(b));
    }
    Map<String, Double> feedAmps = new HashMap<>();
    Map<String, SolvedChain.SegmentFlow> segments = new HashMap<>();
    for (SolvedBox box : boxes) {
      for (Optional<SolvedChain> chain : box.ports()) {
        chain.ifPresent(c -> c.segments().forEach(s -> segments.put(s.segment(), s)));
        chain.ifPresent(c -> c.islands().forEach(i -> note(i, feedAmps)));
      }
    }
    List<SupplyReading> supplies = supplies(feedAmps, dimmed, supplyVolts);
    return new Consequence(
        percent,
        boxes,
        feedAmps,
        inputs(byId, dimmed),
        supplies,
        circuits(supplies, dimmed),
        dimmed,
        segments);
  }

  private List<SolvedBox> solve(double percent) {
    return decisions.boards().stream().map(c -> solver.solve(networks.of(c, percent))).toList();
  }

  private static void note(Island island, Map<String, Double> feedAmps) {
    for (int f = 0; f < island.feeds().size() && island.solution().isPresent(); f++) {
      feedAmps.put(island.feeds().get(f).id(), island.solution().get().feedAmps().at(f));
    }
  }

  private List<InputReading> inputs(Map<String, SolvedBox> boxes, OtherReading others) {
    Map<String, OtherReading.Board> boards = new HashMap<>();
    others.boards().forEach(b -> boards.put(b.dimmer().id(), b));
    List<InputReading> list = new ArrayList<>();
    for (Input input : decisions.inputs()) {
      SolvedBox box = boxes.get(input.board());
      OtherReading.Board board = boards.get(input.board());
      if (box != null) {
        list.add(new InputReading(input, box.inputAmps(), box.terminalVolts()));
      } else if (board != null) {
        list.add(new InputReading(input, board.amps(), board.terminalVolts()));
      }
    }
    return list;
  }

  private List<SupplyReading> supplies(
      Map<String, Double> feedAmps, OtherReading others, Map<String, Double> volts) {
    Map<String, Double> amps = new HashMap<>();
    for (Feed f : decisions.feeds()) {
      amps.merge(f.supply(), feedAmps.getOrDefault(f.id(), 0.0), Double::sum);
    }
    others.boards().forEach(b -> amps.merge(b.dimmer().supply(), b.amps(), Double::sum));
    Map<String, SupplyType> types = show.catalogue().supplyTypesById();
    return decisions.supplies().stream()
        .map(
            s ->
                new SupplyReading(
                    s,
                    types.get(s.type()),
                    amps.getOrDefault(s.id(), 0.0),
                    volts.getOrDefault(
                        s.id(),
                        show.wiring().conductors().supplyVolts(types.get(s.type()).volts()))))
        .toList();
  }

  private List<CircuitReading> circuits(List<SupplyReading> supplies, OtherReading others) {
    Map<String, Double> amps = new LinkedHashMap<>();
    Map<String, Circuit> known = new HashMap<>();
    List<Circuit> circuits = show.circuits().orElse(List.of());
    circuits.forEach(c -> known.put(c.id(), c));
    for (SupplyReading s : supplies) {
      s.supply()
          .circuit()
          .ifPresent(
              id -> {
                double input = s.type().voltAmps(s.loadWatts()) / known.get(id).volts();
                amps.merge(id, input, Double::sum);
              });
    }
    for (OtherReading.Chain c : others.chains()) {
      double voltAmps = c.amps() * show.settings().mainsVolts();
      c.chain()
          .circuit()
          .filter(known::containsKey)
          .ifPresent(id -> amps.merge(id, voltAmps / known.get(id).volts(), Double::sum));
    }
    for (MainsDevice d : show.mains().devices()) {
      String id = decisions.others().devices().get(d.id());
      if (id != null && known.containsKey(id)) {
        amps.merge(id, d.voltAmps() / known.get(id).volts(), Double::sum);
      }
    }
    return circuits.stream()
        .map(c -> new CircuitReading(c, amps.getOrDefault(c.id(), 0.0)))
        .toList();
  }
}
