package bunting.core.assess;

/** Sums over what is placed. Cost counts boxes and supplies with a known price. */
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
    double cost) {}
