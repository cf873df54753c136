package bunting.core.ports;

import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Point;
import bunting.core.show.Run;
import bunting.core.show.Show;
import bunting.core.show.Site;
import bunting.core.survey.Geometry;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Makes an allotment better by the show's goals, with the true price of wiring it.
 *
 * <p><b>Method.</b> Moves, each taken as soon as it helps, until none does: a run to another place
 * on any port, two runs for each other, a box opened where it saves cable and the runs that are
 * cheaper from there drawn to it, a box closed, a box of another kind. Each is judged by all that
 * follows from it: feeds, supplies, groups ({@link Score}).
 *
 * <p><b>Why this beside the exact search.</b> {@link BoxSearch} deals runs to boxes with the price
 * of each run by itself; what chains, shared fuses and supplies make of that is not linear and is
 * known only when a box is wired.
 *
 * <p><b>Cost.</b> A move wires one or two ports anew; chains that were wired before are remembered.
 * Moves that cannot pay, even if all that the run costs where it is were saved, are not tried. At
 * most so many pixels are wired as the budget says; the answer is then what was reached.
 */
final class LocalSearch {
  /** Boxes that a run is tried on, those first from which it is cheapest. */
  private static final int BOXES_TRIED = 4;

  /** Chains of one box that a run is tried in where no port is free, the nearest pixels first. */
  private static final int CHAINS_TRIED = 3;

  /** What moving the last load away can save besides cable: a box and a supply. */
  private static final double MORE_SAVED = 150;

  /** With so few runs all boxes and all places in chains are tried. */
  static final int FEW_RUNS = 6;

  /** With more runs than this, pairs are not looked at. */
  private static final int RUNS_SWAPPED = 150;

  private static final double SAME = 1e-6;

  private final Show show;
  private final Prices prices;
  private final UniverseRoom universes;
  private final Set<String> held;
  private final Set<PortPlanner.Forbidden> forbidden;
  private final SearchWatch watch;
  private final double fps;
  private final boolean few;
  private final Map<List<Object>, Double> byChain = new HashMap<>();
  private List<BoxLoad> boxes = new ArrayList<>();
  private List<bunting.core.show.Unplaced> unplaced = List.of();
  private Score score = new Score(0, List.of(), 0);
  private long budget;

  LocalSearch(
      Show show,
      Prices prices,
      UniverseRoom universes,
      Set<String> held,
      Set<PortPlanner.Forbidden> forbidden,
      SearchWatch watch,
      long budget) {
    this.show = show;
    this.prices = prices;
    this.universes = universes;
    this.held = held;
    this.forbidden = forbidden;
    this.watch = watch;
    this.fps = show.settings().targetFps();
    this.few = show.runs().size() <= FEW_RUNS;
    this.budget = budget;
  }

  /** Where a run lies. */
  private record Place(int box, int port, int position) {}

  /** The best that was reached from here. */
  Allotment improve(Allotment start) {
    boxes = new ArrayList<>(start.boxes());
    unplaced = start.unplaced();
    score = Score.of(show, prices, start);
    boolean better = true;
    while (better && going()) {
      better = false;
      for (Run run : movable()) {
        better |= going() && moved(run);
      }
      better |= swapped();
      better |= divided();
      better = better || closed();
      if (show.mayAddBoxes() && !better) {
        better = opened() || retyped();
      }
    }
    return new Allotment(boxes, unplaced);
  }

  private boolean going() {
    return budget > 0 && !watch.stopped();
  }

  /** Runs in one piece that are not held and may go to another port. */
  private List<Run> movable() {
    List<Run> runs = new ArrayList<>();
    for (BoxLoad box : boxes) {
      for (PortLoad port : box.ports()) {
        for (Piece p : port.pieces()) {
          boolean free =
              p.pixels() == p.run().pixels()
                  && !held.contains(p.run().name())
                  && p.run().pin().filter(pin -> pin.port().isPresent()).isEmpty();
          if (free) {
            runs.add(p.run());
          }
        }
      }
    }
    return runs;
  }

  private Optional<Place> place(Run run) {
    for (int b = 0; b < boxes.size(); b++) {
      for (int port = 1; port <= boxes.get(b).ports().size(); port++) {
        List<Piece> chain = boxes.get(b).ports().get(port - 1).pieces();
        for (int i = 0; i < chain.size(); i++) {
          if (chain.get(i).run().name().equals(run.name())) {
            return Optional.of(new Place(b, port, i));
          }
        }
      }
    }
    return Optional.empty();
  }

  private boolean may(Run run, BoxLoad box, Piece piece) {
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
  private boolean take(Map<Integer, BoxLoad> changed) {
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
    if (!universes.fits(next)) {
      return false;
    }
    Score now = Score.of(show, prices, new Allotment(next, unplaced));
    if (now.compareTo(score) >= 0) {
      return false;
    }
    boxes = next;
    score = now;
    return true;
  }

  private boolean sound(BoxLoad box) {
    double volts = box.volts();
    for (PortLoad port : box.ports()) {
      for (Piece p : port.pieces()) {
        if (p.type().volts() != volts) {
          return false;
        }
      }
      if (!PortRules.holds(box.type(), port.pieces(), fps)) {
        return false;
      }
    }
    return true;
  }

  /**
   * Price of one port of a box as if the others were free: nearly what it is, and quick to have.
   */
  private double port(BoxLoad box, int port) {
    List<Piece> chain = box.ports().get(port - 1).pieces();
    if (chain.isEmpty()) {
      return 0;
    }
    List<Object> key = new ArrayList<>(List.of(box.type().id(), box.controller().at()));
    chain.forEach(p -> key.add(p.run().name() + " " + p.first() + " " + p.last()));
    return byChain.computeIfAbsent(
        key,
        k -> {
          BoxLoad bare = new BoxLoad(box.controller(), box.type());
          chain.forEach(p -> bare.append(bare.order().getFirst(), p));
          PlanPrice.Wired w = prices.wired(bare);
          return w.unpowered() > 0 ? Double.MAX_VALUE / 4 : w.price();
        });
  }

  private static List<Piece> without(List<Piece> chain, int position) {
    List<Piece> less = new ArrayList<>(chain);
    less.remove(position);
    return less;
  }

  /** Right behind the pixels before it a piece becomes one with them. */
  private static List<Piece> with(List<Piece> chain, int position, Piece piece) {
    List<Piece> more = new ArrayList<>(chain);
    more.add(position, piece);
    for (int i = more.size() - 1; i > 0; i--) {
      Piece before = more.get(i - 1);
      Piece after = more.get(i);
      if (before.run().equals(after.run()) && before.last() + 1 == after.first()) {
        more.set(i - 1, new Piece(before.run(), before.type(), before.first(), after.last()));
        more.remove(i);
      }
    }
    return more;
  }

  private List<Piece> chain(int box, int port) {
    return boxes.get(box).ports().get(port - 1).pieces();
  }

  /** A run taken from its place and put where that is better. */
  private boolean moved(Run run) {
    Optional<Place> found = place(run);
    if (found.isEmpty()) {
      return false;
    }
    Place from = found.get();
    Piece piece = chain(from.box(), from.port()).get(from.position());
    BoxLoad source = boxes.get(from.box());
    BoxLoad less =
        source.with(from.port(), without(chain(from.box(), from.port()), from.position()));
    double now = port(source, from.port());
    double saved = now - port(less, from.port());
    boolean healthy = prices.wired(source).unpowered() == 0;
    for (int b : nearest(run, piece)) {
      boolean same = b == from.box();
      BoxLoad base = same ? less : boxes.get(b);
      double most = healthy ? saved + (same ? SAME : MORE_SAVED) : Double.MAX_VALUE;
      for (Place to : targets(base, b, piece, most)) {
        BoxLoad with =
            base.with(
                to.port(), with(base.ports().get(to.port() - 1).pieces(), to.position(), piece));
        Map<Integer, BoxLoad> changed = new java.util.TreeMap<>();
        changed.put(from.box(), less);
        changed.put(b, with);
        budget -= with.ports().get(to.port() - 1).pixels();
        double more = port(with, to.port()) - port(base, to.port());
        if (healthy && more > saved + (same ? SAME : MORE_SAVED)) {
          continue;
        }
        if (!(same && to.port() == from.port() && to.position() == from.position())
            && take(changed)) {
          return true;
        }
      }
    }
    return false;
  }

  /** Boxes for a run, those first from which it is cheapest; its own is always among them. */
  private List<Integer> nearest(Run run, Piece piece) {
    List<Integer> able = new ArrayList<>();
    for (int b = 0; b < boxes.size(); b++) {
      if (may(run, boxes.get(b), piece)) {
        able.add(b);
      }
    }
    able.sort(Comparator.comparingDouble(b -> boxes.get(b).controller().at().cableTo(run.start())));
    return few ? able : able.subList(0, Math.min(able.size(), BOXES_TRIED));
  }

  /** Free ports, one of each kind, and places in chains that could pay. */
  private List<Place> targets(BoxLoad base, int box, Piece piece, double most) {
    List<Place> places = new ArrayList<>();
    Set<Boolean> kinds = new HashSet<>();
    Map<Place, Double> joined = new HashMap<>();
    double own = Double.MAX_VALUE;
    for (int port : base.order()) {
      List<Piece> chain = base.ports().get(port - 1).pieces();
      if (chain.isEmpty()) {
        boolean mates =
            base.type().fuseMates(port).stream()
                .anyMatch(p -> p != port && !base.ports().get(p - 1).pieces().isEmpty());
        if (kinds.add(mates)) {
          own = alone(piece, base);
          if (own < most) {
            places.add(new Place(box, port, 0));
          }
        }
      } else if (PortRules.holds(base.type(), with(chain, chain.size(), piece), fps)) {
        for (int i = 0; i <= chain.size(); i++) {
          double metres = detour(base.controller().at(), chain, i, piece);
          joined.put(new Place(box, port, i), metres);
        }
      }
    }
    double data = show.allotting().planning().prices().dataPerM();
    joined.entrySet().stream()
        .filter(e -> e.getValue() * data < most)
        .sorted(
            Map.Entry.<Place, Double>comparingByValue()
                .thenComparing(e -> e.getKey().port())
                .thenComparing(e -> e.getKey().position()))
        .limit(few ? Integer.MAX_VALUE : places.isEmpty() ? CHAINS_TRIED : 1)
        .forEach(e -> places.add(e.getKey()));
    return places;
  }

  /** Metres of lead that a piece adds to a chain at a position. */
  private static double detour(Point box, List<Piece> chain, int position, Piece piece) {
    double into = position == 0 ? lead(box, piece) : joint(chain.get(position - 1), piece);
    if (position == chain.size()) {
      return into;
    }
    double on = joint(piece, chain.get(position));
    double was =
        position == 0
            ? lead(box, chain.getFirst())
            : joint(chain.get(position - 1), chain.get(position));
    return into + on - was;
  }

  private static double lead(Point box, Piece p) {
    return Geometry.boxToPixel(box, p.run(), p.type(), p.first());
  }

  private static double joint(Piece before, Piece after) {
    return Geometry.joint(
        Geometry.pixel(before.run(), before.type(), before.last()),
        Geometry.pixel(after.run(), after.type(), after.first()));
  }

  /** Price of a piece by itself on a free port of such a box. */
  private double alone(Piece piece, BoxLoad box) {
    BoxLoad bare = new BoxLoad(box.controller(), box.type());
    bare.append(bare.order().getFirst(), piece);
    return port(bare, bare.order().getFirst());
  }

  /** Two runs for each other, where each would be cheaper there. */
  private boolean swapped() {
    List<Run> runs = movable();
    if (runs.size() > RUNS_SWAPPED) {
      return false;
    }
    boolean better = false;
    for (int i = 0; i < runs.size(); i++) {
      for (int j = i + 1; j < runs.size() && going(); j++) {
        better |= swapped(runs.get(i), runs.get(j));
      }
    }
    return better;
  }

  private boolean swapped(Run one, Run other) {
    Place a = place(one).orElseThrow();
    Place b = place(other).orElseThrow();
    if (a.box() == b.box()) {
      return false;
    }
    Piece p = chain(a.box(), a.port()).get(a.position());
    Piece q = chain(b.box(), b.port()).get(b.position());
    BoxLoad boxA = boxes.get(a.box());
    BoxLoad boxB = boxes.get(b.box());
    if (!may(one, boxB, p) || !may(other, boxA, q)) {
      return false;
    }
    double now = alone(p, boxA) + alone(q, boxB);
    double then = alone(p, boxB) + alone(q, boxA);
    if (then >= now - SAME) {
      return false;
    }
    List<Piece> chainA = new ArrayList<>(chain(a.box(), a.port()));
    List<Piece> chainB = new ArrayList<>(chain(b.box(), b.port()));
    chainA.set(a.position(), q);
    chainB.set(b.position(), p);
    return take(Map.of(a.box(), boxA.with(a.port(), chainA), b.box(), boxB.with(b.port(), chainB)));
  }

  /**
   * A piece cut at a joint between packs, its rest on a free port of its box: where that saves more
   * than the work of plugging a lead in there, which no price of a port's lead has.
   */
  private boolean divided() {
    double work = show.allotting().planning().prices().joining(bunting.core.show.Attach.JOINT);
    for (int b = 0; b < boxes.size(); b++) {
      BoxLoad box = boxes.get(b);
      Optional<Integer> free =
          box.order().stream().filter(p -> box.ports().get(p - 1).pieces().isEmpty()).findFirst();
      for (int port = 1; port <= box.ports().size() && free.isPresent(); port++) {
        List<Piece> chain = box.ports().get(port - 1).pieces();
        for (int i = 0; i < chain.size() && going(); i++) {
          if (divided(b, port, i, free.get(), work)) {
            return true;
          }
        }
      }
    }
    return false;
  }

  private boolean divided(int b, int port, int position, int free, double work) {
    BoxLoad box = boxes.get(b);
    Piece piece = box.ports().get(port - 1).pieces().get(position);
    int pack = piece.type().packPixels();
    Run run = piece.run();
    boolean whole = pack % piece.type().cutEvery() == 0 && pack % run.fitting().grouping() == 0;
    boolean may = run.split() && !held.contains(run.name()) && whole;
    boolean byPort = run.pin().filter(p -> p.port().isPresent()).isPresent();
    double before = prices.wired(box).price();
    for (int at = (piece.first() / pack + 1) * pack;
        may && !byPort && at < piece.last();
        at += pack) {
      List<Piece> chain = new ArrayList<>(box.ports().get(port - 1).pieces());
      chain.set(position, new Piece(run, piece.type(), piece.first(), at));
      Piece rest = new Piece(run, piece.type(), at + 1, piece.last());
      BoxLoad two = box.with(port, chain).with(free, List.of(rest));
      if (prices.wired(two).price() < before - work && take(Map.of(b, two))) {
        return true;
      }
    }
    return false;
  }

  /** A box more where it saves cable: the runs that are cheaper from there are drawn to it. */
  private boolean opened() {
    Set<Double> volts = new java.util.TreeSet<>();
    List<Run> runs = movable();
    for (Run run : runs) {
      Place p = place(run).orElseThrow();
      volts.add(boxes.get(p.box()).volts());
    }
    int spare = show.allotting().planning().sparePorts();
    for (Site site : show.standingSites()) {
      for (double v : volts) {
        for (ControllerType kind : show.catalogue().controllerTypes()) {
          if (kind.takes(v) && going()) {
            Controller c = new Controller(freshId(), kind.id(), site.x(), site.y());
            if (drawn(new BoxLoad(c, kind, spare), v, runs)) {
              return true;
            }
          }
        }
      }
    }
    return false;
  }

  private String freshId() {
    int n = 1;
    Set<String> ids = new HashSet<>();
    boxes.forEach(b -> ids.add(b.controller().id()));
    while (ids.contains("+" + n)) {
      n++;
    }
    return "+" + n;
  }

  private boolean drawn(BoxLoad fresh, double volts, List<Run> runs) {
    Map<Run, Double> gains = new java.util.LinkedHashMap<>();
    for (Run run : runs) {
      Place at = place(run).orElseThrow();
      Piece piece = chain(at.box(), at.port()).get(at.position());
      if (piece.type().volts() == volts && run.pin().isEmpty()) {
        double gain = alone(piece, boxes.get(at.box())) - alone(piece, fresh);
        if (gain > SAME) {
          gains.put(run, gain);
        }
      }
    }
    if (gains.values().stream().mapToDouble(g -> g).sum() + MORE_SAVED
        <= prices.bought(fresh.type())) {
      return false;
    }
    List<Run> best =
        gains.entrySet().stream()
            .sorted(Comparator.comparingDouble((Map.Entry<Run, Double> e) -> -e.getValue()))
            .map(Map.Entry::getKey)
            .toList();
    Map<Integer, BoxLoad> changed = new java.util.TreeMap<>();
    BoxLoad box = fresh;
    for (Run run : best) {
      Place at = place(run).orElseThrow();
      Piece piece = chain(at.box(), at.port()).get(at.position());
      Optional<BoxLoad> more = roomiest(box, piece);
      if (more.isPresent()) {
        box = more.get();
        BoxLoad before = changed.getOrDefault(at.box(), boxes.get(at.box()));
        BoxLoad less = PortFill.copy(before);
        less.removeRun(run.name());
        changed.put(at.box(), less);
      }
    }
    if (box.isEmpty()) {
      return false;
    }
    changed.put(boxes.size(), box);
    return take(changed);
  }

  /** The piece at the end of the chain that it is nearest to, a free port before any. */
  private Optional<BoxLoad> roomiest(BoxLoad box, Piece piece) {
    int best = 0;
    double least = Double.MAX_VALUE;
    for (int port : box.order()) {
      List<Piece> chain = box.ports().get(port - 1).pieces();
      double metres = chain.isEmpty() ? -1 : joint(chain.getLast(), piece);
      boolean fits =
          box.takes(piece.type())
              && PortRules.holds(box.type(), with(chain, chain.size(), piece), fps);
      if (fits && metres < least) {
        least = metres;
        best = port;
      }
    }
    return best == 0
        ? Optional.empty()
        : Optional.of(
            box.with(
                best,
                with(
                    box.ports().get(best - 1).pieces(),
                    box.ports().get(best - 1).pieces().size(),
                    piece)));
  }

  /** A box emptied over the others: it need not be bought, or its supply need not. */
  private boolean closed() {
    for (int b = 0; b < boxes.size() && going(); b++) {
      if (!boxes.get(b).isEmpty() && closed(b)) {
        return true;
      }
    }
    return false;
  }

  private boolean closed(int b) {
    Map<Integer, BoxLoad> changed = new java.util.TreeMap<>();
    List<Piece> pieces = boxes.get(b).ports().stream().flatMap(p -> p.pieces().stream()).toList();
    for (Piece piece : pieces) {
      Optional<Integer> to = Optional.empty();
      double least = Double.MAX_VALUE;
      for (int o = 0; o < boxes.size(); o++) {
        BoxLoad box = changed.getOrDefault(o, boxes.get(o));
        boolean open = o != b && !box.isEmpty() && may(piece.run(), box, piece);
        if (open && roomiest(box, piece).isPresent()) {
          double price = alone(piece, box);
          if (price < least) {
            least = price;
            to = Optional.of(o);
          }
        }
      }
      boolean whole = piece.pixels() == piece.run().pixels() && !held.contains(piece.run().name());
      if (to.isEmpty() || !whole || piece.run().pin().isPresent()) {
        return false;
      }
      BoxLoad box = changed.getOrDefault(to.get(), boxes.get(to.get()));
      changed.put(to.get(), roomiest(box, piece).orElseThrow());
    }
    changed.put(b, boxes.get(b).emptied());
    return take(changed);
  }

  /** A box of another kind with the same chains. */
  private boolean retyped() {
    int spare = show.allotting().planning().sparePorts();
    for (int b = 0; b < boxes.size(); b++) {
      BoxLoad box = boxes.get(b);
      if (box.isEmpty() || prices.isGiven(box.controller())) {
        continue;
      }
      for (ControllerType kind : show.catalogue().controllerTypes()) {
        if (!kind.id().equals(box.type().id()) && kind.takes(box.volts()) && going()) {
          Controller c = box.controller();
          BoxLoad other = new BoxLoad(new Controller(c.id(), kind.id(), c.x(), c.y()), kind, spare);
          Optional<BoxLoad> filled = carried(box, other);
          if (filled.isPresent() && take(Map.of(b, filled.get()))) {
            return true;
          }
        }
      }
    }
    return false;
  }

  private Optional<BoxLoad> carried(BoxLoad from, BoxLoad to) {
    BoxLoad box = to;
    for (int port : from.order()) {
      List<Piece> chain = from.ports().get(port - 1).pieces();
      for (int i = 0; i < chain.size(); i++) {
        BoxLoad now = box;
        Optional<Integer> behind = i == 0 ? Optional.empty() : portOf(now, chain.get(i - 1));
        Piece piece = chain.get(i);
        Optional<BoxLoad> next =
            behind
                .map(
                    p ->
                        now.with(
                            p,
                            with(
                                now.ports().get(p - 1).pieces(),
                                now.ports().get(p - 1).pieces().size(),
                                piece)))
                .filter(this::sound)
                .or(() -> roomiest(now, piece));
        if (next.isEmpty()) {
          return Optional.empty();
        }
        box = next.get();
      }
    }
    return Optional.of(box);
  }

  private static Optional<Integer> portOf(BoxLoad box, Piece piece) {
    for (int port = 1; port <= box.ports().size(); port++) {
      if (box.ports().get(port - 1).pieces().contains(piece)) {
        return Optional.of(port);
      }
    }
    return Optional.empty();
  }
}
