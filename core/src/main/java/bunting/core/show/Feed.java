package bunting.core.show;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One fused pair of conductors from a supply to a pixel, or a tail from a trunk to one.
 *
 * @param id unique id
 * @param segment segment id
 * @param atPixel in the run's numbering
 * @param viaPort through the controller port, else from the distribution
 * @param supply supply id
 * @param fuseGroup name of the port's fuse, {@code C1:3} or {@code C1:1-2}; empty for the
 *     distribution
 * @param fuseAmps rating of its fuse; of a tail that of its trunk
 * @param wire conductor id
 * @param lengthM its cable where the builder measured it; empty: as the box and the run stand
 * @param trunk the trunk that it is a tail of
 */
public record Feed(
    String id,
    String segment,
    int atPixel,
    boolean viaPort,
    String supply,
    Optional<String> fuseGroup,
    double fuseAmps,
    String wire,
    OptionalDouble lengthM,
    Optional<String> trunk) {
  /** Cable from a trunk's branch to the pixel, metres (common practice, no source). */
  public static final double TAIL_M = 0.3;

  /** A feed of a plan's own length. */
  public Feed(
      String id,
      String segment,
      int atPixel,
      boolean viaPort,
      String supply,
      Optional<String> fuseGroup,
      double fuseAmps,
      String wire) {
    this(
        id,
        segment,
        atPixel,
        viaPort,
        supply,
        fuseGroup,
        fuseAmps,
        wire,
        OptionalDouble.empty(),
        Optional.empty());
  }

  /** The same with a fuse of another rating. */
  public Feed withFuse(double amps) {
    return new Feed(id, segment, atPixel, viaPort, supply, fuseGroup, amps, wire, lengthM, trunk);
  }

  /** The same at another pixel. */
  public Feed at(int pixel) {
    return new Feed(id, segment, pixel, viaPort, supply, fuseGroup, fuseAmps, wire, lengthM, trunk);
  }

  /** The same of another wire. */
  public Feed withWire(String other) {
    return new Feed(
        id, segment, atPixel, viaPort, supply, fuseGroup, fuseAmps, other, lengthM, trunk);
  }

  /** The same with a cable that was measured. */
  public Feed withLength(double metres) {
    return new Feed(
        id,
        segment,
        atPixel,
        viaPort,
        supply,
        fuseGroup,
        fuseAmps,
        wire,
        OptionalDouble.of(metres),
        trunk);
  }

  /** The same from another supply. */
  public Feed withSupply(String other) {
    return new Feed(
        id, segment, atPixel, viaPort, other, fuseGroup, fuseAmps, wire, lengthM, trunk);
  }

  /** The name of its fuse: the port's, the trunk's, or its own. */
  public String fuse() {
    return fuseGroup.or(() -> trunk).orElse(id);
  }
}
