package bunting.core.show;

/** A mains circuit, and the amps that something else already draws from it. */
public record Circuit(String id, double volts, double breakerAmps, double existingAmps) {}
