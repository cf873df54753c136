/**
 * Feeds, wires, fuses and supplies for runs that are on ports. Start at {@link
 * bunting.core.power.PowerPlanner}.
 */
@NullMarked
package bunting.core.power;

import org.jspecify.annotations.NullMarked;
