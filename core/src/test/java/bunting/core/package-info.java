/** Tests of the room of the same name. */
@NullMarked
package bunting.core;

import org.jspecify.annotations.NullMarked;
