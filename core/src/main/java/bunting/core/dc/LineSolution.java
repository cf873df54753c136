package bunting.core.dc;

/**
 * What {@link LineSolver} found: the volts and the feeds' amps, or that the line cannot stand and
 * where.
 */
public sealed interface LineSolution {
  /**
   * It stands.
   *
   * @param volts one a pixel
   * @param feedAmps one a feed, in the order given: what its V+ and its fuse carry
   * @param returnAmps what its ground carries back: the same where ways are even
   * @param totalAmps sum of either
   */
  record Stands(VoltProfile volts, VoltProfile feedAmps, VoltProfile returnAmps, double totalAmps)
      implements LineSolution {}

  /**
   * It cannot stand.
   *
   * @param atIndex the pixel where it gives way, from 0
   * @param atOrBelowZero true: the volts there would be 0 or less; false: the load asks for more
   *     power than the conductors can carry
   */
  record Falls(int atIndex, boolean atOrBelowZero) implements LineSolution {}
}
