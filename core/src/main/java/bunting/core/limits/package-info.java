/**
 * Ranges of every quantity of a show: files, forms and command line ask here, so that what can be
 * entered can be written, and what was written can be read. Start at {@link
 * bunting.core.limits.ShowLimits}.
 */
@NullMarked
package bunting.core.limits;

import org.jspecify.annotations.NullMarked;
