/**
 * The one place of the rules for fuses, wires, rails and boxes that get hot. Start at {@link
 * bunting.core.copper.Fuses}. Knows no plan.
 */
@NullMarked
package bunting.core.copper;

import org.jspecify.annotations.NullMarked;
