/**
 * Counting and measuring: pixels from a length, where each pixel is, how long cables are. Start at
 * {@link bunting.core.survey.Geometry}.
 */
@NullMarked
package bunting.core.survey;

import org.jspecify.annotations.NullMarked;
