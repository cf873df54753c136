/** Tests of the room of the same name. */
@NullMarked
package bunting.wire.pattern;

import org.jspecify.annotations.NullMarked;
