package bunting.core.ports;

import bunting.core.show.Goal;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.SupplyType;
import bunting.core.show.Unplaced;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * An allotment while moves change it: what lies where, how good it is, and whether a change fits
 * and is better. A change that is not taken leaves it as it was.
 */
final class Deal {
  /** Prices within which two deals cost the same. */
  static final double SAME = 1e-6;

  /** With so few runs all boxes and all places in chains are tried. */
  static final int FEW_RUNS = 6;

  final Show show;
  final Prices prices;
  private final UniverseRoom universes;
  private final Set<String> held;
  private final Set<PortPlanner.Forbidden> forbidden;
  private final SearchWatch watch;
  private List<BoxLoad> boxes;
  private final List<Unplaced> unplaced;
  private Score score;
  private long budget;

  /**
   * From a beginning.
   *
   * @param held names of runs that stay
   * @param forbidden pairs to avoid
   * @param budget most pixels that are wired for trial
   */
  Deal(
      Show show,
      Prices prices,
      UniverseRoom universes,
      Set<String> held,
      Set<PortPlanner.Forbidden> forbidden,
      SearchWatch watch,
      long budget,
      Allotment start) {
    this.show = show;
    this.prices = prices;
    this.universes = universes;
    this.held = held;
    this.forbidden = forbidden;
    this.watch = watch;
    this.budget = budget;
    this.boxes = List.copyOf(start.boxes());
    this.unplaced = start.unplaced();
    this.score = Score.of(show, prices, start);
  }

  /** Whether there are so few runs that everything is tried. */
  boolean few() {
    return show.runs().size() <= FEW_RUNS;
  }

  /**
   * What a move within a box can save besides leads and feeds: what its chains cost more together
   * than each alone, since they share fuses, board and supply.
   */
  double here(BoxLoad box) {
    if (!priceFirst()) {
      return Double.MAX_VALUE / 4;
    }
    double alone = 0;
    for (int port = 1; port <= box.ports().size(); port++) {
      alone += port(box, port);
    }
    return SAME + Math.max(0, prices.wired(box).price() - alone);
  }

  /**
   * What a move to another box can save besides: a box, a supply, a group that comes together.
   * Where something else than the price comes first, anything.
   */
  double elsewhere() {
    double box =
        show.catalogue().controllerTypes().stream().mapToDouble(prices::bought).max().orElse(0);
    double supply =
        show.catalogue().supplyTypes().stream().mapToDouble(SupplyType::cost).max().orElse(0);
    double group = show.allotting().planning().prices().groupApart();
    return priceFirst() ? (show.mayAddBoxes() ? box : 0) + supply + group : Double.MAX_VALUE / 4;
  }

  private boolean priceFirst() {
    return show.allotting().planning().goals().getFirst() == Goal.COST;
  }

  /** Where a piece lies. */
  record Place(int box, int port, int position) {}

  /** As it is now. */
  Allotment allotment() {
    return new Allotment(boxes, unplaced);
  }

  /** The boxes, in their order. */
  List<BoxLoad> boxes() {
    return boxes;
  }

  BoxLoad box(int index) {
    return boxes.get(index);
  }

  /** Whether there is effort left and nobody stopped it. */
  boolean going() {
    return budget > 0 && !watch.stopped();
  }

  /** Notes that so many pixels were wired for trial. */
  void spend(long pixels) {
    budget -= pixels;
  }

  /** Whether the builder or an address keeps a run where it is. */
  boolean stays(Run run) {
    return held.contains(run.name()) || run.pin().filter(pin -> pin.port().isPresent()).isPresent();
  }

  /** Runs in one piece that are not held and may go to another port. */
  List<Run> movable() {
    List<Run> runs = new ArrayList<>();
    for (BoxLoad box : boxes) {
      for (PortLoad port : box.ports()) {
        for (Piece p : port.pieces()) {
          if (p.pixels() == p.run().pixels() && !stays(p.run())) {
            runs.add(p.run());
          }
        }
      }
    }
    return runs;
  }

  /** Where a run begins. */
  Optional<Place> place(Run run) {
    for (int b = 0; b < boxes.size(); b++) {
      for (int port = 1; port <= boxes.get(b).ports().size(); port++) {
        List<Piece> chain = chain(box(b), port);
        for (int i = 0; i < chain.size(); i++) {
          if (chain.get(i).run().name().equals(run.name())) {
            return Optional.of(new Place(b, port, i));
          }
        }
      }
    }
    return Optional.empty();
  }

  /** Whether a run of that piece may go on a box, its ports apart. */
  boolean may(Piece piece, BoxLoad box) {
    Run run = piece.run();
    String id = box.controller().id();
    return (run.pin().isEmpty() || run.pin().get().controller().equals(id))
        && !forbidden.contains(new PortPlanner.Forbidden(run.name(), id))
        && (box.takes(piece.type())
            || (onlyOn(run, box) && box.type().takes(piece.type().volts())));
  }

  private static boolean onlyOn(Run run, BoxLoad box) {
    return box.ports().stream()
        .flatMap(p -> p.pieces().stream())
        .allMatch(p -> p.run().name().equals(run.name()));
  }

  /** Takes these boxes in the others' stead if all fits and it is better. */
  boolean take(Map<Integer, BoxLoad> changed) {
    return take(changed, true);
  }

  /** Takes them if all fits, even where it is worse. */
  boolean force(Map<Integer, BoxLoad> changed) {
    return take(changed, false);
  }

  private boolean take(Map<Integer, BoxLoad> changed, boolean onlyBetter) {
    List<BoxLoad> next = new ArrayList<>(boxes);
    for (Map.Entry<Integer, BoxLoad> e : changed.entrySet()) {
      if (e.getKey() < next.size()) {
        next.set(e.getKey(), e.getValue());
      } else {
        next.add(e.getValue());
      }
      budget -= e.getValue().pixelsOnIt();
      if (!sound(e.getValue())) {
        return false;
      }
    }
    if (!universesFit(next)) {
      return false;
    }
    Score now = Score.of(show, prices, new Allotment(next, unplaced));
    if (onlyBetter && now.compareTo(score) >= 0) {
      return false;
    }
    boxes = next;
    score = now;
    return true;
  }

  /** Whether the universes suffice for such boxes. */
  boolean universesFit(List<BoxLoad> next) {
    return universes.fits(next);
  }

  /** Whether every port can carry what is on it, and spare ports stay free. */
  boolean sound(BoxLoad box) {
    if (!box.oneVoltageEach()) {
      return false;
    }
    for (int port = 1; port <= box.ports().size(); port++) {
      List<Piece> chain = chain(box, port);
      if (!chain.isEmpty() && !(box.order().contains(port) && holds(box, chain))) {
        return false;
      }
    }
    return true;
  }

  /** Whether a port of that box bears a chain. */
  boolean holds(BoxLoad box, List<Piece> chain) {
    return PortRules.holds(box.type(), chain, show.settings().targetFps());
  }

  /** The chain of a port. */
  static List<Piece> chain(BoxLoad box, int port) {
    return box.ports().get(port - 1).pieces();
  }

  /** The piece at a place. */
  Piece piece(Place at) {
    return chain(box(at.box()), at.port()).get(at.position());
  }

  /** Price of one port of a box, nearly. */
  double port(BoxLoad box, int port) {
    return prices.chain(box, chain(box, port));
  }

  /** Price of a piece by itself on a free port of such a box. */
  double alone(Piece piece, BoxLoad box) {
    return prices.chain(box, List.of(piece));
  }

  /** A chain without one of its pieces. */
  static List<Piece> without(List<Piece> chain, int position) {
    List<Piece> less = new ArrayList<>(chain);
    less.remove(position);
    return less;
  }

  /** A chain with a piece more; right behind the pixels before it, it becomes one with them. */
  static List<Piece> with(List<Piece> chain, int position, Piece piece) {
    List<Piece> more = new ArrayList<>(chain);
    more.add(position, piece);
    for (int i = more.size() - 1; i > 0; i--) {
      Piece before = more.get(i - 1);
      Piece after = more.get(i);
      if (after.continues(before)) {
        more.set(i - 1, new Piece(before.run(), before.type(), before.first(), after.last()));
        more.remove(i);
      }
    }
    return more;
  }

  /** The same at the end of the chain. */
  static List<Piece> with(List<Piece> chain, Piece piece) {
    return with(chain, chain.size(), piece);
  }

  /** The piece at the end of the chain that it is nearest to, a free port before any. */
  Optional<BoxLoad> roomiest(BoxLoad box, Piece piece) {
    int best = 0;
    double least = Double.MAX_VALUE;
    for (int port : box.order()) {
      List<Piece> chain = chain(box, port);
      double metres = chain.isEmpty() ? -1 : piece.jointFrom(chain.getLast());
      boolean fits = box.takes(port, piece.type()) && holds(box, with(chain, piece));
      if (fits && metres < least) {
        least = metres;
        best = port;
      }
    }
    return best == 0
        ? Optional.empty()
        : Optional.of(box.with(best, with(chain(box, best), piece)));
  }
}
