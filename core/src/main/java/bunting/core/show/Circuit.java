package bunting.core.show;

/** A mains circuit, and the amps that something else already draws from it. */
public record Circuit(String id, double volts, double breakerAmps, double existingAmps) {
  /** Share of a breaker for what runs on for hours (NFPA 70 210.20(A), from memory). */
  public static final double CONTINUOUS_SHARE = 0.8;

  /** Amps that it has for the show. */
  public double usableAmps() {
    return breakerAmps * CONTINUOUS_SHARE - existingAmps;
  }
}
