package bunting.core.ports;

import bunting.core.show.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * The order of the runs on a port. The list's order stays unless another takes clearly less cable:
 * people look for spoke 2 after spoke 1. The other order is the best of all for up to nine pieces
 * (dynamic programme over subsets, J. ACM 9, 1962), beyond that the nearest next.
 */
final class ChainOrder {
  private static final int EXACT_MAX = 9;

  /** Less than this saved is not worth an order that surprises, metres. */
  private static final double WORTH_M = 1;

  private static final double WORTH_SHARE = 0.15;

  private ChainOrder() {}

  /** Puts the chains of a box into their order; the chains of held runs stay. */
  static void arrange(BoxLoad box, Set<String> held) {
    for (int port = 1; port <= box.ports().size(); port++) {
      List<Piece> pieces = box.ports().get(port - 1).pieces();
      boolean free = pieces.stream().noneMatch(p -> held.contains(p.run().name()));
      if (free && pieces.size() > 1) {
        List<Piece> best = best(box.controller().at(), pieces);
        double now = length(box.controller().at(), pieces);
        double saved = now - length(box.controller().at(), best);
        if (saved >= Math.max(WORTH_M, WORTH_SHARE * now)) {
          box.reorder(port, best);
        }
      }
    }
  }

  /** Metres of data lead of a chain. */
  static double length(Point box, List<Piece> chain) {
    double sum = 0;
    for (int i = 0; i < chain.size(); i++) {
      sum += i == 0 ? chain.get(0).leadFrom(box) : chain.get(i).jointFrom(chain.get(i - 1));
    }
    return sum;
  }

  /** Of the least cable. */
  static List<Piece> best(Point box, List<Piece> pieces) {
    return pieces.size() <= EXACT_MAX ? exact(box, pieces) : nearestNext(box, pieces);
  }

  private static List<Piece> nearestNext(Point box, List<Piece> pieces) {
    List<Piece> left = new ArrayList<>(pieces);
    List<Piece> chain = new ArrayList<>();
    while (!left.isEmpty()) {
      Piece next = left.getFirst();
      double least = Double.MAX_VALUE;
      for (Piece p : left) {
        double metres = chain.isEmpty() ? p.leadFrom(box) : p.jointFrom(chain.getLast());
        if (metres < least - 1e-9) {
          least = metres;
          next = p;
        }
      }
      left.remove(next);
      chain.add(next);
    }
    return chain;
  }

  private static List<Piece> exact(Point box, List<Piece> pieces) {
    int n = pieces.size();
    double[][] cost = new double[1 << n][n];
    int[][] before = new int[1 << n][n];
    for (double[] row : cost) {
      java.util.Arrays.fill(row, Double.MAX_VALUE);
    }
    for (int last = 0; last < n; last++) {
      cost[1 << last][last] = pieces.get(last).leadFrom(box);
      before[1 << last][last] = -1;
    }
    for (int set = 1; set < 1 << n; set++) {
      for (int last = 0; last < n; last++) {
        for (int next = 0; next < n && cost[set][last] < Double.MAX_VALUE; next++) {
          int with = set | 1 << next;
          double sum =
              with == set
                  ? Double.MAX_VALUE
                  : cost[set][last] + pieces.get(next).jointFrom(pieces.get(last));
          if (with != set && sum < cost[with][next] - 1e-9) {
            cost[with][next] = sum;
            before[with][next] = last;
          }
        }
      }
    }
    int all = (1 << n) - 1;
    int last = 0;
    for (int i = 1; i < n; i++) {
      last = cost[all][i] < cost[all][last] - 1e-9 ? i : last;
    }
    List<Piece> chain = new ArrayList<>();
    for (int set = all; last >= 0; ) {
      chain.addFirst(pieces.get(last));
      int previous = before[set][last];
      set &= ~(1 << last);
      last = previous;
    }
    return chain;
  }
}
