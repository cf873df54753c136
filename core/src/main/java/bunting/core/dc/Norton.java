package bunting.core.dc;

import bunting.core.dc.Line.Feed;

/**
 * All that hangs on one side of a pixel, as its two nodes see it: amps into V+ and into ground are
 * (jp, jm) - G (p, m), where p and m are the nodes' volts and G = (pp, pm; pm, mm) is in siemens.
 * Norton's theorem for two nodes.
 */
final class Norton {
  /** Stands in for a cable of no length, ohms: 30 A across it lose 15 nV. */
  private static final double LEAST_OHMS = 5e-10;

  double pp;
  double pm;
  double mm;
  double jp;
  double jm;

  static double plusSiemens(Feed feed) {
    return 1 / Math.max(feed.ohms().plus(), LEAST_OHMS);
  }

  static double groundSiemens(Feed feed) {
    return 1 / Math.max(feed.ohms().ground(), LEAST_OHMS);
  }

  static double loopSiemens(Feed feed) {
    return 1 / Math.max(feed.ohms().loop(), 2 * LEAST_OHMS);
  }

  /** Adds what draws amps, and more with more volts, from V+ to ground. */
  void load(double siemens, double amps) {
    pp += siemens;
    mm += siemens;
    pm -= siemens;
    jp -= amps;
    jm += amps;
  }

  /**
   * What the feeds of a line bring to each of its pixels from one to another, four numbers a pixel:
   * siemens to plus and to ground, amps into plus and into ground where both nodes are at 0 V.
   */
  static double[] sources(Line line, int first, int last) {
    double[] all = new double[4 * (last - first + 1)];
    for (Feed f : line.feeds()) {
      int k = 4 * (f.at() - first);
      double plus = plusSiemens(f);
      double ground = groundSiemens(f);
      all[k] += plus;
      all[k + 1] += ground;
      all[k + 2] += plus * f.source().plus();
      all[k + 3] += ground * f.source().ground();
    }
    return all;
  }

  /** Adds the feeds of a pixel, counted from the first of {@link #sources}. */
  void feeds(double[] sources, int pixel) {
    pp += sources[4 * pixel];
    mm += sources[4 * pixel + 1];
    jp += sources[4 * pixel + 2];
    jm += sources[4 * pixel + 3];
  }

  /**
   * Moves to the far end of two rails of so many ohms each: J becomes (1 + ohms G)^-1 J, G becomes
   * (1 + ohms G)^-1 G.
   *
   * @return false: 1 + ohms G is not positive definite, and it was left as it was
   */
  boolean over(double ohms) {
    double a = 1 + ohms * pp;
    double b = ohms * pm;
    double d = 1 + ohms * mm;
    double det = a * d - b * b;
    if (a <= 0 || det <= 0) {
      return false;
    }
    double own = ohms * (pp * mm - pm * pm);
    double plus = jp + ohms * (mm * jp - pm * jm);
    jm = (jm + ohms * (pp * jm - pm * jp)) / det;
    jp = plus / det;
    pp = (pp + own) / det;
    mm = (mm + own) / det;
    pm /= det;
    return true;
  }

  /** What both nodes have to ground together, siemens: how stiffly both are held at once. */
  double common() {
    return pp + 2 * pm + mm;
  }
}
