package bunting.core.dc;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import java.util.TreeSet;

/**
 * A symmetric sparse matrix over the free nodes of a mesh, its order of elimination (least degree
 * first, ties by number) and its fill, found once; then filled and solved as often as one likes.
 */
final class Elimination {
  private final Mesh mesh;
  private final List<TreeSet<Integer>> neighbours = new ArrayList<>();
  private final int[] order;
  private final int[] rank;
  private final int[][] later;
  private final double[][] values;
  private final double[] diagonal;

  Elimination(Mesh mesh) {
    this.mesh = mesh;
    int n = mesh.size();
    rank = new int[n];
    later = new int[n][];
    values = new double[n][];
    diagonal = new double[n];
    for (int v = 0; v < n; v++) {
      neighbours.add(new TreeSet<>());
    }
    mesh.conductors.forEach(c -> join(c.a(), c.b()));
    mesh.loads.forEach(l -> join(l.plus(), l.minus()));
    order = findOrder();
  }

  private void join(int a, int b) {
    if (a != b && !mesh.isHeld(a) && !mesh.isHeld(b)) {
      neighbours.get(a).add(b);
      neighbours.get(b).add(a);
    }
  }

  private record Candidate(int degree, int node) {}

  private int[] findOrder() {
    PriorityQueue<Candidate> queue =
        new PriorityQueue<>(
            Comparator.comparingInt(Candidate::degree).thenComparingInt(Candidate::node));
    for (int v = 0; v < rank.length; v++) {
      rank[v] = -1;
      if (!mesh.isHeld(v)) {
        queue.add(new Candidate(neighbours.get(v).size(), v));
      }
    }
    List<Integer> found = new ArrayList<>();
    while (!queue.isEmpty()) {
      Candidate c = queue.remove();
      TreeSet<Integer> around = neighbours.get(c.node());
      if (rank[c.node()] >= 0 || around.size() != c.degree()) {
        continue;
      }
      rank[c.node()] = found.size();
      found.add(c.node());
      for (int a : around) {
        TreeSet<Integer> other = neighbours.get(a);
        other.addAll(around);
        other.remove(a);
        other.remove(c.node());
        queue.add(new Candidate(other.size(), a));
      }
      later[c.node()] = around.stream().mapToInt(i -> i).toArray();
      values[c.node()] = new double[around.size()];
    }
    return found.stream().mapToInt(i -> i).toArray();
  }

  void clear() {
    for (int v : order) {
      diagonal[v] = 0;
      java.util.Arrays.fill(values[v], 0);
    }
  }

  void addDiagonal(int node, double siemens) {
    diagonal[node] += siemens;
  }

  void addBetween(int a, int b, double siemens) {
    int first = rank[a] < rank[b] ? a : b;
    int second = first == a ? b : a;
    values[first][java.util.Arrays.binarySearch(later[first], second)] += siemens;
  }

  /**
   * Factors and solves in place; the solution of the free nodes goes into {@code solution}. The
   * node of a pivot that is not positive, or -1.
   */
  int solve(double[] right, double[] solution) {
    for (int k : order) {
      double pivot = diagonal[k];
      if (!(pivot > 0)) {
        return k;
      }
      int[] around = later[k];
      for (int i = 0; i < around.length; i++) {
        double share = values[k][i] / pivot;
        diagonal[around[i]] -= share * values[k][i];
        right[around[i]] -= share * right[k];
        for (int j = i + 1; j < around.length; j++) {
          addBetween(around[i], around[j], -share * values[k][j]);
        }
      }
    }
    for (int i = order.length - 1; i >= 0; i--) {
      int k = order[i];
      double sum = right[k];
      for (int j = 0; j < later[k].length; j++) {
        sum -= values[k][j] * solution[later[k][j]];
      }
      solution[k] = sum / diagonal[k];
    }
    return -1;
  }
}
