/**
 * Numbers with units as people read and write them. Start at {@link bunting.core.units.Lengths}.
 */
@NullMarked
package bunting.core.units;

import org.jspecify.annotations.NullMarked;
