package bunting.core.power;

/**
 * What a port's own feed may be.
 *
 * @param ampsMax most amps through it
 * @param fuseMax largest fuse of its holder
 * @param shared whether the fuse is shared: then every wire behind it must bear {@code fuseMax}
 */
record PortLimit(double ampsMax, double fuseMax, boolean shared) {}
