package bunting.core.injection;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Thins placings: one is needless where at each volts that it allows itself some other allows them
 * too and sends on at least as much. Two curves cross at most once here: both fall, and the one of
 * the nearer feed falls faster.
 */
final class Frontier {
  /** Amps within which two placings send on the same. */
  private static final double EQUAL_AMPS = 1e-11;

  /** Steps of halving that find where two curves cross: 2^-40 of the range. */
  private static final int CROSSING_STEPS = 40;

  private Frontier() {}

  /** Those of the placings that are not needless, by least volts, ties as they came. */
  static List<Placing> thin(SupplyCurve scale, List<Placing> all) {
    if (all.size() < 2) {
      return all;
    }
    List<Placing> sorted = new ArrayList<>(all);
    sorted.sort(Comparator.comparingDouble(p -> p.least));
    List<Placing> kept = new ArrayList<>();
    for (Placing p : sorted) {
      if (!coveredByOne(scale, kept, p)) {
        kept.add(p);
      }
    }
    List<Placing> result = new ArrayList<>(kept);
    for (int i = kept.size() - 1; i >= 0; i--) {
      Placing p = kept.get(i);
      if (result.size() > 2 && coveredTogether(scale, result, p)) {
        result.remove(p);
      }
    }
    return result;
  }

  /** The best placings at evenly spread volts. */
  static List<Placing> spread(SupplyCurve scale, List<Placing> all, int most) {
    List<Placing> result = new ArrayList<>();
    double low = scale.volts(0);
    double high = scale.volts(scale.points() - 1);
    for (int s = 0; s < most; s++) {
      double volts = low + (high - low) * s / (most - 1);
      Placing best = null;
      for (Placing p : all) {
        boolean better =
            p.least <= volts
                && (best == null || scale.value(p.curve, volts) > scale.value(best.curve, volts));
        best = better ? p : best;
      }
      if (best != null && !result.contains(best)) {
        result.add(best);
      }
    }
    return result;
  }

  private static boolean coveredByOne(SupplyCurve scale, List<Placing> kept, Placing p) {
    for (int k = kept.size() - 1; k >= 0; k--) {
      if (covers(scale, kept.get(k), p)) {
        return true;
      }
    }
    return false;
  }

  /** Whether the first does at least as much as the second at all volts that this allows. */
  static boolean covers(SupplyCurve scale, Placing q, Placing p) {
    return q.least <= p.least
        && atTop(scale, q) >= atTop(scale, p) - EQUAL_AMPS
        && beats(scale, q, p, p.least);
  }

  private static double atTop(SupplyCurve scale, Placing p) {
    return p.curve[scale.points() - 1];
  }

  private static boolean beats(SupplyCurve scale, Placing q, Placing p, double volts) {
    return scale.value(q.curve, volts) >= scale.value(p.curve, volts) - EQUAL_AMPS;
  }

  /** Whether the others, each where it is allowed and better, cover all volts of this one. */
  private static boolean coveredTogether(SupplyCurve scale, List<Placing> all, Placing p) {
    double top = scale.volts(scale.points() - 1);
    double covered = p.least;
    boolean grew = true;
    while (grew && covered < top) {
      grew = false;
      for (Placing q : all) {
        if (q != p && q.least <= covered && beats(scale, q, p, covered)) {
          double to = coversTo(scale, q, p, covered, top);
          if (to > covered) {
            covered = to;
            grew = true;
          }
        }
      }
    }
    return covered >= top;
  }

  private static double coversTo(SupplyCurve scale, Placing q, Placing p, double from, double top) {
    if (beats(scale, q, p, top)) {
      return top;
    }
    double low = from;
    double high = top;
    if (scale.points() == 2) {
      double gapLow = scale.value(q.curve, low) - scale.value(p.curve, low) + EQUAL_AMPS;
      double gapHigh = scale.value(q.curve, high) - scale.value(p.curve, high) + EQUAL_AMPS;
      return low + (high - low) * gapLow / (gapLow - gapHigh);
    }
    for (int step = 0; step < CROSSING_STEPS; step++) {
      double middle = (low + high) / 2;
      if (beats(scale, q, p, middle)) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return low;
  }
}
