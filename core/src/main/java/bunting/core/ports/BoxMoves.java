package bunting.core.ports;

import bunting.core.show.Controller;
import bunting.core.show.ControllerType;
import bunting.core.show.Run;
import bunting.core.show.Site;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** Moves of boxes: one opened, emptied, or of another kind. */
final class BoxMoves {
  private final Deal deal;

  BoxMoves(Deal deal) {
    this.deal = deal;
  }

  /** A box more where it saves cable: the runs that are cheaper from there are drawn to it. */
  boolean opened() {
    Set<Double> volts = new TreeSet<>();
    List<Run> runs = deal.movable();
    for (Run run : runs) {
      Deal.Place p = deal.place(run).orElseThrow();
      volts.add(deal.box(p.box()).volts());
    }
    int spare = deal.show.allotting().planning().sparePorts();
    for (Site site : deal.show.standingSites()) {
      for (double v : volts) {
        for (ControllerType kind : deal.show.catalogue().controllerTypes()) {
          if (kind.takes(v) && deal.going()) {
            Controller c = new Controller(freshId(), kind.id(), site.at());
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
    deal.boxes().forEach(b -> ids.add(b.controller().id()));
    while (ids.contains("+" + n)) {
      n++;
    }
    return "+" + n;
  }

  private boolean drawn(BoxLoad fresh, double volts, List<Run> runs) {
    Map<Run, Double> gains = new LinkedHashMap<>();
    for (Run run : runs) {
      Deal.Place at = deal.place(run).orElseThrow();
      Piece piece = deal.piece(at);
      if (piece.type().volts() == volts && run.pin().isEmpty()) {
        double gain = deal.alone(piece, deal.box(at.box())) - deal.alone(piece, fresh);
        if (gain > Deal.SAME) {
          gains.put(run, gain);
        }
      }
    }
    if (gains.values().stream().mapToDouble(g -> g).sum() + deal.elsewhere()
        <= deal.prices.bought(fresh.type())) {
      return false;
    }
    List<Run> best =
        gains.entrySet().stream()
            .sorted(Comparator.comparingDouble((Map.Entry<Run, Double> e) -> -e.getValue()))
            .map(Map.Entry::getKey)
            .toList();
    Map<Integer, BoxLoad> changed = new TreeMap<>();
    BoxLoad box = fresh;
    for (Run run : best) {
      Deal.Place at = deal.place(run).orElseThrow();
      Piece piece = deal.piece(at);
      Optional<BoxLoad> more = deal.roomiest(box, piece);
      if (more.isPresent()) {
        box = more.get();
        BoxLoad before = changed.getOrDefault(at.box(), deal.box(at.box()));
        BoxLoad less = PortFill.copy(before);
        less.removeRun(run.name());
        changed.put(at.box(), less);
      }
    }
    if (box.isEmpty()) {
      return false;
    }
    changed.put(deal.boxes().size(), box);
    return deal.take(changed);
  }

  /** A box emptied over the others: it need not be bought, or its supply need not. */
  boolean closed() {
    for (int b = 0; b < deal.boxes().size() && deal.going(); b++) {
      if (!deal.box(b).isEmpty() && closed(b)) {
        return true;
      }
    }
    return false;
  }

  private boolean closed(int b) {
    Map<Integer, BoxLoad> changed = new TreeMap<>();
    List<Piece> pieces = deal.box(b).ports().stream().flatMap(p -> p.pieces().stream()).toList();
    for (Piece piece : pieces) {
      Optional<Integer> to = Optional.empty();
      double least = Double.MAX_VALUE;
      for (int o = 0; o < deal.boxes().size(); o++) {
        BoxLoad box = changed.getOrDefault(o, deal.box(o));
        boolean open = o != b && !box.isEmpty() && deal.may(piece, box);
        if (open && deal.roomiest(box, piece).isPresent()) {
          double price = deal.alone(piece, box);
          if (price < least) {
            least = price;
            to = Optional.of(o);
          }
        }
      }
      boolean whole = piece.pixels() == piece.run().pixels() && !deal.stays(piece.run());
      if (to.isEmpty() || !whole || piece.run().pin().isPresent()) {
        return false;
      }
      BoxLoad box = changed.getOrDefault(to.get(), deal.box(to.get()));
      changed.put(to.get(), deal.roomiest(box, piece).orElseThrow());
    }
    changed.put(b, deal.box(b).emptied());
    return deal.take(changed);
  }

  /** A box of another kind with the same chains. */
  boolean retyped() {
    int spare = deal.show.allotting().planning().sparePorts();
    for (int b = 0; b < deal.boxes().size(); b++) {
      BoxLoad box = deal.box(b);
      if (box.isEmpty() || deal.prices.isGiven(box.controller())) {
        continue;
      }
      for (ControllerType kind : deal.show.catalogue().controllerTypes()) {
        if (!kind.id().equals(box.type().id()) && kind.takes(box.volts()) && deal.going()) {
          Controller c = box.controller();
          BoxLoad other = new BoxLoad(new Controller(c.id(), kind.id(), c.at()), kind, spare);
          Optional<BoxLoad> filled = carried(box, other);
          if (filled.isPresent() && deal.take(Map.of(b, filled.get()))) {
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
      List<Piece> chain = Deal.chain(from, port);
      for (int i = 0; i < chain.size(); i++) {
        BoxLoad now = box;
        Optional<Integer> behind = i == 0 ? Optional.empty() : portOf(now, chain.get(i - 1));
        Piece piece = chain.get(i);
        Optional<BoxLoad> next =
            behind
                .map(p -> now.with(p, Deal.with(Deal.chain(now, p), piece)))
                .filter(deal::sound)
                .or(() -> deal.roomiest(now, piece));
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
      if (Deal.chain(box, port).contains(piece)) {
        return Optional.of(port);
      }
    }
    return Optional.empty();
  }
}
