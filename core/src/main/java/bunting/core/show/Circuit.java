package bunting.core.show;

/**
 * A mains circuit, and what something else already draws from it.
 *
 * @param id unique id
 * @param volts of it
 * @param breakerAmps its breaker's rating
 * @param restAmps what else draws from it, besides the things that are named
 * @param facts what else is known of it
 * @param continuousPercent of its breaker for what runs on for hours: the show's rule
 */
public record Circuit(
    String id,
    double volts,
    double breakerAmps,
    double restAmps,
    CircuitFacts facts,
    double continuousPercent) {
  /** A file knows one zero. */
  public Circuit {
    restAmps += 0.0;
  }

  /** A circuit as it is described; its show's rule is not known yet. */
  public Circuit(String id, double volts, double breakerAmps, double restAmps, CircuitFacts facts) {
    this(id, volts, breakerAmps, restAmps, facts, PlaceRules.UNSAID.continuousPercent());
  }

  /** A circuit of which no more is known. */
  public Circuit(String id, double volts, double breakerAmps, double existingAmps) {
    this(id, volts, breakerAmps, existingAmps, CircuitFacts.NONE);
  }

  /** The same with other facts. */
  public Circuit with(CircuitFacts other) {
    return new Circuit(id, volts, breakerAmps, restAmps, other, continuousPercent);
  }

  /** The same by another rule. */
  Circuit by(PlaceRules rules) {
    return new Circuit(id, volts, breakerAmps, restAmps, facts, rules.continuousPercent());
  }

  /** Amps of all that is on it already. */
  public double existingAmps() {
    return restAmps + facts.also().stream().mapToDouble(CircuitFacts.Appliance::amps).sum();
  }

  /** Amps that it may carry for hours, with all that is on it. */
  public double allowedAmps() {
    return breakerAmps * continuousPercent / 100;
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
