package bunting.core.show;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/**
 * How ports are planned.
 *
 * @param goals each once, the most important first; that everything is placed comes before all
 * @param sparePorts ports that stay free on every box the planner adds, for next year
 * @param prices of what building costs besides the catalogue's own
 * @param addBoxes whether boxes may be added to those that are given
 * @param ownedBoxes boxes on the shelf, used before any is bought
 * @param ownedSupplies supplies on the shelf, likewise
 * @param ownedDimmers PWM boards on the shelf, likewise
 * @param toBuy ids of given controllers that are still to be bought; the others cost nothing
 * @param offerAbove a better plan is offered where it saves more than this; what was dismissed
 *     raises it
 * @param effort most deterministic seconds of search for one part of the show
 */
public record Planning(
    List<Goal> goals,
    int sparePorts,
    PriceList prices,
    boolean addBoxes,
    List<Owned> ownedBoxes,
    List<Owned> ownedSupplies,
    List<Owned> ownedDimmers,
    List<String> toBuy,
    double offerAbove,
    double effort) {
  /** Far above what money a feed, a mm2 of a metre, or a metre can save. */
  private static final double FEED_WEIGHT = 1e4;

  private static final double COPPER_WEIGHT = 1e3;

  private static final double CABLE_WEIGHT = 1e3;

  /**
   * Cost, groups, boxes, cable, fuses, feeds, copper; prices of the shipped catalogue's kind. With
   * the extra cost of a box one larger box is never dearer than two smaller ones of that catalogue.
   */
  public static final Planning DEFAULT =
      new Planning(
          List.of(Goal.values()),
          0,
          PriceList.DEFAULT,
          false,
          List.of(),
          List.of(),
          List.of(),
          List.of(),
          0,
          1);

  /** Fills in the goals that are left out, in their usual order. */
  public Planning {
    List<Goal> all = new ArrayList<>(goals.stream().distinct().toList());
    for (Goal goal : Goal.values()) {
      if (!all.contains(goal)) {
        all.add(goal);
      }
    }
    goals = List.copyOf(all);
    ownedBoxes = List.copyOf(ownedBoxes);
    ownedSupplies = List.copyOf(ownedSupplies);
    ownedDimmers = List.copyOf(ownedDimmers);
    toBuy = toBuy.stream().distinct().sorted().toList();
  }

  /**
   * The prices by which feeds are searched: the builder's, and on top of them what comes before the
   * price among the goals, weighed so heavily that no money makes up for it.
   */
  public PriceList searched(List<Wire> wires) {
    PriceList list = prices;
    int price = goals.indexOf(Goal.COST);
    for (Goal goal : goals.subList(0, price)) {
      list =
          switch (goal) {
            case FEEDS -> list.heavier(wires, w -> 0, FEED_WEIGHT, 0);
            case COPPER -> list.heavier(wires, w -> COPPER_WEIGHT * w.copperMm2(), 0, 0);
            case CABLE -> list.heavier(wires, w -> CABLE_WEIGHT, 0, CABLE_WEIGHT);
            case COST, GROUPS, BOXES, FUSES -> list;
          };
    }
    return list;
  }

  /** So many of a type. */
  public record Owned(String type, int count) {}

  /** How many boxes of a type are on the shelf. */
  public int boxesOwned(String type) {
    return count(ownedBoxes, type);
  }

  /** How many supplies of a type are on the shelf. */
  public int suppliesOwned(String type) {
    return count(ownedSupplies, type);
  }

  private static int count(List<Owned> list, String type) {
    return list.stream().filter(o -> o.type().equals(type)).mapToInt(Owned::count).sum();
  }

  /** The same with this goal first. */
  public Planning preferring(Goal goal) {
    List<Goal> list = new ArrayList<>(List.of(goal));
    list.addAll(goals);
    return with(d -> d.goals = list);
  }

  /** The same with or without leave to add boxes. */
  public Planning withAddBoxes(boolean may) {
    return with(d -> d.addBoxes = may);
  }

  /** The same with so many spare ports a box. */
  public Planning withSparePorts(int ports) {
    return with(d -> d.sparePorts = ports);
  }

  /** Kinds of things that the builder owns by type and number. */
  public enum Shelf {
    CONTROLLERS,
    SUPPLIES,
    PWM_BOARDS
  }

  /** Returns what is owned of a kind, each type once. */
  public List<Owned> owned(Shelf kind) {
    return switch (kind) {
      case CONTROLLERS -> ownedBoxes;
      case SUPPLIES -> ownedSupplies;
      case PWM_BOARDS -> ownedDimmers;
    };
  }

  /** Returns a copy in which so many of a type are owned. */
  public Planning owning(Shelf kind, String type, int count) {
    Map<String, Integer> all = new LinkedHashMap<>();
    owned(kind).forEach(o -> all.put(o.type(), o.count()));
    all.put(type, count);
    List<Owned> list =
        all.entrySet().stream()
            .filter(e -> e.getValue() > 0)
            .map(e -> new Owned(e.getKey(), e.getValue()))
            .toList();
    return with(
        d -> {
          switch (kind) {
            case CONTROLLERS -> d.ownedBoxes = list;
            case SUPPLIES -> d.ownedSupplies = list;
            case PWM_BOARDS -> d.ownedDimmers = list;
          }
        });
  }

  /** Returns a copy with other controllers still to be bought. */
  public Planning withToBuy(Collection<String> ids) {
    return with(d -> d.toBuy = List.copyOf(ids));
  }

  /** The same with other prices. */
  public Planning with(PriceList other) {
    return with(d -> d.prices = other);
  }

  /** The same with another effort. */
  public Planning withEffort(double seconds) {
    return with(d -> d.effort = seconds);
  }

  /** Returns a copy that offers better plans only where they save more than this. */
  public Planning withOfferAbove(double saving) {
    return with(d -> d.offerAbove = saving);
  }

  private Planning with(Consumer<Draft> change) {
    Draft draft = new Draft(this);
    change.accept(draft);
    return draft.planning();
  }

  /** The parts of a planning, while one of them is changed. */
  private static final class Draft {
    private List<Goal> goals;
    private int sparePorts;
    private PriceList prices;
    private boolean addBoxes;
    private List<Owned> ownedBoxes;
    private List<Owned> ownedSupplies;
    private List<Owned> ownedDimmers;
    private List<String> toBuy;
    private double offerAbove;
    private double effort;

    Draft(Planning from) {
      goals = from.goals;
      sparePorts = from.sparePorts;
      prices = from.prices;
      addBoxes = from.addBoxes;
      ownedBoxes = from.ownedBoxes;
      ownedSupplies = from.ownedSupplies;
      ownedDimmers = from.ownedDimmers;
      toBuy = from.toBuy;
      offerAbove = from.offerAbove;
      effort = from.effort;
    }

    Planning planning() {
      return new Planning(
          goals,
          sparePorts,
          prices,
          addBoxes,
          ownedBoxes,
          ownedSupplies,
          ownedDimmers,
          toBuy,
          offerAbove,
          effort);
    }
  }
}
