/**
 * What follows from a show and its decisions: slots, volts, amps, loads. It judges nothing. Start
 * at {@link bunting.core.assess.Reading#of}.
 */
@NullMarked
package bunting.core.assess;

import org.jspecify.annotations.NullMarked;
