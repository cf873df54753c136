package bunting.core.injection;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Feeds up to some pixel, and what that part of the line can do for the rest. */
final class Placing {
  /** A cable of no length would make a curve without end; 10 A across this lose 0.1 uV. */
  static final double LEAST_OHMS = 1e-8;

  /** Amps sent on, at the volts of the scale. */
  final double[] curve;

  /** Volts of this pixel below which some pixel before it falls below the limit. */
  final double least;

  private final int feedAt;
  private final Optional<Placing> before;

  private Placing(double[] curve, double least, int feedAt, Optional<Placing> before) {
    this.curve = curve;
    this.least = least;
    this.feedAt = feedAt;
    this.before = before;
  }

  /** No pixel and no feed yet. */
  static Placing bare(SupplyCurve scale, double limit) {
    return new Placing(new double[scale.points()], limit, -1, Optional.empty());
  }

  /** The same feeds, a pixel further. */
  Placing at(double[] next, double volts) {
    return new Placing(next, volts, feedAt, before);
  }

  /** One feed more. */
  Placing withFeed(double[] next, double volts, int index) {
    return new Placing(next, volts, index, Optional.of(this));
  }

  /** Its feeds and those of another part, rising. */
  int[] feedsWith(Placing other) {
    List<Integer> list = new ArrayList<>();
    for (Placing end : List.of(this, other)) {
      Placing p = end;
      while (p.feedAt >= 0) {
        list.add(p.feedAt);
        p = p.before.orElseThrow();
      }
    }
    return list.stream().mapToInt(i -> i).sorted().toArray();
  }
}
