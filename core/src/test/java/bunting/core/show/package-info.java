/** Tests of the room of the same name. */
@NullMarked
package bunting.core.show;

import org.jspecify.annotations.NullMarked;
