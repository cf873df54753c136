package bunting.core.show;

/**
 * A mains circuit, and what something else already draws from it.
 *
 * @param id unique id
 * @param volts of it
 * @param breakerAmps its breaker's rating
 * @param restAmps what else draws from it, besides the things that are named
 * @param facts what else is known of it
 */
public record Circuit(
    String id, double volts, double breakerAmps, double restAmps, CircuitFacts facts) {
  /** Share of a breaker for what runs on for hours (NFPA 70 210.20(A), from memory). */
  public static final double CONTINUOUS_SHARE = 0.8;

  /** A circuit of which no more is known. */
  public Circuit(String id, double volts, double breakerAmps, double existingAmps) {
    this(id, volts, breakerAmps, existingAmps, CircuitFacts.NONE);
  }

  /** The same with other facts. */
  public Circuit with(CircuitFacts other) {
    return new Circuit(id, volts, breakerAmps, restAmps, other);
  }

  /** Amps of all that is on it already. */
  public double existingAmps() {
    return restAmps + facts.also().stream().mapToDouble(CircuitFacts.Appliance::amps).sum();
  }

  /** Amps that it may carry for hours, with all that is on it. */
  public double allowedAmps() {
    return breakerAmps * CONTINUOUS_SHARE;
  }

  /** Amps that it has for the show. */
  public double usableAmps() {
    return allowedAmps() - existingAmps();
  }

  /** The least spike that may open its breaker at once, amps. */
  public double tripAmps() {
    return breakerAmps * facts.breaker().least();
  }
}
