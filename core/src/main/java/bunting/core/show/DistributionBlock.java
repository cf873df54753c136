package bunting.core.show;

/**
 * A block of fused ways that a supply feeds.
 *
 * @param id unique id
 * @param name for people
 * @param ways how many
 * @param wayAmpsMax the largest fuse of one way, amps
 * @param ampsMax most of all ways together, amps
 * @param terminalMm2Max the thickest wire that a way takes, mm2
 * @param cost price, 0 where none is known
 */
public record DistributionBlock(
    String id,
    String name,
    int ways,
    double wayAmpsMax,
    double ampsMax,
    double terminalMm2Max,
    double cost) {
  /** Whether a way takes that cable behind that fuse. */
  public boolean takes(Wire wire, double fuseAmps) {
    return fuseAmps <= Math.min(wayAmpsMax, ampsMax)
        && wire.sizeMm2() <= terminalMm2Max + ControllerType.FORCED_MM2;
  }
}
