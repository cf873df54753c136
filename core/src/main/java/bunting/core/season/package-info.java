/**
 * From one season to the next, and from one show to another at the same place. Start with {@link
 * bunting.core.season.NextSeason}.
 */
@NullMarked
package bunting.core.season;

import org.jspecify.annotations.NullMarked;
