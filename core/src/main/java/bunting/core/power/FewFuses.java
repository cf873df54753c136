package bunting.core.power;

import bunting.core.copper.Fuses;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The fewest sizes of fuse from which every fuse can have one between the least that bears its load
 * and the most that its wires and rails bear; of so few sizes those that add up to the least amps,
 * since a smaller fuse protects more. All sets of standard sizes are weighed, so that is exact.
 * People stock one size, two at the most (common practice, no source).
 */
final class FewFuses {
  /**
   * What a fuse may be, amps.
   *
   * @param least the size next above its load; 0: no size fits, and it has none
   * @param most the largest that is freely taken, at least {@code least}
   */
  record Range(double least, double most) {}

  private final List<Double> sizes = Fuses.sizes();
  private final List<Range> ranges;

  private FewFuses(List<Range> ranges) {
    this.ranges = ranges;
  }

  /** A size for each fuse. */
  static List<Double> of(List<Range> ranges) {
    FewFuses few = new FewFuses(ranges);
    List<Range> kinds = ranges.stream().distinct().filter(r -> r.least() > 0).toList();
    List<Double> best = few.sizes;
    double bestAmps = Double.MAX_VALUE;
    for (int set = 1; set < 1 << few.sizes.size(); set++) {
      List<Double> some = few.some(set);
      double amps = some.stream().mapToDouble(s -> s).sum();
      boolean fewer = some.size() < best.size() || (some.size() == best.size() && amps < bestAmps);
      if (fewer && kinds.stream().allMatch(r -> in(r, some).isPresent())) {
        best = some;
        bestAmps = amps;
      }
    }
    List<Double> chosen = best;
    return few.ranges.stream().map(r -> in(r, chosen).orElse(r.least())).toList();
  }

  private List<Double> some(int set) {
    List<Double> some = new ArrayList<>();
    for (int i = 0; i < sizes.size(); i++) {
      if ((set >> i & 1) == 1) {
        some.add(sizes.get(i));
      }
    }
    return some;
  }

  /** The smallest of some sizes that a fuse may have. */
  private static OptionalDouble in(Range range, List<Double> some) {
    return some.stream()
        .mapToDouble(s -> s)
        .filter(s -> s >= range.least() && s <= range.most())
        .findFirst();
  }
}
