/** Tests of the room of the same name. */
@NullMarked
package bunting.core.ports;

import org.jspecify.annotations.NullMarked;
