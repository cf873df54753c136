package bunting.core.bench;

import java.util.List;
import java.util.Optional;

/**
 * The colour order that a run really has, from three answers: which colour was seen when red, green
 * and blue were sent by the order that is planned.
 */
public final class ColourOrder {
  private static final List<Character> SENT = List.of('R', 'G', 'B');

  private ColourOrder() {}

  /**
   * The real order; empty where two of the colours look the same, which no order explains.
   *
   * @param planned letters of the slots as they are planned
   * @param seen the letters that were seen for red, green and blue
   */
  public static Optional<String> of(String planned, String seen) {
    StringBuilder real = new StringBuilder(planned);
    for (int i = 0; i < SENT.size(); i++) {
      int slot = planned.indexOf(SENT.get(i));
      char shown = seen.charAt(i);
      if (slot < 0 || SENT.indexOf(shown) < 0 || seen.indexOf(shown) != seen.lastIndexOf(shown)) {
        return Optional.empty();
      }
      real.setCharAt(slot, shown);
    }
    return Optional.of(real.toString());
  }
}
