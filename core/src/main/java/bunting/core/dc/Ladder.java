package bunting.core.dc;

import bunting.core.dc.Line.Feed;
import java.util.List;

/**
 * Elimination on a line whose pixels were linearised: to the right, then back. Where the ways of
 * its feeds are even, and beyond the outermost feeds of any line, go and return carry the same
 * amps: one rail with the resistance of both says all. Between feeds that are not even both rails
 * are there ({@link Norton}).
 */
final class Ladder {
  private final Line line;

  /** Whether both rails are reckoned anywhere: from the first feed's pixel to the last one's. */
  private final boolean both;

  private final int first;
  private final int last;
  private final double[] leftG;
  private final double[] leftJ;
  private final double[] sourceG;
  private final double[] sourceJ;
  private final double[] sources;

  /** Of each pixel between {@code first} and {@code last}: pp, pm, mm, jp, jm. */
  private final double[] left;

  private final double[] plus;
  private final double[] ground;

  Ladder(Line line) {
    this.line = line;
    int n = line.size();
    List<Feed> feeds = line.feeds();
    both = line.uneven();
    first = both ? feeds.stream().mapToInt(Feed::at).min().orElseThrow() : n;
    last = both ? feeds.stream().mapToInt(Feed::at).max().orElseThrow() : n;
    leftG = new double[n];
    leftJ = new double[n];
    sourceG = new double[both ? 0 : n];
    sourceJ = new double[both ? 0 : n];
    sources = both ? Norton.sources(line, first, last) : new double[0];
    int wide = both ? last - first + 1 : 0;
    left = new double[5 * wide];
    plus = new double[wide];
    ground = new double[wide];
    for (Feed f : both ? List.<Feed>of() : feeds) {
      double siemens = Norton.loopSiemens(f);
      sourceG[f.at()] += siemens;
      sourceJ[f.at()] += siemens * f.source().across();
    }
  }

  /** One sweep to the right; the index of a pivot that is not positive, or -1. */
  int eliminate(double[] volts) {
    double g = 0;
    double j = 0;
    for (int i = 0; i < volts.length; i++) {
      if (i > 0) {
        double pivot = 1 + g * line.loopOhms[i - 1];
        if (pivot <= 0) {
          return i - 1;
        }
        g /= pivot;
        j /= pivot;
      }
      if (i == first) {
        int pivot = eliminateBoth(volts, g, j);
        if (pivot >= 0) {
          return pivot;
        }
        i = last;
        g = leftG[i];
        j = leftJ[i];
        continue;
      }
      double slope = line.slopeAt(i, volts[i]);
      g += slope;
      j -= line.ampsAt(i, volts[i]) - slope * volts[i];
      if (!both) {
        g += sourceG[i];
        j += sourceJ[i];
      }
      leftG[i] = g;
      leftJ[i] = j;
    }
    return g > 0 ? -1 : volts.length - 1;
  }

  /** From the first feed to the last, with what lies left of the first; then one rail again. */
  private int eliminateBoth(double[] volts, double siemens, double amps) {
    Norton here = new Norton();
    here.load(siemens, -amps);
    for (int i = first; i <= last; i++) {
      if (i > first && !here.over(line.loopOhms[i - 1] / 2)) {
        return i - 1;
      }
      double slope = line.slopeAt(i, volts[i]);
      here.load(slope, line.ampsAt(i, volts[i]) - slope * volts[i]);
      here.feeds(sources, i - first);
      int k = 5 * (i - first);
      left[k] = here.pp;
      left[k + 1] = here.pm;
      left[k + 2] = here.mm;
      left[k + 3] = here.jp;
      left[k + 4] = here.jm;
    }
    double common = here.common();
    if (common <= 0) {
      return last;
    }
    // Right of the last feed what goes comes back: amps into V+ are those out of ground.
    leftG[last] = (here.pp * here.mm - here.pm * here.pm) / common;
    leftJ[last] = (here.jp * (here.pm + here.mm) - here.jm * (here.pp + here.pm)) / common;
    return -1;
  }

  /** One sweep to the left; the largest change of any pixel's volts. */
  double substitute(double[] volts) {
    int end = volts.length - 1;
    double v = leftJ[end] / leftG[end];
    double step = Math.abs(v - volts[end]);
    volts[end] = v;
    for (int i = end - 1; i >= 0; i--) {
      if (i >= first && i < last) {
        v = back(i, volts[i + 1]);
      } else {
        double ohms = line.loopOhms[i];
        v += ohms * (leftJ[i] - leftG[i] * v) / (1 + leftG[i] * ohms);
      }
      step = Math.max(step, Math.abs(v - volts[i]));
      volts[i] = v;
    }
    if (both && first == last) {
      part(volts[last]);
    }
    return step;
  }

  /** Volts across a pixel between the feeds from those of the next. */
  private double back(int i, double nextVolts) {
    if (i == last - 1) {
      part(nextVolts);
    }
    int k = 5 * (i - first);
    double ohms = line.loopOhms[i] / 2;
    double a = 1 + ohms * left[k];
    double b = ohms * left[k + 1];
    double d = 1 + ohms * left[k + 2];
    double det = a * d - b * b;
    double p = plus[i - first + 1] + ohms * left[k + 3];
    double m = ground[i - first + 1] + ohms * left[k + 4];
    plus[i - first] = (d * p - b * m) / det;
    ground[i - first] = (a * m - b * p) / det;
    return plus[i - first] - ground[i - first];
  }

  /** Where the two nodes of the last feed's pixel are, by the volts between them. */
  private void part(double volts) {
    int k = left.length - 5;
    double toPlus = left[k] + left[k + 1];
    double common = toPlus + left[k + 1] + left[k + 2];
    ground[last - first] = (left[k + 3] + left[k + 4] - toPlus * volts) / common;
    plus[last - first] = ground[last - first] + volts;
  }

  /** Amps through the V+ of a feed, after the last sweep to the left. */
  double amps(Feed feed, double[] volts) {
    return !both
        ? (feed.source().across() - volts[feed.at()]) * Norton.loopSiemens(feed)
        : (feed.source().plus() - plus[feed.at() - first]) * Norton.plusSiemens(feed);
  }

  /** Amps back through its ground. */
  double returnAmps(Feed feed, double[] volts) {
    return !both
        ? amps(feed, volts)
        : (ground[feed.at() - first] - feed.source().ground()) * Norton.groundSiemens(feed);
  }
}
