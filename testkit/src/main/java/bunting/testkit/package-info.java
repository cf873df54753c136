/**
 * What tests are built from: shows and plans, random ones, a validator that rebuilds a plan from
 * its file by a solver of its own, and a driver of windows. It knows the core alone. Start at
 * {@link bunting.testkit.Shows}, {@link bunting.testkit.PlanValidator} or {@link
 * bunting.testkit.ScreenDriver}.
 */
@NullMarked
package bunting.testkit;

import org.jspecify.annotations.NullMarked;
