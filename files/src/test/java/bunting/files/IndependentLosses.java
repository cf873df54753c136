package bunting.files;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * A second way to what a loss does, from PLAN.json and the catalogue's figures alone: each island
 * as a dense matrix with pivoting; a pixel is either on (its current, or its power) or below 60 %
 * of its volts (a resistor), and the two sets are changed until they agree with the volts. Slow and
 * plain on purpose.
 */
final class IndependentLosses {
  private static final double DARK = 0.6;
  private static final double OPENS = 1.35;

  private final JsonNode plan;
  private final Map<String, double[]> types; // volts, amps, rail ohms, kind
  private final Map<String, Double> wires; // ohms a metre of one conductor
  private final double leastShare;

  IndependentLosses(
      JsonNode plan, Map<String, double[]> types, Map<String, Double> wires, double leastShare) {
    this.plan = plan;
    this.types = types;
    this.wires = wires;
    this.leastShare = leastShare;
  }

  /** What came out. */
  static final class Answer {
    int dark;
    int noData;
    int belowLeast;
    double lowest = Double.MAX_VALUE;
    final Map<String, Double> overloaded = new HashMap<>();
    final Set<String> opened = new TreeSet<>();
    int darkInTheEnd;
  }

  private static String fuse(JsonNode feed) {
    JsonNode group = feed.path("fuseGroup");
    return group.isNull() || group.isMissingNode() ? feed.path("id").asText() : group.asText();
  }

  /** Without these fuses, and with the lead before a segment cut where one is named. */
  Answer lose(Set<String> fuses, String cut) {
    Map<String, Double> before = new HashMap<>();
    solve(Set.of(), "", before, new ArrayList<>());
    Answer answer = new Answer();
    Set<String> gone = new HashSet<>(fuses);
    boolean first = true;
    while (true) {
      Map<String, Double> amps = new HashMap<>();
      List<double[]> pixels = new ArrayList<>(); // share, 1 where data comes
      solve(gone, cut, amps, pixels);
      int dark = (int) pixels.stream().filter(p -> p[0] < DARK).count();
      Map<String, Double> rating = new HashMap<>();
      plan.path("feeds").forEach(f -> rating.put(fuse(f), f.path("fuseAmps").asDouble()));
      String worst = "";
      double most = 0;
      for (String fuse : new TreeSet<>(amps.keySet())) {
        double now = amps.get(fuse);
        boolean more = now > before.get(fuse) + 1e-6;
        if (first && more && now > rating.get(fuse) + 1e-6) {
          answer.overloaded.put(fuse, now);
        }
        if (more && now >= OPENS * rating.get(fuse) && now / rating.get(fuse) > most + 1e-6) {
          most = now / rating.get(fuse);
          worst = fuse;
        }
      }
      if (first) {
        answer.dark = dark;
        for (double[] p : pixels) {
          answer.noData += p[0] >= DARK && p[1] == 0 ? 1 : 0;
          answer.belowLeast += p[0] >= DARK && p[0] < leastShare - 1e-9 ? 1 : 0;
          answer.lowest = p[0] > 0 ? Math.min(answer.lowest, p[0]) : answer.lowest;
        }
      }
      answer.darkInTheEnd = dark;
      first = false;
      if (worst.isEmpty()) {
        return answer;
      }
      answer.opened.add(worst);
      gone.add(worst);
    }
  }

  /**
   * Solves all ports; amps by fuse, and of each pixel its share of volts and whether data comes.
   */
  private void solve(
      Set<String> gone, String cut, Map<String, Double> amps, List<double[]> pixels) {
    Map<String, List<JsonNode>> chains = new java.util.LinkedHashMap<>();
    plan.path("segments")
        .forEach(
            s ->
                chains
                    .computeIfAbsent(
                        s.path("controller").asText() + " " + s.path("port").asInt(),
                        k -> new ArrayList<>())
                    .add(s));
    for (List<JsonNode> chain : chains.values()) {
      boolean data = true;
      List<JsonNode> here = new ArrayList<>();
      List<int[]> island = new ArrayList<>();
      for (int k = 0; k < chain.size(); k++) {
        JsonNode s = chain.get(k);
        boolean cutHere = s.path("id").asText().equals(cut);
        boolean joined = k > 0 && s.path("powerFromPrevious").asBoolean() && !cutHere;
        if (!joined && !island.isEmpty()) {
          data = take(here, island, gone, amps, pixels, data);
          island.clear();
        }
        data &= !cutHere;
        if (cutHere && joined) {
          throw new IllegalStateException();
        }
        here = chain;
        for (int p = s.path("firstPixel").asInt(); p <= s.path("lastPixel").asInt(); p++) {
          island.add(new int[] {k, p});
          if (broken(s, p)) {
            data = take(here, island, gone, amps, pixels, data);
            island.clear();
          }
        }
      }
      if (!island.isEmpty()) {
        take(here, island, gone, amps, pixels, data);
      }
    }
  }

  private boolean broken(JsonNode segment, int pixel) {
    for (JsonNode b : plan.path("breaks")) {
      if (b.path("segment").equals(segment.path("id")) && b.path("afterPixel").asInt() == pixel) {
        return pixel < segment.path("lastPixel").asInt();
      }
    }
    return false;
  }

  private boolean take(
      List<JsonNode> chain,
      List<int[]> island,
      Set<String> gone,
      Map<String, Double> amps,
      List<double[]> pixels,
      boolean data) {
    int n = island.size();
    double[] rail = new double[n];
    double[] full = new double[n];
    double nominal = 0;
    int[] kind = new int[n];
    List<double[]> feeds = new ArrayList<>();
    List<String> names = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      JsonNode s = chain.get(island.get(i)[0]);
      double[] t = types.get(s.path("pixelType").asText());
      nominal = t[0];
      full[i] = t[1];
      kind[i] = (int) t[3];
      boolean same = i + 1 < n && island.get(i + 1)[0] == island.get(i)[0];
      JsonNode next = i + 1 < n ? chain.get(island.get(i + 1)[0]) : s;
      rail[i] =
          same || i + 1 == n
              ? 2 * t[2]
              : 2 * wires.get(next.path("leadWire").asText()) * next.path("leadM").asDouble();
      for (JsonNode f : plan.path("feeds")) {
        boolean on =
            f.path("segment").equals(s.path("id")) && f.path("atPixel").asInt() == island.get(i)[1];
        if (on) {
          names.add(fuse(f));
          double ohms = 2 * wires.get(f.path("wire").asText()) * f.path("lengthM").asDouble();
          feeds.add(new double[] {i, gone.contains(fuse(f)) ? Double.POSITIVE_INFINITY : ohms});
        }
      }
    }
    double[] v = volts(n, rail, full, nominal, kind, feeds);
    for (int f = 0; f < feeds.size(); f++) {
      double drop = nominal - v[(int) feeds.get(f)[0]];
      amps.merge(names.get(f), drop / feeds.get(f)[1], Double::sum);
    }
    boolean comes = data;
    for (int i = 0; i < n; i++) {
      comes &= v[i] / nominal >= DARK;
      pixels.add(new double[] {v[i] / nominal, comes ? 1 : 0});
    }
    return comes;
  }

  private static double[] volts(
      int n, double[] rail, double[] full, double nominal, int[] kind, List<double[]> feeds) {
    if (feeds.stream().allMatch(f -> Double.isInfinite(f[1]))) {
      return new double[n];
    }
    boolean[] low = new boolean[n];
    double[] v = new double[n];
    java.util.Arrays.fill(v, nominal);
    for (int pass = 0; pass < 300; pass++) {
      double[][] a = new double[n][n + 1];
      for (int i = 0; i + 1 < n; i++) {
        double g = 1 / rail[i];
        a[i][i] += g;
        a[i + 1][i + 1] += g;
        a[i][i + 1] -= g;
        a[i + 1][i] -= g;
      }
      for (double[] f : feeds) {
        a[(int) f[0]][(int) f[0]] += 1 / f[1];
        a[(int) f[0]][n] += nominal / f[1];
      }
      for (int i = 0; i < n; i++) {
        boolean power = kind[i] == 1;
        double floor = power ? full[i] / DARK : full[i];
        if (kind[i] == 2) {
          a[i][i] += full[i] / nominal;
        } else if (low[i]) {
          a[i][i] += floor / (DARK * nominal);
        } else {
          a[i][n] -= power ? full[i] * nominal / v[i] : full[i];
        }
      }
      double[] next = gauss(a);
      boolean same = true;
      double step = 0;
      for (int i = 0; i < n; i++) {
        boolean under = next[i] < DARK * nominal;
        same &= under == low[i];
        low[i] = under;
        step = Math.max(step, Math.abs(next[i] - v[i]));
        v[i] = next[i];
      }
      if (same && step < 1e-8) {
        return v;
      }
    }
    throw new AssertionError("the reference does not settle");
  }

  private static double[] gauss(double[][] a) {
    int m = a.length;
    for (int c = 0; c < m; c++) {
      int best = c;
      for (int r = c + 1; r < m; r++) {
        best = Math.abs(a[r][c]) > Math.abs(a[best][c]) ? r : best;
      }
      double[] swap = a[c];
      a[c] = a[best];
      a[best] = swap;
      for (int r = c + 1; r < m; r++) {
        double f = a[r][c] / a[c][c];
        if (f != 0) {
          for (int k = c; k <= m; k++) {
            a[r][k] -= f * a[c][k];
          }
        }
      }
    }
    double[] x = new double[m];
    for (int r = m - 1; r >= 0; r--) {
      double sum = a[r][m];
      for (int k = r + 1; k < m; k++) {
        sum -= a[r][k] * x[k];
      }
      x[r] = sum / a[r][r];
    }
    return x;
  }
}
