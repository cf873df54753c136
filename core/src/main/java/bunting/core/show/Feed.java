package bunting.core.show;

import java.util.Optional;

/**
 * One fused pair of conductors from a supply to a pixel.
 *
 * @param id unique id
 * @param segment segment id
 * @param atPixel in the run's numbering
 * @param viaPort through the controller port, else from the distribution
 * @param supply supply id
 * @param fuseGroup name of the port's fuse, {@code C1:3} or {@code C1:1-2}; empty for the
 *     distribution
 * @param fuseAmps rating of its fuse
 * @param wire conductor id
 */
public record Feed(
    String id,
    String segment,
    int atPixel,
    boolean viaPort,
    String supply,
    Optional<String> fuseGroup,
    double fuseAmps,
    String wire) {}
