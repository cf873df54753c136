package bunting.core.loads;

import bunting.core.copper.Fuses;
import bunting.core.cost.Shelf;
import bunting.core.show.Controller;
import bunting.core.show.Decisions;
import bunting.core.show.DimmerType;
import bunting.core.show.Input;
import bunting.core.show.OtherDecisions;
import bunting.core.show.PlainSet;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Supply;
import bunting.core.show.Texts;
import bunting.core.show.Unplaced;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.UnaryOperator;

/**
 * Puts PWM light sets on PWM boards: place by place and voltage by voltage, in the order of the
 * list, each on the first board with outputs and amps left, else on a fresh one. What the builder
 * owns is used first. A board has a supply of its own; each set's lead has a fuse of its own, since
 * the board's fuse is too large for it. In a show that has a plan a set stays on its outputs as
 * long as it fits there.
 */
public final class SetPlanner {
  private final Show show;
  private final SetWiring wiring;
  private final Shelf ownedBoards;
  private final List<PlainSet> queue;

  /** Where controllers stand or can stand. */
  private final List<Point> places = new ArrayList<>();

  private final List<SetBoard> boards = new ArrayList<>();
  private final List<Unplaced> unplaced = new ArrayList<>();

  /** What was decided. */
  public record Plan(
      List<OtherDecisions.Dimmer> dimmers,
      List<OtherDecisions.Output> outputs,
      List<Supply> supplies,
      List<Input> inputs,
      List<Unplaced> unplaced) {}

  private SetPlanner(Show show, SetWiring wiring) {
    this.show = show;
    this.wiring = wiring;
    this.ownedBoards = Shelf.dimmers(show.allotting().planning());
    this.queue = inGroups(show.others().plainSets());
    show.controllers().orElse(List.of()).stream().map(Controller::at).forEach(places::add);
    if (places.isEmpty()) {
      show.standingSites().forEach(s -> places.add(s.at()));
    }
  }

  /**
   * Plans all PWM light sets.
   *
   * @param before the plan that the show has
   * @param ownedSupplies supplies that the builder owns and nothing else uses
   * @param supplyNames names the supply of a board, each once
   */
  public static Plan plan(
      Show show,
      Optional<Decisions> before,
      Shelf ownedSupplies,
      UnaryOperator<String> supplyNames) {
    SetPlanner planner = new SetPlanner(show, new SetWiring(show, before, ownedSupplies));
    before.ifPresent(planner::keep);
    planner.fill();
    return planner.wired(supplyNames);
  }

  /** Takes over the boards of a plan with the sets that still fit there. */
  private void keep(Decisions plan) {
    Map<String, PlainSet> sets = new HashMap<>();
    queue.forEach(s -> sets.put(s.name(), s));
    Map<String, DimmerType> types = show.catalogue().dimmerTypesById();
    for (OtherDecisions.Dimmer d : plan.others().dimmers()) {
      DimmerType type = types.get(d.type());
      if (type == null || !type.volts().contains(d.volts()) || !places.contains(d.at())) {
        continue;
      }
      SetBoard board = new SetBoard(Optional.of(d.id()), type, d.at(), d.volts());
      NavigableMap<Integer, PlainSet> had = new TreeMap<>();
      plan.others().outputs().stream()
          .filter(o -> o.dimmer().equals(d.id()) && sets.containsKey(o.set()))
          .forEach(o -> had.put(o.firstOutput(), sets.get(o.set())));
      had.forEach(
          (first, set) -> {
            Integer next = had.higherKey(first);
            int room = (next == null ? type.outputs() + 1 : next) - first;
            boolean fits = set.volts() == board.volts() && set.channels() <= room;
            if (fits && place(set).equals(board.at()) && carries(board, set)) {
              board.put(first, set, wiring.amps(set));
            }
          });
      if (!board.sets().isEmpty()) {
        ownedBoards.take(type.id());
        boards.add(board);
      }
    }
  }

  private void fill() {
    Set<PlainSet> kept = new HashSet<>();
    boards.forEach(b -> kept.addAll(b.sets().values()));
    Map<Point, List<PlainSet>> byPlace = new LinkedHashMap<>();
    for (PlainSet set : queue) {
      if (!kept.contains(set)) {
        byPlace.computeIfAbsent(place(set), k -> new ArrayList<>()).add(set);
      }
    }
    byPlace.forEach((at, sets) -> sets.forEach(set -> place(set, at)));
  }

  private Plan wired(UnaryOperator<String> supplyNames) {
    List<OtherDecisions.Dimmer> dimmers = new ArrayList<>();
    List<OtherDecisions.Output> outputs = new ArrayList<>();
    List<Supply> supplies = new ArrayList<>();
    List<Input> inputs = new ArrayList<>();
    Set<String> ids = new HashSet<>();
    boards.forEach(b -> b.id().ifPresent(ids::add));
    for (SetBoard board : boards) {
      String id = board.id().orElseGet(() -> FreeIds.next("D", ids));
      Supply supply = wiring.supply(board, supplyNames.apply(id));
      Input input = wiring.input(board, id, supply.id());
      supplies.add(supply);
      inputs.add(input);
      dimmers.add(
          new OtherDecisions.Dimmer(
              id, board.type().id(), board.at(), board.volts(), supply.id(), input.fuseAmps()));
      double volts = wiring.terminalVolts(board.volts(), input, board.sets().values());
      board
          .sets()
          .forEach((first, set) -> outputs.add(wiring.output(set, id, first, leadM(set), volts)));
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

  private double leadM(PlainSet set) {
    return set.leadM().orElse(place(set).cableTo(set.at()) + Geometry.BOX_SLACK_M);
  }

  private void place(PlainSet set, Point at) {
    boards.stream()
        .filter(b -> b.at().equals(at) && b.volts() == set.volts() && holds(b, set))
        .findFirst()
        .or(() -> fresh(set, at))
        .ifPresent(b -> b.put(b.free(set.channels()).orElseThrow(), set, wiring.amps(set)));
  }

  private boolean holds(SetBoard b, PlainSet set) {
    return b.free(set.channels()).isPresent() && carries(b, set);
  }

  private boolean carries(SetBoard b, PlainSet set) {
    double amps = b.amps() + wiring.amps(set);
    return !Fuses.over(wiring.outputAmps(set), b.type().outputAmpsMax())
        && !Fuses.over(amps, b.type().boardAmpsMax())
        && wiring.carries(b.volts(), amps);
  }

  /** An owned board, else the kind that holds most of what is still to come, the cheapest first. */
  private Optional<SetBoard> fresh(PlainSet set, Point at) {
    Optional<SetBoard> best =
        show.catalogue().dimmerTypes().stream()
            .filter(t -> t.volts().contains(set.volts()))
            .map(t -> new SetBoard(Optional.empty(), t, at, set.volts()))
            .filter(b -> holds(b, set))
            .min(
                Comparator.<SetBoard, Boolean>comparing(b -> !ownedBoards.has(b.type().id()))
                    .thenComparingInt(b -> -fill(b, set))
                    .thenComparingDouble(b -> b.type().cost()));
    if (best.isPresent() && wiring.hasLead(set, leadM(set))) {
      ownedBoards.take(best.get().type().id());
      boards.add(best.get());
      return best;
    }
    unplaced.add(lack(set));
    return Optional.empty();
  }

  /** How many sets from this one on, of its place and volts, a fresh board holds. */
  private int fill(SetBoard empty, PlainSet first) {
    SetBoard trial = new SetBoard(Optional.empty(), empty.type(), empty.at(), empty.volts());
    boolean from = false;
    for (PlainSet next : queue) {
      from |= next.equals(first);
      if (from
          && next.volts() == trial.volts()
          && place(next).equals(trial.at())
          && holds(trial, next)) {
        trial.put(trial.free(next.channels()).orElseThrow(), next, wiring.amps(next));
      }
    }
    return trial.sets().size();
  }

  private Unplaced lack(PlainSet set) {
    List<DimmerType> able =
        show.catalogue().dimmerTypes().stream()
            .filter(t -> t.volts().contains(set.volts()))
            .toList();
    double most = able.stream().mapToDouble(DimmerType::outputAmpsMax).max().orElse(0);
    double needs = wiring.outputAmps(set);
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
            : Texts.fixed(wiring.amps(set), 2)
                + " A, more than a board, its fuse, its supply or a lead of the list bears";
    return new Unplaced(set.name(), why + end, needs, most, "A");
  }
}
