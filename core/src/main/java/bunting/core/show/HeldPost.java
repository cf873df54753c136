package bunting.core.show;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A feed that the builder put in its place. A run that has one has no others than those that are
 * held.
 *
 * @param run its run
 * @param atPixel in the run's numbering
 * @param viaPort whether it comes from the port that drives the run; else from the distribution
 * @param wire its wire; empty: the planner's choice
 * @param lengthM its cable; empty: as the boxes and the run stand
 */
public record HeldPost(
    String run, int atPixel, boolean viaPort, Optional<String> wire, OptionalDouble lengthM) {

  /** The same at another pixel. */
  public HeldPost at(int pixel) {
    return new HeldPost(run, pixel, viaPort, wire, lengthM);
  }

  /** The same with another cable. */
  public HeldPost withCable(Optional<String> size, OptionalDouble metres) {
    return new HeldPost(run, atPixel, viaPort, size, metres);
  }
}
