package bunting.core.show;

import java.util.OptionalInt;

/**
 * The rules of a place that are reckoned with.
 *
 * @param profile whose they are
 * @param continuousPercent of a breaker for what runs on for hours, 1 to 100
 * @param temporaryDays that temporary wiring may hang; empty: no figure
 */
public record PlaceRules(RuleProfile profile, double continuousPercent, OptionalInt temporaryDays) {
  /** Nobody chose yet. */
  public static final PlaceRules UNSAID = RuleProfile.UNSAID.rules();

  /** The same with another share of a breaker; then they are the builder's own. */
  public PlaceRules withContinuous(double percent) {
    return new PlaceRules(RuleProfile.OWN, percent, temporaryDays);
  }

  /** The same with another limit of days; then they are the builder's own. */
  public PlaceRules withDays(OptionalInt days) {
    return new PlaceRules(RuleProfile.OWN, continuousPercent, days);
  }
}
