/** Tests of the room of the same name. */
@NullMarked
package bunting.wire.standin;

import org.jspecify.annotations.NullMarked;
