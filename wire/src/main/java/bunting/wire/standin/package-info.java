/**
 * Simulated controllers, made from a plan: what a box does with what comes over the wire. {@link
 * bunting.wire.standin.StandIns} is pure state, without sockets; {@link
 * bunting.wire.standin.Listener} hears for it.
 */
@NullMarked
package bunting.wire.standin;

import org.jspecify.annotations.NullMarked;
