package bunting.core.faults;

import java.util.Optional;

/**
 * What a chain shows and measures under something that is sent.
 *
 * @param looks one a pixel; empty: no look tells, since it depends on more than is known
 * @param volts one a pixel
 */
@SuppressWarnings("ArrayRecordComponent")
public record Picture(Optional<Looks>[] looks, double[] volts) {}
