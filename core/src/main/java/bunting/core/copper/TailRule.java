package bunting.core.copper;

import bunting.core.show.Wire;

/**
 * The rule for short tails behind the fuse of what they branch off: up to 3 m, no thinner than a
 * tenth of that fuse, and enough for their own load. After NFPA 70, 240.21(B)(1), from memory; it
 * was written for buildings, so what holds at a place is for its code and a licensed person to say.
 */
public final class TailRule {
  /** Most metres. */
  public static final double METRES_MAX = 3;

  private static final double FUSE_TIMES = 10;

  private TailRule() {}

  /** The largest fuse that may protect a tail of a wire. */
  public static double fuseMost(Wire tail) {
    return FUSE_TIMES * tail.fuseAmpsMax();
  }

  /** Whether a fuse may protect a tail of a wire. */
  public static boolean allows(Wire tail, double fuseAmps) {
    return fuseAmps <= fuseMost(tail);
  }
}
