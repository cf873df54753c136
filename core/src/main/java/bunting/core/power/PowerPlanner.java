package bunting.core.power;

import bunting.core.copper.InputRule;
import bunting.core.ports.Allotment;
import bunting.core.ports.BoxLoad;
import bunting.core.ports.Piece;
import bunting.core.ports.SearchWatch;
import bunting.core.show.Accepted;
import bunting.core.show.Circuit;
import bunting.core.show.InjectionSchool;
import bunting.core.show.LoadKind;
import bunting.core.show.PairOhms;
import bunting.core.show.PlacedBoard;
import bunting.core.show.PlacedController;
import bunting.core.show.Show;
import bunting.core.show.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;

/**
 * Feeds, leads, fuses, breaks, supplies and inputs for runs that are on ports: the islands of every
 * port, then wires brought to few sizes, then everything written down and the supplies packed; at
 * last inputs and fuses are sized by what the networks, solved as they then are, carry.
 */
public final class PowerPlanner {
  private final Show show;
  private final Map<Double, PowerRules> rules = new ConcurrentHashMap<>();
  private final boolean quick;
  private final boolean near;
  private final long pixels;
  private final Standing standing;

  /**
   * A planner for a show.
   *
   * @param quick whether only the price is asked
   */
  PowerPlanner(Show show, boolean quick) {
    this(show, quick, quick, Standing.NONE);
  }

  private PowerPlanner(Show show, boolean quick, boolean near, Standing standing) {
    this.standing = standing;
    this.near = near;
    this.show = show;
    this.quick = quick;
    this.pixels = PowerRules.pixels(show);
  }

  /**
   * A box as it was wired.
   *
   * @param box empty: nothing there can be powered at all
   * @param failures what cannot be powered where it is
   */
  record Wired(Optional<WiredBox> box, List<PowerPlan.Failure> failures) {}

  /**
   * What is to be powered, and how.
   *
   * @param before the plan that stays as it is where it holds
   * @param anew runs whose feeds are chosen anew all the same
   * @param near whether feeds near the optimum will do
   * @param watch told how many boards have their feeds
   */
  public record Task(
      Show show,
      Allotment allotment,
      Optional<Accepted> before,
      Set<String> anew,
      boolean near,
      SearchWatch watch) {}

  /** Plans the power of all controllers. */
  public static PowerPlan plan(Task task) {
    return of(task).run(task, Optional.empty());
  }

  private static PowerPlanner of(Task task) {
    Standing standing = standing(task.show(), task.before(), task.anew());
    return new PowerPlanner(task.show(), false, task.near(), standing);
  }

  /** Where power is planned in another way than before, only names and supplies stay. */
  private static Standing standing(Show show, Optional<Accepted> before, Set<String> anew) {
    return before
        .map(p -> Standing.of(show, p.decisions(), show.wiring().ways().wiresLike(p.ways()), anew))
        .orElse(Standing.NONE);
  }

  /**
   * Something on the mains that is no supply of pixels.
   *
   * @param voltAmps what it draws
   * @param fixed the circuit that it must be on; empty: any
   */
  public record Other(double voltAmps, Optional<String> fixed) {}

  /**
   * Returns the plan with supplies chosen so that they fit the circuits together with the others,
   * where there is a way.
   */
  public static PowerPlan plan(Task task, List<Circuit> circuits, List<Other> others) {
    return of(task).run(task, Optional.of(new SupplyPacker.Mains(circuits, others)));
  }

  private PowerPlan run(Task task, Optional<SupplyPacker.Mains> mains) {
    Allotment allotment = task.allotment();
    List<WiredBox> wired = new ArrayList<>();
    List<PowerPlan.Failure> failures = new ArrayList<>();
    List<BoxLoad> used =
        allotment.boxes().stream()
            .flatMap(b -> b.boards().stream())
            .filter(b -> !b.isEmpty())
            .toList();
    AtomicInteger done = new AtomicInteger();
    Function<BoxLoad, Wired> wire =
        box -> {
          Wired w = wire(box);
          task.watch().step(done.incrementAndGet(), used.size(), "feeds");
          return w;
        };
    for (Wired w : used.parallelStream().map(wire).toList()) {
      w.box().ifPresent(wired::add);
      failures.addAll(w.failures());
    }
    if (show.wiring().ways().fewSizes() && !standing.keepsWiring()) {
      FewSizes.bring(wired);
    }
    if (!failures.isEmpty()) {
      return PowerPlan.failed(failures);
    }
    WrittenDown written = new WrittenDown(standing);
    wired.forEach(written::add);
    SupplyPacker.Packed packed =
        standing.isThere() && mains.isEmpty()
            ? SupplyRepair.pack(show, standing, written)
            : SupplyPacker.pack(show, written.loads(), mains);
    List<PlacedController> controllers =
        allotment.boxes().stream().map(b -> placed(b, packed.supplyOf())).toList();
    return new Sizing(show, controllers, wired, written, packed, standing).plan();
  }

  private static PlacedController placed(BoxLoad box, Map<String, String> supplyOf) {
    List<PlacedBoard> boards =
        box.boards().stream()
            .map(
                b ->
                    new PlacedBoard(
                        b.controller(),
                        b.bank(),
                        b.volts(),
                        Optional.ofNullable(supplyOf.get(WrittenDown.bankKey(b)))))
            .toList();
    // The brain hangs on the first board that has a supply.
    PlacedBoard first =
        boards.stream().filter(b -> b.supply().isPresent()).findFirst().orElse(boards.getFirst());
    return new PlacedController(
        box.controller(),
        first.volts(),
        first.supply(),
        box.type().banks().isEmpty() ? List.of() : boards);
  }

  /** The islands of a box's ports. Boxes may be wired side by side. */
  Wired wire(BoxLoad box) {
    List<PowerPlan.Failure> failures = new ArrayList<>();
    PowerRules full = rules.computeIfAbsent(box.volts(), v -> PowerRules.of(show, v));
    PowerRules plain = near ? full.quickly(pixels) : full;
    if (plain.supplyAmps() <= 0 || plain.wires().isEmpty()) {
      box.ports()
          .forEach(
              p ->
                  p.pieces().forEach(piece -> failures.add(nothingToPowerWith(box, piece, plain))));
      return new Wired(Optional.empty(), failures);
    }
    double most = Math.min(box.type().boardAmpsMax(), mostAmps(box, plain));
    InputRule.Choice input =
        InputRule.choose(most, plain.margin(), plain.supplyVolts(), plain.copper(), plain.wires());
    PairOhms ohms = plain.copper().inputOhms(input.wire(), input.pairs());
    PowerRules behind = plain.behindInput(most, ohms);
    List<List<PortWiring.Island>> ports =
        show.wiring().ways().school() == InjectionSchool.PORT_FIRST
            ? byPrice(box, behind, failures)
            : oneByOne(box, behind, failures);
    List<WiredBox.Hung> trunks = hung(box, behind, ports, failures);
    return new Wired(Optional.of(new WiredBox(box, behind, input, ports, trunks)), failures);
  }

  /** Trunks for the islands that are to hang on one; their tails are then what the trunks want. */
  private List<WiredBox.Hung> hung(
      BoxLoad box,
      PowerRules rules,
      List<List<PortWiring.Island>> ports,
      List<PowerPlan.Failure> failures) {
    List<WiredBox.Hung.Place> places = new ArrayList<>();
    List<Piece> pieces = new ArrayList<>();
    for (int port = 0; port < ports.size(); port++) {
      for (int i = 0; i < ports.get(port).size(); i++) {
        if (ports.get(port).get(i).onTrunk()) {
          places.add(new WiredBox.Hung.Place(port, i));
          pieces.add(ports.get(port).get(i).trial().stretch.pieces().getFirst());
        }
      }
    }
    if (pieces.isEmpty()) {
      return List.of();
    }
    Optional<TrunkWiring.Laid> laid = TrunkWiring.asked(rules, box.controller().at(), pieces);
    if (laid.isEmpty()) {
      double bears = TrunkTour.bears(rules);
      List<Piece> tooMuch = pieces.stream().filter(p -> TrunkTour.most(p, rules) > bears).toList();
      (tooMuch.isEmpty() ? pieces : tooMuch).forEach(p -> failures.add(noTrunk(box, p, rules)));
      return List.of();
    }
    List<WiredBox.Hung> hung = new ArrayList<>();
    for (TrunkPair pair : laid.get().pairs()) {
      List<WiredBox.Hung.Place> at = new ArrayList<>();
      for (int s = 0; s < pair.stops().size(); s++) {
        WiredBox.Hung.Place place = places.get(pair.stops().get(s).number());
        List<PortWiring.Island> islands = ports.get(place.port());
        islands.set(
            place.island(), islands.get(place.island()).with(pair.tailed().get(s).trial(rules)));
        at.add(place);
      }
      hung.add(new WiredBox.Hung(pair, at));
    }
    return hung;
  }

  private static PowerPlan.Failure noTrunk(BoxLoad box, Piece piece, PowerRules rules) {
    double amps = TrunkTour.most(piece, rules);
    double bears = TrunkTour.bears(rules);
    return new PowerPlan.Failure(
        piece.run().name(),
        box.controller().id(),
        "no trunk stands with its "
            + Texts.fixed(amps, 2)
            + " A, nor with a tail that bears them: a pair bears "
            + Texts.fixed(bears, 2)
            + " A at most",
        amps,
        bears,
        "A");
  }

  private List<List<PortWiring.Island>> byPrice(
      BoxLoad box, PowerRules rules, List<PowerPlan.Failure> failures) {
    BoxWiring wiring = new BoxWiring(box, rules, show.wiring(), quick, standing);
    List<List<PortWiring.Island>> ports = wiring.wire();
    wiring.failures().forEach(e -> failures.add(failure(box, e)));
    return ports;
  }

  /** Port after port, each with a fair share of what the board has left. */
  private List<List<PortWiring.Island>> oneByOne(
      BoxLoad box, PowerRules rules, List<PowerPlan.Failure> failures) {
    BankBudget budget = new BankBudget(box, rules);
    List<List<PortWiring.Island>> ports = new ArrayList<>();
    for (int port = 1; port <= box.ports().size(); port++) {
      List<PortWiring.Island> islands = List.of();
      if (!box.ports().get(port - 1).pieces().isEmpty()) {
        try {
          islands = PortWiring.wire(box, port, rules, budget, show.wiring(), false, standing);
        } catch (PortWiring.NoPower e) {
          failures.add(failure(box, e));
        }
      }
      ports.add(new ArrayList<>(islands));
    }
    return ports;
  }

  /** The most that all pixels of a box draw while they keep their least volts. */
  private static double mostAmps(BoxLoad box, PowerRules rules) {
    return box.ports().stream()
        .flatMap(p -> p.pieces().stream())
        .mapToDouble(
            p ->
                p.pixels()
                    * p.type().amps(rules.fusedBrightness())
                    * (p.type().load() == LoadKind.CONSTANT_POWER
                        ? rules.volts() / rules.minVolts()
                        : 1))
        .sum();
  }

  private PowerPlan.Failure nothingToPowerWith(BoxLoad box, Piece piece, PowerRules rules) {
    double amps = piece.pixels() * piece.type().amps(show.settings().brightnessPercent());
    String what =
        rules.wires().isEmpty()
            ? "no wire is given"
            : "no supply gives " + Texts.number(box.volts()) + " V";
    return new PowerPlan.Failure(
        piece.run().name(),
        box.controller().id(),
        what + " for its " + Texts.fixed(amps, 2) + " A: " + Texts.fixed(amps, 2) + " A too few",
        amps,
        0,
        "A");
  }

  private static PowerPlan.Failure failure(BoxLoad box, PortWiring.NoPower e) {
    return new PowerPlan.Failure(
        e.piece.run().name(),
        box.controller().id(),
        e.shortfall.lacks(),
        e.shortfall.measured(),
        e.shortfall.allowed(),
        e.shortfall.unit());
  }
}
