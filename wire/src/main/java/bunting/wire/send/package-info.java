/** Frames to packets and onto the network, at an even pace. Start at {@link Sender}. */
@NullMarked
package bunting.wire.send;

import org.jspecify.annotations.NullMarked;
