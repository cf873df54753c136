package bunting.core.ports;

import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Decisions;
import bunting.core.show.Held;
import bunting.core.show.Pin;
import bunting.core.show.PixelType;
import bunting.core.show.PlacedController;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Segment;
import bunting.core.show.Show;
import bunting.core.show.Site;
import bunting.core.show.Unplaced;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * The ports of a show that has a plan. Every run stays where the plan has it, as long as it fits
 * there. What is new, or fits no longer, is put where it forces the fewest others to move ({@link
 * FewestMoves}).
 */
public final class PortRepair {
  private final Show show;
  private final Decisions before;
  private final Set<String> excluded;
  private final Set<PortPlanner.Forbidden> forbidden;
  private final UniverseRoom universes;
  private final Map<String, PixelType> types;
  private final Map<String, ControllerType> kinds;
  private final Set<String> byHand;

  private PortRepair(
      Show show,
      Decisions before,
      Set<String> excluded,
      Set<PortPlanner.Forbidden> forbidden,
      UniverseRoom universes) {
    this.show = show;
    this.before = before;
    this.excluded = excluded;
    this.forbidden = forbidden;
    this.universes = universes;
    this.types = show.catalogue().pixelTypesById();
    this.kinds = show.catalogue().controllerTypesById();
    this.byHand = show.allotting().byHand().stream().map(Held::run).collect(Collectors.toSet());
  }

  /**
   * Allots all runs but the excluded ones.
   *
   * @param before the plan whose runs stay
   * @param wiring what it costs to wire a box
   */
  public static Allotment allot(
      Show show,
      Decisions before,
      Set<String> excluded,
      Set<PortPlanner.Forbidden> forbidden,
      UniverseRoom universes,
      PlanPrice wiring) {
    return new PortRepair(show, before, excluded, forbidden, universes).go(wiring);
  }

  private Allotment go(PlanPrice wiring) {
    List<BoxLoad> boxes = boxes();
    Map<String, List<Held>> pieces = pieces(boxes);
    List<Run> homeless = new ArrayList<>();
    List<Run> stuck = new ArrayList<>();
    List<Placed> placed = new ArrayList<>();
    for (Run run : show.runs()) {
      List<Held> own = pieces.get(run.name());
      if (own != null) {
        own.forEach(h -> placed.add(new Placed(run, h)));
      } else if (byHand.contains(run.name()) && !excluded.contains(run.name())) {
        stuck.add(run);
      } else if (!excluded.contains(run.name())) {
        homeless.add(run);
      }
    }
    Map<String, BoxLoad> byId = new HashMap<>();
    boxes.forEach(b -> byId.put(b.controller().id(), b));
    for (Placed p : inOrder(placed)) {
      append(byId.get(p.held().controller()), p.run(), p.held());
    }
    FewestMoves moves = new FewestMoves(show, boxes, this::mayMove, forbidden, universes, wiring);
    List<Run> left = new ArrayList<>(moves.solve(homeless, wasPlaced()));
    left.addAll(stuck);
    List<Unplaced> unplaced = List.of();
    List<BoxLoad> all = boxes;
    if (!left.isEmpty()) {
      Map<String, List<Held>> held = HeldPieces.byRun(show);
      held.keySet().retainAll(left.stream().map(Run::name).filter(byHand::contains).toList());
      Allotment rest =
          new AllotmentRun(
                  show,
                  left,
                  held,
                  forbidden,
                  universes::sufficeAsLaid,
                  Preference.LIST_ORDER,
                  boxes)
              .go();
      unplaced = rest.unplaced();
      all = rest.boxes();
    }
    Set<String> given = given();
    return new Allotment(
        all.stream().filter(b -> !b.isEmpty() || given.contains(b.controller().id())).toList(),
        unplaced);
  }

  private record Placed(Run run, Held held) {}

  /** Chain by chain in the order of the plan, with each piece that is new there in its place. */
  private List<Placed> inOrder(List<Placed> pieces) {
    Map<String, Integer> had = new HashMap<>();
    before.segments().forEach(s -> had.put(place(Held.of(s)), s.position()));
    Map<String, List<Placed>> chains = new TreeMap<>();
    List<Placed> wishes = new ArrayList<>();
    for (Placed p : pieces) {
      Integer position = had.get(place(p.held()));
      if (position == null
          || (byHand.contains(p.run().name()) && position != p.held().position())) {
        wishes.add(p);
      } else {
        chains.computeIfAbsent(p.held().portName(), k -> new ArrayList<>()).add(p);
      }
    }
    chains.values().forEach(c -> c.sort(Comparator.comparingInt(p -> had.get(place(p.held())))));
    wishes.sort(Comparator.comparingInt(p -> p.held().position()));
    for (Placed p : wishes) {
      List<Placed> chain = chains.computeIfAbsent(p.held().portName(), k -> new ArrayList<>());
      chain.add(Math.clamp(p.held().position() - 1L, 0, chain.size()), p);
    }
    return chains.values().stream().flatMap(List::stream).toList();
  }

  /** Names a piece on a port. */
  private static String place(Held h) {
    return h.portName() + " " + h.firstPixel() + " " + h.run();
  }

  private Set<String> given() {
    return show.controllers().orElse(List.of()).stream()
        .map(Controller::id)
        .collect(Collectors.toSet());
  }

  /** Runs that had a place, and new ones: one that had none moves nobody to get one. */
  private Set<String> wasPlaced() {
    Set<String> had = new HashSet<>();
    before.segments().forEach(s -> had.add(s.run()));
    Set<String> unplaced = new HashSet<>();
    before.unplaced().forEach(u -> unplaced.add(u.run()));
    return show.runs().stream()
        .map(Run::name)
        .filter(n -> had.contains(n) || !unplaced.contains(n))
        .collect(Collectors.toSet());
  }

  private void append(BoxLoad box, Run run, Held h) {
    PixelType type = types.get(run.type());
    List<Piece> chain = box.ports().get(h.port() - 1).pieces();
    Piece piece = new Piece(run, type, h.firstPixel(), h.lastPixel());
    if (!chain.isEmpty() && piece.continues(chain.getLast())) {
      Piece joined = new Piece(run, type, chain.getLast().first(), h.lastPixel());
      box.removeLast(h.port());
      box.append(h.port(), joined);
    } else {
      box.append(h.port(), piece);
    }
  }

  private boolean mayMove(Run run) {
    return !byHand.contains(run.name()) && run.pin().filter(p -> p.port().isPresent()).isEmpty();
  }

  /** The controllers that there are; where the planner chose them, those of the plan. */
  private List<BoxLoad> boxes() {
    List<BoxLoad> boxes = new ArrayList<>();
    Set<String> named = new HashSet<>();
    int spare = show.allotting().planning().sparePorts();
    for (Controller c : show.controllers().orElse(List.of())) {
      named.add(c.id());
      boxes.add(new BoxLoad(c, kinds.get(c.type())));
    }
    if (show.mayAddBoxes()) {
      for (PlacedController p : before.controllers()) {
        if (named.add(p.controller().id())) {
          kind(p.controller())
              .ifPresent(k -> boxes.add(new BoxLoad(standing(p.controller(), k), k, spare)));
        }
      }
    }
    return boxes;
  }

  /** The type of a planned controller; where it is not sold any more, one that does as much. */
  private Optional<ControllerType> kind(Controller c) {
    ControllerType known = kinds.get(c.type());
    if (known != null) {
      return Optional.of(known);
    }
    int ports =
        before.segments().stream()
            .filter(s -> s.controller().equals(c.id()))
            .mapToInt(Segment::port)
            .max()
            .orElse(1);
    Map<String, Run> runs = show.runs().stream().collect(Collectors.toMap(Run::name, r -> r));
    Set<Double> volts = new HashSet<>();
    before.segments().stream()
        .filter(s -> s.controller().equals(c.id()) && runs.containsKey(s.run()))
        .forEach(s -> volts.add(types.get(runs.get(s.run()).type()).volts()));
    return show.catalogue().controllerTypes().stream()
        .filter(k -> k.ports() >= ports && volts.stream().allMatch(k::takes))
        .min(Comparator.comparingDouble(ControllerType::cost).thenComparing(ControllerType::id));
  }

  /**
   * A planned controller stands on a site. Where that is gone, it stands on the one new site that
   * there is instead, else on the nearest.
   */
  private Controller standing(Controller c, ControllerType kind) {
    List<Point> sites = show.standingSites().stream().map(Site::at).toList();
    Set<Point> had = new HashSet<>();
    before.controllers().forEach(p -> had.add(p.controller().at()));
    List<Point> fresh = sites.stream().filter(s -> !had.contains(s)).toList();
    had.removeAll(sites);
    Point at =
        sites.contains(c.at())
            ? c.at()
            : (fresh.size() == had.size() && fresh.size() == 1 ? fresh : sites)
                .stream().min(Comparator.comparingDouble(c.at()::cableTo)).orElseThrow();
    return new Controller(c.id(), kind.id(), at);
  }

  /** Pieces that stay, by run: by hand, issued, and those of the plan that may stay. */
  private Map<String, List<Held>> pieces(List<BoxLoad> boxes) {
    Map<String, BoxLoad> byId = new HashMap<>();
    boxes.forEach(b -> byId.put(b.controller().id(), b));
    List<Held> all = new ArrayList<>(show.allotting().held());
    Set<String> own = all.stream().map(Held::run).collect(Collectors.toSet());
    for (Segment s : before.segments()) {
      if (!own.contains(s.run())) {
        all.add(Held.of(s));
      }
    }
    Map<String, List<Held>> byRun = new TreeMap<>(HeldPieces.byRun(show, all));
    for (Run run : show.runs()) {
      List<Held> pieces = byRun.get(run.name());
      boolean stays =
          pieces != null
              && !excluded.contains(run.name())
              && pieces.stream().allMatch(h -> there(h, byId.get(h.controller())))
              && (own.contains(run.name()) || mayStay(run, pieces));
      if (!stays) {
        byRun.remove(run.name());
      }
    }
    return byRun;
  }

  private static boolean there(Held h, @org.jspecify.annotations.Nullable BoxLoad box) {
    return box != null && h.port() >= 1 && h.port() <= box.type().ports();
  }

  /** Whether a pin, a box without power for it, or a joint that may not be there sends it away. */
  private boolean mayStay(Run run, List<Held> pieces) {
    PixelType type = types.get(run.type());
    for (Held h : pieces) {
      boolean pinned =
          run.pin().filter(p -> !isThere(p, h)).isEmpty()
              && !forbidden.contains(new PortPlanner.Forbidden(run.name(), h.controller()));
      boolean atMark = h.lastPixel() == run.pixels() || h.lastPixel() % type.cutEvery() == 0;
      if (!pinned || !atMark) {
        return false;
      }
    }
    return pieces.size() == 1 || run.split();
  }

  private static boolean isThere(Pin pin, Held h) {
    return pin.controller().equals(h.controller())
        && (pin.port().isEmpty() || pin.port().getAsInt() == h.port());
  }
}
