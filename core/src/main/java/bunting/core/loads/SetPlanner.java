package bunting.core.loads;

import bunting.core.copper.Fuses;
import bunting.core.copper.InputRule;
import bunting.core.show.Conductors;
import bunting.core.show.Controller;
import bunting.core.show.DimmerType;
import bunting.core.show.Input;
import bunting.core.show.OtherDecisions;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Supply;
import bunting.core.show.SupplyType;
import bunting.core.show.Texts;
import bunting.core.show.Unplaced;
import bunting.core.show.Wire;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;

/**
 * Puts plain sets on dimmer boards: place by place and voltage by voltage, in the order of the
 * list, each on the first board with outputs and amps left, else on a fresh one. A board hangs on
 * one supply of its own; each set's lead has a fuse of its own, since the board's fuse is too large
 * for it.
 */
public final class SetPlanner {
  private final Show show;
  private final double margin;
  private final double percent;
  private final Conductors copper;
  private final List<PlainSet> queue;

  /** Where boxes stand or can stand. */
  private final List<Point> places = new ArrayList<>();

  private final List<Board> boards = new ArrayList<>();
  private final List<Unplaced> unplaced = new ArrayList<>();

  private static final class Board {
    final DimmerType type;
    final Point at;
    final double volts;
    final List<PlainSet> sets = new ArrayList<>();
    int used;
    double amps;

    Board(DimmerType type, Point at, double volts) {
      this.type = type;
      this.at = at;
      this.volts = volts;
    }
  }

  /** What was decided. */
  public record Plan(
      List<OtherDecisions.Dimmer> dimmers,
      List<OtherDecisions.Output> outputs,
      List<Supply> supplies,
      List<Input> inputs,
      List<Unplaced> unplaced) {}

  private SetPlanner(Show show) {
    this.show = show;
    this.queue = inGroups(show.others().plainSets());
    show.controllers().orElse(List.of()).stream().map(Controller::at).forEach(places::add);
    if (places.isEmpty()) {
      show.standingSites().forEach(s -> places.add(s.at()));
    }
    this.margin = show.settings().fuseMargin();
    this.percent = show.wiring().ways().mostSent(show.settings().brightnessPercent());
    this.copper = show.wiring().conductors();
  }

  /**
   * Plans all plain sets.
   *
   * @param supplyNames names the supply of a board, each once
   */
  public static Plan plan(Show show, UnaryOperator<String> supplyNames) {
    return new SetPlanner(show).go(supplyNames);
  }

  private Plan go(UnaryOperator<String> supplyNames) {
    Map<Point, List<PlainSet>> byPlace = new LinkedHashMap<>();
    for (PlainSet set : queue) {
      byPlace.computeIfAbsent(place(set), k -> new ArrayList<>()).add(set);
    }
    byPlace.forEach((at, sets) -> sets.forEach(set -> place(set, at)));
    List<OtherDecisions.Dimmer> dimmers = new ArrayList<>();
    List<OtherDecisions.Output> outputs = new ArrayList<>();
    List<Supply> supplies = new ArrayList<>();
    List<Input> inputs = new ArrayList<>();
    for (Board board : boards) {
      String id = "D" + (dimmers.size() + 1);
      SupplyType type = supply(board.volts, board.amps).orElseThrow();
      String supply = supplyNames.apply(id);
      supplies.add(new Supply(supply, type.id(), board.at, Optional.empty()));
      InputRule.Choice input = input(board.volts, board.amps);
      inputs.add(
          new Input(
              id, supply, input.pairs(), input.wire().id(), copper.inputM(), input.fuseAmps()));
      dimmers.add(
          new OtherDecisions.Dimmer(
              id, board.type.id(), board.at, board.volts, supply, input.fuseAmps()));
      int output = 1;
      for (PlainSet set : board.sets) {
        outputs.add(output(set, id, output, terminalVolts(board, input)));
        output += set.channels();
      }
    }
    return new Plan(dimmers, outputs, supplies, inputs, unplaced);
  }

  /** Sets of one group one after the other, where the first of them stands. */
  private static List<PlainSet> inGroups(List<PlainSet> sets) {
    Map<String, List<PlainSet>> groups = new LinkedHashMap<>();
    for (PlainSet set : sets) {
      String key = set.group().map(g -> "g" + g).orElse("s" + set.name());
      groups.computeIfAbsent(key, k -> new ArrayList<>()).add(set);
    }
    return groups.values().stream().flatMap(List::stream).toList();
  }

  private Point place(PlainSet set) {
    return places.stream().min(Comparator.comparingDouble(set.at()::cableTo)).orElseThrow();
  }

  private double amps(PlainSet set) {
    return set.amps(percent);
  }

  private double outputAmps(PlainSet set) {
    return set.outputAmps(percent);
  }

  private void place(PlainSet set, Point at) {
    Board board =
        boards.stream()
            .filter(b -> b.at.equals(at) && b.volts == set.volts() && holds(b, set))
            .findFirst()
            .orElseGet(() -> fresh(set, at).orElse(null));
    if (board != null) {
      board.sets.add(set);
      board.used += set.channels();
      board.amps += amps(set);
    }
  }

  private boolean holds(Board b, PlainSet set) {
    double amps = b.amps + amps(set);
    return b.used + set.channels() <= b.type.outputs()
        && !Fuses.over(outputAmps(set), b.type.outputAmpsMax())
        && !Fuses.over(amps, b.type.boardAmpsMax())
        && inputBears(b.volts, amps)
        && supply(b.volts, amps).isPresent();
  }

  /** The kind of board that holds the most of what is still to come, the cheapest of equals. */
  private Optional<Board> fresh(PlainSet set, Point at) {
    Optional<Board> best =
        show.catalogue().dimmerTypes().stream()
            .filter(t -> t.volts().contains(set.volts()))
            .map(t -> new Board(t, at, set.volts()))
            .filter(b -> holds(b, set))
            .min(
                Comparator.<Board>comparingInt(b -> -fill(b, set))
                    .thenComparingDouble(b -> b.type.cost()));
    if (best.isPresent() && wire(set, copper.supplyVolts(set.volts())).isPresent()) {
      boards.add(best.get());
      return best;
    }
    unplaced.add(lack(set));
    return Optional.empty();
  }

  /** How many sets from this one on, of its place and volts, a fresh board holds. */
  private int fill(Board empty, PlainSet first) {
    Board trial = new Board(empty.type, empty.at, empty.volts);
    boolean from = false;
    int count = 0;
    for (PlainSet next : queue) {
      from |= next.equals(first);
      if (from
          && next.volts() == trial.volts
          && place(next).equals(trial.at)
          && holds(trial, next)) {
        trial.used += next.channels();
        trial.amps += amps(next);
        count++;
      }
    }
    return count;
  }

  private Unplaced lack(PlainSet set) {
    List<DimmerType> able =
        show.catalogue().dimmerTypes().stream()
            .filter(t -> t.volts().contains(set.volts()))
            .toList();
    double most = able.stream().mapToDouble(DimmerType::outputAmpsMax).max().orElse(0);
    double needs = outputAmps(set);
    String why =
        able.isEmpty()
            ? "finds no dimmer for " + Texts.number(set.volts()) + " V; it needs "
            : "needs ";
    String end =
        needs > most
            ? Texts.fixed(needs, 2)
                + " A an output, and the strongest has "
                + Texts.number(most)
                + " A: "
                + Texts.fixed(needs - most, 2)
                + " A too few"
            : Texts.fixed(amps(set), 2)
                + " A, more than a board, its fuse, its supply or a lead of the list bears";
    return new Unplaced(set.name(), why + end, needs, most, "A");
  }

  private Optional<SupplyType> supply(double volts, double amps) {
    double share = show.settings().supplyLoadPercentMax();
    double held = copper.supplyVolts(volts);
    return show.catalogue().supplyTypes().stream()
        .filter(t -> t.volts() == volts)
        .filter(t -> !Fuses.over(amps, t.usableAmps(share, held)))
        .min(
            Comparator.comparingDouble(SupplyType::cost)
                .thenComparingDouble(SupplyType::watts)
                .thenComparing(SupplyType::id));
  }

  private OtherDecisions.Output output(
      PlainSet set, String dimmer, int first, double terminalVolts) {
    double fuse = fuse(set).orElseThrow();
    return new OtherDecisions.Output(
        set.name(), dimmer, first, fuse, wire(set, terminalVolts).orElseThrow().id());
  }

  private OptionalDouble fuse(PlainSet set) {
    return Fuses.next(amps(set), margin, Double.MAX_VALUE);
  }

  /** How a board's input is wired. */
  private InputRule.Choice input(double volts, double amps) {
    return InputRule.choose(amps, margin, copper.supplyVolts(volts), copper, wires());
  }

  private boolean inputBears(double volts, double amps) {
    if (wires().isEmpty()) {
      return false;
    }
    InputRule.Choice choice = input(volts, amps);
    return !Fuses.over(InputRule.leastFuse(amps, margin, choice.pairs()), choice.fuseAmps());
  }

  private List<Wire> wires() {
    return show.catalogue().wires().stream()
        .filter(w -> w.fuseAmpsMax() > 0)
        .sorted(Comparator.comparingDouble(Wire::ohmsPerM).reversed().thenComparing(Wire::id))
        .toList();
  }

  /**
   * The thinnest wire that the set's fuse protects and over which the set keeps its least volts at
   * the brightness that is designed for; where none does, the thickest, and the volts are found.
   */
  private Optional<Wire> wire(PlainSet set, double terminalVolts) {
    OptionalDouble fuse = fuse(set);
    if (fuse.isEmpty()) {
      return Optional.empty();
    }
    List<Wire> bear = wires().stream().filter(w -> w.fuseAmpsMax() >= fuse.getAsDouble()).toList();
    return bear.stream()
        .filter(w -> terminalVolts - dropVolts(w, set) >= leastVolts(set))
        .findFirst()
        .or(() -> bear.isEmpty() ? Optional.empty() : Optional.of(bear.getLast()));
  }

  private double leastVolts(PlainSet set) {
    return set.volts() * show.settings().minVoltsPercent() / 100;
  }

  private double dropVolts(Wire wire, PlainSet set) {
    double designed = show.settings().brightnessPercent();
    double metres = set.leadM().orElse(place(set).cableTo(set.at()) + Geometry.BOX_SLACK_M);
    return copper.setDropVolts(wire, metres, set.amps(designed), set.outputAmps(designed));
  }

  /** What a board has behind its input at the brightness that is designed for. */
  private double terminalVolts(Board board, InputRule.Choice input) {
    double designed = show.settings().brightnessPercent();
    double amps = board.sets.stream().mapToDouble(s -> s.amps(designed)).sum();
    return copper.supplyVolts(board.volts)
        - amps * copper.inputOhms(input.wire(), input.pairs()).loop();
  }
}
