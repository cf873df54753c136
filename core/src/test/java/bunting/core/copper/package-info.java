/** Tests of the room of the same name. */
@NullMarked
package bunting.core.copper;

import org.jspecify.annotations.NullMarked;
