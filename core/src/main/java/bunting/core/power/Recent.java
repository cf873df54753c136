package bunting.core.power;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;

/**
 * Answers of a pure function that were asked for lately, the oldest let go. Nothing depends on what
 * is kept: it could be computed again.
 */
final class Recent<K, V> {
  private final Map<K, V> kept;

  /** Keeps so many. */
  Recent(int most) {
    kept =
        new LinkedHashMap<>(64, 0.75f, true) {
          private static final long serialVersionUID = 1;

          @Override
          protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
            return size() > most;
          }
        };
  }

  /** The answer, as it was given before or from the supplier. */
  V answer(K asked, Supplier<V> compute) {
    synchronized (kept) {
      V known = kept.get(asked);
      if (known != null) {
        return known;
      }
    }
    V found = compute.get();
    synchronized (kept) {
      kept.put(asked, found);
    }
    return found;
  }
}
