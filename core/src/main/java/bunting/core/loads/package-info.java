/**
 * Lights that are not pixels: plain sets on PWM dimmers, bulb strings on the mains. Start at {@link
 * bunting.core.loads.SetPlanner} and {@link bunting.core.loads.BulbPlanner}.
 */
@NullMarked
package bunting.core.loads;

import org.jspecify.annotations.NullMarked;
