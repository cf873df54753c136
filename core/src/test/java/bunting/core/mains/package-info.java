/** Tests of the room of the same name. */
@NullMarked
package bunting.core.mains;

import org.jspecify.annotations.NullMarked;
