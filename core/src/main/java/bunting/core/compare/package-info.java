/** Two versions of a show side by side. Start at {@link bunting.core.compare.RunDifference}. */
@NullMarked
package bunting.core.compare;

import org.jspecify.annotations.NullMarked;
