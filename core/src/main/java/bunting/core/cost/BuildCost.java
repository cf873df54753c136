package bunting.core.cost;

import bunting.core.show.Attach;
import bunting.core.show.ControllerType;
import bunting.core.show.Decisions;
import bunting.core.show.Feed;
import bunting.core.show.PixelType;
import bunting.core.show.PlacedController;
import bunting.core.show.PriceList;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.Supply;
import bunting.core.show.SupplyType;
import bunting.core.show.Trunk;
import bunting.core.show.Wire;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/**
 * What a plan costs to build, in the builder's money: boxes, supplies, fused ways, every metre of
 * lead and feed by its gauge, the work of joining feeds on, and groups torn apart at their price.
 * What the builder has, and what lies on the shelf, costs nothing.
 *
 * @param boxes boxes that are bought, with what each costs besides itself
 * @param supplies that are bought
 * @param ways of distribution blocks
 * @param leads from ports to runs and from run to run
 * @param feeds cable of feeds from the distribution
 * @param work of joining feeds on
 * @param groups torn apart
 * @param minutes of that work
 * @param metres of all these leads and feeds
 */
public record BuildCost(
    double boxes,
    double supplies,
    double ways,
    double leads,
    double feeds,
    double work,
    double groups,
    double minutes,
    double metres) {
  /** Nothing is built. */
  public static final BuildCost NOTHING = new BuildCost(0, 0, 0, 0, 0, 0, 0, 0, 0);

  /** All of it. */
  public double total() {
    return boxes + supplies + ways + leads + feeds + work + groups;
  }

  /** Both together. */
  public BuildCost plus(BuildCost o) {
    return new BuildCost(
        boxes + o.boxes,
        supplies + o.supplies,
        ways + o.ways,
        leads + o.leads,
        feeds + o.feeds,
        work + o.work,
        groups + o.groups,
        minutes + o.minutes,
        metres + o.metres);
  }

  /**
   * The price of a plan.
   *
   * @param leadM metres of a segment's lead
   * @param feedM metres of a feed's cable
   * @param trunkM metres of a trunk's heavy pair
   */
  public static BuildCost of(
      Show show,
      Decisions decisions,
      ToDoubleFunction<Segment> leadM,
      ToDoubleFunction<Feed> feedM,
      ToDoubleFunction<Trunk> trunkM) {
    PriceList prices = show.allotting().planning().prices();
    Map<String, Wire> wires = show.catalogue().wiresById();
    Map<String, Run> runs =
        show.runs().stream().collect(Collectors.toMap(Run::name, r -> r, (a, b) -> a));
    Map<String, PixelType> types = show.catalogue().pixelTypesById();
    Map<String, Segment> segments =
        decisions.segments().stream().collect(Collectors.toMap(Segment::id, s -> s));
    BuildCost sum = NOTHING;
    double leads = 0;
    double metres = 0;
    for (Segment s : decisions.segments()) {
      double m = leadM.applyAsDouble(s);
      metres += m;
      leads += m * leadPerM(prices, wires, s);
    }
    sum = sum.plus(new BuildCost(0, 0, 0, leads, 0, 0, 0, 0, metres));
    for (Feed f : decisions.feeds()) {
      Segment s = segments.get(f.segment());
      Run run = s == null ? null : runs.get(s.run());
      if (s != null && run != null && !f.viaPort()) {
        PixelType type = Objects.requireNonNull(types.get(run.type()));
        Attach at = JoinPlaces.at(run, type, s.firstPixel(), s.lastPixel(), f.atPixel(), false);
        double m = feedM.applyAsDouble(f);
        Wire wire = Objects.requireNonNull(wires.get(f.wire()));
        sum = sum.plus(feed(prices, f, wire, m, at));
      }
    }
    for (Trunk t : decisions.trunks()) {
      Wire wire = Objects.requireNonNull(wires.get(t.wire()));
      sum = sum.plus(trunk(prices, wire, trunkM.applyAsDouble(t)));
    }
    return sum.plus(
        new BuildCost(
            boxes(show, decisions),
            supplies(show, decisions),
            0,
            0,
            0,
            0,
            groups(runs, decisions) * prices.groupApart(),
            0,
            0));
  }

  /** Price of a metre of a segment's lead: for data alone, or with the wire that carries power. */
  public static double leadPerM(PriceList prices, Map<String, Wire> wires, Segment s) {
    boolean powered = s.powerFromPrevious() && s.leadWire().isPresent();
    return powered
        ? prices.perM(Objects.requireNonNull(wires.get(s.leadWire().get())))
        : prices.dataPerM();
  }

  /** A feed from the distribution: its way, its cable and the work of joining it on. */
  public static BuildCost distribution(PriceList prices, Wire wire, double metres, Attach at) {
    return new BuildCost(
        0,
        0,
        prices.distributionWay(),
        0,
        metres * prices.perM(wire),
        prices.joining(at),
        0,
        prices.minutesFor(at),
        metres);
  }

  /** A feed that is not the port's own: from the distribution, or a tail of a trunk. */
  public static BuildCost feed(PriceList prices, Feed f, Wire wire, double metres, Attach at) {
    return f.trunk().isPresent()
        ? tail(prices, wire, metres, at)
        : distribution(prices, wire, metres, at);
  }

  /** The heavy pair of a trunk, with its way. */
  public static BuildCost trunk(PriceList prices, Wire wire, double metres) {
    double cable = metres * prices.perM(wire);
    return new BuildCost(0, 0, prices.distributionWay(), 0, cable, 0, 0, 0, metres);
  }

  /** A tail of a trunk, and the work of joining it on. */
  public static BuildCost tail(PriceList prices, Wire wire, double metres, Attach at) {
    return new BuildCost(
        0,
        0,
        0,
        0,
        metres * prices.perM(wire),
        prices.joining(at),
        0,
        prices.minutesFor(at),
        metres);
  }

  private static double boxes(Show show, Decisions decisions) {
    Set<String> owned = show.ownedControllers();
    Map<String, ControllerType> kinds = show.catalogue().controllerTypesById();
    var planning = show.allotting().planning();
    Shelf shelf = Shelf.boxes(planning);
    double sum = 0;
    for (PlacedController c : decisions.controllers()) {
      ControllerType kind = Objects.requireNonNull(kinds.get(c.controller().type()));
      boolean free = owned.contains(c.controller().id()) || shelf.take(kind.id());
      sum += free ? 0 : bought(kind, planning.prices());
    }
    return sum;
  }

  /** Price of a box of a kind that has to be bought. */
  public static double bought(ControllerType kind, PriceList prices) {
    return kind.cost() + prices.boxExtra();
  }

  private static double supplies(Show show, Decisions decisions) {
    Map<String, SupplyType> kinds = show.catalogue().supplyTypesById();
    Shelf shelf = Shelf.supplies(show.allotting().planning());
    double sum = 0;
    for (Supply s : decisions.supplies()) {
      sum += shelf.take(s.type()) ? 0 : Objects.requireNonNull(kinds.get(s.type())).cost();
    }
    return sum;
  }

  private static int groups(Map<String, Run> runs, Decisions decisions) {
    GroupsApart apart = new GroupsApart();
    for (Segment s : decisions.segments()) {
      apart.note(Optional.ofNullable(runs.get(s.run())).flatMap(Run::group), s.controller());
    }
    return apart.count();
  }
}
