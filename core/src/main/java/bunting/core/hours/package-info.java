/**
 * When the lights are on, and what that takes. It knows no file and no screen. Start at {@link
 * bunting.core.hours.HoursSheet}; {@link bunting.core.hours.Sun} is the almanac.
 */
@NullMarked
package bunting.core.hours;

import org.jspecify.annotations.NullMarked;
