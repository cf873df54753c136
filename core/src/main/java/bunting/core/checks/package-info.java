/**
 * Findings, and the checks that make them, one small class each. Start at {@link
 * bunting.core.checks.Checks}.
 */
@NullMarked
package bunting.core.checks;

import org.jspecify.annotations.NullMarked;
