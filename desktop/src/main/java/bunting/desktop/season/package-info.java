/**
 * Seasons and revisions side by side, and how the next one begins. Start with {@link
 * bunting.desktop.season.SeasonsScreen}.
 */
@NullMarked
package bunting.desktop.season;

import org.jspecify.annotations.NullMarked;
