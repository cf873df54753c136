/**
 * Searches over the CP-SAT solver that know nothing of lights: the cutting-stock problem, and how
 * the solver is loaded and set so that it answers the same every time.
 */
@NullMarked
package bunting.core.solve;

import org.jspecify.annotations.NullMarked;
