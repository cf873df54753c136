/**
 * Where power should come into a line: the fewest feeds that hold a limit, and of those the best
 * places. Knows lines and limits, no boxes. Start at {@link bunting.core.injection.FeedPlaces}.
 */
@NullMarked
package bunting.core.injection;

import org.jspecify.annotations.NullMarked;
