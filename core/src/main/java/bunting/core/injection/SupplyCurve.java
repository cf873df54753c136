package bunting.core.injection;

import bunting.core.dc.Line;
import bunting.core.show.LoadKind;
import java.util.TreeSet;

/**
 * What the part of a line up to some pixel can send on to the right, as a function of that pixel's
 * volts: values at fixed volts, and between them
 *
 * <ul>
 *   <li>a straight line through two, exact where every current is linear in the volts;
 *   <li>the cubic through four, within microvolts for constant power;
 *   <li>straight pieces between some fifty, the corners of the pixel's own curve among them, where
 *       pixels lose headroom below the limit.
 * </ul>
 */
final class SupplyCurve {
  private static final int STEPS_MAX = 40;
  private static final int SMOOTH_POINTS = 4;
  private static final int CORNERED_PIECES = 48;

  /** Volts within which a step is at rest. */
  private static final double REST_VOLTS = 1e-13;

  private final double[] at;
  private final double[] weight;
  private final boolean pieces;

  private SupplyCurve(double[] at, boolean pieces) {
    this.at = at;
    this.pieces = pieces;
    this.weight = new double[at.length];
    for (int m = 0; m < at.length; m++) {
      double product = 1;
      for (int k = 0; k < at.length; k++) {
        product *= k == m ? 1 : at[m] - at[k];
      }
      weight[m] = 1 / product;
    }
  }

  /** The kind of curve that the pixels of a line ask for, between two volts. */
  static SupplyCurve of(Line line, double least, double most) {
    boolean straight = true;
    boolean cornered = false;
    for (int i = 0; i < line.size(); i++) {
      boolean level = line.kind(i) == LoadKind.HEADROOM && line.levelFrom(least);
      straight &= line.linearAt(i) || level;
      cornered |= line.kind(i) == LoadKind.HEADROOM && !level;
    }
    if (cornered) {
      TreeSet<Double> volts = new TreeSet<>(line.corners(least, most));
      for (int m = 0; m <= CORNERED_PIECES; m++) {
        volts.add(least + (most - least) * m / CORNERED_PIECES);
      }
      return new SupplyCurve(volts.stream().mapToDouble(v -> v).toArray(), true);
    }
    double[] at = new double[straight ? 2 : SMOOTH_POINTS];
    for (int m = 0; m < at.length; m++) {
      at[m] = least + (most - least) * m / (at.length - 1);
    }
    return new SupplyCurve(at, false);
  }

  int points() {
    return at.length;
  }

  double volts(int m) {
    return at[m];
  }

  /** The value of a curve at some volts. */
  double value(double[] curve, double volts) {
    if (pieces) {
      int m = piece(volts);
      return curve[m] + rise(curve, m) * (volts - at[m]);
    }
    if (at.length == 2) {
      return curve[0] + (curve[1] - curve[0]) * (volts - at[0]) * weight[1];
    }
    double sum = 0;
    for (int m = 0; m < at.length; m++) {
      double term = curve[m] * weight[m];
      for (int k = 0; k < at.length; k++) {
        term *= k == m ? 1 : volts - at[k];
      }
      sum += term;
    }
    return sum;
  }

  private int piece(double volts) {
    int found = java.util.Arrays.binarySearch(at, volts);
    int m = found >= 0 ? found : -found - 2;
    return Math.clamp(m, 0, at.length - 2);
  }

  private double rise(double[] curve, int m) {
    return (curve[m + 1] - curve[m]) / (at[m + 1] - at[m]);
  }

  private double slope(double[] curve, double volts) {
    if (pieces) {
      return rise(curve, piece(volts));
    }
    double sum = 0;
    for (int m = 0; m < at.length; m++) {
      double part = 0;
      for (int k = 0; k < at.length; k++) {
        double product = k == m ? 0 : 1;
        for (int q = 0; q < at.length && k != m; q++) {
          product *= q == m || q == k ? 1 : volts - at[q];
        }
        part += product;
      }
      sum += part * curve[m] * weight[m];
    }
    return sum;
  }

  /** The same curve seen from behind a resistance to the right. */
  double[] behind(double[] curve, double ohms) {
    double[] next = new double[at.length];
    if (at.length == 2) {
      double stretch = 1 - ohms * (curve[1] - curve[0]) * weight[1];
      next[0] = curve[0] / stretch;
      next[1] = curve[1] / stretch;
      return next;
    }
    for (int m = 0; m < at.length; m++) {
      next[m] = value(curve, before(curve, ohms, at[m]));
    }
    return next;
  }

  /** The volts before the resistance that give these volts behind it (Newton). */
  private double before(double[] curve, double ohms, double behind) {
    double v = behind;
    for (int step = 0; step < STEPS_MAX; step++) {
      double miss = v - ohms * value(curve, v) - behind;
      double move = miss / (1 - ohms * slope(curve, v));
      v -= move;
      if (Math.abs(move) < REST_VOLTS * Math.max(1, Math.abs(v))) {
        break;
      }
    }
    return v;
  }
}
