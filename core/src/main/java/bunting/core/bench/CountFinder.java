package bunting.core.bench;

/**
 * Finds how many pixels a run really has, by bisection. Pixels before a mark are sent blue, the
 * mark and all behind it white; the question is whether anything white is seen. Counts are mostly
 * near the plan: the last 32 are asked first, which takes five answers; only where all of those are
 * missing the rest is. A count beyond the plan cannot be sent to: the last pixel white, with dark
 * ones behind, are counted by eye. Immutable.
 *
 * @param planned what is sent, at least 1
 * @param least the run has at least so many, once {@code seen}
 * @param most and at most so many
 * @param seen whether white was seen ever
 * @param answers given so far
 */
public record CountFinder(int planned, int least, int most, boolean seen, int answers) {
  /** So many counts are asked first: five answers. */
  private static final int NEAR = 32;

  /** Begins with a run as it is planned. */
  public static CountFinder of(int planned) {
    return new CountFinder(planned, Math.max(0, planned - NEAR + 1), planned, false, 0);
  }

  /** Whether one count is left. */
  public boolean found() {
    return least == most && (seen || least == 0);
  }

  /** The pixel that is asked about: the first white one. */
  public int mark() {
    return least + (most - least + 1) / 2;
  }

  /** The same after an answer. */
  public CountFinder answered(boolean whiteIsSeen) {
    int low = whiteIsSeen ? mark() : least;
    int high = whiteIsSeen ? most : mark() - 1;
    boolean any = seen || whiteIsSeen;
    boolean missing = low == high && !any;
    return new CountFinder(planned, missing ? 0 : low, high, any, answers + 1);
  }
}
