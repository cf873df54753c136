package bunting.core.whatif;

import bunting.core.dc.VoltProfile;

/**
 * The volts of an island after a loss, 0 where it is dark.
 *
 * @param volts one a pixel
 * @param dark how many have no power
 */
public record IslandState(VoltProfile volts, int dark) {}
