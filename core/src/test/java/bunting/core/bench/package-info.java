/** Tests of the room of the same name. */
@NullMarked
package bunting.core.bench;

import org.jspecify.annotations.NullMarked;
