/** Tests of the room of the same name. */
@NullMarked
package bunting.core.dc;

import org.jspecify.annotations.NullMarked;
