package bunting.core.assess;

import bunting.core.cost.BuildCost;

/**
 * Sums over what is placed. Pixels and ports are those of pixel runs; channels, universes, amps and
 * watts (of the supplies) count plain sets too. The price of building is in {@code build}.
 */
public record Totals(
    int runs,
    long pixels,
    long channels,
    int universes,
    int controllers,
    int portsUsed,
    int supplies,
    int feeds,
    double amps,
    double watts,
    double minVoltsPercent,
    int controllersLowerBound,
    BuildCost build,
    int plainSets,
    int bulbStrings) {
  /** What it costs to build. */
  public double buildCost() {
    return build.total();
  }
}
