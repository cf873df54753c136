/** Tests of the room of the same name. */
@NullMarked
package bunting.wire.send;

import org.jspecify.annotations.NullMarked;
