/** Tests of the room of the same name. */
@NullMarked
package bunting.core.explain;

import org.jspecify.annotations.NullMarked;
