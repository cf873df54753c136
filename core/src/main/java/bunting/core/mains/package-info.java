/** Supplies on mains circuits. Start at {@link bunting.core.mains.CircuitPlanner}. */
@NullMarked
package bunting.core.mains;

import org.jspecify.annotations.NullMarked;
