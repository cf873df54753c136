package bunting.core.ports;

import bunting.core.cost.BuildCost;
import bunting.core.cost.GroupsApart;
import bunting.core.cost.Shelf;
import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.LeadHelper;
import bunting.core.show.PixelType;
import bunting.core.show.Planning;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Signal;
import bunting.core.show.SupplyType;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.WeakHashMap;

/** What an allotment costs to build, in the prices of the show, and how much cable it takes. */
public final class Prices {
  private final Show show;
  private final Planning planning;
  private final PlanPrice wiring;
  private final SupplyPrice supplies;
  private final Set<String> given = new HashSet<>();
  private final Set<String> owned;
  private final Map<BoxLoad, Known> known = new WeakHashMap<>();
  private final Map<List<Object>, Double> chains = new HashMap<>();

  /** More than any plan costs, and less than makes sums too large. */
  private static final double NO_POWER = 1e6;

  /** A box as it was wired with so many changes. */
  private record Known(int changes, PlanPrice.Wired wired) {}

  Prices(Show show) {
    this(show, new LeadsAlone(show));
  }

  Prices(Show show, PlanPrice wiring) {
    this.show = show;
    this.planning = show.allotting().planning();
    this.wiring = wiring;
    this.supplies = new SupplyPrice(show);
    show.controllers().orElse(List.of()).stream().map(Controller::id).forEach(given::add);
    owned = show.ownedControllers();
  }

  boolean isGiven(Controller box) {
    return given.contains(box.id());
  }

  /** Price of a box of this kind that has to be bought. */
  double bought(ControllerType type) {
    return BuildCost.bought(type, planning.prices());
  }

  /** Metres from a box to pixel {@code pixel} of a run: its lead or its feed. */
  double metres(Point box, Run run, PixelType type, int pixel) {
    return Geometry.boxToPixel(box, run, type, pixel);
  }

  /** Kinds of supply for some volts. */
  List<SupplyType> supplies(double volts) {
    return supplies.kinds(volts);
  }

  double usableWatts(SupplyType type) {
    return supplies.usableWatts(type);
  }

  double watts(PixelType type, int pixels) {
    return pixels * type.amps(show.settings().brightnessPercent()) * type.volts();
  }

  /**
   * The cheapest help that lets a lead of so many metres work: none where it is short enough, else
   * of the catalogue. Empty: nothing reaches that far.
   */
  public static Optional<LeadHelper> help(List<LeadHelper> helpers, double metres) {
    return helpers.stream()
        .filter(h -> h.reachM() >= metres)
        .min(Comparator.comparingDouble(LeadHelper::cost).thenComparing(LeadHelper::id));
  }

  /** Whether a lead of this signal needs help. */
  public static boolean needsHelp(Signal signal, double metres) {
    return metres > signal.bareLeadM() + 1e-9;
  }

  double helpCost(PixelType type, double metres) {
    if (!needsHelp(type.signal(), metres)) {
      return 0;
    }
    return help(show.catalogue().leadHelpers(), metres).map(LeadHelper::cost).orElse(0.0);
  }

  /** Price of wiring a run by itself from such a box; where it cannot be powered, very much. */
  double alone(Run run, PixelType type, BoxLoad box) {
    return chain(box, Chain.alone(box, run, type).pieces());
  }

  /** Pieces on one port of such a box. */
  record Chain(BoxLoad box, List<Piece> pieces) {
    static Chain alone(BoxLoad box, Run run, PixelType type) {
      return new Chain(box, List.of(new Piece(run, type, 1, run.pixels())));
    }
  }

  /** Finds what chains cost, side by side: they are asked for one by one then. */
  void readyChains(List<Chain> asked) {
    Map<List<Object>, Chain> unknown = new LinkedHashMap<>();
    for (Chain c : asked) {
      List<Object> key = key(c.box(), c.pieces());
      if (!c.pieces().isEmpty() && !chains.containsKey(key)) {
        unknown.putIfAbsent(key, c);
      }
    }
    List<Double> found =
        unknown.values().parallelStream().map(c -> wiredChain(c.box(), c.pieces())).toList();
    int next = 0;
    for (List<Object> key : unknown.keySet()) {
      chains.put(key, found.get(next++));
    }
  }

  /**
   * Price of a chain on one port of such a box as if its other ports were free: nearly what it is,
   * and remembered. Where it cannot be powered, very much.
   */
  double chain(BoxLoad box, List<Piece> chain) {
    if (chain.isEmpty()) {
      return 0;
    }
    List<Object> key = key(box, chain);
    Double before = chains.get(key);
    if (before == null) {
      before = wiredChain(box, chain);
      chains.put(key, before);
    }
    return before;
  }

  private static List<Object> key(BoxLoad box, List<Piece> chain) {
    List<Object> key = new ArrayList<>(List.of(box.type().id(), box.controller().at()));
    chain.forEach(p -> key.add(p.run().name() + " " + p.first() + " " + p.last()));
    return key;
  }

  private double wiredChain(BoxLoad box, List<Piece> chain) {
    BoxLoad bare = new BoxLoad(box.controller(), box.type());
    double volts = chain.getFirst().type().volts();
    int port =
        bare.order().stream()
            .filter(p -> bare.type().takes(p, volts))
            .findFirst()
            .orElse(bare.order().getFirst());
    chain.forEach(p -> bare.append(port, p));
    PlanPrice.Wired w = wiring.wire(bare);
    return w.unpowered() > 0 ? NO_POWER : w.price();
  }

  /** Wires boxes that are not known as they are, side by side: they are asked for one by one. */
  void ready(List<BoxLoad> boxes) {
    List<BoxLoad> unknown = boxes.stream().filter(b -> knownAsItIs(b).isEmpty()).toList();
    List<PlanPrice.Wired> wired = unknown.parallelStream().map(this::fresh).toList();
    for (int i = 0; i < wired.size(); i++) {
      known.put(unknown.get(i), new Known(unknown.get(i).changes(), wired.get(i)));
    }
  }

  private Optional<PlanPrice.Wired> knownAsItIs(BoxLoad box) {
    return Optional.ofNullable(known.get(box))
        .filter(k -> k.changes() == box.changes())
        .map(Known::wired);
  }

  private PlanPrice.Wired fresh(BoxLoad box) {
    return box.isEmpty() ? PlanPrice.Wired.nothing(box) : wiring.wire(box);
  }

  /** A box as it would be wired. */
  PlanPrice.Wired wired(BoxLoad box) {
    Optional<PlanPrice.Wired> before = knownAsItIs(box);
    if (before.isPresent()) {
      return before.get();
    }
    PlanPrice.Wired now = fresh(box);
    known.put(box, new Known(box.changes(), now));
    return now;
  }

  /** Metres of all leads and feeds. */
  double cable(List<BoxLoad> boxes) {
    return boxes.stream().mapToDouble(b -> wired(b).metres()).sum();
  }

  /** Feeds besides the ports' own. */
  double feeds(List<BoxLoad> boxes) {
    return boxes.stream().mapToDouble(b -> wired(b).feeds()).sum();
  }

  /** Copper of conductors that carry power, mm2 m. */
  double copper(List<BoxLoad> boxes) {
    return boxes.stream().mapToDouble(b -> wired(b).copper()).sum();
  }

  /** Pixels of runs that have a port and cannot be powered there. */
  long unpowered(List<BoxLoad> boxes) {
    return boxes.stream().mapToLong(b -> wired(b).unpowered()).sum();
  }

  /** The price of building: boxes and supplies that are bought, cable, ways, work, groups apart. */
  double cost(List<BoxLoad> boxes) {
    Shelf shelf = Shelf.boxes(planning);
    GroupsApart apart = new GroupsApart();
    boxes.forEach(b -> note(b, apart));
    double sum = apart.count() * planning.prices().groupApart();
    List<PlanPrice.Wired> all = new ArrayList<>();
    for (BoxLoad box : boxes) {
      if (!box.isEmpty()) {
        if (!owned.contains(box.controller().id()) && !shelf.take(box.type().id())) {
          sum += bought(box.type());
        }
        PlanPrice.Wired one = wired(box);
        sum += one.price();
        all.add(one);
      }
    }
    return sum + wiring.supplies(all);
  }

  private static void note(BoxLoad box, GroupsApart apart) {
    for (PortLoad port : box.ports()) {
      port.pieces().forEach(p -> apart.note(p.run().group(), box.controller().id()));
    }
  }
}
