/**
 * Looks that find faults: which light shows what at which moment. Pure functions of a map of lights
 * and a frame's number. Start at {@link bunting.wire.pattern.Pattern}.
 */
@NullMarked
package bunting.wire.pattern;

import org.jspecify.annotations.NullMarked;
