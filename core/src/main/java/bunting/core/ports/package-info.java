/**
 * Which run on which port of which controller, and the rules of a port: pixels, time on the wire,
 * one voltage, one signal. It knows no slots and no amps. Start at {@link
 * bunting.core.ports.PortPlanner}.
 */
@NullMarked
package bunting.core.ports;

import org.jspecify.annotations.NullMarked;
