package bunting.core.ports;

import bunting.core.show.Attach;
import bunting.core.show.Point;
import bunting.core.show.Run;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/** Moves of runs: one to another place, two for each other, one divided at a joint. */
final class RunMoves {
  /** Boxes that a run is tried on, those first that stand nearest. */
  private static final int BOXES_TRIED = 4;

  /** Chains of one box that a run is tried in where no port is free, the nearest pixels first. */
  private static final int CHAINS_TRIED = 3;

  /** With more runs than this, pairs are not looked at. */
  private static final int RUNS_SWAPPED = 150;

  private final Deal deal;

  RunMoves(Deal deal) {
    this.deal = deal;
  }

  /** A run taken from its place and put where that is better. */
  boolean moved(Run run) {
    Optional<Deal.Place> found = deal.place(run);
    if (found.isEmpty()) {
      return false;
    }
    Deal.Place from = found.get();
    Piece piece = deal.piece(from);
    BoxLoad source = deal.box(from.box());
    BoxLoad less =
        source.with(from.port(), Deal.without(Deal.chain(source, from.port()), from.position()));
    double saved = deal.port(source, from.port()) - deal.port(less, from.port());
    boolean healthy = deal.prices.wired(source).unpowered() == 0;
    double here = deal.here(source);
    double elsewhere = deal.elsewhere();
    for (int b : nearest(run, piece)) {
      boolean same = b == from.box();
      BoxLoad base = same ? less : deal.box(b);
      double most = saved + (same ? here : here + elsewhere);
      most = healthy ? most : Double.MAX_VALUE;
      List<Deal.Place> targets = targets(base, b, piece, most);
      deal.prices.readyChains(
          targets.stream()
              .map(
                  to ->
                      new Prices.Chain(
                          base, Deal.with(Deal.chain(base, to.port()), to.position(), piece)))
              .toList());
      for (Deal.Place to : targets) {
        BoxLoad with =
            base.with(to.port(), Deal.with(Deal.chain(base, to.port()), to.position(), piece));
        Map<Integer, BoxLoad> changed = new TreeMap<>();
        changed.put(from.box(), less);
        changed.put(b, with);
        deal.spend(with.ports().get(to.port() - 1).pixels());
        double more = deal.port(with, to.port()) - deal.port(base, to.port());
        if (healthy && more > most) {
          continue;
        }
        if (!(same && to.port() == from.port() && to.position() == from.position())
            && deal.take(changed)) {
          return true;
        }
      }
    }
    return false;
  }

  /** Boxes for a run, those first from which it is cheapest; its own is always among them. */
  private List<Integer> nearest(Run run, Piece piece) {
    List<Integer> able = new ArrayList<>();
    for (int b = 0; b < deal.boxes().size(); b++) {
      if (deal.may(piece, deal.box(b))) {
        able.add(b);
      }
    }
    able.sort(Comparator.comparingDouble(b -> deal.box(b).controller().at().cableTo(run.start())));
    return deal.few() ? able : able.subList(0, Math.min(able.size(), BOXES_TRIED));
  }

  /** A run put anywhere that fits, whether that is better or not. */
  void kicked(Random random) {
    List<Run> runs = deal.movable();
    if (runs.isEmpty()) {
      return;
    }
    Deal.Place from = deal.place(runs.get(random.nextInt(runs.size()))).orElseThrow();
    Piece piece = deal.piece(from);
    BoxLoad source = deal.box(from.box());
    BoxLoad less =
        source.with(from.port(), Deal.without(Deal.chain(source, from.port()), from.position()));
    int b = random.nextInt(deal.boxes().size());
    BoxLoad base = b == from.box() ? less : deal.box(b);
    int port = 1 + random.nextInt(base.ports().size());
    List<Piece> chain = Deal.chain(base, port);
    int position = random.nextInt(chain.size() + 1);
    if (deal.may(piece, base)) {
      Map<Integer, BoxLoad> changed = new TreeMap<>();
      changed.put(from.box(), less);
      changed.put(b, base.with(port, Deal.with(chain, position, piece)));
      deal.force(changed);
    }
  }

  /** Free ports, one of each kind, and places in chains that could pay. */
  private List<Deal.Place> targets(BoxLoad base, int box, Piece piece, double most) {
    List<Deal.Place> places = new ArrayList<>();
    Set<Boolean> kinds = new HashSet<>();
    Map<Deal.Place, Double> joined = new HashMap<>();
    double own = Double.MAX_VALUE;
    for (int port : base.order()) {
      List<Piece> chain = Deal.chain(base, port);
      if (chain.isEmpty()) {
        boolean mates =
            base.type().fuseMates(port).stream()
                .anyMatch(p -> p != port && !Deal.chain(base, p).isEmpty());
        if (kinds.add(mates)) {
          own = deal.alone(piece, base);
          if (own < most) {
            places.add(new Deal.Place(box, port, 0));
          }
        }
      } else if (deal.holds(base, Deal.with(chain, piece))) {
        for (int i = 0; i <= chain.size(); i++) {
          double metres = detour(base.controller().at(), chain, i, piece);
          joined.put(new Deal.Place(box, port, i), metres);
        }
      }
    }
    double data = deal.show.allotting().planning().prices().dataPerM();
    joined.entrySet().stream()
        .filter(e -> e.getValue() * data < most)
        .sorted(
            Map.Entry.<Deal.Place, Double>comparingByValue()
                .thenComparing(e -> e.getKey().port())
                .thenComparing(e -> e.getKey().position()))
        .limit(deal.few() ? Integer.MAX_VALUE : places.isEmpty() ? CHAINS_TRIED : 1)
        .forEach(e -> places.add(e.getKey()));
    return places;
  }

  /** Metres of lead that a piece adds to a chain at a position. */
  private static double detour(Point box, List<Piece> chain, int position, Piece piece) {
    double into = position == 0 ? piece.leadFrom(box) : piece.jointFrom(chain.get(position - 1));
    if (position == chain.size()) {
      return into;
    }
    double on = chain.get(position).jointFrom(piece);
    double was =
        position == 0
            ? chain.getFirst().leadFrom(box)
            : chain.get(position).jointFrom(chain.get(position - 1));
    return into + on - was;
  }

  /** Two runs for each other, where each would be cheaper there. */
  boolean swapped() {
    List<Run> runs = deal.movable();
    if (runs.size() > RUNS_SWAPPED) {
      return false;
    }
    boolean better = false;
    for (int i = 0; i < runs.size(); i++) {
      for (int j = i + 1; j < runs.size() && deal.going(); j++) {
        better |= swapped(runs.get(i), runs.get(j));
      }
    }
    return better;
  }

  private boolean swapped(Run one, Run other) {
    Deal.Place a = deal.place(one).orElseThrow();
    Deal.Place b = deal.place(other).orElseThrow();
    if (a.box() == b.box()) {
      return a.port() != b.port() && swappedHere(a, b);
    }
    Piece p = deal.piece(a);
    Piece q = deal.piece(b);
    BoxLoad boxA = deal.box(a.box());
    BoxLoad boxB = deal.box(b.box());
    if (!deal.may(p, boxB) || !deal.may(q, boxA)) {
      return false;
    }
    double now = deal.alone(p, boxA) + deal.alone(q, boxB);
    double then = deal.alone(p, boxB) + deal.alone(q, boxA);
    if (then >= now - Deal.SAME) {
      return false;
    }
    List<Piece> chainA = new ArrayList<>(Deal.chain(boxA, a.port()));
    List<Piece> chainB = new ArrayList<>(Deal.chain(boxB, b.port()));
    chainA.set(a.position(), q);
    chainB.set(b.position(), p);
    return deal.take(
        Map.of(a.box(), boxA.with(a.port(), chainA), b.box(), boxB.with(b.port(), chainB)));
  }

  /** Two runs of one box for each other, and the two chains that they are in. */
  private boolean swappedHere(Deal.Place a, Deal.Place b) {
    BoxLoad box = deal.box(a.box());
    List<Piece> chainA = Deal.chain(box, a.port());
    List<Piece> chainB = Deal.chain(box, b.port());
    List<Piece> nextA = new ArrayList<>(chainA);
    List<Piece> nextB = new ArrayList<>(chainB);
    nextA.set(a.position(), deal.piece(b));
    nextB.set(b.position(), deal.piece(a));
    double now = deal.port(box, a.port()) + deal.port(box, b.port());
    double here = deal.here(box);
    boolean mates = box.type().fuseMates(a.port()).equals(box.type().fuseMates(b.port()));
    BoxLoad each = box.with(a.port(), nextA).with(b.port(), nextB);
    deal.prices.readyChains(List.of(new Prices.Chain(each, nextA), new Prices.Chain(each, nextB)));
    double then = deal.port(each, a.port()) + deal.port(each, b.port());
    if (then < now + here && deal.take(Map.of(a.box(), each))) {
      return true;
    }
    BoxLoad whole = box.with(a.port(), chainB).with(b.port(), chainA);
    boolean free =
        Stream.concat(chainA.stream(), chainB.stream()).noneMatch(p -> deal.stays(p.run()));
    return free && !mates && here > 2 * Deal.SAME && deal.take(Map.of(a.box(), whole));
  }

  /**
   * A piece cut at a joint between packs, its rest on a free port of its box: where that saves more
   * than the work of plugging a lead in there, which no price of a port's lead has.
   */
  boolean divided() {
    double work = deal.show.allotting().planning().prices().joining(Attach.JOINT);
    for (int b = 0; b < deal.boxes().size(); b++) {
      BoxLoad box = deal.box(b);
      Optional<Integer> free =
          box.order().stream().filter(p -> Deal.chain(box, p).isEmpty()).findFirst();
      for (int port = 1; port <= box.ports().size() && free.isPresent(); port++) {
        List<Piece> chain = Deal.chain(box, port);
        for (int i = 0; i < chain.size() && deal.going(); i++) {
          if (divided(b, port, i, free.get(), work)) {
            return true;
          }
        }
      }
    }
    return false;
  }

  private boolean divided(int b, int port, int position, int free, double work) {
    BoxLoad box = deal.box(b);
    Piece piece = Deal.chain(box, port).get(position);
    int pack = piece.type().packPixels();
    Run run = piece.run();
    boolean whole = pack % piece.type().cutEvery() == 0 && pack % run.fitting().grouping() == 0;
    boolean may = run.split() && !deal.stays(run) && whole;
    double before = deal.prices.wired(box).price();
    for (int at = (piece.first() / pack + 1) * pack; may && at < piece.last(); at += pack) {
      List<Piece> chain = new ArrayList<>(Deal.chain(box, port));
      chain.set(position, new Piece(run, piece.type(), piece.first(), at));
      Piece rest = new Piece(run, piece.type(), at + 1, piece.last());
      BoxLoad two = box.with(port, chain).with(free, List.of(rest));
      if (deal.prices.wired(two).price() < before - work && deal.take(Map.of(b, two))) {
        return true;
      }
    }
    return false;
  }
}
