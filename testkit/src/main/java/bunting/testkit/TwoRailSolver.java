package bunting.testkit;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;

/**
 * A second, independent way to the volts of an island: both rails as nodes of their own, the dense
 * matrix of all of them, Gauss with pivoting, and for constant power a damped fixed point in place
 * of Newton. Slow and plain on purpose.
 */
final class TwoRailSolver {
  private final List<double[]> resistors = new ArrayList<>(); // node a, node b, ohms
  private final List<double[]> sources = new ArrayList<>(); // node, ohms, volts
  private final List<double[]> loads = new ArrayList<>(); // nominal amps, kind
  private final double nominalVolts;

  TwoRailSolver(double nominalVolts) {
    this.nominalVolts = nominalVolts;
  }

  int addPixel(double nominalAmps, JsonNode load) {
    int kind =
        switch (load.asText("constant-current")) {
          case "constant-current" -> 0;
          case "constant-power" -> 1;
          default -> 2;
        };
    loads.add(new double[] {nominalAmps, kind});
    return loads.size() - 1;
  }

  /** One conductor of so many ohms on each rail between two pixels. */
  void join(int a, int b, double ohmsPerRail) {
    resistors.add(new double[] {2.0 * a, 2.0 * b, ohmsPerRail});
    resistors.add(new double[] {2.0 * a + 1, 2.0 * b + 1, ohmsPerRail});
  }

  /** A feed of so many ohms a conductor; returns its number. */
  int feed(int pixel, double ohmsPerConductor, double supplyVolts) {
    double ohms = Math.max(ohmsPerConductor, 1e-7); // a lead of no length
    sources.add(new double[] {2.0 * pixel, ohms, supplyVolts});
    sources.add(new double[] {2.0 * pixel + 1, ohms, 0});
    return sources.size() / 2 - 1;
  }

  /** Volts across each pixel. */
  double[] volts() {
    int n = loads.size();
    double[] v = new double[n];
    java.util.Arrays.fill(v, nominalVolts);
    for (int pass = 0; pass < 400; pass++) {
      double[] nodes = linear(v);
      double change = 0;
      for (int i = 0; i < n; i++) {
        double next = nodes[2 * i] - nodes[2 * i + 1];
        change = Math.max(change, Math.abs(next - v[i]));
        v[i] = next;
      }
      potentials = nodes;
      if (change < 1e-7) {
        return v;
      }
    }
    throw new AssertionError("the reference solver does not settle");
  }

  private double[] potentials = {};

  double feedAmps(int feed) {
    double[] plus = sources.get(2 * feed);
    return (plus[2] - potentials[(int) plus[0]]) / plus[1];
  }

  private double[] linear(double[] v) {
    int m = 2 * loads.size();
    double[][] a = new double[m][m + 1];
    for (double[] r : resistors) {
      stamp(a, (int) r[0], (int) r[1], 1 / r[2]);
    }
    for (double[] s : sources) {
      a[(int) s[0]][(int) s[0]] += 1 / s[1];
      a[(int) s[0]][m] += s[2] / s[1];
    }
    for (int i = 0; i < loads.size(); i++) {
      double amps = loads.get(i)[0];
      int kind = (int) loads.get(i)[1];
      if (kind == 2) {
        stamp(a, 2 * i, 2 * i + 1, amps / nominalVolts);
      } else {
        double draw = kind == 0 ? amps : amps * nominalVolts / v[i];
        a[2 * i][m] -= draw;
        a[2 * i + 1][m] += draw;
      }
    }
    return gauss(a);
  }

  private static void stamp(double[][] a, int p, int q, double siemens) {
    a[p][p] += siemens;
    a[q][q] += siemens;
    a[p][q] -= siemens;
    a[q][p] -= siemens;
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
