/**
 * Power: the river of current from the circuits to the lines, the line at hand as a cord between
 * posts, what is lost with any one part, and the quick sheet. Start at {@link
 * bunting.desktop.power.PowerScreen}.
 */
@NullMarked
package bunting.desktop.power;

import org.jspecify.annotations.NullMarked;
