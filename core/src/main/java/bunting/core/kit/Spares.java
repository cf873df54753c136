package bunting.core.kit;

/** How much more than planned is taken along. */
final class Spares {
  /** A fifth more, and two at least (common practice, no source). */
  private static final double SHARE = 0.2;

  private static final int LEAST = 2;

  /** Cable is cut with some loss: a tenth more (common practice, no source). */
  private static final double CABLE = 1.1;

  private Spares() {}

  /** Small things with spares. */
  static int of(int planned) {
    return planned + (int) Math.max(LEAST, Math.ceil(SHARE * planned - 1e-9));
  }

  /** Cable with what is lost, to a whole metre. */
  static double cable(double metres) {
    return Math.ceil(CABLE * metres - 1e-9);
  }
}
