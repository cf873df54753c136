package bunting.core.loads;

import java.util.Set;

/** Ids for boards and chains that a plan adds. */
final class FreeIds {
  private FreeIds() {}

  /**
   * Returns the first of {@code D1}, {@code D2}, ... that is not taken.
   *
   * @param taken ids that are; the answer is added
   */
  static String next(String letter, Set<String> taken) {
    int next = 1;
    while (!taken.add(letter + next)) {
      next++;
    }
    return letter + next;
  }
}
