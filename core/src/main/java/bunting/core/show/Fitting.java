package bunting.core.show;

import java.util.Optional;

/**
 * How the slots of a run lie on its pixels.
 *
 * @param grouping so many neighbouring pixels share one set of slots, 1 or more
 * @param order colour order where it is not that of the type, a rearrangement of the type's letters
 * @param reversed the first slots belong to the far end of each segment; the wire stays as it is
 */
public record Fitting(int grouping, Optional<String> order, boolean reversed) {
  /** Each pixel its own slots, the type's order, from the feed end on. */
  public static final Fitting PLAIN = new Fitting(1, Optional.empty(), false);

  /** Most neighbours on one set of slots. */
  public static final int GROUPING_MAX = 1000;

  /** Sets of slots that so many pixels take. */
  public int sets(int pixels) {
    return (pixels + grouping - 1) / grouping;
  }

  /** Whether an order has the letters of another, rearranged. */
  public static boolean rearranges(String order, String letters) {
    return order.length() == letters.length()
        && order
            .chars()
            .sorted()
            .boxed()
            .toList()
            .equals(letters.chars().sorted().boxed().toList());
  }
}
