package bunting.core.power;

import bunting.core.show.ControllerType;
import bunting.core.show.Wire;

/**
 * What a port's own feed may be.
 *
 * @param ampsMax most amps through it
 * @param fuseMax largest fuse of its holder
 * @param shared whether the fuse is shared: then every wire behind it must bear {@code fuseMax}
 * @param mm2Max the thickest wire that its terminal takes; 0: not known
 */
record PortLimit(double ampsMax, double fuseMax, boolean shared, double mm2Max) {
  PortLimit(double ampsMax, double fuseMax, boolean shared) {
    this(ampsMax, fuseMax, shared, 0);
  }

  /** Whether a wire goes into its terminal. */
  boolean takes(Wire wire) {
    return mm2Max <= 0 || wire.sizeMm2() <= mm2Max + ControllerType.FORCED_MM2;
  }

  /** The same for fewer amps, with another fuse. */
  PortLimit with(double amps, double fuse, boolean sharedFuse) {
    return new PortLimit(amps, fuse, sharedFuse, mm2Max);
  }
}
