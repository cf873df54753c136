package bunting.core.guess;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A run that is worth a second walk with the tape.
 *
 * @param run its name
 * @param flips what hangs on its measure, what it brings by itself first
 */
public record Walk(String run, List<Flip> flips) {
  public Walk {
    flips = List.copyOf(flips);
  }

  /** The walks that are worth it, the one that settles most first. */
  public static List<Walk> of(List<Flip> flips) {
    Map<String, List<Flip>> byRun = new LinkedHashMap<>();
    for (Flip f : flips) {
      f.runs().forEach(r -> byRun.computeIfAbsent(r, k -> new ArrayList<>()).add(f));
    }
    List<Walk> walks = new ArrayList<>();
    byRun.forEach(
        (run, list) -> {
          list.sort(Comparator.comparing((Flip f) -> f.alone().isEmpty()));
          walks.add(new Walk(run, list));
        });
    walks.sort(
        Comparator.comparingLong((Walk w) -> -w.alone())
            .thenComparing(w -> -w.flips().size())
            .thenComparing(Walk::run));
    return walks;
  }

  /** How much it settles by itself. */
  public long alone() {
    return flips.stream().filter(f -> !f.alone().isEmpty()).count();
  }
}
