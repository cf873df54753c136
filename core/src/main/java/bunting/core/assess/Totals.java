package bunting.core.assess;

/**
 * Sums over what is placed. Pixels and ports are those of pixel runs; channels, universes, amps and
 * watts (of the supplies) count plain sets too. Cost counts boxes, dimmers and supplies with a
 * known price.
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
    double cost,
    int plainSets,
    int bulbStrings) {}
