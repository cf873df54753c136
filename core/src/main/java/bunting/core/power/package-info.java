/**
 * Direct current: the line solver, feeds, wires, fuses and supplies. Start at {@link
 * bunting.core.power.LineSolver}, then {@link bunting.core.power.PowerPlanner}.
 */
@NullMarked
package bunting.core.power;

import org.jspecify.annotations.NullMarked;
