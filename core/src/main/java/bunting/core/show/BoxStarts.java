package bunting.core.show;

import java.util.Map;
import java.util.TreeMap;

/**
 * In which universe each box begins.
 *
 * @param every 0: after the box before it; 1: in a fresh universe; n: in a fresh universe whose
 *     number is a multiple of n
 * @param at boxes that begin in a universe of the builder's choice
 */
public record BoxStarts(int every, Map<String, Integer> at) {
  /** Each box goes on after the one before it. */
  public static final BoxStarts FOLLOWING = new BoxStarts(0, Map.of());

  public BoxStarts {
    at = java.util.Collections.unmodifiableMap(new TreeMap<>(at));
  }
}
