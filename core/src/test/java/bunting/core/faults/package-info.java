/** Tests of the room of the same name. */
@NullMarked
package bunting.core.faults;

import org.jspecify.annotations.NullMarked;
