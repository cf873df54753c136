package bunting.core.assess;

import bunting.core.show.Attach;
import bunting.core.show.Feed;

/**
 * A feed with its consequences.
 *
 * @param lengthM its cable, metres
 * @param amps what it carries
 * @param attach where it is joined on
 */
public record FeedReading(Feed feed, double lengthM, double amps, Attach attach) {}
