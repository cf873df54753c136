package bunting.core.faults;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** What a test may answer, each answer with the causes that would give it. */
final class Answers {
  /** Less than this, in bits, tells nothing. */
  private static final double LEAST_BITS = 0.02;

  /** So many answers, and kinds in one, are said. */
  private static final int SAID = 3;

  private final Map<String, List<Cause>> by = new LinkedHashMap<>();

  /** A cause answers so. */
  void add(String answer, Cause cause) {
    by.computeIfAbsent(answer, k -> new ArrayList<>()).add(cause);
  }

  /** Entropy that the test takes away on the mean, bits over its effort; empty: as good as none. */
  Optional<Double> worth(double effort) {
    List<Cause> all = by.values().stream().flatMap(List::stream).toList();
    double sum = sum(all);
    double left = 0;
    for (List<Cause> group : by.values()) {
      left += sum(group) / sum * bits(group);
    }
    double gain = sum > 0 ? bits(all) - left : 0;
    return gain < LEAST_BITS ? Optional.empty() : Optional.of(gain / effort);
  }

  private static double sum(List<Cause> causes) {
    return causes.stream().mapToDouble(Cause::share).sum();
  }

  private static double bits(List<Cause> causes) {
    double sum = sum(causes);
    double bits = 0;
    for (Cause c : causes) {
      double p = sum > 0 ? c.share() / sum : 0;
      bits -= p > 0 ? p * Math.log(p) / Math.log(2) : 0;
    }
    return bits;
  }

  /** The likeliest answers and what each would mean. */
  String tells() {
    List<Map.Entry<String, List<Cause>>> likeliest = new ArrayList<>(by.entrySet());
    likeliest.sort(
        Comparator.comparingDouble((Map.Entry<String, List<Cause>> e) -> -sum(e.getValue())));
    return likeliest.stream()
        .limit(SAID)
        .map(e -> e.getKey() + ": " + kinds(e.getValue()))
        .collect(Collectors.joining("; "));
  }

  private static String kinds(List<Cause> causes) {
    return causes.stream()
        .map(c -> c.fault().kind().id())
        .distinct()
        .limit(SAID)
        .collect(Collectors.joining(" or "));
  }
}
