package bunting.core.assess;

import bunting.core.show.Feed;

/**
 * A feed with its consequences.
 *
 * @param lengthM its cable, metres
 * @param amps what it carries
 */
public record FeedReading(Feed feed, double lengthM, double amps) {}
