/**
 * The two doors of the core: {@link bunting.core.plan.Planner#propose} decides, {@link
 * bunting.core.plan.Assessor#assess} computes what follows.
 */
@NullMarked
package bunting.core.plan;

import org.jspecify.annotations.NullMarked;
