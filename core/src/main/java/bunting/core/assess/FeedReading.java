package bunting.core.assess;

import bunting.core.show.Attach;
import bunting.core.show.Feed;

/**
 * A feed with its consequences.
 *
 * @param lengthM its cable, metres; of a trunk up to its first tap
 * @param cableM all of it: of a trunk along its run and with its taps too
 * @param amps what it carries
 * @param attach where it is joined on
 */
public record FeedReading(Feed feed, double lengthM, double cableM, double amps, Attach attach) {}
