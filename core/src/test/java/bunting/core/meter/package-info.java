/** Tests of the room of the same name. */
@NullMarked
package bunting.core.meter;

import org.jspecify.annotations.NullMarked;
