/** Tests of the room of the same name. */
@NullMarked
package bunting.core.island;

import org.jspecify.annotations.NullMarked;
