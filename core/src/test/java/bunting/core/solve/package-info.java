/** Tests of the room of the same name. */
@NullMarked
package bunting.core.solve;

import org.jspecify.annotations.NullMarked;
