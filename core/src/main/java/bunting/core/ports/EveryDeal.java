package bunting.core.ports;

import bunting.core.show.Show;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * All ways to share few runs out to the chains of their boxes, each chain in its cheapest order:
 * prices of supplies and shared fuses come in steps, and where several moves together get below
 * one, moves one by one do not find it.
 *
 * <p><b>Cost.</b> Of n runs and b boxes the sum over k of S(n, k) b to the k deals (Stirling
 * numbers of the second kind): 2,430 for six runs on two boxes. Each load of a box is wired once.
 * Where there are more than {@value #DEALS_MAX}, or a run may not go where it would, none is dealt.
 */
final class EveryDeal {
  private static final int DEALS_MAX = 3_000;

  /** Longer chains are put in the order of the least cable alone. */
  private static final int ORDERED_BY_PRICE = 3;

  private final Deal deal;
  private final List<Piece> pieces = new ArrayList<>();
  private final List<BoxLoad> bare;
  private final List<Map<Integer, List<BoxLoad>>> loads = new ArrayList<>();
  private final List<Dealt> dealt = new ArrayList<>();

  private record Dealt(List<BoxLoad> boxes, Score score) {}

  private EveryDeal(Deal deal) {
    this.deal = deal;
    this.bare = deal.boxes().stream().map(BoxLoad::emptied).toList();
    deal.boxes().forEach(b -> b.ports().forEach(p -> pieces.addAll(p.pieces())));
  }

  /** The best of them by the deal's prices, the best first; none where they are too many. */
  static List<Allotment> best(Deal deal, int most) {
    EveryDeal every = new EveryDeal(deal);
    return every.mayBeDealt() ? every.run(most) : List.of();
  }

  private boolean mayBeDealt() {
    boolean free =
        pieces.stream().allMatch(p -> p.pixels() == p.run().pixels() && !deal.stays(p.run()));
    return free && pieces.size() <= Deal.FEW_RUNS && count() <= DEALS_MAX;
  }

  private long count() {
    int n = pieces.size();
    long[] stirling = new long[n + 1];
    stirling[0] = 1;
    for (int i = 1; i <= n; i++) {
      for (int k = i; k >= 1; k--) {
        stirling[k] = stirling[k - 1] + k * stirling[k];
      }
      stirling[0] = 0;
    }
    long sum = 0;
    long ways = 1;
    for (int k = 1; k <= n; k++) {
      ways *= bare.size();
      sum += stirling[k] * ways;
    }
    return sum;
  }

  private List<Allotment> run(int most) {
    int all = (1 << pieces.size()) - 1;
    List<BoxLoad> every = new ArrayList<>();
    for (BoxLoad box : bare) {
      Map<Integer, List<Piece>> chains = chains(box, all);
      Map<Integer, List<BoxLoad>> here = new HashMap<>();
      here.put(0, List.of(box));
      for (int set = 1; set <= all; set++) {
        List<BoxLoad> found = new ArrayList<>();
        shared(box, set, new ArrayList<>(), chains, found);
        here.put(set, found);
        every.addAll(found);
      }
      loads.add(here);
    }
    deal.prices.ready(every);
    combined(0, all, new ArrayList<>());
    Allotment now = deal.allotment();
    return dealt.stream()
        .sorted(Comparator.comparing(Dealt::score))
        .filter(d -> deal.universesFit(d.boxes()))
        .limit(most)
        .map(d -> new Allotment(d.boxes(), now.unplaced()))
        .toList();
  }

  /** The cheapest chain of each set of pieces that a port of the box bears. */
  private Map<Integer, List<Piece>> chains(BoxLoad box, int all) {
    Map<Integer, List<List<Piece>>> orders = new HashMap<>();
    for (int set = 1; set <= all; set++) {
      List<Piece> of = pieces(set);
      if (of.stream().allMatch(p -> deal.may(p, box)) && deal.holds(box, of)) {
        orders.put(
            set,
            of.size() <= ORDERED_BY_PRICE
                ? orders(of)
                : List.of(ChainOrder.best(box.controller().at(), of)));
      }
    }
    deal.prices.readyChains(
        orders.values().stream()
            .flatMap(List::stream)
            .map(chain -> new Prices.Chain(box, chain))
            .toList());
    Map<Integer, List<Piece>> cheapest = new HashMap<>();
    orders.forEach(
        (set, list) ->
            cheapest.put(
                set,
                list.stream()
                    .min(Comparator.comparingDouble(chain -> deal.prices.chain(box, chain)))
                    .orElseThrow()));
    return cheapest;
  }

  private List<Piece> pieces(int set) {
    List<Piece> of = new ArrayList<>();
    for (int i = 0; i < pieces.size(); i++) {
      if ((set >> i & 1) == 1) {
        of.add(pieces.get(i));
      }
    }
    return of;
  }

  private static List<List<Piece>> orders(List<Piece> of) {
    if (of.size() <= 1) {
      return List.of(of);
    }
    List<List<Piece>> all = new ArrayList<>();
    for (int i = 0; i < of.size(); i++) {
      List<Piece> rest = new ArrayList<>(of);
      Piece first = rest.remove(i);
      for (List<Piece> order : orders(rest)) {
        List<Piece> chain = new ArrayList<>(List.of(first));
        chain.addAll(order);
        all.add(chain);
      }
    }
    return all;
  }

  /** All ways to share a set out to ports; each chain that is begun holds the first piece left. */
  private void shared(
      BoxLoad box,
      int set,
      List<List<Piece>> begun,
      Map<Integer, List<Piece>> chains,
      List<BoxLoad> found) {
    if (set == 0) {
      BoxLoad load = box.emptied();
      for (int i = 0; i < begun.size(); i++) {
        int port = box.order().get(i);
        begun.get(i).forEach(p -> load.append(port, p));
      }
      if (deal.sound(load)) {
        found.add(load);
      }
      return;
    }
    if (begun.size() == box.order().size()) {
      return;
    }
    int first = Integer.lowestOneBit(set);
    int others = set ^ first;
    for (int more = others; ; more = (more - 1) & others) {
      List<Piece> chain = chains.get(first | more);
      if (chain != null) {
        begun.add(chain);
        shared(box, others ^ more, begun, chains, found);
        begun.removeLast();
      }
      if (more == 0) {
        return;
      }
    }
  }

  private void combined(int box, int left, List<BoxLoad> boxes) {
    Show show = deal.show;
    if (box == bare.size()) {
      if (left == 0) {
        List<BoxLoad> all = List.copyOf(boxes);
        Allotment one = new Allotment(all, deal.allotment().unplaced());
        dealt.add(new Dealt(all, Score.of(show, deal.prices, one)));
      }
      return;
    }
    for (int set = left; ; set = (set - 1) & left) {
      for (BoxLoad load : loads.get(box).getOrDefault(set, List.of())) {
        boxes.add(load);
        combined(box + 1, left ^ set, boxes);
        boxes.removeLast();
      }
      if (set == 0) {
        return;
      }
    }
  }
}
