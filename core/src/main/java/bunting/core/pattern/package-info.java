/**
 * Looks that find faults: which light shows what at which moment. Pure functions of a map of lights
 * and a frame's number. Start at {@link bunting.core.pattern.Pattern}.
 */
@NullMarked
package bunting.core.pattern;

import org.jspecify.annotations.NullMarked;
