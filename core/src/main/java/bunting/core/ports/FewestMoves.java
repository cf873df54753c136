package bunting.core.ports;

import bunting.core.show.PixelType;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * Places for pieces that have none, and ports that hold what is on them, by moving the fewest runs.
 *
 * <p><b>Method.</b> Iterative deepening over the number of runs that are moved. A port that holds
 * too much has to lose one of its runs: each is tried. A piece without a place is tried at the end
 * of every chain that takes it; where none does, a run that may be divided is, and else one run of
 * a port that could take it has to move: each is tried. Any answer with so few moves moves one of
 * these, so nothing is overlooked. Of the answers with the fewest moves the cheapest is taken, by
 * the price of its chains.
 *
 * <p><b>Limits.</b> {@value #NODES} steps, fewer where a show has many runs; then pieces without a
 * place are left to the first fit. {@value #ANSWERS} answers are compared. Many runs without a
 * place are placed one by one.
 */
final class FewestMoves {
  private static final int NODES = 20_000;
  private static final int ANSWERS = 60;

  /** Steps times runs, so that a show of very many runs is answered in seconds too. */
  private static final int WORK = 400_000;

  /** Answers are compared together for so many runs without a place; more go one by one. */
  private static final int TOGETHER = 3;

  /** So many chains, those with the shortest leads, are priced for one piece. */
  private static final int PRICED = 16;

  private static final double ROUNDING = 1e-9;

  private final Show show;
  private final List<BoxLoad> boxes;
  private final Predicate<Run> mayMove;
  private final Set<PortPlanner.Forbidden> forbidden;
  private final UniverseRoom universes;
  private final Prices prices;
  private final Map<String, PixelType> types;
  private final double fps;
  private final Placer placer;
  private final Set<String> moved = new HashSet<>();
  private final Map<String, Set<Spot>> left = new HashMap<>();
  private final Set<List<Object>> seen = new HashSet<>();
  private final int nodesMost;
  private boolean asLaid;
  private int nodes;
  private int answers;
  private double price;
  private double best;
  private Optional<List<Filled>> answer = Optional.empty();

  /** A port. */
  private record Spot(BoxLoad box, int port) {
    PortLoad load() {
      return box.ports().get(port - 1);
    }
  }

  /** A box and what was on its ports. */
  private record Filled(BoxLoad box, List<List<Piece>> ports) {
    @Override
    public boolean equals(Object other) {
      return other instanceof Filled f && f.box == box && f.ports.equals(ports);
    }

    @Override
    public int hashCode() {
      return ports.hashCode();
    }
  }

  FewestMoves(
      Show show,
      List<BoxLoad> boxes,
      Predicate<Run> mayMove,
      Set<PortPlanner.Forbidden> forbidden,
      UniverseRoom universes,
      PlanPrice wiring) {
    this.show = show;
    this.boxes = boxes;
    this.mayMove = mayMove;
    this.forbidden = forbidden;
    this.universes = universes;
    this.prices = new Prices(show, wiring);
    this.types = show.catalogue().pixelTypesById();
    this.fps = show.settings().targetFps();
    this.nodesMost = Math.min(NODES, WORK / Math.max(1, show.runs().size()));
    this.placer = new Placer(fps, this::suffice, boxes);
  }

  /**
   * Fills the boxes.
   *
   * @param homeless runs without a place
   * @param worthMoving names of runs for which others may be moved
   * @return runs that have no place
   */
  List<Run> solve(List<Run> homeless, Set<String> worthMoving) {
    if (homeless.isEmpty() && violation().isEmpty()) {
      return List.of();
    }
    List<Piece> queue = new ArrayList<>(homeless.stream().map(this::whole).toList());
    queue.sort(
        Comparator.comparing((Piece p) -> p.run().pin().isEmpty())
            .thenComparing(Comparator.comparingInt(Piece::pixels).reversed()));
    boolean all = homeless.stream().allMatch(r -> worthMoving.contains(r.name()));
    if (queue.size() <= TOGETHER && all && search(queue, Integer.MAX_VALUE)) {
      return List.of();
    }
    List<Run> without = new ArrayList<>();
    if (violation().isPresent() && !search(List.of(), Integer.MAX_VALUE)) {
      // The last of what is on a port that is too full goes: the first fit says what it lacks.
      for (Optional<Violation> v = violation(); v.isPresent(); v = violation()) {
        Run last = v.get().spots().stream().flatMap(s -> runs(s).stream()).toList().getLast();
        boxes.forEach(b -> b.removeRun(last.name()));
        without.add(last);
      }
    }
    for (Piece piece : queue) {
      boolean worth = worthMoving.contains(piece.run().name());
      asLaid = !worth;
      if (!search(List.of(piece), worth ? Integer.MAX_VALUE : 0)) {
        without.add(piece.run());
      }
    }
    asLaid = false;
    return without;
  }

  private boolean suffice(List<BoxLoad> all) {
    return asLaid ? universes.sufficeAsLaid(all) : universes.fits(all);
  }

  /** Deepens until an answer is found; the boxes are then as it has them. */
  private boolean search(List<Piece> queue, int mostMoves) {
    List<Filled> start = filled();
    nodes = 0;
    int most = (int) Math.min(mostMoves, spots().stream().flatMap(s -> runs(s).stream()).count());
    for (int depth = 0; depth <= most && nodes < nodesMost; depth++) {
      answer = Optional.empty();
      answers = 0;
      best = Double.MAX_VALUE;
      price = 0;
      // Those without a place go from port to port at no cost.
      seen.clear();
      moved.clear();
      queue.forEach(p -> moved.add(p.run().name()));
      step(queue, depth);
      restore(start);
      if (answer.isPresent()) {
        restore(answer.get());
        return true;
      }
    }
    return false;
  }

  private void step(List<Piece> queue, int budget) {
    if (++nodes > nodesMost || answers >= ANSWERS || !seen.add(List.of(filled(), queue, budget))) {
      return;
    }
    Optional<Violation> full = violation();
    if (full.isPresent()) {
      evictOne(full.get().spots(), queue, budget);
    } else if (queue.isEmpty()) {
      answers++;
      if (price < best - ROUNDING) {
        best = price;
        answer = Optional.of(filled());
      }
    } else {
      place(queue.getFirst(), queue.subList(1, queue.size()), budget);
    }
  }

  private void place(Piece piece, List<Piece> rest, int budget) {
    List<Placing> placings = placings(piece);
    for (Placing p : placings) {
      if (price + p.price() < best) {
        List<Piece> chain = List.copyOf(p.spot().load().pieces());
        append(p.spot(), piece);
        price += p.price();
        step(rest, budget);
        price -= p.price();
        fill(p.spot(), chain);
      }
    }
    if (!placings.isEmpty()) {
      return;
    }
    List<Filled> now = filled();
    Run run = piece.run();
    if (show.mayAddBoxes() && run.pin().isEmpty() && onFresh(run)) {
      double bought =
          boxes.subList(now.size(), boxes.size()).stream()
              .mapToDouble(b -> prices.bought(b.type()))
              .sum();
      price += bought;
      step(rest, budget);
      price -= bought;
      restore(now);
      return;
    }
    List<BoxLoad> able = boxes.stream().filter(b -> mayGo(run, new Spot(b, 0))).toList();
    boolean onePort = run.pin().filter(p -> p.port().isPresent()).isPresent();
    if (run.split() && !onePort) {
      boxes.forEach(b -> b.removeRun(run.name()));
      if (placer.placeSplit(run, piece.type(), able)) {
        step(rest.stream().filter(p -> !p.run().equals(run)).toList(), budget);
        restore(now);
        return;
      }
      restore(now);
    }
    List<Piece> queue = new ArrayList<>(List.of(piece));
    queue.addAll(rest);
    evictOne(spots().stream().filter(s -> isInTheWay(s, piece)).toList(), queue, budget);
  }

  /** Tries to move each run of these ports away. */
  private void evictOne(List<Spot> from, List<Piece> queue, int budget) {
    Map<String, List<Spot>> places = new LinkedHashMap<>();
    for (Spot spot : from) {
      for (Run r : runs(spot)) {
        if (mayMove.test(r) && (budget > 0 || moved.contains(r.name())) && !queued(queue, r)) {
          places.computeIfAbsent(r.name(), k -> new ArrayList<>()).add(spot);
        }
      }
    }
    places.forEach((run, spots) -> evict(run, spots, queue, budget));
  }

  /** Whether a port could take a piece, or keeps its board at volts that the piece has not. */
  private boolean isInTheWay(Spot spot, Piece piece) {
    double volts = piece.type().volts();
    boolean otherVolts = !spot.box().takes(spot.port(), piece.type());
    return spot.box().type().takes(spot.port(), volts)
        && mayGo(piece.run(), otherVolts ? new Spot(spot.box(), 0) : spot);
  }

  private static boolean queued(List<Piece> queue, Run run) {
    return queue.stream().anyMatch(p -> p.run().equals(run));
  }

  private void evict(String run, List<Spot> spots, List<Piece> queue, int budget) {
    Set<Spot> gone = left.computeIfAbsent(run, k -> new HashSet<>());
    if (spots.stream().anyMatch(gone::contains)) {
      return;
    }
    List<Filled> now = filled();
    List<Piece> next = new ArrayList<>(queue);
    for (Spot spot : spots) {
      List<Piece> chain = List.copyOf(spot.load().pieces());
      chain.stream().filter(p -> p.run().name().equals(run)).forEach(next::add);
      fill(spot, chain.stream().filter(p -> !p.run().name().equals(run)).toList());
    }
    next.sort(Comparator.comparingInt(Piece::pixels).reversed());
    boolean first = moved.add(run);
    gone.addAll(spots);
    step(next, first ? budget - 1 : budget);
    spots.forEach(gone::remove);
    if (first) {
      moved.remove(run);
    }
    restore(now);
  }

  /** A place at the end of a chain, and what the chain costs more with it. */
  private record Placing(Spot spot, double leadM, double price) {}

  private List<Placing> placings(Piece piece) {
    Run run = piece.run();
    List<Placing> found = new ArrayList<>();
    for (BoxLoad box : boxes) {
      boolean emptySeen = false;
      for (int port : ports(run, box)) {
        Spot spot = new Spot(box, port);
        List<Piece> chain = spot.load().pieces();
        boolean back = left.getOrDefault(run.name(), Set.of()).contains(spot);
        // Empty ports of a box are alike: the first one stands for all.
        boolean alike = chain.isEmpty() && emptySeen;
        if (!back
            && !alike
            && mayGo(run, spot)
            && box.room(port, piece.type(), fps) >= piece.pixels()) {
          emptySeen |= chain.isEmpty();
          found.add(
              new Placing(
                  spot,
                  chain.isEmpty()
                      ? piece.leadFrom(box.controller().at())
                      : piece.jointFrom(chain.getLast()),
                  0));
        }
      }
    }
    found.sort(Comparator.comparingDouble(Placing::leadM));
    List<Placing> priced = new ArrayList<>();
    for (Placing p : found) {
      if (priced.size() >= PRICED) {
        break;
      }
      List<Piece> chain = List.copyOf(p.spot().load().pieces());
      append(p.spot(), piece);
      boolean fits = suffice(boxes);
      List<Piece> longer = List.copyOf(p.spot().load().pieces());
      fill(p.spot(), chain);
      if (fits) {
        BoxLoad box = p.spot().box();
        double more = prices.chain(box, longer) - prices.chain(box, chain);
        priced.add(new Placing(p.spot(), p.leadM(), more + apart(run, box)));
      }
    }
    priced.sort(Comparator.comparingDouble(Placing::price));
    return priced;
  }

  private static List<Integer> ports(Run run, BoxLoad box) {
    boolean pinned = run.pin().filter(p -> p.port().isPresent()).isPresent();
    if (!pinned) {
      return box.order();
    }
    int port = run.pin().orElseThrow().port().orElseThrow();
    return port <= box.type().ports() ? List.of(port) : List.of();
  }

  /** What it costs that the rest of its group is on other boxes alone. */
  private double apart(Run run, BoxLoad box) {
    if (run.group().isEmpty()) {
      return 0;
    }
    Set<String> on = new LinkedHashSet<>();
    for (Spot s : spots()) {
      if (runs(s).stream().anyMatch(r -> r.group().equals(run.group()))) {
        on.add(s.box().controller().id());
      }
    }
    boolean torn = !on.isEmpty() && !on.contains(box.controller().id());
    return torn ? show.allotting().planning().prices().groupApart() : 0;
  }

  /** Whether a run may go on a port; 0: any of that box. */
  private boolean mayGo(Run run, Spot spot) {
    String id = spot.box().controller().id();
    boolean pinnedAway =
        run.pin()
            .filter(
                p ->
                    !p.controller().equals(id)
                        || (spot.port() > 0
                            && p.port().isPresent()
                            && p.port().getAsInt() != spot.port()))
            .isPresent();
    return !pinnedAway && !forbidden.contains(new PortPlanner.Forbidden(run.name(), id));
  }

  /** Puts a run, all of it, on boxes that are bought for it; they are the last ones then. */
  private boolean onFresh(Run run) {
    int before = boxes.size();
    boxes.forEach(b -> b.removeRun(run.name()));
    Allotment with =
        new AllotmentRun(
                show,
                List.of(run),
                Map.of(),
                forbidden,
                this::suffice,
                Preference.LIST_ORDER,
                boxes)
            .go();
    boxes.addAll(with.boxes().subList(before, with.boxes().size()));
    return with.unplaced().isEmpty();
  }

  private Piece whole(Run run) {
    PixelType type = java.util.Objects.requireNonNull(types.get(run.type()));
    return new Piece(run, type, 1, run.pixels());
  }

  private List<Spot> spots() {
    List<Spot> spots = new ArrayList<>();
    for (BoxLoad box : boxes) {
      for (int port = 1; port <= box.ports().size(); port++) {
        spots.add(new Spot(box, port));
      }
    }
    return spots;
  }

  private static List<Run> runs(Spot spot) {
    return spot.load().pieces().stream().map(Piece::run).distinct().toList();
  }

  /** Ports that share what does not hold all that is on them: one of their runs has to move. */
  private record Violation(List<Spot> spots) {}

  private Optional<Violation> violation() {
    for (BoxLoad box : boxes) {
      List<Spot> own = new ArrayList<>();
      for (int port = 1; port <= box.ports().size(); port++) {
        Spot spot = new Spot(box, port);
        List<Piece> chain = spot.load().pieces();
        if (!chain.isEmpty()) {
          own.add(spot);
          boolean holds =
              PortRules.holds(box.type(), chain, fps)
                  && box.type().takes(port, chain.getFirst().type().volts());
          if (!holds) {
            return Optional.of(new Violation(List.of(spot)));
          }
        }
      }
      if (!box.isEmpty() && !box.oneVoltageEach()) {
        return Optional.of(new Violation(own));
      }
    }
    return suffice(boxes)
        ? Optional.empty()
        : Optional.of(
            new Violation(spots().stream().filter(s -> !s.load().pieces().isEmpty()).toList()));
  }

  private static void append(Spot spot, Piece piece) {
    List<Piece> chain = spot.load().pieces();
    if (!chain.isEmpty() && piece.continues(chain.getLast())) {
      int first = chain.getLast().first();
      spot.box().removeLast(spot.port());
      spot.box().append(spot.port(), new Piece(piece.run(), piece.type(), first, piece.last()));
    } else {
      spot.box().append(spot.port(), piece);
    }
  }

  private static void fill(Spot spot, List<Piece> chain) {
    if (!spot.load().pieces().equals(chain)) {
      while (!spot.load().pieces().isEmpty()) {
        spot.box().removeLast(spot.port());
      }
      chain.forEach(p -> spot.box().append(spot.port(), p));
    }
  }

  private List<Filled> filled() {
    List<Filled> all = new ArrayList<>();
    for (BoxLoad box : boxes) {
      all.add(new Filled(box, box.ports().stream().map(p -> List.copyOf(p.pieces())).toList()));
    }
    return all;
  }

  /** Makes the boxes what they were. */
  private void restore(List<Filled> then) {
    boxes.clear();
    for (Filled f : then) {
      boxes.add(f.box());
      for (int port = 1; port <= f.ports().size(); port++) {
        fill(new Spot(f.box(), port), f.ports().get(port - 1));
      }
    }
  }
}
