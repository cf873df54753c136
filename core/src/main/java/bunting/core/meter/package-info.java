/**
 * What a meter should read on what was planned, and what a reading tells. Pure functions of a
 * plan's consequences. Start at {@link bunting.core.meter.Meter}.
 */
@NullMarked
package bunting.core.meter;

import org.jspecify.annotations.NullMarked;
