/** Tests of the room of the same name. */
@NullMarked
package bunting.wire.packet;

import org.jspecify.annotations.NullMarked;
