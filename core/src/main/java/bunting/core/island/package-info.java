/**
 * From pieces, feeds and conductors to a network, solved: the one compiler that the planner, the
 * assessment and the what-if share. Start at {@link bunting.core.island.BoxSolver}. Knows nothing
 * of slots, findings or files.
 */
@NullMarked
package bunting.core.island;

import org.jspecify.annotations.NullMarked;
