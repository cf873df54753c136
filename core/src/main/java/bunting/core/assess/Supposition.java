package bunting.core.assess;

import bunting.core.island.Alteration;
import bunting.core.island.BoxNetwork;
import bunting.core.island.BoxSolver;
import bunting.core.island.Brightness;
import bunting.core.island.Island;
import bunting.core.island.Networks;
import bunting.core.island.SolvedBox;
import bunting.core.show.Conductors;
import bunting.core.show.Decisions;
import bunting.core.show.PlacedBoard;
import bunting.core.show.PlainSet;
import bunting.core.show.Show;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;

/**
 * What would follow of a plan if something else were sent, or if it were wired otherwise. The
 * network is the plan's own; a box that cannot stand so is followed to where it settles, pixels far
 * below their volts drawing what their chips still can ({@link bunting.core.dc.Line#shedding}).
 * Boxes are remembered by their network.
 */
public final class Supposition {
  /** Boxes that are kept; then all are forgotten. */
  private static final int KEPT = 2000;

  private final Reading reading;
  private final Show show;
  private final List<PlacedBoard> boards;
  private final Networks plain;
  private final Networks shedding;
  private BoxSolver solver;
  private final Map<BoxNetwork, SolvedBox> known = new HashMap<>();

  /**
   * Of a plan.
   *
   * @param trims volts that supplies are trimmed to, by their nominal volts, beyond the show's own
   */
  public Supposition(Reading reading, Map<Double, Double> trims) {
    this.reading = reading;
    this.boards = reading.decisions().boards();
    Conductors copper = reading.show().wiring().conductors();
    for (Map.Entry<Double, Double> t : trims.entrySet()) {
      copper = copper.withTrim(t.getKey(), t.getValue());
    }
    this.show = reading.show().withWiring(reading.show().wiring().with(copper));
    this.plain = networks(false);
    this.shedding = networks(true);
    this.solver = fresh();
  }

  private BoxSolver fresh() {
    return new BoxSolver(show.catalogue().wiresById(), List.of());
  }

  private Networks networks(boolean failed) {
    Decisions d = reading.decisions();
    return new Networks(
        show, d.controllers(), d.segments(), d.feeds(), d.trunks(), d.breaks(), d.inputs(), failed);
  }

  /** A board, by its place among all of them. */
  public SolvedBox box(int index, Brightness brightness, Alteration otherwise) {
    PlacedBoard controller = boards.get(index);
    BoxNetwork network = plain.of(controller, brightness, otherwise);
    SolvedBox found = known.get(network);
    if (found == null) {
      SolvedBox solved = solver.solve(network);
      found =
          stands(solved) ? solved : solver.solve(shedding.of(controller, brightness, otherwise));
      if (known.size() >= KEPT) {
        known.clear();
        solver = fresh();
      }
      known.put(network, found);
    }
    return found;
  }

  /** The same, not remembered: for what is never asked twice. */
  public SolvedBox fresh(int index, Brightness brightness, Alteration otherwise) {
    PlacedBoard controller = boards.get(index);
    BoxSolver once = fresh();
    SolvedBox solved = once.solve(plain.of(controller, brightness, otherwise));
    return stands(solved) ? solved : once.solve(shedding.of(controller, brightness, otherwise));
  }

  private static boolean stands(SolvedBox box) {
    return box.stands()
        && box.ports().stream()
            .flatMap(p -> p.stream())
            .flatMap(c -> c.islands().stream())
            .allMatch(Supposition::stands);
  }

  private static boolean stands(Island island) {
    return island.feeds().isEmpty() || island.solution().isPresent();
  }

  /**
   * All that follows.
   *
   * @param percent as it is said
   * @param sets brightness of plain sets, percent
   */
  public Consequence of(
      double percent,
      Brightness brightness,
      ToDoubleFunction<PlainSet> sets,
      Alteration otherwise) {
    List<SolvedBox> boxes =
        java.util.stream.IntStream.range(0, boards.size())
            .mapToObj(i -> box(i, brightness, otherwise))
            .toList();
    OtherReading others =
        OtherReader.at(show, reading.decisions().inputs(), reading.others(), sets);
    return new Electrics(show, reading.decisions(), List.of(), false)
        .of(percent, boxes, others, otherwise.supplyVolts());
  }
}
