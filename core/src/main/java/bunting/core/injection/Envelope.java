package bunting.core.injection;

/**
 * The most that any of some placings sends on, by the volts of their last pixel: the upper envelope
 * of straight lines, each of which counts from its least volts on. Whatever lies under it is
 * needless, since at any volts another does as much.
 *
 * <p><b>Cost.</b> A placing is held against each piece of the envelope; there are a few to a few
 * dozen.
 */
final class Envelope {
  /** Amps within which two placings send on the same. */
  private static final double EQUAL_AMPS = 1e-11;

  private static final int PIECES = 16;

  private final double top;
  private double[] from = new double[PIECES];
  private double[] a = new double[PIECES];
  private double[] g = new double[PIECES];
  private int size;
  private double[] nextFrom = new double[PIECES];
  private double[] nextA = new double[PIECES];
  private double[] nextG = new double[PIECES];
  private int nextSize;

  /**
   * Nothing sends on anything yet.
   *
   * @param top the most volts there are
   */
  Envelope(double top) {
    this.top = top;
  }

  /**
   * Raises the envelope by a placing that sends on {@code a - g v} from {@code least} volts on;
   * false: it lies under it, and nothing has changed.
   */
  boolean raise(double lineA, double lineG, double least) {
    if (least > top || !rises(lineA, lineG, least)) {
      return false;
    }
    nextSize = 0;
    double reached = size == 0 ? top : from[0];
    if (least < reached) {
      put(least, lineA, lineG);
    }
    for (int k = 0; k < size; k++) {
      double to = k + 1 < size ? from[k + 1] : top;
      double low = from[k];
      if (least > low) {
        put(low, a[k], g[k]);
        if (least > to) {
          continue;
        }
        low = least;
      }
      double before = over(k, lineA, lineG, low);
      double after = over(k, lineA, lineG, to);
      if (before > 0 && after > 0) {
        put(low, lineA, lineG);
      } else if (before <= 0 && after <= 0) {
        put(low, a[k], g[k]);
      } else {
        double cross = low + (to - low) * before / (before - after);
        put(low, before > 0 ? lineA : a[k], before > 0 ? lineG : g[k]);
        put(cross, before > 0 ? a[k] : lineA, before > 0 ? g[k] : lineG);
      }
    }
    swap();
    return true;
  }

  private boolean rises(double lineA, double lineG, double least) {
    if (size == 0 || least < from[0]) {
      return true;
    }
    for (int k = size - 1; k >= 0; k--) {
      double to = k + 1 < size ? from[k + 1] : top;
      if (over(k, lineA, lineG, to) > EQUAL_AMPS) {
        return true;
      }
      if (from[k] <= least) {
        return over(k, lineA, lineG, least) > EQUAL_AMPS;
      }
    }
    return false;
  }

  /** How much more a line sends on than piece {@code k} at some volts. */
  private double over(int k, double lineA, double lineG, double volts) {
    return lineA - a[k] - (lineG - g[k]) * volts;
  }

  private void put(double volts, double lineA, double lineG) {
    if (nextSize > 0 && nextA[nextSize - 1] == lineA && nextG[nextSize - 1] == lineG) {
      return;
    }
    if (nextSize > 0 && nextFrom[nextSize - 1] >= volts) {
      nextSize--; // it was no wider than a point
    }
    if (nextSize == nextFrom.length) {
      nextFrom = java.util.Arrays.copyOf(nextFrom, 2 * nextSize);
      nextA = java.util.Arrays.copyOf(nextA, 2 * nextSize);
      nextG = java.util.Arrays.copyOf(nextG, 2 * nextSize);
    }
    nextFrom[nextSize] = volts;
    nextA[nextSize] = lineA;
    nextG[nextSize] = lineG;
    nextSize++;
  }

  private void swap() {
    double[] f = from;
    double[] oldA = a;
    double[] oldG = g;
    from = nextFrom;
    a = nextA;
    g = nextG;
    size = nextSize;
    nextFrom = f;
    nextA = oldA;
    nextG = oldG;
  }
}
