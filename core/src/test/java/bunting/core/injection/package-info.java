/** Tests of the room of the same name. */
@NullMarked
package bunting.core.injection;

import org.jspecify.annotations.NullMarked;
