package bunting.core.show;

/**
 * Resistance of a pair of conductors, each way by itself: a fuse is in plus alone, everything else
 * is in both.
 *
 * @param plus ohms of V+, with the fuse
 * @param ground ohms of the return
 */
public record PairOhms(double plus, double ground) {
  /** No resistance at all. */
  public static final PairOhms NONE = new PairOhms(0, 0);

  /** A pair of like conductors, by the ohms of both together. */
  public static PairOhms even(double loop) {
    return new PairOhms(loop / 2, loop / 2);
  }

  /** Ohms of both together. */
  public double loop() {
    return plus + ground;
  }

  /** The same with more in plus alone. */
  public PairOhms withFuse(double ohms) {
    return new PairOhms(plus + ohms, ground);
  }

  /** The same with more ohms, of both together, that lie half in either. */
  public PairOhms more(double loop) {
    return new PairOhms(plus + loop / 2, ground + loop / 2);
  }

  /** So many times the ohms. */
  public PairOhms times(double factor) {
    return new PairOhms(plus * factor, ground * factor);
  }
}
