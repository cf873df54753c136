/** Tests of the room of the same name. */
@NullMarked
package bunting.core.addressing;

import org.jspecify.annotations.NullMarked;
