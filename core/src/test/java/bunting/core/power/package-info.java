/** Tests of the room of the same name. */
@NullMarked
package bunting.core.power;

import org.jspecify.annotations.NullMarked;
